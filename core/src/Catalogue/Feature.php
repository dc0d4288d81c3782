<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

final readonly class Feature
{
    /**
     * @param string  $thing         what it is called within a sentence: "a gallery"
     * @param ?string $page          the page kind that can carry it
     * @param ?string $section       the section kind that can carry it
     * @param bool    $comesWithPage whether a client who asks for that page asks for the feature too
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $thing,
        public ?string $page,
        public ?string $section,
        public bool $comesWithPage = false,
    ) {
    }
}
