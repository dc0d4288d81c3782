<?php

declare(strict_types=1);

namespace DunePocket\Language;

/** A text by its letters (UTF-8 characters) where it is stored by bytes: told without counting from the beginning each time. */
final readonly class Letters
{
    private const AT_ONCE = 1_000;
    private const MOST_BYTES = 4;

    /** @var non-empty-list<int> the byte at which every thousandth letter begins, from the first */
    private array $starts;

    public function __construct(private string $text)
    {
        $starts = [0];
        foreach (\array_slice(mb_str_split($text, self::AT_ONCE), 0, -1) as $part) {
            $starts[] = end($starts) + \strlen($part);
        }
        $this->starts = $starts;
    }

    /** How many letters stand before a byte. */
    public function before(int $byte): int
    {
        $low = 0;
        $high = \count($this->starts);
        while ($low + 1 < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $this->starts[$middle] <= $byte ? [$middle, $high] : [$low, $middle];
        }

        return $low * self::AT_ONCE + mb_strlen(substr($this->text, $this->starts[$low], $byte - $this->starts[$low]));
    }

    /** @return string the letters from this one on, counted from 0 */
    public function part(int $start, int $length): string
    {
        $nearby = substr($this->text, $this->starts[intdiv($start, self::AT_ONCE)] ?? \strlen($this->text), self::MOST_BYTES * (self::AT_ONCE + $length));

        return mb_substr($nearby, $start % self::AT_ONCE, $length);
    }
}
