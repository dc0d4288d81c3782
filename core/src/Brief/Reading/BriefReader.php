<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\Normal\Normaliser;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Catalogue\Catalogue;

/** Reads a source in stages: blocks, sentences, recognisers, resolution. */
final readonly class BriefReader
{
    private Parser $parser;
    private Recogniser\KindRecogniser $kinds;
    private Recogniser\LikelyOfferingRecogniser $trade;
    private Recogniser\PlainNoRecogniser $noes;
    private Recogniser\LikelyAudienceRecogniser $people;
    private AreasBehindPages $areas;
    private Resolver $resolver;
    private Spans\Lessons $lessons;

    /** @var list<Recogniser> */
    private array $recognisers;

    public function __construct(Catalogue $catalogue)
    {
        $cues = $catalogue->cues();
        $negation = new Negation($cues);
        $this->parser = new Parser($catalogue);
        $this->kinds = new Recogniser\KindRecogniser($catalogue->businessKinds(), new Affinities($catalogue->trades()));
        $this->trade = new Recogniser\LikelyOfferingRecogniser($cues, $catalogue->businessKinds());
        $this->people = new Recogniser\LikelyAudienceRecogniser($cues, $catalogue->people());
        $this->noes = new Recogniser\PlainNoRecogniser($cues);
        $this->areas = new AreasBehindPages($catalogue->pageKinds());
        $this->resolver = new Resolver();
        $this->lessons = Spans\Lessons::of($catalogue);
        $this->recognisers = [
            new Recogniser\TopicRecogniser($cues),
            new Recogniser\PatternRecogniser($cues, $catalogue->words(), $catalogue->properNames()),
            new Recogniser\DomainNameRecogniser($cues, $catalogue->words(), $catalogue->properNames()),
            new Recogniser\AddressRecogniser($cues),
            new Recogniser\OpeningHoursRecogniser($cues),
            new Recogniser\QuotedPraiseRecogniser(),
            new Recogniser\PeopleListedRecogniser($cues, $catalogue->people()),
            new Recogniser\DifferentiatorRecogniser($cues),
            new Recogniser\OfferingRecogniser($cues, $negation, $catalogue->pageKinds(), $catalogue->people(), $catalogue->adjectives()),
            new Recogniser\GoalRecogniser($cues, $negation),
            new Recogniser\ToneRecogniser($cues, $negation),
            new Recogniser\VoiceSampleRecogniser($catalogue->voice(), $cues),
            new Recogniser\LanguageRecogniser($catalogue->languages(), $negation),
            new Recogniser\FeatureRecogniser($cues, $negation),
            new Recogniser\RefusalRecogniser($cues, $negation, $catalogue->pageKinds(), $catalogue->adjectives()),
            new Recogniser\LikelyRefusalRecogniser($cues),
            new Recogniser\PageRecogniser($cues, $negation, $catalogue->pageKinds(), $catalogue->features()),
        ];
    }

    public function read(Source $source): Brief
    {
        [$facts, $contradictions] = $this->understood($source, 1);

        return new Brief([$source], $facts, $contradictions);
    }

    /** @return list<Fact> */
    public function facts(Source $source, int $nextNumber = 1): array
    {
        return $this->understood($source, $nextNumber)[0];
    }

    /** @return array{list<Fact>, list<Fact>} the facts, and what is said against them */
    private function understood(Source $source, int $nextNumber): array
    {
        $reading = $this->parser->parse($source);
        $candidates = [];
        foreach ($this->recognisers as $recogniser) {
            array_push($candidates, ...iterator_to_array($recogniser->recognise($reading), false));
        }
        $candidates = $this->lessons->weighed($reading, $this->areas->with($reading, $candidates));
        foreach ([$this->noes, $this->people, $this->kinds, $this->trade] as $concluding) {
            array_push($candidates, ...iterator_to_array($concluding->recognise($reading, $candidates), false));
        }
        if (SourceKind::Site === $source->kind) {
            $candidates = PresentSiteFacts::among($candidates, $source);
        }
        $normaliser = new Normaliser($source->text);

        return array_map(
            static fn (array $facts): array => array_map($normaliser->normal(...), $facts),
            $this->resolver->resolve($source, $reading, $candidates, $nextNumber),
        );
    }
}
