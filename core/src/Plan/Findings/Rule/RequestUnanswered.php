<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Coverage;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** Every page that was asked for is in the plan. */
final readonly class RequestUnanswered implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        if ($plan->isEmpty()) {
            return;
        }
        foreach ((new Coverage($this->catalogue))->of($plan, $profile->brief, FactKind::PageRequest) as $item) {
            if ([] === $item->where) {
                yield new Finding('request-unanswered', Level::Error, [], \sprintf('“%s” was asked for and is nowhere yet. Add the page, or strike out the request.', $item->fact->value), Mend::addPage($item->fact->value), $item->fact->id);
            }
        }
    }
}
