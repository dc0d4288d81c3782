<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Navigation;
use DunePocket\Plan\Plan;

/** A title too long for the menu. */
final readonly class LabelLong implements Rule
{
    private const MOST = 24;

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            if (Navigation::Main === $page->navigation && null === $page->parent && mb_strlen($page->title) > self::MOST) {
                yield new Finding('label-long', Level::Note, [$page->id], \sprintf('“%s” has %d characters; in a menu up to %d are read well. Shorten it.', $page->title, mb_strlen($page->title), self::MOST));
            }
        }
    }
}
