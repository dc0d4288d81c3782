<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Voice;

use DunePocket\Brief\Voice\MannerReader;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Samples in the manner editors would give each tone as an example of; common practice, no standard. */
final class MannerReaderTest extends TestCase
{
    private MannerReader $reader;

    protected function setUp(): void
    {
        $this->reader = new MannerReader(Bench::catalogue()->voice());
    }

    /** @return iterable<string, array{string, string}> */
    public static function samples(): iterable
    {
        yield 'playful' => ['playful', 'Guess who’s back? The big pitchers! They’ve woken up hungry, so hide your flies. Pop in on Sunday, grab a cuppa and say hello. Bring the kids! We’ll have jelly worms, too. Yum!'];
        yield 'warm' => ['warm', 'We know that the first visit can feel like a big step, so we take our time with you. You can bring a friend, you can just watch, and if you’d rather come when it’s quiet we’ll gladly keep a place for you.'];
        yield 'plain' => ['plain', 'The lift is checked every month. A report is sent the same day. If a part is worn, it is changed before it fails. The price is the same all year. There is no call-out charge in town.'];
        yield 'professional' => ['professional', 'The practice provides comprehensive advice regarding residential and commercial leases. Instructions are acknowledged within one working day, and a written estimate is provided before any work is commenced.'];
        yield 'expert' => ['expert', 'Carnivorous genera accumulate nitrogen through enzymatic digestion of captured invertebrates, an evolutionary adaptation to ombrotrophic substrates whose mineral availability remains negligible throughout successive vegetative periods.'];
        yield 'bold' => ['bold', 'No lanes. No whistles. No clock. Just cold water and a big sky. Swim hard or float. Nobody keeps score. The sea does not care. Come in and shout.'];
        yield 'calm' => ['calm', 'The path runs down through the pines to the water, and in the early morning there is hardly a sound. The boats are tied up along the wall. Breakfast is laid out at eight on the long table by the window.'];
    }

    #[DataProvider('samples')]
    public function testTheWayASampleIsWrittenSaysItsTone(string $tone, string $sample): void
    {
        $manner = $this->reader->read($sample);
        self::assertNotNull($manner);
        self::assertContains($tone, $manner->tones, $manner->summary);
    }

    public function testAShortSampleSaysNothing(): void
    {
        self::assertNull($this->reader->read('Come in, the water is lovely!'));
    }

    public function testAtMostTwoTonesAreConcluded(): void
    {
        foreach (self::samples() as [, $sample]) {
            self::assertLessThanOrEqual(2, \count($this->reader->read($sample)->tones ?? []));
        }
    }

    public function testTheFiguresAreSaidInWords(): void
    {
        $manner = $this->reader->read('We’re open all winter! You can swim from six until noon, and you can warm up in the hut. Bring a hat, bring a flask, and don’t stay in for long.');
        self::assertSame('31 words: 10 a sentence, reading ease 104, in 100 words 6 contractions and 10 times “we” or “you”, words neither formal nor loose, 1 exclamation', $manner?->summary);
    }
}
