<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** The same call to action more than once on a page. */
final readonly class CallTwice implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $calls = array_values(array_filter($page->sections(), static fn ($section): bool => 'call-to-action' === $section->kind));
            if (\count($calls) > 1) {
                yield new Finding('call-twice', Level::Note, [$page->id, $calls[0]->id], \sprintf('“%s” calls visitors to act %d times. Once, at the end, is enough.', $page->title, \count($calls)), Mend::removeSection($calls[0]->id, $calls[0]->title));
            }
        }
    }
}
