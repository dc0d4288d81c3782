<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** How a client says no to what was just wished for, from core/catalogue/brief/taking-back.yaml. */
final readonly class TakingBack
{
    private Wordings $next;
    private Wordings $within;

    /** @param callable(string): string $expand makes a regular expression of a wording */
    public function __construct(Node $wordings, callable $expand)
    {
        $no = $wordings->string('before').'(?:'.implode('|', $wordings->strings('noes')).')'.$wordings->string('after');
        $this->next = new Wordings([...$wordings->strings('sentences'), $no], $expand);
        $nearHead = $wordings->string('near_head').'(?:'.implode('|', $wordings->strings('within_near_head')).')';
        $this->within = new Wordings([...$wordings->strings('within'), $nearHead], $expand);
    }

    /** "Somebody asked for a shop." – "Please don't." */
    public function saysNo(string $next): bool
    {
        return $this->next->standIn($next);
    }

    /** "We thought about a forum, but decided against." */
    public function isTakenBack(string $sentence): bool
    {
        return $this->within->standIn($sentence);
    }
}
