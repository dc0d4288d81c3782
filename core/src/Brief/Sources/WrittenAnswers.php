<?php

declare(strict_types=1);

namespace DunePocket\Brief\Sources;

/** The answers of a form as a source: each below its question, in the shape in which questionnaires are read. */
final class WrittenAnswers
{
    /**
     * @param list<array{id: string, text: string}> $questions
     * @param array<string, string>                 $answers   by question; what is not answered is left out
     *
     * @return ?string null when nothing is answered
     */
    public static function toText(array $questions, array $answers): ?string
    {
        $lines = [];
        foreach ($questions as $question) {
            $answer = trim($answers[$question['id']] ?? '');
            if ('' !== $answer) {
                $lines[] = "Q: {$question['text']}\nA: ".preg_replace('/\s*\n\s*/u', ', ', $answer);
            }
        }

        return [] === $lines ? null : implode("\n\n", $lines)."\n";
    }
}
