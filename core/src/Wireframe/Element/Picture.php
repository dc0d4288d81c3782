<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

use DunePocket\Plan\CopyLine;

/**
 * A picture, a video, a map or another service in a frame.
 */
final readonly class Picture implements Element
{
    /**
     * @param string $kind picture, video, map or frame
     * @param int    $down its proportion: 4 across, 3 down
     */
    public function __construct(
        public CopyLine $line,
        public string $kind,
        public int $across,
        public int $down,
    ) {
    }
}
