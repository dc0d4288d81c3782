<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Numeral;
use DunePocket\Catalogue\Cues;

/** What the words before a colon or a dash are to those behind it. */
final readonly class LabelWords
{
    public const MOST = 3;
    /** What "Not: …" asks for where it is told who comes. */
    public const NOT_SERVED = 'not_served';
    private const NOT = '/^(?:definitely |and )?not(?: for)?$/iu';
    /** "Never: corporate", where it is told how it should sound */
    private const NEVER = '/^(?:and |but )?(?:never|never ever|not|banned)$/iu';
    /** "Primary: families. Secondary: schools." */
    private const GRADES = '/^(?:primary|secondary|tertiary|first|second|third|main|other)(?: (?:audiences?|users?|groups?))?$/iu';
    private const WHO = '/^who$/iu';
    /** "The Pell Street Players, amateur" */
    private const NAME = '/^(?:The )?\p{Lu}[\p{L}\'’]+(?: (?:of|and|the|&))?(?: \p{Lu}[\p{L}\'’]+)+/u';
    private const GOES_ON = '/^(?:and |oh )?(?:also|plus)$/iu';

    /** "Also: forget the portal" */
    private const TELLS = '/^(?:forget|drop|leave|skip|please|don[\'’]?t|do not|no|not|can|could|we|i|it|is|the (?:web ?)?site|make|keep|put|add|remove|take|people|you)\b/iu';

    /** "Reviews aren't wanted: it's people's home" says no, and is no label. */
    private const SAYS_NO = '/^(?!what|anything|things?|stuff|pages?\b|features?\b|why|how)[\p{L} ]+\b(?:is|are|was|were)(?:n[\'’]?t| not) (?:wanted|needed|required|necessary|welcome|allowed)$/iu';

    public function __construct(private Cues $cues)
    {
    }

    /**
     * What a label asks for, here; "also: …" goes on with the offerings, or the aim, before it, and "who: The Pell Players"
     * tells who they are.
     */
    public function topic(string $label, Segmentation $into, string $value = ''): ?string
    {
        return match (true) {
            1 === preg_match(self::WHO, $label) && 1 === preg_match(self::NAME, $value) => FactKind::BusinessKind->value,
            $this->sayNo($label), FactKind::Audience->value === $this->cues->topic($label) && ($into->hasListed($label) || $into->listsNames()) => null,
            1 === preg_match(self::NOT, $label) && FactKind::Audience->value === ($into->asked()->topic ?? $into->last()?->topic) => self::NOT_SERVED,
            1 === preg_match(self::NEVER, $label) && FactKind::Tone->value === ($into->asked()->topic ?? $into->last()?->topic) => FactKind::AvoidWord->value,
            1 === preg_match(self::GOES_ON, $label) && null !== $into->goesOnAs() => $into->goesOnAs(),
            FactKind::Audience->value === $into->asked()->topic && $this->isGrade($label) => FactKind::Audience->value,
            default => $this->cues->topic($label),
        };
    }

    /** Whether what stands behind "also:" is a sentence, and goes on with no list. */
    public function onlyLeadOn(string $label, string $value): bool
    {
        return 1 === preg_match(self::GOES_ON, $label) && 1 === preg_match(self::TELLS, $value);
    }

    public function sayNo(string $label): bool
    {
        return 1 === preg_match(self::SAYS_NO, $label);
    }

    /** Whether the label grades what is asked for rather than asking for something: "Secondary", where it is asked who comes. */
    public function isGrade(string $label): bool
    {
        return 1 === preg_match(self::GRADES, $label);
    }

    /** Whether they are a label as a whole, though they read like a sentence: "We're different because". */
    public function areLabel(string $words): bool
    {
        return null !== $this->cues->topics->ofLabel($words);
    }

    /** "Can we have five pages:" is more than a label. */
    public function sayMore(string $label): bool
    {
        return str_word_count($label) > self::MOST || null !== Numeral::range($label);
    }

    /** "Forum: everybody said no" speaks of the forum. */
    public function areOfASite(string $words): bool
    {
        return 1 === preg_match($this->cues->siteThings, $words)
            || $this->cues->namesFeature($words)
            || null !== $this->cues->featureAlone($words);
    }
}
