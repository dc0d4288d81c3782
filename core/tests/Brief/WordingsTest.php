<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Measuring\Likeness;
use DunePocket\Brief\Normal\OpeningHours;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Short invented wordings, one a line, with what they say before the bar: how much of each kind of fact is understood. */
final class WordingsTest extends TestCase
{
    private const FOLDER = __DIR__.'/../fixtures/wordings';

    /** @return iterable<string, array{FactKind, float}> kind and least share of its wordings */
    public static function kinds(): iterable
    {
        foreach ([
            'audience' => 0.93, 'avoid_word' => 0.8, 'business_kind' => 0.93, 'business_name' => 0.85, 'differentiator' => 0.8, 'feature' => 0.95,
            'goal' => 0.85, 'contact_address' => 0.9, 'founded' => 0.9, 'keyphrase' => 0.95, 'location' => 0.86, 'area_served' => 0.86, 'design_note' => 0.9, 'language' => 0.85, 'person' => 0.87, 'proof' => 0.93, 'deadline' => 0.93, 'budget' => 0.93, 'admired_site' => 0.9, 'competitor' => 0.9, 'existing_site' => 0.9, 'social_profile' => 0.9, 'offering' => 0.8, 'page_count' => 0.95, 'page_refusal' => 0.83, 'page_request' => 0.85, 'tone' => 0.93,
        ] as $kind => $share) {
            yield $kind => [FactKind::from($kind), $share];
        }
    }

    #[DataProvider('kinds')]
    public function testAWordingIsUnderstoodAlone(FactKind $kind, float $share): void
    {
        $missed = [];
        $wordings = self::wordings($kind->value);
        foreach ($wordings as [$meant, $wording]) {
            $facts = Bench::read($wording)->of($kind);
            if (!self::holds($kind, $meant, $facts)) {
                $missed[] = $wording.' => '.implode(' | ', array_map(static fn (Fact $fact): string => $fact->value, $facts));
            }
        }
        self::assertNotEmpty($wordings);
        self::assertGreaterThanOrEqual($share, 1 - \count($missed) / \count($wordings), implode("\n", $missed));
    }

    #[TestWith(['offerings-told', 0.45])]
    #[TestWith(['offerings-told-held-back', 0.45])]
    public function testThingsToldOneByOneAreFound(string $wordings, float $least): void
    {
        $meant = $found = 0;
        foreach (self::wordings($wordings) as [$things, $wording]) {
            $offered = Bench::read("Hello Jo,\n\n$wording\n\nThe colours should be green.")->of(FactKind::Offering);
            $meant += \count(explode('; ', $things));
            $found += \count(array_filter(explode('; ', $things), static fn (string $thing): bool => self::all($thing, $offered, Likeness::sameThing(...))));
        }

        self::assertGreaterThanOrEqual($least, $found / max(1, $meant));
    }

    public function testAWishIsNoRefusal(): void
    {
        $refused = array_filter(array_column(self::wordings('wishes'), 0), static fn (string $wish): bool => [] !== Bench::read("We make staircases.\n\n$wish")->of(FactKind::PageRefusal));

        self::assertLessThanOrEqual(8, \count($refused), implode("\n", $refused));
    }

    public function testOpeningHoursAreDaysAndTimesAndCleanTextThatReadsBack(): void
    {
        foreach (self::wordings('opening_hours') as [$hours, $wording]) {
            $facts = Bench::read("Hi Jo,\n\nWe are Kelda Ropes and make ropes.\n\n$wording\n")->of(FactKind::OpeningHours);
            $told = implode(' / ', array_map(static fn (Fact $fact): string => $fact->detail('hours') ?? '–', $facts));
            self::assertSame($hours, '' === $told ? '–' : $told, $wording);
            if ('–' !== $hours && !str_contains((string) $facts[0]->detail('text'), ':')) {
                self::assertSame($hours, implode(', ', OpeningHours::read((string) $facts[0]->detail('text'))?->toSchema() ?? []), $wording);
            }
        }
    }

    public function testACorrectionIsTheLastWord(): void
    {
        $missed = [];
        $wordings = self::wordings('corrections');
        foreach ($wordings as [$meant, $wording]) {
            $brief = Bench::read("Hi Jo,\n\nWe are Kelda Ropes and make ropes.\n\n$wording\n");
            [$sign, $feature] = [mb_substr($meant, 0, 1), mb_substr($meant, 1)];
            $wanted = [] !== array_filter([...$brief->of(FactKind::Feature), ...$brief->of(FactKind::PageRequest)], static fn (Fact $fact): bool => self::isOf($feature, $fact));
            $refused = [] !== array_filter($brief->of(FactKind::PageRefusal), static fn (Fact $fact): bool => self::isOf($feature, $fact));
            if ([$wanted, $refused] !== ['+' === $sign, '–' === $sign]) {
                $missed[] = $wording;
            }
        }
        self::assertLessThanOrEqual(0.1 * \count($wordings), \count($missed), implode("\n", $missed));
    }

    private static function isOf(string $feature, Fact $fact): bool
    {
        return $feature === $fact->value || $feature === $fact->detail('feature') || str_contains(mb_strtolower($fact->value), rtrim($feature, 's'));
    }

    public function testALabelOrAQuestionSaysWhatItAsksFor(): void
    {
        $missed = [];
        $wordings = self::wordings('topics');
        foreach ($wordings as [$topic, $asked]) {
            $read = Bench::catalogue()->cues()->topic(rtrim($asked, '?: '));
            if ($topic !== $read && !('feature' === $topic && 'features' === $read)) {
                $missed[] = $asked.' => '.($read ?? 'nothing');
            }
        }
        self::assertLessThanOrEqual(5, \count($missed), implode("\n", $missed));
    }

    public function testAnAnswerThatSaysNothingIsNone(): void
    {
        $cues = Bench::catalogue()->cues();
        foreach (self::wordings('blank') as [$sign, $answer]) {
            self::assertSame('–' === $sign, $cues->isBlank($answer), $answer);
        }
    }

    /** @param list<Fact> $facts */
    private static function holds(FactKind $kind, string $meant, array $facts): bool
    {
        return match ($kind) {
            FactKind::BusinessKind => [] !== $facts && \in_array($facts[0]->detail('kind'), explode(' ', $meant), true),
            FactKind::Goal => [] !== $facts && $meant === $facts[0]->value,
            FactKind::Audience, FactKind::Differentiator => self::all($meant, $facts, Likeness::shares(...)),
            default => self::all($meant, $facts, Likeness::sameThing(...)),
        };
    }

    /**
     * @param list<Fact>                     $facts
     * @param callable(string, string): bool $like
     */
    private static function all(string $meant, array $facts, callable $like): bool
    {
        foreach ('–' === $meant ? [] : explode('; ', $meant) as $one) {
            if ([] === array_filter($facts, static fn (Fact $fact): bool => $like($one, $fact->value))) {
                return false;
            }
        }

        return '–' !== $meant || [] === $facts;
    }

    /** @return list<array{string, string}> what is meant, how it is said */
    private static function wordings(string $name): array
    {
        $lines = array_filter(file(self::FOLDER."/$name.txt", \FILE_IGNORE_NEW_LINES | \FILE_SKIP_EMPTY_LINES) ?: [], static fn (string $line): bool => '#' !== $line[0]);

        return array_map(static fn (string $line): array => [explode(' | ', $line, 2)[0], str_replace(' ⏎ ', "\n", explode(' | ', $line, 2)[1] ?? '')], array_values($lines));
    }
}
