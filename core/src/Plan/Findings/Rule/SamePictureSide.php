<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Planning\Layouts\Choice;

/** Neighbouring sections have their pictures on different sides. */
final readonly class SamePictureSide implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $before = '';
            foreach ($page->sections() as $section) {
                $shown = $plan->shown($section);
                $side = $this->catalogue->hasLayout($shown->layout) ? Choice::sideOf($this->catalogue->layout($shown->layout), $shown->look->flipped) : '';
                if (\in_array($side, ['start', 'end'], true) && $before === $side) {
                    yield new Finding('same-picture-side', Level::Note, [$page->id, $section->id], \sprintf('“%s” has its picture on the same side as the section above. Flip one of them.', $section->title), Mend::look($section->shared ?? $section->id, ['flipped' => !$shown->look->flipped], 'Flip the side'));
                }
                $before = $side;
            }
        }
    }
}
