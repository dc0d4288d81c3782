<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Role;
use DunePocket\Brief\Reading\Segmenting\Shapes\NumberedAnswer;
use DunePocket\Catalogue\Cues;

/** How a source as a whole is set: its numbers, its headings, its lists without marks. */
final readonly class SourceForm
{
    private const NUMBERED_QUESTIONS = 3;
    private const NUMBERED_LABELS = 2;
    private const LABELS = 4;
    private const SHOUTED = 4;
    private const EXPORTED = 4;
    private const HEADINGS = 3;
    private const HEADING_WORDS = 6;
    private const LONE_HEADINGS = 3;
    private const UNMARKED = 4;
    private const ROWS_OF_SHEET = 3;
    private const TABS_OF_SHEET = 2;
    private const LABEL_ALONE = '/^\p{Lu}[\p{L}\s\/&()\'’-]{2,50}$/u';
    private const ASKS = '/^(?:what|who|how|why|where|when|which|features?|pages?|sites?|websites?|must|words?|anything)\b/iu';
    private const LONE_HEADING = '/^\p{Lu}[^:.,;!?@]{2,40}$/u';

    /**
     * @param array<int, string> $asked    topics of the questions the designer numbered, by number
     * @param array<int, true>   $listed   the lines, by number from 0, of lists without any mark
     * @param array<int, true>   $pages    the lines, by number from 0, that are nothing but the name of a page
     * @param bool               $numbered labels carry numbers
     * @param bool               $labelled lines that begin with "label:" or "label - " do so wherever they stand
     * @param bool               $exported answers stand behind their questions, apart by a comma, as forms are saved
     * @param bool               $ticked   boxes are ticked, so that those left empty want nothing
     * @param bool               $headed   short lines above paragraphs are headings, whatever they say
     * @param bool               $stacked  labels and their answers take a line each, without an empty one between
     * @param bool               $unasked  answers carry the numbers of questions that the source does not hold
     * @param bool               $shouted  all is written in capitals
     * @param bool               $unmarked what the designer says asks without question marks
     * @param array<int, bool>   $sheets   the rows of tables set with tabs, by where they start, in bytes; whether one is the head
     * @param bool               $airy     … and so are short lines with an empty one on either side
     */
    private function __construct(
        public array $asked,
        public array $listed,
        public array $pages,
        public bool $numbered,
        public bool $labelled,
        public bool $headed,
        public bool $ticked,
        public bool $airy,
        public bool $exported,
        public bool $stacked,
        public bool $unasked,
        public bool $shouted,
        public array $sheets,
        public bool $unmarked,
    ) {
    }

    /** @param list<Line> $lines */
    public static function of(array $lines, Cues $cues): self
    {
        $stacked = self::isStacked($lines, $cues);
        $bare = new BareLists($cues, $stacked);

        return new self(
            self::numberedQuestions($lines, $cues),
            $bare->lines($lines),
            $bare->pages($lines),
            self::hasNumberedLabels($lines, $cues),
            self::hasLabels($lines, $cues),
            self::hasHeadings($lines, $cues),
            [] !== array_filter($lines, static fn (Line $line): bool => 1 === preg_match('/^\s*(?:[-*•]\s+)?(?:\[\s*[xX✓✔]\s*\]|[☑✅])/u', $line->text)),
            self::hasLoneHeadings($lines, $cues),
            self::isExported($lines, $cues),
            $stacked,
            self::isUnasked($lines),
            self::isShouted($lines),
            self::sheets($lines),
            self::isUnmarked($lines),
        );
    }

    /**
     * "3. Who your customers are", in the designer's message.
     *
     * @param list<Line> $lines
     *
     * @return array<int, string> none where fewer than three are asked
     */
    private static function numberedQuestions(array $lines, Cues $cues): array
    {
        $asked = [];
        foreach ($lines as $line) {
            if (Role::Other === $line->role && 1 === preg_match('/^\s*(\d{1,2})[.)]\s+(.{3,90})$/u', $line->text, $m)) {
                $topic = $cues->topic(rtrim($m[2], '?.: '));
                if (null !== $topic) {
                    $asked[(int) $m[1]] = $topic;
                }
            }
        }

        return \count($asked) < self::NUMBERED_QUESTIONS ? [] : $asked;
    }

    /** @param list<Line> $lines */
    private static function isUnmarked(array $lines): bool
    {
        $said = array_filter($lines, static fn (Line $line): bool => Role::Other === $line->role && !$line->isBlank());

        return \count($said) >= self::UNMARKED && [] === array_filter($said, static fn (Line $line): bool => str_contains($line->text, '?'));
    }

    /**
     * "Page ⇥ Wanted? ⇥ Notes" above rows of as many cells, as they are copied from a spreadsheet.
     *
     * @param list<Line> $lines
     *
     * @return array<int, bool>
     */
    private static function sheets(array $lines): array
    {
        $sheets = [];
        $rows = [];
        foreach ([...$lines, null] as $line) {
            $tabs = null === $line ? 0 : substr_count($line->text, "\t");
            if ([] !== $rows && (null === $line || $tabs !== substr_count($rows[0]->text, "\t"))) {
                $sheets += \count($rows) < self::ROWS_OF_SHEET ? [] : array_combine(array_map(static fn (Line $row): int => $row->start, $rows), [true, ...array_fill(0, \count($rows) - 1, false)]);
                $rows = [];
            }
            if (null !== $line && $line->isClients() && $tabs >= self::TABS_OF_SHEET) {
                $rows[] = $line;
            }
        }

        return $sheets;
    }

    /** @param list<Line> $lines */
    private static function isShouted(array $lines): bool
    {
        $said = implode(' ', array_map(static fn (Line $line): string => $line->isClients() ? $line->text : '', $lines));

        return (int) preg_match_all('/\p{Lu}/u', $said) > self::SHOUTED * (int) preg_match_all('/\p{Ll}/u', $said);
    }

    /**
     * "Q1 It's Rook & Raven", with "Q2 …" next.
     *
     * @param list<Line> $lines
     */
    private static function isUnasked(array $lines): bool
    {
        $written = array_values(array_filter($lines, static fn (Line $line): bool => $line->isClients() && !$line->isBlank()));
        $numbered = array_keys(array_filter($written, static fn (Line $line): bool => 1 === preg_match(NumberedAnswer::OF_QUESTION, $line->text)));
        $said = implode("\n", array_map(static fn (int $i): string => $written[$i]->text, $numbered));

        return \count($numbered) >= self::NUMBERED_QUESTIONS
            && end($numbered) - $numbered[0] === \count($numbered) - 1
            && 1 !== preg_match('/\?\s*$/mu', $said)
            && 2 * (int) preg_match_all('/^\s*Q[^:\n]{2,40}:\s/mu', $said) < \count($numbered)
            && 1 === preg_match('/\b(?:we|i|our|my|they)\b/iu', $said);
    }

    /**
     * "1. About us", "2. Services".
     *
     * @param list<Line> $lines
     */
    private static function hasNumberedLabels(array $lines, Cues $cues): bool
    {
        $labels = array_filter($lines, static fn (Line $line): bool => 1 === preg_match('/^\s*\d{1,2}[.):]\s+(\p{Lu}[^.,;]{1,48}?)\s*:?\s*$/u', $line->text, $m) && null !== $cues->topic($m[1]));

        return \count($labels) >= self::NUMBERED_LABELS;
    }

    /**
     * "pages - home, prices", "who for: families".
     *
     * @param list<Line> $lines
     */
    private static function hasLabels(array $lines, Cues $cues): bool
    {
        $labels = array_filter($lines, static fn (Line $line): bool => 1 === preg_match('/^\s*\[?(\p{L}[\p{L}\s\'’]{2,30}?)(?:\s*[:|;.\]]|\s*(?:\.{3,}|…)|\s(?:[-–—=]|\/\/|=>|->|→))\s+\S/u', $line->text, $m) && null !== $cues->topics->ofLabel($m[1]));

        return \count($labels) >= self::LABELS;
    }

    /**
     * "Which pages?,"Home, Prices"": rows whose first value asks for something.
     *
     * @param list<Line> $lines
     */
    private static function isExported(array $lines, Cues $cues): bool
    {
        $rows = array_filter($lines, static fn (Line $line): bool => 1 === preg_match(Shapes\FormExport::ROW, $line->text, $m) && null !== $cues->topic(trim($m['asks'], ' "?')));

        return \count($rows) >= self::EXPORTED;
    }

    /**
     * "Target customers" and "Required pages", each right above its answer and right beneath the answer before.
     *
     * @param list<Line> $lines
     */
    private static function isStacked(array $lines, Cues $cues): bool
    {
        $labels = 0;
        $before = -1;
        foreach ($lines as $i => $line) {
            $stands = $i > 0 && !$lines[$i - 1]->isBlank() && !($lines[$i + 1] ?? null)?->isBlank() && isset($lines[$i + 1]);
            if ($stands && $before !== $i - 1 && $line->isClients() && self::isLabel($line->text, $cues)) {
                ++$labels;
                $before = $i;
            }
        }

        return $labels >= self::LABELS;
    }

    /** Whether a line is nothing but what asks for something. */
    public static function isLabel(string $line, Cues $cues): bool
    {
        $bare = trim($line);

        return 1 === preg_match(self::LABEL_ALONE, $bare)
            && str_word_count($bare) <= self::HEADING_WORDS
            && (null !== $cues->topics->ofLabel($bare) || (1 === preg_match(self::ASKS, $bare) && null !== $cues->topic($bare)));
    }

    /**
     * Short lines between two empty ones, some of which ask for something.
     *
     * @param list<Line> $lines
     */
    private static function hasLoneHeadings(array $lines, Cues $cues): bool
    {
        $lone = array_filter($lines, static fn (Line $line, int $i): bool => $i > 0 && $line->isClients() && $lines[$i - 1]->isBlank() && ($lines[$i + 1] ?? null)?->isBlank() && 1 === preg_match(self::LONE_HEADING, trim($line->text)) && str_word_count($line->text) <= self::HEADING_WORDS, \ARRAY_FILTER_USE_BOTH);
        $asking = array_filter($lone, static fn (Line $line): bool => null !== $cues->topic(trim($line->text)));

        return \count($asking) >= self::LONE_HEADINGS;
    }

    /**
     * Short lines after an empty one that ask for something.
     *
     * @param list<Line> $lines
     */
    private static function hasHeadings(array $lines, Cues $cues): bool
    {
        $headings = 0;
        foreach ($lines as $i => $line) {
            $bare = trim($line->text);
            $before = $lines[$i - 1] ?? null;
            $next = $lines[$i + 1] ?? null;
            if (null !== $next && !$next->isBlank() && ($before?->isBlank() ?? true) && 1 === preg_match('/^[A-Za-z][^:.,;!?@]{2,30}$/', $bare) && str_word_count($bare) <= self::HEADING_WORDS && null !== $cues->topic($bare)) {
                ++$headings;
            }
        }

        return $headings >= self::HEADINGS;
    }
}
