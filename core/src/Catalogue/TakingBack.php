<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** How a client says no to what was just wished for, from core/catalogue/brief/taking-back.yaml. */
final readonly class TakingBack
{
    private Wordings $next;
    private Wordings $within;
    private string $ideas;
    private Wordings $takesUp;
    private Wordings $denies;

    /** @param callable(string): string $expand makes a regular expression of a wording */
    public function __construct(Node $wordings, callable $expand)
    {
        $no = $wordings->string('before').'(?:'.implode('|', $wordings->strings('noes')).')'.$wordings->string('after');
        $this->next = new Wordings([...$wordings->strings('sentences'), $no], $expand);
        $this->ideas = $expand($wordings->string('ideas'));
        $this->takesUp = new Wordings($wordings->strings('takes_up'), $expand);
        $this->denies = new Wordings($wordings->strings('denies'), $expand);
        $nearHead = $wordings->string('near_head').'(?:'.implode('|', $wordings->strings('within_near_head')).')';
        $this->within = new Wordings([...$wordings->strings('within'), $nearHead], $expand);
    }

    /** "Somebody asked for a shop." – "Please don't." */
    public function saysNo(string $next): bool
    {
        return $this->next->standIn($next);
    }

    /**
     * "You mentioned a shop.", "We have a stall.": whether an idea of the designer's is denied, or left at that, here or in
     * the next sentence; false where it is taken up, null where there is none.
     */
    public function leavesIdea(string $sentence, string $next): ?bool
    {
        $said = 1 === preg_match($this->ideas, $sentence, $m) ? $m['behind'].' '.$next : '';

        return 1 === preg_match('/\p{L}/u', $said) ? $this->denies->standIn($said) || !$this->takesUp->standIn($said) : null;
    }

    /** "We thought about a forum, but decided against." */
    public function isTakenBack(string $sentence): bool
    {
        return $this->within->standIn($sentence);
    }
}
