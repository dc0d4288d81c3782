<?php

declare(strict_types=1);

// Writes out the words of the British and the American Hunspell dictionaries (SCOWL, by way of the npm packages
// dictionary-en-gb and dictionary-en, MIT and BSD) into core/catalogue/words.txt, and those that are
// written with a capital, without it, into names.txt; one to a line, sorted by bytes.
// Run after the packages change: php core/tools/words.php

const SHORTEST = 3;
/** Trade marks and jargon that look like common words or names; the speller leaves such words alone. */
const LEFT_OUT = '/^(?:frame(?=rs?$)|transcrip(?=ts?$)|gutenb(?=erg$)|mir(?=o$))/';

/** @return array<string, array{bool, list<array{string, string, string}>}> by flag: may be combined, and rules of strip, add and condition */
function affixes(string $file, string $type): array
{
    $affixes = [];
    foreach (file($file, \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        $parts = preg_split('/\s+/', trim($line)) ?: [];
        if (($parts[0] ?? '') !== $type) {
            continue;
        }
        if (4 === count($parts)) {
            $affixes[$parts[1]] = ['Y' === $parts[2], []];
        } else {
            [, $flag, $strip, $add, $condition] = $parts;
            $affixes[$flag][1][] = ['0' === $strip ? '' : $strip, '0' === $add ? '' : explode('/', $add)[0], $condition];
        }
    }

    return $affixes;
}

/** @return list<string> */
function withSuffixes(string $word, string $flags, array $suffixes, bool $combined = false): array
{
    $made = [];
    foreach (str_split($flags) as $flag) {
        foreach ($suffixes[$flag][1] ?? [] as [$strip, $add, $condition]) {
            if ((!$combined || $suffixes[$flag][0]) && 1 === preg_match("/$condition$/", $word)) {
                $made[] = substr($word, 0, strlen($word) - strlen($strip)).$add;
            }
        }
    }

    return $made;
}

/** @return iterable<string> */
function words(string $folder): iterable
{
    $suffixes = affixes("$folder/index.aff", 'SFX');
    $prefixes = affixes("$folder/index.aff", 'PFX');
    foreach (array_slice(file("$folder/index.dic", \FILE_IGNORE_NEW_LINES) ?: [], 1) as $line) {
        [$word, $flags] = explode('/', trim($line)) + [1 => ''];
        if (str_contains($flags, 'c') || str_contains($flags, '!')) {
            continue;
        }
        yield $word;
        yield from withSuffixes($word, $flags, $suffixes);
        foreach ('' === $flags ? [] : str_split($flags) as $flag) {
            foreach ($prefixes[$flag][1] ?? [] as [, $add, $condition]) {
                if (1 === preg_match("/^$condition/", $word)) {
                    yield $add.$word;
                    yield from withSuffixes($add.$word, $flags, $suffixes, true);
                }
            }
        }
    }
}

/** @param array<string, true> $known */
function write(string $file, array $known): void
{
    $words = array_map(strval(...), array_keys($known));
    sort($words, \SORT_STRING);
    file_put_contents(dirname(__DIR__).'/catalogue/'.$file, "\n".implode("\n", $words)."\n");
    printf("%s: %d words.\n", $file, count($words));
}

$modules = dirname(__DIR__, 2).'/web/node_modules';
$known = [];
$names = [];
foreach (['dictionary-en-gb', 'dictionary-en'] as $package) {
    foreach (words("$modules/$package") as $word) {
        if (1 === preg_match(LEFT_OUT, strtolower($word))) {
            continue;
        }
        if (1 === preg_match('/^[a-z]{'.SHORTEST.',}$/', $word)) {
            $known[$word] = true;
        } elseif (1 === preg_match('/^[A-Z][a-z]{'.SHORTEST.',}$/', $word)) {
            $names[strtolower($word)] = true;
        }
    }
}
write('words.txt', $known);
write('names.txt', array_diff_key($names, $known));
