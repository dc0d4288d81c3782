<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\FactKind;
use DunePocket\Catalogue\Cues;

/** What the wordings left over: the sentences about the business itself in which nothing was found that explains them. */
final readonly class Unexplained
{
    private const TOPICS = [null, 'business_kind', 'offering'];
    /** What a sentence that says one of these is about. */
    private const EXPLAINED = [FactKind::Goal, FactKind::SecondaryGoal, FactKind::Feature, FactKind::PageRequest, FactKind::PageRefusal, FactKind::PageCount, FactKind::Tone, FactKind::AvoidWord, FactKind::Keyphrase, FactKind::DesignNote, FactKind::AdmiredSite, FactKind::Competitor, FactKind::OpeningHours, FactKind::Deadline, FactKind::Budget];
    private const OF_THE_SITE = '/\b(?:web ?site|site|home ?page|pages?|section|menu|button|form|nav|photos?|pictures?|video|google|instagram)\b/iu';

    private Places $places;

    /** @param list<Candidate> $read what was read so far */
    public function __construct(private Cues $cues, private array $read)
    {
        $this->places = new Places();
        foreach ($read as $number => $candidate) {
            $this->places->put($number, $candidate);
        }
    }

    /** @return list<Sentence> */
    public function sentences(Reading $reading): array
    {
        return array_values(array_filter($reading->sentences, $this->isUnexplained(...)));
    }

    /**
     * Whether one of the facts was read within a stretch of the text.
     *
     * @param int            $start  in bytes from the start of the source
     * @param int            $length in bytes
     * @param list<FactKind> $kinds
     */
    public function holds(int $start, int $length, array $kinds): bool
    {
        foreach ($this->places->nearby($start, $length) as $number) {
            $candidate = $this->read[$number];
            if (\in_array($candidate->kind, $kinds, true) && $candidate->start < $start + $length && $start < $candidate->start + $candidate->length) {
                return true;
            }
        }

        return false;
    }

    private function isUnexplained(Sentence $sentence): bool
    {
        return $sentence->isSpoken()
            && !$sentence->isRefused()
            && !\in_array($sentence->block->kind, [BlockKind::Title, BlockKind::Heading], true)
            && \in_array($sentence->block->topic, self::TOPICS, true)
            && 1 !== preg_match(self::OF_THE_SITE, $sentence->text)
            && !$this->cues->givenUp->standIn($sentence->text)
            && !$this->holds($sentence->start, \strlen($sentence->text), self::EXPLAINED);
    }
}
