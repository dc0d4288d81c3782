<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Segmenting\AnswerExtent;
use DunePocket\Brief\Reading\Segmenting\LabelsInside;
use DunePocket\Brief\Reading\Segmenting\LabelWords;
use DunePocket\Brief\Reading\Segmenting\NamesOfPages;
use DunePocket\Brief\Reading\Segmenting\PlainAnswer;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Shapes;
use DunePocket\Brief\Reading\Segmenting\SourceForm;
use DunePocket\Brief\Reading\Segmenting\Spot;
use DunePocket\Brief\Reading\Segmenting\TopicsByContent;
use DunePocket\Catalogue\Cues;

/**
 * Takes a source apart into blocks: headings, lists, tables, questions with their answers, "label: value" lines,
 * signatures. What a block stands under becomes its topic.
 */
final readonly class Segmenter
{
    private const LAST_QUESTION = '/(?<=[.!?]\s)(?=[^.!?]*\b(?:which|what|who|how|where|when|why)\b)[^.!?]+\?\s*$/iu';
    /** "Who are you?" */
    private const PERSON = 'person';
    /** "7. Anything that has to be on it?" */
    private const NUMBER = '/^\s*Q?\d{1,2}[.):]\s+/u';
    private const OPENING = '/^(?:(?:so|and|ok(?:ay)?|right|well|hi|hello|great|first)[, ]+)+/iu';
    private const ASKED_TOGETHER = '/\s*(?:[,?.!:]|\s&\s|\band\b)\s*/iu';
    private const HEAD_OF_MESSAGE = '/^(?:\s*>)*\s*(?<field>From|To|Subject|Re)\s*:\s*(?<value>.*)$/iu';
    private const REPLY = '/^(?:(?:re|fwd?|aw)\s*:\s*)+/i';

    private AnswerExtent $extent;
    private LabelsInside $labels;
    private PlainAnswer $plain;
    private Shapes\Item $item;
    private TopicsByContent $topics;

    /** @var list<Shape> in the order in which they are tried */
    private array $shapes;

    public function __construct(private Cues $cues)
    {
        $words = new LabelWords($cues);
        $name = new Shapes\NameBefore();
        $inline = new Shapes\InlineLabel($words);
        $this->extent = new AnswerExtent();
        $this->labels = new LabelsInside($cues, $words, $this->extent);
        $this->plain = new PlainAnswer($cues);
        $this->item = new Shapes\Item($inline);
        $this->topics = new TopicsByContent($cues);
        $question = new Shapes\Question($cues, $words, $this->plain, $name);
        $heading = new Shapes\Heading($cues, $question, $words);
        $this->shapes = [
            new Shapes\Rule($heading),
            new Shapes\FormExport($cues),
            new Shapes\ContactLine(),
            new Shapes\SitemapLine(),
            new Shapes\Verdict($cues, $words, $this->plain),
            new Shapes\PathLine(),
            new Shapes\HoursLine(),
            new Shapes\TableRow($cues),
            new Shapes\Columns($cues),
            new Shapes\MarkedHeading($heading),
            new Shapes\BoldText($heading),
            new Shapes\MarkedAnswer(),
            new Shapes\NumberedAnswer(),
            new Shapes\Request($cues),
            $question,
            new Shapes\Label($cues, $words, $name),
            new Shapes\NumberedLabel($cues),
            new Shapes\RunInHeading($cues),
            $this->item,
            $inline,
            $heading,
            new Shapes\RunningText($this->extent),
        ];
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<Block>
     */
    public function segment(array $lines): array
    {
        $into = new Segmentation(SourceForm::of($lines, $this->cues), $this->labels, $this->extent);
        $atTop = true;
        foreach ($lines as $i => $line) {
            $into->reach($line->age);
            if (!$line->isClients()) {
                $this->notTheClients($line, $into);
            } elseif ($line->isBlank()) {
                $into->closeAtBlank();
            } elseif (isset($into->form->pages[$i])) {
                $into->announcePages();
                $this->item->listed($line, $into);
            } elseif ($this->plain->take(Shapes\MarkedAnswer::unmarked($line, $into), $into)) {
                continue;
            } elseif (isset($into->form->listed[$i])) {
                $this->item->listed($line, $into);
            } else {
                $this->shaped(Spot::of($lines, $i, $atTop), $into);
                $atTop = false;
            }
        }
        $into->close();

        return $this->topics->settle($into->blocks());
    }

    private function shaped(Spot $spot, Segmentation $into): void
    {
        $into->goOn();
        foreach ($this->shapes as $shape) {
            if ($shape->take($spot, $into)) {
                return;
            }
        }
    }

    private function notTheClients(Line $line, Segmentation $into): void
    {
        $into->close();
        if (Role::Signature === $line->role) {
            $into->add(BlockKind::Signature, $line->start, $line->text);
        } elseif (Role::Other === $line->role && !$line->isBlank()) {
            $question = preg_replace(self::NUMBER, '', $line->text) ?? $line->text;
            $topic = $into->topicOf($this->lastQuestion($question), $this->cues) ?? $into->topicOf($question, $this->cues);
            $topic = NamesOfPages::areListedIn($question) ? FactKind::PageRequest->value : $topic;
            $then = $this->alsoAsked($question);
            $into->ask($line, $this->firstAnswered($question, $topic, $then), byDesigner: true, then: $then);
        } elseif (Role::Frame === $line->role && 1 === preg_match(self::HEAD_OF_MESSAGE, $line->text, $m, \PREG_OFFSET_CAPTURE)) {
            $this->head(strtolower($m['field'][0]), $m['value'][0], $line->start + (int) $m['value'][1], $into);
        }
    }

    /** "Who am I talking to, and what's the firm called?": they answer with their own name first. */
    private function firstAnswered(string $question, ?string $topic, ?string $then): ?string
    {
        if (self::PERSON === $topic) {
            return $then ?? $topic;
        }
        $first = $this->cues->topic((preg_split(self::ASKED_TOGETHER, preg_replace(self::OPENING, '', $question) ?? $question) ?: [''])[0]);
        if (FactKind::BusinessName->value !== $topic) {
            return FactKind::BusinessName->value === $first && null !== $then ? $first : $topic;
        }

        return self::PERSON === $first ? self::PERSON : $topic;
    }

    /** "What's the business called and what do you sell?": what is asked beside who they are. */
    private function alsoAsked(string $text): ?string
    {
        $topics = array_map($this->cues->topic(...), preg_split(self::ASKED_TOGETHER, $text) ?: []);

        return array_values(array_filter($topics, static fn (?string $topic): bool => !\in_array($topic, [null, self::PERSON, FactKind::BusinessName->value], true)))[0] ?? null;
    }

    /** "So a quote form. Which pages?": the last is what is to be answered. */
    private function lastQuestion(string $text): string
    {
        return 1 === preg_match(self::LAST_QUESTION, $text, $m) ? $m[0] : $text;
    }

    private function head(string $field, string $value, int $start, Segmentation $into): void
    {
        if (\in_array($field, ['subject', 're'], true)) {
            $subject = preg_replace(self::REPLY, '', $value) ?? $value;
            $into->add(BlockKind::Title, $start + \strlen($value) - \strlen($subject), $subject);
        } elseif ('from' === $field) {
            $into->add(BlockKind::Signature, $start, $value);
        } else {
            $into->speakTo($value);
        }
    }
}
