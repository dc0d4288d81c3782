<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Brief\FactKind;
use DunePocket\Plan\Reason;

/** The page where the goal is reached; not where the client listed all pages. */
final readonly class GoalPage implements PageStep
{
    /** Goals that need their page whatever the kind of business. */
    private const ALWAYS = ['donations', 'signups', 'bookings'];
    /** Pages that other steps decide on. */
    private const ELSEWHERE = ['contact', 'account', 'product', 'portfolio'];

    public function plan(PageList $pages): void
    {
        if ($pages->isComplete) {
            return;
        }
        $profile = $pages->profile;
        $goal = $pages->catalogue->goals()[$profile->goal];
        foreach ($goal->targets as $target) {
            $isUsual = \in_array($target, $profile->kind->pages, true) || \in_array($profile->goal, self::ALWAYS, true);
            if ($isUsual && !\in_array($target, self::ELSEWHERE, true) && !$pages->isRefused($target, $target)) {
                $pages->add($pages->draft($target, new Reason(\sprintf('The site is to bring %s, and this is where that happens.', $goal->noun), $pages->facts(FactKind::Goal))));

                return;
            }
        }
    }
}
