<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;

/** "Can we have services, prices, about, contact.": the end of a sentence that lists nothing but known pages. */
final readonly class KnownTail implements PageWording
{
    private const CERTAINTY = 0.93;
    private const LEAST = 3;
    private const TAIL = '/\b(?:have|need|want|like|do|be|are|(?<!\()with|just|suggest|thinking)\s+(?<list>\p{L}[^.;!?:\n]{8,160})/iu';

    public function __construct(private PageRequests $make, private Negation $negation)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if (!$this->make->mentionsPage($sentence->text) || 1 !== preg_match(self::TAIL, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        $parts = Phrase::list($m['list'][0]);
        if (\count($parts) >= self::LEAST && $this->make->known($parts) === \count($parts) && !$this->negation->covers($sentence, (int) $m['list'][1])) {
            yield from $this->make->pages($parts, $sentence->start + (int) $m['list'][1], self::CERTAINTY);
        }
    }
}
