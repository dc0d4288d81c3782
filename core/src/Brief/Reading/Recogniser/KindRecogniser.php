<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\BusinessKind;

/** The business kind, named or betrayed by the words of the trade. */
final readonly class KindRecogniser implements Recogniser
{
    private const STRONG = 3.0;
    private const NAMED = 4.0;
    private const ASIDE = 0.3;
    private const EARLY = 1.5;
    private const ASKED = 4.0;
    private const EVIDENCE_NEEDED = 3.0;
    private const MOST_FROM_ONE_WORD = 2;
    /** What a business is, is said within the first ten thousand words; in bytes. */
    private const FAR_ENOUGH = 60_000;

    /** @param list<BusinessKind> $kinds */
    public function __construct(private array $kinds)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        $best = null;
        foreach ($this->kinds as $kind) {
            $evidence = $this->evidence($kind, $reading);
            if (null !== $evidence && (null === $best || $evidence[0] > $best[0])) {
                $best = [...$evidence, $kind];
            }
        }
        if (null === $best || $best[0] < self::EVIDENCE_NEEDED) {
            return;
        }
        [$score, $start, $length, $strong, $kind] = $best;
        yield new Candidate(
            FactKind::BusinessKind,
            $kind->label,
            $start,
            $length,
            $strong ? 0.9 : min(0.5, 0.2 + $score / 20),
            $strong ? Origin::Stated : Origin::Inferred,
            ['kind' => $kind->id, 'schema' => $kind->schema],
        );
    }

    /** @return array{float, int, int, bool}|null score, start and length of the best word in bytes, and whether it was named */
    private function evidence(BusinessKind $kind, Reading $reading): ?array
    {
        $score = 0.0;
        $best = null;
        $bestWeight = 0.0;
        $seen = [];
        foreach ($this->found($kind, $reading) as [$number, $word, $offset, $weight]) {
            $sentence = $reading->sentences[$number];
            $key = mb_strtolower($word);
            $seen[$key] = ($seen[$key] ?? 0) + 1;
            if ($seen[$key] > self::MOST_FROM_ONE_WORD) {
                continue;
            }
            $here = $weight * $this->relevance($sentence, $offset);
            if (self::STRONG === $here && $this->isNaming($sentence->text, $offset)) {
                $here += self::NAMED;
            }
            if (self::STRONG === $here && ($number < 3 || 'business_kind' === $sentence->block->topic)) {
                $here += 'business_kind' === $sentence->block->topic ? self::ASKED : self::EARLY;
            }
            $score += $here;
            if ($here > $bestWeight) {
                $bestWeight = $here;
                $best = [$sentence->start + $offset, \strlen($word)];
            }
        }

        return null === $best ? null : [$score, $best[0], $best[1], $bestWeight >= self::STRONG];
    }

    /** @return list<array{int, string, int, float}> number of the sentence, the word, its offset there in bytes, its weight; as they come in the text */
    private function found(BusinessKind $kind, Reading $reading): array
    {
        $found = [];
        $text = mb_strcut($reading->text->text, 0, self::FAR_ENOUGH);
        foreach ([[$kind->names, self::STRONG], [$kind->words, 1.0]] as [$pattern, $weight]) {
            preg_match_all($pattern ?? '/(*FAIL)/', $text, $matches, \PREG_OFFSET_CAPTURE);
            foreach ($matches[0] as [$word, $start]) {
                $number = $reading->sentenceAt($start, \strlen($word));
                $sentence = $reading->sentences[$number ?? -1] ?? null;
                if (null !== $number && null !== $sentence && ($sentence->isSpoken() || BlockKind::Signature === $sentence->block->kind)) {
                    $found[] = [$number, $word, $start - $sentence->start, $weight];
                }
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $found;
    }

    /** Whom they serve and which pages they want says little about what they are. */
    private function relevance(Sentence $sentence, int $offset): float
    {
        if (\in_array($sentence->block->topic, ['audience', 'page_request', 'page_refusal', 'competitor', 'feature', 'tone', 'avoid_word'], true)) {
            return self::ASIDE;
        }
        $before = substr($sentence->text, 0, $offset);
        if ($sentence->isRefused() || 1 === preg_match('/\b(?:no|not|forget|drop|don[\'’]?t (?:think (?:we|i) )?(?:need|want))(?: an?| the)?\s*$/iu', $before)) {
            return self::ASIDE;
        }

        return 1 === preg_match('/\b(?:at|in|near|above|behind|opposite) (?:the|a|our local)\s*$/iu', $before) || 1 === preg_match('/\b(?:customers|clients|people who|work for|sell to|supply|used by|for|like|unlike|near|next to|above|opposite)\b[^.;]{0,60}$/iu', $before) && 1 !== preg_match('/\b(?:site|website|page|brief)\b/iu', $before) ? self::ASIDE : 1.0;
    }

    private function isNaming(string $sentence, int $offset): bool
    {
        return 1 === preg_match('/\b(?:we|i|is|we[\'’]re|i[\'’]m|are|am|run|own|runs|opened|started)\b(?:\s+(?:an?|the|am|are|called|also|own|run|small|little|new|family[- ]run|independent|community[- ]run|busy|local|traditional|friendly|mobile|freelance|registered|qualified|online|specialist|two|one|[\p{L}]+[- ](?:based|owned|run)|[\p{L}\-]+)){0,4}\s+$/iu', substr($sentence, 0, $offset));
    }
}
