<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Brief\Reading\Unexplained;
use DunePocket\Catalogue\BusinessKind;
use DunePocket\Catalogue\Cues;

/**
 * What is offered where hardly any wording says so: noun phrases that hold a word of the trade, and those named in one
 * breath with them. "Oak framing, and now and again stair repairs." Only for sources in which nearly nothing was found.
 */
final readonly class LikelyOfferingRecogniser
{
    private const CERTAINTY = 0.55;
    /** From so many offerings on nothing is guessed. */
    private const ENOUGH = 3;
    private const MOST_WORDS = 4;
    /** Words that name something else. */
    private const TAKEN = [FactKind::BusinessName, FactKind::Location, FactKind::Person, FactKind::AreaServed];
    /** What stands between two things of one enumeration. */
    private const TOGETHER = '/^(?:[\s,&+\/]|\b(?:and|or|plus|with|as well as|from|to|also|mainly|mostly|now and again|some)\b)+$/iu';
    /** "a bakery", "our shop": what they are or have, not what they offer. */
    private const ONE = '/\b(?:an?|the|my|our|your|this|that|one|every|each|no|any)\s+(?:\p{L}+\s+)?$/iu';
    /** "Fades 18" */
    private const PRICE = '/\s+(?:from\s+)?\d{2,3}(?:\.\d\d)?$/u';
    /** "We are obliged to publish minutes." */
    private const DUTY = '/\b(?:obliged|required|bound|supposed) to\b|\b(?:statutory|legal) duty\b|\bby law\b/iu';
    private const WHO_THEY_ARE = '/(?:er|or|ist|ian|man|woman|smith|wright|shop|studio|firm|company|practice|school|club|bakery|salon|garage|business|owner|team|yard|farm|church|museum|charity|agency|clinic|surgery)s?$/iu';

    /** @param list<BusinessKind> $kinds */
    public function __construct(private Cues $cues, private array $kinds)
    {
    }

    /**
     * @param list<Candidate> $read what else was read, the business kind among it
     *
     * @return iterable<Candidate>
     */
    public function recognise(Reading $reading, array $read): iterable
    {
        $words = $this->wordsOfTheTrade($read);
        if (null === $words || \count(array_filter($read, static fn (Candidate $candidate): bool => FactKind::Offering === $candidate->kind)) >= self::ENOUGH) {
            return;
        }
        $unexplained = new Unexplained($this->cues, $read);
        foreach ($unexplained->sentences($reading) as $sentence) {
            if (1 !== preg_match(self::DUTY, $sentence->text) && !$unexplained->holds($sentence->start, \strlen($sentence->text), [FactKind::Audience])) {
                yield from $this->named($sentence, $words, $unexplained);
            }
        }
    }

    /** @param list<Candidate> $read */
    private function wordsOfTheTrade(array $read): ?string
    {
        $found = array_values(array_filter($read, static fn (Candidate $candidate): bool => FactKind::BusinessKind === $candidate->kind))[0] ?? null;
        foreach ($this->kinds as $kind) {
            if ($kind->id === ($found->detail['kind'] ?? null)) {
                return $kind->words ?? $kind->names;
            }
        }

        return null;
    }

    /** @return iterable<Candidate> */
    private function named(Sentence $sentence, string $words, Unexplained $unexplained): iterable
    {
        $phrases = array_values(array_filter($this->phrases($sentence), fn (array $phrase): bool => $this->couldBeOffered($phrase, $sentence, $unexplained)));
        $ofTheTrade = array_map(static fn (array $phrase): bool => 1 === preg_match($words, $phrase[0]), $phrases);
        foreach ($phrases as $i => [$phrase, $at]) {
            $before = $i > 0 && ($ofTheTrade[$i - 1] ?? false) && $this->areTogether($sentence, $phrases[$i - 1], $phrases[$i]);
            $after = ($ofTheTrade[$i + 1] ?? false) && $this->areTogether($sentence, $phrases[$i], $phrases[$i + 1]);
            if ($ofTheTrade[$i] || $before || $after) {
                yield new Candidate(FactKind::Offering, Phrase::title(preg_replace(self::PRICE, '', $phrase) ?? $phrase), $sentence->start + $at, \strlen($phrase), self::CERTAINTY);
            }
        }
    }

    /** @return list<array{string, int}> what stands between the small words, with its place in the sentence in bytes */
    private function phrases(Sentence $sentence): array
    {
        $phrases = [];
        foreach (preg_split($this->cues->phraseEnds, $sentence->text, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$text, $at]) {
            $bare = trim($text);
            if ('' !== $bare) {
                $phrases[] = [$bare, (int) $at + (int) strpos($text, $bare)];
            }
        }

        return $phrases;
    }

    /** @param array{string, int} $phrase */
    private function couldBeOffered(array $phrase, Sentence $sentence, Unexplained $unexplained): bool
    {
        [$words, $at] = $phrase;

        return !$unexplained->holds($sentence->start + $at, \strlen($words), self::TAKEN)
            && mb_strlen($words) > 3
            && str_word_count($words) <= self::MOST_WORDS
            && 1 !== preg_match(self::WHO_THEY_ARE, $words)
            && 1 !== preg_match(self::ONE, substr($sentence->text, 0, $at))
            && 1 !== preg_match($this->cues->persons, $words)
            && 1 !== preg_match($this->cues->notOfferings, $words)
            && 1 !== preg_match('/\d{3}|@|^\p{Lu}\p{Ll}+(?: \p{Lu}\p{Ll}+)+$/u', $words);
    }

    /**
     * @param array{string, int} $first
     * @param array{string, int} $second
     */
    private function areTogether(Sentence $sentence, array $first, array $second): bool
    {
        $end = $first[1] + \strlen($first[0]);

        return 1 === preg_match(self::TOGETHER, substr($sentence->text, $end, $second[1] - $end));
    }
}
