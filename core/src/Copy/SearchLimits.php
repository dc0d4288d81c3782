<?php

declare(strict_types=1);

namespace DunePocket\Copy;

/** How long search entries may be before they are cut off. Common practice: about 60 and 155 characters. */
final class SearchLimits
{
    public const TITLE = 60;
    public const DESCRIPTION = 155;
}
