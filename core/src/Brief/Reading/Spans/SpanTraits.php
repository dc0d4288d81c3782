<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

/** What is to be seen of a few words of a sentence and around them. */
final readonly class SpanTraits
{
    private const AROUND = 5;
    private const CLOSE = 2;
    private const OPENS = '/["“‘\']\s*$/u';
    private const CLOSES = '/["”’\']/Au';
    /** It opens and closes, so that only their number tells which. */
    private const STRAIGHT = '"';
    /** Shorter words in capitals are no shouting. */
    private const SHORT = 3;

    /** @var array<int, string> what stands before each word, its last two letters */
    private array $gaps;
    /** @var array<int, bool> by word, whether a quotation mark opens before it */
    private array $opened;
    /** @var array<int, bool> … closes behind it */
    private array $closed;

    /**
     * @param list<Word>                        $words  of the sentence
     * @param list<array{start: int, end: int}> $things that only websites have, in bytes from its start
     */
    public function __construct(private Dictionary $dictionary, private string $sentence, private array $words, private array $things, private SourceTraits $source)
    {
        $gaps = $opened = $closed = [];
        $end = 0;
        foreach ([...$words, null] as $i => $word) {
            $between = substr($sentence, $end, ($word->start ?? \strlen($sentence)) - $end);
            $gaps[$i] = mb_substr(trim($between), 0, 2);
            $isWithin = 1 === substr_count($sentence, self::STRAIGHT, 0, $end) % 2;
            $closed[$i - 1] = 1 === preg_match(self::CLOSES, ltrim($between)) && ($isWithin || self::STRAIGHT !== ltrim($between)[0]);
            $isWithin = $isWithin !== (1 === substr_count($between, self::STRAIGHT) % 2);
            $opened[$i] = 1 === preg_match(self::OPENS, $between) && ($isWithin || self::STRAIGHT !== rtrim($between)[-1]);
            $end = $word?->end() ?? $end;
        }
        [$this->gaps, $this->opened, $this->closed] = [$gaps, $opened, $closed];
    }

    /** @return list<string> of all spans that start with a word */
    public function starting(int $first): array
    {
        $traits = $this->beside('-', -1, $first);
        array_push($traits, 'first '.$this->words[$first]->stem, '-12 '.$this->lower($first - 2).' '.$this->lower($first - 1), '-123 '.$this->lower($first - 3).' '.$this->lower($first - 2).' '.$this->lower($first - 1), 'from '.$this->before($first), $this->words[$first]->isCapital ? 'starts capital'.$this->where() : 'starts small'.$this->where());
        if ($this->source->hasCapitals && $first > 1 && $this->words[$first - 1]->isCapital && $this->words[$first]->start === $this->words[$first - 1]->end() + 1) {
            $traits[] = 'capital before';
        }

        return $traits;
    }

    /** @return list<string> of all spans that end with a word */
    public function ending(int $last): array
    {
        $traits = $this->beside('+', 1, $last);
        array_push($traits, 'last '.$this->words[$last]->stem, '+12 '.$this->lower($last + 1).' '.$this->lower($last + 2), 'to '.$this->behind($last));
        $next = $this->words[$last + 1] ?? null;
        if ($this->source->hasCapitals && null !== $next && $next->isCapital && $next->start === $this->words[$last]->end() + 1) {
            $traits[] = 'capital after';
        }
        if ($next?->isAmpersand() ?? false) {
            $traits[] = 'and sign after';
        }

        return $traits;
    }

    /** Whether the words from one to another stand in quotation marks. */
    public function areQuoted(int $first, int $last): bool
    {
        return $this->opened[$first] && $this->closed[$last];
    }

    /** @return list<string> of one span alone, each once */
    public function of(int $first, int $last): array
    {
        $text = substr($this->sentence, $this->words[$first]->start, $this->words[$last]->end() - $this->words[$first]->start);

        return [
            ...$this->within($first, $last),
            'between '.$this->before($first).' '.$this->behind($last),
            ...$this->letters($text, $first, $last),
            ...$this->ofThings($this->words[$first]->start, $this->words[$last]->end()),
            ...$this->source->of($text),
        ];
    }

    /** @return list<string> */
    private function within(int $first, int $last): array
    {
        $stems = [];
        $strange = $names = $small = 0;
        for ($i = $first; $i <= $last; ++$i) {
            $stems[] = $this->words[$i]->stem;
            [$isKnown, $isName] = $this->dictionary->of($this->words[$i]->bare);
            $strange += $isKnown ? 0 : 1;
            $names += $isName ? 1 : 0;
            $small += SmallWords::has($this->words[$i]->lower) ? 1 : 0;
        }
        $traits = ['words '.($last - $first + 1), 'is '.implode(' ', $stems), 'strange '.min(2, $strange), 'names '.min(2, $names), 'small '.min(3, $small)];
        foreach (array_unique($stems) as $stem) {
            $traits[] = 'in '.$stem;
        }

        return $traits;
    }

    /** @return list<string> the words on one side, each once, those close by also with their place */
    private function beside(string $side, int $step, int $from): array
    {
        $traits = [];
        for ($away = 1; $away <= self::AROUND && isset($this->words[$from + $step * $away]); ++$away) {
            $word = $this->words[$from + $step * $away]->lower;
            $traits["$side $word"] = true;
            if ($away <= self::CLOSE) {
                $traits["$side$away $word"] = true;
            }
        }

        return array_keys($traits);
    }

    /** @return list<string> */
    private function letters(string $text, int $first, int $last): array
    {
        $capitals = $counted = 0;
        $isShouted = \strlen($text) > self::SHORT;
        for ($i = $first; $i <= $last; ++$i) {
            if (!SmallWords::has($this->words[$i]->lower)) {
                ++$counted;
                $capitals += $this->words[$i]->isCapital ? 1 : 0;
            }
            $isShouted = $isShouted && $this->words[$i]->isShouted;
        }
        $how = 0 === $capitals ? 'none' : ($capitals === $counted ? 'all' : 'some');
        $traits = ['capitals '.$how.$this->where()];
        if ('all' === $how && $first > 0 && $this->source->hasCapitals) {
            $traits[] = 'capitals inside';
        }
        if ($isShouted) {
            $traits[] = 'shouted';
        }
        if (str_contains($text, '&')) {
            $traits[] = 'and sign';
        }
        if ($this->words[$first]->isPossessive() || $this->words[$last]->isPossessive()) {
            $traits[] = 'possessive';
        }
        if ($this->areQuoted($first, $last)) {
            $traits[] = 'quoted';
        }

        return $traits;
    }

    /** @return list<string> */
    private function ofThings(int $start, int $end): array
    {
        $traits = [];
        foreach ($this->things as $thing) {
            if ($thing['start'] < $end && $start < $thing['end']) {
                $traits['touches a thing'] = true;
                if ($thing['start'] >= $start && $thing['end'] <= $end) {
                    $traits[$thing['start'] === $start && $thing['end'] === $end ? 'is a thing' : 'holds a thing'] = true;
                }
            }
        }

        return array_keys($traits);
    }

    private function lower(int $number): string
    {
        return $this->words[$number]->lower ?? '';
    }

    private function before(int $first): string
    {
        return (0 === $first ? '^' : '').$this->gaps[$first];
    }

    private function behind(int $last): string
    {
        return $this->gaps[$last + 1].(isset($this->words[$last + 1]) ? '' : '$');
    }

    private function where(): string
    {
        return $this->source->hasCapitals ? '' : ' in small letters';
    }
}
