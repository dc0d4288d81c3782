<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyStatus;

/**
 * A text.
 */
final readonly class Words implements Element
{
    /**
     * @param string       $kind   what the slot is, its number aside: heading, text, item-heading, quote
     * @param list<string> $styles h1, h2, h3, lead, small, display
     */
    public function __construct(
        public CopyLine $line,
        public string $kind,
        public array $styles,
        public Align $align,
        public bool $onDark,
    ) {
    }

    /** As it is shown: a quotation in quotation marks. */
    public function text(): string
    {
        $text = $this->line->text;

        return 'quote' === $this->kind && !$this->isRequest() && !str_starts_with($text, '“') ? '“'.$text.'”' : $text;
    }

    /** How many lines its place is made for, when the layout says so. */
    public function holds(): ?int
    {
        foreach ($this->styles as $style) {
            if (1 === preg_match('/^lines:(\d+)$/', $style, $m)) {
                return (int) $m[1];
            }
        }

        return null;
    }

    public function isRequest(): bool
    {
        return CopyStatus::ToSupply === $this->line->status;
    }

    /** Whether only the text itself can be pointed at, and not the room beside it. */
    public function isAsWideAsItsText(): bool
    {
        return 'link' === $this->kind;
    }

    /** Whether a long text is kept to a measure that reads well. */
    public function hasMeasure(): bool
    {
        return \in_array($this->kind, ['text', 'item-text', 'quote'], true);
    }
}
