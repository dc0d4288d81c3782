<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Catalogue;

/** Every run of a few words in a source that may name something. */
final readonly class SpanFinder
{
    private const MOST_WORDS = 6;
    private const TOGETHER = '/^[ \t\-\/]+$/';
    /** What goes on for longer is no sentence; in bytes. */
    private const LONGEST = 2_000;

    /**
     * @param list<array{string, ?string}> $siteThings patterns of what only websites have
     */
    public function __construct(private array $siteThings, private Dictionary $dictionary)
    {
    }

    public static function with(Catalogue $catalogue): self
    {
        return new self($catalogue->cues()->siteThingsByFeature, new Dictionary($catalogue->words(), $catalogue->properNames()));
    }

    /** @return iterable<SentenceSpans> */
    public function in(Reading $reading): iterable
    {
        $source = new SourceTraits($reading->beginning());
        $atBeginning = static fn (Sentence $sentence): bool => $reading->isInBeginning($sentence->start);
        yield from $this->inAll(array_values(array_filter($reading->sentences, $atBeginning)), $source, false);
        yield from $this->inAll(array_values(array_filter($reading->asked, $atBeginning)), $source, true);
    }

    /**
     * @param list<Sentence> $sentences
     *
     * @return iterable<SentenceSpans>
     */
    private function inAll(array $sentences, SourceTraits $source, bool $areAsked): iterable
    {
        $words = array_map(static fn (Sentence $sentence): array => Word::all(mb_strcut($sentence->text, 0, self::LONGEST)), $sentences);
        $length = 'of '.(int) log(max(1, \count($sentences)), 2);
        foreach ($sentences as $i => $sentence) {
            $shared = [...SentenceTraits::of($sentence, $i, $words[$i], $words[$i - 1] ?? [], $words[$i + 1] ?? []), $length, ...($areAsked ? ['asked'] : [])];
            yield $this->inOne($sentence, $areAsked, $shared, $words[$i], $source);
        }
    }

    /**
     * @param list<string> $shared
     * @param list<Word>   $words
     */
    private function inOne(Sentence $sentence, bool $isAsked, array $shared, array $words, SourceTraits $source): SentenceSpans
    {
        $traits = new SpanTraits($this->dictionary, $sentence->text, $words, $this->things($sentence->text), $source);
        $parts = new Parts($sentence->text, $words);
        $spans = $own = $starts = $ends = [];
        foreach ($words as $first => $start) {
            for ($last = $first; $last < $first + self::MOST_WORDS && isset($words[$last]); ++$last) {
                if ($last > $first && !$this->areTogether($sentence->text, $words[$last - 1], $words[$last])) {
                    break;
                }
                if ($this->mayStart($start) && $this->mayEnd($words[$last])) {
                    $spans[] = new Span(substr($sentence->text, $start->start, $words[$last]->end() - $start->start), $sentence->start + $start->start, $first, $last, $traits->areQuoted($first, $last));
                    $own[] = [...$traits->of($first, $last), ...$parts->of($first, $last)];
                    $starts[$first] ??= $traits->starting($first);
                    $ends[$last] ??= $traits->ending($last);
                }
            }
        }

        return new SentenceSpans($sentence, $isAsked, $shared, $spans, $own, $starts, $ends);
    }

    private function mayStart(Word $word): bool
    {
        return !$word->isAmpersand() && SmallWords::mayStart($word->lower);
    }

    private function mayEnd(Word $word): bool
    {
        return !$word->isAmpersand() && SmallWords::mayEnd($word->lower);
    }

    private function areTogether(string $sentence, Word $one, Word $other): bool
    {
        return 1 === preg_match(self::TOGETHER, substr($sentence, $one->end(), $other->start - $one->end()));
    }

    /** @return list<array{start: int, end: int}> what only websites have, in bytes from the start of the sentence */
    private function things(string $sentence): array
    {
        $things = [];
        foreach ($this->siteThings as [$pattern]) {
            preg_match_all($pattern, $sentence, $found, \PREG_OFFSET_CAPTURE);
            foreach ($found[0] as [$words, $start]) {
                $things[] = ['start' => (int) $start, 'end' => (int) $start + \strlen($words)];
            }
        }

        return $things;
    }
}
