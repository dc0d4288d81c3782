<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Recogniser\Pages\ListAnew;
use DunePocket\Brief\Reading\Resolving\Aims;
use DunePocket\Brief\Reading\Resolving\Contenders;
use DunePocket\Brief\Reading\Resolving\ListedAnew;
use DunePocket\Brief\Reading\Resolving\Offerings;
use DunePocket\Brief\Reading\Resolving\OneName;
use DunePocket\Brief\Reading\Resolving\OneOfAKind;
use DunePocket\Brief\Reading\Resolving\PageNames;
use DunePocket\Brief\Reading\Resolving\PlaceBesideName;
use DunePocket\Brief\Reading\Resolving\PlainOverHints;
use DunePocket\Brief\Reading\Resolving\Refusals;
use DunePocket\Brief\Reading\Resolving\Repetitions;
use DunePocket\Brief\Reading\Resolving\Rule;
use DunePocket\Brief\Reading\Resolving\Weighing;
use PHPUnit\Framework\TestCase;

/** Each rule of the weighing by itself. Places below 100 are in the newest message, those from 100 in the one before it. */
final class RulesTest extends TestCase
{
    /** @param array<string, mixed> $detail */
    private static function candidate(FactKind $kind, string $value, int $start = 0, float $certainty = 0.9, Origin $origin = Origin::Stated, array $detail = []): Candidate
    {
        return new Candidate($kind, $value, $start, \strlen($value), $certainty, $origin, $detail);
    }

    /** @return list<string> the values that stand */
    private static function weighed(Rule $rule, FactKind $kind, Candidate ...$candidates): array
    {
        $weighing = new Weighing([
            new Block(BlockKind::Paragraph, 0, str_repeat('x', 99)),
            new Block(BlockKind::Paragraph, 100, str_repeat('x', 99), age: 1),
        ]);

        return array_map(static fn (Candidate $candidate): string => $candidate->value, $rule->weigh(Contenders::of(array_values($candidates)), $weighing)->all($kind));
    }

    public function testAListGivenAnewHoldsInsteadOfAllBeforeIt(): void
    {
        $anew = [self::candidate(FactKind::PageRequest, 'Home', 40, 0.96, detail: [ListAnew::ANEW => true]), self::candidate(FactKind::PageRequest, 'Pricing', 50, 0.96, detail: [ListAnew::ANEW => true])];
        $before = self::candidate(FactKind::PageRequest, 'News', 10);
        $older = self::candidate(FactKind::PageRequest, 'Prices', 120);
        $after = self::candidate(FactKind::PageRequest, 'Jobs', 80);
        self::assertSame(['Home', 'Pricing', 'Jobs'], self::weighed(new ListedAnew(), FactKind::PageRequest, ...$anew, ...[$before, $older, $after]));
        self::assertSame(['News', 'Prices', 'Jobs'], self::weighed(new ListedAnew(), FactKind::PageRequest, $before, $older, $after), 'nothing was listed anew');
    }

    public function testAGuessedPageIsNoneWhereASiteWasTold(): void
    {
        $told = array_map(static fn (int $i): Candidate => self::candidate(FactKind::PageRequest, 'Page '.$i, $i * 10, 0.95), range(1, 4));
        $guess = self::candidate(FactKind::PageRequest, 'Donations', 60, 0.7);
        self::assertNotContains('Donations', self::weighed(new PlainOverHints(), FactKind::PageRequest, $guess, ...$told));
        self::assertContains('Donations', self::weighed(new PlainOverHints(), FactKind::PageRequest, $guess, ...\array_slice($told, 0, 3)));
    }

    public function testAGuessedRefusalTakesNothingThatIsAskedForOutright(): void
    {
        $page = self::candidate(FactKind::PageRequest, 'Shop', 10, 0.95);
        self::assertSame(['Shop'], self::weighed(new Refusals(), FactKind::PageRequest, $page, self::candidate(FactKind::PageRefusal, 'Shop', 50, 0.5)));
        self::assertSame([], self::weighed(new Refusals(), FactKind::PageRequest, $page, self::candidate(FactKind::PageRefusal, 'Shop', 50, 0.95)));
    }

    public function testWhatIsSaidElsewhereIsSurerThanWhatTwoWordingsRead(): void
    {
        $name = self::candidate(FactKind::BusinessName, 'Ashen Row', 10, 0.9);
        $again = static fn (int $start): float => (new Repetitions())->weigh(Contenders::of([$name, self::candidate(FactKind::BusinessName, 'Ashen Row', $start, 0.8)]), new Weighing([]))->all(FactKind::BusinessName)[0]->certainty;
        self::assertGreaterThan($again(10), $again(60));
        self::assertGreaterThan(0.9, $again(10));
    }

    public function testAFeatureThatIsTheNameOfAPageIsNone(): void
    {
        $feature = self::candidate(FactKind::Feature, 'reviews', 4);
        self::assertSame([], self::weighed(new PageNames(), FactKind::Feature, $feature, self::candidate(FactKind::PageRequest, 'Case reviews', 0, 0.96)));
        self::assertSame(['reviews'], self::weighed(new PageNames(), FactKind::Feature, $feature, self::candidate(FactKind::PageRequest, 'Case reviews', 0, 0.7)));
        self::assertSame(['reviews'], self::weighed(new PageNames(), FactKind::Feature, $feature, self::candidate(FactKind::PageRequest, 'Contact', 40, 0.96)));
    }

    public function testWhatIsSaidTwiceIsSurer(): void
    {
        $contenders = (new Repetitions())->weigh(Contenders::of([self::candidate(FactKind::PageRequest, 'Prices', 0, 0.7), self::candidate(FactKind::PageRequest, 'the price page', 50, 0.8, detail: ['page' => 'pricing'])]), new Weighing([]));
        self::assertCount(1, $contenders->all(FactKind::PageRequest));
        self::assertSame('the price page', $contenders->first(FactKind::PageRequest)?->value);
        self::assertEqualsWithDelta(0.82, $contenders->first(FactKind::PageRequest)->certainty, 1e-9);
    }

    public function testTheNameIsGivenInFull(): void
    {
        $short = self::candidate(FactKind::BusinessName, 'Okonda', 0, 0.95);
        self::assertSame(['Okonda Bush Camp'], self::weighed(new OneName(), FactKind::BusinessName, $short, self::candidate(FactKind::BusinessName, 'Okonda Bush Camp', 40, 0.8)));
        self::assertSame(['Okonda'], self::weighed(new OneName(), FactKind::BusinessName, $short, self::candidate(FactKind::BusinessName, 'Okonda of Truro', 40, 0.8)), 'that says where');
        self::assertSame(['Okonda'], self::weighed(new OneName(), FactKind::BusinessName, $short, self::candidate(FactKind::BusinessName, 'Okonda Tours', 40, 0.5)), 'that is not sure enough');
        self::assertSame([], self::weighed(new OneName(), FactKind::BusinessName));
    }

    public function testTheLaterMessageWinsAmongWhatIsStated(): void
    {
        $older = self::candidate(FactKind::Founded, '1990', 120, 0.95);
        self::assertSame(['1991'], self::weighed(new OneOfAKind(), FactKind::Founded, $older, self::candidate(FactKind::Founded, '1991', 10, 0.9)));
        self::assertSame(['1990'], self::weighed(new OneOfAKind(), FactKind::Founded, $older, self::candidate(FactKind::Founded, '1991', 10, 0.5)), 'a hint does not count against it');
    }

    public function testHintsAddNothingToWhatIsSaidPlainly(): void
    {
        $hint = self::candidate(FactKind::Audience, 'walkers', 60, 0.6);
        self::assertSame(['families'], self::weighed(new PlainOverHints(), FactKind::Audience, self::candidate(FactKind::Audience, 'families', 0, 0.93), $hint));
        self::assertSame(['families', 'walkers'], self::weighed(new PlainOverHints(), FactKind::Audience, self::candidate(FactKind::Audience, 'families', 0, 0.8), $hint));
    }

    public function testATonesAskedForMakesConclusionsSuperfluous(): void
    {
        $concluded = self::candidate(FactKind::Tone, 'playful', 60, 0.5, Origin::Inferred);
        self::assertSame(['dry'], self::weighed(new PlainOverHints(), FactKind::Tone, self::candidate(FactKind::Tone, 'dry'), $concluded));
        self::assertSame(['playful'], self::weighed(new PlainOverHints(), FactKind::Tone, $concluded));
        self::assertSame([], self::weighed(new PlainOverHints(), FactKind::Tone, self::candidate(FactKind::Tone, 'dry', 5), self::candidate(FactKind::VoiceSample, 'It is dry here.')), 'a sample says nothing of the site');
    }

    public function testAPlaceInTheNameIsNoPlace(): void
    {
        $name = self::candidate(FactKind::BusinessName, 'Pell Valley Oars');
        self::assertSame([], self::weighed(new PlaceBesideName(), FactKind::Location, $name, self::candidate(FactKind::Location, 'Pell')));
        self::assertSame(['Calder'], self::weighed(new PlaceBesideName(), FactKind::Location, $name, self::candidate(FactKind::Location, 'Calder', 40, 0.7), self::candidate(FactKind::Location, 'Moss', 60, 0.6)));
        self::assertSame(['Paddles'], self::weighed(new PlaceBesideName(), FactKind::Offering, $name, self::candidate(FactKind::Offering, 'Oars', 12), self::candidate(FactKind::Offering, 'Paddles', 40)));
    }

    public function testOneGoalAndTheAimsBesideIt(): void
    {
        $goals = [self::candidate(FactKind::Goal, 'leads', 0, 0.7), self::candidate(FactKind::Goal, 'bookings', 30, 0.95), self::candidate(FactKind::Goal, 'sales', 60, 0.5)];
        self::assertSame(['bookings'], self::weighed(new Aims(), FactKind::Goal, ...$goals));
        self::assertSame(['leads'], self::weighed(new Aims(), FactKind::SecondaryGoal, ...$goals));
    }

    public function testWhoAsksForAShopAndStatesNoGoalWantsToSell(): void
    {
        self::assertSame(['sales'], self::weighed(new Aims(), FactKind::Goal, self::candidate(FactKind::Feature, 'shop')));
        self::assertSame([], self::weighed(new Aims(), FactKind::Goal, self::candidate(FactKind::Feature, 'shop', origin: Origin::Inferred)));
        self::assertSame([], self::weighed(new Aims(), FactKind::Goal, self::candidate(FactKind::Feature, 'map')));
    }

    public function testARefusalWinsUnlessItIsTakenBackLater(): void
    {
        $old = self::candidate(FactKind::PageRefusal, 'Blog', 120, detail: ['feature' => 'blog']);
        $new = self::candidate(FactKind::PageRefusal, 'Blog', 20, detail: ['feature' => 'blog']);
        $request = self::candidate(FactKind::PageRequest, 'Blog', 60);
        self::assertSame(['Blog'], self::weighed(new Refusals(), FactKind::PageRefusal, $new, $request));
        self::assertSame([], self::weighed(new Refusals(), FactKind::PageRequest, $new, $request));
        self::assertSame([], self::weighed(new Refusals(), FactKind::PageRefusal, $old, $request));
        self::assertSame(['Blog'], self::weighed(new Refusals(), FactKind::PageRequest, $old, $request));
        self::assertSame([], self::weighed(new Refusals(), FactKind::Feature, $new, self::candidate(FactKind::Feature, 'blog', 60)));
    }

    public function testOfRefusalsOfTheSameWordsTheFirstStands(): void
    {
        self::assertSame(['Online shop'], self::weighed(new Refusals(), FactKind::PageRefusal, self::candidate(FactKind::PageRefusal, 'Online shop', 10), self::candidate(FactKind::PageRefusal, 'Shop', 17)));
    }

    public function testAnOfferingIsToldOnce(): void
    {
        $rule = new Offerings();
        self::assertSame(['Hedge laying'], self::weighed($rule, FactKind::Offering, self::candidate(FactKind::Offering, 'Hedge laying'), self::candidate(FactKind::Offering, 'laying', 40)));
        self::assertSame(['Gates', 'Oak gates and posts'], self::weighed($rule, FactKind::Offering, self::candidate(FactKind::Offering, 'Gates'), self::candidate(FactKind::Offering, 'Oak gates and posts', 40)));
        self::assertSame(['Gates'], self::weighed($rule, FactKind::Offering, self::candidate(FactKind::Offering, 'Gates'), self::candidate(FactKind::Offering, 'Pell', 60), self::candidate(FactKind::AreaServed, 'Pell', 60)));
    }

    public function testAPriceSaidElsewhereJoinsItsOffering(): void
    {
        $contenders = (new Offerings())->weigh(Contenders::of([self::candidate(FactKind::Offering, 'Sauna'), self::candidate(FactKind::Offering, 'The sauna', 40, 0.8, detail: ['price' => '£9'])]), new Weighing([]));
        self::assertSame(['price' => '£9'], $contenders->first(FactKind::Offering)?->detail);
    }

    public function testWhatWasSaidBeforeAListIsTheSameInOtherWords(): void
    {
        $listed = [self::candidate(FactKind::Offering, 'Gates', 140, 0.96), self::candidate(FactKind::Offering, 'Walls', 150, 0.96)];
        self::assertSame(['Gates', 'Walls'], self::weighed(new Offerings(), FactKind::Offering, self::candidate(FactKind::Offering, 'Stonework', 0, 0.8), ...$listed));
        self::assertSame(['Gates', 'Walls', 'Honey'], self::weighed(new Offerings(), FactKind::Offering, ...[...$listed, self::candidate(FactKind::Offering, 'Honey', 170, 0.8)]));
        self::assertSame(['Stonework', 'Gates', 'Walls'], self::weighed(new Offerings(), FactKind::Offering, self::candidate(FactKind::Offering, 'Stonework', 110, 0.8), ...$listed), 'in the same answer');
    }
}
