<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** A map, while nobody knows where. */
final readonly class MapWithoutPlace implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        if ($profile->kind->place || $profile->has(FactKind::ContactAddress) || $profile->has(FactKind::Location)) {
            return;
        }
        foreach ($plan->pages as $page) {
            foreach ($page->sections() as $section) {
                if ('map-hours' === $section->kind) {
                    yield new Finding('map-without-place', Level::Note, [$page->id, $section->id], \sprintf('“%s” shows a map, but the brief gives no place. Ask for the address.', $section->title), Mend::removeSection($section->id, $section->title));
                }
            }
        }
    }
}
