<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

/** Wordings of which any will do. A long text is searched for each of them several times faster than for all in one pattern. */
final readonly class Wordings
{
    /** Finds the first of them that stands at the earliest place. */
    public string $any;

    /** @var list<string> a pattern for each */
    public array $each;

    /**
     * @param list<string>             $wordings regular expressions without delimiters
     * @param callable(string): string $expand   makes a pattern of one
     */
    public function __construct(array $wordings, callable $expand)
    {
        $this->any = $expand('(?:'.implode('|', $wordings).')');
        $this->each = array_map($expand, $wordings);
    }

    public function standIn(string $text): bool
    {
        return 1 === preg_match($this->any, $text);
    }
}
