<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

/** Where a section stands on a visitor's way down a page. The order of the cases is the order of reading (common practice). */
enum Stage: string
{
    case Opening = 'opening';
    case Matter = 'matter';
    case Proof = 'proof';
    case Detail = 'detail';
    case Doubts = 'doubts';
    case Action = 'action';
    case After = 'after';
    case Frame = 'frame';

    public function isBefore(self $other): bool
    {
        return $this->rank() < $other->rank();
    }

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
