<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/**
 * The advance widths and the kerning of the shipped font, Commissioner (SIL Open Font License), as its own tables give
 * them. Ligatures are switched off wherever wireframes are drawn, so a line is as wide as its characters and the kerning
 * between them.
 */
final class FontMetrics
{
    public const FAMILY = 'Commissioner';

    /** Words measured before, so many that a large site does not measure one twice, and no more. */
    private const REMEMBERED = 20000;

    private static ?self $shipped = null;

    /** @var array<int, array<string, int>> width in units by text, by weight */
    private array $measured = [];

    /**
     * @param array<int, array<int, int>> $advances by code point, by weight, in units
     * @param array<int, array<int, int>> $kerning  by the two code points (left * 65536 + right), by weight, in units
     */
    private function __construct(
        private readonly int $unitsPerEm,
        private readonly int $ascent,
        private readonly int $descent,
        private readonly array $advances,
        private readonly array $kerning,
    ) {
    }

    public static function shipped(): self
    {
        return self::$shipped ??= self::fromTable();
    }

    private static function fromTable(): self
    {
        /** @var array{unitsPerEm: int, ascent: int, descent: int, weights: array<int, array<int, int>>, kerning: array<int, array<int, int>>} $table */
        $table = require __DIR__.'/../../catalogue/font-metrics.php';

        return new self($table['unitsPerEm'], $table['ascent'], $table['descent'], $table['weights'], $table['kerning']);
    }

    /**
     * @param int $size   in pixels
     * @param int $weight 400, 600 or 700
     *
     * @return float in pixels
     */
    public function width(string $text, int $size, int $weight): float
    {
        $units = $this->measured[$weight][$text] ?? null;
        if (null === $units) {
            $units = $this->measure($text, $weight);
            if (\count($this->measured[$weight] ?? []) >= self::REMEMBERED) {
                $this->measured[$weight] = [];
            }
            $this->measured[$weight][$text] = $units;
        }

        return $units * $size / $this->unitsPerEm;
    }

    /** How much nearer (below zero) or farther two characters stand than their advances say, in pixels. */
    public function kerning(string $left, string $right, int $size, int $weight): float
    {
        if ('' === $left || '' === $right) {
            return 0.0;
        }

        return ($this->kerning[$weight][mb_ord($left) * 65536 + mb_ord($right)] ?? 0) * $size / $this->unitsPerEm;
    }

    /** From the top of a line to its baseline, in pixels: the ascent and descent of the font, rounded as browsers do, in the middle of the line. */
    public function baseline(int $size, int $lineHeight): float
    {
        $ascent = round($this->ascent * $size / $this->unitsPerEm);
        $descent = round($this->descent * $size / $this->unitsPerEm);

        return ($lineHeight - $ascent - $descent) / 2 + $ascent;
    }

    private function measure(string $text, int $weight): int
    {
        $advances = $this->advances[$weight] ?? $this->advances[400];
        $kerning = $this->kerning[$weight] ?? $this->kerning[400];
        $unknown = $advances[\ord('n')];
        $units = 0;
        $before = 0;
        $codes = 1 === preg_match('/^[\x20-\x7E]*$/', $text) ? (array) unpack('C*', $text) : array_map(mb_ord(...), mb_str_split($text));
        foreach ($codes as $code) {
            \assert(\is_int($code));
            $units += ($advances[$code] ?? $unknown) + ($kerning[$before + $code] ?? 0);
            $before = $code << 16;
        }

        return $units;
    }
}
