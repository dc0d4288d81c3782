<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\FactKind;

/** How far an answer goes: where one list is asked for, a whole sentence after it speaks of something else. */
final readonly class AnswerExtent
{
    /** What is asked for is one list. */
    private const LISTS = ['page_request', 'offering', 'audience', 'avoid_word', 'keyphrase', 'page_count', 'page_limit', 'business_name'];
    private const SENTENCE = '/^(?=(?-i:\p{Lu}))(?=.*\b(?:we|i|it|they|you|is|are|was|has|have|should|must|would)\b)/iu';
    /** A sentence that leaves the list of what is offered, or of who comes. */
    private const SPEAKS_OF_ELSE = '/^you (?!name\b)|^(?:we|i|it|they|you|he|she|our|my|people|customers|clients|everything|everyone|the (?:web)?site|this|please|in(?! (?:particular|addition)\b))\b(?=.*\b(?:we|i|it|they|you|is|are|was|has|have|should|must|would|do|does|can|will|need|want)\b)|\b(?:web ?site|pages?)\b/iu';
    /** "the thing is our creek has no current" */
    private const CHANGES_SUBJECT = '/^(?:(?:but |and |so |oh,? )?(?:(?:the |only )?thing is|btw|by the way|point is|truth is|tbh|to be honest)\b|oh,? and (?:i|we|it)\b)/iu';
    /** "A page about the teachers.", "And contact." */
    private const ONE_MORE = '/^(?:and )?(?:(?:the|our|my) )?[\p{L} ]{3,20} (?:i|we) (?:cover|serve|do|make|offer|sell|teach)\.?$|^(?:how|what|where|who|why|when) (?:it|we|to|you|they|things)\b(?: [\p{L}’\']+){0,3}\.?$|^(?:and |plus |also |oh,? |then |maybe |probably )*(?:an? |one )?pages?\b|^(?:and|plus|then|also|oh,? and)\s+(?:\S+\s+){0,2}\S+\.?$|^(?:and )?(?:our |the |where |how )?\p{L}+(?: \p{L}+){0,3}, with\b|^(?!nothing|no more|none)(?=(?-i:\p{Lu}))(?:the |our )?[\p{L}’\']+(?: \p{L}+)?\.$|^(?!(?:we|i|it|they|you|he|she|nothing|none|no)\b)(?:the |our )?[\p{L}’\']+(?: [\p{L}’\']+){0,3}, (?:so|because|obviously|of course|since|for|where|naturally)\b|^(?!(?:we|i|it|they|you|he|she|nothing|none|no)\b)(?:the |our )?[\p{L}’\']+(?: [\p{L}’\']+){0,3} (?:[–—-] |on (?:its|their) own\b|(?:wants?|needs?|gets?|deserves?) (?:an? |its |their ))/iu';
    private const NAME_WORDS = 4;
    private const COUNTS = '/^(?:about |maybe |so |no more than |at most |not more than |up to |max(?:imum)? |around |roughly |probably )?(?:\d|one|two|three|four|five|six|seven|eight|nine|ten)\b/iu';

    /** Whether what is asked for is a list. */
    public function isOfLists(?string $topic): bool
    {
        return \in_array($topic, self::LISTS, true);
    }

    /** Whether a line is a sentence of its own and no item of a list. */
    public function isSentence(string $text): bool
    {
        return 1 === preg_match(self::SENTENCE, $text);
    }

    /** Whether a paragraph after the list of what is offered, or of who comes, speaks of something else. */
    public function isLeftBehind(?string $topic, string $next): bool
    {
        return \in_array($topic, [FactKind::Offering->value, FactKind::Audience->value], true) && 1 === preg_match(self::CHANGES_SUBJECT, $next);
    }

    /** How many bytes of the text answer what was asked: its first sentence, and those that go on with its list. */
    public function bytes(string $text, ?string $topic): int
    {
        if (null === $topic || !$this->isOfLists($topic)) {
            return \strlen($text);
        }
        preg_match_all('/(?<=[.!?])\s+(?=\p{Lu}|\d)|\n(?=\p{Lu}[^\n]{20,}[.!]$)/um', $text, $ends, \PREG_OFFSET_CAPTURE);
        foreach ($ends[0] as [$space, $end]) {
            $next = $this->first(substr($text, (int) $end + \strlen($space)));
            if ($this->isLeft($topic, substr($text, 0, (int) $end), $next)) {
                return (int) $end;
            }
        }

        return \strlen($text);
    }

    /** Whether the next sentence leaves the list that the ones before it hold. */
    private function isLeft(string $topic, string $before, string $next): bool
    {
        return match ($topic) {
            FactKind::PageRequest->value => 1 !== preg_match(self::COUNTS, $next) && 1 !== preg_match(self::ONE_MORE, $next) && ($this->isSentence($next) || str_contains($this->first($before), ',') || (str_contains($before, ',') && str_word_count($next) > self::NAME_WORDS)),
            FactKind::Offering->value, FactKind::Audience->value => 1 === preg_match(self::SPEAKS_OF_ELSE, $next),
            default => $this->isSentence($next),
        };
    }

    /** "Living here. Fees – openly, please.": a list that begins with one name has one in each sentence. */
    private function first(string $text): string
    {
        return preg_replace('/\([^)]*\)/u', '', preg_split('/(?<=[.!?])\s/u', $text)[0] ?? $text) ?? $text;
    }
}
