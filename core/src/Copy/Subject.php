<?php

declare(strict_types=1);

namespace DunePocket\Copy;

use DunePocket\Brief\Fact;

/** What a page is about. */
final readonly class Subject
{
    /**
     * @param ?Fact        $fact      the offering or area the page is for
     * @param ?string      $about     what the brief says of the page
     * @param list<string> $ancestors titles of the pages above, the home page first
     */
    public function __construct(
        public string $pageKind,
        public string $title,
        public ?Fact $fact = null,
        public ?string $about = null,
        public ?string $picture = null,
        public array $ancestors = [],
    ) {
    }
}
