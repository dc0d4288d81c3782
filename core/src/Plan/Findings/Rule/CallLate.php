<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** Something after the call to action that draws away from it. */
final readonly class CallLate implements Rule
{
    private const AFTER = ['site-footer', 'newsletter', 'map-hours', 'related', 'call-to-action'];

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            foreach ($page->sections() as $i => $section) {
                $after = \array_slice($page->sections(), $i + 1);
                $weighty = array_filter($after, static fn ($later): bool => !\in_array($later->kind, self::AFTER, true));
                if ('call-to-action' === $section->kind && [] !== $weighty) {
                    yield new Finding('call-late', Level::Note, [$page->id, $section->id], \sprintf('On “%s” the call to action stands before the end.', $page->title), Mend::moveSection($section->id, $page->id, \count($page->sections()) - ('site-footer' === ($after[\count($after) - 1]->kind ?? '') ? 2 : 1), 'Move it to the end'));
                    break;
                }
            }
        }
    }
}
