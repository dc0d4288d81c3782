<?php

declare(strict_types=1);

namespace DunePocket\Tests\Support;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Brief\Reading\SentenceSplitter;

/** Sentences for tests of what recognises facts in them. */
final class Sentences
{
    public static function one(string $text, ?string $topic = null, BlockKind $kind = BlockKind::Paragraph): Sentence
    {
        return new Sentence($text, 0, new Block($kind, 0, $text, $topic));
    }

    /** @return list<Sentence> of one paragraph */
    public static function of(string $text): array
    {
        return (new SentenceSplitter(Bench::catalogue()->cues()->takingBack))->split([new Block(BlockKind::Paragraph, 0, $text)]);
    }

    /**
     * @param iterable<Candidate> $candidates
     *
     * @return list<string>
     */
    public static function values(iterable $candidates): array
    {
        return array_map(static fn (Candidate $candidate): string => $candidate->value, \is_array($candidates) ? array_values($candidates) : iterator_to_array($candidates, false));
    }
}
