<?php

declare(strict_types=1);

namespace DunePocket\Plan\PresentSite;

use DunePocket\Brief\Sources\SitePage;

/** A page of the present website and what becomes of it. */
final readonly class Verdict
{
    /**
     * @param ?string      $page    id of the planned page it is kept as or merged into; null when it is dropped, or has no place yet
     * @param string       $reason  one sentence
     * @param list<string> $facts   ids of the facts the reason rests on
     * @param bool         $decided by the designer, not suggested
     */
    public function __construct(
        public SitePage $old,
        public Fate $fate,
        public ?string $page,
        public string $reason,
        public array $facts = [],
        public bool $decided = false,
    ) {
    }

    /** Whether it is to be kept while no planned page takes it up. */
    public function isOpen(): bool
    {
        return Fate::Drop !== $this->fate && null === $this->page;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['address' => $this->old->address, 'title' => $this->old->title, 'words' => $this->old->words, 'fate' => $this->fate->value, 'page' => $this->page, 'reason' => $this->reason, 'facts' => $this->facts, 'decided' => $this->decided];
    }
}
