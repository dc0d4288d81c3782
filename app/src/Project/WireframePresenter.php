<?php

declare(strict_types=1);

namespace DunePocket\App\Project;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Inspection\LaidOutSection;
use DunePocket\Inspection\LayoutInspector;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Page;
use DunePocket\Plan\Planning\Layouts\Choice;
use DunePocket\Plan\Planning\Layouts\LayoutChooser;
use DunePocket\Plan\Planning\Layouts\Why;
use DunePocket\Plan\Section;
use DunePocket\Project\Action\WireframeActions;
use DunePocket\Project\Project;
use DunePocket\Studio\OwnLayout;
use DunePocket\Wireframe\Draughtsman;
use DunePocket\Wireframe\Drawing;
use DunePocket\Wireframe\Fit\FitReader;
use DunePocket\Wireframe\Fit\SlotFit;
use DunePocket\Wireframe\Fit\Unevenness;
use DunePocket\Wireframe\SlotBox;
use DunePocket\Wireframe\Viewport;

/** Shows what can be known and done about the wireframe of a page and of one of its sections. */
final readonly class WireframePresenter
{
    private FitReader $fit;

    public function __construct(private Catalogue $catalogue, private Draughtsman $draughtsman, private LayoutInspector $inspector)
    {
        $this->fit = new FitReader($catalogue);
    }

    /** @return array<string, mixed> how long the page is at each width, and what its layout wants */
    public function page(Project $project, Page $page): array
    {
        $laidOut = $this->inspector->layOut($project, $page);
        $screens = [];
        foreach (Viewport::cases() as $viewport) {
            $screens[$viewport->value] = round($laidOut->screens($viewport), 1);
        }

        return [
            'screens' => $screens,
            'words' => $laidOut->words(),
            'fits' => $laidOut->fits($this->fit),
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $this->inspector->inspect($project, $laidOut)),
        ];
    }

    /**
     * @param Section         $section as it stands on its page
     * @param list<OwnLayout> $own     layouts of the designer
     *
     * @return array<string, mixed>
     */
    public function section(Project $project, Page $page, Section $section, array $own): array
    {
        $plan = $project->plan;
        [$above, $below] = $plan->neighbours($page, $section);
        $shown = $plan->resolve($section);
        $chooser = $this->chooser($project);
        $ranked = $chooser->ranked($shown, $above, $below, $page->kind);
        $laidOut = new LaidOutSection($section->id, $shown, $chooser->present($shown), $this->draughtsman);

        return [
            'section' => $laidOut->edited(),
            'why' => (new Why($chooser))->of($shown, $above, $below),
            'layouts' => $this->layouts($shown, $ranked),
            'own' => $this->own($shown, $own),
            'columns' => $laidOut->choice->traits->columns,
            'slots' => $this->slots($shown, $laidOut->drawing(Viewport::Desktop)),
            'items' => \count($shown->items()),
            'look' => $shown->look->toArray() + ['flipped' => false, 'media' => '', 'hidden' => [], 'full' => false, 'align' => '', 'columns' => 0, 'order' => []],
            'sides' => \in_array($laidOut->choice->layout->media, ['start', 'end'], true),
            'pictured' => $laidOut->choice->traits->pictured && \in_array('picture', $laidOut->choice->traits->slots, true),
            'fit' => array_map(static fn (SlotFit $fit): array => $fit->toArray(), $this->fit->of($laidOut->drawings())),
            'uneven' => array_map(static fn (Unevenness $uneven): array => $uneven->toArray(), $this->fit->uneven($laidOut->drawing(Viewport::Desktop))),
            'alike' => $this->alike($project, $shown),
        ];
    }

    /**
     * @param list<Choice> $ranked
     *
     * @return list<array<string, mixed>> each layout once, on the side that suits better
     */
    private function layouts(Section $shown, array $ranked): array
    {
        $layouts = [];
        foreach ($ranked as $choice) {
            $layout = $choice->layout;
            $layouts[$layout->id] ??= [
                'id' => $layout->id,
                'label' => $layout->label,
                'media' => '' === $layout->media ? 'none' : $layout->media,
                'columns' => $choice->traits->columns,
                'weight' => $layout->weight,
                'thumbnail' => $this->draughtsman->thumbnail($shown->withLayout($layout->id)),
            ];
        }

        return array_values($layouts);
    }

    /**
     * @param list<OwnLayout> $own
     *
     * @return list<array<string, mixed>> those for this kind of section
     */
    private function own(Section $shown, array $own): array
    {
        $fitting = array_values(array_filter($own, fn (OwnLayout $layout): bool => $layout->section() === $shown->kind && $this->catalogue->hasLayout($layout->layout)));

        return array_map(fn (OwnLayout $layout): array => $layout->toArray() + ['thumbnail' => $this->draughtsman->thumbnail($shown->withLayout($layout->layout)->withLook($layout->look))], $fitting);
    }

    /** @return list<array{slot: string, label: string, shown: bool, optional: bool, items: bool}> what this kind of section can show: what is drawn in its order, then the rest */
    private function slots(Section $shown, Drawing $drawing): array
    {
        $kind = $this->catalogue->sectionKind($shown->kind);
        $places = $this->catalogue->layout($shown->layout)->tree->slots();
        $slots = [];
        foreach ([...array_map(static fn (): bool => false, $kind->slots), ...array_map(static fn (): bool => true, $kind->items)] as $slot => $ofItems) {
            $has = [] !== array_filter($shown->copy, static fn (CopyLine $line): bool => $line->slot === $slot);
            if (\in_array($slot, $places, true)) {
                $known = $this->catalogue->slotKind($slot);
                $slots[] = ['slot' => $slot, 'label' => $known->label, 'shown' => $has && !$shown->look->hides($slot), 'optional' => $known->optional, 'items' => $ofItems];
            }
        }

        $order = array_flip(array_values(array_unique(array_map(static fn (SlotBox $box): string => $box->slot, $drawing->slots))));
        usort($slots, static fn (array $a, array $b): int => ($order[$a['slot']] ?? 99) <=> ($order[$b['slot']] ?? 99));

        return $slots;
    }

    /** @return list<array{section: string, title: string, page: string, pageTitle: string, layout: string, sameLook: bool}> the other sections of this kind */
    private function alike(Project $project, Section $shown): array
    {
        $alike = [];
        $id = $shown->shared ?? $shown->id;
        foreach ((new WireframeActions($this->catalogue))->alike($shown->withId($id), null, $project) as $other) {
            $page = $project->plan->pageOf($other->id);
            $alike[] = ['section' => $other->id, 'title' => $other->title, 'page' => $page->id ?? '', 'pageTitle' => $page->title ?? '', 'layout' => $other->layout, 'sameLook' => $other->look->toArray() === $shown->look->toArray()];
        }

        return $alike;
    }

    private function chooser(Project $project): LayoutChooser
    {
        return new LayoutChooser($this->catalogue, (new Profile($project->brief, $this->catalogue))->kind);
    }
}
