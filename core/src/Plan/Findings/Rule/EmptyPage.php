<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** A page has something between header and footer. */
final readonly class EmptyPage implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $own = array_filter($page->sections(), fn ($section): bool => !($this->catalogue->sectionKinds()[$section->kind]->frame ?? false));
            if ([] === $own) {
                yield new Finding('empty-page', Level::Error, [$page->id], \sprintf('“%s” is empty. Add sections, or delete the page.', $page->title), '' === $page->slug ? Mend::anotherPage($page->id) : Mend::removePage($page->id, $page->title));
            }
        }
    }
}
