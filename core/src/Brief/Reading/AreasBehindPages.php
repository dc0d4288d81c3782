<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\FactKind;
use DunePocket\Catalogue\PageKinds;

/** "A page for Brim and one for Hale Cross, since we work in both towns": the names of such pages are areas too. */
final readonly class AreasBehindPages
{
    private const CERTAINTY = 0.85;
    private const PLACES = '/\b(?:towns?|villages?|cit(?:y|ies)|suburbs?|districts?|count(?:y|ies)|boroughs?|neighbou?rhoods?|regions?|valleys?|islands?|postcodes|(?:places|areas?) (?:we|i|they)(?:[\'’]\w+)? (?:cover|work|serve|deliver|go|travel)|areas? (?:covered|served)|(?:all|each|every one|both|the) (?:of the )?(?:\w+ )?(?:places|areas))\b/iu';

    public function __construct(private PageKinds $pages)
    {
    }

    /**
     * @param list<Candidate> $candidates
     *
     * @return list<Candidate> those, and the areas
     */
    public function with(Reading $reading, array $candidates): array
    {
        $areas = [];
        foreach ($candidates as $candidate) {
            $number = FactKind::PageRequest === $candidate->kind ? $reading->sentenceAt($candidate->start, $candidate->length) : null;
            $sentence = null === $number ? null : $reading->sentences[$number];
            if (null !== $sentence && 1 === preg_match(self::PLACES, str_ireplace($candidate->value, '', $sentence->text)) && $this->isName($candidate->value)) {
                $areas[] = new Candidate(FactKind::AreaServed, $candidate->value, $candidate->start, $candidate->length, self::CERTAINTY);
            }
        }

        return [...$candidates, ...$areas];
    }

    private function isName(string $value): bool
    {
        return null === $this->pages->named($value) && 1 === preg_match('/^\p{Lu}[\p{L}\'’-]+(?:(?:\s+|-)(?:(?:upon|on|in|le|la|of|the|and|St|de)\s+)?\p{Lu}[\p{L}\'’-]+){0,3}$/u', $value);
    }
}
