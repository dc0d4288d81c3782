<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\SourceKind;
use DunePocket\Catalogue\Cues;

/** Tells whose words the lines of a source are: messages of a thread, signatures, speakers of a call. */
final readonly class Conversation
{
    private const WROTE = '/^\s*(?:>\s*)*(?:On\s.{5,120}\bwrote:|Am\s.{5,80}\bschrieb.{0,60}:)\s*$/u';
    private const ORIGINAL = '/^[-_\s]*(?:original message|forwarded message|begin forwarded message:?)[-_\s]*$/iu';
    private const HEAD = '/^\s*(?:>\s*)*(From|To|Cc|Bcc|Sent|Date|Subject|Reply-To)\s*:\s*(.*)$/iu';
    private const DISCLAIMER = '/^\s*(?:this (?:e-?mail|message)(?: and any attachments?)?\b.{0,60}\b(?:confidential|intended|privileged)|confidentiality notice|please consider the environment|disclaimer:|virus[- ]free)/iu';
    private const CONTACT = '/@[\p{L}\d\-]+\.|\bwww\.|https?:|(?:\+|\(?0)[\d][\d\s()\-.]{7,}|\b[A-Z]{1,2}\d[A-Z\d]?\s?\d[A-Z]{2}\b|\(\d{3}\)\s?\d{3}/u';
    private const LONGEST_SIGNATURE = 12;
    /** Speakers called by what they are; otherwise a word that asks for something is a label. */
    private const ROLES = '/^(?:client|customer|owner|designer|interviewer|agency|me|you)$/iu';
    private const FEWEST_TURNS = 6;
    private const FEWEST_STAMPS = 3;
    /** The time before a turn: "12:04", "[10:02]", "4/5/26, 10:02 - ", "[10:02, 12/01/2026]". */
    private const MOMENT = '\[?(?:\d{1,2}[.\/-]\d{1,2}(?:[.\/-]\d{2,4})?,?\s+)?\d{1,2}:\d\d(?::\d\d)?(?:\s?[ap]m)?(?:,\s+\d{1,2}[.\/-]\d{1,2}(?:[.\/-]\d{2,4})?)?\]?\s+(?:-\s+)?';
    private const STAMP = '/^'.self::MOMENT.'/iu';
    private const SPEAKER = '/^('.self::MOMENT.')?([\p{L}][\p{L}\s.\'’-]{0,30}(?:\([\p{L}\s]{2,20}\))?):\s+(?=\S)/u';

    public function __construct(private Cues $cues)
    {
    }

    /** @return list<Line> */
    public function lines(string $text, SourceKind $kind): array
    {
        $lines = $this->split($text);

        return match (true) {
            SourceKind::Call === $kind => $this->speakers($lines, array_filter($this->turnsBySpeaker($lines), fn (int $count, string $speaker): bool => $count > 1 || 1 === preg_match(self::ROLES, $speaker) || null === $this->cues->topic($speaker), \ARRAY_FILTER_USE_BOTH)),
            $this->isDialogue($lines) => $this->speakers($lines, array_filter($this->turnsBySpeaker($lines, true), static fn (int $count): bool => $count > 1)),
            default => $this->messages($lines),
        };
    }

    /**
     * Notes that say who spoke, or when: most lines start with one of two or three names, or with a time.
     *
     * @param list<Line> $lines
     */
    private function isDialogue(array $lines): bool
    {
        $turns = $this->turnsBySpeaker($lines, true);
        $written = \count(array_filter($lines, static fn (Line $line): bool => !$line->isBlank()));
        $stamped = \count(array_filter($lines, static fn (Line $line): bool => 1 === preg_match(self::STAMP, $line->text)));
        if ($stamped >= self::FEWEST_STAMPS && $stamped > 0.6 * $written) {
            return true;
        }
        $repeated = array_filter($turns, static fn (int $count): bool => $count > 2);

        return \count($repeated) >= 2 && \count($turns) <= 4 && array_sum($repeated) >= self::FEWEST_TURNS && array_sum($repeated) > 0.6 * $written;
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<Line>
     */
    private function messages(array $lines): array
    {
        $age = 0;
        $sender = null;
        $greeted = $this->greeted($lines);
        $other = false;
        $inHead = false;
        $quotedSince = false;
        $messages = [[]];
        foreach ($lines as $i => $line) {
            if (1 === preg_match(self::WROTE, $line->text) || 1 === preg_match(self::ORIGINAL, $line->text)) {
                $other = null === $sender ? $this->isGreeted($line->text, $greeted) : $this->isAnother($line->text, $sender);
                ++$age;
                $quotedSince = false;
                $messages[] = [];
                $messages[$age][] = new Line($line->start, $line->text, $age, Role::Frame);
                continue;
            }
            if ($this->isHead($lines, $i, $inHead)) {
                if (!$inHead && $i > 0 && $this->hasWords($messages[$age])) {
                    ++$age;
                    $messages[] = [];
                }
                $inHead = true;
                if (1 === preg_match(self::HEAD, $line->text, $m) && 'from' === strtolower($m[1])) {
                    $other = $this->isAnother($m[2].' wrote', $sender);
                    $sender ??= $m[2];
                }
                $messages[$age][] = new Line($line->start, $other ? '' : $line->text, $age, Role::Frame);
                continue;
            }
            $inHead = false;
            $quoted = 1 === preg_match('/^(?:\s*>)+ ?/', $line->text, $m) ? \strlen($m[0]) : 0;
            $bare = substr($line->text, $quoted);
            $answersBelow = 0 === $quoted && '' !== trim($bare) && $quotedSince;
            $quotedSince = $quotedSince || $quoted > 0;
            $lineAge = match (true) {
                $quoted > 0 => max(1, $age),
                $answersBelow => max(0, $age - 1),
                default => $age,
            };
            $asks = $quoted > 0 && str_ends_with(rtrim($bare), '?');
            $messages[$age][] = new Line($line->start + $quoted, $bare, $lineAge, ($other && !$answersBelow) || $asks ? Role::Other : Role::Client);
        }

        if ($this->agreesToAll($messages[0])) {
            $messages[1] = array_map(static fn (Line $line): Line => Role::Other === $line->role ? new Line($line->start, $line->text, $line->age) : $line, $messages[1] ?? []);
        }

        return array_merge([], ...array_map($this->withoutSignature(...), $messages));
    }

    /**
     * "Yes to all of that, except the blog": what the designer summed up is as good as said by the client.
     *
     * @param list<Line> $message
     */
    private function agreesToAll(array $message): bool
    {
        return [] !== array_filter($message, fn (Line $line): bool => Role::Client === $line->role && 1 === preg_match($this->cues->agreesToAll, $line->text));
    }

    /** @param list<Line> $message */
    private function hasWords(array $message): bool
    {
        foreach ($message as $line) {
            if (!$line->isBlank() && Role::Frame !== $line->role) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Line> $lines */
    private function isHead(array $lines, int $i, bool $inHead): bool
    {
        if (1 !== preg_match(self::HEAD, $lines[$i]->text, $m)) {
            return false;
        }
        $others = 0;
        foreach ([-2, -1, 1, 2, 3] as $step) {
            $others += isset($lines[$i + $step]) && 1 === preg_match(self::HEAD, $lines[$i + $step]->text) ? 1 : 0;
        }

        return $inHead || $others > 0 || ($i < 3 && 'subject' === strtolower($m[1]));
    }

    /**
     * Whom the client's own words greet: "Morning Tess,".
     *
     * @param list<Line> $lines
     *
     * @return list<string> first names in lower case
     */
    private function greeted(array $lines): array
    {
        $names = [];
        foreach ($lines as $line) {
            if (1 === preg_match('/^(?:hi|hiya|hello|hey|dear|(?:good )?(?:morning|afternoon|evening))\s+(\p{Lu}\p{L}+)\b/iu', $line->text, $m)) {
                $names[] = mb_strtolower($m[1]);
            }
        }

        return $names;
    }

    /** @param list<string> $greeted first names in lower case */
    private function isGreeted(string $words, array $greeted): bool
    {
        return [] !== array_filter($greeted, static fn (string $name): bool => 1 === preg_match('/\b'.preg_quote($name, '/').'\b/iu', $words));
    }

    private function isAnother(string $words, ?string $sender): bool
    {
        if (null === $sender || '' === trim($words)) {
            return false;
        }
        preg_match_all('/[\p{L}]{3,}/u', mb_strtolower($sender), $known);
        preg_match_all('/[\p{L}]{3,}/u', mb_strtolower($words), $these);
        $known = array_diff($known[0], ['com', 'example', 'wrote', 'hello', 'info']);

        return 1 === preg_match('/@|wrote/i', $words) && [] === array_intersect($known, $these[0]);
    }

    /**
     * @param list<Line> $message
     *
     * @return list<Line>
     */
    private function withoutSignature(array $message): array
    {
        $end = \count($message);
        foreach ($message as $i => $line) {
            if (1 === preg_match(self::DISCLAIMER, $line->text)) {
                $end = $i;
                break;
            }
        }
        $from = $this->signatureStart(\array_slice($message, 0, $end));
        $marked = [];
        foreach ($message as $i => $line) {
            $role = match (true) {
                Role::Client !== $line->role => $line->role,
                $i >= $end => Role::Frame,
                null !== $from && $i >= $from => Role::Signature,
                default => $line->role,
            };
            $marked[] = new Line($line->start, $line->text, $line->age, $role);
        }

        return $marked;
    }

    /** @param list<Line> $message */
    private function signatureStart(array $message): ?int
    {
        $words = array_keys(array_filter($message, static fn (Line $line): bool => !$line->isBlank() && Role::Frame !== $line->role));
        $tail = \array_slice($words, -self::LONGEST_SIGNATURE);
        foreach ($tail as $i) {
            $bare = trim($message[$i]->text);
            if ('--' === $bare || str_starts_with($message[$i]->text, '-- ') || ($this->cues->isSignOff($bare) && $i !== $words[0])) {
                return $i;
            }
        }
        $start = null;
        $contacts = 0;
        foreach (array_reverse($tail) as $i) {
            $bare = trim($message[$i]->text);
            $isContact = 1 === preg_match(self::CONTACT, $bare);
            if (mb_strlen($bare) > 70 || ($isContact ? $this->isSentence($bare) : !$this->isNameLike($bare))) {
                break;
            }
            $contacts += $isContact ? 1 : 0;
            $start = $i;
        }

        return null !== $start && $contacts > 0 && $start !== $words[0] && !$this->isLabelled($message[$start]->text) && $message[$start - 1]->isBlank() ? $start : null;
    }

    /** "It must feel warm. Telephone 01632 960611." says more than how to reach somebody. */
    private function isSentence(string $text): bool
    {
        return 1 === preg_match('/\p{Ll}{3,}[.!?]\s+\S/u', $text) || preg_match_all('/\b(?!tel|phone|mobile|fax|email|web|www)\p{Ll}{2,}\b(?!@|\.\p{L})/u', preg_replace('/\S*(?:@|www\.|https?:)\S*/u', '', $text) ?? $text) > 3;
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

    /**
     * @param list<Line> $lines
     * @param bool       $notLabels in notes, what asks for something is a label and no speaker
     *
     * @return array<string, int> by what stands before a colon
     */
    private function turnsBySpeaker(array $lines, bool $notLabels = false): array
    {
        $turns = [];
        foreach ($lines as $line) {
            if (1 === preg_match(self::SPEAKER, $line->text, $m) && !($notLabels && null !== $this->cues->topic(trim($m[2])))) {
                $speaker = mb_strtolower(trim($m[2]));
                $turns[$speaker] = ($turns[$speaker] ?? 0) + 1;
            }
        }

        return $turns;
    }

    /**
     * @param list<Line>         $lines
     * @param array<string, int> $turns by speaker; others who stand before a colon are none
     *
     * @return list<Line>
     */
    private function speakers(array $lines, array $turns): array
    {
        $asked = [];
        $said = [];
        $named = [];
        $speaker = '';
        foreach ($lines as $i => $line) {
            if (1 === preg_match(self::SPEAKER, $line->text, $m) && isset($turns[mb_strtolower(trim($m[2]))])) {
                $speaker = mb_strtolower(trim($m[2]));
            }
            $named[$i] = $speaker;
            $said[$speaker] = ($said[$speaker] ?? 0) + ($line->isBlank() ? 0 : 1);
            $asked[$speaker] = ($asked[$speaker] ?? 0) + substr_count($line->text, '?');
        }
        $designer = null;
        foreach (\count($said) < 2 ? [] : $said as $name => $count) {
            $share = $asked[$name] / max(1, $count) + (1 === preg_match('/design|studio|agency|interview/', (string) $name) ? 10 : 0);
            if ($share > ($designer[1] ?? 0.0)) {
                $designer = [(string) $name, $share];
            }
        }
        $heard = [];
        foreach ($lines as $i => $line) {
            $lead = (1 === preg_match(self::SPEAKER, $line->text, $m) && isset($turns[mb_strtolower(trim($m[2]))])) || 1 === preg_match(self::STAMP, $line->text, $m) ? \strlen($m[0]) : 0;
            if ($lead > 0) {
                $heard[] = new Line($line->start, '', 0, Role::Client);
            }
            $isDesigner = null === $designer ? str_ends_with(rtrim($line->text), '?') : $named[$i] === $designer[0];
            $heard[] = new Line($line->start + $lead, substr($line->text, $lead), 0, $isDesigner ? Role::Other : Role::Client);
        }

        return $heard;
    }

    /** @return list<Line> */
    private function split(string $text): array
    {
        $lines = [];
        $start = 0;
        foreach (explode("\n", $text) as $line) {
            $lines[] = new Line($start, $line);
            $start += \strlen($line) + 1;
        }

        return $lines;
    }
}
