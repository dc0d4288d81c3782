<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Voice\SampleFacts;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\VoiceRules;

/**
 * A piece of the client's own writing: under its label, after "here is what I wrote for the leaflet:", or given instead
 * of an answer to how the site should sound. How it is written says which tone it has.
 */
final readonly class VoiceSampleRecogniser implements Recogniser
{
    private const STATED = 0.92;

    private SampleFacts $sample;

    public function __construct(private VoiceRules $rules, private Cues $cues)
    {
        $this->sample = new SampleFacts($rules);
    }

    public function recognise(Reading $reading): iterable
    {
        foreach ($this->samples($reading) as [$start, $text]) {
            if (!$this->sample->isSample($text)) {
                continue;
            }
            foreach ($this->sample->of($text, 1) as $fact) {
                $isSample = FactKind::VoiceSample === $fact->kind;
                yield new Candidate($fact->kind, $fact->value, $start, \strlen($text), $isSample ? self::STATED : $fact->certainty, $isSample ? Origin::Stated : $fact->origin, $fact->detail);
            }
        }
    }

    /** @return iterable<array{int, string}> start in bytes and text */
    private function samples(Reading $reading): iterable
    {
        $introduced = false;
        $run = null;
        foreach ($reading->blocks as $block) {
            $labelled = BlockKind::Heading !== $block->kind && (FactKind::VoiceSample->value === $block->topic || $this->answersByExample($block));
            if ($labelled) {
                $run = null === $run ? [$block->start, $block->text] : [$run[0], self::joined($run, $block)];
                continue;
            }
            if (null !== $run) {
                yield $run;
                $run = null;
            }
            if ($introduced && BlockKind::Paragraph === $block->kind) {
                yield self::unquoted($block->start, $block->text);
            }
            $introduced = false;
            if (\in_array($block->kind, [BlockKind::Paragraph, BlockKind::Answer, BlockKind::Heading], true) && 1 === preg_match($this->rules->introducedBy, $block->text, $m, \PREG_OFFSET_CAPTURE)) {
                $after = (int) $m[0][1] + \strlen($m[0][0]);
                $introduced = '' === trim(substr($block->text, $after));
                yield self::unquoted($block->start + $after, substr($block->text, $after));
            }
        }
        if (null !== $run) {
            yield $run;
        }
    }

    /** Asked how it should sound, the client shows it instead of saying it. */
    private function answersByExample(Block $block): bool
    {
        return FactKind::Tone->value === $block->topic && $this->sample->isSample($block->text)
            && !$this->cues->namesTone($block->text);
    }

    /** @param array{int, string} $run */
    private static function joined(array $run, Block $block): string
    {
        return str_pad($run[1], $block->start - $run[0]).$block->text;
    }

    /**
     * What stands between quotation marks, or all of it.
     *
     * @return array{int, string}
     */
    private static function unquoted(int $start, string $text): array
    {
        if (1 === preg_match('/^\s*["“](?<said>[^"”]+)["”]/u', $text, $m, \PREG_OFFSET_CAPTURE)) {
            return [$start + (int) $m['said'][1], $m['said'][0]];
        }
        $trimmed = ltrim($text);

        return [$start + \strlen($text) - \strlen($trimmed), rtrim($trimmed)];
    }
}
