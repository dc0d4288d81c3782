<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Layouts;

/**
 * How well a layout suits a section, and how well it stands under the one above. Points are weighed against each other only;
 * all rules are common practice of laying out pages.
 */
final readonly class Suitability
{
    /** More than what it is worth that a page looks like its sibling. */
    private const SAME_SIDE = 8.0;

    /** What a layout costs that has no place for a slot that has copy. */
    private const UNSHOWN = ['price' => 3.0, 'text' => 2.5, 'item-text' => 2.5, 'button' => 3.0, 'quote' => 1.5, 'picture' => 0.8, 'icon' => 0.2, 'label' => 0.2];
    private const UNSHOWN_OTHER = 1.0;

    /** Characters of 16 pixels to a pixel of width. */
    private const CHARACTERS = 1 / 7.6;
    private const WIDTH = 1120;
    private const MOST_LINES = 7;
    private const LONG_CENTRED = 260;
    private const LONG_DISPLAY = 52;
    private const UNEQUAL = 2.5;
    private const MANY_PICTURES = 4;

    /** A whole screen serves where the place itself persuades. */
    private const WHOLE_SCREEN_SERVES = ['hospitality', 'food and drink', 'arts and venues', 'events'];

    /**
     * @param string $business family of the business kind
     *
     * @return float the higher, the better; 0 is ordinary
     */
    public function alone(Choice $choice, Copy $copy, string $pageKind, string $business): float
    {
        $layout = $choice->layout;
        $traits = $choice->traits;
        $points = $choice->flipped ? -0.2 : 0.0;
        $points -= $this->itemsOutside($choice, $copy);
        foreach ($copy->slots as $slot) {
            $points -= \in_array($slot, $traits->slots, true) ? 0.0 : self::UNSHOWN[$slot] ?? self::UNSHOWN_OTHER;
        }
        $points -= $traits->pictured && !$copy->has('picture') && !$copy->has('video') && !$copy->has('map') ? 5.0 : 0.0;
        $points -= 'items' === $layout->media && !$copy->has('picture') && !$copy->has('picture-small') ? 3.0 : 0.0;
        $points -= $this->isCramped($choice, $copy) ? 1.5 : 0.0;
        $points -= $this->isUneven($choice, $copy) ? 0.8 : 0.0;
        $points -= $this->leavesOneAlone($choice, $copy) ? 2.0 : 0.0;
        $points -= $traits->centred && $copy->text > self::LONG_CENTRED ? 1.5 : 0.0;
        $points -= $traits->display && $copy->heading > self::LONG_DISPLAY ? 2.0 : 0.0;
        $points -= $traits->towering ? max(0, $copy->items - self::MANY_PICTURES) * 0.6 : 0.0;
        $points -= 'dark' === $layout->fill ? 0.9 : 0.0;
        $points -= $layout->full ? ('home' === $pageKind && \in_array($business, self::WHOLE_SCREEN_SERVES, true) ? 0.4 : 3.0) : 0.0;

        return $points;
    }

    /** @return float what two layouts cost when one stands under the other; 0 when they go well together */
    public function beside(Choice $above, Choice $below): float
    {
        $cost = 0.0;
        $cost += $this->haveTheSameSide($above, $below) ? self::SAME_SIDE : 0.0;
        $cost += $this->runTogether($above, $below) ? 3.0 : $this->lacksRhythm($above, $below);
        $cost += $this->areBothHeavy($above, $below) ? 1.5 : 0.0;
        $cost += $this->areAlike($above, $below) ? 2.0 : 0.0;
        $cost += $this->areBothWholeScreens($above, $below) ? 5.0 : 0.0;

        return $cost;
    }

    /** How far the number of items is from what the layout suits, in points. */
    private function itemsOutside(Choice $choice, Copy $copy): float
    {
        if (null === $choice->layout->items || $choice->layout->suits($copy->items)) {
            return 0.0;
        }
        [$fewest, $most] = $choice->layout->items;

        return 4.0 + max($fewest - $copy->items, $copy->items - $most);
    }

    /** Whether the longest text of an item would stand in a column too narrow for it. */
    public function isCramped(Choice $choice, Copy $copy): bool
    {
        return $choice->traits->columns > 0 && $copy->longest / (self::WIDTH / $choice->traits->columns * self::CHARACTERS) > self::MOST_LINES;
    }

    /** Whether frames side by side would show how unequal the texts are. */
    public function isUneven(Choice $choice, Copy $copy): bool
    {
        return $choice->traits->framed && $choice->traits->columns > 1 && $copy->longest > self::UNEQUAL * max(20, $copy->shortest);
    }

    /** Whether the last row would hold a single item below full ones. */
    public function leavesOneAlone(Choice $choice, Copy $copy): bool
    {
        return !$copy->has('field') && $choice->traits->columns > 1 && !$choice->traits->turns && $copy->items > $choice->traits->columns && 1 === $copy->items % $choice->traits->columns;
    }

    public function haveTheSameSide(Choice $above, Choice $below): bool
    {
        return \in_array($below->side(), ['start', 'end'], true) && $above->side() === $below->side();
    }

    /** Two grounds of the same colour look like one section. */
    public function runTogether(Choice $above, Choice $below): bool
    {
        return 'paper' !== $below->layout->fill && $above->layout->fill === $below->layout->fill;
    }

    /** What two grounds in a row cost that do not run together: paper on paper says nothing, sand on dark is restless. */
    private function lacksRhythm(Choice $above, Choice $below): float
    {
        $plain = ('paper' === $above->layout->fill ? 1 : 0) + ('paper' === $below->layout->fill ? 1 : 0);

        return [1.0, 0.0, 0.6][$plain];
    }

    public function areBothHeavy(Choice $above, Choice $below): bool
    {
        return 'heavy' === $above->layout->weight && 'heavy' === $below->layout->weight;
    }

    public function areAlike(Choice $above, Choice $below): bool
    {
        return $above->traits->columns > 0 && $above->traits->build === $below->traits->build;
    }

    public function areBothWholeScreens(Choice $above, Choice $below): bool
    {
        return $above->layout->full && $below->layout->full;
    }
}
