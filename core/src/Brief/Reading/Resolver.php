<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Quote;
use DunePocket\Brief\Source;
use DunePocket\Language\Typography;

/** Weighs the candidates of a source against each other and turns the winners into facts. */
final class Resolver
{
    /** @var list<Block> */
    private array $blocks = [];

    private const SURE_ENOUGH = 0.75;
    /** "… of Truro" says where. */
    private const PLACE_AFTER = '/\s(?:of|in|at|near)\s\p{Lu}\S+$|\s(?:Where|When|What|Who|How)$/u';
    /** Less than that, the wish for a feature is all there is: it makes no second aim. */
    private const SECOND_AIM = 0.6;
    private const REPETITION = 0.02;
    private const LONGEST_VALUE = 200;
    private const LISTED = 0.95;
    private const CONCLUDED = 0.45;
    private const GOAL_BEHIND = ['booking' => 'bookings', 'shop' => 'sales', 'donations' => 'donations', 'quote-form' => 'leads', 'contact-form' => 'leads', 'portfolio' => 'reputation', 'members-area' => 'signups'];
    private const PLAIN = 0.9;
    private const HINT = 0.82;

    /**
     * @param list<Candidate> $candidates
     *
     * @return list<Fact> in the order of the closed list, then of reading, numbered from $nextNumber
     */
    public function resolve(Source $source, Reading $reading, array $candidates, int $nextNumber = 1): array
    {
        $text = $reading->text;
        $this->blocks = $reading->blocks;
        $candidates = array_values(array_filter($candidates, static fn (Candidate $c): bool => '' !== trim($c->value) && mb_strlen($c->value) <= self::LONGEST_VALUE));
        usort($candidates, static fn (Candidate $a, Candidate $b): int => $a->start <=> $b->start ?: $b->certainty <=> $a->certainty);
        $candidates = $this->settle($candidates);
        $facts = [];
        foreach (FactKind::cases() as $kind) {
            foreach ($candidates as $candidate) {
                if ($candidate->kind === $kind) {
                    $facts[] = $this->fact($source, $text, $candidate, 'f'.($nextNumber + \count($facts)));
                }
            }
        }

        return $facts;
    }

    /**
     * @param list<Candidate> $candidates
     *
     * @return list<Candidate>
     */
    private function settle(array $candidates): array
    {
        $byKind = [];
        foreach ($candidates as $candidate) {
            $byKind[$candidate->kind->value][] = $candidate;
        }
        $pages = $byKind[FactKind::PageRequest->value] ?? [];
        $byKind[FactKind::Feature->value] = array_values(array_filter($byKind[FactKind::Feature->value] ?? [], fn (Candidate $c): bool => Origin::Inferred === $c->origin || !$this->isPageName($c, $pages)));
        $settled = [];
        foreach ($byKind as $kind => $group) {
            $group = $this->withoutRepetitions($group);
            $settled[$kind] = match (FactKind::from($kind)) {
                FactKind::BusinessName => $this->fullName($this->bySurety($group)),
                FactKind::BusinessKind, FactKind::PageCount, FactKind::Founded => \array_slice($this->bySurety($group), 0, 1),
                FactKind::ContactAddress, FactKind::ExistingSite => \array_slice($this->bySurety($group), 0, 1),
                FactKind::Audience, FactKind::Differentiator => $this->withoutHints($this->withoutOverlaps($group)),
                FactKind::DesignNote => $this->withoutOverlaps($group),
                FactKind::Tone => $this->withoutConclusions($this->outside($group, $byKind[FactKind::VoiceSample->value] ?? [])),
                default => $group,
            };
        }
        $name = $settled['business_name'][0] ?? null;
        $settled['location'] = array_values(array_filter($settled['location'] ?? [], fn (Candidate $c): bool => null === $name || (!$this->overlap($c, $name) && $this->key($c->value) !== $this->key($name->value))));
        $settled['location'] = \array_slice($this->bySurety($settled['location']), 0, 1);
        $settled = $this->goals($settled);
        $settled = $this->refusals($settled);
        $settled['offering'] = array_values(array_filter($settled['offering'] ?? [], fn (Candidate $c): bool => null === $name || !$this->overlap($c, $name)));

        return array_merge([], ...array_values($this->offerings($settled)));
    }

    /**
     * @param array<string, list<Candidate>> $settled
     *
     * @return array<string, list<Candidate>>
     */
    private function goals(array $settled): array
    {
        $goals = $this->bySurety($settled['goal'] ?? []);
        if ([] === $goals) {
            $settled['goal'] = $this->goalBehindFeatures($settled['feature'] ?? []);
        }
        if (\count($goals) > 1) {
            $settled['goal'] = [array_shift($goals)];
            $goals = array_filter($goals, static fn (Candidate $c): bool => $c->certainty >= self::SECOND_AIM);
            $settled['secondary_goal'] = array_map(static fn (Candidate $c): Candidate => new Candidate(FactKind::SecondaryGoal, $c->value, $c->start, $c->length, $c->certainty, $c->origin, $c->detail), \array_slice($goals, 0, 3));
        }

        return $settled;
    }

    /**
     * Who asks for an online shop and states no goal wants to sell.
     *
     * @param list<Candidate> $features
     *
     * @return list<Candidate>
     */
    private function goalBehindFeatures(array $features): array
    {
        foreach ($features as $feature) {
            $goal = Origin::Stated === $feature->origin ? self::GOAL_BEHIND[$feature->value] ?? null : null;
            if (null !== $goal) {
                return [new Candidate(FactKind::Goal, $goal, $feature->start, $feature->length, self::CONCLUDED, Origin::Inferred)];
            }
        }

        return [];
    }

    /**
     * A refusal wins over a request of the same name, unless the request came in a later message.
     *
     * @param array<string, list<Candidate>> $settled
     *
     * @return array<string, list<Candidate>>
     */
    private function refusals(array $settled): array
    {
        $refused = [];
        foreach ($settled['page_refusal'] ?? [] as $i => $refusal) {
            $overlaps = array_filter(\array_slice($settled['page_refusal'], 0, $i), fn (Candidate $c): bool => $this->overlap($c, $refusal));
            if ([] === $overlaps && !$this->isTakenBack($refusal, [...$settled['feature'] ?? [], ...$settled['page_request'] ?? []])) {
                $refused[] = $refusal;
            }
        }
        $settled['page_refusal'] = $refused;
        $names = array_map(fn (Candidate $c): string => $this->key($c->value), $refused);
        $features = array_filter(array_map(static fn (Candidate $c): mixed => $c->detail['feature'] ?? null, $settled['page_refusal']));
        $settled['page_request'] = $this->withoutOverlaps(array_values(array_filter($settled['page_request'] ?? [], fn (Candidate $c): bool => !\in_array($this->key($c->value), $names, true))));
        $settled['feature'] = array_values(array_filter($settled['feature'] ?? [], fn (Candidate $c): bool => !\in_array($c->value, $features, true) && !\in_array($this->key($c->value), $names, true)));

        return $settled;
    }

    /**
     * "Case studies" in the list of pages is the name of one.
     *
     * @param list<Candidate> $pages
     */
    private function isPageName(Candidate $feature, array $pages): bool
    {
        foreach ($pages as $page) {
            if ($page->start <= $feature->start && $page->start + $page->length >= $feature->start + $feature->length && self::LISTED <= $page->certainty) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Candidate> $wishes */
    private function isTakenBack(Candidate $refusal, array $wishes): bool
    {
        foreach ($wishes as $wish) {
            $same = $this->key($wish->value) === $this->key($refusal->value) || $wish->value === ($refusal->detail['feature'] ?? null);
            if ($same && $this->age($wish) < $this->age($refusal)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Prices said of an offering elsewhere join it; an offering that is part of a longer one is no other offering.
     *
     * @param array<string, list<Candidate>> $settled
     *
     * @return array<string, list<Candidate>>
     */
    private function offerings(array $settled): array
    {
        $merged = [];
        $places = $settled['area_served'] ?? [];
        foreach ($this->listedFirst($settled['offering'] ?? []) as $candidate) {
            if ([] !== array_filter($places, fn (Candidate $place): bool => $this->overlap($place, $candidate))) {
                continue;
            }
            $key = $this->key($candidate->value);
            foreach ($merged as $i => $known) {
                $other = $this->key($known->value);
                if ($key === $other || $this->overlap($known, $candidate) || (\strlen($key) > 3 && str_starts_with($other, $key.' ')) || str_ends_with($other, ' '.$key) || str_ends_with($key, ' '.$other)) {
                    $better = $known->certainty >= $candidate->certainty ? $known : $candidate;
                    $merged[$i] = new Candidate($better->kind, $better->value, $better->start, $better->length, $better->certainty, $better->origin, $known->detail + $candidate->detail);
                    continue 2;
                }
            }
            $merged[] = $candidate;
        }
        $refused = array_map(fn (Candidate $c): string => $this->key($c->value), $settled['page_refusal'] ?? []);
        $settled['offering'] = array_values(array_filter($merged, fn (Candidate $c): bool => !\in_array($this->key($c->value), $refused, true)));

        return $settled;
    }

    /**
     * Where the client gives a list, what was said in passing before it is the same in other words.
     *
     * @param list<Candidate> $offerings
     *
     * @return list<Candidate>
     */
    private function listedFirst(array $offerings): array
    {
        $listed = array_values(array_filter($offerings, static fn (Candidate $c): bool => $c->certainty >= self::LISTED));
        if (\count($listed) < 2) {
            return $offerings;
        }

        return array_values(array_filter($offerings, static fn (Candidate $c): bool => $c->certainty >= self::LISTED || $c->start > $listed[0]->start || isset($c->detail['price'])));
    }

    /**
     * @param list<Candidate> $group
     *
     * @return list<Candidate>
     */
    private function withoutRepetitions(array $group): array
    {
        $kept = [];
        foreach ($group as $candidate) {
            $key = $this->key($candidate->value);
            if (!isset($kept[$key])) {
                $kept[$key] = $candidate;
                continue;
            }
            $better = $kept[$key]->certainty >= $candidate->certainty ? $kept[$key] : $candidate;
            $kept[$key] = new Candidate($better->kind, $better->value, $better->start, $better->length, min(0.99, $better->certainty + self::REPETITION), $better->origin, $kept[$key]->detail + $candidate->detail);
        }

        return array_values($kept);
    }

    /**
     * @param list<Candidate> $group
     *
     * @return list<Candidate>
     */
    private function withoutOverlaps(array $group): array
    {
        $kept = [];
        foreach ($group as $candidate) {
            foreach ($kept as $i => $other) {
                if ($this->overlap($other, $candidate)) {
                    $kept[$i] = $other->certainty >= $candidate->certainty ? $other : $candidate;
                    continue 2;
                }
            }
            $kept[] = $candidate;
        }

        return array_values($kept);
    }

    /**
     * "Okonjati" is short for "Okonjati Bush Camp", where that stands too.
     *
     * @param list<Candidate> $names the surest first
     *
     * @return list<Candidate> one at most
     */
    private function fullName(array $names): array
    {
        if ([] === $names) {
            return [];
        }
        $best = $names[0];
        foreach ($names as $name) {
            if (Origin::Stated === $name->origin && $name->certainty >= self::SURE_ENOUGH && str_starts_with($this->key($name->value), $this->key($best->value).' ') && 1 !== preg_match(self::PLACE_AFTER, $name->value)) {
                return [$name];
            }
        }

        return [$best];
    }

    /**
     * Where something was said plainly, what was only hinted at adds nothing.
     *
     * @param list<Candidate> $group
     *
     * @return list<Candidate>
     */
    private function withoutHints(array $group): array
    {
        $plain = [] !== array_filter($group, static fn (Candidate $c): bool => $c->certainty >= self::PLAIN);

        return array_values(array_filter($group, static fn (Candidate $c): bool => !$plain || $c->certainty >= self::HINT));
    }

    /**
     * What was asked for in words makes what was only concluded superfluous.
     *
     * @param list<Candidate> $group
     *
     * @return list<Candidate>
     */
    private function withoutConclusions(array $group): array
    {
        $stated = array_values(array_filter($group, static fn (Candidate $c): bool => Origin::Inferred !== $c->origin));

        return [] === $stated ? $group : $stated;
    }

    /**
     * What a sample of the client's writing says is not said of the site.
     *
     * @param list<Candidate> $group
     * @param list<Candidate> $samples
     *
     * @return list<Candidate>
     */
    private function outside(array $group, array $samples): array
    {
        return array_values(array_filter($group, fn (Candidate $c): bool => Origin::Inferred === $c->origin || [] === array_filter($samples, fn (Candidate $sample): bool => $this->overlap($sample, $c))));
    }

    private function isPlain(Candidate $candidate): bool
    {
        return $candidate->certainty >= self::PLAIN;
    }

    /** 0 in the newest message of a thread. */
    private function age(Candidate $candidate): int
    {
        foreach ($this->blocks as $block) {
            if ($candidate->start >= $block->start && $candidate->start <= $block->start + \strlen($block->text)) {
                return $block->age;
            }
        }

        return 0;
    }

    private function overlap(Candidate $a, Candidate $b): bool
    {
        return $a->start < $b->start + $b->length && $b->start < $a->start + $a->length;
    }

    /**
     * What was said in a later message comes first, then what is surer.
     *
     * @param list<Candidate> $group
     *
     * @return list<Candidate>
     */
    private function bySurety(array $group): array
    {
        usort($group, fn (Candidate $a, Candidate $b): int => ($this->isPlain($b) <=> $this->isPlain($a)) ?: $this->age($a) <=> $this->age($b) ?: $b->certainty <=> $a->certainty ?: $a->start <=> $b->start);

        return $group;
    }

    private function key(string $value): string
    {
        $key = mb_strtolower(Phrase::withoutArticle($value));
        $key = preg_replace('/\s+pages?$/u', '', $key) ?? $key;

        return preg_replace('/(?<=\p{L}{3})s$/u', '', $key) ?? $key;
    }

    /** "FAMILIES IN OLD HOUSES" was typed with the key held down. */
    private function withoutShouting(FactKind $kind, string $value): string
    {
        return match (true) {
            mb_strtoupper($value) !== $value, 1 !== preg_match('/\p{L}{4,}\s+\p{L}{2,}/u', $value) => $value,
            FactKind::BusinessName === $kind => Phrase::properName($value),
            default => Typography::capital(mb_strtolower($value)),
        };
    }

    /** "purrfect nanny" is no typing error where it is the name. */
    private function asTheySpellIt(Candidate $candidate, string $read, string $written): string
    {
        $isCorrected = $read !== $written && mb_strtolower(Phrase::tidy($read)) === mb_strtolower($candidate->value);

        return match (true) {
            !$isCorrected => $candidate->value,
            Phrase::tidy($read) === $candidate->value => Phrase::tidy($written),
            default => Phrase::properName($written),
        };
    }

    private function fact(Source $source, ReadableText $text, Candidate $candidate, string $id): Fact
    {
        $from = $text->placeInSource($candidate->start);
        $start = mb_strlen(substr($source->text, 0, $from));
        $words = substr($source->text, $from, $text->placeInSource($candidate->start + $candidate->length) - $from);
        $lead = mb_strlen($words) - mb_strlen(ltrim($words));
        $quote = new Quote($source->id, $start + $lead, mb_strlen(trim($words)));

        $value = FactKind::BusinessName === $candidate->kind ? $this->asTheySpellIt($candidate, substr($text->text, $candidate->start, $candidate->length), $words) : $candidate->value;

        return new Fact($id, $candidate->kind, $this->withoutShouting($candidate->kind, $value), $candidate->origin, round($candidate->certainty, 2), Origin::Stated === $candidate->origin ? $quote : null, $candidate->detail + (Origin::Stated === $candidate->origin ? [] : ['hint' => trim($words)]));
    }
}
