<?php

declare(strict_types=1);

namespace DunePocket\App\Console;

/** A file that cannot be read or written. */
final class FileTrouble extends \RuntimeException
{
}
