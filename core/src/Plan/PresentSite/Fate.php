<?php

declare(strict_types=1);

namespace DunePocket\Plan\PresentSite;

/** What becomes of a page of the present website. */
enum Fate: string
{
    case Keep = 'keep';
    case Merge = 'merge';
    case Drop = 'drop';
}
