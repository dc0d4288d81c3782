<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Sources\WrittenAnswers;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class WrittenAnswersTest extends TestCase
{
    private const QUESTIONS = [
        ['id' => 'a1', 'text' => 'What services or products do you offer?'],
        ['id' => 'a2', 'text' => 'How should the website sound?'],
        ['id' => 'a3', 'text' => 'How many pages do you want?'],
    ];

    public function testAnswersAreReadByTheirQuestions(): void
    {
        $brief = Bench::read((string) WrittenAnswers::toText(self::QUESTIONS, ['a1' => "Knife grinding\nSaw sharpening", 'a2' => ' calm ', 'a3' => '  ']));
        self::assertSame(['Knife grinding', 'Saw sharpening'], Bench::values($brief, FactKind::Offering));
        self::assertSame(['calm'], Bench::values($brief, FactKind::Tone));
        self::assertSame([], $brief->of(FactKind::PageCount));
    }

    public function testWhatIsNotAnsweredIsLeftOut(): void
    {
        self::assertSame("Q: How should the website sound?\nA: calm\n", WrittenAnswers::toText(self::QUESTIONS, ['a2' => 'calm']));
        self::assertNull(WrittenAnswers::toText(self::QUESTIONS, ['a1' => ' ']));
    }
}
