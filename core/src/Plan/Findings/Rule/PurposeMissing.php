<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** A page or a section that does not say what it is for. */
final readonly class PurposeMissing implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            foreach ([$page, ...$page->sections()] as $element) {
                if ('' === trim($element->purpose)) {
                    yield new Finding('purpose-missing', Level::Note, $element === $page ? [$page->id] : [$page->id, $element->id], \sprintf('“%s” does not say what it is for. Write one line.', $element->title));
                }
            }
        }
    }
}
