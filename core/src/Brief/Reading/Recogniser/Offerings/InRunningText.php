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
    /** Patients rather than services. */
    private const CARED_FOR = '/^(?:seeing )?(?:(?:all|small|large|farm|your)\s+)*(?:cats?|dogs?|rabbits?|horses?|ponies|chickens?|hens|guinea pigs|hamsters|pets?|animals|birds|reptiles|people|patients|children|adults|families)$/iu';
    private const CARES = '/\b(?:look after|see|treat|care for|trains?|started)\b/iu';
    /** "Photographs, please, of real afternoons" */
    private const NO_OBJECT = '/^\s*(?:,|(?:also|too)\b(?=\s*[.,;!]|$)|(?:just |only )?(?:me|us)\b(?=\s*,)|the tea(?= (?:and|,))|(?:my|our|an?|his|her) living\b|(?:concerning|regarding|about|in (?:order|connection))\b|(?:is|are|was|were|will)\b|(?:it|them|him|her|your|our|my)sel(?:f|ves)\b|(?:an? |the )?(?:[\p{L}-]+ ){0,2}(?:certificate|qualification|degree|licence|diploma)\b|silent\b|in the (?:morning|afternoon|evening|summer|winter|spring|autumn)\b|through\b|possible\b|(?:an? |the )(?:[\p{L}-]+ )?(?:film|video|trailer|photo|picture|clip)s?(?=\s*[,.]| (?:which|that|on|of)\b)|away\b|up\b|out\b(?! of\b)|down\b|(?:of|please)\b|to (?=\p{Ll})|for (?!(?:[\p{L}-]+ ){0,2}(?:weddings|parties|events|functions|funerals|festivals|hire|sale)\b))/iu';
    /** "eighty cows, thirty goats", "the courier broke half of it" */
    private const COUNTED = '/^\s*(?:the|\d+|two|three|four|five|six|seven|eight|nine|ten|twelve|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)\s/iu';
    /** "We only take on 120 properties" */
    private const LIMITED = '/^(?:we|i) (?:keep|hold|leave) [^.;,]{2,30} (?:free|open|aside|back)\b|^(?:we|i)? ?(?:keep|(?:only|never) (?:ever )?(?:take on|do|have|run|accept|keep))\s+(?:\d+|two|three|four|five|six|seven|eight|nine|ten|twelve|twenty)\b/iu';
    /** "We considered selling fabric" */
    private const NOT_DONE = '/\b(?:considered|thought about|thought of|talked about|looked (?:into|at)|toyed with|gave up|stopped|tried)\s+\p{L}+ing\b[^,]*$|\b(?:usually|normally|elsewhere|otherwise),? there(?:[\'’]s| is| are)$/iu';
    /** "models, in the studio, from wood" */
    private const CIRCUMSTANCE = '/^(?!(?:in|at|on|over) the (?:spring|summer|autumn|winter|weekends?|evenings?|mornings?|week|holidays) \p{L})(?:in|at|from|by|with|for|on) (?:an?|the|our|my|every|each|all|\p{L}+$)/iu';
    /** "We supply relief chefs to restaurants": what is supplied, not to whom. */
    private const GIVEN_TO = '/\b(?:teach|teaches|supply|supplies|sell|sells|deliver|delivers|provide|provides)\b/iu';
    private const TO_WHOM = '/(?<!door|access|introductions|guides|one)\s+to\s+(?!order\b|measure\b|hire\b|rent\b|let\b|go\b|take\b|eat\b|\d)\p{L}.*$/ius';
    /** "the following works: …" */
    private const ANNOUNCED = '/^[^:.;,]{0,60}(?:, not [^:.;,]{0,30}|(?:, \p{Lu}[\p{L} ]{2,20})+(?: and \p{Lu}\p{L}+)?)?(?<!\d):\s*/u';
    /** "how we repair", which tells of no offering; "what we do is …" does. */
    private const IN_CLAUSE = '/\b(?:everything|all|anything|whatever|what|how|where|why|which|(?<!than )that|who|as|if|until|once|(?:nobody|no one|anyone|everyone) else)\s*$/iu';
    private const OF_PAGES = '/\b(?:pages?|structure|menu|navigation|sections|site ?map)\b/iu';
    private const AS_PAGES = '/^\s*(?:[\p{L}\d]+ )?pages?\b|^[^.;!?]*,[^.;!?]*\b(?:as|for) (?:the |its |our |separate )?(?:pages|sections|menu)\b/iu';
    /** "what I'd put in the menu: …" */
    private const IN_THE_MENU = '/^\s*(?:(?:in|on|into) )?(?:the|my|our) (?:menu|web ?site|site|navigation)\b/iu';
    /** What visitors do on the site rather than at the business. */
    private const DONE_ON_SITE = '/^\s*(?:say|tell|ask|send|book|check|find out|ring|call|pay|order|read|fill|choose|leave|sign|see what|see when|contact|get in touch|reserve)\b/iu';
    /** "We have four double rooms and one family suite" */
    private const LET = '/\b(?:rooms?|doubles?|twins?|singles?|bedrooms?|berths?|suites?|cabins?|cottages?|apartments?|pitches|pods?|yurts?|lodges?|studios?|courts?|chalets?|bunkhouses?|dorms?|stables?|moorings?)\b/iu';
    private const GROUP_OR_PLACE = '/^\s*(?:also )?an?\s+(?:[\p{L}-]+ )?(?:class|course|club|workshop|group|band|choir|(?<= )shop|farm shop|caf[eé]|bar|team|tap ?room|tea ?rooms?|swimming pool|sauna|gym|spa|restaurant|soft play|campsite|showroom)\b(?!\s+(?:in|near|on|at)\s+(?-i:\p{Lu}))/iu';
    private const THERE_IS = '/\b(?:class|classes|course|courses|club|workshops?|sessions?|shop|caf[eé]|bar|theatre|group|choir|nursery|academy)\b/iu';
    private const THEIRS = '/ for (?<whom>[\p{L}\'’-]+) and (?<next>(?!(?:the|those|more|all|other|also|anyone|we|i|they|it)\b)\p{L}[\p{L}\'’-]* [\p{L}\'’ -]+)$/u';
    /** "… and, since two years, subtitling" */
    private const ASIDE = '/(?<=\band),\s(?:upstairs|downstairs|outside|out the back|at the back|next door),(?=\s)|,\s(?:either|whether)\s[^,;.]{3,60},(?=\s(?:and|or|plus)\b)|,\s(?:of course|naturally|obviously|basically),|,\s(?:which|who)\s[^,;.]{3,60},(?=\s(?:and|or|plus)\b)|(?<=\band),\s(?:since|for|as of|from|in|on|at|every|once) [^,.;]{3,25},(?=\s)|(?<=\band) since (?:(?:this|last) (?:year|spring|summer|autumn|winter|january|march|may|easter|month)|\d{4})(?=\s)|(?<=\band) (?:on )?the (?:first|second|third|last) \p{L}+day of (?:the|each|every) month(?=\s)|(?<=\band),\s(?:increasingly|lately|recently|more and more|occasionally|sometimes|of course|in season|in summer|in winter),(?=\s)/iu';
    /** "where people are: at home, outside their office" */
    private const PLACES_LISTED = '/\s(?:where|wherever|when|whenever)\s[^,;.():]*:.*$/isu';
    /** "care homes and, since January, day care" */
    private const SINCE = '/(?:(?<=,)|(?<=\band)),?\s+(?:and,? )?since (?:last |this )?(?:january|february|march|april|may|june|july|august|september|october|november|december|spring|summer|autumn|winter|year|month|\d{4}),?(?=\s+\p{L})/iu';
    /** "breakfasts until 11.30, then lunches" */
    private const HOURS = '/\s(?:until|till|from|before|after) (?:about |around )?(?:\d[\d.:]*\s?(?:am|pm)?|noon|midday|midnight|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)(?=,\s)/iu';
    /** "catering for parties and offices": two of them are no offerings. */
    private const OCCASIONS = '/ for (?:(?:parties|weddings|wakes|christenings|baptisms|funerals|birthdays|anniversaries|offices|events|functions|festivals|companies|schools)(?:, | and |, and )?){2,}(?: and (?:the like|such))?/iu';

    /** "rings and brooches, always by commission" */
    private const REMARK_AFTER_PAIR = '/^([^,:;.]+ and [^,:;.]+)(?:,\s(?:always|all|both|only|strictly|entirely|never|each|every one|made|done|cut|cooked|baked|built|sewn|grown|printed|painted|on|in|at|from|by|near|inside|behind|beside)\s(?!(?:kinds|sorts|types)\b)[^,:;]*)+$/iu';

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
        return 1 === preg_match($this->cues->offeringVerbs['sure'], Covered::brackets($text));
    }

    /** The text up to where it stops telling what is offered; asides in it are covered. */
    public function untilStop(string $text): string
    {
        $text = preg_replace(self::PLACES_LISTED, '', $text) ?? $text;
        $text = Covered::by(' ', self::OCCASIONS, Covered::by(' ', self::ASIDE, $text));
        $text = Covered::by(' ', '/\sfor (?:people|those|anyone|folks?|clients|customers|firms|businesses) (?:who|that|whose)\s[^,;.()]*(?=[,;]\s)/iu', $text);
        $text = Covered::by(' ', self::SINCE, Covered::by(' ', self::HOURS, $text));
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
            preg_match_all($this->cues->offeringVerbs[$kind], $covered, $matches, \PREG_OFFSET_CAPTURE);
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
        return 1 === preg_match(self::NO_OBJECT, $verb->after())
            || 1 === preg_match(self::NOT_DONE, $verb->before().$verb->words)
            || 1 === preg_match(self::LIMITED, $verb->words.$verb->after())
            || (1 === preg_match(self::IN_CLAUSE, $verb->before()) && 1 !== preg_match('/^\s*(?::|is\b|are\b)/iu', $verb->after()) && !str_ends_with($verb->words, ':'))
            || $this->negation->covers($sentence, $verb->offset);
    }

    /** Whether pages or what visitors do on the site are spoken of, or the designer is asked. */
    private function isOfTheSite(OfferingVerb $verb): bool
    {
        return 1 === preg_match(self::OF_PAGES, $verb->before())
            || 1 === preg_match(self::AS_PAGES, $verb->after())
            || 1 === preg_match(self::IN_THE_MENU, $verb->after())
            || (1 === preg_match('/\b(?:can|could|should)\s*$/iu', $verb->before()) && 1 === preg_match('/^\s*(?:we|i)\b/iu', $verb->words))
            || ('visitors' === $verb->kind && 1 === preg_match(self::DONE_ON_SITE, $verb->after()));
    }

    /** @return array{string, int, ?string} what is offered, where it begins in the sentence, and the terms told at its end */
    private function object(OfferingVerb $verb): array
    {
        $object = $this->untilStop($verb->after());
        if (1 === preg_match(self::GIVEN_TO, $verb->words)) {
            $object = preg_replace(self::TO_WHOM, '', $object) ?? $object;
        }
        $object = preg_replace(self::REMARK_AFTER_PAIR, '$1', $object) ?? $object;
        $taught = $this->taughtTo($object);
        $object = $this->withoutAudience(substr($object, $taught));
        $terms = null;
        if (1 === preg_match($this->terms, Covered::brackets($object), $price, \PREG_OFFSET_CAPTURE)) {
            $terms = Phrase::tidy(substr($object, (int) $price[0][1]));
            $object = substr($object, 0, (int) $price[0][1]);
        }
        $lead = 1 === preg_match(self::ANNOUNCED, Covered::brackets($object), $m) ? \strlen($m[0]) : 0;
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
        $isTheirs = 1 === preg_match(self::THEIRS, $object, $m) && $this->words->namePeople($m['whom']) && !$this->words->namePeople($m['next']);

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
            'colon' => \count($parts) > 1 && $this->words->count($parts, $this->words->namePage(...)) < 3 && !$this->words->areMostlyPeople($parts) && 1 !== preg_match(self::COUNTED, $object)
                && $this->words->count($parts, $this->words->nameTone(...)) < 2
                && 0 === $this->words->count($parts, $this->words->namePicturesOrMood(...))
                && 0 === $this->words->count($parts, $this->words->areName(...)),
            'visitors' => \count($parts) > 1 || 1 === preg_match('/\bcan (?:do|try|have|go|join)$/iu', $verb->words),
            'possible' => !$this->words->areMostlyPeople($parts)
                && (1 !== preg_match('/\bit[\'’]?s$/iu', trim($verb->words)) || 1 !== preg_match('/^\s*\p{Lu}/u', $object))
                && ('offering' === $sentence->block->topic || 1 === preg_match(self::LIST_THEN_CLAUSE, $sentence->text) || \count($parts) > 2 || $this->words->hasMoney($object) || 1 === preg_match(self::GROUP_OR_PLACE, $object) || (\count($parts) > 1 && $this->words->count($parts, $this->isLet(...)) === \count($parts))),
            'there' => \count($parts) > 1 || 1 === preg_match('/\balso\b/iu', $verb->words) || 1 === preg_match('/\b(?:then|plus|and|so|oh|since last (?:year|summer|spring|winter|autumn)|(?:a|per|every|each|the) (?:year|month|week|summer|term|weekend|season)|on (?:mon|tues|wednes|thurs|fri|satur|sun)days?|in (?:the )?(?:spring|summer|autumn|winter|evenings?|holidays))\s*$/iu', $verb->before()) || 1 === preg_match(self::THERE_IS, $object),
            'labelled' => !$this->words->areMostlyPeople($parts),
            default => true,
        };
    }

    private function isLet(string $words): bool
    {
        return 1 === preg_match(self::LET, $words);
    }

    /**
     * @param list<array{string, int}> $parts
     *
     * @return iterable<Candidate>
     */
    private function parts(array $parts, OfferingVerb $verb, int $start, ?string $terms): iterable
    {
        $cares = 1 === preg_match(self::CARES, $verb->words);
        $suffix = 'hired' === $verb->kind ? ' hire' : '';
        foreach ($this->item->shared->with($parts) as $i => [$part, $at, $noun]) {
            $suffix = $this->cues->offeringNames->hasVerb($part) ? '' : $suffix;
            $isNoOffering = $this->cues->givenUp->standIn($part)
                || 1 === preg_match('/^\s*from\s.+\sto\s/iu', $part)
                || ($i > 0 && 1 === preg_match(self::CIRCUMSTANCE, $part))
                || (1 === $i && $this->isBusinessNamed($parts))
                || ($cares && (1 === preg_match(self::CARED_FOR, trim($part)) || $this->words->namePeople($part)));
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
