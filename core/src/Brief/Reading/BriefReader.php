<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Normal\Normaliser;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Catalogue\Catalogue;

/** Reads a source in stages: blocks, sentences, recognisers, resolution. */
final readonly class BriefReader
{
    /** An inventory of the present website tells how to reach the business, not what the new site is to be. */
    private const ON_A_SITE = [FactKind::ContactPhone, FactKind::ContactEmail, FactKind::ContactAddress, FactKind::OpeningHours, FactKind::ExistingSite, FactKind::SocialProfile];

    private Corrector $corrector;
    private Conversation $conversation;
    private Segmenter $segmenter;
    private SentenceSplitter $splitter;
    private Recogniser\KindRecogniser $kinds;
    private Recogniser\LikelyDifferentiatorRecogniser $hints;
    private Recogniser\LikelyOfferingRecogniser $trade;
    private Recogniser\PlainNoRecogniser $noes;
    private Recogniser\LearntGoalRecogniser $goals;
    private Recogniser\LikelyAudienceRecogniser $people;
    private Recogniser\LearntRefusalRecogniser $refusals;
    private AreasBehindPages $areas;
    private Resolver $resolver;
    private Normaliser $normaliser;

    /** @var list<Recogniser> */
    private array $recognisers;

    public function __construct(Catalogue $catalogue)
    {
        $cues = $catalogue->cues();
        $negation = new Negation($cues);
        $this->corrector = new Corrector(new Speller($catalogue->words(), $catalogue->properNames(), $catalogue->vocabulary()));
        $this->conversation = new Conversation($cues);
        $this->segmenter = new Segmenter($cues);
        $this->splitter = new SentenceSplitter($cues->takingBack);
        $this->kinds = new Recogniser\KindRecogniser($catalogue->businessKinds(), new Affinities($catalogue->trades()));
        $this->hints = new Recogniser\LikelyDifferentiatorRecogniser($cues, $catalogue->claiming());
        $this->goals = new Recogniser\LearntGoalRecogniser(new Affinities($catalogue->goalWords()));
        $this->trade = new Recogniser\LikelyOfferingRecogniser($cues, $catalogue->businessKinds());
        $this->people = new Recogniser\LikelyAudienceRecogniser($cues, $catalogue->people());
        $this->refusals = new Recogniser\LearntRefusalRecogniser($cues, $catalogue->pageKinds(), $catalogue->refusing());
        $this->noes = new Recogniser\PlainNoRecogniser($cues);
        $this->areas = new AreasBehindPages($catalogue->pageKinds());
        $this->resolver = new Resolver();
        $this->normaliser = new Normaliser();
        $this->recognisers = [
            new Recogniser\TopicRecogniser($cues),
            new Recogniser\PatternRecogniser($cues, $catalogue->words(), $catalogue->properNames()),
            new Recogniser\DomainNameRecogniser($cues, $catalogue->words()),
            new Recogniser\LikelyNameRecogniser($cues, $catalogue->words(), $catalogue->businessKinds()),
            new Recogniser\DifferentiatorRecogniser($cues),
            new Recogniser\OfferingRecogniser($cues, $negation, $catalogue->pageKinds()),
            new Recogniser\GoalRecogniser($cues, $negation),
            new Recogniser\ToneRecogniser($cues, $negation),
            new Recogniser\VoiceSampleRecogniser($catalogue->voice(), $cues),
            new Recogniser\LanguageRecogniser($catalogue->languages(), $negation),
            new Recogniser\FeatureRecogniser($cues, $negation),
            new Recogniser\RefusalRecogniser($cues, $catalogue->pageKinds()),
            new Recogniser\LikelyRefusalRecogniser($cues),
            new Recogniser\PageRecogniser($cues, $negation, $catalogue->pageKinds(), $catalogue->features()),
        ];
    }

    public function read(Source $source): Brief
    {
        return new Brief([$source], $this->facts($source));
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<Block> what the designer asked
     */
    private function asked(array $lines): array
    {
        return array_map(static fn (Line $line): Block => (new Block(BlockKind::Paragraph, $line->start, $line->text, age: $line->age))->trimmed(), array_values(array_filter($lines, static fn (Line $line): bool => $line->asks())));
    }

    /** @return list<Fact> */
    public function facts(Source $source, int $nextNumber = 1): array
    {
        $text = $this->corrector->readable($source);
        $lines = $this->conversation->lines($text->text, $source->kind);
        $blocks = $this->segmenter->segment($lines);
        $reading = new Reading($text, $blocks, $this->splitter->split($blocks), $this->splitter->split($this->asked($lines)));
        $candidates = [];
        foreach ($this->recognisers as $recogniser) {
            array_push($candidates, ...iterator_to_array($recogniser->recognise($reading), false));
        }
        $candidates = $this->areas->with($reading, $candidates);
        foreach ([$this->noes, $this->refusals, $this->people, $this->kinds, $this->hints, $this->trade, $this->goals] as $concluding) {
            array_push($candidates, ...iterator_to_array($concluding->recognise($reading, $candidates), false));
        }
        if (SourceKind::Site === $source->kind) {
            $candidates = array_values(array_filter($candidates, static fn (Candidate $candidate): bool => \in_array($candidate->kind, self::ON_A_SITE, true)));
        }

        return array_map(fn (Fact $fact): Fact => $this->normaliser->normal($fact, $source->text), $this->resolver->resolve($source, $reading, $candidates, $nextNumber));
    }
}
