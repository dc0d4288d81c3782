<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** Splits blocks into sentences; list items, headings and answers of one line stay whole where they have no full stop. */
final class SentenceSplitter
{
    private const BOUNDARY = '/\b(?:e\.g|i\.e|etc|approx|Mr|Mrs|Dr|St|No|vs|Rd|est|tel)\.\s(*SKIP)(*F)|(?<=[.!?]|[.!?]["”’)])\s+(?=\S)|\n{2,}/u';

    /**
     * @param list<Block> $blocks
     *
     * @return list<Sentence>
     */
    public function split(array $blocks): array
    {
        $sentences = [];
        foreach ($blocks as $block) {
            $offset = 0;
            foreach (preg_split(self::BOUNDARY, $block->text, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$text, $offset]) {
                if ('' !== trim($text)) {
                    $sentences[] = new Sentence($text, $block->start + (int) $offset, $block);
                }
            }
        }

        return $sentences;
    }
}
