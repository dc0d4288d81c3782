<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Brief\Reading\WordList;
use DunePocket\Catalogue\BusinessKind;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\FirstMatch;

/**
 * The business name that no wording gives away: of all proper names in a source, the one that looks most like it by
 * where it stands, how often, and whether it holds a word for a kind of business.
 */
final readonly class LikelyNameRecogniser implements Recogniser
{
    private const CERTAINTY = 0.5;
    private const ENOUGH = 4.0;
    private const OPENING = 240;
    private const MOST_WORDS = 6;
    private const MOST_REPEATS = 3;
    private const TOPICS = [null, 'business_kind', 'business_name', 'person', 'offering', 'goal', 'differentiator'];
    private const CALENDAR = '/^(?:(?:on|at|in|every|each|this|last|next|until|by|from|since) )?(?:(?:jan|febr)uary|march|april|may|june|july|august|(?:septem|octo|novem|decem)ber|(?:mon|tues|wednes|thurs|fri|satur|sun)days?|christmas|easter|english|french|german|welsh|google|facebook|instagram|whatsapp|website|brief|notes?|questionnaire|re|fwd|subject|from|to|date|thanks|regards|cheers)\b/iu';
    private const OF_PAGES = '/\b(?:FAQs?|Contact|Home)\b/u';
    private const PLACE_BEFORE = '/\b(?:in|near|at|from|to|around|outside|off|between|across|behind|by|over|through|of|towards?|north|south|east|west|street|on)\s+(?:the\s+)?$/iu';
    private const PERSON_BEFORE = '/\b(?:dear|hi|hiya|hello|hey|thanks|cheers|regards|wife|husband|partner|sister|brother|mum|dad|son|daughter|friend|colleague|mr|mrs|ms|dr|rev|i[\'’]?m|i am|name is|with|and|says|said|told|ask|asked)\.?,?\s+$/iu';
    private const NAMING_BEFORE = '/(?:^|[.!?:]\s+|\b(?:we are|we[\'’]?re|this is|what[\'’]s|it[\'’]?s|its|called|as|for|at|behind|run|own|is)\s+(?:the\s+)?)$/iu';
    private const ACTING_AFTER = '/^(?:[\'’]s\b|\s+(?:is|are|was|were|has|have|had|began|started|opened|offers?|sells?|makes?|runs?|does|do|needs?|wants?|supports?|helps?|provides?|exists|will|would|and i\b|and we\b)\b|\s*[,(–—-]\s*(?:an?|the|in|near|based|est|since)\b|\s*\.?\s*$|\.\s)/iu';

    /** What a name says of the kind of business. */
    private FirstMatch $kinds;

    /**
     * @param string             $words that are spelt right, as WordList takes them
     * @param list<BusinessKind> $kinds
     */
    public function __construct(private Cues $cues, private string $words, array $kinds)
    {
        $this->kinds = new FirstMatch(array_values(array_filter(array_map(static fn (BusinessKind $kind): ?array => null === $kind->names ? null : [$kind->names, $kind->id], $kinds))));
    }

    public function recognise(Reading $reading): iterable
    {
        $scores = [];
        $first = [];
        $openings = $reading->openings();
        foreach ([...$reading->sentences, ...$reading->asked] as $sentence) {
            if (!\in_array($sentence->block->topic, self::TOPICS, true) || $sentence->isRefused()) {
                continue;
            }
            preg_match_all($this->cues->name, $sentence->text, $matches, \PREG_OFFSET_CAPTURE);
            foreach ($matches[0] as [$words, $offset]) {
                $words = Phrase::withoutPlace($words);
                $name = Phrase::tidy($words);
                if (!$this->isPossible($name)) {
                    continue;
                }
                $key = mb_strtolower($name);
                $first[$key] ??= [$name, $sentence->start + (int) $offset, \strlen($words)];
                $scores[$key][] = $this->score($sentence, $words, (int) $offset, $sentence->start - ($openings[$sentence->block->age] ?? 0));
            }
        }
        $best = null;
        foreach ($scores as $key => $seen) {
            rsort($seen);
            $score = $seen[0] + min(self::MOST_REPEATS, \count($seen) - 1) + (null !== $this->kinds->in($first[$key][0]) ? 3.0 : 0.0);
            if ($score >= self::ENOUGH && (null === $best || $score > $best[0])) {
                $best = [$score, ...$first[$key]];
            }
        }
        if (null !== $best) {
            yield new Candidate(FactKind::BusinessName, $best[1], $best[2], $best[3], self::CERTAINTY, Origin::Stated);
        }
    }

    private function isPossible(string $name): bool
    {
        $words = preg_split('/\s+/u', $name) ?: [];

        return \count($words) <= self::MOST_WORDS
            && mb_strlen($name) > 3
            && 1 !== preg_match(self::CALENDAR, $name)
            && 1 !== preg_match(self::OF_PAGES, $name)
            && null === $this->cues->topics->ofLabel($name)
            && !$this->cues->namesFeature($name)
            && (str_contains($name, ' ') || 1 !== preg_match($this->cues->persons, $name))
            && 1 !== preg_match('/^\d|\d{4}|^[^\p{L}]*$/u', $name)
            && (\count($words) > 1 || !WordList::holds($this->words, mb_strtolower($name)))
            && !(mb_strtoupper($name) === $name && mb_strlen($name) < 6);
    }

    /** @param int $into how far into its message the sentence stands, in bytes */
    private function score(Sentence $sentence, string $words, int $offset, int $into): float
    {
        $before = substr($sentence->text, 0, $offset);
        $after = substr($sentence->text, $offset + \strlen($words));
        if (1 === preg_match(self::PERSON_BEFORE, $before)) {
            return -2.0;
        }
        $score = str_contains(trim($words), ' ') ? 1.5 : 0.0;
        $score += match ($sentence->block->kind) {
            BlockKind::Title => 2.0,
            BlockKind::Signature => 1.0,
            default => $into < self::OPENING ? 1.5 : 0.0,
        };
        if (1 === preg_match(self::NAMING_BEFORE, $before)) {
            $score += 1.0;
        } elseif (1 === preg_match(self::PLACE_BEFORE, $before)) {
            $score -= 2.5;
        }

        return $score + (1 === preg_match(self::ACTING_AFTER, $after) ? 1.0 : 0.0);
    }
}
