<?php

declare(strict_types=1);

// Learns from the labelled briefs which words speak for a sentence that refuses something, and writes them with their
// weights into core/catalogue/refusing.txt. Logistic regression by gradient descent over the sentences in their order;
// the briefs held back are not looked at. Run after briefs were added: php core/tools/refusing.php

use DunePocket\Brief\Measuring\LabelledBrief;
use DunePocket\Brief\Reading\Conversation;
use DunePocket\Brief\Reading\Segmenter;
use DunePocket\Brief\Reading\SentenceSplitter;
use DunePocket\Brief\Reading\SentenceWords;
use DunePocket\Brief\Sources\SourceReader;
use DunePocket\Catalogue\CatalogueLoader;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const FEWEST = 3;
const ROUNDS = 16;
const RATE = 0.15;
const SLOWER = 0.85;
const SHRINK = 0.001;
const REFUSALS_COUNT = 3.0;
const LEAST_WEIGHT = 0.12;
/** Words of a label that say nothing of the thing. */
const SMALL = ['page', 'pages', 'section', 'the', 'a', 'of', 'our'];

$cues = (new CatalogueLoader())->load()->cues();
[$conversation, $segmenter, $splitter, $sources] = [new Conversation($cues), new Segmenter($cues), new SentenceSplitter($cues->takingBack), new SourceReader()];
$samples = [];
foreach (LabelledBrief::fromFolder(dirname(__DIR__).'/tests/fixtures/labelled') as $brief) {
    $source = $sources->read($brief->text, $brief->file, 's1');
    $sentences = $splitter->split($segmenter->segment($conversation->lines($source->text, $source->kind)));
    $refused = array_map(static fn (string $label): array => array_diff(preg_split('/[^\p{L}\d]+/u', mb_strtolower($label), -1, \PREG_SPLIT_NO_EMPTY) ?: [], SMALL), $brief->labels->strings('refused'));
    foreach ($sentences as $i => $sentence) {
        if (!$sentence->isSpoken() || 'page_refusal' === $sentence->block->topic || null !== $sentence->block->agreed) {
            continue;
        }
        $text = mb_strtolower($sentence->text);
        $names = static fn (array $words): bool => [] !== $words && [] === array_filter($words, static fn (string $word): bool => !str_contains($text, rtrim($word, 's')));
        $samples[] = [SentenceWords::of($sentence, $sentences[$i + 1] ?? null), [] !== array_filter($refused, $names)];
    }
}
$counts = array_count_values(array_merge(...array_column($samples, 0)));
$known = array_filter($counts, static fn (int $count): bool => $count >= FEWEST);
$samples = array_map(static fn (array $sample): array => [['', ...array_values(array_filter($sample[0], static fn (string $word): bool => isset($known[$word])))], $sample[1]], $samples);
// A fixed shuffle: briefs of one kind stand together.
usort($samples, static fn (array $one, array $other): int => crc32(implode(' ', $one[0])) <=> crc32(implode(' ', $other[0])));

$weights = [];
$rate = RATE;
for ($round = 0; $round < ROUNDS; ++$round, $rate *= SLOWER) {
    foreach ($samples as [$words, $isRefusal]) {
        $odds = array_sum(array_map(static fn (string $word): float => $weights[$word] ?? 0.0, $words));
        $step = $rate * (($isRefusal ? 1.0 : 0.0) - 1 / (1 + exp(-max(-30.0, min(30.0, $odds))))) * ($isRefusal ? REFUSALS_COUNT : 1.0);
        foreach ($words as $word) {
            $weights[$word] = ($weights[$word] ?? 0.0) * (1 - $rate * SHRINK) + $step;
        }
    }
}
$weights = array_filter($weights, static fn (float $weight, string $word): bool => '' === $word || abs($weight) >= LEAST_WEIGHT, \ARRAY_FILTER_USE_BOTH);
ksort($weights, \SORT_STRING);
$lines = array_map(static fn (string|int $word, float $weight): string => sprintf("%.2f\t%s", $weight, $word), array_keys($weights), $weights);
file_put_contents(dirname(__DIR__).'/catalogue/refusing.txt', "# Written by core/tools/refusing.php.\n".implode("\n", $lines)."\n");
printf("%d sentences, %d of them refusals, %d weights\n", count($samples), count(array_filter($samples, static fn (array $sample): bool => $sample[1])), count($weights));
