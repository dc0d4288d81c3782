<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Normal;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Normal\Terms;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TermsTest extends TestCase
{
    /** @param array<string, string> $terms */
    #[TestWith(['2 hours, £35', ['duration' => '2 hours']])]
    #[TestWith(['on your boat, half a day, £180', ['duration' => 'half a day', 'place' => 'on your boat']])]
    #[TestWith(['a full day in our loft, £95 per person, 10% off for groups of six', ['discount' => '10% off for groups of six', 'duration' => 'a full day', 'place' => 'in our loft']])]
    #[TestWith(['£45 an hour', []])]
    #[TestWith(['45-minute lesson at your home', ['duration' => '45-minute', 'place' => 'at your home']])]
    #[TestWith(['online, 1 to 2 hours, free for members', ['discount' => 'free for members', 'duration' => '1 to 2 hours', 'place' => 'online']])]
    #[TestWith(['8 week course at Harl Hall, concessions from £5', ['discount' => 'concessions from £5', 'duration' => '8 week', 'place' => 'at Harl Hall']])]
    #[TestWith(['an hour and a half, half price on Mondays', ['discount' => 'half price on Mondays', 'duration' => 'an hour and a half']])]
    #[TestWith(['for children up to 6 months old', []])]
    #[TestWith(['24 hours notice', []])]
    public function testWhatIsSaidOfAnOffering(string $words, array $terms): void
    {
        self::assertSame($terms, Terms::of($words));
    }

    /** @param array<string, array<string, string>> $offered details by name */
    #[TestWith(["Services\n\n- Splicing course: one day, in our loft, £95\n- Rope repair, from £40\n- Mooring check (at your berth) £120 per visit", ['Splicing course' => ['duration' => 'one day', 'place' => 'in our loft', 'price' => '£95'], 'Rope repair' => ['price' => 'from £40'], 'Mooring check' => ['place' => 'at your berth', 'price' => '£120 per visit']]])]
    #[TestWith(["What we do\nBack massage, 30 min, £35\nHot stones, 1 hour, £60\nReflexology, 45 min, £40", ['Back massage' => ['duration' => '30 min', 'price' => '£35'], 'Hot stones' => ['duration' => '1 hour', 'price' => '£60']]])]
    #[TestWith(["| Treatment | Time | Price |\n|---|---|---|\n| Back massage | 30 min | £35 |", ['Back massage' => ['duration' => '30 min', 'price' => '£35']]])]
    #[TestWith(['Splicing course – a full day in our loft, £95 per person.', ['Splicing course' => ['duration' => 'a full day', 'place' => 'in our loft', 'price' => '£95 per person']]])]
    #[TestWith(['Our tasting menu (seven courses, £68) runs all week.', ['Tasting menu' => ['price' => '£68']]])]
    #[TestWith(['A deep tissue massage takes an hour and is sixty pounds.', ['Deep tissue massage' => ['duration' => 'an hour', 'price' => 'sixty pounds']]])]
    public function testAnOfferingHasWhatTheBriefSaysOfIt(string $brief, array $offered): void
    {
        $facts = Bench::read("Hi Jo,\n\nWe are the Harl Loft.\n\n$brief\n")->of(FactKind::Offering);
        $read = [];
        foreach ($facts as $fact) {
            foreach (['duration', 'place', 'price'] as $term) {
                if (null !== $fact->detail($term) && isset($offered[$fact->value])) {
                    $read[$fact->value][$term] = $fact->detail($term);
                }
            }
        }
        self::assertEquals($offered, $read);
    }
}
