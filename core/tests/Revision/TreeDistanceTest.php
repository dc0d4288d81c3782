<?php

declare(strict_types=1);

namespace DunePocket\Tests\Revision;

use DunePocket\Revision\Tree;
use DunePocket\Revision\TreeDistance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TreeDistanceTest extends TestCase
{
    /** "f(d(a c(b)) e)" */
    private static function tree(string $written): Tree
    {
        $at = 0;

        return self::node($written, $at);
    }

    private static function node(string $written, int &$at): Tree
    {
        preg_match('/\w+/', $written, $m, 0, $at);
        $at += \strlen($m[0] ?? '');
        $children = [];
        if ('(' === ($written[$at] ?? '')) {
            ++$at;
            while (')' !== $written[$at]) {
                $children[] = self::node($written, $at);
                $at += ' ' === $written[$at] ? 1 : 0;
            }
            ++$at;
        }

        return new Tree($m[0] ?? '', $children);
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function examples(): iterable
    {
        yield 'the example of Zhang and Shasha, 1989 (figure 4; from memory)' => ['f(d(a c(b)) e)', 'f(c(d(a b)) e)', 2];
        yield 'a tree and itself' => ['f(d(a c(b)) e)', 'f(d(a c(b)) e)', 0];
        yield 'one label' => ['a(b c)', 'a(b d)', 1];
        yield 'a node between' => ['a(b c)', 'a(x(b c))', 1];
        yield 'nothing in common but the form' => ['a(b c)', 'x(y z)', 3];
        yield 'children the other way round' => ['a(b c)', 'a(c b)', 2];
        yield 'one node and many' => ['a', 'a(b(c) d)', 3];
    }

    #[DataProvider('examples')]
    public function testTheFewestStepsBetweenTwoTrees(string $a, string $b, int $steps): void
    {
        self::assertSame($steps, TreeDistance::between(self::tree($a), self::tree($b)));
        self::assertSame($steps, TreeDistance::between(self::tree($b), self::tree($a)), 'The way back is as long.');
    }
}
