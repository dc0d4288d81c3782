<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/**
 * Breaks text into lines as a browser does: at spaces, after hyphens and dashes, inside a word only when the word alone is
 * too wide. Where a line may end follows Unicode Standard Annex 14 as Chromium applies it to Latin text.
 */
final class LineBreaker
{
    /** Places inside a word at which a line may end. */
    private const INSIDE = '/(?<=[\p{L}\p{N}\p{P}\p{S}]-)(?=[\p{L}\p{N}"“‘(\[\-])(?!(?<![\p{L}\p{N}]-)\d)|(?<=^-)(?=[\p{L}\-])|(?<=[–—…])(?=[\p{L}\p{N}])|(?<=[\p{L}\p{N}])(?=—)|(?<=\?)(?=[\p{L}\p{N}])|(?<=\/)(?=[^\x00-\x7F])(?=\p{L})|(?<=\x{200B}|\x{2009})/u';

    /** Browsers count in parts of a pixel no smaller than this: Chromium's layout unit. */
    private const UNIT = 1 / 64;

    /** @var array<string, list<string>> */
    private array $parts = [];

    public function __construct(private readonly FontMetrics $font)
    {
    }

    /**
     * @param float $width in pixels
     *
     * @return list<array{string, float}> text and width in pixels of each line
     */
    public function break(string $text, float $width, int $size, int $weight): array
    {
        $space = $this->font->width(' ', $size, $weight);
        $width += self::UNIT;
        $lines = [];
        foreach (explode("\n", $text) as $paragraph) {
            $line = '';
            $lineWidth = 0.0;
            foreach (preg_split('/[ \t]+/', trim($paragraph, " \t")) ?: [] as $word) {
                $glue = '' === $line ? '' : ' ';
                foreach ($this->parts($word) as $part) {
                    $partWidth = $this->font->width($part, $size, $weight);
                    $before = ' ' === $glue ? $space : ('' === $line ? 0.0 : $this->font->kerning(mb_substr($line, -1), mb_substr($part, 0, 1), $size, $weight));
                    if ('' !== $line && $lineWidth + $before + $partWidth > $width) {
                        $lines[] = [$line, $lineWidth];
                        [$line, $lineWidth, $glue, $before] = ['', 0.0, '', 0.0];
                    }
                    if ($partWidth > $width) {
                        [$full, $part, $partWidth] = $this->breakWord($part, $width, $size, $weight);
                        array_push($lines, ...$full);
                    }
                    $lineWidth += $before + $partWidth;
                    $line .= $glue.$part;
                    $glue = '';
                }
            }
            $lines[] = [$line, $lineWidth];
        }

        return $lines;
    }

    /** The widest part that no line break can divide, in pixels. */
    public function widestPart(string $text, int $size, int $weight): float
    {
        $widest = 0.0;
        foreach (preg_split('/\s+/', $text) ?: [] as $word) {
            foreach ($this->parts($word) as $part) {
                $widest = max($widest, $this->font->width($part, $size, $weight));
            }
        }

        return $widest;
    }

    /** @return list<string> what stays together of a word */
    private function parts(string $word): array
    {
        if (1 === preg_match('/^[\p{L}\p{N}.,:;!’\']*$/u', $word)) {
            return [$word];
        }

        return $this->parts[$word] ??= preg_split(self::INSIDE, $word) ?: [$word];
    }

    /** @return array{list<array{string, float}>, string, float} full lines, and the rest with its width */
    private function breakWord(string $word, float $width, int $size, int $weight): array
    {
        $lines = [];
        $part = '';
        $partWidth = 0.0;
        foreach (mb_str_split($word) as $character) {
            $w = $this->font->width($character, $size, $weight) + $this->font->kerning(mb_substr($part, -1), $character, $size, $weight);
            if ('' !== $part && $partWidth + $w > $width) {
                $lines[] = [$part, $partWidth];
                $part = '';
                $partWidth = 0.0;
                $w = $this->font->width($character, $size, $weight);
            }
            $part .= $character;
            $partWidth += $w;
        }

        return [$lines, $part, $partWidth];
    }
}
