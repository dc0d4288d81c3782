<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Conversing;

use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Role;
use DunePocket\Catalogue\Cues;

/** "My answers are in your mail below": in the message before, what stands under a question of the designer's is the client's. */
final readonly class AnswersInside
{
    /** In letters: a line as short says where the answers are, and nothing of them. */
    private const SAYS_NOTHING_ELSE = 70;
    private const NUMBERED = '/^\s*(?:\d{1,2}[.)]|[a-h]\))\s/u';

    public function __construct(private Cues $cues)
    {
    }

    /**
     * @param non-empty-list<list<Line>> $messages the newest first
     *
     * @return non-empty-list<list<Line>> with who speaks in each line
     */
    public function marked(array $messages): array
    {
        $said = array_filter($messages[0], fn (Line $line): bool => $line->isClients() && 1 === preg_match($this->cues->answersBelow, $line->text));
        if ([] !== $said && isset($messages[1])) {
            $messages[0] = array_map(static fn (Line $line): Line => \in_array($line, $said, true) && mb_strlen($line->text) <= self::SAYS_NOTHING_ELSE ? $line->spokenBy(Role::Frame) : $line, $messages[0]);
            $messages[1] = $this->withAnswers($messages[1], $messages[0][0]->age);
        }

        return $messages;
    }

    /**
     * @param list<Line> $asked
     * @param int        $age   of the answers
     *
     * @return list<Line>
     */
    private function withAnswers(array $asked, int $age): array
    {
        $answers = false;
        foreach ($asked as $i => $line) {
            if (Role::Other !== $line->role || $line->isBlank()) {
                continue;
            }
            if ($this->cues->isSignOff($line->text)) {
                return $asked;
            }
            $asks = str_ends_with(rtrim($line->text), '?') || 1 === preg_match(self::NUMBERED, $line->text);
            if ($answers && !$asks) {
                $asked[$i] = new Line($line->start, $line->text, $age);
            }
            $answers = $answers || $asks;
        }

        return $asked;
    }
}
