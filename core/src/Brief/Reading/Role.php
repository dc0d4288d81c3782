<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

enum Role
{
    case Client;
    /** The designer, or somebody else who writes in the same thread or speaks in the same call. */
    case Other;
    case Signature;
    /** Heads of messages, disclaimers, times of captions. */
    case Frame;
}
