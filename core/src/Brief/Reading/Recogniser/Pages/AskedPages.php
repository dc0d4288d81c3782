<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Segmenting\Shapes\PathLine;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\Wordings;

/** What stands where pages are asked for: "Pages:", "Which pages do you need?". */
final readonly class AskedPages implements PageWording
{
    private const ITEM = 0.97;
    private const CERTAINTY = 0.96;
    private const SHORT = 4;
    private const REFUSES = '/^(?:no|not|don[\'’]?t|please no)\b/iu';
    /** "The site shall comprise the following pages: Home, Prices" */
    private const SAYS_WHICH = '/^[^:]*\b(?:pages|site|website|menu)\b[^:]*:\s*[^,]+,[^,]+,/iu';
    private const REFUSAL_INSIDE = '/\b(?:no|not|don[\'’]?t|without)\b/iu';
    /** "Our bread, with a list of what we bake on which day.", "Sessions, so when and where." */
    private const ONE_WITH = '/^([^,;:]{3,40}), (?:with|so|where|which|because|obviously|of course|naturally|since|as)\b[^,;]*$/iu';
    /** "How to order because nobody ever knows" */
    private const REASON = '/\s(?:because|cos|coz|since|as (?:people|nobody|everyone|they|we|it))\b[^,;]*$/iu';
    private const OF_THEIR_OWN = '/\b(?:each|every|apiece)\b|\bpages?\b[^.]{0,60}\b(?:their own|its own)\b/iu';
    private const EACH = '/\b(?:pages?|one) (?:for|per) (?:each|every)(?: of)?(?: the| our| my)?\s+(?<noun>[^.,;)]+)/iu';
    private const EACH_ITEM = '/^(?:an?|one) (?:separate |own )?page (?:for|per) (?:each |every )?(?<noun>[\p{L}-]+)/iu';
    private const NAME_IN_ITEM = '/^(?<name>[^(:–—]{2,50}?)\s*(?:\s[-–—]\s*|:\s*|\(|,\s|$)(?<about>.*?)\)?\s*$/u';
    private const PROSE = '/\b(?:we|i|they|it)\b/iu';
    private const SAYS = '/\b(?:my|his|her|i|you|has|have|is|are|was|were)\b/iu';
    private const NAME_THAT_SAYS = '/^(?:and |the )?(?:about|what|why|how|who|where|my|our|meet)\b/iu';
    private const PAGE_ABOUT = '/^(?:(?:an?|one|another)\s+)?(?:page|section|something|bit)\s+(?:about|on|for|with)\s+(?!us\b|me\b)/iu';

    /** "Trips & times" is one name. */
    private const PAIR = '/^\W*\p{Lu}[^,;&]{1,30} & \p{Ll}[^,;&]{1,30}$/u';

    private const HOME = 'home';

    /** "Then one each for rewires, fuse boards and solar." */
    private const ONE_EACH = '/^\s*(?:(?:then|and|plus|so)\s+)*(?:one|a page) (?:each for|for each of)\s/iu';

    public function __construct(private Cues $cues, private PageRequests $make, private SpokenPages $spoken)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if ($this->cues->isBlank($sentence->text) || $this->cues->answers->isOnly($sentence->text)) {
            return [];
        }
        $isItem = BlockKind::Item === $sentence->block->kind && $sentence->isFirst();

        if (($isItem || !str_contains($sentence->text, ',')) && 1 === preg_match($this->cues->pageWordings->refusedAfter, $sentence->text)) {
            return [];
        }

        return $isItem && 1 !== preg_match(self::REFUSES, $sentence->text) && 1 !== preg_match(self::SAYS_WHICH, $sentence->text)
            ? $this->item($sentence)
            : [...$this->spoken->requests($sentence), ...$this->list($sentence)];
    }

    /** @return iterable<Candidate> */
    private function item(Sentence $sentence): iterable
    {
        if (1 === preg_match(PathLine::PATH, $sentence->text, $path)) {
            yield from $this->make->page($this->ofPath($path[0]), $sentence->start, self::ITEM, '', \strlen($path[0]));
        } elseif (1 === preg_match(self::EACH_ITEM, $sentence->text, $each)) {
            yield $this->make->each($each['noun'], $sentence->start, \strlen($each[0]));
        } elseif (1 === preg_match(self::NAME_IN_ITEM, $sentence->text, $m)) {
            yield from $this->make->page($m['name'], $sentence->start, self::ITEM, $m['about']);
            if (1 === preg_match(self::EACH, $m['about'], $each)) {
                yield $this->each($each['noun'], $m['name'], $sentence->start + (int) strpos($sentence->text, $each[0]), \strlen($each[0]));
            }
        }
    }

    /** "/services/help-centre" is the page "help centre". */
    private function ofPath(string $path): string
    {
        $name = strtr(basename($path), '-_', '  ');

        return '' === $name ? self::HOME : $name;
    }

    /** @return iterable<Candidate> */
    private function list(Sentence $sentence): iterable
    {
        $text = preg_replace([self::ONE_WITH, self::REASON], ['$1', ''], $this->withoutLead($this->cues->pageWordings->leadToList, $this->withoutLead($this->cues->pageWordings->beforeAskedList, $sentence->text))) ?? $sentence->text;
        if (1 === preg_match(self::OF_THEIR_OWN, $text) && 1 !== preg_match('/[,;]/', $text)) {
            return;
        }
        if (1 === preg_match($this->cues->pageWordings->saysWhatIsThere, $text)) {
            return;
        }
        $wanted = 1 === preg_match(self::REFUSAL_INSIDE, $text, $m, \PREG_OFFSET_CAPTURE) ? substr($text, 0, (int) $m[0][1]) : $text;
        $parts = Phrase::list($wanted);
        if (1 === preg_match(self::PAIR, $wanted)) {
            $parts = [[trim($wanted), \strlen($wanted) - \strlen(ltrim($wanted))]];
        }
        foreach ($this->arePages($parts, $text, $sentence) ? $parts : [] as [$part, $at]) {
            yield from $this->part($part, $sentence->start + $at);
        }
    }

    /** The text with what leads to its list covered, so that places in it stay the same. */
    private function withoutLead(string $lead, string $text): string
    {
        return 1 === preg_match($lead, $text, $m) ? str_repeat(' ', \strlen($m[0])).substr($text, \strlen($m[0])) : $text;
    }

    /** @param list<array{string, int}> $parts */
    private function arePages(array $parts, string $text, Sentence $sentence): bool
    {
        $known = $this->make->known($parts);
        if ($known > 1 || 1 === preg_match(self::ONE_EACH, $sentence->text) || $this->isShortName($parts, $text, $sentence) || (\count($parts) > 2 && $this->make->areNames($parts))) {
            return true;
        }

        return 1 !== preg_match('/\b(?:we|i|it|they)\b/iu', $text) && ($sentence->isFirst() || 2 * $known >= \count($parts));
    }

    /** @param list<array{string, int}> $parts "Prices.", and no feature after the answer */
    private function isShortName(array $parts, string $text, Sentence $sentence): bool
    {
        $isFeature = !$sentence->isFirst() && [] !== array_filter($this->cues->features, static fn (Wordings $wordings): bool => $wordings->standIn($text));

        if (!$sentence->isFirst() && 1 === preg_match(self::PROSE, $sentence->block->text) && 0 === $this->make->known($parts)) {
            return false;
        }

        return !$isFeature && 1 === \count($parts) && str_word_count(preg_replace('/^\s*and\s+/iu', '', $text) ?? $text) <= self::SHORT && 1 === preg_match('/^\s*(?:and\s+)?\p{Lu}/u', $text);
    }

    /** @return iterable<Candidate> */
    private function part(string $part, int $start): iterable
    {
        if (1 === preg_match(self::EACH, $part, $each)) {
            $isNamed = 1 === preg_match('/^([^(,]{3,40}?)\s*[(,]/u', $part, $m);
            yield $this->each($each['noun'], $m[1] ?? '', $start + (int) strpos($part, $each[0]), \strlen($each[0]));
            if ($isNamed) {
                yield from $this->make->page($m[1], $start, self::CERTAINTY);
            }

            return;
        }
        [$name, $about] = 1 === preg_match('/^(.{2,40}?)\s*(?:\(|\s[-–=]\s)(.+?)\)?$/u', $part, $m) ? [$m[1], $m[2]] : [$part, ''];
        if (1 === preg_match(self::SAYS, $name) && 1 !== preg_match(self::NAME_THAT_SAYS, $name)) {
            return;
        }
        $lead = 1 === preg_match(self::PAGE_ABOUT, $name, $m) ? \strlen($m[0]) : 0;
        yield from $this->make->page(substr($name, $lead), $start + $lead, self::CERTAINTY, $about);
    }

    /** "Artists (a page for each of them)": the page before says of what. */
    private function each(string $noun, string $page, int $start, int $length): Candidate
    {
        return $this->make->each('' !== $page && 1 === preg_match('/^(?:them|these|those)$/iu', $noun) ? $page : $noun, $start, $length);
    }
}
