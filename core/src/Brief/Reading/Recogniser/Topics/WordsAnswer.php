<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Topics;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Catalogue\Cues;

/** Words to avoid or phrases to be found for: those in quotation marks, or else the parts of the list. */
final readonly class WordsAnswer implements Answer
{
    private const QUOTED = '/["“]([^"“”\n]{2,60})["”]/u';
    /** "natural" (what's the opposite?) and "delivery" (babies aren't pizzas) */
    private const QUOTED_ALONE = '/^\W*(?:["“][^"“”\n]{2,60}["”]\s*(?:\([^)]*\))?[\s.,;]*(?:(?:and|or|nor|but|never|not)\b[\s,]*)*)+$/iu';
    /** craft, small-batch, "crafted with passion" or anything like it */
    private const BEFORE_QUOTED = '/^(?:[\p{L}’\'-]+(?: [\p{L}’\'-]+)?,\s+)+(?=["“])/u';
    /** We say "died", never "passing" */
    private const SAID_INSTEAD = '/^[^.;!?]*\b(?:we|i|they|people)(?: always| do| only)? (?:say|use|write|prefer|call (?:it|them))\b[^.;!?]{2,40}?,? (?:and )?(?:never|not|rather than|instead of) /iu';
    /** "Pain-free. Holistic." */
    private const WORDS_ALONE = '/(?<=\p{L})\.(?=\s+[\p{L}\'’-]+(?: [\p{L}\'’-]+)?\.?(?:\s|$))/u';
    /** So many words beside the quoted ones: "I'd like “stunning” banned for life". */
    private const AROUND_WORDS = 3;
    private const MARKS = '/["“”‘’]|(?<!\p{L})\'|\'(?!\p{L})/u';
    private const LONGEST = 60;

    public function __construct(private FactKind $kind, private Cues $cues)
    {
    }

    public function read(Block $block): iterable
    {
        if (FactKind::AvoidWord === $this->kind && 1 === preg_match(self::SAID_INSTEAD, $block->text, $said)) {
            $block = new Block($block->kind, $block->start + \strlen($said[0]), substr($block->text, \strlen($said[0])), $block->topic, $block->age, $block->agreed);
        }
        $isQuotedAlone = 1 === preg_match(self::QUOTED_ALONE, $block->text) || $this->isProse($block->text);

        if (!$isQuotedAlone || preg_match_all(self::QUOTED, $block->text, $quoted, \PREG_OFFSET_CAPTURE) < 1) {
            return $this->listed($block);
        }
        $before = 1 === preg_match(self::BEFORE_QUOTED, $block->text, $m) ? Phrase::list($m[0]) : [];

        return array_map(fn (array $words): Candidate => new Candidate($this->kind, $words[0], $block->start + $words[1], \strlen($words[0]), self::CERTAINTY), [...$before, ...$quoted[1]]);
    }

    /** "“Passed”. People die. “Loved one”, when we don't know that they were.": only what is quoted is meant. */
    private function isProse(string $text): bool
    {
        return [] !== array_filter(preg_split('/[.;!?](?:\s|$)|,/u', preg_replace(self::QUOTED, '', $text) ?? $text) ?: [], static fn (string $part): bool => str_word_count($part) > self::AROUND_WORDS);
    }

    /** @return iterable<Candidate> */
    private function listed(Block $block): iterable
    {
        $text = preg_replace(self::MARKS, ' ', $block->text) ?? $block->text;
        $text = \strlen($text) === \strlen($block->text) ? $text : $block->text;
        foreach (Phrase::list(preg_replace(self::WORDS_ALONE, ',', $text) ?? $text) as [$part, $at]) {
            $value = trim(Phrase::tidy($part), '\'‘’');
            if ('' !== $value && mb_strlen($value) < self::LONGEST && !$this->cues->isBlank($value) && (FactKind::AvoidWord !== $this->kind || !$this->cues->isSiteThing($value))) {
                yield new Candidate($this->kind, $value, $block->start + $at, \strlen(rtrim($part, " \n.,;")), self::CERTAINTY);
            }
        }
    }
}
