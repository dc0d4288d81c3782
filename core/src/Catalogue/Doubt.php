<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** How a thing is asked about that the brief only hints at, or says both ways. */
final readonly class Doubt
{
    /**
     * @param string $text    as the designer reads it, with {it} for the thing
     * @param string $ask     as the client is asked
     * @param bool   $refusal whether a no confirms it
     */
    private function __construct(
        public string $text,
        public string $ask,
        public string $effect,
        public bool $refusal,
    ) {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('text'), $node->string('ask'), $node->string('effect'), $node->bool('refusal', false));
    }
}
