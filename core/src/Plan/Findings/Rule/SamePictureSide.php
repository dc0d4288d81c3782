<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\Layout;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;

/** Neighbouring sections have their pictures on different sides. */
final readonly class SamePictureSide implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $before = null;
            foreach ($page->sections() as $section) {
                $shown = $plan->shown($section)->layout;
                $layout = $this->catalogue->hasLayout($shown) ? $this->catalogue->layout($shown) : null;
                if (null !== $layout && \in_array($layout->media, ['start', 'end'], true) && $before?->media === $layout->media) {
                    yield new Finding('same-picture-side', Level::Note, [$page->id, $section->id], \sprintf('“%s” has its picture on the same side as the section above. Choose another layout for one of them.', $section->title), $this->mend($plan->shown($section), $layout));
                }
                $before = $layout;
            }
        }
    }

    /** The first layout of the kind with its picture elsewhere. */
    private function mend(Section $section, Layout $now): ?Mend
    {
        foreach ($this->catalogue->layoutsFor($section->kind) as $layout) {
            if ($layout->media !== $now->media && $layout->fill === $now->fill) {
                return Mend::layout($section->shared ?? $section->id, $layout->id, $layout->label);
            }
        }

        return null;
    }
}
