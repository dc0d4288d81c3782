<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Recogniser\Pages\AnnouncedPages;
use DunePocket\Brief\Reading\Recogniser\Pages\AskedPages;
use DunePocket\Brief\Reading\Recogniser\Pages\FurtherPages;
use DunePocket\Brief\Reading\Recogniser\Pages\NamesAlone;
use DunePocket\Brief\Reading\Recogniser\Pages\NamesAsSentences;
use DunePocket\Brief\Reading\Recogniser\Pages\NamesBefore;
use DunePocket\Brief\Reading\Recogniser\Pages\PageRequests;
use DunePocket\Brief\Reading\Recogniser\Pages\SpokenPages;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\Feature;
use DunePocket\Catalogue\PageKinds;

/** Pages asked for, one by one, in lists, and "a page each". */
final readonly class PageRecogniser implements Recogniser
{
    private SpokenPages $spoken;
    private AskedPages $asked;
    private NamesAlone $names;
    private NamesAsSentences $sentences;
    private AnnouncedPages $announced;
    private NamesBefore $before;
    private FurtherPages $further;

    /** @param array<string, Feature> $features */
    public function __construct(Cues $cues, Negation $negation, PageKinds $pages, array $features)
    {
        $make = new PageRequests($cues, $pages, $features);
        $this->spoken = new SpokenPages($cues, $make, $negation, $pages);
        $this->asked = new AskedPages($cues, $make, $this->spoken);
        $this->names = new NamesAlone($make);
        $this->sentences = new NamesAsSentences($make);
        $this->announced = new AnnouncedPages($make, $cues->pageWordings);
        $this->before = new NamesBefore($make, $cues->pageWordings);
        $this->further = new FurtherPages($make, $cues->pageWordings);
    }

    public function recognise(Reading $reading): iterable
    {
        yield from $this->sentences->requests($reading->sentences);
        yield from $this->announced->requests($reading->sentences);
        yield from $this->before->requests($reading->sentences);
        yield from $this->further->requests($reading->sentences);
        foreach (array_map($this->withPlainBrackets(...), $reading->sentences) as $sentence) {
            if (!$sentence->isSpoken() || false === $sentence->block->agreed || \in_array($sentence->block->kind, [BlockKind::Title, BlockKind::Heading], true)) {
                continue;
            }
            yield from match ($sentence->block->topic) {
                'page_request' => $this->asked->requests($sentence),
                null, 'feature', 'page_count', 'page_limit' => [...$this->names->requests($sentence), ...$this->spoken->requests($sentence)],
                'goal', 'offering', 'business_kind' => $this->spoken->requests($sentence),
                default => [],
            };
        }
    }

    /** "realisations (big photos!), contact": what is said in brackets ends no list. */
    private function withPlainBrackets(Sentence $sentence): Sentence
    {
        $text = preg_replace_callback('/\([^()]*\)/u', static fn (array $m): string => strtr($m[0], '!?', '--'), $sentence->text) ?? $sentence->text;

        return $text === $sentence->text ? $sentence : $sentence->reading($text);
    }
}
