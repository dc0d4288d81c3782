<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\PageWordingCues;

/** "Pots, seconds, where to find me. That's your pages.": the sentence before names them. */
final readonly class NamesBefore
{
    private const CERTAINTY = 0.95;
    private const LEAST = 2;

    /** A barber's menu may be what is offered. */
    private const MENU = '/\bmenu\b/iu';

    public function __construct(private PageRequests $make, private PageWordingCues $wordings)
    {
    }

    /**
     * @param list<Sentence> $sentences
     *
     * @return iterable<Candidate>
     */
    public function requests(array $sentences): iterable
    {
        foreach ($sentences as $i => $sentence) {
            $before = $sentences[$i - 1] ?? null;
            if (null !== $before && $before->block === $sentence->block && $sentence->isSpoken() && 1 === preg_match($this->wordings->pointingBack, $sentence->text)) {
                $names = Phrase::list(rtrim($before->text, " \n.:!"));
                yield from \count($names) < self::LEAST || (1 === preg_match(self::MENU, $sentence->text) && 0 === $this->make->known($names)) ? [] : $this->make->pages($names, $before->start, self::CERTAINTY);
            }
        }
    }
}
