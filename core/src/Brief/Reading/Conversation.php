<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\Reading\Conversing\Dialogue;
use DunePocket\Brief\Reading\Conversing\Thread;
use DunePocket\Brief\SourceKind;
use DunePocket\Catalogue\Cues;

/** Tells whose words the lines of a source are: messages of a thread, signatures, speakers of a call. */
final readonly class Conversation
{
    private Dialogue $dialogue;
    private Thread $thread;

    public function __construct(Cues $cues)
    {
        $this->dialogue = new Dialogue($cues);
        $this->thread = new Thread($cues);
    }

    /** @return list<Line> */
    public function lines(string $text, SourceKind $kind): array
    {
        $lines = $this->split($text);

        return match (true) {
            SourceKind::Call === $kind => $this->dialogue->ofCall($lines),
            $this->dialogue->isHeaded($lines) => $this->dialogue->ofHeaded($lines),
            $this->dialogue->isOne($lines) => $this->dialogue->ofNotes($lines),
            default => $this->thread->lines($lines),
        };
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
