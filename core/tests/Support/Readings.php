<?php

declare(strict_types=1);

namespace DunePocket\Tests\Support;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\ReadableText;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\SentenceSplitter;

/** Readings of one block or several, for tests of one recogniser alone. */
final class Readings
{
    /** @param ?bool $agreed for a question that the client answered with yes or no */
    public static function of(string $text, ?string $topic = null, BlockKind $kind = BlockKind::Paragraph, ?bool $agreed = null): Reading
    {
        return self::ofBlocks(new Block($kind, 0, $text, $topic, 0, $agreed));
    }

    public static function ofBlocks(Block ...$blocks): Reading
    {
        $text = '';
        foreach ($blocks as $block) {
            $text = str_pad($text, $block->start, "\n").$block->text;
        }

        return new Reading(ReadableText::unchanged($text), array_values($blocks), (new SentenceSplitter(Bench::catalogue()->cues()->takingBack))->split(array_values($blocks)));
    }
}
