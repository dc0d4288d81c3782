<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Layouts;

use DunePocket\Language\Typography;
use DunePocket\Plan\Section;

/** Says in plain sentences why a layout suits a section where it stands, and what speaks against it. */
final readonly class Why
{
    /** Slots in words, for those whose name is not a word. */
    private const NAMES = ['item-heading' => 'names', 'item-text' => 'texts of its items', 'text-2' => 'second text', 'button-2' => 'second button', 'cite' => 'who said it', 'label' => 'small label', 'picture-small' => 'small pictures'];

    private Suitability $suitability;

    public function __construct(private LayoutChooser $chooser)
    {
        $this->suitability = new Suitability();
    }

    /**
     * @param ?Section $above resolved
     * @param ?Section $below resolved
     *
     * @return list<string> what speaks for it first
     */
    public function of(Section $section, ?Section $above, ?Section $below): array
    {
        $choice = $this->chooser->present($section);
        $copy = Copy::of($section);

        return [...$this->alone($choice, $copy), ...(null === $above ? [] : $this->under($choice, $this->chooser->present($above), $above->title)), ...(null === $below ? [] : $this->over($choice, $this->chooser->present($below), $below->title))];
    }

    /** @return list<string> */
    private function alone(Choice $choice, Copy $copy): array
    {
        $sentences = [];
        if (null !== $choice->layout->items && $copy->items > 0) {
            [$fewest, $most] = $choice->layout->items;
            $sentences[] = $choice->layout->suits($copy->items)
                ? \sprintf('It suits %d to %d items, and there are %s.', $fewest, $most, Typography::number($copy->items))
                : \sprintf('There are %s items, and it suits %d to %d.', Typography::number($copy->items), $fewest, $most);
        }
        $unshown = array_map(static fn (string $slot): string => self::NAMES[$slot] ?? $slot, array_values(array_diff($copy->slots, $choice->traits->slots)));
        $sentences[] = [] === $unshown ? 'It shows all the copy there is.' : \sprintf('It has no place for the %s; that is kept for another layout.', Typography::list($unshown));
        if ($this->suitability->isCramped($choice, $copy)) {
            $sentences[] = 'The longest text stands in a narrow column.';
        }
        if ($this->suitability->isUneven($choice, $copy)) {
            $sentences[] = 'Its frames show how unequal the texts are.';
        }

        if ($this->suitability->leavesOneAlone($choice, $copy)) {
            $sentences[] = \sprintf('In rows of %d, the last item stands alone.', $choice->traits->columns);
        }

        return $sentences;
    }

    /** @return list<string> */
    private function under(Choice $choice, Choice $above, string $title): array
    {
        $sentences = [];
        if (\in_array($choice->side(), ['start', 'end'], true) && \in_array($above->side(), ['start', 'end'], true)) {
            $sentences[] = \sprintf($this->suitability->haveTheSameSide($above, $choice) ? 'Its picture is on the same side as in “%s” above.' : 'Its picture is on the other side than in “%s” above.', $title);
        }
        if ($this->suitability->areBothHeavy($above, $choice)) {
            $sentences[] = \sprintf('It is heavy, and so is “%s” above.', $title);
        } elseif ('heavy' === $above->layout->weight) {
            $sentences[] = \sprintf('It is quiet after “%s”, which is heavy.', $title);
        }
        if ($this->suitability->runTogether($above, $choice)) {
            $sentences[] = \sprintf('It has the same ground as “%s”, so the two look like one.', $title);
        }
        if ($this->suitability->areAlike($above, $choice)) {
            $sentences[] = \sprintf('It is built like “%s” above.', $title);
        }

        return $sentences;
    }

    /** @return list<string> */
    private function over(Choice $choice, Choice $below, string $title): array
    {
        return $this->suitability->haveTheSameSide($choice, $below) ? [\sprintf('“%s” below has its picture on the same side.', $title)] : [];
    }
}
