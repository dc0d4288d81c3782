<?php

declare(strict_types=1);

namespace DunePocket\Brief\Merging;

/** What a reading of a new source does to the fact sheet. */
enum Effect: string
{
    /** Nothing was known of this. */
    case Adds = 'adds';
    /** Something else was known where there can be only one. */
    case Changes = 'changes';
    /** It says the opposite of what was known. */
    case Contradicts = 'contradicts';
}
