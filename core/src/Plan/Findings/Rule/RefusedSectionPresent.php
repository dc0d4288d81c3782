<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** What the client refused is on no page as a section either. */
final readonly class RefusedSectionPresent implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            foreach ($page->sections() as $section) {
                if ($profile->refuses($plan->shown($section)->kind)) {
                    yield new Finding('refused-section', Level::Warning, [$page->id, $section->id], \sprintf('On “%s”, “%s” shows what the client does not want. Take it out, or strike out the refusal in the brief.', $page->title, $section->title), Mend::removeSection($section->id, $section->title));
                }
            }
        }
    }
}
