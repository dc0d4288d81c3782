<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Brief\Reading\WordList;
use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** Reads core/catalogue; compiles it into one PHP file that OPcache can hold. */
final readonly class CatalogueLoader
{
    private const FILES = ['page-kinds', 'own-pages', 'section-kinds', 'menu-order', 'phrasing', 'reasons', 'findings', 'effort', 'sample-copy', 'slots'];
    /** What an entry says of itself alone. */
    private const OWN = ['general' => true, 'called' => true];
    private const BRIEF = ['cues', 'patterns', 'refusals', 'unwilling', 'taking-back', 'answers', 'told-answers', 'page-names', 'page-wordings', 'offering-names', 'offering-wordings', 'offering-frames', 'topics', 'kinds', 'goals', 'tones', 'features', 'questions', 'doubts', 'usual-answers', 'voice', 'languages'];
    private const WORD_LISTS = ['words', 'names', 'people', 'adjectives', 'trades'];
    private const WEIGHTS = ['goal', 'business_name', 'offering', 'page_request', 'page_refusal', 'audience', 'avoid_word', 'differentiator'];
    private const WEIGHTS_OF_EACH = ['feature', 'goals'];
    private const FOLDERS = ['business-kinds', 'layouts'];

    /**
     * @param string  $folder   with the YAML files
     * @param ?string $compiled where the compiled file is kept; null to parse every time
     */
    public function __construct(
        private string $folder = __DIR__.'/../../catalogue',
        private ?string $compiled = null,
    ) {
    }

    /** @throws InvalidData when a file is broken */
    public function load(): Catalogue
    {
        if (null === $this->compiled) {
            return new Catalogue(new Node($this->parse()));
        }
        if (!is_file($this->compiled) || filemtime($this->compiled) < $this->newest()) {
            $this->compile();
        }

        return new Catalogue(new Node(is_file($this->compiled) ? require $this->compiled : $this->parse()));
    }

    /** Writes the compiled file; a folder that cannot be written to is no error, parsing just takes longer. */
    public function compile(): void
    {
        if (null === $this->compiled) {
            return;
        }
        $folder = \dirname($this->compiled);
        if (!is_dir($folder) && !@mkdir($folder, 0o777, true) && !is_dir($folder)) {
            return;
        }
        $temporary = $this->compiled.'.'.getmypid();
        if (false !== @file_put_contents($temporary, "<?php\n\nreturn ".var_export($this->parse(), true).";\n")) {
            rename($temporary, $this->compiled);
        }
    }

    /** @return array<string, mixed> */
    private function parse(): array
    {
        $data = ['brief' => []];
        foreach (self::FILES as $name) {
            $data[$name] = $this->file($name);
        }
        foreach (self::BRIEF as $name) {
            $data['brief'][$name] = $this->file("brief/$name");
        }
        foreach (self::FOLDERS as $name) {
            $data[$name] = [];
            foreach (glob($this->folder."/$name/*.yaml") ?: [] as $path) {
                $data[$name] += (array) $this->file($name.'/'.basename($path, '.yaml'));
            }
        }
        $data['business-kinds'] = $this->withLikeness($data['business-kinds']);
        foreach (self::WORD_LISTS as $name) {
            $data[$name] = (string) file_get_contents($this->folder."/$name.txt");
        }
        foreach (self::WEIGHTS as $kind) {
            $data['weights'][$kind] = WordWeights::parse((string) file_get_contents($this->folder."/weights/$kind.txt"));
        }
        foreach (self::WEIGHTS_OF_EACH as $of) {
            foreach (glob($this->folder."/weights/$of/*.txt") ?: [] as $path) {
                $data['weights'][$of][basename($path, '.txt')] = WordWeights::parse((string) file_get_contents($path));
            }
        }
        $data['vocabulary'] = $this->vocabulary($data['words'], [array_diff_key($data['brief'], ['voice' => true, 'languages' => true]), $data['business-kinds'], $data['page-kinds'] ?? []]);

        return $data;
    }

    /**
     * The words that briefs are made of: those the catalogue itself is written in. Stems from patterns are among them.
     *
     * @param array<mixed> $data
     *
     * @return array<string, bool> whether the dictionary holds them
     */
    private function vocabulary(string $dictionary, array $data): array
    {
        $words = [];
        array_walk_recursive($data, static function (mixed $text) use (&$words, $dictionary): void {
            preg_match_all('/(?<![a-z])[a-z]{4,}(?![a-z])/', preg_replace('/\\\\[a-zA-Z]/', ' ', \is_string($text) ? strtolower($text) : '') ?? '', $found);
            foreach ($found[0] as $word) {
                $words[$word] ??= WordList::holds($dictionary, $word);
            }
        });

        return $words;
    }

    /**
     * An entry that says what it is like takes over from there what it does not say itself.
     *
     * @param array<mixed> $entries
     *
     * @return array<mixed>
     *
     * @throws InvalidData when an entry is like none, or in the end like itself
     */
    private function withLikeness(array $entries): array
    {
        foreach ($entries as $id => $entry) {
            $seen = [$id];
            while (\is_array($entry) && \is_string($like = $entry['like'] ?? null)) {
                if (!\is_array($entries[$like] ?? null) || \in_array($like, $seen, true)) {
                    throw new InvalidData(\sprintf('In the catalogue, %s is said to be like %s.', $id, $like));
                }
                $seen[] = $like;
                unset($entry['like']);
                $entry += array_diff_key($entries[$like], self::OWN);
            }
            $entries[$id] = $entry;
        }

        return $entries;
    }

    private function file(string $name): mixed
    {
        try {
            return Yaml::parseFile($this->folder."/$name.yaml");
        } catch (ParseException $e) {
            throw new InvalidData(\sprintf('The catalogue file %s cannot be read: %s', $name, $e->getMessage()), 0, $e);
        }
    }

    private function newest(): int
    {
        $files = array_merge(...array_map(fn (string $depth): array => glob($this->folder.$depth) ?: [], ['/*', '/*/*', '/*/*/*']));

        return max([0, ...array_map(static fn (string $path): int => (int) filemtime($path), $files)]);
    }
}
