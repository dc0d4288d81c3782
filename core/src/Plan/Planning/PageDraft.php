<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

use DunePocket\Brief\Fact;
use DunePocket\Plan\Reason;

/** A page while the plan is being made. */
final class PageDraft
{
    /** @var list<string> section kinds taken over from pages that were merged into this one */
    public array $takenOver = [];

    /** @var list<Reason> */
    public array $reasons;

    public ?self $parent = null;

    /** The client listed it by its own name, beside the others. */
    public bool $listed = false;

    /**
     * @param ?Fact   $subject the offering or area it is for
     * @param ?string $about   what the brief says of it
     * @param bool    $asked   the client asked for it
     * @param int     $order   its place among the pages asked for
     */
    public function __construct(
        public readonly string $kind,
        public readonly string $title,
        Reason $reason,
        public readonly ?Fact $subject = null,
        public readonly ?string $about = null,
        public readonly bool $asked = false,
        public readonly int $rank = 50,
        public readonly int $order = 0,
    ) {
        $this->reasons = [$reason];
    }
}
