<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Profile;
use DunePocket\Brief\Refusal;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** A page that the client refused is not in the plan. */
final readonly class RefusedPagePresent implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($profile->brief->of(FactKind::PageRefusal) as $fact) {
            $kind = (new Refusal($fact, $profile->brief, $this->catalogue))->page;
            foreach ($plan->pages as $page) {
                if (($page->kind === $kind && $profile->refusesPage($kind)) || 0 === strcasecmp($page->title, $fact->value)) {
                    yield new Finding('refused-page', Level::Error, [$page->id], \sprintf('The client does not want “%s”. Delete the page, or strike out the refusal in the brief.', $fact->value), '' === $page->slug ? null : Mend::removePage($page->id, $page->title));
                }
            }
        }
    }
}
