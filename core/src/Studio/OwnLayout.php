<?php

declare(strict_types=1);

namespace DunePocket\Studio;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use DunePocket\Plan\Look;

/** A layout of the designer's own: one of the catalogue, with what the designer changed about it. */
final readonly class OwnLayout
{
    private const LONGEST_NAME = 60;

    public function __construct(public string $name, public string $layout, public Look $look)
    {
    }

    /** @throws InvalidData when it has no name or is none */
    public static function fromNode(Node $node): self
    {
        $name = trim($node->string('name'));
        if ('' === $name || mb_strlen($name) > self::LONGEST_NAME) {
            throw new InvalidData(\sprintf('A layout of your own needs a name of at most %d characters.', self::LONGEST_NAME));
        }

        return new self($name, $node->string('layout'), Look::fromNode($node->child('look')));
    }

    /** The kind of section it is for. */
    public function section(): string
    {
        return explode('.', $this->layout)[0];
    }

    /** @return array{name: string, layout: string, look: array<string, mixed>|\stdClass} */
    public function toArray(): array
    {
        $look = $this->look->toArray();

        return ['name' => $this->name, 'layout' => $this->layout, 'look' => [] === $look ? new \stdClass() : $look];
    }
}
