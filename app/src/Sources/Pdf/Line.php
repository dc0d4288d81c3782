<?php

declare(strict_types=1);

namespace DunePocket\App\Sources\Pdf;

/** Words of one size that stand beside each other on a page; measures in the units of the page, from its top left. */
final readonly class Line
{
    /** Of the height of a line: the room between two words of the same line, at most. */
    private const WORD_SPACE = 1.2;
    private const SAME_LINE = 0.5;
    private const LIGATURES = ['ﬀ' => 'ff', 'ﬁ' => 'fi', 'ﬂ' => 'fl', 'ﬃ' => 'ffi', 'ﬄ' => 'ffl', "\u{A0}" => ' ', "\u{AD}" => ''];
    /** Marks of lists from fonts of symbols, which have no letters of their own. */
    private const BULLET = '/^[\x{E000}-\x{F8FF}•▪◦●‣■□]\s*/u';

    public function __construct(
        public string $text,
        public float $top,
        public float $left,
        public float $width,
        public float $height,
        public float $size,
        public bool $isBold,
    ) {
    }

    /** @param array<string, float> $sizes of the fonts, by their number */
    public static function of(\DOMElement $element, array $sizes): self
    {
        $text = trim(preg_replace('/\s+/u', ' ', strtr($element->textContent, self::LIGATURES)) ?? '');
        $bold = implode('', array_map(static fn (\DOMElement $b): string => $b->textContent, iterator_to_array($element->getElementsByTagName('b'), false)));

        return new self(
            preg_replace(self::BULLET, '- ', $text) ?? $text,
            (float) $element->getAttribute('top'),
            (float) $element->getAttribute('left'),
            (float) $element->getAttribute('width'),
            (float) $element->getAttribute('height'),
            $sizes[$element->getAttribute('font')] ?? 0.0,
            '' !== $text && mb_strlen(trim($bold)) >= mb_strlen($text),
        );
    }

    public function isBeside(self $other): bool
    {
        return abs($this->top + $this->height / 2 - $other->top - $other->height / 2) < self::SAME_LINE * min($this->height, $other->height);
    }

    /** Whether it goes on where the other ends, as words do and columns do not. */
    public function follows(self $other): bool
    {
        return $this->left - $other->right() < self::WORD_SPACE * $this->height;
    }

    public function and(self $next): self
    {
        return new self($this->text.' '.$next->text, $this->top, $this->left, $next->right() - $this->left, max($this->height, $next->height), max($this->size, $next->size), $this->isBold && $next->isBold);
    }

    public function standsOver(self $other): bool
    {
        return $this->reaches($other->left, $other->right());
    }

    /** Whether some of it stands between the two, across the page. */
    public function reaches(float $from, float $to): bool
    {
        return $this->left < $to && $this->right() > $from;
    }

    public function right(): float
    {
        return $this->left + $this->width;
    }

    public function bottom(): float
    {
        return $this->top + $this->height;
    }
}
