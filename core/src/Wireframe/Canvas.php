<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** Collects shapes while a section is laid out, and moves what was drawn since a mark. */
final class Canvas
{
    /** @var list<Shape> */
    private array $shapes = [];

    public function add(Shape $shape): void
    {
        $this->shapes[] = $shape;
    }

    public function mark(): int
    {
        return \count($this->shapes);
    }

    public function move(int $since, ?int $until, float $dx, float $dy): void
    {
        if (0.0 === $dx && 0.0 === $dy) {
            return;
        }
        $length = ($until ?? \count($this->shapes)) - $since;
        $moved = array_map(static fn (Shape $shape): Shape => $shape->moved($dx, $dy), \array_slice($this->shapes, $since, $length));
        array_splice($this->shapes, $since, $length, $moved);
    }

    /** Puts a shape beneath everything drawn since the mark. */
    public function addBeneath(int $mark, Shape $shape): void
    {
        array_splice($this->shapes, $mark, 0, [$shape]);
    }

    /**
     * Takes away what was drawn since the mark.
     *
     * @return list<Shape>
     */
    public function take(int $mark): array
    {
        return array_values(array_splice($this->shapes, $mark));
    }

    /** Takes away what begins beyond this place: the rest of a row that scrolls sideways. */
    public function dropBeyond(float $x): void
    {
        $this->shapes = array_values(array_filter($this->shapes, static fn (Shape $shape): bool => $shape->left() < $x));
    }

    public function drawing(int $width, float $height): Drawing
    {
        $slots = array_values(array_filter($this->shapes, static fn (Shape $shape): bool => $shape instanceof SlotBox));
        $shapes = array_values(array_filter($this->shapes, static fn (Shape $shape): bool => !$shape instanceof SlotBox));

        return new Drawing($width, $height, $shapes, $slots);
    }
}
