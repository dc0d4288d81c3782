<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Brief\FactKind;
use DunePocket\Plan\Reason;

/** A page that every site has. */
final readonly class AlwaysPage implements PageStep
{
    /** @param list<FactKind> $facts what it shows first */
    public function __construct(private string $kind, private string $why, private array $facts = [])
    {
    }

    public function plan(PageList $pages): void
    {
        $pages->add($pages->draft($this->kind, new Reason($this->why, $pages->facts(...$this->facts))));
    }
}
