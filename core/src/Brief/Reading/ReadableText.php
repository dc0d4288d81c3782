<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** A source's text put right for reading (typing errors, fillers), which still knows where each place stands in the source. */
final readonly class ReadableText
{
    /** @param list<array{int, int}> $edits after each change: place here and place in the source, in bytes */
    private function __construct(public string $text, private array $edits)
    {
    }

    public static function unchanged(string $text): self
    {
        return new self($text, []);
    }

    /**
     * @param list<array{int, int, string}> $changes start and length in bytes and what stands there instead, in order, none overlapping
     */
    public static function changed(string $text, array $changes): self
    {
        $readable = '';
        $at = 0;
        $edits = [];
        foreach ($changes as [$start, $length, $instead]) {
            $readable .= substr($text, $at, $start - $at).$instead;
            $at = $start + $length;
            $edits[] = [\strlen($readable), $at];
        }

        return new self($readable.substr($text, $at), $edits);
    }

    /** @return int the place in the source, in bytes */
    public function placeInSource(int $place): int
    {
        $low = 0;
        $high = \count($this->edits);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->edits[$middle][0] <= $place) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        [$here, $there] = $this->edits[$low - 1] ?? [0, 0];

        return $there + $place - $here;
    }
}
