<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

use DunePocket\Brief\Reading\Phrase;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\PageKinds;

/** What the parts of an enumeration are, should they not be what is offered. */
final readonly class OfferingWords
{
    /** "Many photos, steam, happy faces", "Welcoming, a bit nosy" */
    private const PICTURES_OR_MOOD = '/^\s*(?:(?:many|lots of|loads of|good|large|big|plenty of|great|nice)\s+)*(?:photo(?:graph)?s|pictures|images|pics)\b|\b(?:a bit|a little|like (?:us|a|the|an|you))\b/iu';
    private const HOW_MANY = '/^\s*(?:(?:and )?(?:a lot of|lots of|loads of|plenty of|many|some|a few|quite a few|mostly|mainly|local|regular)\s+)+/iu';
    /** Two capitals or more in a row are a person, a place or a business. */
    private const NAME = '/^\p{Lu}\p{Ll}+(?:\s+(?:and\s+|of\s+|&\s+|\+\s+)?\p{Lu}\p{Ll}+)+$/u';
    /** "J. Ockenden", "Ms Keane" */
    private const PERSON = '/^(?:(?:Mr|Mrs|Ms|Miss|Dr)\.?\s+|(?:\p{Lu}\.\s?)+)\p{Lu}[\p{L}\'’-]+(?:\s|$)/u';
    private const IN_BRACKETS = '/\s*\([^)]*\)/u';
    /** "dental practices across Yorkshire" */
    private const WHERE = '/\s+(?:in|across|around|throughout|all over|near|from)\s+(?:the\s+)?\p{L}[\p{L}\s]*$/u';
    /** A sentence, or a wish for the site. */
    private const NO_LIST = '/\b(?:we|i|it|they|you|she|he|want|wants|need|needs|pages?|site|website(?! (?:builds?|design|audits?|hosting|maintenance|development))|is|are|was|am|be|must|no|not|me|my|him|freelance|years in|send|sends|people (?:get|come|can|find|say|love|like)|yeah|yes|definitely|absolutely|sure|mailing list|should|would|can|don[\'’]?t|please|found|mostly|mainly|everyone|everybody|else|per|max|thats|that|this|there|nor|let|come|comes|pay|nothing|fancy|just|feel|tone|open(?! (?:studio|mic|day|air|water|evening|access))|thanks?|hello|hi|cheers|regards|based|miles?|exists|has|have|insists|within|standing|sitting|waiting)\b|[:"“?]|@|\d{5}/iu';

    public function __construct(private Cues $cues, private PageKinds $pages)
    {
    }

    /** Whether the words can be nothing but names in a row: no sentence, no wish, no question. */
    public function mayBeList(string $words): bool
    {
        return 1 !== preg_match(self::NO_LIST, $words);
    }

    /** A page, people, a feature, a tone or a name. */
    public function areSomethingElse(string $words): bool
    {
        return $this->namePage($words) || $this->namePeople($words) || $this->nameFeature($words) || $this->nameTone($words) || $this->areName($words);
    }

    public function namePage(string $words): bool
    {
        return null !== $this->pages->named(Phrase::tidy($words));
    }

    public function namePeople(string $words): bool
    {
        return 1 === preg_match($this->cues->persons, trim(preg_replace([self::IN_BRACKETS, self::HOW_MANY], '', $words) ?? $words));
    }

    /** Whether they may be whom something is for: people, or "dental practices across Yorkshire". */
    public function nameCustomers(string $words): bool
    {
        $bare = preg_replace(self::WHERE, '', trim($words)) ?? $words;

        return $this->namePeople($bare) || 1 === preg_match($this->cues->customers, mb_strtolower((string) preg_replace('/^.*\s/u', '', $bare)));
    }

    /** @param list<array{string, int}> $parts */
    public function areMostlyPeople(array $parts): bool
    {
        return 2 * $this->count($parts, $this->namePeople(...)) > \count($parts);
    }

    public function nameFeature(string $words): bool
    {
        return $this->cues->namesFeature($words);
    }

    public function nameTone(string $words): bool
    {
        return $this->cues->namesTone($words);
    }

    public function namePicturesOrMood(string $words): bool
    {
        return 1 === preg_match(self::PICTURES_OR_MOOD, $words);
    }

    public function areName(string $words): bool
    {
        $bare = trim(preg_replace(self::IN_BRACKETS, '', $words) ?? $words);

        return 1 === preg_match(self::NAME, $bare) || 1 === preg_match(self::PERSON, $bare);
    }

    public function hasMoney(string $words): bool
    {
        return 1 === preg_match($this->cues->money, $words);
    }

    /**
     * How many parts of an enumeration are of a kind.
     *
     * @param list<array{string, int}> $parts
     * @param callable(string): bool   $are
     */
    public function count(array $parts, callable $are): int
    {
        return \count(array_filter($parts, static fn (array $part): bool => $are($part[0])));
    }
}
