<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\Affinities;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Catalogue\BusinessKind;

/**
 * The business kind, named or betrayed by the words of the trade. A word counts by where it stands: in the business's
 * own name, where it says what it is, among what it offers, or anywhere else. Where several kinds have such words, all
 * other words of the text tell, by what labelled briefs taught about them.
 */
final readonly class KindRecogniser
{
    /** What a word is worth by its place: one that names the kind, one of the trade. */
    private const WORTH = [
        'name' => ['names' => 8.0, 'words' => 2.0],
        'self' => ['names' => 7.0, 'words' => 1.2],
        'early' => ['names' => 4.5, 'words' => 1.0],
        'offer' => ['names' => 3.5, 'words' => 1.2],
        'said' => ['names' => 2.0, 'words' => 0.7],
        'aside' => ['names' => 0.7, 'words' => 0.25],
    ];
    /** What each further word of a match adds: "first aid training" says more than "training". */
    private const LONGER = 0.5;
    /** A general kind gives way to a particular one. */
    private const GENERAL = 0.6;
    /** From this on the kind was named rather than betrayed. */
    private const NAMED = 3.0;
    private const EVIDENCE_NEEDED = 1.3;
    /** What the weights of all words of the text count beside the words that stand for the kind. */
    private const LEARNT = 0.22;
    private const MOST_FROM_ONE_WORD = 2;

    /** @param list<BusinessKind> $kinds */
    public function __construct(private array $kinds, private Affinities $trades)
    {
    }

    /**
     * @param list<Candidate> $read what else was read, names and offerings among it
     *
     * @return iterable<Candidate> one, or none where nothing tells
     */
    public function recognise(Reading $reading, array $read): iterable
    {
        $best = null;
        $places = new TradeWordPlaces($reading, $read);
        $learnt = $this->trades->of($reading->beginning());
        $highest = 0.0;
        foreach ($this->kinds as $kind) {
            $evidence = $this->evidence($kind, $reading, $places);
            if (null === $evidence) {
                continue;
            }
            [$found] = $evidence;
            $highest = max($highest, $found);
            $score = $found + self::LEARNT * ($learnt[$kind->id] ?? 0.0);
            if (null === $best || $score > $best[0]) {
                $best = [$score, ...$evidence, $kind];
            }
        }
        if (null === $best || $highest < self::EVIDENCE_NEEDED) {
            return;
        }
        [, $score, $start, $length, $named, $kind] = $best;
        yield new Candidate(
            FactKind::BusinessKind,
            $named ? $kind->calledBy(substr($reading->text->text, $start, $length).' '.$places->businessName) : $kind->label,
            $start,
            $length,
            $named ? 0.9 : min(0.5, 0.2 + $score / 20),
            $named ? Origin::Stated : Origin::Inferred,
            ['kind' => $kind->id, 'schema' => $kind->schema],
        );
    }

    /** @return array{float, int, int, bool}|null score, start and length of the best word in bytes, and whether it was named */
    private function evidence(BusinessKind $kind, Reading $reading, TradeWordPlaces $places): ?array
    {
        $score = 0.0;
        $best = null;
        $bestWorth = 0.0;
        $seen = [];
        foreach ($this->found($kind, $reading) as [$number, $word, $start, $sort]) {
            $key = mb_strtolower($word);
            $seen[$key] = ($seen[$key] ?? 0) + 1;
            if ($seen[$key] > self::MOST_FROM_ONE_WORD) {
                continue;
            }
            $worth = self::WORTH[$places->of($number, $start, \strlen($word), 'names' === $sort)][$sort] + self::LONGER * (str_word_count($word) - 1);
            $score += $worth;
            if ($worth > $bestWorth) {
                $bestWorth = $worth;
                $best = [$start, \strlen($word)];
            }
        }

        return null === $best ? null : [$kind->general ? self::GENERAL * $score : $score, $best[0], $best[1], $bestWorth >= self::NAMED];
    }

    /** @return list<array{int, string, int, 'names'|'words'}> number of the sentence, the word, its start in bytes, its sort; as they come in the text */
    private function found(BusinessKind $kind, Reading $reading): array
    {
        $found = [];
        $text = $reading->beginning();
        foreach (['names' => $kind->names, 'words' => $kind->words] as $sort => $pattern) {
            if (null === $pattern || !$reading->search->mayStand($pattern)) {
                continue;
            }
            preg_match_all($pattern, $text, $matches, \PREG_OFFSET_CAPTURE);
            foreach ($matches[0] as [$word, $start]) {
                $number = $reading->sentenceAt($start, \strlen($word));
                $sentence = $reading->sentences[$number ?? -1] ?? null;
                $isKnown = [] !== array_filter($found, static fn (array $other): bool => $start < $other[2] + \strlen($other[1]) && $other[2] < $start + \strlen($word));
                if (null !== $number && null !== $sentence && !$isKnown && ($sentence->isSpoken() || BlockKind::Signature === $sentence->block->kind)) {
                    $found[] = [$number, $word, $start, $sort];
                }
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $found;
    }
}
