<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\Asked;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;
use DunePocket\Catalogue\Cues;

/** "13) Address", among numbered questions; "4 Clients", where numbers count up; "4.0 Clients" above "4.1". */
final readonly class NumberedLabel implements Shape
{
    /** "4.0 Structure", above "4.1" */
    private const SECTION = '/^\s*\d{1,2}\.0\.?\s+(?<label>\p{Lu}.{2,50}?)\s*:?\s*$/u';
    /** "3. Purpose", above "3.1" */
    private const ABOVE_CLAUSES = '/^\s*(?<number>\d{1,2})[.)]?\s+(?<label>\p{Lu}[^.;]{2,60}?)\s*:?\s*$/u';

    public function __construct(private Cues $cues)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        $isSection = 1 === preg_match(self::SECTION, $spot->text, $m, \PREG_OFFSET_CAPTURE)
            || (1 === preg_match(self::ABOVE_CLAUSES, $spot->text, $m, \PREG_OFFSET_CAPTURE) && str_starts_with($spot->next, $m['number'][0].'.1'));
        if ($isSection) {
            [$label, $at] = $m['label'];
            $into->close();
            $into->under(Asked::byHeading($this->cues->topic($label)));
            $into->add(BlockKind::Heading, $spot->start + (int) $at, $label);
            $into->countTo((int) $spot->bare);

            return true;
        }
        if (1 !== preg_match('/^\s*(?<number>\d{1,2})(?<mark>[.):]?)\s+(?<label>(?:(?!\s[–—=-]\s).){2,50}?)\s*:?\s*$/u', $spot->text, $m)) {
            return false;
        }
        $mayBeOne = '' === $m['mark'] ? $spot->afterBlank && $into->isNextNumber((int) $m['number']) : $into->isNumbered();
        if (!$mayBeOne) {
            return false;
        }
        if ($this->isListed((int) $m['number'], $into)) {
            return false;
        }
        $topic = $this->cues->topic($m['label']);
        if (null === $topic && (!$into->isNextNumber((int) $m['number']) || 1 !== preg_match('/^\p{Lu}/u', $m['label']))) {
            return false;
        }
        $into->close();
        $into->under(Asked::byQuestion($topic));
        $into->countTo((int) $m['number']);

        return true;
    }

    /** "Sitemap idea:", then "1. Home": the numbers are those of a list. */
    private function isListed(int $number, Segmentation $into): bool
    {
        return \in_array($into->asked()->topic, [FactKind::PageRequest->value, FactKind::Offering->value], true) && $into->isNextItem($number);
    }
}
