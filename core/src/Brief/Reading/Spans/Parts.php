<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

/** The parts of a sentence between commas, dashes, slashes and "and": what an enumeration is made of. */
final readonly class Parts
{
    private const TOGETHER = '/^[ \t\'’-]*$/u';
    private const MOST = 6;

    /** @var list<int> the number of the part that each word is in, -1 for a word between two */
    private array $parts;
    /** @var array<int, array{int, int}> by part: its first word and its last */
    private array $ends;

    /** @param list<Word> $words */
    public function __construct(string $sentence, array $words)
    {
        $parts = [];
        $ends = [];
        $part = 0;
        foreach ($words as $i => $word) {
            if ($word->isAmpersand() || 'and' === $word->lower || 'or' === $word->lower) {
                $parts[] = -1;
                ++$part;
                continue;
            }
            if ($i > 0 && 1 !== preg_match(self::TOGETHER, substr($sentence, $words[$i - 1]->end(), $word->start - $words[$i - 1]->end()))) {
                ++$part;
            }
            $parts[] = $part;
            $ends[$part] = [$ends[$part][0] ?? $i, $i];
        }
        $this->parts = $parts;
        $this->ends = $ends;
    }

    /** @return list<string> whether a span is a whole part, and of how many */
    public function of(int $first, int $last): array
    {
        $count = min(self::MOST, \count($this->ends));
        if ($this->parts[$first] !== $this->parts[$last]) {
            return ['over parts', 'over parts of '.$count];
        }
        [$start, $end] = $this->ends[$this->parts[$first]] ?? [$first, $last];
        $how = match (true) {
            $start === $first && $end === $last => 'whole part',
            $start === $first => 'starts part',
            $end === $last => 'ends part',
            default => 'inside part',
        };

        return [$how, $how.' of '.$count];
    }
}
