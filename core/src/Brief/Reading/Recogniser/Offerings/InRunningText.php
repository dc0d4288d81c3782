<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Recogniser\Covered;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;

/** "We repair gates and hang doors": what follows a verb of offering. */
final readonly class InRunningText
{
    /** The list goes on with what they do. */
    public const LIST_THEN_CLAUSE = '/^\s*[^,;:]{3,30},\s[^,;:]{3,30},\s(?:and )?(?:also )?we(?:[\'’]ve got| have| do| also|[\'’]ll do| sing| play| run)\b/iu';
    /** How certain an offering is by the kind of verb it follows. */
    private const VERBS = ['hired' => 0.93, 'sure' => 0.92, 'labelled' => 0.9, 'colon' => 0.86, 'visitors' => 0.8, 'sure_third' => 0.88, 'told' => 0.88, 'there' => 0.7, 'possible' => 0.6];
    /** In notes that somebody else took, "they make" says what the client makes. */
    public const TOLD = 'told';

    private string $terms;

    public function __construct(private Cues $cues, private Negation $negation, private OfferingWords $words, private OfferingItem $item)
    {
        $this->terms = '~,\s*(?='.substr($cues->money, 1, -3).')~iu';
    }

    /**
     * @param ?list<string> $kinds of verbs that may stand in the sentence; null where that is not known
     *
     * @return iterable<Candidate>
     */
    public function offered(Sentence $sentence, ?array $kinds = null): iterable
    {
        $taken = 0;
        foreach ($this->verbs($sentence->text, null === $kinds ? array_diff_key(self::VERBS, [self::TOLD => null]) : array_intersect_key(self::VERBS, array_flip($kinds))) as $verb) {
            if ($verb->end() <= $taken || $this->isOfferedNot($verb, $sentence) || $this->isOfTheSite($verb)) {
                continue;
            }
            [$object, $from, $terms] = $this->object($verb);
            if ('' === trim($object) || $this->isGivenUp($object, substr($sentence->text, $verb->end(), \strlen($object) + 30))) {
                continue;
            }
            $parts = $this->clauses(Phrase::list($object));
            if ($this->areOffered($parts, $object, $verb, $sentence)) {
                yield from $this->parts($parts, $verb, $sentence->start + $from, $terms);
                $taken = $from + \strlen($object);
            }
        }
    }

    public function hasSureVerb(string $text): bool
    {
        return $this->cues->offeringVerbs['sure']->standIn(Covered::brackets($text));
    }

    /** The text up to where it stops telling what is offered; asides in it are covered. */
    public function untilStop(string $text): string
    {
        $text = preg_replace($this->cues->offeringWordings->placesListed, '', $text) ?? $text;
        $text = Covered::by(' ', $this->cues->offeringWordings->occasions, Covered::by(' ', $this->cues->offeringWordings->aside, $text));
        $text = Covered::by(' ', '/\sfor (?:people|those|anyone|folks?|clients|customers|firms|businesses) (?:who|that|whose)\s[^,;.()]*(?=[,;]\s)/iu', $text);
        $text = Covered::by(' ', $this->cues->offeringWordings->since, Covered::by(' ', $this->cues->offeringWordings->untilWhen, $text));
        $text = Covered::by(' ', '/,\s(?:that[\'’]s|(?:mostly|usually|mainly|only)(?= (?:at|on|in|for|to|by|during|from|with|when|over|around|as)\b))\s[^,.;]{3,30}(?=,)/iu', $text);
        $text = Covered::by(' ', '/\s[-–—]\s+(?:mostly|mainly|usually|including|like|such as|all|both)\b|\s*\bbut also\b/iu', $text, ';');
        $text = Covered::by(' ', '/\([^)]*\)(*SKIP)(*F)|\s(?:when|whenever|where|if|while|that (?:people|you|everyone|folk|customers|they))\s[^,;.()]*(?=[,;.)]|$)/iu', $text);
        $inBrackets = Covered::brackets($text);
        if (str_contains($inBrackets, ')')) {
            [$text, $inBrackets] = [substr($text, 0, (int) strpos($inBrackets, ')')), explode(')', $inBrackets, 2)[0]];
        }

        return 1 === preg_match($this->cues->offeringEnds, str_replace('; ', ', ', $inBrackets), $m, \PREG_OFFSET_CAPTURE) ? substr($text, 0, (int) $m[0][1]) : $text;
    }

    /**
     * @param array<string, float> $certainties by kind of verb
     *
     * @return list<OfferingVerb> in the order of the text; where two begin together, the more certain first
     */
    private function verbs(string $text, array $certainties): array
    {
        $found = [];
        $covered = Covered::brackets($text);
        foreach ($certainties as $kind => $certainty) {
            preg_match_all($this->cues->offeringVerbs[$kind]->any, $covered, $matches, \PREG_OFFSET_CAPTURE);
            foreach ($matches[0] as [$words, $offset]) {
                $found[] = new OfferingVerb($kind, $words, (int) $offset, $text, $certainty);
            }
        }
        usort($found, static fn (OfferingVerb $a, OfferingVerb $b): int => $a->offset <=> $b->offset ?: $b->certainty <=> $a->certainty);

        return $found;
    }

    /** Whether the verb has no object, was never done, or stands in a clause that offers nothing. */
    private function isOfferedNot(OfferingVerb $verb, Sentence $sentence): bool
    {
        return 1 === preg_match($this->cues->offeringWordings->noObject, $verb->after())
            || 1 === preg_match($this->cues->offeringWordings->notDone, $verb->before().$verb->words)
            || 1 === preg_match($this->cues->offeringWordings->limited, $verb->words.$verb->after())
            || (1 === preg_match($this->cues->offeringWordings->inClause, $verb->before()) && 1 !== preg_match('/^\s*(?::|is\b|are\b)/iu', $verb->after()) && !str_ends_with($verb->words, ':'))
            || $this->negation->covers($sentence, $verb->offset);
    }

    /** Whether pages or what visitors do on the site are spoken of, or the designer is asked. */
    private function isOfTheSite(OfferingVerb $verb): bool
    {
        return 1 === preg_match($this->cues->offeringWordings->ofPages, $verb->before())
            || 1 === preg_match($this->cues->offeringWordings->asPages, $verb->after())
            || 1 === preg_match($this->cues->offeringWordings->inTheMenu, $verb->after())
            || (1 === preg_match('/\b(?:can|could|should)\s*$/iu', $verb->before()) && 1 === preg_match('/^\s*(?:we|i)\b/iu', $verb->words))
            || ('visitors' === $verb->kind && 1 === preg_match($this->cues->offeringWordings->doneOnSite, $verb->after()));
    }

    /** @return array{string, int, ?string} what is offered, where it begins in the sentence, and the terms told at its end */
    private function object(OfferingVerb $verb): array
    {
        $object = $this->untilStop($verb->after());
        if (1 === preg_match($this->cues->offeringWordings->givenTo, $verb->words)) {
            $object = preg_replace($this->cues->offeringWordings->toWhom, '', $object) ?? $object;
        }
        $object = preg_replace($this->cues->offeringWordings->remarkAfterPair, '$1', $object) ?? $object;
        $taught = $this->taughtTo($object);
        $object = $this->withoutAudience(substr($object, $taught));
        $terms = null;
        if (1 === preg_match($this->terms, Covered::brackets($object), $price, \PREG_OFFSET_CAPTURE)) {
            $terms = Phrase::tidy(substr($object, (int) $price[0][1]));
            $object = substr($object, 0, (int) $price[0][1]);
        }
        $lead = 1 === preg_match($this->cues->offeringWordings->announced, Covered::brackets($object), $m) ? \strlen($m[0]) : 0;
        $lead = \count(Phrase::list(substr($object, $lead))) > 1 ? $lead : 0;

        return [substr($object, $lead), $verb->end() + $taught + $lead, $terms];
    }

    /** How many bytes of "women over 50 in strength training" say whom they teach rather than what. */
    private function taughtTo(string $object): int
    {
        return 1 === preg_match('/^\s*(?<whom>(?:(?!\bfor\b)[^,.;]){3,40}?)\s+in\s+(?=\p{Ll})(?!the\s+\p{Lu})/u', $object, $m) && $this->words->namePeople(trim($m['whom'])) ? \strlen($m[0]) : 0;
    }

    /** "bookkeeping, VAT returns and payroll for freelancers, sole traders and small firms": those at the end are whom it is for. */
    private function withoutAudience(string $object): string
    {
        $object = $this->withoutTheirs($object);
        $for = strrpos($object, ' for ');
        if (false === $for || \count(Phrase::list(substr($object, 0, $for))) < 2) {
            return $object;
        }
        $people = Phrase::list(substr($object, $for + 5));

        return \count($people) > 1 && $this->words->count($people, $this->words->nameCustomers(...)) === \count($people) ? substr($object, 0, $for) : $object;
    }

    /** "a bushcraft club for juniors and family camps": two things, and the first is for juniors. */
    private function withoutTheirs(string $object): string
    {
        $isTheirs = 1 === preg_match($this->cues->offeringWordings->theirs, $object, $m) && $this->words->namePeople($m['whom']) && !$this->words->namePeople($m['next']);

        return $isTheirs ? Covered::by(' ', '/ for '.preg_quote($m['whom'], '/').'(?= and )/u', $object) : $object;
    }

    private function isGivenUp(string $object, string $withWhatFollows): bool
    {
        return $this->cues->givenUp->standIn($withWhatFollows) && (!str_contains($object, ',') || !$this->cues->givenUp->standIn($object));
    }

    /**
     * "tapestry blankets and cushions, give mill tours": where each part has its own verb, each may be a list.
     *
     * @param list<array{string, int}> $parts
     *
     * @return list<array{string, int}>
     */
    private function clauses(array $parts): array
    {
        return 0 === $this->words->count(\array_slice($parts, 1), $this->cues->offeringNames->hasVerb(...)) ? $parts : Phrase::listsIn($parts);
    }

    /**
     * Whether what follows a verb that does not offer by itself is offered all the same.
     *
     * @param list<array{string, int}> $parts
     */
    private function areOffered(array $parts, string $object, OfferingVerb $verb, Sentence $sentence): bool
    {
        return match ($verb->kind) {
            'colon' => \count($parts) > 1 && $this->words->count($parts, $this->words->namePage(...)) < 3 && !$this->words->areMostlyPeople($parts) && 1 !== preg_match($this->cues->offeringWordings->counted, $object)
                && $this->words->count($parts, $this->words->nameTone(...)) < 2
                && 0 === $this->words->count($parts, $this->words->namePicturesOrMood(...))
                && 0 === $this->words->count($parts, $this->words->areName(...)),
            'visitors' => \count($parts) > 1 || 1 === preg_match('/\bcan (?:do|try|have|go|join)$/iu', $verb->words),
            'possible' => !$this->words->areMostlyPeople($parts)
                && (1 !== preg_match('/\bit[\'’]?s$/iu', trim($verb->words)) || 1 !== preg_match('/^\s*\p{Lu}/u', $object))
                && ('offering' === $sentence->block->topic || 1 === preg_match(self::LIST_THEN_CLAUSE, $sentence->text) || \count($parts) > 2 || $this->words->hasMoney($object) || 1 === preg_match($this->cues->offeringWordings->groupOrPlace, $object) || (\count($parts) > 1 && $this->words->count($parts, $this->isLet(...)) === \count($parts))),
            'there' => \count($parts) > 1 || 1 === preg_match('/\balso\b/iu', $verb->words) || 1 === preg_match('/\b(?:then|plus|and|so|oh|since last (?:year|summer|spring|winter|autumn)|(?:a|per|every|each|the) (?:year|month|week|summer|term|weekend|season)|on (?:mon|tues|wednes|thurs|fri|satur|sun)days?|in (?:the )?(?:spring|summer|autumn|winter|evenings?|holidays))\s*$/iu', $verb->before()) || 1 === preg_match($this->cues->offeringWordings->thereIs, $object),
            'labelled' => !$this->words->areMostlyPeople($parts),
            default => true,
        };
    }

    private function isLet(string $words): bool
    {
        return 1 === preg_match($this->cues->offeringWordings->let, $words);
    }

    /**
     * @param list<array{string, int}> $parts
     *
     * @return iterable<Candidate>
     */
    private function parts(array $parts, OfferingVerb $verb, int $start, ?string $terms): iterable
    {
        $cares = 1 === preg_match($this->cues->offeringWordings->cares, $verb->words);
        $suffix = 'hired' === $verb->kind ? ' hire' : '';
        foreach ($this->item->shared->with($parts) as $i => [$part, $at, $noun]) {
            $suffix = $this->cues->offeringNames->hasVerb($part) ? '' : $suffix;
            $isNoOffering = $this->cues->givenUp->standIn($part)
                || 1 === preg_match('/^\s*from\s.+\sto\s/iu', $part)
                || ($i > 0 && 1 === preg_match($this->cues->offeringWordings->circumstance, $part))
                || (1 === $i && $this->isBusinessNamed($parts))
                || ($cares && (1 === preg_match($this->cues->offeringWordings->caredFor, trim($part)) || $this->words->namePeople($part)));
            if (!$isNoOffering) {
                yield from $this->item->offered($part, $start + $at, $verb->certainty, $i === \count($parts) - 1 ? $terms : null, '' === $noun ? $suffix : $noun);
            }
        }
    }

    /**
     * "I run Iron Magnolia, a women's strength studio": a name, and what it is; or where.
     *
     * @param list<array{string, int}> $parts
     */
    private function isBusinessNamed(array $parts): bool
    {
        return 1 === preg_match('/^\p{Lu}[\p{L}\'’&-]*(?:\s+(?:\p{Lu}[\p{L}\'’&-]*|&|and|of|the))*(?<place>\s+in \p{Lu}[\p{L}-]+)?$/u', trim($parts[0][0]), $name)
            && 1 === preg_match(isset($name['place']) ? '/^\p{Lu}\p{L}+(?: \p{Lu}\p{L}+)?$/u' : '/^(?:an?|the)\s/iu', trim($parts[1][0]));
    }
}
