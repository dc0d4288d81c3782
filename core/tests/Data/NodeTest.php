<?php

declare(strict_types=1);

namespace DunePocket\Tests\Data;

use DunePocket\Brief\FactKind;
use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NodeTest extends TestCase
{
    private static function node(): Node
    {
        return new Node(['name' => 'Ashen Row', 'year' => 1990, 'share' => 0.5, 'open' => true, 'kind' => 'tone', 'gates' => ['oak', 'ash'], 'by' => ['x' => ['n' => 1], 'y' => ['n' => 2]], 'none' => null]);
    }

    public function testValuesAreReadByTheirType(): void
    {
        $node = self::node();
        self::assertSame(['Ashen Row', 1990, 0.5, true], [$node->string('name'), $node->int('year'), $node->float('share'), $node->bool('open')]);
        self::assertSame(1990.0, $node->float('year'), 'a whole number is a number');
        self::assertSame(['oak', 'ash'], $node->strings('gates'));
        self::assertSame(FactKind::Tone, $node->enum('kind', FactKind::class));
        self::assertSame([1, 2], array_values(array_map(static fn (Node $child): int => $child->int('n'), $node->child('by')->entries())));
    }

    public function testAnObjectOfNumbersIsReadAtOnce(): void
    {
        self::assertSame(['' => -1.5, 'oak' => 0.25], (new Node(['' => -1.5, 'oak' => 0.25]))->floats());
    }

    public function testWhatIsNotThereHasItsDefault(): void
    {
        $node = self::node();
        self::assertSame(['x', 7, 0.1, false], [$node->string('town', 'x'), $node->int('town', 7), $node->float('town', 0.1), $node->bool('town', false)]);
        self::assertNull($node->optionalString('town'));
        self::assertNull($node->optionalInt('none'));
        self::assertFalse($node->has('none'));
    }

    /** @return iterable<string, array{callable(Node): mixed, string}> a reading, and the place its error names */
    public static function errors(): iterable
    {
        yield 'a string that is missing' => [static fn (Node $node): string => $node->string('town'), 'town'];
        yield 'a number that is a word' => [static fn (Node $node): int => $node->int('name'), 'name'];
        yield 'a word that is a list' => [static fn (Node $node): string => $node->string('gates'), 'gates'];
        yield 'a list that is a word' => [static fn (Node $node): array => $node->children('name'), 'name'];
        yield 'an unknown case' => [static fn (Node $node): FactKind => $node->enum('name', FactKind::class), 'name'];
        yield 'deep inside' => [static fn (Node $node): string => $node->child('by')->string('x'), 'by.x'];
    }

    /** @param callable(Node): mixed $read */
    #[DataProvider('errors')]
    public function testAnErrorNamesThePlace(callable $read, string $place): void
    {
        try {
            $read(self::node());
            self::fail('It was read.');
        } catch (InvalidData $error) {
            self::assertStringContainsString($place, $error->getMessage());
        }
    }

    public function testBrokenJsonIsSaidToBeBroken(): void
    {
        self::assertSame('dry', Node::fromJson('{"tone":"dry"}')->string('tone'));
        $this->expectException(InvalidData::class);
        Node::fromJson('{"tone":');
    }

    public function testJsonThatIsTooDeepIsRefused(): void
    {
        $this->expectException(InvalidData::class);
        Node::fromJson(str_repeat('[', 80).str_repeat(']', 80));
    }
}
