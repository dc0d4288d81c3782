<?php

declare(strict_types=1);

namespace DunePocket\Brief;

use DunePocket\Data\Node;

/** What the client sent and what is known from it. */
final readonly class Brief
{
    /**
     * @param list<Source> $sources
     * @param list<Fact>   $facts   in the order of reading
     * @param list<Fact>   $struck  facts the designer struck out
     * @param list<string> $skipped kinds of question the designer set aside
     */
    public function __construct(
        public array $sources = [],
        public array $facts = [],
        public array $struck = [],
        public array $skipped = [],
    ) {
    }

    public static function fromNode(Node $node): self
    {
        return new self(
            array_map(Source::fromNode(...), $node->children('sources')),
            array_map(Fact::fromNode(...), $node->children('facts')),
            array_map(Fact::fromNode(...), $node->children('struck')),
            $node->strings('skipped'),
        );
    }

    /** @return list<Fact> */
    public function of(FactKind $kind): array
    {
        return array_values(array_filter($this->facts, static fn (Fact $fact): bool => $fact->kind === $kind));
    }

    public function first(FactKind $kind): ?Fact
    {
        foreach ($this->facts as $fact) {
            if ($fact->kind === $kind) {
                return $fact;
            }
        }

        return null;
    }

    public function fact(string $id): ?Fact
    {
        foreach ([...$this->facts, ...$this->struck] as $fact) {
            if ($fact->id === $id) {
                return $fact;
            }
        }

        return null;
    }

    public function source(string $id): ?Source
    {
        foreach ($this->sources as $source) {
            if ($source->id === $id) {
                return $source;
            }
        }

        return null;
    }

    /** @param list<Source> $sources */
    public function withSources(array $sources): self
    {
        return new self($sources, $this->facts, $this->struck, $this->skipped);
    }

    /** @param list<Fact> $facts */
    public function withFacts(array $facts): self
    {
        return new self($this->sources, $facts, $this->struck, $this->skipped);
    }

    /** With the fact among those of its kind, or in place of the one with the same id. */
    public function withFact(Fact $fact): self
    {
        $facts = $this->facts;
        foreach ($facts as $i => $known) {
            if ($known->id === $fact->id) {
                $facts[$i] = $fact;

                return $this->withFacts(array_values($facts));
            }
        }
        $facts[] = $fact;
        $order = array_flip(array_map(static fn (FactKind $kind): string => $kind->value, FactKind::cases()));
        usort($facts, static fn (Fact $a, Fact $b): int => $order[$a->kind->value] <=> $order[$b->kind->value]);

        return $this->withFacts($facts);
    }

    /** @param list<Fact> $struck */
    public function withStruck(array $struck): self
    {
        return new self($this->sources, $this->facts, $struck, $this->skipped);
    }

    /** @param list<string> $skipped */
    public function withSkipped(array $skipped): self
    {
        return new self($this->sources, $this->facts, $this->struck, $skipped);
    }

    public function nextSourceId(): string
    {
        return 's'.(max([0, ...array_map(static fn (Source $source): int => (int) substr($source->id, 1), $this->sources)]) + 1);
    }

    public function nextFactId(): string
    {
        $numbers = array_map(static fn (Fact $fact): int => (int) substr($fact->id, 1), [...$this->facts, ...$this->struck]);

        return 'f'.(max([0, ...$numbers]) + 1);
    }
}
