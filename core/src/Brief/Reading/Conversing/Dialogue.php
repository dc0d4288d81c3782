<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Conversing;

use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Role;
use DunePocket\Catalogue\Cues;

/** Speech written down with who spoke, or when, before each turn: calls, chats, notes of a talk. */
final readonly class Dialogue
{
    /** Speakers called by what they are; otherwise a word that asks for something is a label. */
    private const ROLES = '/^(?:client|customer|owner|designer|interviewer|agency|me|you)$/iu';
    private const DESIGNER = '/design|studio|agency|interview/';
    private const FEWEST_TURNS = 6;
    private const FEWEST_STAMPS = 3;
    /** Where nobody is named, and fewer than one line in so many asks, somebody speaks alone. */
    private const SHARE_OF_QUESTIONS = 6;
    private const MOST_SPEAKERS = 4;
    private const MOST_LINES = 0.6;
    /** The time before a turn: "12:04", "[10:02]", "4/5/26, 10:02 - ", "[10:02, 12/01/2026]", "[Mon 18:02]". */
    private const MOMENT = '\[?(?:(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?,?\s+)?(?:\d{1,2}[.\/-]\d{1,2}(?:[.\/-]\d{2,4})?,?\s+)?\d{1,2}:\d\d(?::\d\d)?(?:\s?[ap]m)?(?:,\s+\d{1,2}[.\/-]\d{1,2}(?:[.\/-]\d{2,4})?)?\]?\s+(?:-\s+)?';
    /** A label asks once; "Owner" before so many lines speaks. */
    private const OFTEN = 4;
    private const STAMP = '/^'.self::MOMENT.'/iu';
    /** "Q: name", "A: Rook & Raven" */
    private const OF_QUESTIONNAIRE = '/^(?:q|a|question|answer|ques|ans)$/iu';
    private const SPEAKER = '/^('.self::MOMENT.')?(?<speaker>[\p{L}][\p{L}\s.\'’-]{0,30}(?<= )\d{1,2}|[\p{L}][\p{L}\s.\'’-]{0,30}(?:\([\p{L}\s]{2,20}\))?):\s+(?=\S)/iu';
    /** "<v Colin>We make sails.": the voice tag of WebVTT (W3C Recommendation), copied without the times. */
    private const VOICE = '/^(?:'.self::MOMENT.')?<v(?:\.[^ >]*)?\s+(?<speaker>[^>]{1,30})>\s*/iu';
    /** ">> Who rings you?": captions mark that the other speaks, and do not say who. */
    private const OTHER_SPEAKS = '/^(?:'.self::MOMENT.')?>>+\s*(?=\S)/iu';
    private const QUOTED = '/^\s*>(?!>)/u';
    /** "Lena: who are your pupils" */
    private const ASKS_UNMARKED = '/^[^:]{1,30}:\s+(?:(?:and|so|ok|okay|right|then)[, ]+)*(?:who|what|where|how|which|do you|are you|would you|is there|any)\b[^.!]*$/iu';
    /** Of the lines of who asks without question marks, more than this share do. */
    private const ASKS_MOSTLY = 0.4;
    private const EITHER = ['>', '>>'];

    private const CLOCK = '\d{1,2}[:.]\d\d(?:[:.]\d\d)?(?:\s?[ap]\.?m\.?)?';
    /** "priya  9:05 AM", "00:00:09 Tobi Adeyemi", alone in its line: who speaks in those below. */
    private const HEAD = '/^\s*(?:(?<speaker>\p{L}[\p{L}\d_.\'’ -]{0,30}?)\s{1,4}[\[(]?(?:(?:today|yesterday)(?: at)? )?'.self::CLOCK.'[\])]?|[\[(]?'.self::CLOCK.'[\])]?\s+(?<named>(?-i:\p{Lu})[\p{L}\'’-]*(?: (?-i:\p{Lu})[\p{L}.\'’-]*){0,3}):?)\s*$/iu';

    public function __construct(private Cues $cues)
    {
    }

    /**
     * Whether most lines start with one of two or three names, or with a time.
     *
     * @param list<Line> $lines
     */
    public function isOne(array $lines): bool
    {
        $written = \count(array_filter($lines, static fn (Line $line): bool => !$line->isBlank()));
        $stamped = \count(array_filter($lines, static fn (Line $line): bool => 1 === preg_match(self::STAMP, $line->text)));
        if ($stamped >= self::FEWEST_STAMPS && $stamped > self::MOST_LINES * $written) {
            return true;
        }
        if ($this->marksOtherSpeaker($lines, $written)) {
            return true;
        }
        $turns = $this->turnsBySpeaker($lines, true);
        $repeated = array_filter($turns, static fn (int $count): bool => $count > 2);
        $spoken = array_sum($repeated);

        return \count($repeated) > 1 && \count($turns) <= self::MOST_SPEAKERS && $spoken >= self::FEWEST_TURNS && $spoken > self::MOST_LINES * $written;
    }

    /**
     * Whether lines begin with what says that the other speaks, and none is quoted as mail is.
     *
     * @param list<Line> $lines
     */
    private function marksOtherSpeaker(array $lines, int $written): bool
    {
        $marked = array_filter($lines, static fn (Line $line): bool => 1 === preg_match(self::OTHER_SPEAKS, $line->text));
        $quoted = array_filter($lines, static fn (Line $line): bool => 1 === preg_match(self::QUOTED, $line->text));

        return \count($marked) >= self::FEWEST_TURNS && \count($marked) > self::MOST_LINES * $written && [] === $quoted;
    }

    /**
     * Whether the name of who speaks and the time stand alone above each turn.
     *
     * @param list<Line> $lines
     */
    public function isHeaded(array $lines): bool
    {
        $heads = array_map($this->head(...), $lines);
        $names = array_filter($heads, static fn (?string $name, int $i): bool => null !== $name && isset($lines[$i + 1]) && !$lines[$i + 1]->isBlank() && null === $heads[$i + 1], \ARRAY_FILTER_USE_BOTH);

        return \count($names) >= self::FEWEST_TURNS && \in_array(\count(array_unique($names)), range(2, self::MOST_SPEAKERS), true);
    }

    /**
     * The turns of a chat whose speakers stand above them.
     *
     * @param list<Line> $lines
     *
     * @return list<Line> an empty one instead of each head
     */
    public function ofHeaded(array $lines): array
    {
        $named = [];
        $speaker = '';
        foreach ($lines as $i => $line) {
            $speaker = $this->head($line) ?? $speaker;
            $named[$i] = $speaker;
        }
        $designer = $this->designer($lines, $named);

        return array_map(fn (Line $line, int $i): Line => null === $this->head($line) ? new Line($line->start, $line->text, 0, $named[$i] === $designer ? Role::Other : Role::Client) : new Line($line->start, ''), $lines, array_keys($lines));
    }

    private function head(Line $line): ?string
    {
        return 1 === preg_match(self::HEAD, $line->text, $m) ? mb_strtolower(trim($m['speaker'].($m['named'] ?? ''))) : null;
    }

    /**
     * The turns of a call, where a speaker may speak once.
     *
     * @param list<Line> $lines
     *
     * @return list<Line>
     */
    public function ofCall(array $lines): array
    {
        return $this->heard($lines, array_filter($this->turnsBySpeaker($lines), fn (int $count, string $speaker): bool => $count > 1 || 1 === preg_match(self::ROLES, $speaker) || null === $this->cues->topic($speaker), \ARRAY_FILTER_USE_BOTH));
    }

    /**
     * The turns of notes, where what asks for something is a label and no speaker.
     *
     * @param list<Line> $lines
     *
     * @return list<Line>
     */
    public function ofNotes(array $lines): array
    {
        return $this->heard($lines, array_filter($this->turnsBySpeaker($lines, true), static fn (int $count): bool => $count > 1));
    }

    /**
     * @param list<Line> $lines
     *
     * @return array<string, int> by what stands before a colon
     */
    private function turnsBySpeaker(array $lines, bool $notLabels = false): array
    {
        $turns = [];
        foreach ($lines as $line) {
            $speaker = $this->speaker($line);
            if (null !== $speaker) {
                $turns[$speaker] = ($turns[$speaker] ?? 0) + 1;
            }
        }

        return $notLabels ? array_filter($turns, fn (int $count, string $speaker): bool => $count >= self::OFTEN || null === $this->cues->topic($speaker), \ARRAY_FILTER_USE_BOTH) : $turns;
    }

    private function speaker(Line $line): ?string
    {
        if (1 === preg_match(self::VOICE, $line->text, $m)) {
            return mb_strtolower(trim($m['speaker']));
        }

        return 1 === preg_match(self::SPEAKER, $line->text, $m) && 1 !== preg_match(self::OF_QUESTIONNAIRE, trim($m['speaker'])) ? mb_strtolower(trim($m['speaker'])) : null;
    }

    /**
     * @param list<Line>         $lines
     * @param array<string, int> $turns by speaker; others who stand before a colon are none
     *
     * @return list<Line> without names and times, each with whose words it holds; an empty line before each turn
     */
    private function heard(array $lines, array $turns): array
    {
        $named = $this->named($lines, $turns);
        $designer = $this->designer($lines, $named);
        $isAlone = self::SHARE_OF_QUESTIONS * \count(array_filter($lines, $this->asks(...))) < \count(array_filter($lines, static fn (Line $line): bool => !$line->isBlank()));
        $heard = [];
        $isDesigner = false;
        foreach ($lines as $i => $line) {
            $lead = $this->lead($line, $turns);
            if ($lead > 0) {
                $heard[] = new Line($line->start, '');
            }
            $isDesigner = null === $designer ? !$isAlone && ($this->asks($line) || $this->suggests($line, $lines[$i + 1] ?? null)) && !($isDesigner && $this->tells($line)) : $named[$i] === $designer;
            $heard[] = new Line($line->start + $lead, substr($line->text, $lead), 0, $isDesigner ? Role::Other : Role::Client);
        }

        return $heard;
    }

    /**
     * @param list<Line>         $lines
     * @param array<string, int> $turns by speaker
     *
     * @return array<int, string> who speaks, by number of the line
     */
    private function named(array $lines, array $turns): array
    {
        $named = [];
        $speaker = '';
        foreach ($lines as $i => $line) {
            $said = $this->speaker($line);
            $speaker = match (true) {
                isset($turns[$said ?? '']) => (string) $said,
                1 === preg_match(self::OTHER_SPEAKS, $line->text) => self::EITHER[$speaker === self::EITHER[0] ? 1 : 0],
                default => $speaker,
            };
            $named[$i] = $speaker;
        }

        return $named;
    }

    /**
     * The designer is who asks most, line by line, unless a name says who it is.
     *
     * @param list<Line>         $lines
     * @param array<int, string> $named who speaks, by number of the line
     *
     * @return ?string null when one alone speaks, or nobody asks
     */
    private function designer(array $lines, array $named): ?string
    {
        $said = array_count_values(array_intersect_key($named, array_filter($lines, static fn (Line $line): bool => !$line->isBlank())));
        if (\count(array_unique($named)) < 2) {
            return null;
        }
        $called = array_values(array_filter(array_keys($said), static fn (int|string $name): bool => 1 === preg_match(self::DESIGNER, (string) $name)));

        return [] !== $called ? (string) $called[0] : $this->asksMost($lines, $named, $said);
    }

    /**
     * @param list<Line>            $lines
     * @param array<int, string>    $named who speaks, by number of the line
     * @param array<array-key, int> $said  how many lines, by who speaks
     */
    private function asksMost(array $lines, array $named, array $said): ?string
    {
        $isMarked = [] !== array_filter($lines, static fn (Line $line): bool => str_contains($line->text, '?'));
        $designer = null;
        $most = $isMarked ? 0.0 : self::ASKS_MOSTLY;
        foreach ($said as $name => $count) {
            $asked = array_map(static fn (Line $line): int => $isMarked ? substr_count($line->text, '?') : (int) preg_match(self::ASKS_UNMARKED, $line->text), array_intersect_key($lines, array_intersect($named, [(string) $name])));
            if (array_sum($asked) / $count > $most) {
                [$designer, $most] = [(string) $name, array_sum($asked) / $count];
            }
        }

        return $designer;
    }

    /** "Home, past jobs and contact. Is that too many?": an answer, though it asks back. */
    private function tells(Line $line): bool
    {
        return 1 === preg_match('/[.!]\s+[^.!]+\?\s*$/u', $line->text);
    }

    private function asks(Line $line): bool
    {
        return str_ends_with(rtrim($line->text), '?') || $this->cues->answers->tellsToTell($this->words($line));
    }

    /** "Some nurseries have a webcam.", and the next line says yes or no to it. */
    private function suggests(Line $line, ?Line $next): bool
    {
        return null !== $next && $this->cues->answers->suggests($this->words($line)) && null !== $this->cues->answers->agrees($line->text, $this->words($next));
    }

    private function words(Line $line): string
    {
        return preg_replace(self::STAMP, '', trim($line->text)) ?? $line->text;
    }

    /**
     * How many bytes of the line say who speaks, or when.
     *
     * @param array<string, int> $turns
     */
    private function lead(Line $line, array $turns): int
    {
        $marks = isset($turns[$this->speaker($line) ?? '']) ? [self::VOICE, self::SPEAKER] : [self::OTHER_SPEAKS, self::STAMP];
        foreach ($marks as $mark) {
            if (1 === preg_match($mark, $line->text, $m)) {
                return \strlen($m[0]);
            }
        }

        return 0;
    }
}
