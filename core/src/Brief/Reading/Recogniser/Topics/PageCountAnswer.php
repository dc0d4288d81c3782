<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Topics;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Numeral;

/** How many pages are wanted, or how many at most. */
final readonly class PageCountAnswer implements Answer
{
    /** "Size: 9 people" counts no pages. */
    private const HEADS = '/\d\s+(?:people|staff|employees|members|of us|partners|engineers|volunteers)\b/iu';

    /** @param string $lead what the question adds to the number: "at most " */
    public function __construct(private string $lead = '')
    {
    }

    public function read(Block $block): iterable
    {
        $count = Numeral::range($this->lead.$block->text);
        if (null !== $count && 1 !== preg_match(self::HEADS, $block->text)) {
            yield new Candidate(FactKind::PageCount, $count, $block->start, \strlen($block->text), self::CERTAINTY);
        }
    }
}
