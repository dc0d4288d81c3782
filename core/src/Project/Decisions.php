<?php

declare(strict_types=1);

namespace DunePocket\Project;

use DunePocket\Data\Node;
use DunePocket\Plan\PresentSite\Decision;

/** What the designer settled about the plan and what stands on no page of it. */
final readonly class Decisions
{
    /** @param array<string, Decision> $oldPages what becomes of pages of the present website, by address */
    public function __construct(public array $oldPages = [])
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(array_map(Decision::fromNode(...), $node->map('oldPages')));
    }

    public function withOldPage(string $address, ?Decision $decision): self
    {
        $oldPages = $this->oldPages;
        unset($oldPages[$address]);

        return new self(null === $decision ? $oldPages : [...$oldPages, $address => $decision]);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['oldPages' => (object) array_map(static fn (Decision $decision): array => $decision->toArray(), $this->oldPages)];
    }
}
