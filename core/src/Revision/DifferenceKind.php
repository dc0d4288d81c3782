<?php

declare(strict_types=1);

namespace DunePocket\Revision;

enum DifferenceKind: string
{
    case Added = 'added';
    case Removed = 'removed';
    case Moved = 'moved';
    case Renamed = 'renamed';
    case Reworded = 'reworded';
    case Changed = 'changed';
}
