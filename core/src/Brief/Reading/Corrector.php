<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;

/** Puts a source right for reading: drops the fillers of speech. What the client wrote stays as it is. */
final readonly class Corrector
{
    private const FILLERS = '/(?<=[\s,]|^)(?:(?:um+|uh+|erm?|hmm+|you know|i mean|sort of|kind of)\b,?\s+|(?<word>i|we|the|it|a|so|and)(?:,|\s*\.\.\.|…)\s+(?=\k<word>\b))/imu';

    public function readable(Source $source): ReadableText
    {
        if (SourceKind::Call !== $source->kind) {
            return ReadableText::unchanged($source->text);
        }
        preg_match_all(self::FILLERS, $source->text, $matches, \PREG_OFFSET_CAPTURE);

        return ReadableText::changed($source->text, array_map(static fn (array $match): array => [(int) $match[1], \strlen($match[0]), ''], $matches[0]));
    }
}
