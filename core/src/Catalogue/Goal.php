<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

/** What a site is to achieve, and what that makes of its call to action. */
final readonly class Goal
{
    /**
     * @param ?string      $people  what people then do on the site, null where it is nothing they do
     * @param list<string> $targets page kinds the button leads to, the first that is planned
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $noun,
        public ?string $people,
        public string $button,
        public array $targets,
    ) {
    }
}
