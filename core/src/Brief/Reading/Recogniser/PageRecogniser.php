<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\Feature;
use DunePocket\Catalogue\PageKinds;

/** Pages asked for, one by one, in lists, and "a page each". */
final readonly class PageRecogniser implements Recogniser
{
    /** A page called for by name makes its feature likely. */
    private const IMPLIED = 0.5;
    private const ADJECTIVES = 'separate|simple|dedicated|single|own|new|nice|good|extra|short|proper|little|clear|whole|different|decent|basic|quick|small|big|great|further|second|normal|plain';
    /** A page called "Products" may show what is made without selling it. */
    private const SHOP = '/\b(?:shop|store|buy|order)\b/iu';
    /** What comes before a list of names that are to be pages. */
    private const WANTED = '/\b(?:needs?|wants?|have|include|imagine|see|suggest|propose|like|picture|structure|sections?|contents?|menu|pages?)\b[^:–—]{0,30}[:–—-]\s*$/iu';
    private const LONGEST_NAME = 5;
    /** "A page about fitting" is called Fitting; "About us" and "about Jane" keep their first word. */
    private const ABOUT_A_THING = '/^about (?=\p{Ll})(?!(?:us|me|you|it|the|our|my|this)\b)/u';
    private const UNMISTAKABLE = '/\b(?:home|about|contact|prices|pricing|faqs?|gallery|find us|where we are|who we are|what we do|visit us|get in touch)\b/iu';
    /** A list that begins or ends with one of these is one of pages. */
    private const AT_THE_ENDS = '/^\s*(?:home|about)\b|\b(?:contact(?: us| me)?|find us|where we are|get in touch|visit us|about(?: us| me)?)\s*(?:\([^)]*\))?\s*$/iu';
    /** Four names in capitals, wherever they stand. */
    private const CAPITAL_LIST = '/(?<list>(?-i:(?:The )?\p{Lu}[\p{L}\'’&-]*(?: [\p{L}\'’&-]+){0,4}(?:\s*\([^)]*\))?(?:, (?:The |the )?\p{Lu}[\p{L}\'’&-]*(?: [\p{L}\'’&-]+){0,4}(?:\s*\([^)]*\))?){2,})[^.:;!?\n]*)/iu';
    private const WISHED_LIST = '/\b(?:have|has|include|includes|see|like|want|need|needs|with|are|be|comprise|contain|contains|consist of|into|imagin(?:e|ed|ing)|thinking(?: of)?|suggest|suggests|propose|picture|pages|sections|menu|follows|follow|is|say|think|reckon)\b[^.;!?\n]{0,25}?(?::|\s[–—-])?\s+(?<list>(?-i:(?:the )?\p{Lu})[^.;:!?\n]{8,200})/iu';
    /** "Shop - Recipes - Contact" */
    private const BETWEEN_NAMES = '/\s+(?:[-–—·|•>\/]|->|→)\s+/u';
    private const NO_NAME = '/^(?:[\d\s–-]+|english|french|german|dutch|spanish|italian|welsh|polish|irish|portuguese|pages?|obviously|really|maybe|perhaps|also|please|them|everything|us|me|web|this|that|the|each|every|which|one|first|same|front|single|two|three|four|five|six|seven|eight|nine|ten|few|many|most|all|other|another|more|these|those|whole|per|on|any|no|an?|its|their|our|my|your|extra|separate|own|(?:all |both |each )?of them|them all|facebook|instagram|google|last|next|\d+|it|long|current|old|existing|yeah.*|with .*|because .*|that[\'’]?ll do|i (?:think|guess|suppose|reckon)|stock(?: .+)?|(?:.+ )?(?:\d+|two|three|four|five|six|seven|eight|nine|ten)|problem|idea|doubt|hurry|rush|pressure|need|point|more than)$/iu';

    /** @param array<string, Feature> $features */
    public function __construct(private Cues $cues, private Negation $negation, private PageKinds $pages, private array $features)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        yield from $this->namesAsSentences($reading->sentences);
        foreach ($reading->sentences as $sentence) {
            $kind = $sentence->block->kind;
            if (!$sentence->isSpoken() || BlockKind::Title === $kind || BlockKind::Heading === $kind) {
                continue;
            }
            yield from match ($sentence->block->topic) {
                'page_request' => $this->asked($sentence),
                null, 'feature' => [...$this->namesAlone($sentence), ...$this->spoken($sentence)],
                'goal', 'offering', 'business_kind', 'page_count' => $this->spoken($sentence),
                default => [],
            };
        }
    }

    /** @return iterable<Candidate> */
    private function asked(Sentence $sentence): iterable
    {
        $text = $sentence->text;
        if ($this->cues->isBlank($text)) {
            return;
        }
        if (BlockKind::Item === $sentence->block->kind && $sentence->start === $sentence->block->start && 1 !== preg_match('/^(?:no|not|don[\'’]?t|please no)\b/iu', $text)) {
            if (1 === preg_match('/^(?:an?|one) (?:separate |own )?page (?:for|per) (?:each |every )?(?<noun>[\p{L}-]+)/iu', $text, $each)) {
                yield $this->each($each['noun'], $sentence->start, \strlen($each[0]));
            } elseif (1 === preg_match('/^(?<name>[^(:–—]{2,50}?)\s*(?:\s[-–—]\s*|:\s*|\(|,\s|$)(?<about>.*?)\)?\s*$/u', $text, $m)) {
                yield from $this->request($m['name'], $sentence->start, $m['about'], 0.97);
                if (1 === preg_match('/\bpages? (?:for|per) (?:each|every)(?: of)?(?: the| our| my)?\s+(?<noun>[^.,;)]+)/iu', $m['about'], $each)) {
                    yield $this->each($each['noun'], $sentence->start + (int) strpos($text, $each[0]), \strlen($each[0]));
                }
            }

            return;
        }
        yield from $this->spoken($sentence);
        if (1 === preg_match('/^[^:,]{0,40}(?:\b(?:pages?|site|website|menu)\b|\d|\b(?:two|three|four|five|six|seven|eight|nine|ten)\b)[^:,]{0,20}:\s*|^\s*(?:so\s+)?pages?[,:]?\s+(?=\p{L}+,)/iu', $text, $m)) {
            $text = str_repeat(' ', \strlen($m[0])).substr($text, \strlen($m[0]));
        }
        if (1 === preg_match('/^\s*(?:(?:so|ok|okay|right|then|well)[, ]+)*(?:i[\'’]ve got|i have|we said|we have|that[\'’]?s|you said|you want|we[\'’]d want|it[\'’]s)\s+/iu', $text, $m)) {
            $text = str_repeat(' ', \strlen($m[0])).substr($text, \strlen($m[0]));
        }
        if (1 === preg_match('/\b(?:each|every|apiece)\b|\bpages?\b[^.]{0,60}\b(?:their own|its own)\b/iu', $text) && 1 !== preg_match('/[,;]/', $text)) {
            return;
        }
        $negated = 1 === preg_match('/\b(?:no|not|don[\'’]?t|without)\b/iu', $text, $m, \PREG_OFFSET_CAPTURE) ? (int) $m[0][1] : \strlen($text);
        $known = 0;
        $parts = Phrase::list(substr($text, 0, $negated));
        foreach ($parts as [$part]) {
            $known += null === $this->pages->named(Phrase::tidy($part)) ? 0 : 1;
        }
        $isFeature = !$sentence->isFirst() && [] !== array_filter($this->cues->features, static fn (string $pattern): bool => 1 === preg_match($pattern, $text));
        $isShortName = !$isFeature && 1 === \count($parts) && str_word_count($text) <= 4 && 1 === preg_match('/^\s*(?:and\s+)?\p{Lu}/u', $text);
        $areNames = \count($parts) > 2 && $this->isListOfNames($parts);
        if ($known < 2 && !$isShortName && !$areNames && (1 === preg_match('/\b(?:we|i|it|they)\b/iu', $text) || (!$sentence->isFirst() && 2 * $known < \count($parts)))) {
            return;
        }
        foreach ($parts as [$part, $at]) {
            if (1 === preg_match('/\bpages? (?:for|per) (?:each|every)(?: of)?(?: the| our| my)?\s+(?<noun>.+)$/iu', $part, $each)) {
                yield $this->each($each['noun'], $sentence->start + $at, \strlen($part));
                if (1 === preg_match('/^([^(]{3,40}?)\s*\(/u', $part, $m)) {
                    yield from $this->request($m[1], $sentence->start + $at, '', 0.96);
                }
                continue;
            }
            $about = '';
            if (1 === preg_match('/^(.{2,40}?)\s*(?:\(|\s[-–=]\s)(.+?)\)?$/u', $part, $m)) {
                [, $part, $about] = $m;
            }
            if (1 === preg_match('/\b(?:my|his|her|i|you|has|have|is|are|was|were)\b/iu', $part) && 1 !== preg_match('/^(?:and |the )?(?:about|what|why|how|who|where|my|our|meet)\b/iu', $part)) {
                continue;
            }
            $lead = 1 === preg_match('/^(?:(?:an?|one|another)\s+)?(?:page|section|something|bit)\s+(?:about|on|for|with)\s+(?!us\b|me\b)/iu', $part, $m) ? \strlen($m[0]) : 0;
            yield from $this->request(substr($part, $lead), $sentence->start + $at + $lead, $about, 0.96);
        }
    }

    /** @return iterable<Candidate> */
    private function spoken(Sentence $sentence): iterable
    {
        $forEach = [...$this->oneEachFor($sentence)];
        if ([] !== $forEach) {
            yield from $forEach;

            return;
        }
        yield from $this->oneEach($sentence);
        if (1 === preg_match('/\b(?:one|an?|1|separate|single) pages? (?:per|for each|for every|each for(?: every)?)\s+(?<noun>(?!of\b)[\p{L}-]+)/iu', $sentence->text, $m, \PREG_OFFSET_CAPTURE) && !$this->negation->covers($sentence, (int) $m[0][1])) {
            yield $this->each($m['noun'][0], $sentence->start + (int) $m[0][1], \strlen($m[0][0]));
        }
        $text = $sentence->text;
        if (1 === preg_match('/\b(?:current|existing|old|present) (?:web)?site\b|\b(?:facebook|google) page\b/iu', $text)) {
            return;
        }
        yield from $this->pointedAt($sentence);
        yield from $this->enumerated($sentence);
        yield from $this->knownTail($sentence);
        yield from $this->knownList($sentence);
        yield from $this->capitalList($sentence);
        yield from $this->unseparated($sentence);
        yield from $this->oneAbout($sentence);
        if (1 === preg_match('/(?:^|[.,;]\s+|\band\s+)(?:an?\s+|the\s+)?(?<name>[\p{L}\'’ -]{3,30}?)\s+would be (?:lovely|nice|great|good|handy|useful|brilliant|fab|perfect)/iu', $text, $m, \PREG_OFFSET_CAPTURE) && $this->isNamedWish($m['name'][0])) {
            yield from $this->request($m['name'][0], $sentence->start + (int) $m['name'][1], '', 0.7);
        }
        preg_match_all('/(?<lead>\b(?:an?|the|our|your|my|one|another|and|or|,|own|separate|with|include|simple|plus)\s+)?(?<name>(?:[\p{L}&\'’\/-]+\s+){0,3}?[\p{L}&\'’\/-]+)\s+pages?\b(?!\s+(?:for|about|on|with|explaining|listing|showing|where|that|each|max|or|to)\b)/iu', $text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($matches as $m) {
            $name = preg_replace('/^.*\b(?:an?|the|our|your|my|want|need|have|like|be|is|of|for|with|include|and|or|no|so|has|wants|needs|its|their|maybe|also|just|please|should|to|on|from|see|see the|add|keep|get|then)\s+/iu', '', $m['name'][0]) ?? '';
            $name = preg_replace('/^(?:(?:'.self::ADJECTIVES.')\s+)+/iu', '', $name) ?? $name;
            if (1 === preg_match('/\bpages$/iu', $m[0][0]) && null === $this->pages->named(trim($name))) {
                continue;
            }
            if ('' === trim($name) || 1 === preg_match(self::NO_NAME, trim($name)) || 1 === preg_match('/^(?:'.self::ADJECTIVES.')$/iu', trim($name)) || 1 === preg_match('/\b(?:each|every|own)\b/iu', $m['name'][0])) {
                continue;
            }
            $offset = (int) $m['name'][1] + \strlen($m['name'][0]) - \strlen($name);
            $isPlace = 1 === preg_match('/\b(?:on|to|onto|at the top of) (?:the|our|my|your)\s+$/iu', substr($text, 0, $offset)) && 'home' === $this->pages->named($name);
            if (!$isPlace && !$this->negation->covers($sentence, $offset)) {
                yield from $this->request($name, $sentence->start + $offset, '', 0.93, \strlen($m[0][0]) - ($offset - (int) $m[0][1]));
            }
        }
        if (1 === preg_match('/\bpages\s+(?:for|about|on|with|like)\s+(?<names>(?!each\b|every\b)[^.;!?\n(]{3,140})/iu', $text, $m, \PREG_OFFSET_CAPTURE) && !$this->negation->covers($sentence, (int) $m[0][1])) {
            foreach (Phrase::list($m['names'][0]) as [$part, $at]) {
                if (1 !== preg_match('/\b(?:we|i|it|you|they|that|which)\b/iu', $part)) {
                    yield from $this->request($part, $sentence->start + (int) $m['names'][1] + $at, '', 0.93);
                }
            }
        }
        preg_match_all('/\b(?:a|one|another|separate|the)?(?<!own )(?<!each )\s*\bpage\s+(?:(?:is|would be|will be|will do)\s+(?:plenty\s+|enough\s+|fine\s+)?)?(?:for|about|on|of|with|explaining|listing|showing|where)\s+(?<name>[^.,;!?\n()]{2,60}?)(?=\s*(?:[.,;!?\n()+]|$|\sso\b|\swhich\b|\sbecause\b|\sbut\b|\sand (?:we|a|one|i|another|maybe|then)\b|\swith\b|\sthat\b))/iu', $text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($matches as $m) {
            [$name, $offset] = [$m['name'][0], (int) $m['name'][1]];
            if ($this->negation->covers($sentence, (int) $m[0][1]) || 1 === preg_match('/^(?:google|facebook|it|that|this|now|you|(?:us|me)\b.)\b/iu', $name)) {
                continue;
            }
            if (1 === preg_match('/^(?:us|me)$/iu', $name)) {
                if (1 === preg_match('/\babout\s+$/iu', substr($text, 0, $offset), $about)) {
                    yield from $this->request($about[0].$name, $sentence->start + $offset - \strlen($about[0]), '', 0.93);
                }
                continue;
            }
            if (1 === preg_match('/^(?:each|every)(?: of)?\s+(?:the |our |my )?(.+)$/iu', $name, $each)) {
                yield $this->each($each[1], $sentence->start + (int) $m[0][1], \strlen($m[0][0]));
            } else {
                foreach (Phrase::list($name) as [$part, $at]) {
                    yield from $this->request($part, $sentence->start + $offset + $at, '', 0.93);
                }
            }
        }
    }

    /**
     * "A page each for walks, picnics and yarn, plus one called Plan your visit".
     *
     * @return iterable<Candidate>
     */
    private function oneEachFor(Sentence $sentence): iterable
    {
        if (1 !== preg_match('/\bpages? each for\s+(?<names>(?!each\b|every\b|of\b)[^.;:!?\n(]{3,140}?)(?=,? (?:plus|and(?: also)?) (?:one|a page)\b|[.;:!?\n(]|$)/iu', $sentence->text, $m, \PREG_OFFSET_CAPTURE) || $this->negation->covers($sentence, (int) $m[0][1])) {
            return;
        }
        $parts = Phrase::list($m['names'][0]);
        foreach (\count($parts) > 1 ? $parts : [] as [$part, $at]) {
            yield from $this->request($part, $sentence->start + (int) $m['names'][1] + $at, '', 0.93);
        }
        if (\count($parts) > 1 && 1 === preg_match('/\b(?:one|a page) (?:called|named|titled)\s+["“‘]?(?<name>[^.,;:!?\n("”’]{3,40}?)(?=["”’.,;:!?\n(]|$|\s(?:with|for|where|which|that|so)\b)/iu', $sentence->text, $called, \PREG_OFFSET_CAPTURE)) {
            yield from $this->request($called['name'][0], $sentence->start + (int) $called['name'][1], '', 0.93);
        }
    }

    /**
     * "Lessons and the sauna need a page each", "each treatment should have its own page".
     *
     * @return iterable<Candidate>
     */
    private function oneEach(Sentence $sentence): iterable
    {
        if (1 !== preg_match('/(?:^|[,;:(]\s|\b(?:and|but|that|think|so)\s|[-–—]\s)(?<names>[^.;:!?\n]{3,120}?)\s+(?:should|must|could|would|will|to|all|both|really|definitely|probably)?\s*(?:all |both |each )?(?:need|needs|require|requires|have|has|get|gets|want|wants|deserve|deserves|be|on)\s+(?:to have |have )?(?:on )?(?:a|an|its|their|one|it[\'’]s|there)\s*(?:own\s+|separate\s+|dedicated\s+)*pages?(?<each>\s+(?:each|of (?:its|their) own|apiece))?/iu', $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        [$names, $offset] = $m['names'];
        $whole = $m[0][0];
        if (1 !== preg_match('/\b(?:each|every|own|separate|dedicated|apiece)\b/iu', $whole) && 1 === preg_match('/\b(?:we|i|it|you|they|there|site|website)\b/iu', $names)) {
            return;
        }
        if ($this->negation->covers($sentence, (int) $offset + \strlen($names))) {
            return;
        }
        if (1 === preg_match('/\b(?:each|every|all)(?: of)?(?: the| our| my)?\s+(?<noun>[\p{L}\- ]{3,30})$/iu', $names, $each)) {
            yield $this->each($each['noun'], $sentence->start + (int) $offset, \strlen($whole));

            return;
        }
        $bare = preg_replace('/^.*\b(?:i think|we think|maybe|that|but|so|also|would like|want|need)\s+/iu', '', $names) ?? $names;
        $shift = (int) $offset + \strlen($names) - \strlen($bare);
        foreach (Phrase::list($bare) as [$part, $at]) {
            yield from $this->request($part, $sentence->start + $shift + $at, '', 0.93);
        }
    }

    /**
     * "one on the retreats, one about the barn": after a page was spoken of.
     *
     * @return iterable<Candidate>
     */
    private function oneAbout(Sentence $sentence): iterable
    {
        if (1 !== preg_match('/\bpages?\b/iu', $sentence->text)) {
            return;
        }
        preg_match_all('/\bone\s+(?|(?<name>about us)\b|(?:on|about|for|with|saying|explaining|listing|showing)\s+(?<name>[^.,;!?\n(]{3,50}?)(?=\s*(?:[.,;!?\n(]|$|\sand (?:one|an?|maybe|then)\b)))/iu', $sentence->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($matches as $m) {
            yield from $this->request($m['name'][0], $sentence->start + (int) $m['name'][1], '', 0.9);
        }
    }

    /**
     * "artists, flash, aftercare, book <- those are the pages".
     *
     * @return iterable<Candidate>
     */
    private function pointedAt(Sentence $sentence): iterable
    {
        if (1 !== preg_match('/^(?<list>[^.;:!?]{8,120}?)\s*(?:<[-–—]+|←|[-–—=,])\s*(?:(?:that[\'’]?s|thats|those are|these are|that is|would be|are)\s+)(?:all )?(?:the |my |our )?pages\b/iu', $sentence->text, $m)) {
            return;
        }
        foreach (Phrase::list($m['list']) as [$part, $at]) {
            yield from $this->request($part, $sentence->start + $at, '', 0.95);
        }
    }

    /**
     * "Can we have services, prices, about, contact.": the end of a sentence that lists nothing but known pages.
     *
     * @return iterable<Candidate>
     */
    private function knownTail(Sentence $sentence): iterable
    {
        if (1 !== preg_match(self::UNMISTAKABLE, $sentence->text) || 1 !== preg_match('/\b(?:have|need|want|like|do|be|are|with|just|suggest|thinking)\s+(?<list>\p{L}[^.;!?:\n]{8,160})/iu', $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        $parts = Phrase::list($m['list'][0]);
        $unknown = array_filter($parts, fn (array $part): bool => null === $this->pages->named($this->bare($part[0])));
        if (\count($parts) < 3 || [] !== $unknown || $this->negation->covers($sentence, (int) $m['list'][1])) {
            return;
        }
        foreach ($parts as [$part, $at]) {
            yield from $this->request($part, $sentence->start + (int) $m['list'][1] + $at, '', 0.93);
        }
    }

    /**
     * "shop, workshops, about, say hello" after a dash or a colon: most of it page names, whatever comes before.
     *
     * @return iterable<Candidate>
     */
    private function knownList(Sentence $sentence): iterable
    {
        if (1 !== preg_match('/(?::|\s[–—-])\s+(?<list>[^.;!?\n:]{8,160})/u', $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        $parts = Phrase::list($m['list'][0]);
        $known = array_filter($parts, fn (array $part): bool => null !== $this->pages->named($this->bare(preg_replace('/\s*\(.*$|\swith\s.*$/u', '', $part[0]) ?? $part[0])));
        $named = ($this->isListOfNames($parts) || \count($parts) > 3) && 1 === preg_match(self::WANTED, substr($sentence->text, 0, (int) $m['list'][1])) && [] === array_filter($parts, static fn (array $part): bool => str_word_count($part[0]) > 4);
        $named = $named || 1 === preg_match('/\ba page (?:about|for|on|with)\b/iu', $m['list'][0]);
        if (\count($parts) < 3 || [] === $known || (!$named && (2 * \count($known) < \count($parts) || \count($known) < 2)) || $this->negation->covers($sentence, (int) $m['list'][1])) {
            return;
        }
        foreach ($parts as [$part, $at]) {
            yield from $this->request($part, $sentence->start + (int) $m['list'][1] + $at, '', 0.93);
        }
    }

    /**
     * "It should have The camp, Activities, Rates and Contact": names in capitals after a wish, one at least of a page;
     * without a wish, two.
     *
     * @return iterable<Candidate>
     */
    private function capitalList(Sentence $sentence): iterable
    {
        $wished = 1 === preg_match(self::WISHED_LIST, $sentence->text, $m, \PREG_OFFSET_CAPTURE);
        if (!$wished && 1 !== preg_match(self::CAPITAL_LIST, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        [$list, $offset] = $m['list'];
        $list = preg_split('/\s[-–—]\s|\s(?:but|because|which|where|so)\s/u', $list)[0] ?? $list;
        $parts = Phrase::list($list);
        $names = [];
        foreach ($parts as [$part, $at]) {
            $name = trim(preg_replace(['/\s*\([^)]*\)?/u', '/\s+(?:with|for people|please|plus|too|as well)\s.*$/u'], '', $part) ?? $part);
            if (1 !== preg_match('/^(?:the )?\p{Lu}/u', $name) || str_word_count($name) > self::LONGEST_NAME) {
                break;
            }
            $names[] = [$name, $at];
        }
        $known = array_filter($names, fn (array $name): bool => null !== $this->pages->named($this->bare($name[0])));
        $least = $wished ? 1 : 2;
        if (\count($names) < 3 || \count($known) < $least || (\count($names) < 4 && \count($known) < 2 && \count($names) < \count($parts)) || $this->negation->covers($sentence, (int) $offset)) {
            return;
        }
        foreach ($names as [$name, $at]) {
            yield from $this->request($name, $sentence->start + (int) $offset + $at, '', 0.95);
        }
    }

    /**
     * "Shows. Gallery. Safety. Enquire.": a run of sentences that are nothing but names, two at least of pages.
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
            if ($goesOn && null === $sentence->block->topic && $sentence->isSpoken() && 1 === preg_match('/^\p{Lu}[\p{L}\'’&\s-]{2,30}$/u', $bare) && str_word_count($bare) <= self::LONGEST_NAME) {
                $run[] = $sentence;
                continue;
            }
            $known = array_filter($run, fn (Sentence $name): bool => null !== $this->pages->named($this->bare($name->text)));
            if (\count($run) > 2 && \count($known) > 1) {
                foreach ($run as $name) {
                    yield from $this->request(rtrim($name->text, " .\n"), $name->start, '', 0.93);
                }
            }
            $run = [];
        }
    }

    /**
     * "4 pages home prices areas contact": nothing between the names.
     *
     * @return iterable<Candidate>
     */
    private function unseparated(Sentence $sentence): iterable
    {
        if (str_contains($sentence->text, ',') || 1 !== preg_match('/\bhome\s+(?<rest>[\p{L}\s&\'’]+)/iu', $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        $names = [['Home', (int) $m[0][1]]];
        preg_match_all('/[\p{L}\'’]+/u', $m['rest'][0], $words, \PREG_OFFSET_CAPTURE);
        for ($i = 0, $count = \count($words[0]); $i < $count; ++$i) {
            [$word, $at] = $words[0][$i];
            $pair = isset($words[0][$i + 1]) ? $word.' '.$words[0][$i + 1][0] : null;
            $name = match (true) {
                1 === preg_match('/^(?:and|&)$/iu', $word) => '',
                null !== $pair && null !== $this->pages->named($pair) => $pair,
                null !== $this->pages->named($word) => $word,
                default => null,
            };
            if (null === $name) {
                break;
            }
            if ('' !== $name) {
                $names[] = [$name, (int) $m['rest'][1] + $at];
                $i += $name === $pair ? 1 : 0;
            }
        }
        foreach (\count($names) < 3 ? [] : $names as [$name, $at]) {
            yield from $this->request($name, $sentence->start + $at, '', 0.93);
        }
    }

    /**
     * "Site needs: Listen, Repertoire, Prices, Book us": names in capitals, one at least of a page; or half of
     * them; "Stock - Restoration - Visit the yard - Sell to us" can be nothing else.
     *
     * @return iterable<Candidate>
     */
    private function namesAlone(Sentence $sentence): iterable
    {
        $text = rtrim($sentence->text, " .\n");
        if (preg_match_all(self::BETWEEN_NAMES, $text) > 1) {
            $text = preg_replace_callback(self::BETWEEN_NAMES, static fn (array $m): string => str_pad(',', \strlen($m[0])), $text) ?? $text;
        }
        $parts = Phrase::list($text);
        $known = array_filter($parts, fn (array $part): bool => null !== $this->pages->named($this->bare($part[0])));
        $isSeparated = $text !== rtrim($sentence->text, " .\n");
        $short = [] === array_filter($parts, static fn (array $part): bool => str_word_count($part[0]) > 3 && 1 !== preg_match('/^(?:how|what|where|why|who)\b/iu', $part[0]));
        $allKnown = null === $sentence->block->topic && $short && (1 === preg_match(self::AT_THE_ENDS, $text) || \count($known) > 1 && 2 * \count($known) >= \count($parts)) && 1 === preg_match(self::UNMISTAKABLE, $text);
        $areTitles = \count($parts) > 3 && [] !== array_filter($parts, static fn (array $part): bool => 1 === preg_match('/^\p{Lu}\p{Ll}*(?:[\s-]\p{Ll}+)+$/u', $part[0]));
        if (\count($parts) > 2 && (null === $sentence->block->topic && ($areTitles || $isSeparated && \count($parts) > 3) || [] !== $known) && ($allKnown || $this->isListOfNames($parts))) {
            foreach ($parts as [$part, $at]) {
                yield from $this->request($part, $sentence->start + $at, '', 0.9);
            }
        }
    }

    /** @param list<array{string, int}> $parts */
    private function isListOfNames(array $parts): bool
    {
        return [] === array_filter($parts, static fn (array $part): bool => 1 !== preg_match('/^\p{Lu}/u', ltrim($part[0])) || str_word_count(preg_replace('/\s*\([^)]*\)/u', '', $part[0]) ?? $part[0]) > 4);
    }

    /**
     * "home, about, services and contact": a list in a sentence about pages or the site, most of it page names.
     *
     * @return iterable<Candidate>
     */
    private function enumerated(Sentence $sentence): iterable
    {
        if (1 !== preg_match('/\b(?:pages?|site|website|menu)\b|^\W*(?:(?:so|just|it shall consist of|maybe|i think|i suppose|ok|okay|then)\b[,:]?\s+)*(?:an?\s+|the\s+)?(?:home(?: ?page)?|front page|landing page|welcome|start)\s*[,\/;]|(?-i:\bHome(?: page)?)\s*[,\/]|\b(?:suggest|listed|imagine|picture|see|propose|want|need|have|with|be)\b[:\s]+(?:the )?home(?: ?page)?\s*[,\/;]/iu', $sentence->text)) {
            return;
        }
        $text = preg_match_all('~\p{L}/(?=\p{L})~u', $sentence->text) > 1 ? str_replace('/', ',', $sentence->text) : $sentence->text;
        $text = preg_match_all('/;\s/u', $text) > 1 ? str_replace(';', ',', $text) : $text;
        $from = 0;
        if (1 === preg_match('/\b(?:pages?|site|website|menu|need|want|have|like|be|with|are|include|includes|consist|following|certainly|suggest|listed|imagine|imagining|imagined|picture|see|propose|think|so|suppose|for|just)\b\s*(?:[:–—-]\s*|(?:are|is|of|for|with|like|such as|would be|could be|should be|please)\s*:?\s*)*(?=(?:an?\s+|the\s+)?(?:home|front|welcome|about|services|who we|what we|start|landing)\b)/iu', $text, $m, \PREG_OFFSET_CAPTURE)) {
            $from = (int) $m[0][1] + \strlen($m[0][0]);
        } elseif (1 === preg_match('/\bpages?\b[^:\n]{0,50}:\s*|\bpages\s+(?:for|on|about)?\s*(?=(?:the )?[\p{L}]+,)/iu', $text, $m, \PREG_OFFSET_CAPTURE)) {
            $from = (int) $m[0][1] + \strlen($m[0][0]);
        }
        if (1 === preg_match('/^\W*(?:pages? )?(?:(?:i|we)[\'’]d say|i (?:think|reckon|suppose|guess|dunno)|maybe|probably)[,:]?\s+/iu', substr($text, $from), $lead)) {
            $from += \strlen($lead[0]);
        }
        $list = substr($text, $from);
        if (1 === preg_match('/[.;!?]\s|\s[-–—]\s|,?\s(?:but|so|nothing|no|that[\'’]?s|not|without|because)\b/iu', $list, $stop, \PREG_OFFSET_CAPTURE)) {
            $list = substr($list, 0, (int) $stop[0][1]);
        }
        $parts = Phrase::list($list);
        $known = array_filter($parts, fn (array $part): bool => null !== $this->pages->named($this->bare($part[0])));
        $titles = array_filter($parts, static fn (array $part): bool => 1 === preg_match('/^\p{Lu}/u', $part[0]));
        if ((\count($known) < 2 && (0 === \count($known) || \count($titles) < \count($parts))) || \count($parts) < 3 || $this->negation->covers($sentence, $from)) {
            return;
        }
        foreach ($parts as [$part, $at]) {
            $about = '';
            $name = $part;
            if (1 === preg_match('/^(.{2,40}?)\s*\((.+?)\)?$/u', $part, $m)) {
                [, $name, $about] = $m;
            }
            if (str_word_count($name) <= 5 && (1 !== preg_match('/\b(?:we|i|you|it)\b/iu', $name) || 1 === preg_match('/^(?:how|what|where|who|why)\b/iu', $name) || null !== $this->pages->named($this->bare($name)))) {
                yield from $this->request($name, $sentence->start + $from + $at, $about, 0.95);
            }
        }
    }

    /** "Gift vouchers would be lovely"; what a site can do anyway is no page, nor is "it" or "that". */
    private function isNamedWish(string $name): bool
    {
        if (null !== $this->pages->named($this->bare($name))) {
            return true;
        }

        return str_word_count($name) <= 3
            && 1 !== preg_match('/\b(?:it|that|this|which|anything|something|somewhere|help|photos?|pictures?|colou?rs?|people|website|site|copy|words?|style|tone|look)\b/iu', $name)
            && [] === array_filter($this->cues->features, static fn (string $pattern): bool => 1 === preg_match($pattern, $name));
    }

    private function each(string $noun, int $start, int $length): Candidate
    {
        $noun = Phrase::withoutArticle(Phrase::tidy($noun));
        $noun = preg_replace('/\s+(?:(?:that |which )?(?:we|i|you|they)|that|which|in|on|is|are|has|have|gets?|to|please|too|as well|should|would|with|so|because)\b.*$/iu', '', $noun) ?? $noun;

        $noun = preg_replace('/^(?:two|three|four|five|six|seven|eight|\d+)\s+(?:of )?(.+?)(?<!s)s?$|^(?:one|single)\s+(?:of )?(.+)$/iu', '$1$2', $noun) ?? $noun;

        return new Candidate(FactKind::PageRequest, 'A page for each '.$noun, $start, $length, 0.93, detail: ['each' => mb_strtolower($noun)]);
    }

    /** @return iterable<Candidate> */
    private function request(string $name, int $start, string $about, float $certainty, ?int $length = null): iterable
    {
        if ('' === $about && 1 === preg_match('/^(.{4,30}?)\s+with\s+(.{4,})$/iu', $name, $m)) {
            [, $name, $about] = $m;
        }
        $bare = $this->bare($name);
        if (mb_strlen($bare) < 2 || 1 === preg_match('/@|\d{4}/', $bare) || str_word_count($bare) > 6 || 1 === preg_match(self::NO_NAME, $bare) || 1 === preg_match('/^(?:'.self::ADJECTIVES.')$/iu', $bare) || $this->cues->isBlank($bare)) {
            return;
        }
        $detail = array_filter(['page' => $this->kind($bare), 'description' => Phrase::tidy($about)]);
        $length ??= \strlen(rtrim($name, " \n.,;:"));
        $ours = 1 === preg_match('/^(?:Our|My)\s/', Phrase::tidy($name), $m) ? $m[0].$bare : Phrase::title($bare);
        yield new Candidate(FactKind::PageRequest, $ours, $start, $length, $certainty, detail: $detail);
        foreach ($this->features as $feature) {
            if ($feature->comesWithPage && $feature->page === ($detail['page'] ?? '') && ('shop' !== $feature->id || 1 === preg_match(self::SHOP, $bare))) {
                yield new Candidate(FactKind::Feature, $feature->id, $start, $length, self::IMPLIED, Origin::Inferred, ['wording' => Phrase::title($bare)]);
            }
        }
    }

    /** "Timetable & prices" is understood by the part that is a known page. */
    private function kind(string $name): ?string
    {
        $kind = $this->pages->named($name);
        foreach (null === $kind ? array_reverse(preg_split('/\s+(?:&|and|\+)\s+/iu', $name) ?: []) : [] as $part) {
            $kind ??= $this->pages->named($part);
        }

        return $kind;
    }

    private function bare(string $name): string
    {
        $bare = Phrase::withoutArticle(preg_replace('/^(?:something|a bit|stuff|things) (?=about\b)|^(?:one|another|an extra one|something) (?:called|named|titled|for|about)\s+|^(?:beside|besides|next to|along with|plus|as well as)\s+|\s+(?:is|are|would be|must be|should be)\s+(?:needed|required|wanted|necessary|essential|important|good|nice|great|useful|there)$|[?!]+$/iu', '', Phrase::tidy($name)) ?? $name);
        $bare = preg_replace('/^(?:the |our )?(?:menu|navigation|pages|sections|structure) (?:could|would|should|might|will|can) be\s+/iu', '', $bare) ?? $bare;
        $bare = preg_replace('/^(?:(?:(?:i[\'’]?m|i am|we[\'’]?re|i was|we were) (?:thinking|imagining)(?: of)?|(?:i|we)[\'’]d say|i would say|i dunno|in terms of [\p{L}]+|as to (?:the )?[\p{L}]+|as for (?:the )?[\p{L}]+|please plan(?: on)?|let[\'’]s have|(?:i|we) suggest|some)[:,]?\s+)+/iu', '', $bare) ?? $bare;
        $bare = preg_replace('/^(?:(?:all(?: of)?|the|maybe|perhaps|possibly|probably|obviously|also|then|just|some|'.self::ADJECTIVES.')\s+)+/iu', '', $bare) ?? $bare;

        $bare = preg_replace(self::ABOUT_A_THING, '', $bare) ?? $bare;

        return trim(preg_replace('/\s+(?:as(?: (?:separate )?(?:pages|sections))?|pages?|sections?|and|of course|obviously|too|as well|maybe|please|i guess|i suppose|(?<!what[\'’]s )(?<!whats )on)$/iu', '', $bare) ?? $bare);
    }
}
