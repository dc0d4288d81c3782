<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Measuring\Likeness;
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
            'goal' => 0.85, 'offering' => 0.8, 'page_count' => 0.95, 'page_refusal' => 0.83, 'page_request' => 0.85, 'tone' => 0.93,
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
        foreach (explode('; ', $meant) as $one) {
            if ([] === array_filter($facts, static fn (Fact $fact): bool => $like($one, $fact->value))) {
                return false;
            }
        }

        return true;
    }

    /** @return list<array{string, string}> what is meant, how it is said */
    private static function wordings(string $name): array
    {
        $lines = array_filter(file(self::FOLDER."/$name.txt", \FILE_IGNORE_NEW_LINES | \FILE_SKIP_EMPTY_LINES) ?: [], static fn (string $line): bool => '#' !== $line[0]);

        return array_map(static fn (string $line): array => [explode(' | ', $line, 2)[0], str_replace(' ⏎ ', "\n", explode(' | ', $line, 2)[1] ?? '')], array_values($lines));
    }
}
