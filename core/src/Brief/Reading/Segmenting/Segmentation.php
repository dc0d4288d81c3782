<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Catalogue\Cues;

/** The blocks of a source as far as they are written, with what is asked for where the reading stands. */
final class Segmentation
{
    /** "make it fun", after the answer was given. */
    private const TO_THE_DESIGNER = '/^(?:(?:and|oh|also|btw|ps|so)[, ]+)*(?:thank you|thanks|many thanks|cheers|(?:i )?hope (?:this|that)|looking forward|let me know|follow us|find us|write to|any (?:other |further |more )?(?:comments|thoughts|questions)|(?:we|i)(?: would|[\'’]d) like (?:people|visitors|customers|clients|them|to)|please|make|keep|can you|could you|can we|could we|we need|i need|i want|we want|it (?:should|must|needs))\b/iu';

    /** "We propose the following structure." above the list of it. */
    private const ANNOUNCES_PAGES = '/\b(?:following|these) (?:pages|structure|site ?map|sections|menu|navigation)\s*[.:–-]?\s*$/iu';

    private const SENTENCES = '/[.!?]\s+\p{Lu}/u';
    /** "And events." */
    private const GOES_ON = '/^(?:and|plus|also|then|oh,? and)\b/iu';
    /** A name alone ends with none of these. */
    private const ENDS = '/[.!?]$/u';
    private const CAPITAL = '/^\W*\p{Lu}/u';
    private const FEW = 3;
    private const SHORT = 5;

    private Asked $asked;
    /** @var list<Block> */
    private array $blocks = [];
    private int $paragraphStart = 0;
    private string $paragraph = '';
    private int $age = 0;
    private bool $numbered;
    private int $number = 0;
    private int $item = 0;
    /** Of the item read last. */
    private int $indent = 0;
    private bool $capital = false;
    /** A question with its answer on the same line asks for nothing beyond that paragraph. */
    private bool $answeredInLine = false;
    /** The question stands in the line just read, or in the one before it. */
    private bool $asking = false;
    private bool $justAsked = false;
    private bool $designerAsking = false;
    private bool $designerJustAsked = false;
    /** @var list<string> to whom messages are sent, in small letters */
    private array $spokenTo = [];
    /** How many blocks stand before the list that was announced. */
    private ?int $announced = null;
    /** What was asked for last. */
    private ?string $askedLast = null;

    public function __construct(
        public readonly SourceForm $form,
        private readonly LabelsInside $labels,
        private readonly AnswerExtent $extent,
    ) {
        $this->asked = Asked::nothing();
        $this->numbered = $form->numbered;
    }

    /** @return list<Block> */
    public function blocks(): array
    {
        return $this->blocks;
    }

    public function last(): ?Block
    {
        return $this->blocks[\count($this->blocks) - 1] ?? null;
    }

    /** Whether nothing stood under a heading yet. */
    public function isBeforeHeadings(): bool
    {
        return [] === array_filter($this->blocks, static fn (Block $block): bool => BlockKind::Heading === $block->kind);
    }

    public function asked(): Asked
    {
        return $this->asked;
    }

    /** The question just asked; it is answered in one word by the next line or not at all. */
    public function takeQuestion(): ?Line
    {
        $question = $this->asked->question;
        $this->asked = $this->asked->withoutQuestion();

        return $question;
    }

    /** Another message of the thread: what was asked before asks for nothing here, but for a question it answers or the heading it stands under. */
    public function reach(int $age): void
    {
        if ($age === $this->age) {
            return;
        }
        $this->close();
        if ((!$this->asking && BlockKind::Heading !== $this->last()?->kind) || $age > $this->age) {
            $this->forget();
        }
        $this->age = $age;
    }

    /** Another line of the client's that is no plain answer. */
    public function goOn(): void
    {
        [$this->justAsked, $this->asking] = [$this->asking, false];
        [$this->designerJustAsked, $this->designerAsking] = [$this->designerAsking, false];
    }

    /** Whether the line before was a question: capitals in this one do not make a heading. */
    public function justAsked(): bool
    {
        return $this->justAsked;
    }

    /** Whether that question was the designer's: what the client says then asks for nothing. */
    public function designerJustAsked(): bool
    {
        return $this->designerJustAsked;
    }

    /** Somebody to whom a message is sent: "Bea Lindqvist <bea@studio.example>". */
    public function speakTo(string $addressee): void
    {
        $this->spokenTo[] = mb_strtolower(trim($addressee, " \t\"<"));
    }

    /** Whether a line is nothing but the name of who is written to, or the first of their names. */
    public function isSpokenTo(string $line): bool
    {
        $name = mb_strtolower(trim($line, ' ,'));

        return '' !== $name && [] !== array_filter($this->spokenTo, static fn (string $addressee): bool => $addressee === $name || str_starts_with($addressee, $name.' '));
    }

    public function ask(Line $question, ?string $topic, bool $byDesigner = false, ?string $then = null): void
    {
        $this->asked = Asked::byQuestion($topic, $question, $then);
        $this->askedLast = $topic;
        $this->asking = true;
        $this->designerAsking = $byDesigner;
        $this->answeredInLine = false;
    }

    /** What a question asks for: by its own words, or by those of the one before it. */
    public function topicOf(string $question, Cues $cues): ?string
    {
        return $cues->topic($question) ?? ($cues->topics->asksOn($question) ? $this->listAsked() : null) ?? ($this->asksForAnother($question, $cues) ? $this->askedLast : null);
    }

    private function asksForAnother(string $question, Cues $cues): bool
    {
        return FactKind::Offering->value === $this->askedLast && $cues->topics->asksForOne($question) && !$cues->isSiteThing(rtrim(preg_replace('/^(?:and|or|what about|how about)\s+/iu', '', trim($question)) ?? $question, '? '));
    }

    /** The list that the last question asked for, which another may ask on for: pages, where it asked how many. */
    private function listAsked(): ?string
    {
        return match (true) {
            \in_array($this->askedLast, [FactKind::PageCount->value, 'page_limit'], true) => FactKind::PageRequest->value,
            $this->extent->isOfLists($this->askedLast) => $this->askedLast,
            default => null,
        };
    }

    public function under(Asked $asked): void
    {
        $this->announced = null;
        $this->asked = $asked;
    }

    /** What comes next, up to an empty line behind it, is a list of pages. */
    public function announcePages(): void
    {
        $this->close();
        $this->under(Asked::byHeading(FactKind::PageRequest->value));
        $this->announced = \count($this->blocks);
    }

    public function forget(): void
    {
        $this->asked = Asked::nothing();
        $this->answeredInLine = false;
        $this->announced = null;
    }

    public function isNumbered(): bool
    {
        return $this->numbered;
    }

    /** Remembers whether what asks carries a number. */
    public function noteNumber(string $lead): void
    {
        $this->numbered = $this->numbered || 1 === preg_match('/\d/', $lead);
    }

    /** Whether a label with this number goes on from the last one. */
    public function isNextNumber(int $number): bool
    {
        return $number === $this->number + 1;
    }

    public function countTo(int $number): void
    {
        $this->number = $number;
    }

    /** Whether an item with this number goes on from the last one, or begins a list. */
    public function isNextItem(int $number): bool
    {
        return 1 === $number || (BlockKind::Item === $this->last()?->kind && $number === $this->item + 1);
    }

    public function countItems(int $number): void
    {
        $this->item = $number;
    }

    /** Remembers how far an item is set in, in characters, and whether it begins with a capital. */
    public function noteItem(string $mark, string $text): void
    {
        [$this->indent, $this->capital] = [$this->indentOf($mark), 1 === preg_match(self::CAPITAL, $text)];
    }

    /** "    - by room", below "- Portfolio": small letters, set in further than the item above. */
    public function isRemark(string $mark, string $text): bool
    {
        return $this->capital && $this->indentOf($mark) > $this->indent && 1 !== preg_match(self::CAPITAL, $text) && \in_array($this->last()?->kind, [BlockKind::Item, BlockKind::Paragraph], true);
    }

    private function indentOf(string $mark): int
    {
        return mb_strlen($mark) - mb_strlen(ltrim($mark));
    }

    public function inParagraph(): bool
    {
        return '' !== $this->paragraph;
    }

    /** Text that goes on in the next line. */
    public function write(int $start, string $text): void
    {
        if ($this->inParagraph()) {
            $this->paragraph .= "\n".$text;
        } else {
            [$this->paragraphStart, $this->paragraph] = [$start, $text];
        }
    }

    /**
     * Gives up the open paragraph, which turned out to be something else.
     *
     * @return array{int, string} where it begins and what it says
     */
    public function takeParagraph(): array
    {
        $paragraph = [$this->paragraphStart, $this->paragraph];
        $this->paragraph = '';

        return $paragraph;
    }

    public function close(): void
    {
        [$start, $text] = $this->takeParagraph();
        if ('' === $text) {
            return;
        }
        $text = WrappedLines::joined($text);
        if (($this->asked->answered && $this->leavesTheAnswer($text)) || $this->standsBelowList($text)) {
            $this->forget();
        }
        if ($this->asked->answered) {
            $this->answer($start, $text, $this->asked->topic);
        } else {
            $bytes = FactKind::Audience->value === $this->asked->topic ? $this->extent->bytes($text, $this->asked->topic) : \strlen($text);
            $this->addWithLabels(BlockKind::Paragraph, $start, substr($text, 0, $bytes), $this->asked->topic);
            $this->addWithLabels(BlockKind::Paragraph, $start + $bytes, substr($text, $bytes), null);
        }
        if (1 === preg_match(self::ANNOUNCES_PAGES, $text)) {
            $this->announcePages();
        }
    }

    /** An empty line. */
    public function closeAtBlank(): void
    {
        $this->close();
        if ($this->answeredInLine || (null !== $this->announced && \count($this->blocks) > $this->announced)) {
            $this->forget();
        }
    }

    public function add(BlockKind $kind, int $start, string $text, ?string $topic = null, ?bool $agreed = null): void
    {
        $block = (new Block($kind, $start, $text, $topic, $this->age, $agreed))->trimmed();
        if ('' !== $block->text) {
            $this->blocks[] = $block;
        }
    }

    /** The answer to a question of this topic, as far as it goes; what comes after it stands on its own. */
    public function answer(int $start, string $text, ?string $topic): void
    {
        $bytes = $this->extent->bytes($text, $topic);
        $this->addWithLabels(BlockKind::Answer, $start, substr($text, 0, $bytes), $topic);
        $isNamed = FactKind::BusinessName->value === $topic && $topic === $this->asked->topic;
        $this->addWithLabels(BlockKind::Paragraph, $start + $bytes, substr($text, $bytes), $isNamed ? $this->asked->then : null);
        if ($isNamed && null !== $this->asked->then) {
            $this->asked = $this->asked->named();
        }
    }

    /** The answer that stands behind its question. */
    public function answerInLine(int $start, string $text, ?string $topic): void
    {
        $bytes = FactKind::Audience->value === $topic ? $this->extent->bytes($text, $topic) : \strlen($text);
        $this->add(BlockKind::Answer, $start, substr($text, 0, $bytes), $topic);
        $this->add(BlockKind::Paragraph, $start + $bytes, substr($text, $bytes));
        $this->asked = $this->asked->withoutQuestion();
        $this->answeredInLine = true;
    }

    /** Whether the words name a page that was just listed: "Customers = three case studies" says what is on it. */
    public function hasListed(string $page): bool
    {
        $last = $this->last();

        return FactKind::PageRequest->value === $last?->topic && \in_array(mb_strtolower($page), array_map(static fn (array $part): string => mb_strtolower(rtrim($part[0], '.')), Phrase::list($last->text)), true);
    }

    /** "- Servicing", then "About": a page beside those in the list above it. */
    public function isListingPages(): bool
    {
        $last = $this->last();

        return BlockKind::Item === $last?->kind && FactKind::PageRequest->value === $last->topic && FactKind::PageRequest->value === $this->asked->topic;
    }

    /** Whether the lines before are short items of a list: "Members - behind a password" is one more of them. */
    public function listsNames(): bool
    {
        $before = \array_slice($this->blocks, -self::FEW);

        return self::FEW === \count(array_filter($before, static fn (Block $block): bool => BlockKind::Item === $block->kind && null === $block->topic && str_word_count($block->text) <= self::SHORT));
    }

    /** What "also: …" goes on with: what is offered, or a second aim, where that was told just before. */
    public function goesOnAs(): ?string
    {
        $last = $this->last();

        return match (BlockKind::Answer === $last?->kind ? $last->topic : null) {
            FactKind::Offering->value => FactKind::Offering->value,
            FactKind::Goal->value => FactKind::SecondaryGoal->value,
            default => null,
        };
    }

    /** Adds a block, apart from what labels inside it ask for. */
    public function addWithLabels(BlockKind $kind, int $start, string $text, ?string $topic): void
    {
        foreach ($this->labels->parts(new Block($kind, $start, $text, $topic)) as $part) {
            $this->add($part->kind, $part->start, $part->text, $part->topic, $part->agreed);
        }
    }

    /** "Not wanted: [items] Loud and proud, cheeky.": several sentences below the items of a list are no more of them. */
    private function standsBelowList(string $text): bool
    {
        $last = $this->last();

        return null !== $last?->topic && $last->topic === $this->asked->topic
            && (BlockKind::Item === $last->kind ? 1 === preg_match(self::SENTENCES, $text) : $this->asked->byLabel && $this->listsPages($last) && 1 === preg_match(self::ENDS, $text) && 1 !== preg_match(self::GOES_ON, $text));
    }

    /** "Rentals, Rates, FAQ, Contact", in a line of its own */
    private function listsPages(Block $block): bool
    {
        $names = FactKind::PageRequest->value === $block->topic && !str_contains($block->text, "\n") ? array_column(Phrase::list(rtrim($block->text, '. ')), 0) : [];

        return \count($names) >= self::FEW && [] === array_filter($names, static fn (string $name): bool => str_word_count($name) > self::SHORT);
    }

    /** Whether a paragraph behind the answer speaks to the designer, or of something else than the list asked for. */
    private function leavesTheAnswer(string $text): bool
    {
        $last = $this->last();

        return BlockKind::Answer === $last?->kind && $last->topic === $this->asked->topic && (1 === preg_match(self::TO_THE_DESIGNER, $text) || $this->extent->isLeftBehind($last->topic, $text));
    }
}
