<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\Reading\Segmenting\WrappedLines;
use DunePocket\Catalogue\TakingBack;

/** Splits blocks into sentences; list items, headings and answers of one line stay whole where they have no full stop. */
final readonly class SentenceSplitter
{
    /** After a full stop, a question or exclamation mark that is none of an abbreviation or an initial. */
    private const ENDS = '/\b(?:e\.g|i\.e|etc|Mr|Mrs|Ms|Dr|St|Col|Capt|Lt|Sgt|Rev|Fr|Prof|Cllr|Hon|No|vs|Rd|[Ee]st|[Tt]el|ca?|approx|excl?|incl)\.\s(*SKIP)(*F)|(?<![\p{L}\'’])\p{Lu}\.\s(?=\p{Ll})(*SKIP)(*F)|(?<![\p{L}\'’])(?!I\.)\p{Lu}\.\s(?=\p{Lu}(?:\.|\p{Ll}))(*SKIP)(*F)|[.!?]\)\s+(?=\p{Ll})(*SKIP)(*F)|\((?=[^()\n]{0,120}\))[^()\n]*[.!?]\s+\p{Ll}[^()\n]*\)(*SKIP)(*F)|(?<=[.!?]|[.!?]["”’)])\s+(?=[^\s\/|])|';
    private const BOUNDARY = self::ENDS.'\n{2,}|(?<=:)\n(?=\p{Lu})/u';
    private const BOUNDARY_OF_NOTES = self::ENDS.'\n+/u';
    /** So many lines that each begin with a capital are notes, and no text that was wrapped. */
    private const FEWEST_NOTES = 4;
    private const LONGEST_NOTE = 100;
    private const FEWEST_LINES = 3;
    /** Text without any end is cut after so many bytes, at the next comma or space, so that reading stays quick. */
    private const LONGEST = '/\G(?s:.{2000}.*?)(?:,\s+|\s+)\K(?=\S)/u';
    private const LONG = 4_000;
    /** Between a wish and what became of it. */
    private const DISCUSSED = '/^(?:(?:(?:this|it) was )?(?:discussed|debated|talked about|argued over)\b|(?:a )?(?:long|lengthy|some|much) discussion\b|silence\b|laughter\b)[^,;]*$/iu';
    /** "… for locals who think we shut in winter. We don't." */
    private const OTHERS_THINK = '/\b(?:who|that|people|they|everyone|everybody) (?:still |all |seem to )?(?:think|believe|assume|say|reckon)s? (?:that )?(?:we|i|it)\b[^,;.]*[.]?$/iu';
    private const ASKED_BACK = '/^(?:do|should|must|would|will|can|have|is|are|really)(?: (?:i|we|it|they|that))?\?\s*$/iu';

    public function __construct(private TakingBack $takingBack)
    {
    }

    /**
     * @param list<Block> $blocks
     *
     * @return list<Sentence>
     */
    public function split(array $blocks): array
    {
        $sentences = [];
        foreach ($blocks as $block) {
            $parts = preg_split($this->isOfNotes($block) ? self::BOUNDARY_OF_NOTES : self::BOUNDARY, $block->text, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [];
            $parts = array_merge([], ...array_map($this->cut(...), $parts));
            foreach ($parts as $i => [$text, $offset]) {
                if ('' !== trim($text)) {
                    $isIdeaLeft = $this->takingBack->leavesIdea($text, $parts[$i + 1][0] ?? '');
                    $isTakenBack = true === $isIdeaLeft || $this->takingBack->isTakenBack($text) || ($this->isClosed($text) && 1 !== preg_match(self::OTHERS_THINK, $text) && $this->takingBack->saysNo($this->reply($parts, $i + 1)));
                    $sentences[] = new Sentence($text, $block->start + (int) $offset, $block, $isTakenBack, false === $isIdeaLeft);
                }
            }
        }

        return $sentences;
    }

    /**
     * @param array{string, int} $part text and its place
     *
     * @return list<array{string, int}>
     */
    private function cut(array $part): array
    {
        [$text, $offset] = $part;
        if (\strlen($text) < self::LONG) {
            return [$part];
        }
        $pieces = preg_split(self::LONGEST, $text, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [$part];

        return array_map(static fn (array $piece): array => [$piece[0], $offset + (int) $piece[1]], $pieces);
    }

    /**
     * What is said to a sentence: "I need a newsletter. Do I? I don't want one.".
     *
     * @param list<array{string, int}> $parts sentences with their places
     */
    private function reply(array $parts, int $next): string
    {
        $reply = $parts[$next][0] ?? '.';

        return 1 === preg_match(self::ASKED_BACK, $reply) || 1 === preg_match(self::DISCUSSED, $reply) ? $parts[$next + 1][0] ?? '.' : $reply;
    }

    /** Whether what follows is no more in brackets than it is. */
    private function isClosed(string $text): bool
    {
        return substr_count($text, '(') <= substr_count($text, ')');
    }

    private function isOfNotes(Block $block): bool
    {
        $lines = explode("\n", $block->text);
        $others = array_filter($lines, static fn (string $line): bool => 1 !== preg_match('/^\s*[\p{Lu}\d]/u', $line) || mb_strlen($line) > self::LONGEST_NOTE);

        return BlockKind::Paragraph === $block->kind && ((\count($lines) >= self::FEWEST_NOTES && [] === $others) || (\count($lines) >= self::FEWEST_LINES && WrappedLines::areThoughts($lines)));
    }
}
