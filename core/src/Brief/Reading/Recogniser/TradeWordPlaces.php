<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Reading;

/**
 * Where the words of trades stand in one source: in the business's own name, where it says what it is, early on, among
 * what it offers, anywhere else, or aside, where the business is not spoken of.
 */
final class TradeWordPlaces
{
    /** How far into an answer a business says what it is, in bytes. */
    private const OPENING = 80;
    /** Topics under which a business is not described. */
    private const ASIDE_TOPICS = ['audience', 'page_request', 'page_refusal', 'competitor', 'feature', 'tone', 'avoid_word', 'goal', 'secondary_goal', 'location', 'design_note', 'deadline', 'budget', 'existing_site'];
    private const NOT_OURS = '/\b(?:no|not|forget|drop|don[\'’]?t (?:think (?:we|i) )?(?:need|want))(?: an?| the)?\s*$|\b(?:at|in|near|above|behind|opposite|beside|by|off|under|round|from|to) (?:the|an?|our local|your|my (?:old|local|friend[\'’]s))\s+(?:[\p{L}-]+\s+){0,2}$|\b(?:customers|clients|people who|work for|works for|hired by|booked by|used by|and by|sell to|supply|used by|used to be|former|for|like|unlike|near|next to|above|opposite|between|instead of|than)\b[^.;]{0,60}$/iu';
    /** "in care homes", "for schools": a business speaks of itself as one. */
    private const THEIRS = '/\b(?:in|to|with|at|by|from|between|for|of)\s+(?:[\p{L}-]+,?\s+){0,3}$/iu';
    /** "A physiotherapist for musicians", "leftovers from bakeries and cafes" */
    private const SERVED = '/\b(?:for|from|to|between|help(?:s|ing)?|serv(?:es?|ing)|support(?:s|ing)?|advis(?:es?|ing)|supply(?:ing)?|supplies)\s+(?:(?:[\p{L}-]+,?\s+)?(?:[\p{L}-]+\s+and\s+)?)(?:[\p{L}-]+\s+)?$/iu';
    private const OF_THE_SITE = '/\b(?:web ?site|site|home ?page|pages?|section|brief|menu|button|form)\b/iu';
    private const SELF = '/\b(?:we(?:[\'’]re| are)|i(?:[\'’]m| am)|is|are|it[\'’]s|was|run|runs|own|owns|opened|started|founded|set up|took over|taken over|bought|inherited|manage|manages|as|called)\s+(?:(?:also|now|still|really|just|basically|mainly)\s+)?(?:(?:an?|the|one|two|three|some|your)\s+(?:(?!(?:for|of|with|to|from|at|by|who|that|which)\s)[\p{L}\'’-]+\s+){0,4})?$|^(?:an?|the)\s+(?:[\p{L}-]+\s+){0,3}$|\((?:an? |the )?(?:[\p{L}-]+\s+){0,1}$|\b(?:our|my)\s+(?:(?![\p{L}-]+s\s)[\p{L}-]+\s+){0,3}$|\b(?:web ?site|site|page|brief|something)\s+(?:for|of|about)\s+(?:(?:my|our|the|an?)\s+(?:[\p{L}\'’-]+\s+){0,3})?$/iu';
    private const EARLY_SENTENCES = 4;

    /** The surest; empty where none was read. */
    public readonly string $businessName;

    /** What lies over each byte of the beginning: "1" where the name, something offered, something aside stands. */
    private readonly string $name;
    private readonly string $offered;
    private readonly string $aside;

    /** @var array<string, 'name'|'self'|'early'|'offer'|'said'|'aside'> those asked for before */
    private array $known = [];

    /** @param list<Candidate> $read what else was read */
    public function __construct(private readonly Reading $reading, array $read)
    {
        $names = $this->ofKinds($read, FactKind::BusinessName);
        usort($names, static fn (Candidate $a, Candidate $b): int => $b->certainty <=> $a->certainty);
        $this->businessName = $names[0]->value ?? '';
        $this->name = $this->covered(\array_slice($names, 0, 1));
        $this->offered = $this->covered($this->ofKinds($read, FactKind::Offering));
        $this->aside = $this->covered($this->ofKinds($read, FactKind::Audience, FactKind::AvoidWord, FactKind::PageRefusal));
    }

    /**
     * @param int  $number of the sentence, from 0
     * @param int  $start  of the word, and its length, in bytes
     * @param bool $isName whether the word names a kind, or only belongs to its trade
     *
     * @return 'name'|'self'|'early'|'offer'|'said'|'aside'
     */
    public function of(int $number, int $start, int $length, bool $isName): string
    {
        return $this->known["$start $length $isName"] ??= $this->found($number, $start, $length, $isName);
    }

    /** @return 'name'|'self'|'early'|'offer'|'said'|'aside' */
    private function found(int $number, int $start, int $length, bool $isName): string
    {
        $sentence = $this->reading->sentences[$number];
        $topic = $sentence->block->topic;
        $before = substr($sentence->text, 0, $start - $sentence->start);
        if ($this->isCovered($this->name, $start, $length)) {
            return 'name';
        }
        if ($sentence->isRefused() || \in_array($topic, self::ASIDE_TOPICS, true)) {
            return 'aside';
        }
        $word = substr($sentence->text, \strlen($before), $length);
        $end = 1 === preg_match('/^\p{L}+/u', substr($sentence->text, \strlen($before) + $length), $m) ? $m[0] : '';
        $isPlural = 1 === preg_match('/[^s]s$/iu', $word.$end);
        if (($isPlural && 1 === preg_match(self::SERVED, $before)) || $this->isCovered($this->aside, $start, $length)) {
            return 'aside';
        }
        $saysWhatTheyAre = 'business_kind' === $topic && $sentence->isFirst() && \strlen($before) < self::OPENING;
        if ($saysWhatTheyAre || 1 === preg_match(self::SELF, $before)) {
            return 'self';
        }
        if (($isName && 1 === preg_match(self::NOT_OURS, $before)) || ($isPlural && 1 === preg_match(self::THEIRS, $before))) {
            return 'aside';
        }
        if ($this->isCovered($this->offered, $start, $length)) {
            return 'offer';
        }
        if (1 === preg_match(self::OF_THE_SITE, $sentence->text)) {
            return 'aside';
        }

        return $number < self::EARLY_SENTENCES ? 'early' : 'said';
    }

    /**
     * @param list<Candidate> $read
     *
     * @return list<Candidate>
     */
    private function ofKinds(array $read, FactKind ...$kinds): array
    {
        return array_values(array_filter($read, static fn (Candidate $candidate): bool => \in_array($candidate->kind, $kinds, true)));
    }

    /** @param list<Candidate> $candidates */
    private function covered(array $candidates): string
    {
        $covered = str_repeat('0', \strlen($this->reading->beginning()));
        foreach ($candidates as $candidate) {
            if ($this->reading->isInBeginning($candidate->start)) {
                $covered = substr_replace($covered, str_repeat('1', $candidate->length), $candidate->start, $candidate->length);
            }
        }

        return $covered;
    }

    private function isCovered(string $covered, int $start, int $length): bool
    {
        return str_contains(substr($covered, $start, $length), '1');
    }
}
