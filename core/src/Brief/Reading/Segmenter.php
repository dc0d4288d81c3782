<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Catalogue\Cues;

/**
 * Takes a source apart: headings, lists, questions with their answers, "label: value" lines,
 * e-mail heads, quoted replies and signatures.
 */
final class Segmenter
{
    private const HEADING_WORDS = 8;

    /** @var list<Block> */
    private array $blocks = [];
    private ?string $topic = null;
    private bool $topicIsQuestion = false;
    /** Questions or labels of this source carry numbers. */
    private bool $numbered = false;
    private int $paragraphStart = 0;
    private string $paragraph = '';

    public function __construct(private readonly Cues $cues)
    {
    }

    /** @return list<Block> */
    public function segment(string $text): array
    {
        $this->blocks = [];
        $this->topic = null;
        $this->topicIsQuestion = false;
        $this->numbered = false;
        $this->paragraph = '';
        $lines = $this->lines($text);
        $last = \count($lines) - 1;
        $signed = false;
        foreach ($lines as $i => [$start, $line]) {
            $bare = trim($line);
            if ($signed) {
                if ('' !== $bare) {
                    $this->add(BlockKind::Signature, $start, $line);
                }
                continue;
            }
            if ('' === $bare) {
                $this->closeParagraph();
                continue;
            }
            if (str_starts_with($bare, '>') || 1 === preg_match('/^On .{5,80} wrote:$/u', $bare)) {
                $this->closeParagraph();
                $this->add(BlockKind::Quoted, $start, $line);
                continue;
            }
            if ($last - $i < 14 && (str_starts_with($line, '-- ') || '--' === $bare || $this->cues->isSignOff($bare))) {
                $this->closeParagraph();
                $this->add(BlockKind::Signature, $start, $line);
                $signed = true;
                continue;
            }
            if ($this->mailHead($start, $line, $i)) {
                continue;
            }
            $this->line($start, $line, '' === trim($lines[$i - 1][1] ?? ''), trim($lines[$i + 1][1] ?? ''), $i);
        }
        $this->closeParagraph();

        return $this->blocks;
    }

    private function mailHead(int $start, string $line, int $number): bool
    {
        if ($number > 12 || 1 !== preg_match('/^(From|To|Cc|Sent|Date|Subject|Re|Fwd?)\s*:\s*(.*)$/iu', trim($line), $m)) {
            return false;
        }
        $this->closeParagraph();
        if ('subject' === strtolower($m[1])) {
            $subject = preg_replace('/^(?:(?:re|fwd?|aw)\s*:\s*)+/i', '', $m[2]) ?? $m[2];
            $this->add(BlockKind::Title, $start + (int) strpos($line, $subject), $subject);
        } else {
            $this->add(BlockKind::Signature, $start, $line);
        }

        return true;
    }

    private function line(int $start, string $line, bool $afterBlank, string $next, int $number): void
    {
        $bare = trim($line);
        if (1 === preg_match('/^(?:={3,}|-{3,}|\*{3,}|_{5,})$/', $bare)) {
            if ('' !== $this->paragraph && str_contains('=-', $bare[0])) {
                $heading = $this->paragraph;
                $this->paragraph = '';
                $this->heading($this->paragraphStart, $heading, $number < 3);
            } else {
                $this->closeParagraph();
            }

            return;
        }
        if (1 === preg_match('/^(\s*#{1,6}\s+)(.*?)\s*#*$/', $line, $m)) {
            $this->closeParagraph();
            $this->headingOrQuestion($start + \strlen($m[1]), $m[2], $number < 3);

            return;
        }
        if (1 === preg_match('/^(\s*(?:\*\*|__))(.+?)(?:\*\*|__)(:?)\s*(.*)$/', $line, $m) && \strlen($m[2]) < 160) {
            $this->closeParagraph();
            $rest = ltrim($m[4], ': ');
            $this->headingOrQuestion($start + \strlen($m[1]), rtrim($m[2], ':'), $number < 3);
            if ('' !== $rest) {
                $this->add(BlockKind::Answer, $start + (int) strrpos($line, $rest), $rest, $this->topic);
            }

            return;
        }
        if (1 === preg_match('/^(\s*(?:A|Answer)\s*[.:)]\s*)(.*)$/i', $line, $m) && $this->topicIsQuestion) {
            $this->closeParagraph();
            $this->add(BlockKind::Answer, $start + \strlen($m[1]), $m[2], $this->topic);

            return;
        }
        if ($this->question($start, $line) || $this->label($start, $line) || $this->numberedLabel($line)) {
            return;
        }
        if (1 === preg_match('/^(\s*(?:[-*•–]|\d{1,2}[.)]|\(?[a-z]\))\s+)(\S.*)$/u', $line, $m)) {
            $this->closeParagraph();
            $this->add(BlockKind::Item, $start + \strlen($m[1]), $m[2], $this->topic);

            return;
        }
        if ($afterBlank && '' === $this->paragraph && $this->looksLikeHeading($bare, $next)) {
            $this->headingOrQuestion($start, $bare, 0 === $number);

            return;
        }
        if ('' === $this->paragraph) {
            $this->paragraphStart = $start;
            $this->paragraph = $line;
        } else {
            $this->paragraph .= "\n".$line;
        }
    }

    private function question(int $start, string $line): bool
    {
        if (1 === preg_match('/^\s*Q\s*\d*\s*[.:)]\s*([^?]+)$/iu', $line, $m)) {
            $this->closeParagraph();
            $this->topic = $this->cues->topic($m[1]);
            $this->topicIsQuestion = true;

            return true;
        }
        if (1 !== preg_match('/^(\s*(?:Q\s*\d*\s*[.:)]|(?:[-*]\s*)?\d{1,2}\s*[.):]|[-*])?\s*)([^?]{6,160}\?(?:\s*\([^)]*\))?)\s*[:\-–]?\s*(.*)$/iu', $line, $m)) {
            return false;
        }
        $numbered = 1 === preg_match('/[Q\d]/', $m[1]);
        $topic = $this->cues->topic($m[2]);
        $asksTheClient = 1 === preg_match('/\b(?:you|your|who|what|how|where|which|when)\b/i', $m[2]);
        if (!$numbered && (null === $topic || !$asksTheClient || 1 === preg_match('/\b(?:we|our|i|my)\b/i', $m[2]) || 1 === preg_match('/\b(?:can|could|would|will) you\b/i', $m[2]))) {
            return false;
        }
        $this->closeParagraph();
        $this->numbered = $this->numbered || 1 === preg_match('/\d/', $m[1]);
        $this->topic = $topic;
        $this->topicIsQuestion = true;
        if ('' !== $m[3]) {
            $this->add(BlockKind::Answer, $start + \strlen($line) - \strlen(ltrim($m[3])), ltrim($m[3]), $topic);
        }

        return true;
    }

    private function label(int $start, string $line): bool
    {
        if (1 !== preg_match('/^(\s*(?:[-*•]\s+|\d{1,2}[.)]\s+)?)([\p{L}][\p{L}\s\/&\'’(),-]{1,60}?)\s*:\s*(.*)$/u', $line, $m)) {
            return false;
        }
        if (str_word_count($m[2]) > self::HEADING_WORDS || 1 === preg_match('/\b(?:is|are|was|need|we|i)\b/i', $m[2])) {
            return false;
        }
        $topic = $this->cues->topic($m[2]);
        if (null === $topic) {
            return false;
        }
        $inList = 1 === preg_match('/[-*•]/u', $m[1]) && null !== $this->topic;
        if ($inList && '' !== $m[3]) {
            return false;
        }
        $this->closeParagraph();
        $this->numbered = $this->numbered || 1 === preg_match('/\d/', $m[1]);
        if ('' === $m[3]) {
            $this->topic = $topic;
            $this->topicIsQuestion = false;
        } else {
            $this->add(BlockKind::Answer, $start + \strlen($line) - \strlen($m[3]), $m[3], $topic);
            $this->topic = null;
        }

        return true;
    }

    /** "13) Address", among numbered questions. */
    private function numberedLabel(string $line): bool
    {
        if (!$this->numbered || 1 !== preg_match('/^\s*\d{1,2}[.)]\s+(.{2,50}?)\s*:?\s*$/u', $line, $m) || null === $topic = $this->cues->topic($m[1])) {
            return false;
        }
        $this->closeParagraph();
        $this->topic = $topic;
        $this->topicIsQuestion = true;

        return true;
    }

    private function looksLikeHeading(string $bare, string $next): bool
    {
        $words = \count(preg_split('/\s+/', $bare) ?: []);
        if ($words > self::HEADING_WORDS || 1 === preg_match('/[.!,;]$/', $bare) || 1 === preg_match('/^(?:hi|hello|hey|dear|good (?:morning|afternoon))\b/i', $bare)) {
            return false;
        }
        if (mb_strtoupper($bare) === $bare && 1 === preg_match('/\p{L}{3}/u', $bare)) {
            return true;
        }

        return '' !== $next && (str_ends_with($bare, ':') || (null !== $this->cues->topic($bare) && $words <= 5)) && 1 !== preg_match('/\b(?:we|i)\b/i', $bare);
    }

    private function headingOrQuestion(int $start, string $text, bool $atTop): void
    {
        if (str_contains($text, '?') && $this->question($start, $text)) {
            return;
        }
        $this->heading($start, $text, $atTop);
    }

    private function heading(int $start, string $text, bool $atTop): void
    {
        $this->topic = $this->cues->topic(rtrim($text, ': '));
        $this->topicIsQuestion = false;
        $this->add($atTop ? BlockKind::Title : BlockKind::Heading, $start, $text);
    }

    private function closeParagraph(): void
    {
        if ('' === $this->paragraph) {
            return;
        }
        $this->add($this->topicIsQuestion ? BlockKind::Answer : BlockKind::Paragraph, $this->paragraphStart, $this->paragraph, $this->topic);
        $this->paragraph = '';
    }

    private function add(BlockKind $kind, int $start, string $text, ?string $topic = null): void
    {
        $trimmed = ltrim($text);
        $this->blocks[] = new Block($kind, $start + \strlen($text) - \strlen($trimmed), rtrim($trimmed), $topic);
    }

    /** @return list<array{int, string}> start in bytes and text of each line */
    private function lines(string $text): array
    {
        $lines = [];
        $start = 0;
        foreach (explode("\n", $text) as $line) {
            $lines[] = [$start, $line];
            $start += \strlen($line) + 1;
        }

        return $lines;
    }
}
