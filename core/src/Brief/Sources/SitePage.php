<?php

declare(strict_types=1);

namespace DunePocket\Brief\Sources;

/** One page of the client's present website. */
final readonly class SitePage
{
    /**
     * @param list<string> $headings
     * @param list<string> $contacts lines with a telephone number, an address or opening hours
     */
    public function __construct(
        public string $address,
        public string $title = '',
        public array $headings = [],
        public int $words = 0,
        public array $contacts = [],
    ) {
    }
}
