<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** "- nail trims", "2) nail trims", "(b) nail trims" */
final readonly class Item implements Shape
{
    private const ITEM = '/^(\s*(?:[-~*•–·‣◦▪●○→✓✔►]|\(?\d{1,2}[.)\/]|\d{1,2}(?:\.\d{1,2}){1,2}\.?|\(?[a-z]\))\s+)(\S.*)$/u';

    /** "1 home", where a list was asked for */
    private const COUNTED = '/^(\s*\d{1,2}\s+)(\p{L}.*)$/u';

    /** "3.1 The site shall …" is no item of a list. */
    private const CLAUSE = '/\d\.\d/';
    private const SENTENCE = '/^(?:[^\p{L}\d.]*[\p{L}\d]+){5,}.*[.:]$/us';
    /** Where names are listed, "About - me and the dog" is one of them. */
    private const LISTS = ['page_request', 'offering'];
    private const WITH_REMARK = '/^[^:]{2,40}\s[–—-]\s/u';

    public function __construct(private InlineLabel $label)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        [$mark, $text] = $this->marked($spot->text, $into);
        if ('' === $mark) {
            return false;
        }
        if (1 === preg_match(self::CLAUSE, $mark) && 1 === preg_match(self::SENTENCE, $text)) {
            $into->close();
            $into->addWithLabels(BlockKind::Paragraph, $spot->start + \strlen($mark), $text, $into->asked()->topic);

            return true;
        }
        if ($into->isRemark($mark, $text)) {
            $into->close();
            $into->add(BlockKind::Paragraph, $spot->start + \strlen($mark), $text, FactKind::PageRequest->value === $into->asked()->topic ? FactKind::Feature->value : null);

            return true;
        }
        $this->write($spot->start + \strlen($mark), $text, $into);
        $into->countItems((int) trim($mark, ' ('));
        $into->noteItem($mark, $text);

        return true;
    }

    /** A line that stands in a list whether it carries a mark or not. */
    public function listed(Line $line, Segmentation $into): void
    {
        [$mark, $text] = $this->marked($line->text, $into);
        $this->write($line->start + \strlen($mark), $text, $into);
        if ('' !== $mark) {
            $into->countItems((int) trim($mark, ' ('));
        }
    }

    /** @return array{string, string} the mark, with the space around it, and what stands behind it */
    private function marked(string $text, Segmentation $into): array
    {
        if (1 === preg_match(self::ITEM, $text, $m)) {
            return [$m[1], $m[2]];
        }
        $isCounted = \in_array($into->asked()->topic, self::LISTS, true) && 1 === preg_match(self::COUNTED, $text, $m) && $into->isNextItem((int) $m[1]);

        return $isCounted ? [$m[1], $m[2]] : ['', $text];
    }

    /** One item of a list, without its mark. */
    public function write(int $start, string $text, Segmentation $into): void
    {
        $into->close();
        $isOfList = \in_array($into->asked()->topic, self::LISTS, true) && 1 === preg_match(self::WITH_REMARK, $text);
        if ($isOfList || !$this->label->write($start, $text, $into)) {
            $into->addWithLabels(BlockKind::Item, $start, $text, $into->asked()->topic);
        }
    }
}
