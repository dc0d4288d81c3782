<?php

declare(strict_types=1);

namespace DunePocket\Brief;

/** A brief that cannot be read: empty, too large or no text. The message is meant for the person who gave it. */
final class InvalidBrief extends \InvalidArgumentException
{
}
