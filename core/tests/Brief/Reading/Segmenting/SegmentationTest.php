<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Segmenting\Asked;
use DunePocket\Tests\Support\Segmentations;
use PHPUnit\Framework\TestCase;

final class SegmentationTest extends TestCase
{
    public function testLinesOfAParagraphAreOneBlock(): void
    {
        $into = Segmentations::fresh();
        $into->write(4, 'We mend boats');
        $into->write(18, 'in Pell.');
        self::assertTrue($into->inParagraph());
        $into->close();
        self::assertSame(["We mend boats\nin Pell."], Segmentations::texts($into));
        self::assertSame(4, $into->last()?->start);
        self::assertSame(BlockKind::Paragraph, $into->last()->kind);
    }

    public function testWhatFollowsAQuestionIsItsAnswer(): void
    {
        $into = Segmentations::fresh();
        $into->ask(new Line(0, 'Tone?'), 'tone');
        $into->write(6, 'calm');
        $into->close();
        self::assertSame([BlockKind::Answer, 'tone'], [$into->last()?->kind, $into->last()?->topic]);
    }

    public function testAWordToTheDesignerIsNoFurtherAnswer(): void
    {
        $into = Segmentations::fresh();
        $into->ask(new Line(0, 'Tone?'), 'tone');
        $into->write(6, 'calm');
        $into->close();
        $into->write(11, 'please keep it short');
        $into->close();
        self::assertSame([BlockKind::Paragraph, null], [$into->last()?->kind, $into->last()?->topic]);
    }

    public function testAnAnswerOnTheLineOfItsQuestionEndsWithTheParagraph(): void
    {
        $into = Segmentations::fresh();
        $into->ask(new Line(0, 'Tone?'), 'tone');
        $into->answerInLine(6, 'calm', 'tone');
        self::assertNull($into->takeQuestion());
        $into->closeAtBlank();
        self::assertNull($into->asked()->topic);
    }

    public function testAHeadingHoldsOverEmptyLines(): void
    {
        $into = Segmentations::fresh();
        $into->under(Asked::byHeading('tone'));
        $into->closeAtBlank();
        self::assertSame('tone', $into->asked()->topic);
    }

    public function testAQuestionOfAnOlderMessageIsForgottenAndItsReplyIsNot(): void
    {
        $into = Segmentations::fresh();
        $into->reach(1);
        $into->ask(new Line(0, 'Tone?'), 'tone', byDesigner: true);
        $into->reach(0);
        self::assertSame('tone', $into->asked()->topic);
        $into->reach(1);
        self::assertNull($into->asked()->topic);
    }

    public function testOnlyTheLineAfterAQuestionComesJustAfterIt(): void
    {
        $into = Segmentations::fresh();
        $into->ask(new Line(0, 'Tone?'), 'tone', byDesigner: true);
        $into->goOn();
        self::assertTrue($into->justAsked());
        self::assertTrue($into->designerJustAsked());
        $into->goOn();
        self::assertFalse($into->justAsked());
        self::assertFalse($into->designerJustAsked());
    }

    public function testWhiteSpaceIsNoBlockAndMovesWhereOneBegins(): void
    {
        $into = Segmentations::fresh();
        $into->add(BlockKind::Item, 10, "  \t");
        $into->add(BlockKind::Item, 10, '  gates ');
        self::assertSame(['gates'], Segmentations::texts($into));
        self::assertSame(12, $into->last()?->start);
    }

    public function testNumbersAreCounted(): void
    {
        $into = Segmentations::fresh();
        self::assertTrue($into->isNextNumber(1));
        $into->countTo(4);
        self::assertTrue($into->isNextNumber(5));
        self::assertFalse($into->isNumbered());
        $into->noteNumber(' Q3. ');
        self::assertTrue($into->isNumbered());
    }
}
