<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

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
                    yield new Finding('same-picture-side', Level::Note, [$page->id, $section->id], \sprintf('“%s” has its picture on the same side as the section above. Choose another layout for one of them.', $section->title));
                }
                $before = $layout;
            }
        }
    }
}
