<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Brief\Reading\Unexplained;
use DunePocket\Brief\Reading\WordList;
use DunePocket\Catalogue\Cues;
use DunePocket\Language\Typography;

/**
 * For whom, where no wording says so: the sentence that most looks like it names the people who come, and the people in
 * it, with those of the sentences beside it that name people too. "Tenants ring in tears, landlords in a temper." Only
 * for sources in which no audience was found.
 */
final readonly class LikelyAudienceRecogniser
{
    private const CERTAINTY = 0.5;
    private const ENOUGH = 2.0;
    private const STARTS = 2.0;
    private const SEVERAL = 1.0;
    private const SHARE = 1.0;
    private const DOING = 1.0;
    /** Words that name something else. */
    private const TAKEN = [FactKind::BusinessName, FactKind::Offering, FactKind::Person];
    /** Words in the plural, with what is said of them. */
    private const PEOPLE = '/\b(?<head>[\p{L}-]*(?:[\p{L}-]s|men|people|children|folk))\b(?:\s+(?:who|with|without|from|in (?:their|\p{Lu})|over \d|under \d|aged|moving|looking|getting|going|coming|buying|doing)\b[^,.;!?()]{2,40})?/u';
    private const SMALL = '/\b(?:of|and|or|the|a|an|for|to|by|with|from|mostly|mainly|usually|our|my|some|few|many|most|all|it[\'’]?s|are|is|then|also|plus|but|odd|couple|lots?|loads|get|see|have|had|as|so|more|than|in|on|at|when|because|if|that)\s+/iu';
    private const SHARES = '/\b(?:mostly|mainly|usually|largely|chiefly|a (?:few|couple of|handful of|lot of)|some|the odd|lots of|plus|the (?:rest|bulk))\b/iu';
    private const DOES = '/\b(?:come|comes|use|buy|book|ring|call|hire|love|visit|order|join|e-?mail|write|phone|for|sell to|deal with|work with|serve|help|treat|teach)\b/iu';
    /** Those who run it rather than those who come. */
    private const THEMSELVES = '/\b(?:(?:we|i)(?:[\'’](?:re|m)| are| am)|run by|team of|staff of|my|(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\d+)|of us)\s+(?:[\p{L}-]+\s+){0,2}$/iu';

    /** @param string $people plurals, as WordList takes them */
    public function __construct(private Cues $cues, private string $people)
    {
    }

    /**
     * @param list<Candidate> $read what else was read
     *
     * @return iterable<Candidate>
     */
    public function recognise(Reading $reading, array $read): iterable
    {
        if ([] !== array_filter($read, static fn (Candidate $candidate): bool => FactKind::Audience === $candidate->kind && $candidate->certainty > self::CERTAINTY)) {
            return;
        }
        $unexplained = new Unexplained($this->cues, $read);
        $openings = $reading->openings();
        $said = [];
        $highest = 0.0;
        $block = null;
        foreach ($unexplained->sentences($reading) as $sentence) {
            $people = ($openings[$sentence->block->age] ?? null) === $sentence->start ? [] : $this->people($sentence, $unexplained);
            $score = [] === $people ? 0.0 : $this->score($sentence, $people);
            if ($score >= self::ENOUGH) {
                $said[] = [$sentence, $people];
            }
            if ($score > $highest) {
                [$highest, $block] = [$score, $sentence->block];
            }
        }
        foreach ($said as [$sentence, $people]) {
            foreach ($sentence->block === $block ? $people : [] as [$words, $at]) {
                yield new Candidate(FactKind::Audience, Typography::capital(Phrase::tidy($words)), $sentence->start + $at, \strlen($words), self::CERTAINTY);
            }
        }
    }

    /** @return list<array{string, int}> the people named in a sentence, with their places in it in bytes */
    private function people(Sentence $sentence, Unexplained $unexplained): array
    {
        $people = [];
        $end = 0;
        preg_match_all(self::PEOPLE, $sentence->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($matches as $m) {
            $head = mb_strtolower($m['head'][0]);
            if (!WordList::holds($this->people, $head) && 1 !== preg_match($this->cues->customers, $head)) {
                continue;
            }
            $at = $this->withModifiers($sentence->text, (int) $m['head'][1], $end);
            $end = (int) $m[0][1] + \strlen($m[0][0]);
            $words = rtrim(substr($sentence->text, $at, $end - $at));
            if (1 !== preg_match(self::THEMSELVES, substr($sentence->text, 0, $at)) && !$unexplained->holds($sentence->start + $at, \strlen($words), self::TAKEN)) {
                $people[] = [$words, $at];
            }
        }

        return $people;
    }

    /** Where the phrase begins whose head stands at a place: two words before it at most, none of them small. */
    private function withModifiers(string $text, int $head, int $from): int
    {
        $before = substr($text, $from, $head - $from);
        if (1 !== preg_match('/(?:[\p{L}\'’-]+\s+){0,2}$/u', $before, $m)) {
            return $head;
        }
        $modifiers = preg_replace('/^.*'.substr(self::SMALL, 1, -3).'/ius', '', ' '.$m[0]) ?? '';

        return $head - \strlen(ltrim($modifiers));
    }

    /** @param non-empty-list<array{string, int}> $people */
    private function score(Sentence $sentence, array $people): float
    {
        $lead = substr($sentence->text, 0, $people[0][1]);

        return (1 === preg_match('/^\W*(?:(?:it[\'’]?s|and|so|mostly|mainly|usually|the|for|our|then|lots of|some)\s+)*$/iu', $lead) ? self::STARTS : 0.0)
            + (\count($people) > 1 ? self::SEVERAL : 0.0)
            + (1 === preg_match(self::SHARES, $sentence->text) ? self::SHARE : 0.0)
            + (1 === preg_match(self::DOES, $sentence->text) ? self::DOING : 0.0);
    }
}
