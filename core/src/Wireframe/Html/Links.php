<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Html;

use DunePocket\Plan\CopyLine;
use DunePocket\Plan\Section;

/** Where the buttons and links of a page lead. */
interface Links
{
    /** The address behind a text of a section; null when it leads nowhere. */
    public function of(Section $section, CopyLine $line): ?string;
}
