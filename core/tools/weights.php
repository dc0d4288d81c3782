<?php

declare(strict_types=1);

// Learns from the labelled briefs and wordings what gives away that a few words name the business, something it offers, a page that
// is asked for or a thing that is refused, and that a sentence asks for a feature, says what the site is for and which goal
// that is, or says what sets the business apart:
// by what is to be seen of the words and around them. Writes the weights into core/catalogue/weights. The briefs held
// back are not looked at. Run after briefs were added: php core/tools/weights.php

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Learning\SparseRegression;
use DunePocket\Brief\Measuring\LabelledBrief;
use DunePocket\Brief\Measuring\Likeness;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Parser;
use DunePocket\Brief\Reading\Recogniser\FeatureRecogniser;
use DunePocket\Brief\Reading\Recogniser\GoalRecogniser;
use DunePocket\Brief\Reading\Spans\SentenceSpans;
use DunePocket\Brief\Reading\Spans\SpanFinder;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Brief\Sources\SourceReader;
use DunePocket\Catalogue\CatalogueLoader;

ini_set('memory_limit', '4G');
require dirname(__DIR__, 2).'/vendor/autoload.php';

const FIXTURES = __DIR__.'/../tests/fixtures';
const FOLDER = __DIR__.'/../catalogue/weights';
const PENALTY = 3.0;
const ROUNDS = 12;
const FEWEST = 4;
/** One in so many of the spans that are none is looked at. */
const SAMPLED = 3;
const LEAST_WEIGHT = 0.1;
/** A feature asked for in fewer sentences is not learnt. */
const RAREST = 15;
/** A sentence that is meant counts as so many others. */
const MEANT_COUNTS = 3.0;
/** What is no goal is looked at in one of so many sentences, to learn which goal one says. */
const GOAL_SAMPLED = 20;
/** Goals are told apart by few words each. */
const GOAL_PENALTY = 0.5;
const GOAL_ROUNDS = 6;
const GOAL_FEWEST = 2;
/** Label and how a span is held against it, by kind of fact. */
const SPANS = [
    'business_name' => ['name', 'sameText'],
    'offering' => ['offerings', 'sameWords'],
    'page_request' => ['pages', 'sameWords'],
    'page_refusal' => ['refused', 'sameWords'],
    'audience' => ['audience', 'sameWords'],
    'avoid_word' => ['avoid', 'sameText'],
];

/** @return list<string> */
function labels(LabelledBrief $brief, string $label): array
{
    return match (true) {
        !$brief->labels->has($label) => [],
        in_array($label, ['name', 'goal'], true) => [$brief->labels->string($label)],
        default => $brief->labels->strings($label),
    };
}

/** @return list<array{string, string}> weight and trait */
function weights(SparseRegression $learner): array
{
    $weights = array_filter($learner->weights(), static fn (float $weight): bool => abs($weight) >= LEAST_WEIGHT);
    ksort($weights, \SORT_STRING);

    return array_map(static fn (string|int $trait, float $weight): array => [sprintf('%.2f', $weight), (string) $trait], array_keys($weights), $weights);
}

/** @param list<array{string, string}> $weights */
function write(string $kind, array $weights): void
{
    file_put_contents(FOLDER."/$kind.txt", "# Written by core/tools/weights.php.\n".implode("\n", array_map(static fn (array $weight): string => implode("\t", $weight), $weights))."\n");
    printf("%s: %d weights\n", $kind, count($weights));
}

/**
 * @param list<array{list<string>, bool}> $sentences the traits of each, and whether it is meant
 *
 * @return list<array{string, string}> weight and trait
 */
function learnt(array $sentences, SparseRegression $learner = new SparseRegression(PENALTY, ROUNDS, FEWEST), float $counts = MEANT_COUNTS): array
{
    foreach ($sentences as [$traits, $isMeant]) {
        $learner->sample([$learner->numbers($traits)], $isMeant, $isMeant ? $counts : 1.0);
    }

    return weights($learner);
}

$catalogue = (new CatalogueLoader())->load();
[$parser, $finder, $sources] = [new Parser($catalogue), SpanFinder::with($catalogue), new SourceReader()];
$recogniser = new FeatureRecogniser($catalogue->cues(), new Negation($catalogue->cues()));
$learners = array_map(static fn (): SparseRegression => new SparseRegression(PENALTY, ROUNDS, FEWEST), SPANS);
$asking = [];
$claiming = [];
$aiming = [];
$goals = [];
$goalRecogniser = new GoalRecogniser($catalogue->cues(), new Negation($catalogue->cues()));
$words = static fn (SentenceSpans $sentence): array => array_values(array_filter($sentence->shared, static fn (string $trait): bool => str_starts_with($trait, 'has ')));

/**
 * @param list<SentenceSpans> $sentences
 * @param list<string>        $labels
 */
$seen = static function (string $kind, array $sentences, string $source, array $labels) use ($learners): void {
    $learner = $learners[$kind];
    $same = SPANS[$kind][1];
    $isOfQuotes = 'avoid_word' === $kind;
    foreach ($sentences as $sentence) {
        $shared = $learner->numbers($sentence->shared);
        foreach ($sentence->spans as $i => $span) {
            $isMeant = [] !== array_filter($labels, static fn (string $meant): bool => Likeness::$same($meant, $span->text));
            if ($isOfQuotes ? $sentence->spans[$i]->isQuoted : $isMeant || 0 === crc32($source.$span->start.$span->text) % SAMPLED) {
                $learner->sample([$shared, $learner->numbers($sentence->traits($i))], $isMeant);
            }
        }
    }
};

/** @return iterable<array{list<string>, list<SentenceSpans>, string}> what is meant, what is to be seen of the wording, the wording */
$wordings = static function (string $kind) use ($finder, $parser): iterable {
    foreach (file(FIXTURES."/wordings/$kind.txt", \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        if ('' !== $line && '#' !== $line[0]) {
            [$meant, $wording] = str_contains($line, ' | ') ? explode(' | ', $line, 2) : ['', $line];
            $wording = str_replace(' ⏎ ', "\n", $wording);
            yield [explode('; ', $meant), iterator_to_array($finder->in($parser->parse(new Source('s1', '', SourceKind::Text, $wording))), false), $wording];
        }
    }
};
foreach (array_keys(SPANS) as $kind) {
    foreach ($wordings($kind) as [$meant, $found, $wording]) {
        $seen($kind, $found, $wording, $meant);
    }
}
foreach ($wordings('offerings-told') as [$meant, $found, $wording]) {
    $seen('offering', $found, $wording, $meant);
}
// These refuse nothing.
foreach (['audience', 'business_name', 'feature', 'goal', 'offering', 'page_request', 'wishes'] as $kind) {
    foreach ($wordings($kind) as [, $found, $wording]) {
        $seen('page_refusal', $found, $wording, []);
    }
}
foreach ($wordings('feature') as [$meant, $found]) {
    if (1 === count($found)) {
        $asking[] = [$found[0]->shared, $meant];
    }
}
foreach ($wordings('differentiator') as [$meant, $found]) {
    foreach ($found as $sentence) {
        $claiming[] = [$sentence->shared, [] !== array_filter($meant, static fn (string $claim): bool => Likeness::shares($claim, $sentence->sentence->text))];
    }
}
foreach ($wordings('goal') as [$meant, $found]) {
    foreach ($found as $sentence) {
        $goals[] = [$words($sentence), $meant[0]];
        if (1 === count($found)) {
            $aiming[] = [$sentence->shared, true];
        }
    }
}
$briefs = LabelledBrief::fromFolder(FIXTURES.'/labelled');
// A fixed shuffle: briefs of one kind stand together.
usort($briefs, static fn (LabelledBrief $one, LabelledBrief $other): int => crc32($one->file) <=> crc32($other->file));
foreach ($briefs as $brief) {
    $reading = $parser->parse($sources->read($brief->text, $brief->file, 's1'));
    $found = iterator_to_array($finder->in($reading), false);
    foreach (SPANS as $kind => [$label]) {
        $seen($kind, $found, $brief->file, labels($brief, $label));
    }
    // Labels do not say where a feature is asked for; what the wordings found does.
    $features = array_filter(iterator_to_array($recogniser->recognise($reading), false), static fn (Candidate $candidate): bool => FactKind::Feature === $candidate->kind && in_array($candidate->value, labels($brief, 'features'), true));
    $goal = labels($brief, 'goal')[0] ?? '';
    $aims = array_filter(iterator_to_array($goalRecogniser->recognise($reading), false), static fn (Candidate $aim): bool => $aim->value === $goal);
    $surest = array_filter($aims, static fn (Candidate $aim): bool => $aim->certainty >= max(array_map(static fn (Candidate $any): float => $any->certainty, $aims)));
    foreach (array_filter($found, static fn (SentenceSpans $sentence): bool => !$sentence->isAsked && $sentence->sentence->isSpoken()) as $spans) {
        $sentence = $spans->sentence;
        $within = array_filter($features, static fn (Candidate $feature): bool => $feature->start >= $sentence->start && $feature->start < $sentence->start + strlen($sentence->text));
        // Nor do they say where the goal is said.
        $isSurest = [] !== array_filter($surest, $sentence->holds(...));
        if ([] !== $surest && ($isSurest || [] === array_filter($aims, $sentence->holds(...)))) {
            $aiming[] = [$spans->shared, $isSurest];
            if ($isSurest || 0 === crc32($brief->file.$sentence->start) % GOAL_SAMPLED) {
                $goals[] = [$words($spans), $isSurest ? $goal : ''];
            }
        }
        $asking[] = [$spans->shared, array_map(static fn (Candidate $feature): string => $feature->value, $within)];
        if ('differentiator' !== $sentence->block->topic) {
            $claiming[] = [$spans->shared, [] !== array_filter(labels($brief, 'apart'), static fn (string $label): bool => Likeness::shares($label, $sentence->text))];
        }
    }
}
foreach (['feature', 'goals'] as $of) {
    is_dir(FOLDER."/$of") || mkdir(FOLDER."/$of", 0o777, true);
}
foreach ($learners as $kind => $learner) {
    write($kind, weights($learner));
}
$times = array_count_values(array_merge(...array_column($asking, 1)));
foreach (array_keys(array_filter($times, static fn (int $times): bool => $times >= RAREST)) as $feature) {
    write("feature/$feature", learnt(array_map(static fn (array $sentence): array => [$sentence[0], in_array($feature, $sentence[1], true)], $asking)));
}
write('differentiator', learnt($claiming));
write('goal', learnt($aiming));
foreach (array_keys($catalogue->goals()) as $goal) {
    write("goals/$goal", learnt(array_map(static fn (array $sentence): array => [$sentence[0], $sentence[1] === $goal], $goals), new SparseRegression(GOAL_PENALTY, GOAL_ROUNDS, GOAL_FEWEST), 1.0));
}
