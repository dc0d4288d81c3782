<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

/** A change that cannot be made; the message says why, for the person who wanted it. */
final class InvalidChange extends \DomainException
{
}
