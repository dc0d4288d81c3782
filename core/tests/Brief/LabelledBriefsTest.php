<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\Measuring\LabelledBrief;
use DunePocket\Brief\Measuring\Measurement;
use DunePocket\Brief\Sources\SourceReader;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Reads invented briefs that carry the labels a careful designer would give, and holds what was read against them.
 * What is held back was never looked at while the wordings were written; bin/dune bench --brief prints the figures of all.
 */
final class LabelledBriefsTest extends TestCase
{
    private const FOLDER = __DIR__.'/../fixtures/labelled';

    private static ?Measurement $measurement = null;

    /** @return iterable<string, array{string, float, float}> label, least recall and least precision */
    public static function kinds(): iterable
    {
        foreach ([
            'kind' => [0.94, 0.94], 'name' => [0.96, 0.95], 'phone' => [1, 1], 'email' => [1, 1], 'goal' => [0.93, 0.93], 'page_count' => [0.93, 0.94],
            'offerings' => [0.93, 0.93], 'refused' => [0.94, 0.92], 'features' => [0.92, 0.92], 'tone' => [0.94, 0.94], 'avoid' => [0.97, 0.96],
            'phrases' => [0.97, 0.96], 'pages' => [0.98, 0.97], 'each' => [0.85, 0.95], 'audience' => [0.94, 0.86], 'apart' => [0.92, 0.88], 'quotes' => [1, 1],
        ] as $label => [$recall, $precision]) {
            yield $label => [$label, $recall, $precision];
        }
    }

    #[DataProvider('kinds')]
    public function testFactsAreReadAsACarefulDesignerReadsThem(string $label, float $recall, float $precision): void
    {
        self::$measurement ??= self::measured(self::FOLDER);
        $tally = self::$measurement->tallies[$label];
        self::assertGreaterThanOrEqual($recall, $tally->recall(), implode("\n", $tally->faults));
        self::assertGreaterThanOrEqual($precision, $tally->precision(), implode("\n", $tally->faults));
    }

    public function testEnoughBriefsAreLabelledAndAQuarterOfThemHeldBack(): void
    {
        $heldBack = \count(LabelledBrief::fromFolder(self::FOLDER.'/held-back'));
        $others = \count(LabelledBrief::fromFolder(self::FOLDER));
        self::assertGreaterThanOrEqual(40, $others);
        self::assertGreaterThanOrEqual(0.25, $heldBack / ($heldBack + $others));
    }

    public function testQuotesAreExactInBriefsThatWereHeldBack(): void
    {
        $tally = self::measured(self::FOLDER.'/held-back')->tallies['quotes'];
        self::assertGreaterThan(100, $tally->read);
        self::assertSame([], $tally->faults);
    }

    /** The briefs with even numbers, to keep the test short. */
    private static function measured(string $folder): Measurement
    {
        $measurement = new Measurement();
        foreach (LabelledBrief::fromFolder($folder) as $brief) {
            if (0 === (int) $brief->file % 2) {
                $measurement->add($brief, Bench::reader()->read((new SourceReader())->read($brief->text, $brief->file, 's1')));
            }
        }

        return $measurement;
    }
}
