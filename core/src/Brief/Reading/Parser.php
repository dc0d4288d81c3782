<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\Source;
use DunePocket\Catalogue\Catalogue;

/** Takes a source apart: typing errors corrected, who speaks, what each block is about, sentences. */
final readonly class Parser
{
    private Corrector $corrector;
    private Conversation $conversation;
    private Segmenter $segmenter;
    private SentenceSplitter $splitter;

    public function __construct(Catalogue $catalogue)
    {
        $cues = $catalogue->cues();
        $this->corrector = new Corrector(new Speller($catalogue->words(), $catalogue->properNames(), $catalogue->vocabulary()));
        $this->conversation = new Conversation($cues);
        $this->segmenter = new Segmenter($cues);
        $this->splitter = new SentenceSplitter($cues->takingBack);
    }

    public function parse(Source $source): Reading
    {
        $text = $this->corrector->readable($source);
        $lines = $this->conversation->lines($text->text, $source->kind);
        $blocks = $this->segmenter->segment($lines);

        return new Reading($text, $blocks, $this->splitter->split($blocks), $this->splitter->split($this->asked($lines)));
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
}
