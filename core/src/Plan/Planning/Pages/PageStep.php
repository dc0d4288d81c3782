<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

/** One step in deciding which pages a site has. */
interface PageStep
{
    public function plan(PageList $pages): void;
}
