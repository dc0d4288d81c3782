<?php

declare(strict_types=1);

namespace DunePocket\Plan;

use DunePocket\Data\Node;

/** The text in one slot of a section. */
final readonly class CopyLine
{
    public const LONGEST = 5000;

    /** @param ?int $item index inside the repeated group, null outside of it */
    public function __construct(
        public string $slot,
        public CopyRole $role,
        public string $text,
        public ?int $item = null,
        public CopyStatus $status = CopyStatus::Drafted,
    ) {
    }

    public static function fromNode(Node $node): self
    {
        return new self(
            $node->string('slot'),
            $node->enum('role', CopyRole::class),
            mb_substr($node->string('text'), 0, self::LONGEST),
            $node->optionalInt('item'),
            $node->enum('status', CopyStatus::class),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $line = ['slot' => $this->slot, 'role' => $this->role->value, 'text' => $this->text, 'status' => $this->status->value];

        return null === $this->item ? $line : $line + ['item' => $this->item];
    }

    public function withItem(?int $item): self
    {
        return new self($this->slot, $this->role, $this->text, $item, $this->status);
    }

    public function is(string $slot, ?int $item): bool
    {
        return $this->slot === $slot && $this->item === $item;
    }
}
