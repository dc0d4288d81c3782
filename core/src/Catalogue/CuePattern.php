<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Brief\FactKind;

/** One wording that states a fact. */
final readonly class CuePattern
{
    /**
     * @param string $value  how the found words become a value: name, title, place, phrase, people, quoted, list, count, asis
     * @param string $prefix put before a phrase
     * @param string $in     where to look: spoken, opening, title, voice (where it is told how the site is to sound), signature, anywhere
     */
    public function __construct(
        public FactKind $kind,
        public float $certainty,
        public string $value,
        public string $in,
        public string $find,
        public ?string $unless,
        public string $prefix,
    ) {
    }
}
