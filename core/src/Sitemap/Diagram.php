<?php

declare(strict_types=1);

namespace DunePocket\Sitemap;

/** The hierarchy of a site as boxes and connectors, in pixels; it has the form of a landscape A sheet. */
final readonly class Diagram
{
    /**
     * @param list<PageBox>                           $boxes in the order of the plan
     * @param list<array{float, float, float, float}> $lines from x, y to x, y
     * @param list<array{float, float, string}>       $words x, baseline and text of the headings inside
     */
    public function __construct(
        public float $width,
        public float $height,
        public array $boxes,
        public array $lines,
        public array $words,
    ) {
    }
}
