<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Navigation;
use DunePocket\Plan\Plan;

/** About seven entries in a menu are the most that are taken in at a glance (common practice). */
final readonly class MenuTooLong implements Rule
{
    private const MOST = 7;

    public function check(Plan $plan, Profile $profile): iterable
    {
        $menu = array_values(array_filter($plan->children(null), static fn ($page): bool => Navigation::Main === $page->navigation && '' !== $page->slug));
        if (\count($menu) > self::MOST) {
            yield new Finding('menu-too-long', Level::Warning, array_map(static fn ($page): string => $page->id, \array_slice($menu, self::MOST)), \sprintf('The menu has %d entries; more than %d are not taken in at a glance. Put pages below others or into the footer.', \count($menu), self::MOST), Mend::navigation($menu[\count($menu) - 1]->id, Navigation::Footer));
        }
    }
}
