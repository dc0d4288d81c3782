<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\PageWordingCues;

/** "I would like these pages. Home. Rooms, with one page for each. Table, for the restaurant.": a page a sentence. */
final readonly class AnnouncedPages
{
    private const CERTAINTY = 0.95;
    private const LEAST = 3;
    private const MOST = 15;
    private const TOPICS = ['page_request', 'page_count', 'page_limit'];

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
            $named = match (true) {
                $this->isBeforeNames($sentence) => $this->named($sentences, $i + ($this->isAnswer($sentence) ? 0 : 1)),
                $sentence->isSpoken() && '' !== ($lead = $this->lead($sentence->text)) => $this->namedFromHere($sentence, \strlen($lead), \array_slice($sentences, $i + 1, self::MOST)),
                $sentence->isSpoken() && 1 === preg_match($this->wordings->announcingEach, $sentence->text) => $this->knownAmong($this->named($sentences, $i + 1)),
                default => [],
            };
            foreach (\count($named) < self::LEAST ? [] : $named as [$name, $start, $about]) {
                yield from $this->make->page($name, $start, self::CERTAINTY, $about);
            }
        }
    }

    /** "So all I need: ", where names follow; '' where none do. */
    private function lead(string $text): string
    {
        return 1 === preg_match($this->wordings->announcingFirst, $text, $m) ? $m[0] : '';
    }

    /**
     * @param int            $from where the first name stands in the sentence, in bytes
     * @param list<Sentence> $next
     *
     * @return list<array{string, int, string}> none where nothing in it is a page we know
     */
    private function namedFromHere(Sentence $first, int $from, array $next): array
    {
        return $this->knownAmong($this->named([new Sentence(substr($first->text, $from), $first->start + $from, $first->block), ...$next], 0));
    }

    /**
     * @param list<array{string, int, string}> $named
     *
     * @return list<array{string, int, string}>
     */
    private function knownAmong(array $named): array
    {
        return [] === array_filter($named, fn (array $page): bool => $this->make->isKnown($page[0])) ? [] : $named;
    }

    private function isBeforeNames(Sentence $sentence): bool
    {
        return $sentence->isSpoken() && ($this->isAnswer($sentence) || 1 === preg_match($this->wordings->announcing, $sentence->text) || (\in_array($sentence->block->topic, self::TOPICS, true) && 1 === preg_match($this->wordings->countAlone, $sentence->text)));
    }

    /** "home. cheese (what there is). days out.", where pages are asked for. */
    private function isAnswer(Sentence $sentence): bool
    {
        return FactKind::PageRequest->value === $sentence->block->topic && \in_array($sentence->block->kind, [BlockKind::Answer, BlockKind::Paragraph], true) && $sentence->isFirst() && 1 === preg_match($this->wordings->nameAlone, $sentence->text);
    }

    /**
     * @param list<Sentence> $sentences
     *
     * @return list<array{string, int, string}> names as far as they go, where each begins, what is said of it
     */
    private function named(array $sentences, int $from): array
    {
        $named = [];
        for ($i = $from; isset($sentences[$i]) && $sentences[$i]->block === $sentences[$from]->block && 1 === preg_match($this->wordings->nameAlone, $sentences[$i]->text, $m, \PREG_OFFSET_CAPTURE | \PREG_UNMATCHED_AS_NULL); ++$i) {
            $named[] = [(string) $m['name'][0], $sentences[$i]->start + (int) $m['name'][1], (string) ($m['about'][0] ?? $m['aside'][0] ?? '')];
        }

        return $named;
    }
}
