<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings;

enum Level: string
{
    case Error = 'error';
    case Warning = 'warning';
    case Note = 'note';
}
