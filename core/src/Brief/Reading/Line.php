<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** One line of a source and who speaks in it. */
final readonly class Line
{
    /**
     * @param int  $start in bytes from the start of the readable text
     * @param int  $age   0 in the newest message, 1 in the one before it, and so on
     * @param Role $role  whose words these are
     */
    public function __construct(
        public int $start,
        public string $text,
        public int $age = 0,
        public Role $role = Role::Client,
    ) {
    }

    public function spokenBy(Role $role): self
    {
        return new self($this->start, $this->text, $this->age, $role);
    }

    public function isClients(): bool
    {
        return Role::Client === $this->role;
    }

    /** Whether the designer asks something in it. */
    public function asks(): bool
    {
        return Role::Other === $this->role && 1 === preg_match('/\?|\b(?:tell|show) (?:me|us)\b|\bexplain (?:it|this|that)\b|^(?:so|right|okay|ok)[, ][^.?!]{3,40}\.(?:\s|$)/iu', $this->text);
    }

    public function isBlank(): bool
    {
        return '' === trim($this->text);
    }
}
