<?php

declare(strict_types=1);

namespace DunePocket\Data;

/** A document (catalogue file, project file, change) that does not have the shape it must have. */
final class InvalidData extends \InvalidArgumentException
{
}
