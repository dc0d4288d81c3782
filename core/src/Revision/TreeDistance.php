<?php

declare(strict_types=1);

namespace DunePocket\Revision;

/**
 * The edit distance of two ordered trees: the fewest nodes to insert, remove or relabel, one step each.
 * Zhang and Shasha, "Simple fast algorithms for the editing distance between trees and related problems", 1989.
 */
final class TreeDistance
{
    public static function between(Tree $a, Tree $b): int
    {
        [$labelsA, $leftA, $rootsA] = self::numbered($a);
        [$labelsB, $leftB, $rootsB] = self::numbered($b);
        $distance = [];
        foreach ($rootsA as $i) {
            foreach ($rootsB as $j) {
                self::forests($i, $j, $labelsA, $labelsB, $leftA, $leftB, $distance);
            }
        }

        return $distance[\count($labelsA) - 1][\count($labelsB) - 1];
    }

    /**
     * @param list<string>                $labelsA  in postorder
     * @param list<string>                $labelsB
     * @param list<int>                   $leftA    the leftmost leaf below each node
     * @param list<int>                   $leftB
     * @param array<int, array<int, int>> $distance of subtrees, filled in as far as known
     */
    private static function forests(int $i, int $j, array $labelsA, array $labelsB, array $leftA, array $leftB, array &$distance): void
    {
        [$fromA, $fromB] = [$leftA[$i], $leftB[$j]];
        $forest = [[0]];
        for ($x = $fromA; $x <= $i; ++$x) {
            $forest[$x - $fromA + 1][0] = $forest[$x - $fromA][0] + 1;
        }
        for ($y = $fromB; $y <= $j; ++$y) {
            $forest[0][$y - $fromB + 1] = $forest[0][$y - $fromB] + 1;
        }
        for ($x = $fromA; $x <= $i; ++$x) {
            for ($y = $fromB; $y <= $j; ++$y) {
                [$p, $q] = [$x - $fromA + 1, $y - $fromB + 1];
                $least = min($forest[$p - 1][$q] + 1, $forest[$p][$q - 1] + 1);
                if ($leftA[$x] === $fromA && $leftB[$y] === $fromB) {
                    $least = min($least, $forest[$p - 1][$q - 1] + ($labelsA[$x] === $labelsB[$y] ? 0 : 1));
                    $distance[$x][$y] = $least;
                } else {
                    $least = min($least, $forest[$leftA[$x] - $fromA][$leftB[$y] - $fromB] + $distance[$x][$y]);
                }
                $forest[$p][$q] = $least;
            }
        }
    }

    /** @return array{list<string>, list<int>, list<int>} labels in postorder, leftmost leaves, key roots */
    private static function numbered(Tree $tree): array
    {
        $labels = [];
        $left = [];
        self::walk($tree, $labels, $left);
        $roots = [];
        foreach ($left as $node => $leaf) {
            $roots[$leaf] = $node;
        }
        sort($roots);

        return [$labels, $left, $roots];
    }

    /**
     * @param list<string> $labels
     * @param list<int>    $left
     */
    private static function walk(Tree $tree, array &$labels, array &$left): int
    {
        $first = null;
        foreach ($tree->children as $child) {
            $leaf = self::walk($child, $labels, $left);
            $first ??= $leaf;
        }
        $labels[] = $tree->label;
        $left[] = $first ?? \count($labels) - 1;

        return $left[\count($left) - 1];
    }
}
