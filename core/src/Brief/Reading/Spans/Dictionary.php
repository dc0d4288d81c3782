<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\Reading\WordList;

/** What the dictionaries know of a word; each word is looked up once. */
final class Dictionary
{
    /** @var array<string, array{bool, bool}> by word */
    private array $known = [];

    /**
     * @param string $words that are spelt right, as WordList takes them
     * @param string $names of places and people
     */
    public function __construct(private readonly string $words, private readonly string $names)
    {
    }

    /** @return array{bool, bool} whether the word, in small letters, is spelt right, and whether it is a proper name */
    public function of(string $word): array
    {
        return $this->known[$word] ??= [WordList::holds($this->words, $word), WordList::holds($this->names, $word)];
    }
}
