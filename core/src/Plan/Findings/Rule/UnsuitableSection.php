<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** Some sections are a mistake on some home pages. */
final readonly class UnsuitableSection implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            foreach ('home' === $page->kind ? $page->sections() : [] as $section) {
                if (\in_array($section->kind, $profile->kind->never, true)) {
                    yield new Finding('unsuitable-section', Level::Warning, [$page->id, $section->id], \sprintf('“%s” does not suit the home page of a %s. Move it to another page.', $section->title, $profile->kind->label), Mend::removeSection($section->id, $section->title));
                }
            }
        }
    }
}
