<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\BriefReader;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class VoiceAndLanguageTest extends TestCase
{
    private const LEAFLET = 'Pop the veil on, we’ll do the rest! You don’t need to know a thing about bees. Bring a flask, bring your kids, and we’ll show you what’s going on inside the box. It’s lovely, honest!';

    private static function read(string $text): Brief
    {
        return (new BriefReader(Bench::catalogue()))->read(new Source('s1', 'Brief', SourceKind::Text, $text));
    }

    /** @return iterable<string, array{string}> */
    public static function waysToGiveASample(): iterable
    {
        yield 'quoted in an e-mail' => ["We keep bees near Arden.\n\nHere’s what I wrote for our leaflet last year: “".self::LEAFLET.'” Thanks, Mair'];
        yield 'as a paragraph of its own' => ["We keep bees near Arden.\n\nThis is from our newsletter:\n\n".self::LEAFLET."\n\nWe need the site by spring."];
        yield 'under a label' => ["Business: beekeeping courses\nSample of our writing: ".self::LEAFLET];
    }

    #[DataProvider('waysToGiveASample')]
    public function testASampleIsFoundAndItsToneConcluded(string $text): void
    {
        $brief = self::read($text);
        $sample = $brief->first(FactKind::VoiceSample);
        self::assertSame(self::LEAFLET, $sample?->quote?->words($brief->sources[0]));
        self::assertStringContainsString('2 exclamations', (string) $sample->detail('measured'));
        $tone = $brief->first(FactKind::Tone);
        self::assertSame(['playful', Origin::Inferred], [$tone?->value, $tone?->origin]);
        self::assertLessThanOrEqual(0.5, $tone?->certainty);
    }

    public function testAToneThatWasAskedForLeavesNothingToConclude(): void
    {
        $tones = self::read('The tone should be calm. Here is what I wrote for the leaflet: “'.self::LEAFLET.'”')->of(FactKind::Tone);
        self::assertSame(['calm'], array_map(static fn (Fact $fact): string => $fact->value, $tones));
    }

    public function testAFewWordsAreNoSample(): void
    {
        self::assertNull(self::read('Here is what I wrote on the door: “Back soon, mind the dog.”')->first(FactKind::VoiceSample));
    }

    /** @return iterable<array{string, list<string>}> */
    public static function languages(): iterable
    {
        yield ['The site should be in Welsh and English.', ['cy', 'en']];
        yield ['We would like a French version of the pages as well.', ['fr']];
        yield ['British spelling please, no American spelling.', ['en-GB']];
        yield ["Languages: German, English\nPages: Home", ['de', 'en']];
        yield ['Language: Polish', ['pl']];
        yield ['All texts in Dutch, later also in German.', ['nl', 'de']];
        yield ['We teach German to adults and the classes are in German.', []];
        yield ['Tone: plain. We want no Italian version of the site.', []];
    }

    /** @param list<string> $tags */
    #[DataProvider('languages')]
    public function testTheLanguagesOfTheSiteAreReadWithTheirTags(string $text, array $tags): void
    {
        self::assertSame($tags, array_map(static fn (Fact $fact): ?string => $fact->detail('tag'), self::read($text)->of(FactKind::Language)));
    }

    public function testADeadlineIsKeptAsADateToo(): void
    {
        self::assertSame('2027-06-30', self::read('The site has to be online by 30 June 2027.')->first(FactKind::Deadline)?->detail('date'));
    }
}
