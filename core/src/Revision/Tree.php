<?php

declare(strict_types=1);

namespace DunePocket\Revision;

/** An ordered tree with a label at each node. */
final readonly class Tree
{
    /** @param list<self> $children */
    public function __construct(public string $label, public array $children = [])
    {
    }
}
