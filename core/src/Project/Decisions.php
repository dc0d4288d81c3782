<?php

declare(strict_types=1);

namespace DunePocket\Project;

use DunePocket\Data\Node;
use DunePocket\Plan\PresentSite\Decision;

/** What the designer settled about the plan and what stands on no page of it. */
final readonly class Decisions
{
    /**
     * @param array<string, Decision>     $oldPages what becomes of pages of the present website, by address
     * @param array<string, list<string>> $goes     marks of the choices already shown for a page or section, by its id
     * @param array<string, string>       $waved    the remark with which a finding was waved through, by its key
     */
    public function __construct(public array $oldPages = [], public array $waved = [], public array $goes = [])
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(array_map(Decision::fromNode(...), $node->map('oldPages')), $node->stringMap('waved'), array_map(static fn (Node $shown): array => array_map(static fn (Node $mark): string => $mark->asString(), $shown->items()), $node->map('goes')));
    }

    public function withOldPage(string $address, ?Decision $decision): self
    {
        $oldPages = $this->oldPages;
        unset($oldPages[$address]);

        return new self(null === $decision ? $oldPages : [...$oldPages, $address => $decision], $this->waved, $this->goes);
    }

    public function withWaved(string $key, ?string $remark): self
    {
        $waved = $this->waved;
        unset($waved[$key]);

        return new self($this->oldPages, null === $remark ? $waved : [...$waved, $key => $remark], $this->goes);
    }

    /** @param list<string> $shown marks of choices */
    public function withGoes(string $element, array $shown): self
    {
        $goes = $this->goes;
        unset($goes[$element]);

        return new self($this->oldPages, $this->waved, [] === $shown ? $goes : [...$goes, $element => $shown]);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['oldPages' => (object) array_map(static fn (Decision $decision): array => $decision->toArray(), $this->oldPages), 'waved' => (object) $this->waved, 'goes' => (object) $this->goes];
    }
}
