<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Role;
use DunePocket\Catalogue\Cues;

/** Finds lists without any mark: short lines without a full stop, three or more in a row. */
final readonly class BareLists
{
    private const LINES = 3;
    private const LENGTH = 64;
    private const LABEL_WORDS = 4;
    /** Words of these topics stand in lists of offerings too: "Costs budgeting". */
    private const IN_OFFERINGS = ['budget', 'location', 'proof', 'person', 'offering', 'area_served', 'existing_site', 'social_profile'];
    /** "Sound - calm", "What it's for - bookings": what asks for these names no page. */
    private const NO_PAGES = ['audience', 'goal', 'tone', 'avoid_word', 'page_refusal', 'page_request', 'page_count', 'feature', 'differentiator', 'budget', 'deadline', 'design_note', 'keyphrase'];
    /** "Here's what we came up with for pages", above the list */
    private const ANNOUNCES = '/\bpages\b[^.!?,;]{0,30}$/iu';
    private const FEWEST_PAGES = 4;
    /** A list of so many lines that begins with this one is of pages, whatever else it holds. */
    private const FIRST_PAGE = '/^(?:the )?(?:home(?: ?page)?|front page|start(?:ing)? page|landing page|welcome page)$/iu';
    /** "Case studies - maybe four to start off with", "Events (with dates, people always ask)" */
    private const REMARK = '/\s+[-–—]\s.*$|\s*\([^)]*\)\s*$/u';
    private const UNMISTAKABLE_PAGE = '/^(?:home|about|contact|services?|products|gallery|news)\b/iu';
    private const NO_LIST_LINE = '/[.,;:?!✓✔✅✗✘✕❌]$|^[-~*•·–|>#\[☐☑✅☒✗✘✕❌]|^\d+[.)]\s|^[^:]{1,30}:(?:\s|$)|\*\*|\t|\S\s{3,}\S|\s(?:[|=]|->|=>|→)\s|\?\s|\p{L}[?"]*,(?=[^\s])|^(?:hi|hello|hey|dear)\b/iu';

    /** @param bool $stacked whether labels and their answers take a line each */
    public function __construct(private Cues $cues, private bool $stacked = false)
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
        $wrapped = WrappedLines::of($lines);
        foreach ([...$lines, new Line(0, '')] as $i => $line) {
            $bare = trim($line->text);
            $startsBlock = '' === trim($lines[$i - 1]->text ?? '') && '' !== trim($lines[$i + 1]->text ?? '');
            $asked = $this->asked($bare, $startsBlock);
            $isHeading = null !== $asked && null !== $under && [] === $run && $startsBlock && 1 !== preg_match(self::UNMISTAKABLE_PAGE, $bare);
            if (!$isHeading && !isset($wrapped[$i]) && $line->isClients() && $this->mayBeListed($bare) && (null === $asked || $this->isListedUnder($under, $asked, [] !== $run))) {
                $run[] = $i;
                continue;
            }
            $under = $asked ?? $this->askedByTheDesigner($line) ?? ('' === $bare || '' === trim($bare, '-=_*') ? $under : null);
            if (\count($run) >= self::LINES) {
                $listed += array_fill_keys($run, true);
            }
            $run = [];
        }

        return $listed;
    }

    private function askedByTheDesigner(Line $line): ?string
    {
        return Role::Other === $line->role && '' !== trim($line->text) ? $this->cues->topic(rtrim($line->text, '? ')) : null;
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
        return '' !== $bare
            && mb_strlen($bare) <= self::LENGTH
            && 1 !== preg_match(self::NO_LIST_LINE, $bare)
            && !($this->stacked && SourceForm::isLabel($bare, $this->cues));
    }

    private function isListedUnder(?string $under, string $asked, bool $inList): bool
    {
        return FactKind::PageRequest->value === $under
            || (FactKind::Offering->value === $under && $inList && \in_array($asked, self::IN_OFFERINGS, true));
    }

    /**
     * The lines of blocks that are nothing but names of pages, or stand right beneath "pages".
     *
     * @param list<Line> $lines
     *
     * @return array<int, true> by number of the line, from 0
     */
    public function pages(array $lines): array
    {
        $pages = [];
        $block = [];
        foreach ([...$lines, new Line(0, '')] as $i => $line) {
            $bare = trim($line->text);
            if ('' !== $bare) {
                $name = preg_replace(self::REMARK, '', $bare) ?? $bare;
                $block[$i] = $line->isClients() && $this->mayBeListed($name) && !str_contains($name, ',') ? $name : null;
                continue;
            }
            if ([] !== $block) {
                $pages += array_fill_keys($this->pagesOf($block, 1 === preg_match(self::ANNOUNCES, trim($lines[array_key_first($block)]->text))), true);
                $block = [];
            }
        }

        return $pages;
    }

    /**
     * @param array<int, ?string> $block its lines by number, null where one is no name
     *
     * @return list<int>
     */
    private function pagesOf(array $block, bool $isAnnounced): array
    {
        $first = reset($block);
        $isHeaded = (\is_string($first) && FactKind::PageRequest->value === $this->cues->topics->ofLabel($first)) || $isAnnounced;
        if (!$isHeaded && \is_string($first) && null !== $this->cues->topics->ofLabel($first) && !NamesOfPages::has($first)) {
            return [];
        }
        $names = $isHeaded ? \array_slice($block, 1, null, true) : $block;
        $known = \count(array_filter($names, static fn (?string $name): bool => null !== $name && NamesOfPages::has($name)));
        $labels = \count(array_filter($names, fn (?string $name): bool => null !== $name && !NamesOfPages::has($name) && \in_array($this->cues->topics->ofLabel($name), self::NO_PAGES, true)));
        if (!$isHeaded && $labels > 1) {
            return [];
        }
        $isHeaded = $isHeaded || 1 === preg_match(self::FIRST_PAGE, (string) reset($names));
        $arePages = \count($names) >= self::FEWEST_PAGES && !\in_array(null, $names, true) && ($isHeaded ? $known > 0 : $known > 1 && 2 * $known >= \count($names));

        return $arePages ? array_keys($names) : [];
    }
}
