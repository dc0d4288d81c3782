<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Brief\Reading\Unexplained;
use DunePocket\Catalogue\Cues;

/**
 * "No leader board.", "Gift wrap: no." Whatever it is, it is not wanted on the site, once a page has been asked for in
 * the source; before that, "no mortar" and "no contracts" are claims of theirs.
 */
final readonly class PlainNoRecogniser
{
    private const CERTAINTY = 0.6;
    private const TOPICS = [null, 'business_kind', 'feature', 'page_request', 'goal'];
    /** What the sentence may be about instead. */
    private const SAID = [FactKind::PageRefusal, FactKind::Tone, FactKind::AvoidWord, FactKind::Differentiator, FactKind::Offering, FactKind::Audience, FactKind::Price];
    private const NAME = '(?<name>\p{L}[\p{L}\'’-]*(?:\s(?!(?:on|in|for|from|with|to|of|at|by|as|so|but|and|or|nor|because|which|that|who|is|are|was|would|could|will|please|thanks?|either|any|we|i|it|they|though|needed|required|if|when|until|ever|unless|than)\b)\p{L}[\p{L}\'’-]*){0,2})';
    private const FIRST = '~^\W*(?:(?:and|also|please|so|but)[, ]+)*no (?!(?:more|longer|one|need|thanks?|idea|doubt|way|chance|problem|rush|hurry|fear|wonder|less|fewer|other|such)\b)'.self::NAME.'(?=\s*(?:[.,;!(]|$|\s[–—-]\s|\s(?:please|thanks?|either|because|as|though|if|and no|or)\b))~iu';
    private const LAST = '~^\W*(?:(?:and|also)[, ]+)*(?:an? |the |any )?'.self::NAME.'\s*(?::|[–—-]|,)?\s*(?:no|nope|nah|never)\s*[.!]*\s*$~iu';

    public function __construct(private Cues $cues)
    {
    }

    /**
     * @param list<Candidate> $read what else was read
     *
     * @return iterable<Candidate>
     */
    public function recognise(Reading $reading, array $read): iterable
    {
        $wishes = array_map(static fn (Candidate $wish): int => $wish->start, array_filter($read, static fn (Candidate $candidate): bool => FactKind::PageRequest === $candidate->kind));
        $from = [] === $wishes ? \PHP_INT_MAX : min($wishes);
        $known = new Unexplained($this->cues, $read);
        foreach ($reading->sentences as $sentence) {
            if ($sentence->start > $from && $this->mayRefuse($sentence) && !$known->holds($sentence->start, \strlen($sentence->text), self::SAID)) {
                yield from $this->refused($sentence);
            }
        }
    }

    private function mayRefuse(Sentence $sentence): bool
    {
        return $sentence->isSpoken()
            && null === $sentence->block->agreed
            && !\in_array($sentence->block->kind, [BlockKind::Title, BlockKind::Heading], true)
            && \in_array($sentence->block->topic, self::TOPICS, true);
    }

    /** @return iterable<Candidate> */
    private function refused(Sentence $sentence): iterable
    {
        foreach ([self::FIRST, self::LAST] as $pattern) {
            if (1 === preg_match($pattern, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
                [$name, $at] = $m['name'];
                if (!$this->isNoThing($name)) {
                    yield new Candidate(FactKind::PageRefusal, Phrase::title($name), $sentence->start + (int) $at, \strlen($name), self::CERTAINTY);
                }

                return;
            }
        }
    }

    /** "No suits": a single word is a thing no oftener than not. */
    private function isNoThing(string $name): bool
    {
        return !str_contains($name, ' ')
            || 1 === preg_match($this->cues->terms, $name)
            || 1 === preg_match($this->cues->noThings, $name)
            || 1 === preg_match($this->cues->noRefusals, $name)
            || 1 === preg_match($this->cues->persons, $name)
            || $this->cues->namesTone($name);
    }
}
