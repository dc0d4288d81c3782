<?php

declare(strict_types=1);

// Learns from the labelled briefs which words, and which two in a row, speak for which kind of business, and writes them with their weights into
// core/catalogue/trades.txt. The weight is the logarithm of how much more often the
// word stands in such briefs than in others (naive Bayes), above that of a word that never does. The briefs held back
// are not looked at. Run after briefs were added: php core/tools/affinities.php

use DunePocket\Brief\Measuring\LabelledBrief;
use DunePocket\Brief\Reading\Affinities;
use DunePocket\Catalogue\BusinessKind;
use DunePocket\Catalogue\CatalogueLoader;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const FIXTURES = __DIR__.'/../tests/fixtures';
/** What the second kind that a brief may be counts. */
const SECOND = 0.5;
const RAREST = 3.0;
const SMOOTHING = 0.5;
const LOWEST = -0.5;
const HIGHEST = 2.5;
const LEAST_WEIGHT = 2.0;

/** @return iterable<array{string, list<string>, float}> a kind of business, the words of a text, and what it counts */
function trades(): iterable
{
    $known = array_map(static fn (BusinessKind $kind): string => $kind->id, (new CatalogueLoader())->load()->businessKinds());
    foreach (LabelledBrief::fromFolder(FIXTURES.'/labelled') as $brief) {
        foreach (array_slice(array_values(array_intersect($brief->labels->strings('kind'), $known)), 0, 2) as $i => $kind) {
            yield [$kind, Affinities::words($brief->text), 0 === $i ? 1.0 : SECOND];
        }
    }
    foreach (file(FIXTURES.'/wordings/business_kind.txt', \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        if (str_contains($line, ' | ')) {
            [$kinds, $sentence] = explode(' | ', $line, 2);
            foreach (array_slice(array_values(array_intersect(explode(' ', trim($kinds)), $known)), 0, 1) as $kind) {
                yield [$kind, Affinities::words($sentence), 1.0];
            }
        }
    }
}

/** @param iterable<array{string, list<string>, float}> $texts */
function learn(string $file, iterable $texts): void
{
    $all = 0.0;
    $ofThing = [];
    $ofWord = [];
    $held = [];
    foreach ($texts as [$thing, $words, $counts]) {
        $all += $counts;
        $ofThing[$thing] = ($ofThing[$thing] ?? 0.0) + $counts;
        foreach ($words as $word) {
            $ofWord[$word] = ($ofWord[$word] ?? 0.0) + $counts;
            $held[$word][$thing] = ($held[$word][$thing] ?? 0.0) + $counts;
        }
    }
    $lines = [];
    foreach ($held as $word => $things) {
        $usual = $ofWord[$word] / $all;
        $weights = [];
        foreach ($things as $thing => $times) {
            $there = ($times + SMOOTHING * $usual) / ($ofThing[$thing] + SMOOTHING);
            $weight = max(LOWEST, min(HIGHEST, log($there / $usual))) - LOWEST;
            if ($weight >= LEAST_WEIGHT) {
                $weights[$thing] = sprintf('%s:%.1f', $thing, $weight);
            }
        }
        if ($ofWord[$word] >= RAREST && [] !== $weights) {
            ksort($weights);
            $lines[] = $word."\t".implode(' ', $weights);
        }
    }
    sort($lines, \SORT_STRING);
    file_put_contents(dirname(__DIR__).'/catalogue/'.$file, "\n".implode("\n", $lines)."\n");
    printf("%s: %d words.\n", $file, count($lines));
}

learn('trades.txt', trades());
