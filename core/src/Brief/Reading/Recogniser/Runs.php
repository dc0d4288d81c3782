<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\Reading\Sentence;

/** Sentences in a row that are nothing but names: "Crane hire. Contract lifts. Machinery moving." */
final class Runs
{
    private const LEAST = 3;

    /**
     * @param list<Sentence>                      $sentences
     * @param callable(Sentence): bool            $isName
     * @param ?callable(Sentence, Sentence): bool $goesOn    whether a sentence may follow the one before it; always when null
     *
     * @return iterable<list<array{string, int}>> three names or more that belong together, with where they begin in bytes
     */
    public static function of(array $sentences, callable $isName, ?callable $goesOn = null): iterable
    {
        $run = [];
        foreach ([...$sentences, null] as $sentence) {
            $before = end($run);
            if (null !== $sentence && $isName($sentence) && (false === $before || null === $goesOn || $goesOn($sentence, $before))) {
                $run[] = $sentence;
                continue;
            }
            if (\count($run) >= self::LEAST) {
                yield array_map(static fn (Sentence $name): array => [trim($name->text, " .!\n"), $name->start], $run);
            }
            $run = null !== $sentence && $isName($sentence) ? [$sentence] : [];
        }
    }

    /** Whether both stand in one block of the source. */
    public static function inOneBlock(Sentence $sentence, Sentence $before): bool
    {
        return $sentence->block === $before->block;
    }
}
