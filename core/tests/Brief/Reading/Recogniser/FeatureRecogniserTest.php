<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Recogniser\FeatureRecogniser;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Readings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FeatureRecogniserTest extends TestCase
{
    /** @return list<Candidate> */
    private static function read(string $text, ?string $topic = null, ?bool $agreed = null, BlockKind $kind = BlockKind::Paragraph): array
    {
        $cues = Bench::catalogue()->cues();

        return iterator_to_array((new FeatureRecogniser($cues, new Negation($cues)))->recognise(Readings::of($text, $topic, $kind, $agreed)), false);
    }

    /** @return iterable<string, array{string, ?string, list<string>, list<string>}> text, topic, features, refusals */
    public static function texts(): iterable
    {
        yield 'a wish' => ['We need a map.', null, ['map'], []];
        yield 'called by its name' => ['Online booking and a newsletter.', null, ['booking', 'newsletter'], []];
        yield 'a list where they are asked for' => ['shop, calendar, log in', 'feature', ['shop', 'events', 'members-area'], []];
        yield 'with a remark in brackets' => ['prices (no call out fee!)', 'feature', ['pricing'], []];
        yield 'refused' => ['We do not want a map.', null, [], ['Map']];
        yield 'refused without the words around it' => ['We would rather not publish actual prices.', null, [], ['Prices']];
        yield 'what the present site lacks' => ['Our present site does not show our best work.', null, [], []];
        yield 'words to avoid name no feature' => ['newsletter, blog', 'avoid_word', [], []];
        yield 'what is offered is no feature' => ['newsletter writing', 'offering', [], []];
        yield 'a form for quotes is one form' => ['We need a form so that people can ask for a quote.', null, ['quote-form'], []];
        yield 'photos that visitors send are no gallery' => ['People should send photos of their garden and ask for a quote.', null, ['quote-form'], []];
    }

    /**
     * @param list<string> $features
     * @param list<string> $refusals
     */
    #[DataProvider('texts')]
    public function testAFeatureIsWishedForOrRefused(string $text, ?string $topic, array $features, array $refusals): void
    {
        $read = self::read($text, $topic);
        $of = static fn (FactKind $kind): array => array_values(array_unique(array_map(static fn (Candidate $candidate): string => $candidate->value, array_filter($read, static fn (Candidate $candidate): bool => $candidate->kind === $kind))));
        self::assertEqualsCanonicalizing($features, $of(FactKind::Feature));
        self::assertSame($refusals, $of(FactKind::PageRefusal));
    }

    public function testWhatTheClientAgreesToIsWishedFor(): void
    {
        self::assertSame('map', self::read('A map of where you are', null, true)[0]->value);
    }

    public function testAHeadingAsksForNothing(): void
    {
        self::assertSame([], self::read('A map', null, null, BlockKind::Heading));
    }

    public function testWhereTheyAreAskedForTheyAreSurer(): void
    {
        self::assertGreaterThan(self::read('We need a map.')[0]->certainty, self::read('a map', 'feature')[0]->certainty);
    }
}
