<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Layouts;

use DunePocket\Plan\Section;

/** The size of what a section has to say: how many items, how long the texts. */
final readonly class Copy
{
    /**
     * @param int          $items    how many there are
     * @param int          $heading  length of the heading, in characters
     * @param int          $text     length of the text, in characters
     * @param int          $longest  length of the longest text of an item, in characters
     * @param int          $shortest of the shortest
     * @param list<string> $slots    that have copy
     */
    private function __construct(
        public int $items,
        public int $heading,
        public int $text,
        public int $longest,
        public int $shortest,
        public array $slots,
    ) {
    }

    public static function of(Section $section): self
    {
        $items = [];
        $slots = [];
        $lengths = [];
        foreach ($section->copy as $line) {
            $slots[$line->slot] = true;
            if (null !== $line->item) {
                $items[$line->item] = true;
                if (\in_array($line->slot, ['item-text', 'quote'], true)) {
                    $lengths[] = mb_strlen($line->text);
                }
            }
        }

        return new self(
            \count($items),
            mb_strlen($section->line('heading')->text ?? ''),
            mb_strlen($section->line('text')->text ?? ''),
            max([0, ...$lengths]),
            [] === $lengths ? 0 : min($lengths),
            array_keys($slots),
        );
    }

    public function has(string $slot): bool
    {
        return \in_array($slot, $this->slots, true);
    }
}
