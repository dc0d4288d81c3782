<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Conversing;

use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Role;
use DunePocket\Catalogue\Cues;

/** Messages of a thread, the newest first, each with what it answers quoted beneath. */
final readonly class Thread
{
    private const WROTE = '/^\s*(?:>\s*)*(?:On\s.{5,120}\bwrote:|Am\s.{5,80}\bschrieb.{0,60}:)\s*$/u';
    private const ORIGINAL = '/^[-_\s]*(?:original message|forwarded message|begin forwarded message:?)[-_\s]*$/iu';
    private const HEAD = '/^\s*(?:>\s*)*(?<field>From|To|Cc|Bcc|Sent|Date|Subject|Re|Reply-To)\s*:\s*(?<value>.*)$/iu';
    private const GREETING = '/^(?:hi|hiya|hello|hey|dear|(?:good )?(?:morning|afternoon|evening))\s+(?<name>\p{Lu}\p{L}+)\b/iu';
    /** "-> Who is it for?", above the answer */
    private const MARKED = '/^\s*(?:->|→|=>|»)\s*(?=\S)/u';
    private const FEWEST_MARKED = 3;
    private const QUOTED = '/^(?:\s*>)+ ?/';
    /** Other fields of a head stand this many lines away at most. */
    private const NEAR = [-2, -1, 1, 2, 3];
    private const FIRST_LINES = 3;

    private Signatures $signatures;
    private AnswersInside $answers;

    public function __construct(private Cues $cues)
    {
        $this->signatures = new Signatures($cues);
        $this->answers = new AnswersInside($cues);
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<Line>
     */
    public function lines(array $lines): array
    {
        $messages = $this->messages($lines);
        if ($this->agreesToAll($messages[0])) {
            $messages[1] = array_map(static fn (Line $line): Line => Role::Other === $line->role ? $line->spokenBy(Role::Client) : $line, $messages[1] ?? []);
        }

        return array_merge([], ...array_map($this->signatures->marked(...), $this->answers->marked($messages)));
    }

    /**
     * @param list<Line> $lines
     *
     * @return non-empty-list<list<Line>>
     */
    private function messages(array $lines): array
    {
        $into = new Messages($this->greeted($lines));
        $inHead = false;
        $quoted = $this->marksQuestions($lines) ? self::MARKED : self::QUOTED;
        foreach ($lines as $i => $line) {
            $isHead = $this->isHead($lines, $i, $inHead);
            if (1 === preg_match(self::WROTE, $line->text) || 1 === preg_match(self::ORIGINAL, $line->text)) {
                $into->quote($line);
                continue;
            }
            if ($isHead && 1 === preg_match(self::HEAD, $line->text, $m)) {
                $into->head($line, strtolower($m['field']), $m['value'], !$inHead && $i > 0);
            } else {
                $into->say($line, 1 === preg_match($quoted, $line->text, $m) ? \strlen($m[0]) : 0);
            }
            $inHead = $isHead;
        }

        return $into->messages();
    }

    /**
     * Whether arrows mark the questions, rather than the answers.
     *
     * @param list<Line> $lines
     */
    private function marksQuestions(array $lines): bool
    {
        $marked = array_filter($lines, static fn (Line $line): bool => 1 === preg_match(self::MARKED, $line->text));
        $asking = array_filter($marked, static fn (Line $line): bool => str_ends_with(rtrim($line->text), '?'));

        return \count($marked) >= self::FEWEST_MARKED && 2 * \count($asking) >= \count($marked);
    }

    /**
     * "Yes to all of that, except the blog": what the designer summed up is as good as said by the client.
     *
     * @param list<Line> $message
     */
    private function agreesToAll(array $message): bool
    {
        return [] !== array_filter($message, fn (Line $line): bool => $line->isClients() && 1 === preg_match($this->cues->agreesToAll, $line->text));
    }

    /** @param list<Line> $lines */
    private function isHead(array $lines, int $i, bool $inHead): bool
    {
        if (1 !== preg_match(self::HEAD, $lines[$i]->text, $m)) {
            return false;
        }
        $near = array_filter(self::NEAR, static fn (int $step): bool => isset($lines[$i + $step]) && 1 === preg_match(self::HEAD, $lines[$i + $step]->text));

        return $inHead || [] !== $near || ($i < self::FIRST_LINES && 'subject' === strtolower($m['field']));
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
            if (1 === preg_match(self::GREETING, $line->text, $m)) {
                $names[] = mb_strtolower($m['name']);
            }
        }

        return $names;
    }
}
