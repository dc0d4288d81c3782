<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Spans\Learnt;
use DunePocket\Brief\Reading\Spans\LearntAvoided;
use DunePocket\Brief\Reading\Spans\LearntClaims;
use DunePocket\Brief\Reading\Spans\LearntFeatures;
use DunePocket\Brief\Reading\Spans\LearntName;
use DunePocket\Brief\Reading\Spans\LearntRefusals;
use DunePocket\Brief\Reading\Spans\LearntThings;
use DunePocket\Brief\Reading\Spans\Lessons;
use DunePocket\Brief\Reading\Spans\SpanFinder;
use DunePocket\Catalogue\WeightsOfMany;
use DunePocket\Catalogue\WordWeights;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Readings;
use DunePocket\Tests\Support\Sentences;
use PHPUnit\Framework\TestCase;

final class LearntThingsTest extends TestCase
{
    private const WEIGHTS = "-5.00\t\n4.00\t-1 mend\n5.00\t+1 mended\n-0.50\twords 2\n4.00\thas wax\n-6.00\t-1 borrow\n";

    /**
     * @param list<Candidate> $read
     *
     * @return list<Candidate>
     */
    private static function weighed(Learnt $learnt, string|Reading $reading, array $read = []): array
    {
        return (new Lessons(SpanFinder::with(Bench::catalogue()), [$learnt]))->weighed(\is_string($reading) ? Readings::of($reading) : $reading, $read);
    }

    private static function things(FactKind $kind = FactKind::Offering, float $enough = -2.0, float $doubtful = -9.0, float $sure = \INF): LearntThings
    {
        return new LearntThings($kind, new WordWeights(WordWeights::parse(self::WEIGHTS)), ['enough' => $enough, 'doubtful' => $doubtful], [FactKind::Feature], $sure, '/no longer/');
    }

    public function testTheLikeliestWordsNameAThing(): void
    {
        $found = self::weighed(self::things(), 'We mend boats.');
        self::assertSame(['Boats'], Sentences::values($found));
        self::assertSame('boats', substr('We mend boats.', $found[0]->start, $found[0]->length));
        self::assertFalse($found[0]->isPlain(), 'it is no more than a hint');
    }

    public function testAFewSentencesMustTellMorePlainly(): void
    {
        self::assertSame([], self::weighed(self::things(enough: -1.2), 'We mend boats.'));
        self::assertSame(['Boats'], Sentences::values(self::weighed(self::things(enough: -1.2), 'We mend boats. That is so. It is. It was. It will be.')));
    }

    public function testOfTwoOnTopOfEachOtherTheLikelierCounts(): void
    {
        self::assertSame(['Oak'], Sentences::values(self::weighed(self::things(), 'We mend oak boats.')));
    }

    public function testWhatIsKnownIsNotFoundAgain(): void
    {
        foreach (['Boats', 'Oak boats', 'boat'] as $known) {
            $read = [new Candidate(FactKind::Offering, $known, 100, 5, 0.95)];
            self::assertSame($read, self::weighed(self::things(), 'We mend boats.', $read), $known);
        }
    }

    public function testWordsThatAreKnownAsSomethingElseAreNoThingUnlessItIsSure(): void
    {
        $read = [new Candidate(FactKind::Feature, 'boats', 8, 5, 0.85)];
        self::assertSame($read, self::weighed(self::things(), 'We mend boats.', $read));
        self::assertCount(2, self::weighed(self::things(sure: -1.1), 'We mend boats.', $read));
        self::assertCount(1, self::weighed(self::things(sure: -1.1), 'We mend boats.', [new Candidate(FactKind::Feature, 'boats', 8, 5, 0.95)]), 'what was said plainly stays');
    }

    public function testNothingIsFoundWhereNothingIsNamed(): void
    {
        self::assertSame([], self::weighed(self::things(), 'We no longer mend boats.'));
        self::assertSame([], self::weighed(self::things(), Readings::ofBlocks(new Block(BlockKind::Signature, 0, 'We mend boats.'))));
        self::assertSame([], self::weighed(self::things(), Readings::of('We mend boats.', agreed: false)));
    }

    public function testAThingThatAWordingReadIsLeftOutWhereItIsMostUnlikely(): void
    {
        $boats = new Candidate(FactKind::Offering, 'Boats', 10, 5, 0.85);
        $elsewhere = new Candidate(FactKind::PageRequest, 'Boats', 10, 5, 0.85);
        $rest = ' That is so. It is. It was. It will be.';
        self::assertSame([$elsewhere], self::weighed(self::things(), "We borrow boats.$rest", [$boats, $elsewhere]));
        self::assertSame([$boats], self::weighed(self::things(), "We paint boats.$rest", [$boats]));
        self::assertSame([$boats], self::weighed(self::things(), 'We borrow boats.', [$boats]), 'one sentence is too little');
        $never = new Candidate(FactKind::Offering, 'Boat building', 10, 5, 0.85);
        self::assertSame([$never], self::weighed(self::things(), "We borrow boats.$rest", [$never]), 'words that do not stand there are not judged');
    }

    public function testARefusalSaysWhichFeatureItIs(): void
    {
        $refusals = new LearntRefusals(self::things(FactKind::PageRefusal), Bench::catalogue()->cues());
        [$blog] = self::weighed($refusals, 'We mend blog.');
        self::assertSame(['Blog', ['feature' => 'blog']], [$blog->value, $blog->detail]);
        [$boats] = self::weighed($refusals, 'We mend boats.');
        self::assertSame([], $boats->detail);
        $read = [new Candidate(FactKind::PageRefusal, 'A forum', 30, 5, 0.95)];
        self::assertSame($read, self::weighed($refusals, 'Nothing of the kind.', $read), 'what was read stays as it is');
    }

    public function testWordsThatMayNameNothingAreLeftOut(): void
    {
        $things = new LearntThings(FactKind::Offering, new WordWeights(WordWeights::parse(self::WEIGHTS)), ['enough' => -2.0, 'doubtful' => -9.0], mayName: static fn (string $words): bool => 'boats' !== $words);
        self::assertSame([], self::weighed($things, 'We mend boats.'));
        self::assertSame(['Rafts'], Sentences::values(self::weighed($things, 'We mend rafts.')));
    }

    public function testAGuessIsLeftOutSooner(): void
    {
        $boats = static fn (float $certainty): Candidate => new Candidate(FactKind::Offering, 'Boats', 9, 5, $certainty);
        $text = 'We paint boats. That is so. It is. It was. It will be.';
        self::assertSame([], self::weighed(self::things(), $text, [$boats(0.6)]));
        self::assertCount(1, self::weighed(self::things(), $text, [$boats(0.7)]));
        $priced = new Candidate(FactKind::Offering, 'Boats', 9, 5, 0.6, detail: ['price' => '£9']);
        self::assertSame([$priced], self::weighed(self::things(), $text, [$priced]), 'what has its price is no guess');
    }

    public function testWhereThingsAreAskedForNothingIsAddedToWhatWasUnderstood(): void
    {
        $boats = new Candidate(FactKind::Offering, 'Paint', 3, 5, 0.9);
        self::assertSame([$boats], self::weighed(self::things(), Readings::of('We paint, and mend boats.', 'offering'), [$boats]));
        self::assertCount(2, self::weighed(self::things(), Readings::of('We paint, and mend boats.'), [$boats]));
        self::assertSame([], self::weighed(self::things(), Readings::of('Mend boats', 'offering', BlockKind::Item)), 'an item is one thing');
    }

    public function testQuotedWordsAreAvoidedWhereTheyAreLikely(): void
    {
        $avoided = new LearntAvoided(new WordWeights(WordWeights::parse("-3.00\t\n5.00\thas hate\n")));
        self::assertSame(['journey'], Sentences::values(self::weighed($avoided, 'We hate “journey” in a text.')));
        self::assertSame([], self::weighed($avoided, 'We hate journey in a text.'), 'only what is quoted');
        self::assertSame([], self::weighed($avoided, 'We like “journey” in a text.'));
        self::assertSame(['journey'], Sentences::values(self::weighed($avoided, 'We say "trip", we hate "journey".')), 'what is said, and what stands between two quotations, is not avoided');
        $known = [new Candidate(FactKind::Keyphrase, 'journey', 11, 7, 0.95)];
        self::assertSame($known, self::weighed($avoided, 'We hate “journey” in a text.', $known));
    }

    public function testAClaimIsLeftOutWhereTheSentenceMakesNone(): void
    {
        $claims = new LearntClaims(new WordWeights(WordWeights::parse("-1.00\t\n-2.00\thas ferry\n")));
        $text = 'Nobody finds the ferry. Nobody finds the lane. It is. It was. It will be.';
        [$ferry, $lane] = [new Candidate(FactKind::Differentiator, 'Nobody finds the ferry', 0, 22, 0.9), new Candidate(FactKind::Differentiator, 'Nobody finds the lane', 24, 21, 0.9)];
        self::assertSame([$lane], self::weighed($claims, $text, [$ferry, $lane]));
        self::assertSame([$ferry, $lane], self::weighed($claims, Readings::of($text, 'differentiator'), [$ferry, $lane]), 'where it was asked for it has to be unlikelier');
        self::assertSame([$ferry], self::weighed($claims, 'Nobody finds the ferry.', [$ferry]), 'one sentence is too little');
    }

    public function testTheLikeliestNameIsTheBusiness(): void
    {
        $name = new LearntName(new WordWeights(WordWeights::parse("-6.00\t\n3.00\tcapitals all\n2.00\twords 2\n-3.00\t-1 near\n")));
        self::assertSame(['Hollin Barn'], Sentences::values(self::weighed($name, 'We are Hollin Barn near Moss Side.')));
        self::assertSame([], self::weighed($name, 'We are a barn near a moss.'));
        self::assertSame([], self::weighed($name, 'We are 5 July.'), 'a date is none');
    }

    public function testANameInSmallLettersIsWrittenAsAName(): void
    {
        $name = new LearntName(new WordWeights(WordWeights::parse("-6.00\t\n6.00\tis hollin barn\n")));
        self::assertSame(['Hollin Barn'], Sentences::values(self::weighed($name, 'we are hollin barn')));
    }

    public function testANameThatIsFarLessLikelyThanAnotherIsNone(): void
    {
        $name = new LearntName(new WordWeights(WordWeights::parse("-6.00\t\n5.00\tis hollin barn\n-1.00\t-1 near\n")));
        $place = new Candidate(FactKind::BusinessName, 'Moss Side', 24, 9, 0.85);
        self::assertSame(['Hollin Barn'], Sentences::values(self::weighed($name, 'We are Hollin Barn near Moss Side.', [$place])));
        $close = new LearntName(new WordWeights(WordWeights::parse("-6.00\t\n5.00\tis hollin barn\n4.00\tis moss side\n")));
        self::assertSame(['Moss Side', 'Hollin Barn'], Sentences::values(self::weighed($close, 'We are Hollin Barn near Moss Side.', [$place])));
    }

    public function testAFeatureIsAskedForByTheLikeliestSentence(): void
    {
        $features = new LearntFeatures(new WeightsOfMany(['map' => WordWeights::parse("-2.00\t\n3.00\thas finds\n2.00\thas lane\n"), 'blog' => WordWeights::parse("-2.00\t\n3.00\thas lane\n")]));
        $text = 'Nobody finds us. Nobody finds the lane.';
        $found = self::weighed($features, $text, [new Candidate(FactKind::Feature, 'blog', 0, 3, 0.95)]);
        self::assertSame(['blog', 'map'], Sentences::values($found));
        self::assertSame('Nobody finds the lane.', substr($text, $found[1]->start, $found[1]->length));
        self::assertSame([], self::weighed($features, 'We mend boats.'));
        self::assertSame([], self::weighed($features, Readings::of('Nobody finds the lane.', kind: BlockKind::Heading)));
    }
}
