<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** Two pages of a kind of which a site has one, or two pages of one name. */
final readonly class OneThingTwice implements Rule
{
    private const MANY = ['page', 'service', 'area', 'location', 'landing', 'product', 'article', 'project', 'event', 'case-study', 'resources', 'team', 'legal'];

    public function check(Plan $plan, Profile $profile): iterable
    {
        $seen = [];
        foreach ($plan->pages as $page) {
            $marks = ['title '.mb_strtolower($page->title), ...(\in_array($page->kind, self::MANY, true) ? [] : ["kind $page->kind"])];
            $other = array_values(array_intersect_key($seen, array_flip($marks)))[0] ?? null;
            if (null !== $other) {
                yield new Finding('one-thing-twice', Level::Warning, [$page->id, $other->id], \sprintf('“%s” and “%s” are for the same thing. Join them.', $other->title, $page->title), Mend::joinPage($page->id, $other->id, $other->title));
            }
            $seen += array_fill_keys($marks, $page);
        }
    }
}
