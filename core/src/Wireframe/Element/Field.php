<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

use DunePocket\Plan\CopyLine;

/** A field of a form with its label above it. */
final readonly class Field implements Element
{
    public function __construct(
        public CopyLine $line,
        public bool $onDark,
    ) {
    }

    /** Whether it may be left empty, as its label says. */
    public function isOptional(): bool
    {
        return 1 === preg_match('/\b(?:optional|if you like|if you have)\b/i', $this->line->text);
    }

    /** Whether it takes more than one line. */
    public function isTall(): bool
    {
        return 1 === preg_match('/message|what you need|anything else|tell us/i', $this->line->text);
    }
}
