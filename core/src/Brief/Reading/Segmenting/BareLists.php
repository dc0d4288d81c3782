<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Line;
use DunePocket\Catalogue\Cues;

/** Finds lists without any mark: short lines without a full stop, three or more in a row. */
final readonly class BareLists
{
    private const LINES = 3;
    private const LENGTH = 64;
    private const LABEL_WORDS = 4;
    /** Words of these topics stand in lists of offerings too: "Costs budgeting". */
    private const IN_OFFERINGS = ['budget', 'location', 'proof', 'person', 'offering', 'area_served', 'existing_site', 'social_profile'];
    private const UNMISTAKABLE_PAGE = '/^(?:home|about|contact|services?|products|gallery|news)\b/iu';
    private const NO_LIST_LINE = '/[.,;:?!✓✔✅✗✘✕❌]$|^[-~*•·–|>#\[☐☑✅☒✗✘✕❌]|^\d+[.)]\s|^[^:]{1,30}:(?:\s|$)|\*\*|\t|\S\s{3,}\S|\s(?:[|=]|->|=>|→)\s|\?\s|^(?:hi|hello|hey|dear)\b/iu';

    public function __construct(private Cues $cues)
    {
    }

    /**
     * @param list<Line> $lines
     *
     * @return array<int, true> by number of the line, from 0
     */
    public function lines(array $lines): array
    {
        $listed = [];
        $run = [];
        $under = null;
        foreach ([...$lines, new Line(0, '')] as $i => $line) {
            $bare = trim($line->text);
            $startsBlock = '' === trim($lines[$i - 1]->text ?? '') && '' !== trim($lines[$i + 1]->text ?? '');
            $asked = $this->asked($bare, $startsBlock);
            $isHeading = null !== $asked && null !== $under && [] === $run && $startsBlock && 1 !== preg_match(self::UNMISTAKABLE_PAGE, $bare);
            if (!$isHeading && $line->isClients() && $this->mayBeListed($bare) && (null === $asked || $this->isListedUnder($under, $asked, [] !== $run))) {
                $run[] = $i;
                continue;
            }
            $under = $asked ?? ('' === $bare || '' === trim($bare, '-=_*') ? $under : null);
            if (\count($run) >= self::LINES) {
                $listed += array_fill_keys($run, true);
            }
            $run = [];
        }

        return $listed;
    }

    /** What a line asks for, should it be a heading and no line of a list. */
    private function asked(string $bare, bool $startsBlock): ?string
    {
        return match (true) {
            str_contains($bare, ',') => null,
            str_word_count($bare) <= self::LABEL_WORDS => $this->cues->topic($bare),
            default => $startsBlock ? $this->cues->topics->ofLabel($bare) : null,
        };
    }

    private function mayBeListed(string $bare): bool
    {
        return '' !== $bare && mb_strlen($bare) <= self::LENGTH && 1 !== preg_match(self::NO_LIST_LINE, $bare);
    }

    private function isListedUnder(?string $under, string $asked, bool $inList): bool
    {
        return FactKind::PageRequest->value === $under
            || (FactKind::Offering->value === $under && $inList && \in_array($asked, self::IN_OFFERINGS, true));
    }
}
