<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

final class UnknownKind extends \OutOfBoundsException
{
}
