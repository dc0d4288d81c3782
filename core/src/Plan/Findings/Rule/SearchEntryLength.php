<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Copy\SearchLimits;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** Search titles and descriptions are not cut off (about 60 and 155 characters, common practice). */
final readonly class SearchEntryLength implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            if (mb_strlen($page->search->title) > SearchLimits::TITLE) {
                yield new Finding('search-title-long', Level::Note, [$page->id], \sprintf('The search title of “%s” has %d characters and will be cut off. Shorten it to %d.', $page->title, mb_strlen($page->search->title), SearchLimits::TITLE));
            }
            if (mb_strlen($page->search->description) > SearchLimits::DESCRIPTION) {
                yield new Finding('search-description-long', Level::Note, [$page->id], \sprintf('The search description of “%s” has %d characters and will be cut off. Shorten it to %d.', $page->title, mb_strlen($page->search->description), SearchLimits::DESCRIPTION));
            }
        }
    }
}
