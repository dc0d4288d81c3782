<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\Affinities;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\BusinessKind;

/**
 * The business kind, named or betrayed by the words of the trade. A word counts by where it stands: in the business's
 * own name, where it says what it is, among what it offers, or anywhere else. Where several kinds have such words, all
 * other words of the text tell, by what labelled briefs taught about them.
 */
final readonly class KindRecogniser
{
    /** What a word is worth by its place: one that names the kind, one of the trade. */
    private const WORTH = [
        'name' => ['names' => 8.0, 'words' => 2.0],
        'self' => ['names' => 7.0, 'words' => 1.2],
        'early' => ['names' => 4.5, 'words' => 1.0],
        'offer' => ['names' => 3.5, 'words' => 1.2],
        'said' => ['names' => 2.0, 'words' => 0.7],
        'aside' => ['names' => 0.7, 'words' => 0.25],
    ];
    /** What each further word of a match adds: "first aid training" says more than "training". */
    private const LONGER = 0.5;
    /** A general kind gives way to a particular one. */
    private const GENERAL = 0.6;
    /** From this on the kind was named rather than betrayed. */
    private const NAMED = 3.0;
    private const EVIDENCE_NEEDED = 1.3;
    /** What the weights of all words of the text count beside the words that stand for the kind. */
    private const LEARNT = 0.25;
    private const MOST_FROM_ONE_WORD = 2;
    private const EARLY_SENTENCES = 4;
    /** How far into an answer a business says what it is, in bytes. */
    private const OPENING = 80;
    /** What a business is, is said within the first five thousand words; in bytes. */
    private const FAR_ENOUGH = 30_000;
    /** Topics under which a business is not described. */
    private const ASIDE_TOPICS = ['audience', 'page_request', 'page_refusal', 'competitor', 'feature', 'tone', 'avoid_word', 'goal', 'secondary_goal', 'location', 'design_note', 'deadline', 'budget', 'existing_site'];
    private const NOT_OURS = '/\b(?:no|not|forget|drop|don[\'’]?t (?:think (?:we|i) )?(?:need|want))(?: an?| the)?\s*$|\b(?:at|in|near|above|behind|opposite|beside|by|off|under|round|from|to) (?:the|an?|our local|your|my (?:old|local|friend[\'’]s))\s+(?:[\p{L}-]+\s+){0,2}$|\b(?:customers|clients|people who|work for|works for|hired by|booked by|used by|and by|sell to|supply|used by|used to be|former|for|like|unlike|near|next to|above|opposite|between|instead of|than)\b[^.;]{0,60}$/iu';
    /** "in care homes", "for schools": a business speaks of itself as one. */
    private const THEIRS = '/\b(?:in|to|with|at|by|from|between|for|of)\s+(?:[\p{L}-]+,?\s+){0,3}$/iu';
    /** "A physiotherapist for musicians", "leftovers from bakeries and cafes" */
    private const SERVED = '/\b(?:for|from|to|between|help(?:s|ing)?|serv(?:es?|ing)|support(?:s|ing)?|advis(?:es?|ing)|supply(?:ing)?|supplies)\s+(?:(?:[\p{L}-]+,?\s+)?(?:[\p{L}-]+\s+and\s+)?)(?:[\p{L}-]+\s+)?$/iu';
    private const OF_THE_SITE = '/\b(?:web ?site|site|home ?page|pages?|section|brief|menu|button|form)\b/iu';
    private const SELF = '/\b(?:we(?:[\'’]re| are)|i(?:[\'’]m| am)|is|are|it[\'’]s|was|run|runs|own|owns|opened|started|founded|set up|manage|manages|as|called)\s+(?:(?:also|now|still|really|just|basically|mainly)\s+)?(?:(?:an?|the|one|two|three|some|your)\s+(?:(?!(?:for|of|with|to|from|at|by|who|that|which)\s)[\p{L}\'’-]+\s+){0,4})?$|^(?:an?|the)\s+(?:[\p{L}-]+\s+){0,3}$|\((?:an? |the )?(?:[\p{L}-]+\s+){0,1}$|\b(?:our|my)\s+(?:(?![\p{L}-]+s\s)[\p{L}-]+\s+){0,3}$|\b(?:web ?site|site|page|brief|something)\s+(?:for|of|about)\s+(?:(?:my|our|the|an?)\s+(?:[\p{L}\'’-]+\s+){0,3})?$/iu';

    /** @param list<BusinessKind> $kinds */
    public function __construct(private array $kinds, private Affinities $trades)
    {
    }

    /**
     * @param list<Candidate> $read what else was read, names and offerings among it
     *
     * @return iterable<Candidate> one, or none where nothing tells
     */
    public function recognise(Reading $reading, array $read): iterable
    {
        $best = null;
        $around = ['names' => $this->ofKind($read, FactKind::BusinessName), 'offers' => $this->ofKind($read, FactKind::Offering), 'aside' => [...$this->ofKind($read, FactKind::Audience), ...$this->ofKind($read, FactKind::AvoidWord), ...$this->ofKind($read, FactKind::PageRefusal)]];
        $learnt = $this->trades->of(mb_strcut($reading->text->text, 0, self::FAR_ENOUGH));
        $highest = 0.0;
        foreach ($this->kinds as $kind) {
            $evidence = $this->evidence($kind, $reading, $around);
            if (null === $evidence) {
                continue;
            }
            [$found] = $evidence;
            $highest = max($highest, $found);
            $score = $found + self::LEARNT * ($learnt[$kind->id] ?? 0.0);
            if (null === $best || $score > $best[0]) {
                $best = [$score, ...$evidence, $kind];
            }
        }
        if (null === $best || $highest < self::EVIDENCE_NEEDED) {
            return;
        }
        [, $score, $start, $length, $named, $kind] = $best;
        yield new Candidate(
            FactKind::BusinessKind,
            $kind->label,
            $start,
            $length,
            $named ? 0.9 : min(0.5, 0.2 + $score / 20),
            $named ? Origin::Stated : Origin::Inferred,
            ['kind' => $kind->id, 'schema' => $kind->schema],
        );
    }

    /**
     * @param list<Candidate> $read
     *
     * @return list<Candidate> the surest first
     */
    private function ofKind(array $read, FactKind $kind): array
    {
        $found = array_values(array_filter($read, static fn (Candidate $candidate): bool => $candidate->kind === $kind));
        usort($found, static fn (Candidate $a, Candidate $b): int => $b->certainty <=> $a->certainty);

        return $found;
    }

    /**
     * @param array{names: list<Candidate>, offers: list<Candidate>, aside: list<Candidate>} $read the surest first
     *
     * @return array{float, int, int, bool}|null score, start and length of the best word in bytes, and whether it was named
     */
    private function evidence(BusinessKind $kind, Reading $reading, array $read): ?array
    {
        $score = 0.0;
        $best = null;
        $bestWorth = 0.0;
        $seen = [];
        foreach ($this->found($kind, $reading) as [$number, $word, $start, $sort]) {
            $key = mb_strtolower($word);
            $seen[$key] = ($seen[$key] ?? 0) + 1;
            if ($seen[$key] > self::MOST_FROM_ONE_WORD) {
                continue;
            }
            $worth = self::WORTH[$this->place($reading->sentences[$number], $number, $start, \strlen($word), $sort, $read)][$sort] + self::LONGER * (str_word_count($word) - 1);
            $score += $worth;
            if ($worth > $bestWorth) {
                $bestWorth = $worth;
                $best = [$start, \strlen($word)];
            }
        }

        return null === $best ? null : [$kind->general ? self::GENERAL * $score : $score, $best[0], $best[1], $bestWorth >= self::NAMED];
    }

    /** @return list<array{int, string, int, 'names'|'words'}> number of the sentence, the word, its start in bytes, its sort; as they come in the text */
    private function found(BusinessKind $kind, Reading $reading): array
    {
        $found = [];
        $text = mb_strcut($reading->text->text, 0, self::FAR_ENOUGH);
        foreach (['names' => $kind->names, 'words' => $kind->words] as $sort => $pattern) {
            preg_match_all($pattern ?? '/(*FAIL)/', $text, $matches, \PREG_OFFSET_CAPTURE);
            foreach ($matches[0] as [$word, $start]) {
                $number = $reading->sentenceAt($start, \strlen($word));
                $sentence = $reading->sentences[$number ?? -1] ?? null;
                $isKnown = [] !== array_filter($found, static fn (array $other): bool => $start < $other[2] + \strlen($other[1]) && $other[2] < $start + \strlen($word));
                if (null !== $number && null !== $sentence && !$isKnown && ($sentence->isSpoken() || BlockKind::Signature === $sentence->block->kind)) {
                    $found[] = [$number, $word, $start, $sort];
                }
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $found;
    }

    /**
     * @param array{names: list<Candidate>, offers: list<Candidate>, aside: list<Candidate>} $read the surest first
     *
     * @return key-of<self::WORTH>
     */
    private function place(Sentence $sentence, int $number, int $start, int $length, string $sort, array $read): string
    {
        $topic = $sentence->block->topic;
        $before = substr($sentence->text, 0, $start - $sentence->start);
        if ([] !== $read['names'] && $this->isWithin($start, $length, $read['names'][0])) {
            return 'name';
        }
        if ($sentence->isRefused() || \in_array($topic, self::ASIDE_TOPICS, true)) {
            return 'aside';
        }
        $word = substr($sentence->text, \strlen($before), $length);
        $end = 1 === preg_match('/^\p{L}+/u', substr($sentence->text, \strlen($before) + $length), $m) ? $m[0] : '';
        $isPlural = 1 === preg_match('/[^s]s$/iu', $word.$end);
        if ($isPlural && 1 === preg_match(self::SERVED, $before)) {
            return 'aside';
        }
        foreach ($read['aside'] as $other) {
            if ($this->isWithin($start, $length, $other)) {
                return 'aside';
            }
        }
        $saysWhatTheyAre = 'business_kind' === $topic && $sentence->isFirst() && \strlen($before) < self::OPENING;
        if ($saysWhatTheyAre || 1 === preg_match(self::SELF, $before)) {
            return 'self';
        }
        if (('names' === $sort && 1 === preg_match(self::NOT_OURS, $before)) || ($isPlural && 1 === preg_match(self::THEIRS, $before))) {
            return 'aside';
        }
        foreach ($read['offers'] as $offer) {
            if ($this->isWithin($start, $length, $offer)) {
                return 'offer';
            }
        }
        if (1 === preg_match(self::OF_THE_SITE, $sentence->text)) {
            return 'aside';
        }

        return $number < self::EARLY_SENTENCES ? 'early' : 'said';
    }

    private function isWithin(int $start, int $length, Candidate $candidate): bool
    {
        return $start < $candidate->start + $candidate->length && $candidate->start < $start + $length;
    }
}
