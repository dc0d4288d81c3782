<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Normal\Hours\Token;
use DunePocket\Brief\Normal\Hours\TokenKind;
use DunePocket\Brief\Normal\OpeningHours;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;

/**
 * When it is open: where it was asked for, said of being open, or where a line holds days and times and nothing else.
 * Sentences and lines that go on with it belong to the same fact. When a class or a market is held is none.
 */
final readonly class OpeningHoursRecogniser implements Recogniser
{
    private const ASKED = 0.95;
    private const SAID = 0.9;
    private const MAY_TELL = '~'.OpeningHours::DAYS_SAID.'|\bappointments?\b|\barrangement\b~iu';
    /** Being open, and not an open day, nor what somebody is open to. */
    private const OPEN = '~\b(?:open(?:s|ing)?(?![- ](?:days?|mic|evenings?|nights?|studios?|gym|water|air|houses?|source|plan|fires?|calls?|to|for(?! (?:business|visitors|customers))|about|up (?:the|a|our|to)|rehearsals?|play|access|mat|sessions?|books?|gardens?)\b)|hours|closed|shut|closing|close at|here from)\b~iu';
    private const BY_APPOINTMENT = '~\b(?:only )?by (?:prior )?(?:appointment|arrangement)(?: only)?\b|\bappointment only\b~iu';
    private const VISITS = '~^\W*(?:(?:strictly|visits?|viewings?|visiting|the (?:studio|workshop|showroom|yard|shop)(?: is open)?) )?(?:is |are )?(?:only |strictly )?by (?:prior )?(?:appointment|arrangement)\b~iu';
    private const BARS = '/\s+[|·•]\s+/u';
    /** In bytes: "10-5 April to October" */
    private const RIGHT_BEHIND = 2;
    /** Between two sentences that belong together, in bytes: a line break, a dash, the mark of an item. */
    private const NEAR = 12;

    public function __construct(private Cues $cues)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        $group = [];
        foreach ($this->spoken($reading) as $sentence) {
            $part = $this->partBetweenBars($sentence);
            if (null !== $part) {
                yield $part;
                continue;
            }
            if ([] !== $group && !$this->goesOn($group[\count($group) - 1], $sentence)) {
                yield from $this->candidate($group, $reading);
                $group = [];
            }
            if ([] !== $group || $this->begins($sentence)) {
                $group[] = $sentence;
            }
        }
        yield from $this->candidate($group, $reading);
    }

    /** "3 Mill Bank, Harford | 01632 960 270 | Mon–Fri 8.30–6.30, Sat 9–12" */
    private function partBetweenBars(Sentence $sentence): ?Candidate
    {
        $parts = preg_split(self::BARS, $sentence->text, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [];
        foreach (\count($parts) > 1 ? $parts : [] as [$part, $at]) {
            if (OpeningHours::areAllOf($part) && null !== OpeningHours::read($part)) {
                return new Candidate(FactKind::OpeningHours, Phrase::tidy($part), $sentence->start + $at, \strlen(rtrim($part)), self::SAID);
            }
        }

        return null;
    }

    /** @return list<Sentence> those that may tell when it is open */
    private function spoken(Reading $reading): array
    {
        $numbers = iterator_to_array($reading->search->numbers(self::MAY_TELL), false);
        foreach ($reading->sentences as $number => $sentence) {
            if (FactKind::OpeningHours->value === $sentence->block->topic) {
                $numbers[] = $number;
            }
        }
        sort($numbers);

        return array_values(array_filter(
            array_map(static fn (int $number): Sentence => $reading->sentences[$number], array_values(array_unique($numbers))),
            fn (Sentence $sentence): bool => ($sentence->isSpoken() || BlockKind::Signature === $sentence->block->kind) && !$this->cues->isBlank($sentence->text),
        ));
    }

    private function begins(Sentence $sentence): bool
    {
        return $this->isAsked($sentence) || 1 === preg_match(self::OPEN, $sentence->text) || OpeningHours::areAllOf($sentence->text) || 1 === preg_match(self::VISITS, $sentence->text);
    }

    private function isAsked(Sentence $sentence): bool
    {
        return FactKind::OpeningHours->value === $sentence->block->topic;
    }

    private function goesOn(Sentence $last, Sentence $next): bool
    {
        return $this->begins($next) && $next->start - $last->start - \strlen($last->text) <= self::NEAR;
    }

    /**
     * @param list<Sentence> $group that belong together
     *
     * @return iterable<Candidate>
     */
    private function candidate(array $group, Reading $reading): iterable
    {
        if ([] === $group) {
            return;
        }
        $last = $group[\count($group) - 1];
        $from = $group[0]->start;
        $text = substr($reading->text->text, $from, $last->start + \strlen($last->text) - $from);
        $tokens = Token::in($text);
        $isAsked = $this->isAsked($group[0]);
        if ([] !== $tokens && ($isAsked || null !== OpeningHours::read($text))) {
            [$start, $end] = $this->extent($tokens, $text);
        } elseif (1 === preg_match(self::BY_APPOINTMENT, $text, $m, \PREG_OFFSET_CAPTURE)) {
            [$start, $end] = [(int) $m[0][1], (int) $m[0][1] + \strlen($m[0][0])];
        } else {
            return;
        }
        $words = rtrim(substr($text, $start, $end - $start), " \n.,;");
        yield new Candidate(FactKind::OpeningHours, Phrase::tidy(preg_replace(['/\s*\|?\s*\n[\s*|-]*/u', '/\s*\|\s*/'], ['; ', ' '], $words) ?? $words), $from + $start, \strlen($words), $isAsked ? self::ASKED : self::SAID);
    }

    /**
     * From the first piece to the last, but for a season of which nothing is told; "winter by appointment" goes on to its end.
     *
     * @param non-empty-list<Token> $tokens
     *
     * @return array{int, int}
     */
    private function extent(array $tokens, string $text): array
    {
        $last = $tokens[\count($tokens) - 1];
        if (TokenKind::Season === $last->kind && 1 === preg_match(self::BY_APPOINTMENT, $text, $m, \PREG_OFFSET_CAPTURE, $last->end()) && $m[0][1] - $last->end() <= self::NEAR) {
            return [$tokens[0]->start, (int) $m[0][1] + \strlen($m[0][0])];
        }
        $before = $tokens[\count($tokens) - 2] ?? null;
        $standsAlone = TokenKind::Season === $last->kind && null !== $before && $last->start - $before->end() > self::RIGHT_BEHIND;

        return [$tokens[0]->start, ($standsAlone ? $before : $last)->end()];
    }
}
