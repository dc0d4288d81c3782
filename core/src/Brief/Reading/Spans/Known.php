<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Places;

/** The things of one kind that are known already, and where the words stand for something else. */
final class Known
{
    private readonly Places $places;
    /** @var list<Candidate> */
    private array $placed = [];
    /** @var array<string, array<string, string>> the keys by each of their words */
    private array $keys = [];

    /**
     * @param array<Candidate> $read
     * @param list<FactKind>   $instead
     */
    public function __construct(array $read, FactKind $kind, array $instead)
    {
        $this->places = new Places();
        foreach ($read as $candidate) {
            if ($candidate->kind === $kind) {
                $this->add($candidate);
            } elseif (\in_array($candidate->kind, $instead, true)) {
                $this->place($candidate);
            }
        }
    }

    public function add(Candidate $candidate): void
    {
        $this->place($candidate);
        $key = $candidate->key();
        foreach (explode(' ', $key) as $word) {
            $this->keys[$word][$key] = $key;
        }
    }

    /** Whether it is known, part of what is known, or more of it. */
    public function has(Candidate $candidate): bool
    {
        foreach ($this->places->near($candidate) as $number) {
            if ($this->placed[$number]->overlaps($candidate)) {
                return true;
            }
        }
        $words = ' '.$candidate->key().' ';
        foreach (explode(' ', trim($words)) as $word) {
            foreach ($this->keys[$word] ?? [] as $key) {
                if (str_contains(" $key ", $words) || str_contains($words, " $key ")) {
                    return true;
                }
            }
        }

        return false;
    }

    private function place(Candidate $candidate): void
    {
        $this->places->put(\count($this->placed), $candidate);
        $this->placed[] = $candidate;
    }
}
