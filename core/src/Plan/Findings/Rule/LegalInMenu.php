<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Navigation;
use DunePocket\Plan\Plan;

/** A legal page in the menu. */
final readonly class LegalInMenu implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $legal = $this->catalogue->pageKinds()->has($page->kind) && $this->catalogue->pageKinds()->get($page->kind)->legal;
            if ($legal && Navigation::Main === $page->navigation) {
                yield new Finding('legal-in-menu', Level::Note, [$page->id], \sprintf('“%s” stands in the menu; visitors look for it in the footer.', $page->title), Mend::navigation($page->id, Navigation::Footer));
            }
        }
    }
}
