<?php

declare(strict_types=1);

namespace DunePocket\Plan;

use DunePocket\Data\Node;

/** One section of a page: what it is for, how it is laid out, what it says. */
final readonly class Section
{
    /**
     * @param ?string        $shared  id of the shared section this one stands for
     * @param bool           $kept    redrafting and replanning leave it alone
     * @param list<Reason>   $reasons
     * @param list<CopyLine> $copy    empty when it stands for a shared section
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $title,
        public string $purpose,
        public string $layout,
        public ?string $shared = null,
        public bool $kept = false,
        public array $reasons = [],
        public array $copy = [],
        public Look $look = new Look(),
    ) {
    }

    /** A section that stands for a shared one. */
    public static function standingFor(self $shared, string $id): self
    {
        return new self($id, $shared->kind, $shared->title, $shared->purpose, $shared->layout, $shared->id);
    }

    public static function fromNode(Node $node): self
    {
        $shared = $node->optionalString('shared');

        return new self(
            $node->string('id'),
            $node->string('kind'),
            $node->string('title'),
            $node->string('purpose'),
            $node->string('layout'),
            $shared,
            $node->bool('kept', false),
            array_map(Reason::fromNode(...), $node->children('reasons')),
            null === $shared ? array_map(CopyLine::fromNode(...), $node->children('copy')) : [],
            $node->has('look') ? Look::fromNode($node->child('look')) : new Look(),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $look = $this->look->toArray();

        return [
            'id' => $this->id,
            'kind' => $this->kind,
            'title' => $this->title,
            'purpose' => $this->purpose,
            'layout' => $this->layout,
            ...([] === $look ? [] : ['look' => $look]),
            'shared' => $this->shared,
            'kept' => $this->kept,
            'reasons' => array_map(static fn (Reason $reason): array => $reason->toArray(), $this->reasons),
            'copy' => array_map(static fn (CopyLine $line): array => $line->toArray(), $this->copy),
        ];
    }

    public function line(string $slot, ?int $item = null): ?CopyLine
    {
        foreach ($this->copy as $line) {
            if ($line->is($slot, $item)) {
                return $line;
            }
        }

        return null;
    }

    public function withId(string $id): self
    {
        return new self($id, $this->kind, $this->title, $this->purpose, $this->layout, $this->shared, $this->kept, $this->reasons, $this->copy, $this->look);
    }

    /** @param ?string $shared id of the shared section it stands for; null when it is a section of its own */
    public function withShared(?string $shared): self
    {
        return new self($this->id, $this->kind, $this->title, $this->purpose, $this->layout, $shared, $this->kept, $this->reasons, $this->copy, $this->look);
    }

    public function withTitle(string $title): self
    {
        return new self($this->id, $this->kind, $title, $this->purpose, $this->layout, $this->shared, $this->kept, $this->reasons, $this->copy, $this->look);
    }

    public function withPurpose(string $purpose): self
    {
        return new self($this->id, $this->kind, $this->title, $purpose, $this->layout, $this->shared, $this->kept, $this->reasons, $this->copy, $this->look);
    }

    public function withLayout(string $layout): self
    {
        return new self($this->id, $this->kind, $this->title, $this->purpose, $layout, $this->shared, $this->kept, $this->reasons, $this->copy, $this->look);
    }

    public function withKept(bool $kept): self
    {
        return new self($this->id, $this->kind, $this->title, $this->purpose, $this->layout, $this->shared, $kept, $this->reasons, $this->copy, $this->look);
    }

    /** @param list<CopyLine> $copy */
    public function withCopy(array $copy): self
    {
        return new self($this->id, $this->kind, $this->title, $this->purpose, $this->layout, $this->shared, $this->kept, $this->reasons, $copy, $this->look);
    }

    /** @return list<list<CopyLine>> the copy of each item, in order */
    public function items(): array
    {
        $items = [];
        foreach ($this->copy as $line) {
            if (null !== $line->item) {
                $items[$line->item][] = $line;
            }
        }
        ksort($items);

        return array_values($items);
    }

    /** @param list<list<CopyLine>> $items numbered anew in this order */
    public function withItems(array $items): self
    {
        $copy = array_filter($this->copy, static fn (CopyLine $line): bool => null === $line->item);
        foreach ($items as $at => $lines) {
            foreach ($lines as $line) {
                $copy[] = $line->withItem($at);
            }
        }

        return $this->withCopy(array_values($copy));
    }

    public function withLook(Look $look): self
    {
        return new self($this->id, $this->kind, $this->title, $this->purpose, $this->layout, $this->shared, $this->kept, $this->reasons, $this->copy, $look);
    }

    /** The section with this line in place of the one in the same slot; added at the end when the slot was empty. */
    public function withLine(CopyLine $line): self
    {
        $copy = $this->copy;
        foreach ($copy as $i => $existing) {
            if ($existing->is($line->slot, $line->item)) {
                $copy[$i] = $line;

                return $this->withCopy($copy);
            }
        }

        return $this->withCopy([...$copy, $line]);
    }
}
