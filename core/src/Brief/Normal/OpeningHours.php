<?php

declare(strict_types=1);

namespace DunePocket\Brief\Normal;

use DunePocket\Brief\Normal\Hours\Stretch;
use DunePocket\Brief\Normal\Hours\Timetable;
use DunePocket\Brief\Normal\Hours\Token;
use DunePocket\Brief\Normal\Hours\TokenKind;

/**
 * Opening hours as clients write them, as days and times, and back as clean text. What is written for programs follows
 * the openingHours property of schema.org: "Mo-Fr 09:00-17:00", "Tu,Th 16:00-20:00"; times by ISO 8601.
 */
final readonly class OpeningHours
{
    /** What a sentence has to hold to tell days, for a larger pattern that ignores case. */
    public const DAYS_SAID = '\b(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\b|\b(?-i:Mo|Tu|We|Th|Fr|Sa|Su)\s?[-–,:\d]|\bM\s?[-–]\s?F\b|\bweekdays?\b|\bweekends?\b|\bdaily\b|\bevery ?day\b|\bdays\b|\b24\b|\bround the clock\b';
    private const BESIDE = '~[^\p{L}]+|\b(?:and|or|on|at|the|we|re|are|is|in|until|till|to|from|of|all|year|round|also|only|hours?|open|opening|times?|uhr|am|pm|breakfast|lunch|dinner|bar|kitchen|shop|office|doors|public|usually|normally|mainly|late|last orders|days?|a|an|we[\'’]re|here|stay)\b~iu';
    private const FEW_LETTERS = 2;

    /** @param non-empty-list<Stretch> $stretches */
    private function __construct(public array $stretches)
    {
    }

    /** Null when there are no days with times in it. */
    public static function read(string $text): ?self
    {
        $stretches = Timetable::of($text);

        return [] === $stretches ? null : new self($stretches);
    }

    /** Whether a line tells days with times, or days closed, and hardly a letter beside them. */
    public static function areAllOf(string $line): bool
    {
        if (1 !== preg_match('~'.self::DAYS_SAID.'~iu', $line)) {
            return false;
        }
        $tokens = Token::in($line);
        $rest = $line;
        foreach (array_reverse($tokens) as $token) {
            $rest = substr_replace($rest, ' ', $token->start, \strlen($token->words));
        }

        return [] !== array_filter($tokens, static fn (Token $token): bool => $token->isTime() || \in_array($token->kind, [TokenKind::Closed, TokenKind::AllDay], true))
            && mb_strlen(preg_replace(self::BESIDE, '', $rest) ?? $rest) <= self::FEW_LETTERS;
    }

    /**
     * @return list<string> one for each stretch that holds all year, which is what the property can say: "Mo-Fr 09:00-17:00"; none
     *                      when it was not said when it closes, as the rest would be half the truth
     */
    public function toSchema(): array
    {
        $isHalf = [] !== array_filter($this->stretches, static fn (Stretch $stretch): bool => $stretch->isOpenEnded());
        $allYear = array_values(array_filter($this->stretches, static fn (Stretch $stretch): bool => '' === $stretch->season));

        return $isHalf ? [] : array_map(static fn (Stretch $stretch): string => $stretch->toSchema(), $allYear);
    }

    public function toText(): string
    {
        $told = [];
        foreach ($this->stretches as $stretch) {
            $told[$stretch->when()][] = $stretch->times();
        }

        return implode('; ', array_map(static fn (string $when, array $times): string => $when.' '.implode(' and ', $times), array_keys($told), $told));
    }
}
