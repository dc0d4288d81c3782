<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\AnswerExtent;
use DunePocket\Brief\Reading\Segmenting\LabelsInside;
use DunePocket\Brief\Reading\Segmenting\LabelWords;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class LabelsInsideTest extends TestCase
{
    /** @return list<array{string, ?string, ?bool}> text, topic, agreed */
    private static function parts(string $text): array
    {
        $cues = Bench::catalogue()->cues();
        $parts = [];
        foreach ((new LabelsInside($cues, new LabelWords($cues), new AnswerExtent()))->parts(new Block(BlockKind::Paragraph, 100, $text)) as $part) {
            self::assertSame($part->text, substr($text, $part->start - 100, \strlen($part->text)));
            if ('' !== trim($part->text)) {
                $parts[] = [trim($part->text), $part->topic, $part->agreed];
            }
        }

        return $parts;
    }

    public function testALabelInsideATextHasItsAnswerUpToTheEndOfTheSentence(): void
    {
        self::assertSame([
            ['We mend boats in Pell.', null, null],
            ['calm and dry.', 'tone', null],
            ['Ring us any day.', null, null],
        ], self::parts('We mend boats in Pell. Tone: calm and dry. Ring us any day.'));
    }

    public function testSeveralLabelsStandSideBySide(): void
    {
        self::assertSame([
            ['A small brewery.', null, null],
            ['dry.', 'tone', null],
            ['craft, artisan.', 'avoid_word', null],
        ], self::parts('A small brewery. Tone: dry. Words to avoid: craft, artisan.'));
    }

    public function testAQuestionAnsweredWithNoIsRefused(): void
    {
        self::assertContains(['Features', 'features', false], self::parts('We mend boats. Features? No thanks.'));
    }

    public function testALabelThatAsksForNothingStaysInTheText(): void
    {
        self::assertSame([['We mend boats. Remember: the tide waits for nobody.', null, null]], self::parts('We mend boats. Remember: the tide waits for nobody.'));
    }
}
