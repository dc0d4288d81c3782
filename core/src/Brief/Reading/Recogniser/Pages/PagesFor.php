<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;

/** "pages for walks, picnics and yarn" */
final readonly class PagesFor implements PageWording
{
    private const CERTAINTY = 0.93;

    public function __construct(private PageRequests $make, private Negation $negation)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if (1 !== preg_match('/\bpages\s+(?:for|about|on|with|like)\s+(?<names>(?!each\b|every\b)[^.;!?\n(]{3,140})/iu', $sentence->text, $m, \PREG_OFFSET_CAPTURE) || $this->negation->covers($sentence, (int) $m[0][1])) {
            return;
        }
        $parts = array_filter(Phrase::list($m['names'][0]), static fn (array $part): bool => 1 !== preg_match('/\b(?:we|i|it|you|they|that|which)\b/iu', $part[0]));
        yield from $this->make->pages(array_values($parts), $sentence->start + (int) $m['names'][1], self::CERTAINTY);
    }
}
