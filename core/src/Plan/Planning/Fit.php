<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

/** How well a kind of section suits: this place, another place of this page, or another page. */
enum Fit: string
{
    case Place = 'place';
    case Page = 'page';
    case Elsewhere = 'elsewhere';
}
