<?php

declare(strict_types=1);

namespace DunePocket\Tests\Language;

use DunePocket\Language\Typography;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TypographyTest extends TestCase
{
    #[TestWith(['we lay hedges..', 'We lay hedges.'])]
    #[TestWith(['we  lay   hedges .', 'We lay hedges.'])]
    #[TestWith(['gates, .', 'Gates.'])]
    #[TestWith(['wait...', 'Wait...'])]
    #[TestWith(['ada@marsh.example', 'ada@marsh.example'])]
    #[TestWith(['écoles et jardins', 'Écoles et jardins'])]
    public function testASentenceIsTidied(string $text, string $tidy): void
    {
        self::assertSame($tidy, Typography::sentence($text));
    }

    #[TestWith(['Hedge laying', 'hedge laying'])]
    #[TestWith(['Swedish massage', 'Swedish massage'])]
    #[TestWith(['MOT tests', 'MOT tests'])]
    #[TestWith(['Night Mail', 'Night Mail'])]
    #[TestWith(["St Mary's hall", "st Mary's hall"])]
    #[TestWith(['Élan', 'élan'])]
    public function testANameKeepsItsCapital(string $text, string $low): void
    {
        self::assertSame($low, Typography::low($text));
    }

    /** @param list<string> $parts */
    #[TestWith([[], ''])]
    #[TestWith([['gates'], 'gates'])]
    #[TestWith([['gates', 'walls'], 'gates and walls'])]
    #[TestWith([['gates', 'walls', 'hedges'], 'gates, walls and hedges'])]
    public function testPartsAreListed(array $parts, string $list): void
    {
        self::assertSame($list, Typography::list($parts));
    }

    public function testAListMayEndInOr(): void
    {
        self::assertSame('gates or walls', Typography::list(['gates', 'walls'], 'or'));
    }

    #[TestWith([0, 'no'])]
    #[TestWith([7, 'seven'])]
    #[TestWith([12, 'twelve'])]
    #[TestWith([13, '13'])]
    public function testSmallNumbersAreWritten(int $number, string $written): void
    {
        self::assertSame($written, Typography::number($number));
    }

    #[TestWith(['estate agent', 'an estate agent'])]
    #[TestWith(['bakery', 'a bakery'])]
    #[TestWith(['university', 'a university'])]
    #[TestWith(['upholsterer', 'an upholsterer'])]
    #[TestWith(['European cafe', 'a European cafe'])]
    public function testTheArticleFollowsTheSound(string $noun, string $with): void
    {
        self::assertSame($with, Typography::withArticle($noun));
    }
}
