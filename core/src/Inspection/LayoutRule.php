<?php

declare(strict_types=1);

namespace DunePocket\Inspection;

use DunePocket\Plan\Findings\Finding;

/** One rule over the layout of a page. */
interface LayoutRule
{
    /** @return iterable<Finding> */
    public function check(LaidOutPage $page): iterable;
}
