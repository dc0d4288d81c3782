<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Brief\Reading\SentenceWords;
use DunePocket\Brief\Reading\Unexplained;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\PageKinds;
use DunePocket\Catalogue\WordWeights;

/**
 * Refusals that only the words of a sentence taken together give away, as labelled briefs taught it: "Miracle stories?
 * My association would have a fit." A hint, and only where no wording refused anything.
 */
final readonly class LearntRefusalRecogniser
{
    private const CERTAINTY = 0.5;
    private const TOPICS = [null, 'business_kind', 'goal', 'feature', 'page_request', 'person'];
    /** Odds, as WordWeights has them, from which on a thing that only websites have is refused; and any other. */
    private const ENOUGH = 0.3;
    private const PLENTY = 2.0;
    private const WISHES = [FactKind::Feature, FactKind::PageRequest];
    private const NAMED = '/\b(?:an?|any|no|another|one of those)\s+(?<name>(?!(?:bit|lot|few|while|time|way|day|week|month|year|couple|idea|good|big|new|little|short|picture|mail|e-?mail|page|problem|reason|need|room)\b)\p{L}[\p{L}\'’-]+(?:\s(?!(?:on|in|for|from|with|to|of|at|by|as|so|but|and|or|nor|because|which|that|who|is|are|was|would|could|will|please|either|any|we|i|it|though)\b)[\p{L}\'’-]+){0,2})/iu';
    private const SUBJECT = '/^(?:(?:and|but|also|as for|oh,?)\s+)*(?:the |our |an? )?(?<name>(?!(?:the|our|an?|i|we|it|this|that|they|there|what|people|nobody|please|and|but|following|with|my|he|she|you|if|when|some|most)\b)\p{L}[\p{L}\'’-]+(?:\s(?!(?:would|is|are|was|were|can|could|seems?|feels?|we|i|has|have|had|might|may|will|should|on|in|for)\b)[\p{L}\'’-]+){0,2})\s+(?:would|is|are|was|were|can|could|seems?|feels?|we|i|has|have|might|may|will|should)\b/iu';

    public function __construct(private Cues $cues, private PageKinds $pages, private WordWeights $weights)
    {
    }

    /**
     * @param list<Candidate> $read what else was read
     *
     * @return iterable<Candidate>
     */
    public function recognise(Reading $reading, array $read): iterable
    {
        $known = new Unexplained($this->cues, $read);
        foreach ($reading->sentences as $i => $sentence) {
            if (!$this->mayRefuse($sentence) || $this->refuses($known, $sentence)) {
                continue;
            }
            $next = $reading->sentences[$i + 1] ?? null;
            $odds = $this->weights->odds(SentenceWords::of($sentence, null === $next || $this->refuses($known, $next) ? null : $next));
            $thing = $odds < self::ENOUGH ? null : $this->ofASite($sentence) ?? ($odds < self::PLENTY ? null : $this->named($sentence));
            if (null !== $thing && !$known->holds($thing->start, $thing->length, self::WISHES)) {
                yield $thing;
            }
        }
    }

    private function refuses(Unexplained $known, Sentence $sentence): bool
    {
        return $known->holds($sentence->start, \strlen($sentence->text), [FactKind::PageRefusal]);
    }

    private function mayRefuse(Sentence $sentence): bool
    {
        return $sentence->isSpoken()
            && null === $sentence->block->agreed
            && !\in_array($sentence->block->kind, [BlockKind::Title, BlockKind::Heading], true)
            && \in_array($sentence->block->topic, self::TOPICS, true);
    }

    private function ofASite(Sentence $sentence): ?Candidate
    {
        foreach ($this->cues->siteThingsByFeature as [$pattern, $feature]) {
            if (1 === preg_match($pattern, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
                return $this->refused($m[0][0], $sentence->start + (int) $m[0][1], $feature);
            }
        }

        return null;
    }

    private function named(Sentence $sentence): ?Candidate
    {
        foreach ([self::NAMED, self::SUBJECT] as $pattern) {
            if (1 === preg_match($pattern, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
                [$name, $at] = $m['name'];
                if (1 !== preg_match($this->cues->noThings, $name) && 1 !== preg_match($this->cues->noRefusals, $name) && null === $this->pages->named($name)) {
                    return $this->refused($name, $sentence->start + (int) $at, null);
                }
            }
        }

        return null;
    }

    private function refused(string $words, int $start, ?string $feature): Candidate
    {
        return new Candidate(FactKind::PageRefusal, Phrase::title($words), $start, \strlen($words), self::CERTAINTY, detail: array_filter(['feature' => $feature]));
    }
}
