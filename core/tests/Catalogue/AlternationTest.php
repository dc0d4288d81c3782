<?php

declare(strict_types=1);

namespace DunePocket\Tests\Catalogue;

use DunePocket\Catalogue\Alternation;
use PHPUnit\Framework\TestCase;

final class AlternationTest extends TestCase
{
    /**
     * @param list<string> $wordings
     *
     * @return list<string>
     */
    private static function found(array $wordings, string $text): array
    {
        preg_match_all('~\b'.Alternation::of($wordings).'~iu', $text, $m);

        return $m[0];
    }

    public function testWordingsAreSortedByTheirFirstLetters(): void
    {
        self::assertSame('(?:a(?:dults|thletes)|brides)', Alternation::of(['adults', 'brides', 'athletes']));
    }

    public function testAnyOfThemIsFoundAndNothingElse(): void
    {
        $wordings = ['cafes', 'cafés', 'owners?', 'holiday-?makers', '(?:old|new) hands', '[A-Z]{3}s'];
        self::assertSame(['Cafés', 'owner', 'cafes', 'new hands', 'holidaymakers', 'NGOs'], self::found($wordings, 'Cafés, an owner, cafes, makers, new hands, holidaymakers, NGOs and hands'));
    }

    public function testALetterThatMayBeMissingStandsForItself(): void
    {
        self::assertSame(['esthetic', 'aesthetic', 'aunt'], self::found(['a?esthetic', 'aunt'], 'esthetic, aesthetic, aunt, unt'));
        self::assertSame(['ooh', 'oh'], self::found(['o{1,2}h', 'oak'], 'ooh, oh, h'));
    }

    public function testTheLongerOfTwoCounts(): void
    {
        self::assertSame(['mums-to-be', 'mums'], self::found(['mums', 'mums-to-be'], 'mums-to-be and mums'));
    }

    public function testWhatStandsTwiceIsTriedOnce(): void
    {
        self::assertSame(Alternation::of(['walls', 'hedges']), Alternation::of(['walls', 'hedges', 'walls']));
    }

    public function testEscapesStayWhole(): void
    {
        self::assertSame(['dry stone walls', 'dry-stone walls'], self::found(['dry\sstone walls', 'dry-stone walls\b'], 'dry stone walls, dry-stone walls'));
    }
}
