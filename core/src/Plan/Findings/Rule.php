<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Plan;

interface Rule
{
    /** @return iterable<Finding> */
    public function check(Plan $plan, Profile $profile): iterable;
}
