// Writes the reference counts that core/tests hold the core's against:
// syllables by the CMU pronouncing dictionary, words, sentences and syllables by text-readability.
import { readFileSync, writeFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';
import readability from 'text-readability';

const folder = new URL('../../core/tests/fixtures/language/', import.meta.url);
const words = readFileSync(new URL('../../core/catalogue/words.txt', import.meta.url), 'utf8');
const EVERY = 18;

const known = words.split('\n').filter((word) => /^[a-z]{2,}$/.test(word) && dictionary[word]);
const lines = known
  .filter((_, i) => i % EVERY === 0)
  .map(
    (word) =>
      `${word}\t${[word, `${word}(2)`, `${word}(3)`]
        .filter((entry) => dictionary[entry])
        .map((entry) => dictionary[entry].match(/\d/g)?.length ?? 1)
        .join(' ')}`,
  );
writeFileSync(new URL('syllables.tsv', folder), `${lines.join('\n')}\n`);

const texts = JSON.parse(readFileSync(new URL('texts.json', folder), 'utf8'));
for (const text of texts) {
  text.words = readability.lexiconCount(text.text);
  text.sentences = readability.sentenceCount(text.text);
  text.syllables = readability.syllableCount(text.text);
}
writeFileSync(new URL('texts.json', folder), `${JSON.stringify(texts, null, 2)}\n`);
