<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Merging\Effect;
use DunePocket\Brief\Merging\KnownElsewhere;
use DunePocket\Brief\Merging\Proposal;
use DunePocket\Brief\Merging\SourceMerger;
use DunePocket\Brief\Origin;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class KnownElsewhereTest extends TestCase
{
    private const OLD = "Business name: Kelda Ropes Ltd\nServices: boat ropes, splicing\nPages: Home, Shop\nBudget: £2,000\nTone: plain\nPhone: +44 1632 960123";

    public function testWhatIsAboutTheBusinessIsTakenOverAndWhatWasAboutTheOldSiteIsNot(): void
    {
        $facts = KnownElsewhere::facts(Bench::read(self::OLD), 'Kelda 2024', 7);
        $kinds = array_map(static fn (Fact $fact): FactKind => $fact->kind, $facts);
        self::assertContains(FactKind::Offering, $kinds);
        self::assertNotContains(FactKind::PageRequest, $kinds);
        self::assertNotContains(FactKind::Budget, $kinds);
        self::assertSame(['f7', Origin::Entered, null, 'Kelda 2024'], [$facts[0]->id, $facts[0]->origin, $facts[0]->quote, $facts[0]->detail(Fact::FROM)]);
    }

    public function testTheSameClientIsKnownByNameTelephoneOrAddress(): void
    {
        $old = Bench::read(self::OLD);
        self::assertTrue(KnownElsewhere::isSameClient($old, Bench::read('Business name: kelda ropes')));
        self::assertTrue(KnownElsewhere::isSameClient($old, Bench::read("Business name: Harl Twine\nPhone: +44 (0)1632 960123")));
        self::assertFalse(KnownElsewhere::isSameClient($old, Bench::read("Business name: Harl Twine\nPhone: +44 1632 960999")));
        self::assertFalse(KnownElsewhere::isSameClient(Bench::read('Hello.'), Bench::read('Hello.')));
    }

    public function testTakingOverShowsWhatIsNewAndWhatDiffers(): void
    {
        $now = Bench::read("Business name: Harl Twine\nServices: splicing");
        $proposals = (new SourceMerger(Bench::catalogue()))->proposeFrom($now, Bench::read(self::OLD), 'Kelda 2024');
        $effects = [];
        foreach ($proposals as $proposal) {
            $effects[$proposal->fact->value] = $proposal->effect;
        }
        self::assertSame(Effect::Changes, $effects['Kelda Ropes Ltd']);
        self::assertSame(Effect::Adds, $effects['Boat ropes']);
        self::assertArrayNotHasKey('Splicing', $effects);
        $name = array_values(array_filter($proposals, static fn (Proposal $proposal): bool => FactKind::BusinessName === $proposal->fact->kind))[0] ?? null;
        self::assertStringContainsString('Kelda 2024', (string) $name?->rule);
    }
}
