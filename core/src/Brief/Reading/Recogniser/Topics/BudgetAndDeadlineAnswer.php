<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Topics;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Catalogue\Cues;
use DunePocket\Language\Typography;

/** What may be spent and when it has to be ready, which are often asked for and answered together: "About £4,500, before the end of March". */
final readonly class BudgetAndDeadlineAnswer implements Answer
{
    private const SENTENCES = '/(?<!\b\p{Lu}\.)(?<=[.;!?])\s+|\n/u';
    private const PARTS = '/(?<!\b\p{Lu}\.)(?<=[.;!?])\s+|\n|,\s+(?!\d)|\s+(?:and|but)\s+/u';

    /** "5000", where it was asked for */
    private const NUMBER = '/^(?:about |around |max\.? |up to )?\d[\d,.]{2,}k?(?:\s*(?:-|–|to)\s*\d[\d,.]{2,}k?)?(?=\W*$)/iu';

    /** How a deadline begins where only the budget was asked for: "£2,500, split over two months" has none. */
    private const DEADLINE = '/^\W*(?:before|by|within|live|ready|launch|end of|mid|early|late|asap|needed|ideally|(?!(?:jan|april|may|june|august|summer|autumn)\W*$)(?-i:\p{Lu}\p{Ll}+)|\d{1,2}(?:st|nd|rd|th)?\s)/iu';

    /** @param FactKind $asked budget or deadline: of a deadline that is asked for any words tell */
    public function __construct(private FactKind $asked, private Cues $cues)
    {
    }

    public function read(Block $block): iterable
    {
        if (1 === preg_match($this->cues->sum, $block->text, $m, \PREG_OFFSET_CAPTURE) || (FactKind::Budget === $this->asked && 1 === preg_match(self::NUMBER, $block->text, $m, \PREG_OFFSET_CAPTURE))) {
            yield new Candidate(FactKind::Budget, Phrase::tidy($m[0][0]), $block->start + $m[0][1], \strlen($m[0][0]), self::CERTAINTY);
        }
        $isBoth = [] !== $m;
        $parts = preg_split($isBoth ? self::PARTS : self::SENTENCES, $block->text, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [];
        $timed = array_values(array_filter($parts, fn (array $part): bool => 1 === preg_match($this->cues->moment, $part[0]) && 1 !== preg_match($this->cues->sum, $part[0]) && (FactKind::Deadline === $this->asked || 1 === preg_match(self::DEADLINE, $part[0]))));
        $any = FactKind::Deadline === $this->asked && !$isBoth ? \array_slice($parts, 0, 1) : [];
        foreach ([] === $timed ? $any : \array_slice($timed, 0, 1) as [$part, $at]) {
            yield new Candidate(FactKind::Deadline, Typography::capital(Phrase::tidy($part)), $block->start + $at, \strlen(rtrim($part, " \n.;,")), self::CERTAINTY);
        }
    }
}
