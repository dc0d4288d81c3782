<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Conversing;

use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Role;
use DunePocket\Catalogue\Cues;

/** Finds what stands beneath a message: the signature, and the small print beneath that. */
final readonly class Signatures
{
    private const DISCLAIMER = '/^\s*(?:this (?:e-?mail|message)(?: and any attachments?)?\b.{0,60}\b(?:confidential|intended|privileged)|confidentiality notice|please consider the environment|disclaimer:|virus[- ]free)/iu';
    private const CONTACT = '/@[\p{L}\d\-]+\.|\bwww\.|https?:|(?:\+|\(?0)[\d][\d\s()\-.]{7,}|\b[A-Z]{1,2}\d[A-Z\d]?\s?\d[A-Z]{2}\b|\(\d{3}\)\s?\d{3}/u';
    private const LINES = 12;
    private const LENGTH = 70;
    private const WORDS_OF_A_SENTENCE = 3;

    public function __construct(private Cues $cues)
    {
    }

    /**
     * @param list<Line> $message
     *
     * @return list<Line> the same lines; signature and small print know what they are
     */
    public function marked(array $message): array
    {
        $end = $this->disclaimer($message) ?? \count($message);
        $from = $this->start(\array_slice($message, 0, $end)) ?? $end;
        $marked = [];
        foreach ($message as $i => $line) {
            $marked[] = match (true) {
                !$line->isClients(), $i < $from => $line,
                $i >= $end => $line->spokenBy(Role::Frame),
                default => $line->spokenBy(Role::Signature),
            };
        }

        return $marked;
    }

    /** @param list<Line> $message */
    private function disclaimer(array $message): ?int
    {
        foreach ($message as $i => $line) {
            if (1 === preg_match(self::DISCLAIMER, $line->text)) {
                return $i;
            }
        }

        return null;
    }

    /** @param list<Line> $message */
    private function start(array $message): ?int
    {
        $words = array_keys(array_filter($message, static fn (Line $line): bool => !$line->isBlank() && Role::Frame !== $line->role));
        $tail = \array_slice($words, -self::LINES);
        foreach ($tail as $i) {
            $bare = trim($message[$i]->text);
            if ('--' === $bare || str_starts_with($message[$i]->text, '-- ') || ($i !== $words[0] && $this->cues->isSignOff($bare))) {
                return $i;
            }
        }
        $start = $this->contactsFrom($message, $tail);

        return null !== $start && $start !== $words[0] && !$this->isLabelled($message[$start]->text) && $message[$start - 1]->isBlank() ? $start : null;
    }

    /**
     * Where the lines at the end begin that are names and ways to reach somebody; null when none says how.
     *
     * @param list<Line> $message
     * @param list<int>  $tail    the last lines with words, by number
     */
    private function contactsFrom(array $message, array $tail): ?int
    {
        $start = null;
        $contacts = 0;
        foreach (array_reverse($tail) as $i) {
            $bare = trim($message[$i]->text);
            $isContact = 1 === preg_match(self::CONTACT, $bare);
            if (mb_strlen($bare) > self::LENGTH || ($isContact ? $this->isSentence($bare) : !$this->isNameLike($bare))) {
                break;
            }
            $contacts += $isContact ? 1 : 0;
            $start = $i;
        }

        return $contacts > 0 ? $start : null;
    }

    /** "It must feel warm. Telephone 01632 960611." says more than how to reach somebody. */
    private function isSentence(string $text): bool
    {
        return 1 === preg_match('/\p{Ll}{3,}[.!?]\s+\S/u', $text) || preg_match_all('/\b(?!tel|phone|mobile|fax|email|web|www)\p{Ll}{2,}\b(?!@|\.\p{L})/u', preg_replace('/\S*(?:@|www\.|https?:)\S*/u', '', $text) ?? $text) > self::WORDS_OF_A_SENTENCE;
    }

    private function isLabelled(string $text): bool
    {
        return 1 === preg_match('/^\s*[\p{L}\s\/&-]{2,30}:/u', $text);
    }

    /** "Anna Pettifer", "Unit 4, Old Brewery Yard": capitals, no sentence. */
    private function isNameLike(string $text): bool
    {
        return 1 === preg_match('/^(?:(?:[\p{Lu}\d(][\p{L}\d.\'’&()\/-]*|of|the|and|&|for|on|in|\||[–—-]),?\s*){1,9}$/u', $text) && 1 !== preg_match('/[.!?]$/', $text);
    }
}
