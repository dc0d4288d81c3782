<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Sentence;

/** "I would like these pages. Home. Rooms, with one page for each. Table, for the restaurant.": a page a sentence. */
final readonly class AnnouncedPages
{
    private const CERTAINTY = 0.95;
    private const LEAST = 3;
    private const ANNOUNCES = '/^as (?:to|for|regards) (?:its|the) (?:contents?|pages|structure|sections)[.:]$|\b(?:these|the following) pages\b[^,:.]*[.:]$|^(?:and |so |now )?(?:the )?pages(?:,? then)?[.:]$|\bpages (?:would|could|should|might|will) be[.:]$|^(?:and |so )?what(?:[\'’]s| is| would be| should be| goes| will be) on (?:it|there|the (?:web ?)?site)[.:]$|\bpages? (?:i|we)(?:[\'’]d| would)? (?:see|want|need|imagine|like|had in mind)[.:]$/iu';
    /** "So all I need: the menus. Something about afternoon tea. Where to find us." */
    private const ANNOUNCES_FIRST = '/^(?:(?:and|so|now|really|right|ok|okay)[,\s]+)*(?:(?:the )?pages?(?:,? then)?|(?:(?:all|what)\s+)?(?:i|we)(?:[\'’]d| would|[\'’]ll| will|[\'’]m| are|[\'’]re| am)? (?:really |just |only )?(?:need|want|like|see|have in mind|ask for|after)(?: on it| is| are)*):\s+(?=\p{L}[^,;:]{2,50}[.;]?$)/iu';
    /** "A page for each of the three, with pictures. Things to do. Book." */
    private const ONE_FOR_EACH = '/^(?:(?:so|and|then|pages?)[,:]? )*(?:(?:i|we)(?:[\'’]d| would|[\'’]ll)?(?: like| want| need| have)? )?(?:an?|one) page (?:for|per) (?:each|every)\b[^.!?]*[.!]?$/iu';
    private const MOST = 15;
    private const TOPICS = ['page_request', 'page_count', 'page_limit'];
    /** "Eight. Home. Prices." */
    private const COUNT = '/^(?:about |maybe |just |only )?(?:\d{1,2}|two|three|four|five|six|seven|eight|nine|ten)(?: pages?| of them| i think)?[.!:]$/iu';
    private const NAME = '/^(?:(?:and|then|also|plus|oh|maybe|perhaps|finally)[, ]+)*+(?:an? page (?:for|about|on|of) |(?:something|a bit|a few words|a paragraph|a word|somewhere) (?:about|on|for|to) )?(?<name>(?!(?:it|we|i|they|there|this|that|these|the site|you|people|if|when (?:we|i|you|they|it|people)\b(?!(?:[\'’](?:re|m)| are| am) open\b)|so|but|no|not|please|(?:one|an?|another) (?:page )?(?:each|apiece|for each)|everything|all|on|in|under|each|every)\b)\p{L}[\p{L}\'’&-]*(?: [\p{L}\'’&-]+){0,4}?)(?:,? (?:for|with(?! (?:us|me)\b)|where|which|including|showing|to \p{L}+|about|on (?:its|their|a page of its) own)\b(?<about>[^.;!?]*)|,\s(?:all|each|every|together|combined|mum|dad|so|because|as|we|i|it|they|obviously|naturally|maybe|if|\p{L}+ by \p{L}+)\b[^.;!?]*|\s[-–—]\s[^.;!?]{3,40}|\s*\((?<aside>[^)]*)\))?\s*[.;!]*$/iu';

    public function __construct(private PageRequests $make)
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
                $sentence->isSpoken() && 1 === preg_match(self::ANNOUNCES_FIRST, $sentence->text, $m) => $this->namedFromHere($sentence, \strlen($m[0]), \array_slice($sentences, $i + 1, self::MOST)),
                $sentence->isSpoken() && 1 === preg_match(self::ONE_FOR_EACH, $sentence->text) => $this->knownAmong($this->named($sentences, $i + 1)),
                default => [],
            };
            foreach (\count($named) < self::LEAST ? [] : $named as [$name, $start, $about]) {
                yield from $this->make->page($name, $start, self::CERTAINTY, $about);
            }
        }
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
        return $sentence->isSpoken() && ($this->isAnswer($sentence) || 1 === preg_match(self::ANNOUNCES, $sentence->text) || (\in_array($sentence->block->topic, self::TOPICS, true) && 1 === preg_match(self::COUNT, $sentence->text)));
    }

    /** "home. cheese (what there is). days out.", where pages are asked for. */
    private function isAnswer(Sentence $sentence): bool
    {
        return FactKind::PageRequest->value === $sentence->block->topic && \in_array($sentence->block->kind, [BlockKind::Answer, BlockKind::Paragraph], true) && $sentence->isFirst() && 1 === preg_match(self::NAME, $sentence->text);
    }

    /**
     * @param list<Sentence> $sentences
     *
     * @return list<array{string, int, string}> names as far as they go, where each begins, what is said of it
     */
    private function named(array $sentences, int $from): array
    {
        $named = [];
        for ($i = $from; isset($sentences[$i]) && $sentences[$i]->block === $sentences[$from]->block && 1 === preg_match(self::NAME, $sentences[$i]->text, $m, \PREG_OFFSET_CAPTURE | \PREG_UNMATCHED_AS_NULL); ++$i) {
            $named[] = [(string) $m['name'][0], $sentences[$i]->start + (int) $m['name'][1], (string) ($m['about'][0] ?? $m['aside'][0] ?? '')];
        }

        return $named;
    }
}
