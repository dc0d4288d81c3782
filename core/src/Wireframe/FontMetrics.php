<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/**
 * The advance widths of the shipped font, Commissioner (SIL Open Font License), as its own tables give them.
 * Kerning is switched off where the wireframes are drawn, so a line is as wide as the sum of its characters.
 */
final class FontMetrics
{
    public const FAMILY = 'Commissioner';

    private static ?self $shipped = null;

    /**
     * @param array<int, array<int, int>> $weights advance by code point, by weight
     */
    private function __construct(
        private readonly int $unitsPerEm,
        private readonly array $weights,
    ) {
    }

    public static function shipped(): self
    {
        return self::$shipped ??= self::fromTable();
    }

    private static function fromTable(): self
    {
        /** @var array{unitsPerEm: int, weights: array<int, array<int, int>>} $table */
        $table = require __DIR__.'/../../catalogue/font-metrics.php';

        return new self($table['unitsPerEm'], $table['weights']);
    }

    /**
     * @param int $size   in pixels
     * @param int $weight 400, 600 or 700
     *
     * @return float in pixels
     */
    public function width(string $text, int $size, int $weight): float
    {
        $advances = $this->weights[$weight] ?? $this->weights[400];
        $unknown = $advances[\ord('n')];
        $units = 0;
        if (1 === preg_match('/^[\x20-\x7E]*$/', $text)) {
            foreach (count_chars($text, 1) as $code => $times) {
                $units += $times * ($advances[$code] ?? $unknown);
            }
        } else {
            foreach (mb_str_split($text) as $character) {
                $units += $advances[mb_ord($character)] ?? $unknown;
            }
        }

        return $units * $size / $this->unitsPerEm;
    }
}
