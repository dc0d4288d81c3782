<?php

declare(strict_types=1);

namespace DunePocket\Tests\Catalogue;

use DunePocket\Brief\Reading\SentenceWords;
use DunePocket\Catalogue\WordWeights;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Sentences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WordWeightsTest extends TestCase
{
    public function testTheOddsAreTheSumOfWhatIsKnown(): void
    {
        $weights = WordWeights::parse("# how it was made\n-2.50\t\n1.25\tnever\n3.00\tnever a\n-0.50\tplease\n");
        self::assertEqualsWithDelta(-2.5, $weights->odds([]), 1e-9);
        self::assertEqualsWithDelta(-2.5 + 1.25 + 3.0, $weights->odds(['never', 'never a', 'heron']), 1e-9);
        self::assertEqualsWithDelta(-3.0, $weights->odds(['please']), 1e-9);
    }

    /** @return iterable<string, array{string, bool}> a sentence, and whether it refuses something */
    public static function sentences(): iterable
    {
        yield 'would only lead to trouble' => ['A comments section would only lead to trouble, so no.', true];
        yield 'a thing no list holds' => ['No wishing well, please, we would never keep it filled.', true];
        yield 'an offering' => ['We mend boats and teach knots.', false];
        yield 'a wish' => ['We would like a gallery and a map.', false];
        yield 'a claim' => ['Every oar is made by one pair of hands.', false];
    }

    #[DataProvider('sentences')]
    public function testWhatWasLearntTellsRefusalsFromTheRest(string $sentence, bool $refuses): void
    {
        self::assertSame($refuses, Bench::catalogue()->refusing()->odds(SentenceWords::of(Sentences::one($sentence), null)) > 0.0);
    }
}
