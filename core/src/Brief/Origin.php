<?php

declare(strict_types=1);

namespace DunePocket\Brief;

enum Origin: string
{
    /** Read in a source. */
    case Stated = 'stated';
    /** Concluded from a source. */
    case Inferred = 'inferred';
    /** Typed by the designer. */
    case Entered = 'entered';
}
