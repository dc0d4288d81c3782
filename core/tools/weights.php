<?php

declare(strict_types=1);

// Learns from the labelled briefs which words speak for a sentence that refuses something, and which for one that says
// what sets the business apart, and writes them with their weights into core/catalogue/refusing.txt and claiming.txt.
// Logistic regression by gradient descent; the briefs held back are not looked at. Run after briefs were added:
// php -d memory_limit=1G core/tools/weights.php

use DunePocket\Brief\Measuring\LabelledBrief;
use DunePocket\Brief\Reading\Conversation;
use DunePocket\Brief\Reading\Segmenter;
use DunePocket\Brief\Reading\Sentence;
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
/** A sentence of the kind looked for counts as so many others. */
const COUNTS = 3.0;
const LEAST_WEIGHT = 0.12;
/** Words of a label that say nothing of the thing. */
const SMALL = ['page', 'pages', 'section', 'the', 'a', 'of', 'our'];
/** So much of a label has to stand in a sentence that says it. */
const SHARE = 0.75;

/** @return list<string> */
function labelWords(string $label): array
{
    return array_values(array_diff(preg_split('/[^\p{L}\d]+/u', mb_strtolower($label), -1, \PREG_SPLIT_NO_EMPTY) ?: [], SMALL));
}

/** @param list<string> $words */
function share(array $words, string $text): float
{
    $held = array_filter($words, static fn (string $word): bool => str_contains($text, rtrim($word, 's')));

    return [] === $words ? 0.0 : count($held) / count($words);
}

/**
 * @param list<array{list<string>, bool}> $samples the words of each sentence, and whether it is of the kind looked for
 *
 * @return array<string, float> the weight of each word that has one; '' is that of a sentence as such
 */
function learnt(array $samples): array
{
    $counts = array_count_values(array_merge(...array_column($samples, 0)));
    $known = array_filter($counts, static fn (int $count): bool => $count >= FEWEST);
    $samples = array_map(static fn (array $sample): array => [['', ...array_values(array_filter($sample[0], static fn (string $word): bool => isset($known[$word])))], $sample[1]], $samples);
    // A fixed shuffle: briefs of one kind stand together.
    usort($samples, static fn (array $one, array $other): int => crc32(implode(' ', $one[0])) <=> crc32(implode(' ', $other[0])));
    $weights = [];
    $rate = RATE;
    for ($round = 0; $round < ROUNDS; ++$round, $rate *= SLOWER) {
        foreach ($samples as [$words, $isMeant]) {
            $odds = array_sum(array_map(static fn (string $word): float => $weights[$word] ?? 0.0, $words));
            $step = $rate * (($isMeant ? 1.0 : 0.0) - 1 / (1 + exp(-max(-30.0, min(30.0, $odds))))) * ($isMeant ? COUNTS : 1.0);
            foreach ($words as $word) {
                $weights[$word] = ($weights[$word] ?? 0.0) * (1 - $rate * SHRINK) + $step;
            }
        }
    }

    return array_filter($weights, static fn (float $weight, string $word): bool => '' === $word || abs($weight) >= LEAST_WEIGHT, \ARRAY_FILTER_USE_BOTH);
}

/** @param list<array{list<string>, bool}> $samples as above */
function write(string $file, array $samples): void
{
    $weights = learnt($samples);
    ksort($weights, \SORT_STRING);
    $lines = array_map(static fn (string|int $word, float $weight): string => sprintf("%.2f\t%s", $weight, $word), array_keys($weights), $weights);
    file_put_contents(dirname(__DIR__).'/catalogue/'.$file, "# Written by core/tools/weights.php.\n".implode("\n", $lines)."\n");
    printf("%s: %d sentences, %d of them meant, %d weights\n", $file, count($samples), count(array_filter($samples, static fn (array $sample): bool => $sample[1])), count($weights));
}

$cues = (new CatalogueLoader())->load()->cues();
[$conversation, $segmenter, $splitter, $sources] = [new Conversation($cues), new Segmenter($cues), new SentenceSplitter($cues->takingBack), new SourceReader()];
$refusing = [];
$claiming = [];
foreach (LabelledBrief::fromFolder(dirname(__DIR__).'/tests/fixtures/labelled') as $brief) {
    $source = $sources->read($brief->text, $brief->file, 's1');
    $sentences = $splitter->split($segmenter->segment($conversation->lines($source->text, $source->kind)));
    $refused = array_map(labelWords(...), $brief->labels->strings('refused'));
    $apart = array_map(labelWords(...), $brief->labels->strings('apart'));
    foreach ($sentences as $i => $sentence) {
        if (!$sentence->isSpoken() || null !== $sentence->block->agreed) {
            continue;
        }
        $words = SentenceWords::of($sentence, $sentences[$i + 1] ?? null);
        $text = mb_strtolower($sentence->text);
        if ('page_refusal' !== $sentence->block->topic) {
            $refusing[] = [$words, [] !== array_filter($refused, static fn (array $label): bool => 1.0 === share($label, $text))];
        }
        if ('differentiator' !== $sentence->block->topic) {
            $claiming[] = [$words, [] !== array_filter($apart, static fn (array $label): bool => share($label, $text) >= SHARE)];
        }
    }
}
write('refusing.txt', $refusing);
write('claiming.txt', $claiming);
