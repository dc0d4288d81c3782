<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;

/** Puts a source right for reading: typing errors in what was written, fillers in what was spoken. */
final readonly class Corrector
{
    private const FILLERS = '/\b(?:we[\'’]re|i[\'’]m|it[\'’]s|called)\K,\s+(?:um+|uh+|erm?)\b,|(?<=[\s,]|^)(?:(?:um+|uh+|erm?|hmm+|you know|i mean|sort of|kind of)\b,?\s+|(?<word>i|we|the|it|a|so|and|then|in|on|for|to|they|you|is|our|my|this|there[\'’]s|that[\'’]s|it[\'’]s|we[\'’]ve|we[\'’]re)(?:,|\s*\.\.\.|…)\s+(?:(?:um+|uh+|er+m?|like|well),\s+)*(?=\k<word>\b))/imu';
    /** Sounds between commas, which notes of a talk keep. */
    private const SOUNDS = '/(?<=[\s,]|^)(?:um+|uh+|erm?|hmm+)(?:,|\.\.\.|…)\s+/imu';
    /** Words of four letters or more without a capital, unless they belong to an address or to other letters, or stand where a name does: "my salon kaya". */
    private const WORDS = '/(?<![\p{L}\d@.\/_’\'-])(?<!\bcalled |\bnamed |\bmy salon |\bmy shop |\bour shop |\bmy cafe |\bmy studio |\bmy company |\bmy business |\bour business |\bmy firm )[a-z]{4,}(?![\p{L}\d@\/_]|[.\'’-]\p{L})/u';

    /** The first word of a sentence may be a name: only letters swapped or doubled are put right there. */
    private const FIRST_WORDS = '/(?<=[.!?]\s|\n|^)\p{Lu}[a-z]{4,}(?![\p{L}\d@\/_]|[.\'’-]\p{L})/u';

    public function __construct(private Speller $speller)
    {
    }

    public function readable(Source $source): ReadableText
    {
        return ReadableText::changed($source->text, SourceKind::Call === $source->kind ? $this->dropped(self::FILLERS, $source->text) : $this->slips($source->text));
    }

    /** @return list<array{int, int, string}> start and length in bytes, and what stands there instead */
    private function dropped(string $sounds, string $text): array
    {
        preg_match_all($sounds, $text, $matches, \PREG_OFFSET_CAPTURE);

        return array_map(static fn (array $match): array => [(int) $match[1], \strlen($match[0]), ''], $matches[0]);
    }

    /** @return list<array{int, int, string}> */
    private function slips(string $source): array
    {
        preg_match_all(self::WORDS, $source, $matches, \PREG_OFFSET_CAPTURE);
        $changes = $this->dropped(self::SOUNDS, $source);
        foreach ($matches[0] as [$word, $start]) {
            $right = $this->speller->correct($word);
            if (null !== $right) {
                $changes[] = [(int) $start, \strlen($word), $right];
            }
        }

        preg_match_all(self::FIRST_WORDS, $source, $matches, \PREG_OFFSET_CAPTURE);
        foreach ($matches[0] as [$word, $start]) {
            $right = $this->speller->correct(lcfirst($word));
            if (null !== $right && count_chars($right, 3) === count_chars(lcfirst($word), 3)) {
                $changes[] = [(int) $start, \strlen($word), ucfirst($right)];
            }
        }
        usort($changes, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $changes;
    }
}
