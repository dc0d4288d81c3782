<?php

declare(strict_types=1);

namespace DunePocket\Plan;

/** A page, section or fact that is not there (any more). */
final class UnknownElement extends \OutOfBoundsException
{
}
