<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\Feature;
use DunePocket\Catalogue\PageKinds;

/** Makes requests of the words that name pages. */
final readonly class PageRequests
{
    /** A page called for by name makes its feature likely. */
    private const IMPLIED = 0.5;
    /** A page called "Products" may show what is made without selling it. */
    private const SHOP = '/\b(?:shop|store|buy|order)\b/iu';
    private const UNMISTAKABLE = '/\b(?:home|about|contact|prices|pricing|faqs?|gallery|find (?:us|the (?:shop|studio|yard|farm|workshop))|where we are|who we are|what we do|visit us|get in touch)\b/iu';
    private const EACH = 0.93;
    private const MOST_WORDS = 6;
    private const NAME_WORDS = 4;
    private const ANY_OF_THEM = '/^(?:(?:thing|one)s?|(?:the )?(?:two|three|four|five|six|seven|eight|\d))$/iu';
    /** What "a page for each" is for, where it does not say. */
    public const SERVICE = 'service';

    /** @param array<string, Feature> $features */
    public function __construct(private Cues $cues, private PageKinds $pages, private array $features)
    {
    }

    /**
     * A page, and the features that come with it; nothing when the words name no page.
     *
     * @param int    $start     in bytes from the start of the readable text
     * @param string $about     what is said of the page
     * @param float  $certainty 0 to 1
     * @param ?int   $length    of the quote, in bytes, when it is longer than the name
     *
     * @return iterable<Candidate>
     */
    public function page(string $name, int $start, float $certainty, string $about = '', ?int $length = null): iterable
    {
        if ('' === $about && 1 === preg_match('/^(.{4,30}?)\s+(?:with|w\/?)\s+(?!us\b|me\b)(.{3,})$/iu', $name, $m)) {
            [, $name, $about] = $m;
        }
        if (1 === preg_match('/^(?<name>.{2,40}?)\s*\((?<about>[^()]*)\)\s*$/u', $name, $m)) {
            [$name, $about] = [$m['name'], '' === $about ? $m['about'] : $about];
        }
        $bare = $this->cues->pageNames->bare($name);
        if (!$this->cues->pageNames->isName($bare) || 1 === preg_match('/@|\d{4}/', $bare) || str_word_count($bare) > self::MOST_WORDS || $this->cues->isBlank($bare) || $this->cues->answers->isOnly($bare)) {
            return;
        }
        $kinds = $this->kinds($bare);
        $detail = array_filter(['page' => $kinds[0] ?? null, 'description' => Phrase::tidy($about)]);
        $length ??= \strlen(rtrim($name, " \n.,;:"));
        $ours = 1 === preg_match('/^(?:Our|My)\s/', Phrase::tidy($name), $m) ? $m[0].$bare : Phrase::title($bare);
        yield new Candidate(FactKind::PageRequest, $ours, $start, $length, $certainty, detail: $detail);
        foreach ($this->features as $feature) {
            if ($feature->comesWithPage && \in_array($feature->page, $kinds, true) && ('shop' !== $feature->id || 1 === preg_match(self::SHOP, $bare))) {
                yield new Candidate(FactKind::Feature, $feature->id, $start, $length, self::IMPLIED, Origin::Inferred, ['wording' => Phrase::title($bare)]);
            }
        }
    }

    /**
     * The parts of an enumeration, each a page.
     *
     * @param list<array{string, int}> $parts with their offsets in bytes
     * @param int                      $start where the enumeration begins
     *
     * @return iterable<Candidate>
     */
    public function pages(array $parts, int $start, float $certainty): iterable
    {
        foreach ($parts as [$part, $at]) {
            yield from $this->page($part, $start + $at, $certainty);
        }
    }

    /** "A page for each boat we hire out": one for every thing of a kind. */
    public function each(string $noun, int $start, int $length): Candidate
    {
        $noun = 1 === preg_match('/^(?:as|so|because|please|of (?:them|those|these)|cos)\b/iu', $noun) ? self::SERVICE : Phrase::withoutArticle(Phrase::tidy($noun));
        $noun = preg_replace('/\s+(?:(?:that |which )?(?:we|i|you|they)|that|which|in|on|is|are|has|have|gets?|to|please|too|as well|should|would|with|so|because)\b.*$/iu', '', $noun) ?? $noun;
        $noun = preg_replace('/^(?:two|three|four|five|six|seven|eight|\d+)\s+(?:of )?(.+?)(?<!s)s?$|^(?:one|single)\s+(?:of )?(.+)$/iu', '$1$2', $noun) ?? $noun;

        $noun = 1 === preg_match(self::ANY_OF_THEM, $noun) ? self::SERVICE : $noun;

        return new Candidate(FactKind::PageRequest, 'A page for each '.$noun, $start, $length, self::EACH, detail: ['each' => mb_strtolower($noun)]);
    }

    /** Whether the words name a kind of page we know. */
    public function isKnown(string $name): bool
    {
        return null !== $this->pages->named($this->cues->pageNames->bare($name));
    }

    /** "Friendly" says how it is to sound, and is no page. */
    public function saysTone(string $name): bool
    {
        return $this->cues->namesTone($name);
    }

    /** Whether one of the names stands in the text that pages alone have. */
    public function mentionsPage(string $text): bool
    {
        return 1 === preg_match(self::UNMISTAKABLE, $text);
    }

    /**
     * How many parts of an enumeration are pages we know.
     *
     * @param list<array{string, int}> $parts
     */
    public function known(array $parts): int
    {
        return \count(array_filter($parts, fn (array $part): bool => $this->isKnown(preg_replace('/\s*\([^)]*\)/u', '', $part[0]) ?? $part[0])));
    }

    /**
     * Whether all parts of an enumeration begin with a capital and are short, as names in a menu are.
     *
     * @param list<array{string, int}> $parts
     */
    public function areNames(array $parts): bool
    {
        return [] === array_filter($parts, static fn (array $part): bool => 1 !== preg_match('/^\p{Lu}/u', ltrim($part[0])) || str_word_count(preg_replace('/\s*\([^)]*\)/u', '', $part[0]) ?? $part[0]) > self::NAME_WORDS);
    }

    /** @return list<string> "Timetable & prices" is understood by the parts that are known pages, the last one first */
    private function kinds(string $name): array
    {
        $kind = $this->pages->named($name);
        if (null !== $kind) {
            return [$kind];
        }

        return array_values(array_filter(array_map($this->pages->named(...), array_reverse(preg_split('/\s+(?:&|and|\+)\s+/iu', $name) ?: []))));
    }
}
