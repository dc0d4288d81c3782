<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

/**
 * Wordings of which any will do. A long text is searched for a few of them at a time several times faster than for all
 * in one pattern; for each alone there would be more patterns than PHP keeps ready (4,096 in one process).
 */
final readonly class Wordings
{
    private const AT_ONCE = 4;

    /** Finds the first of them that stands at the earliest place. */
    public string $any;

    /** @var list<string> patterns for a few of them each */
    public array $few;

    /**
     * @param list<string>             $wordings regular expressions without delimiters
     * @param callable(string): string $expand   makes a pattern of one
     */
    public function __construct(array $wordings, callable $expand)
    {
        $this->any = $expand('(?:'.implode('|', $wordings).')');
        $this->few = array_map(static fn (array $few): string => $expand('(?:'.implode('|', $few).')'), array_chunk($wordings, self::AT_ONCE));
    }

    public function standIn(string $text): bool
    {
        return 1 === preg_match($this->any, $text);
    }
}
