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
        $patterns = array_values(array_filter(
            [[$kind->names, self::STRONG], [$kind->words, 1.0]],
            static fn (array $pattern): bool => null !== $pattern[0] && 1 === preg_match($pattern[0], $reading->text->text),
        ));
        foreach ([] === $patterns ? [] : $reading->sentences as $number => $sentence) {
            if (!$sentence->isSpoken() && BlockKind::Signature !== $sentence->block->kind) {
                continue;
            }
            foreach ($patterns as [$pattern, $weight]) {
                preg_match_all((string) $pattern, $sentence->text, $matches, \PREG_OFFSET_CAPTURE);
                foreach ($matches[0] as [$word, $offset]) {
                    $key = mb_strtolower($word);
                    $seen[$key] = ($seen[$key] ?? 0) + 1;
                    if ($seen[$key] > self::MOST_FROM_ONE_WORD) {
                        continue;
                    }
                    $here = $weight * $this->relevance($sentence, (int) $offset);
                    if (self::STRONG === $here && $this->isNaming($sentence->text, (int) $offset)) {
                        $here += self::NAMED;
                    }
                    if (self::STRONG === $here && ($number < 3 || 'business_kind' === $sentence->block->topic)) {
                        $here += 'business_kind' === $sentence->block->topic ? self::ASKED : self::EARLY;
                    }
                    $score += $here;
                    if ($here > $bestWeight) {
                        $bestWeight = $here;
                        $best = [$sentence->start + (int) $offset, \strlen($word)];
                    }
                }
            }
        }

        return null === $best ? null : [$score, $best[0], $best[1], $bestWeight >= self::STRONG];
    }

    /** Whom they serve and which pages they want says little about what they are. */
    private function relevance(Sentence $sentence, int $offset): float
    {
        if (\in_array($sentence->block->topic, ['audience', 'page_request', 'page_refusal', 'competitor', 'feature', 'tone', 'avoid_word'], true)) {
            return self::ASIDE;
        }
        $before = substr($sentence->text, 0, $offset);

        return 1 === preg_match('/\b(?:at|in|near|above|behind|opposite) (?:the|a|our local)\s*$/iu', $before) || 1 === preg_match('/\b(?:customers|clients|people who|work for|sell to|supply|used by|for|like|unlike|near|next to|above|opposite)\b[^.;]{0,60}$/iu', $before) && 1 !== preg_match('/\b(?:site|website|page|brief)\b/iu', $before) ? self::ASIDE : 1.0;
    }

    private function isNaming(string $sentence, int $offset): bool
    {
        return 1 === preg_match('/\b(?:we|i|is|we[\'’]re|i[\'’]m|are|am|run|own|runs|opened|started)\b(?:\s+(?:an?|the|am|are|called|also|own|run|small|little|new|family[- ]run|independent|community[- ]run|busy|local|traditional|friendly|mobile|freelance|registered|qualified|online|specialist|two|one|[\p{L}]+[- ](?:based|owned|run)|[\p{L}\-]+)){0,4}\s+$/iu', substr($sentence, 0, $offset));
    }
}
