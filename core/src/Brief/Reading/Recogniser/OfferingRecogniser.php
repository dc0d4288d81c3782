<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\PageKinds;

/** What the business offers: in lists, in running text, in passing; each with its price and what is said of it. */
final readonly class OfferingRecogniser implements Recogniser
{
    private const MOST_WORDS = 7;
    private const UNHEADED = 0.75;
    private const SHORT_NAME = 5;
    private const SAID_FIRST = 0.8;
    /** Said with a verb that leaves no doubt. */
    private const PLAIN = 0.9;
    /** Patients rather than services. */
    private const CARED_FOR = '/^(?:(?:all|small|large|farm|your)\s+)*(?:cats?|dogs?|rabbits?|horses?|ponies|chickens?|hens|guinea pigs|hamsters|pets?|animals|birds|reptiles|people|patients|children|adults|families)$/iu';
    /** "Independent opticians" says what they are, not what they offer. */
    private const PROFESSION = '/^[^,]{3,40}(?:ers|ors|ists|ians|ants|ects|smiths|wrights|company|firm|agency|practice|studio|charity|club)\.?$/iu';
    /** "…, a mobile mechanic service in Swindon" says what they are; "in Totnes" says where. */
    private const SELF_DESCRIPTION = '/^\s*(?:an?\s(?:[\p{L}-]+\s){0,4}(?:(?:service|business|company|firm|agency|practice)\b(?!s)|(?:charity|club|choir|trust|group|project|network) (?:that|which)\b)|in (?-i:\p{Lu})\p{L}+\s*$)/iu';
    /** The list goes on with what they do. */
    private const LIST_THEN_CLAUSE = '/^\s*[^,;:]{3,30},\s[^,;:]{3,30},\s(?:and )?(?:also )?we(?:[\'’]ve got| have| do| also|[\'’]ll do| sing| play| run)\b/iu';
    /** "Photographs, please, of real afternoons" */
    private const NO_OBJECT = '/^\s*(?:,|of\b|please\b)/iu';
    /** "eighty cows, thirty goats", "the courier broke half of it" */
    private const COUNTED = '/^\s*(?:the|\d+|two|three|four|five|six|seven|eight|nine|ten|twelve|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)\s/iu';
    /** "We considered selling fabric" */
    private const NOT_DONE = '/\b(?:considered|thought about|thought of|talked about|looked (?:into|at)|toyed with|gave up|stopped)\s+\p{L}+ing\b[^,]*$/iu';
    /** "an hour for £40" */
    private const PRICE_ALONE = '/^\s*(?:costs?|priced?|from|at)\b.*[£$€]\s?\d|^\s*(?:an?|one|per|half an?) (?:\p{L}+ )?(?:hours?|days?|nights?|sessions?|weeks?|months?|lessons?|class|evenings?|mornings?) (?:for|at|is|costs?) [£$€\d]/iu';
    /** "House moves, storage, and we do the packing" */
    private const CLAUSE_AFTER = '/,?\s+(?:and|but|so)\s+(?:[\p{L}]+\s+){0,8}(?:we|i|it|they)\b.*$|,\s+(?:we|i|it|they|he|she|that)(?:[\'’]\p{L}+)?\s.*$/ius';
    /** "models, in the studio, from wood" */
    private const CIRCUMSTANCE = '/^(?:in|at|from|by|with|for|on) (?:an?|the|our|my|every|each|all|\p{L}+$)/iu';
    /** "We supply relief chefs to restaurants": what is supplied, not to whom. */
    private const GIVEN_TO = '/\b(?:supply|supplies|sell|sells|deliver|delivers|provide|provides)\b/iu';
    private const TO_WHOM = '/(?<!door|access|introductions|guides|one)\s+to\s+(?!order\b|measure\b|hire\b|rent\b|let\b|go\b|take\b|eat\b|\d)\p{L}.*$/ius';
    /** A sentence rather than a list. */
    private const SAYS = '/^(?:it[\'’]?s|we[\'’]?re|we|i|it|they|there|this|all|each|every|people|most|some|you|our|that[\'’]?s|not)\b|\b(?:my|his|her|she|he|it[\'’]?s|we[\'’]re|is|are|was|were|started|comes?|costs?|included|know|think)\b/iu';
    /** Verbs that add nothing to the name of what is offered: "do restorations", "make oars". */
    private const LIGHT_VERB = '/^(?:(?:also|then|can|now|even|sometimes)\s+)*(?:do|does|make|makes|offer|offers|provide|provides|sell|sells|run|runs|give|gives|put on|hold|host|supply|supplies|carry out|undertake|take on|have|rent out|hire out)\s+(?=\p{L})/iu';
    /** "there's bed and breakfast" */
    private const CLAUSE_BEFORE = '/^(?:sorting out|there[\'’]?s|there (?:is|are)|we[\'’]ve(?: got)?|we have|you[\'’]ve got|(?:we|i) (?:also )?(?:do|offer|sell|make|run|give|provide))\s+(?:also )?(?:an? |some )?(?:schemes? of )?(?=\p{L})/iu';
    /** "on Fridays local vegetables" */
    private const WHEN_FIRST = '/^(?:since (?:\p{L}+ ){1,2}?(?:\d{4}|year|month|week|summer|winter|spring|autumn|january|february|march|april|may|june|july|august|september|october|november|december)\s+|now and then\s+|these days\s+|nowadays\s+|occasionally\s+|sometimes\s+|once in a while\s+|(?:on|in|at|during|every|from|once)\s+(?:the\s+)?(?:\p{L}+\s+){0,2}?(?:(?:mon|tues|wednes|thurs|fri|satur|sun)days?|weekends?|weekdays?|summer|winter|spring|autumn|christmas|easter|season|months?|weeks?|years?|evenings?|mornings?)\s+)(?=\p{L})/iu';
    /** Where nobody speaks of themselves, somebody else took notes. */
    private const FIRST_PERSON = '/\b(?:we|i)\b/iu';
    private const VERBS = ['hired' => 0.93, 'sure' => 0.92, 'labelled' => 0.9, 'colon' => 0.86, 'visitors' => 0.8, 'sure_third' => 0.88, 'told' => 0.88, 'there' => 0.7, 'possible' => 0.6];
    /** "the following works: …" */
    private const ANNOUNCED = '/^[^:.;,]{0,60}:\s*/u';
    /** "Many photos, steam, happy faces", "Welcoming, a bit nosy" */
    private const PICTURES_OR_MOOD = '/^\s*(?:(?:many|lots of|loads of|good|large|big|plenty of|great|nice)\s+)*(?:photo(?:graph)?s|pictures|images|pics)\b|\b(?:a bit|a little|like (?:us|a|the|an|you))\b/iu';
    private const NO_LIST = '/\b(?:we|i|it|they|you|she|he|want|wants|need|needs|pages?|site|website(?! (?:builds?|design|audits?|hosting|maintenance|development))|is|are|was|am|be|must|no|not|me|my|him|freelance|years in|send|sends|people (?:get|come|can|find|say|love|like)|yeah|yes|definitely|absolutely|sure|mailing list|should|would|can|don[\'’]?t|please|found|mostly|mainly|everyone|everybody|else|per|max|thats|that|this|there|nor|let|come|comes|pay|nothing|fancy|just|feel|tone|open(?! (?:studio|mic|day|air|water|evening|access))|thanks?|hello|hi|cheers|regards|based|miles?)\b|[:"“?]|@|\d{5}/iu';
    private const STOP = '/(?:[.;!?]|\s[–—-]\s|,?\s(?:but|because|so(?! on)|which|who|where|when|while|although|since|if|until|or anything|all of (?:it|them)|that (?:have|has|had|are|is|were|we|i|you|they|need|don[\'’]?t|can)|as long as|mostly for|mainly for|usually for|to (?:people|help|make|give|keep|let)|,\s*(?:we|i|it|they))\b|,?\sand\s(?:on|in|at|every|once|twice|since|from)\s[^,.;]{0,25}\b(?:we|i)\b|,?\sand\s(?:we|i|they|it|people|that|you|can|have|all|want|would|need)\b|,\s(?:we|i|all|free(?! [\p{L}-]+(?:[.,]|\s*$))|mostly|mainly|usually|with|that(?:[\'’]s| was| is| were)|this|my|he|she)\b)/iu';

    public function __construct(private Cues $cues, private Negation $negation, private PageKinds $pages)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        yield from $this->unheadedItems($reading->sentences);
        yield from $this->namesAsSentences($reading->sentences);
        $before = null;
        $isTold = 1 !== preg_match(self::FIRST_PERSON, $reading->text->text);
        foreach ($reading->sentences as $sentence) {
            if (!$sentence->isSpoken() || \in_array($sentence->block->kind, [BlockKind::Title, BlockKind::Heading], true)) {
                continue;
            }
            if (true === $sentence->block->agreed && 1 === preg_match('/\b(?:should|can|could|would|do|shall|will)\b/iu', $sentence->text)) {
                continue;
            }
            if ('offering' === $sentence->block->topic) {
                yield from $this->underTopic($sentence);
                continue;
            }
            if (null !== $sentence->block->topic && !\in_array($sentence->block->topic, ['business_kind', 'business_name', 'differentiator', 'person', 'proof'], true)) {
                continue;
            }
            $offered = [...$this->inRunningText($sentence, $isTold), ...$this->saidFirst($sentence), ...$this->priced($sentence), ...$this->bareList($sentence, $before === $sentence->block)];
            yield from $offered;
            $before = [] === $offered ? null : $sentence->block;
        }
    }

    /**
     * Three lines or more of a list that nothing announces, neither pages nor people nor features: what they offer.
     *
     * @param list<Sentence> $sentences
     *
     * @return iterable<Candidate>
     */
    private function unheadedItems(array $sentences): iterable
    {
        $run = [];
        foreach ([...$sentences, null] as $sentence) {
            if (null !== $sentence && BlockKind::Item === $sentence->block->kind && null === $sentence->block->topic && $sentence->isFirst() && str_word_count($sentence->text) <= self::MOST_WORDS && 1 !== preg_match(self::NO_LIST, $sentence->text)) {
                $run[] = $sentence;
                continue;
            }
            $parts = array_map(static fn (Sentence $item): array => [trim($item->text, " .\n"), $item->start], $run);
            $other = array_filter($parts, $this->isSomethingElse(...));
            if (\count($run) > 2 && 3 * \count($other) <= \count($run)) {
                foreach ($parts as [$part, $start]) {
                    yield from $this->item($part, $start, self::UNHEADED);
                }
            }
            $run = [];
        }
    }

    /**
     * "Crane hire. Contract lifts. Machinery moving.": three sentences or more that are nothing but names.
     *
     * @param list<Sentence> $sentences
     *
     * @return iterable<Candidate>
     */
    private function namesAsSentences(array $sentences): iterable
    {
        $run = [];
        foreach ([...$sentences, null] as $sentence) {
            $bare = null === $sentence ? '' : rtrim($sentence->text, " .\n");
            $goesOn = null !== $sentence && ([] === $run || end($run)->block === $sentence->block);
            if ($goesOn && \in_array($sentence->block->topic, [null, 'business_kind'], true) && $sentence->isSpoken() && BlockKind::Paragraph === $sentence->block->kind && str_word_count($bare) <= self::SHORT_NAME && !str_contains($bare, ',') && 1 !== preg_match(self::NO_LIST, $bare)) {
                $run[] = $sentence;
                continue;
            }
            $parts = array_map(static fn (Sentence $name): array => [rtrim($name->text, " .\n"), $name->start], $run);
            $other = array_filter($parts, $this->isSomethingElse(...));
            if (\count($run) > 2 && [] === $other) {
                foreach ($parts as [$part, $start]) {
                    yield from $this->item($part, $start, self::UNHEADED);
                }
            }
            $run = [];
        }
    }

    /**
     * Words that are nothing but an enumeration: "Lock-outs, lock changes, safes." or "beard trims £10"; after a
     * sentence with offerings, "Then gutters and drains.".
     *
     * @return iterable<Candidate>
     */
    private function bareList(Sentence $sentence, bool $afterOffering): iterable
    {
        $text = rtrim(preg_replace('/\s*(?:,? that sort of thing|\s[-–—] the lot|,? and so on|,? you name it|,? etc)\.?\s*$|\s*(?:[:;]-?[)D(]|\(:|:-?P|<3|x+)\s*$/u', '', $sentence->text) ?? $sentence->text, " \n.!");
        $text = $this->covered('/\s(?:mainly|mostly)(?=,)|\bbut also\b|\s(?:when|whenever|where|if|while|because|that|which|who)\s[^,;.()]*(?=[,;.)]|$)/iu', $text, ' ');
        $goesOn = $afterOffering && 1 === preg_match('/^\s*(?:then|plus|also|and|and then|there[\'’]?s also|oh,? and|oh)\s+/iu', $text, $m);
        $text = $afterOffering && 1 === preg_match('/^[^,]{3,40}?(?=\s(?:too|as well)\b)/iu', $text, $too) ? $too[0] : $text;
        $inPassing = isset($too[0]) || ($goesOn && 1 === preg_match('/^\s*oh\b/iu', $text)) || ($afterOffering && 1 === preg_match('/^[^,(]{4,40}\([^)]*[£$€]\d[^)]*\)\s*$/u', $text));
        if ($goesOn) {
            $text = str_repeat(' ', \strlen($m[0])).substr($text, \strlen($m[0]));
        }
        if (1 === preg_match('/^\s*(?:mostly|mainly|usually)\s+/iu', $text, $m)) {
            $text = str_repeat(' ', \strlen($m[0])).substr($text, \strlen($m[0]));
        }
        $bare = rtrim(preg_replace(self::CLAUSE_AFTER, '', $text) ?? $text);
        $goesOn = $goesOn || ($bare !== $text && ($afterOffering || 1 === preg_match(self::LIST_THEN_CLAUSE, $text)));
        $text = $bare;
        if (1 === preg_match(self::PICTURES_OR_MOOD, $text) || 1 === preg_match(self::NO_LIST, preg_replace('/\([^)]*\)/u', '', $text) ?? $text)) {
            return;
        }
        $parts = Phrase::list($text);
        $priced = \count(array_filter($parts, fn (array $part): bool => 1 === preg_match($this->cues->money, $part[0])));
        $isItem = BlockKind::Item === $sentence->block->kind;
        $known = \count(array_filter($parts, fn (array $part): bool => null !== $this->pages->named(Phrase::tidy($part[0]))));
        if ((\count($parts) < ($inPassing ? 1 : ($goesOn ? 2 : 3)) && $priced < 1 + ($isItem ? 0 : 1)) || $known >= 2 || [] !== array_filter($parts, static fn (array $part): bool => str_word_count(preg_replace('/\s*\([^)]*\)|\s(?:on|in|at|every|during|from)\s.*$/iu', '', $part[0]) ?? $part[0]) > 7)) {
            return;
        }
        if (\count(array_filter($parts, $this->isTone(...))) > 1 || 2 * \count(array_filter($parts, fn (array $part): bool => 1 === preg_match($this->cues->persons, $part[0]))) > \count($parts)) {
            return;
        }
        if (2 * \count(array_filter($parts, $this->isFeature(...))) >= \count($parts) || [] !== array_filter(\array_slice($parts, 0, 1), $this->isFeature(...))) {
            return;
        }
        $later = array_filter(\array_slice($parts, 1), static fn (array $part): bool => 1 === preg_match('/^\p{Lu}\p{Ll}/u', $part[0]));
        if (!$isItem && $priced < 1 && (3 * \count($later) >= \count($parts) || [] !== array_filter($parts, $this->isName(...)))) {
            return;
        }
        foreach ($parts as [$part, $at]) {
            if ($priced === \count($parts) && $priced > 1 && 1 === preg_match('/\b(?:pass|drop[- ]?in|block|membership|concessions?|adults?|child(?:ren)?|per (?:hour|person|day|night)|hour|hourly|members)\b/iu', $part)) {
                yield new Candidate(FactKind::Price, Phrase::title($part), $sentence->start + $at, \strlen($part), 0.9);
            } elseif (str_word_count(preg_replace([$this->cues->money, '/\([^)]*\)/u'], '', $part) ?? $part) <= 5) {
                yield from $this->item($part, $sentence->start + $at, 1 === \count($parts) ? 0.85 : 0.75);
            }
        }
    }

    /**
     * A page, people, a feature, a tone or a name rather than what is offered.
     *
     * @param array{string, int} $part
     */
    private function isSomethingElse(array $part): bool
    {
        return null !== $this->pages->named(Phrase::tidy($part[0])) || 1 === preg_match($this->cues->persons, $part[0]) || $this->isFeature($part) || $this->isTone($part) || $this->isName($part);
    }

    /** @param array{string, int} $part */
    private function isTone(array $part): bool
    {
        return [] !== array_filter($this->cues->tones, static fn (string $pattern): bool => 1 === preg_match($pattern, $part[0]));
    }

    /** @param array{string, int} $part */
    private function isFeature(array $part): bool
    {
        return [] !== array_filter($this->cues->namedFeatures, static fn (string $pattern): bool => 1 === preg_match($pattern, $part[0]));
    }

    /**
     * Two capitals or more in a row are a person, a place or a business rather than something offered.
     *
     * @param array{string, int} $part
     */
    private function isName(array $part): bool
    {
        return 1 === preg_match('/^\p{Lu}\p{Ll}+(?:\s+(?:and\s+|of\s+|&\s+|\+\s+)?\p{Lu}\p{Ll}+)+$/u', trim($part[0]));
    }

    /** @return iterable<Candidate> */
    private function underTopic(Sentence $sentence): iterable
    {
        if ($this->cues->isBlank($sentence->text) || 1 === preg_match($this->cues->givenUp, $sentence->text)) {
            return;
        }
        if (BlockKind::Item === $sentence->block->kind) {
            if ($sentence->start === $sentence->block->start) {
                yield from $this->item($sentence->text, $sentence->start, 0.96);
            }

            return;
        }
        $listed = $this->untilStop($sentence->text);
        $parts = Phrase::list($listed);
        $isList = \count($parts) > 1 && 1 !== preg_match(self::SAYS, $listed) && [] === array_filter($this->verbs($listed), static fn (array $verb): bool => 'sure' === $verb[0]);
        $running = $isList ? [] : iterator_to_array($this->inRunningText($sentence), false);
        if ([] !== $running) {
            yield from $running;

            return;
        }
        if (!$isList && 1 === preg_match(self::SAYS, $sentence->text)) {
            yield from $this->priced($sentence);

            return;
        }
        foreach ($isList ? $this->inRunningText($sentence) : [] as $candidate) {
            if ($candidate->start >= $sentence->start + \strlen($listed)) {
                yield $candidate;
            }
        }
        $parts = $isList ? $parts : Phrase::list($sentence->text);
        if (1 === \count($parts) && trim($sentence->text) === trim($sentence->block->text) && 1 === preg_match(self::PROFESSION, $parts[0][0])) {
            return;
        }
        foreach ($parts as [$part, $at]) {
            yield from $this->item($part, $sentence->start + $at, 0.95);
        }
    }

    /**
     * @param bool $isTold in notes that somebody else took, "they make" says what the client makes
     *
     * @return iterable<Candidate>
     */
    private function inRunningText(Sentence $sentence, bool $isTold = false): iterable
    {
        $text = $sentence->text;
        $taken = 0;
        foreach ($this->verbs($text) as [$verb, $words, $offset]) {
            if ('told' === $verb && !$isTold) {
                continue;
            }
            $certainty = self::VERBS[$verb];
            $from = $offset + \strlen($words);
            if ($from <= $taken || 1 === preg_match(self::NO_OBJECT, substr($text, $from)) || 1 === preg_match(self::NOT_DONE, substr($text, 0, $offset + \strlen($words))) || (1 === preg_match('/\b(?:what|how|where|why|which|that|who|as|if|until|once)\s*$/iu', substr($text, 0, $offset)) && 1 !== preg_match('/^\s*(?::|is\b|are\b)/iu', substr($text, $from)) && !str_ends_with($words, ':')) || $this->negation->covers($sentence, $offset)) {
                continue;
            }
            if (1 === preg_match('/\b(?:pages?|structure|menu|navigation|sections|site ?map)\b/iu', substr($text, 0, $offset)) || 1 === preg_match('/^[^.;!?]*,[^.;!?]*\b(?:as|for) (?:the |its |our |separate )?(?:pages|sections|menu)\b/iu', substr($text, $from)) || (1 === preg_match('/\b(?:can|could|should)\s*$/iu', substr($text, 0, $offset)) && 1 === preg_match('/^\s*(?:we|i)\b/iu', $words))) {
                continue;
            }
            if ('visitors' === $verb && 1 === preg_match('/^\s*(?:say|tell|ask|send|book|check|find out|ring|call|pay|order|read|fill|choose|leave|sign|see what|see when|contact|get in touch|reserve)\b/iu', substr($text, $from))) {
                continue;
            }
            $rest = $this->untilStop(substr($text, $from));
            if (1 === preg_match(self::GIVEN_TO, $words)) {
                $rest = preg_replace(self::TO_WHOM, '', $rest) ?? $rest;
            }
            $terms = null;
            if (1 === preg_match('~,\s*(?='.substr($this->cues->money, 1, -3).')~iu', $this->covered('/\([^)]*\)/u', $rest, 'x'), $price, \PREG_OFFSET_CAPTURE)) {
                $terms = Phrase::tidy(substr($rest, (int) $price[0][1]));
                $rest = substr($rest, 0, (int) $price[0][1]);
            }
            $after = substr($text, $from, \strlen($rest) + 30);
            if ('' === trim($rest) || (1 === preg_match($this->cues->givenUp, $after) && (!str_contains($rest, ',') || 1 !== preg_match($this->cues->givenUp, $rest)))) {
                continue;
            }
            if (1 === preg_match(self::ANNOUNCED, $this->covered('/\([^)]*\)/u', $rest, 'x'), $lead) && \count(Phrase::list(substr($rest, \strlen($lead[0])))) > 1) {
                $from += \strlen($lead[0]);
                $rest = substr($rest, \strlen($lead[0]));
            }
            $parts = $this->clauses(Phrase::list($rest));
            if (\in_array($verb, ['possible', 'colon'], true) && 2 * \count(array_filter($parts, fn (array $part): bool => 1 === preg_match($this->cues->persons, $part[0]))) > \count($parts)) {
                continue;
            }
            if ('colon' === $verb && 1 === preg_match(self::COUNTED, $rest)) {
                continue;
            }
            if ('colon' === $verb && (\count(array_filter($parts, $this->isTone(...))) > 1 || [] !== array_filter($parts, static fn (array $part): bool => 1 === preg_match(self::PICTURES_OR_MOOD, $part[0])))) {
                continue;
            }
            if ('visitors' === $verb && \count($parts) < 2 && 1 !== preg_match('/\bcan (?:do|try|have|go|join)$/iu', $words)) {
                continue;
            }
            if (('colon' === $verb && (\count($parts) < 2 || [] !== array_filter($parts, $this->isName(...)))) || ('possible' === $verb && 1 === preg_match('/\bit[\'’]?s$/iu', trim($words)) && 1 === preg_match('/^\s*\p{Lu}/u', $rest)) || ('possible' === $verb && 'offering' !== $sentence->block->topic && 1 !== preg_match(self::LIST_THEN_CLAUSE, $text) && \count($parts) < 3 && 1 !== preg_match($this->cues->money, $rest) && 1 !== preg_match('/^\s*(?:also )?an?\s+[\p{L}-]+ (?:class|course|club|workshop|group|band|choir|shop|caf[eé]|bar|team)\b/iu', $rest)) || ('there' === $verb && \count($parts) < 2 && 1 !== preg_match('/\balso\b/iu', $words) && 1 !== preg_match('/\b(?:then|plus|and|oh)\s*$/iu', substr($text, 0, $offset)) && 1 !== preg_match('/\b(?:class|classes|course|courses|club|workshops?|sessions?|shop|caf[eé]|bar|theatre|group|choir|nursery|academy)\b/iu', $rest))) {
                continue;
            }
            $suffix = 'hired' === $verb ? ' hire' : '';
            foreach ($parts as $i => [$part, $at]) {
                $suffix = 1 === preg_match(self::LIGHT_VERB, trim($part)) ? '' : $suffix;
                if (1 === preg_match($this->cues->givenUp, $part) || 1 === preg_match('/^\s*from\s.+\sto\s/iu', $part) || ($i > 0 && 1 === preg_match(self::CIRCUMSTANCE, $part)) || (1 === $i && $this->isBusinessNamed($parts))) {
                    continue;
                }
                if (1 === preg_match('/\b(?:look after|see|treat|care for)\b/iu', $words) && 1 === preg_match(self::CARED_FOR, trim($part))) {
                    continue;
                }
                yield from $this->item($part, $sentence->start + $from + $at, $certainty, $i === \count($parts) - 1 ? $terms : null, $suffix);
            }
            $taken = $from + \strlen($rest);
        }
    }

    /**
     * "Hedge laying and dry stone walling are what I do.".
     *
     * @return iterable<Candidate>
     */
    private function saidFirst(Sentence $sentence): iterable
    {
        if (1 !== preg_match($this->cues->offeringVerbs['before'], $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        $list = substr($sentence->text, 0, (int) $m[0][1]);
        if (1 === preg_match(self::NO_LIST, $list)) {
            return;
        }
        $suffix = 1 === preg_match('/\bhire\W*$/iu', $m[0][0]) ? ' hire' : '';
        foreach (Phrase::list($list) as [$part, $at]) {
            yield from $this->item($part, $sentence->start + $at, self::SAID_FIRST, null, $suffix);
        }
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
        if ([] === array_filter(\array_slice($parts, 1), static fn (array $part): bool => 1 === preg_match(self::LIGHT_VERB, $part[0]))) {
            return $parts;
        }

        return Phrase::listsIn($parts);
    }

    /**
     * "I run Iron Magnolia, a women's strength studio": a name, and what it is.
     *
     * @param list<array{string, int}> $parts
     */
    private function isBusinessNamed(array $parts): bool
    {
        return 1 === preg_match('/^(?:\p{Lu}[\p{L}\'’&-]*(?:\s+|$))+$/u', trim($parts[0][0])) && 1 === preg_match('/^(?:an?|the)\s/iu', $parts[1][0]);
    }

    /** @return list<array{key-of<self::VERBS>, string, int}> which kind of verb, its words and where they start, in order */
    private function verbs(string $text): array
    {
        $found = [];
        $text = $this->covered('/\([^)]*\)/u', $text, 'x');
        foreach (array_keys(self::VERBS) as $verb) {
            preg_match_all($this->cues->offeringVerbs[$verb], $text, $matches, \PREG_OFFSET_CAPTURE);
            foreach ($matches[0] as [$words, $offset]) {
                $found[] = [$verb, $words, (int) $offset];
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[2] <=> $b[2] ?: self::VERBS[$b[0]] <=> self::VERBS[$a[0]]);

        return $found;
    }

    /**
     * "the sauna is £9 for 45 min".
     *
     * @return iterable<Candidate>
     */
    private function priced(Sentence $sentence): iterable
    {
        $price = substr($this->cues->money, 1, -3);
        preg_match_all('~(?:^|[,;.]\s*|\band\s+|\bthe\s+|\ba\s+|\bour\s+)(?<name>(?!(?:it|this|that|budget|price|they|he|she|which|we|i)\b)[\p{L}][\p{L}\'’\-]*(?:\s+[\p{L}\'’\-]+){0,3}?)\s+(?:is|are|costs?|at|starts? at|comes? to|:|-|–)\s*(?:now\s+)?(?<price>'.$price.')~iu', $sentence->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($matches as $m) {
            $name = Phrase::title($m['name'][0]);
            if (1 === preg_match($this->cues->notOfferings, $name) || 1 === preg_match('/budget|hosting|cost|fee\b|deposit|delivery|postage/i', $sentence->text)) {
                continue;
            }
            yield new Candidate(FactKind::Offering, $name, $sentence->start + (int) $m['name'][1], (int) $m['price'][1] + \strlen($m['price'][0]) - (int) $m['name'][1], 0.85, detail: ['price' => Phrase::tidy($m['price'][0])]);
        }
    }

    /** The text with what matches covered by other letters, so that places in it stay the same. */
    private function covered(string $pattern, string $text, string $by, string $first = ''): string
    {
        preg_match_all($pattern, $text, $matches, \PREG_OFFSET_CAPTURE);
        foreach ($matches[0] as [$words, $offset]) {
            $text = substr_replace($text, str_pad($first, \strlen($words), $by), (int) $offset, \strlen($words));
        }

        return $text;
    }

    private function untilStop(string $rest): string
    {
        $rest = $this->covered('/,\s(?:that[\'’]s|mostly|usually|mainly|only)\s[^,.;]{3,30}(?=,)/iu', $rest, ' ');
        $rest = $this->covered('/\s[-–—]\s+(?:mostly|mainly|usually|including|like|such as|all|both)\b|\s*\bbut also\b/iu', $rest, ' ', ';');
        $rest = $this->covered('/\([^)]*\)(*SKIP)(*F)|\s(?:when|whenever|where|if|while|that (?:people|you|everyone|folk|customers|they))\s[^,;.()]*(?=[,;.)]|$)/iu', $rest, ' ');
        $inBrackets = $this->covered('/\([^)]*\)/u', $rest, 'x');
        if (str_contains($inBrackets, ')')) {
            [$rest, $inBrackets] = [substr($rest, 0, (int) strpos($inBrackets, ')')), explode(')', $inBrackets, 2)[0]];
        }
        $inBrackets = str_replace('; ', ', ', $inBrackets);
        if (1 === preg_match(self::STOP, $inBrackets, $m, \PREG_OFFSET_CAPTURE)) {
            return substr($rest, 0, (int) $m[0][1]);
        }

        return $rest;
    }

    /** @return iterable<Candidate> */
    private function item(string $text, int $start, float $certainty, ?string $terms = null, string $suffix = ''): iterable
    {
        if ($certainty < self::PLAIN && 1 === preg_match(self::SELF_DESCRIPTION, $text)) {
            return;
        }
        if (1 === preg_match(self::PRICE_ALONE, $text)) {
            return;
        }
        $lead = 1 === preg_match('/^\s*\([^)]*\)\s*/u', $text, $m) ? \strlen($m[0]) : 0;
        [$text, $start] = [substr($text, $lead), $start + $lead];
        $detail = null === $terms ? [] : ['description' => $terms];
        if (null !== $terms && 1 === preg_match($this->cues->money, $terms, $m)) {
            $detail['price'] = Phrase::tidy($m[0]);
        }
        $name = $text;
        if (1 === preg_match('/^(?<name>[^(:]{2,60}?)\s*(?:\s[-–—]\s+|:\s+|\((?=[^)]*\)\s*$))\s*(?<about>.+?)\)?\s*$/u', $text, $m)) {
            $name = $m['name'];
            $detail['description'] = Phrase::tidy($m['about']);
        }
        if (1 === preg_match($this->cues->money, $text, $m)) {
            $detail['price'] = Phrase::tidy($m[0]);
            $name = preg_replace('/\s+(?:at|for|from|is|are|costs?|starts?)(?:\s+(?:an?\s+)?\p{L}+)?\s*$/iu', '', preg_replace($this->cues->money, '', $name) ?? $name) ?? $name;
            if (($detail['description'] ?? null) === $detail['price']) {
                unset($detail['description']);
            }
        }
        $name = preg_replace([self::CLAUSE_BEFORE, self::WHEN_FIRST, self::LIGHT_VERB], '', trim($name)) ?? $name;
        $name = preg_replace('/\s+(?:obviously|of course|naturally|basically|etc|and so on|and (?:stuff|more|the like)|too|as well|on top|from us|with us|through us|on the internet.*|over the internet.*|now|under the name .*|under one roof|really|mostly|mainly|at the moment|from scratch|by hand|online|sadly|luckily|(?:all )?(?:year|week) round(?: \p{L}+)?|all over .*|out of .*|at (?:christmas|easter|markets|fairs|night|the weekend)\b.*|in (?:summer|winter|spring|autumn) \p{L}+|(?:for )?the rest of the (?:year|time|week)|every (?:\p{L}+(?: (?:morning|afternoon|evening|night)s?)?(?: (?:in|during) .*)?|weekend between .*|\p{L}+ between .*)|once a \p{L}+|twice a \p{L}+|in (?:spring|summer|autumn|winter|the (?:holidays|evenings?|mornings?|(?:summer|winter|spring|autumn)(?: \p{L}+)?|back(?: \p{L}+)?|garden|front)|(?:\d+|two|three|four|five|six|seven|eight|nine|ten|several|various) (?:[\p{L}-]+ )?\p{L}+s\b.*|(?:our|my|an?|the) (?:[\p{L}-]+ )?(?:shop|studio|workshop|kitchen|barn|yard|garage|unit|shed)\b.*)|from (?:my|our|his|her|their) (?:own )?[\p{L}-]+.*|for (?:up to |about |around )?(?:\d+|an?|one|two|three|four|five|six|eight|ten|twelve) (?:minutes?|hours?|days?|weeks?|months?)\b.*|during .*|(?:on|in) (?:the (?:first|second|third|last|second-last) .*|summer|winter|season)|on request|at weekends|as \p{L}+ .*|when .*|while .*|(?:\d|two|three|four|five|six|seven) (?:nights|days|evenings|times) (?:a|per) (?:week|month|year).*|on (?:\p{L}+ )?(?:mon|tues|wednes|thurs|fri|satur|sun)days?.*|for (?:good|keen|advanced|experienced|nervous|older|younger|busy|small|large|individual) .*|for (?:\d.*|(?:one|two|three|four|five|six|eight|ten) (?:people|persons|children|adults).*|ages .*|those\b.*|people|anyone|everyone|all|adults|children|kids|beginners|teams|groups|families|homes|businesses|over \d+ years|\d+ years|years)\b.*|in and around .*|throughout .*|at \d.*|from next door|in \p{L}+ rooms.*|out of (?-i:\p{Lu}).*|to (?:small|large|local|private|other|medium)\b.*|across .*|around .*|(?:in|on|at|near)(?: the)? (?-i:[A-Z])\p{L}+.*)\.?$/iu', '', trim($name)) ?? $name;
        $name = preg_replace('/^(?:(?:drink|eat|try|browse|dig through|enjoy|watch|hear|(?:and )?listen to|all (?:kinds|sorts|types) of|lots of|the odd|a (?:lot|range|variety|selection|choice) of|a (?:wide|full|small) range of|range of|everything from|things like|such as|like|also|even|mostly|mainly|some|a few|a bit of|full(?= \p{L}+ service)|both|from|to|of|in|then|about|up to|over|fully|really|very|good|great|proper|decent|your|two|three|four|five|six|seven|eight|\d+)\s+)+(?=\p{L})/iu', '', Phrase::tidy($name)) ?? $name;
        $name = preg_replace('/\s+(?:up|down|over|out|here|there)$/iu', '', $name) ?? $name;
        $name = Phrase::title('' === $suffix ? $name : (preg_replace('/(?<=[^s])s$/u', '', $name) ?? $name)).$suffix;
        if (str_word_count($name) > self::MOST_WORDS) {
            $name = preg_replace('/\s+(?:for|to|in|with|of|at|on)\s.*$/iu', '', $name) ?? $name;
        }
        $words = preg_split('/\s+/', $name) ?: [];
        if (mb_strlen($name) < 3 || \count($words) > self::MOST_WORDS || 1 === preg_match($this->cues->notOfferings, $name) || 1 !== preg_match('/\p{L}{3}/u', $name)) {
            return;
        }
        if (1 === preg_match('/^(?:oh )?(?:yes|no|yeah|nope)\b|\bcomes\b|^(?:(?:children|kids|adults)(?![\'’])|under|direct to|founded|established)\b|^any(?:one|body)[\'’]s$|^nothing else$|^(?:outside|near|but|upstairs|downstairs|for|with|in|at|on(?!-)|by|because|that[\'’]?s|ships?|carried|(?:done|made)(?!-)|who|when|where|if|because|than|as|without|not)\b|\b(?:we|i|they|you|us|me|them|is|are|was|were|website|home ?page|ourselves|myself|mailing list)\b|^(?:through|round|trade)\b|\b(?:learners|children|adults|beginners|people|women|men|families)$/iu', $name)) {
            return;
        }
        yield new Candidate(FactKind::Offering, $name, $start, \strlen($text), $certainty, detail: $detail);
    }
}
