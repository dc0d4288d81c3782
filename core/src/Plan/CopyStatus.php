<?php

declare(strict_types=1);

namespace DunePocket\Plan;

enum CopyStatus: string
{
    case Drafted = 'drafted';
    case Edited = 'edited';
    /** Only the client can give it; the text says what is needed. */
    case ToSupply = 'to-supply';
}
