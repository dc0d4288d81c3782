<?php

declare(strict_types=1);

namespace DunePocket\App\Project;

use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;
use DunePocket\Wireframe\Draughtsman;
use DunePocket\Wireframe\SlotBox;
use DunePocket\Wireframe\Viewport;

/** Shows drawn pages to the interface. */
final readonly class DrawingPresenter
{
    public function __construct(private Draughtsman $draughtsman)
    {
    }

    /** @return list<array<string, mixed>> */
    public function page(Plan $plan, Page $page, Viewport $viewport): array
    {
        return array_map(fn (Section $section): array => $this->section($plan, $section, $viewport), $page->sections());
    }

    /** @return array<string, mixed> */
    public function section(Plan $plan, Section $section, Viewport $viewport): array
    {
        return $this->drawn($section->id, $plan->resolve($section), $viewport);
    }

    /**
     * @param string  $id    of the section on its page
     * @param Section $shown resolved
     *
     * @return array<string, mixed>
     */
    public function drawn(string $id, Section $shown, Viewport $viewport): array
    {
        $drawing = $this->draughtsman->drawing($shown, $viewport);
        $texts = [];
        foreach ($shown->copy as $line) {
            $texts[$line->slot.'/'.($line->item ?? '')] = $line->text;
        }

        return [
            'section' => $id,
            'width' => $drawing->width,
            'height' => $drawing->height,
            'svg' => $this->draughtsman->svg($drawing),
            'slots' => array_map(static fn (SlotBox $slot): array => $slot->toArray() + ['text' => $texts[$slot->slot.'/'.($slot->item ?? '')] ?? ''], $drawing->slots),
        ];
    }
}
