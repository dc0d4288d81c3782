<?php

declare(strict_types=1);

namespace DunePocket\Tests\Wireframe;

use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Section;
use DunePocket\Tests\Support\Bench;
use DunePocket\Wireframe\Composer;
use DunePocket\Wireframe\Fit\FitReader;
use DunePocket\Wireframe\Fit\SlotFit;
use DunePocket\Wireframe\Viewport;
use PHPUnit\Framework\TestCase;

final class FitReaderTest extends TestCase
{
    /** @return list<SlotFit> */
    private static function fits(Section $section): array
    {
        return (new FitReader(Bench::catalogue()))->of(self::drawings($section));
    }

    /** @return array<string, \DunePocket\Wireframe\Drawing> */
    private static function drawings(Section $section): array
    {
        $drawings = [];
        foreach (Viewport::cases() as $viewport) {
            $drawings[$viewport->value] = Composer::withShippedFont()->compose($section, Bench::catalogue()->layout($section->layout), $viewport);
        }

        return $drawings;
    }

    private static function hero(string $heading, CopyStatus $status = CopyStatus::Drafted): Section
    {
        return new Section('p1s1', 'hero', 'T', 'T.', 'hero.media-end', copy: [new CopyLine('heading', CopyRole::Heading, $heading, null, $status), new CopyLine('button', CopyRole::Button, 'Join')]);
    }

    public function testAShortHeadingFitsAtEveryWidthAndLeavesRoom(): void
    {
        $heading = self::fits(self::hero('Swim with the tide'))[0];
        self::assertSame(['desktop', 'tablet', 'phone'], array_keys($heading->widths));
        self::assertFalse($heading->overflows());
        self::assertSame(1, $heading->widths['desktop']->lines);
        self::assertGreaterThan(20, $heading->widths['desktop']->room);
    }

    public function testTheRoomThatIsSaidToBeLeftIsLeft(): void
    {
        $text = 'Swim with the tide';
        $room = self::fits(self::hero($text))[0]->widths['desktop']->room;
        $filled = $text.' '.substr(str_repeat('and warm up with the others ', 20), 0, max(0, $room - 12));
        self::assertFalse(self::fits(self::hero($filled))[0]->widths['desktop']->overflows(), 'a little less than the room fits');
        $over = $text.' '.substr(str_repeat('and warm up with the others ', 20), 0, $room + 30);
        self::assertTrue(self::fits(self::hero($over))[0]->widths['desktop']->overflows(), 'clearly more than the room does not');
    }

    public function testARequestToTheClientIsNoTextYet(): void
    {
        self::assertSame(['button'], array_map(static fn (SlotFit $fit): string => $fit->slot, self::fits(self::hero('Needed: '.str_repeat('many words ', 40), CopyStatus::ToSupply))));
    }

    public function testTheItemThatKeepsARowFromLiningUpIsNamed(): void
    {
        $copy = [];
        foreach (['Short.', 'Short too.', str_repeat('This one is much longer than its neighbours. ', 5)] as $item => $text) {
            $copy[] = new CopyLine('item-heading', CopyRole::Item, "Item $item", $item);
            $copy[] = new CopyLine('item-text', CopyRole::Body, $text, $item);
        }
        $uneven = (new FitReader(Bench::catalogue()))->uneven(self::drawings(new Section('p1s1', 'feature-grid', 'T', 'T.', 'feature-grid.threes', copy: $copy))['desktop']);
        self::assertCount(1, $uneven);
        self::assertSame(['item-text', 2, true], [$uneven[0]->slot, $uneven[0]->item, $uneven[0]->isTooLong()]);
        self::assertSame(1, $uneven[0]->others);
    }
}
