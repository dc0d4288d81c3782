<?php

declare(strict_types=1);

namespace DunePocket\Brief\Normal\Hours;

/** A piece of what is said of opening hours. */
final readonly class Token
{
    private const SEASON = '(?:easter|spring|summer|autumn|winter|christmas|half[- ]terms?|term[- ]time|school holidays|january|february|march|april|may|june|july|august|september|october|november|december|(?-i:Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sept?|Oct|Nov|Dec)\b)';
    private const LATE = '/\b(?:evening|night|dinner|supper)s?\b/i';
    private const EXCEPT = '(?:except|excluding|excl\.?|but not|apart from|bar|other than|but)(?: for)?(?: on)?(?: the)?\s+';
    private const SHUT = '(?:closed|shut|not open)(?! (?:at|from|for)\b)';

    private function __construct(
        public TokenKind $kind,
        public string $words,
        public int $start,
        public ?Clock $from = null,
        public ?Clock $to = null,
        public bool $inTheEvening = false,
    ) {
    }

    /** @return list<self> in the order they stand in, with places in bytes */
    public static function in(string $text): array
    {
        preg_match_all(self::pattern(), $text, $found, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE | \PREG_UNMATCHED_AS_NULL);
        $tokens = [];
        $end = 0;
        foreach ($found as $match) {
            foreach (TokenKind::cases() as $kind) {
                if (null !== ($match[$kind->value][0] ?? null)) {
                    $token = self::of($kind, $match, 1 === preg_match(self::LATE, substr($text, $end, $match[0][1] - $end)));
                    $tokens[] = $token;
                    $end = $token->end();
                }
            }
        }

        return $tokens;
    }

    public function end(): int
    {
        return $this->start + \strlen($this->words);
    }

    public function isTime(): bool
    {
        return \in_array($this->kind, [TokenKind::Range, TokenKind::Opens, TokenKind::Closes], true);
    }

    /** @param array<array-key, array{?string, int}> $match */
    private static function of(TokenKind $kind, array $match, bool $isLate): self
    {
        $clock = static fn (string $group): ?Clock => null === ($match[$group][0] ?? null) ? null : Clock::of($match[$group][0]);
        [$words, $start] = $match[$kind->value];

        return match ($kind) {
            TokenKind::Range => new self($kind, (string) $words, $start, $clock('a') ?? $clock('c'), $clock('b') ?? $clock('d'), $isLate),
            TokenKind::Opens => new self($kind, (string) $words, $start, $clock('late') ?? $clock('opens_at')),
            TokenKind::Closes => new self($kind, (string) $words, $start, null, $clock('closes_at')),
            default => new self($kind, (string) $words, $start, inTheEvening: 1 === preg_match(self::LATE, (string) $words)),
        };
    }

    private static function pattern(): string
    {
        static $pattern = null;
        if (!\is_string($pattern)) {
            $time = Clock::PATTERN;
            $days = Days::pattern();
            $pattern = '~(?<season>\b(?:else|otherwise|(?:the )?rest of the year|out of season|off[- ]season)\b|\b(?:in (?:the )?|from |during |through )?'.self::SEASON.'(?:\s*(?:-|–|\bto\b|\buntil\b|\btill\b|\bthrough\b)\s*(?:the )?(?:end of )?'.self::SEASON.')?)'
                .'|(?<all_day>\b(?:open |for )?24 hours a day|\bopen 24 hours|(?<=\()24 hours(?=\))|\b24\s?/\s?7\b|\bround the clock\b|\bday and night\b|\ball day\b)'
                .'|(?<holidays>(?:closed (?:on )?)?\b(?:bank|public|national) holidays?\b)'
                .'|(?<except>\b'.self::EXCEPT.$days.')'
                .'|(?<closed>\b'.self::SHUT.'(?: all day)?(?: on| at| every)?(?: the)?\s+'.$days.'|'.$days.'\s*(?::|-|–|=)?\s*(?:we(?:[\'’]re| are) |is |are )?\b'.self::SHUT.'\b)'
                .'|(?<days>'.$days.')'
                ."|(?<range>\\bbetween\\s+(?<a>$time)\\s+and\\s+(?<b>$time)|(?:\\bfrom\\s+)?(?<c>$time)\\s*(?:-|–|—|\\bto\\b|\\btill?\\b|\\buntil\\b|['’]til\\b|\\bthrough\\b|\\bthru\\b)\\s*(?<d>$time))"
                ."|(?<opens>(?:\\bfrom\\s+)?(?<late>$time)\\s*(?:-|–|—|\\bto\\b|\\btill?\\b|\\buntil\\b|['’]til\\b)\\s*late\\b|\\b(?:opens?|opening|from)(?: up)?(?: at| from)?\\s+(?<opens_at>(?>$time))(?!\\s*(?:(?:days?|hours?|to|till?|until|through|thru)\\b|[-–—])))"
                ."|(?<closes>(?:\\b(?:clos(?:es?|ing)|shuts?|finish(?:es)?)(?: up)?(?: again)?(?: at)?|\\buntil|\\btill?|['’]til)\\s+(?<closes_at>$time))~iu";
        }

        return $pattern;
    }
}
