<?php

declare(strict_types=1);

namespace DunePocket\Brief\Normal\Hours;

/** What a piece of opening hours can be. */
enum TokenKind: string
{
    case Season = 'season';
    case AllDay = 'all_day';
    case Except = 'except';
    case Closed = 'closed';
    /** Bank holidays, which are no days of the week. */
    case Holidays = 'holidays';
    case Days = 'days';
    case Range = 'range';
    /** From a time on, "till late" or without an end. */
    case Opens = 'opens';
    case Closes = 'closes';
}
