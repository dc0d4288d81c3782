<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** Breaks text into lines as a browser does: at spaces, inside a word only when the word alone is too wide. */
final readonly class LineBreaker
{
    public function __construct(private FontMetrics $font)
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
        $lines = [];
        foreach (explode("\n", $text) as $paragraph) {
            $line = '';
            $lineWidth = 0.0;
            foreach (preg_split('/[ \t]+/', trim($paragraph)) ?: [] as $word) {
                $wordWidth = $this->font->width($word, $size, $weight);
                if ('' !== $line && $lineWidth + $space + $wordWidth > $width) {
                    $lines[] = [$line, $lineWidth];
                    $line = '';
                    $lineWidth = 0.0;
                }
                if ($wordWidth > $width) {
                    [$full, $word, $wordWidth] = $this->breakWord($word, $width, $size, $weight);
                    array_push($lines, ...$full);
                }
                $lineWidth += ('' === $line ? 0.0 : $space) + $wordWidth;
                $line .= ('' === $line ? '' : ' ').$word;
            }
            $lines[] = [$line, $lineWidth];
        }

        return $lines;
    }

    /** @return array{list<array{string, float}>, string, float} full lines, and the rest with its width */
    private function breakWord(string $word, float $width, int $size, int $weight): array
    {
        $lines = [];
        $part = '';
        $partWidth = 0.0;
        foreach (mb_str_split($word) as $character) {
            $w = $this->font->width($character, $size, $weight);
            if ('' !== $part && $partWidth + $w > $width) {
                $lines[] = [$part, $partWidth];
                $part = '';
                $partWidth = 0.0;
            }
            $part .= $character;
            $partWidth += $w;
        }

        return [$lines, $part, $partWidth];
    }
}
