<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Html;

/** A convention for class names. It names every part of a page and puts what the part looks like into the style sheet. */
interface Naming
{
    /** How the convention is called in an export's options. */
    public function id(): string;

    /** What a designer reads when choosing. */
    public function label(): string;

    /**
     * @param string $block   the kind of section: "hero"
     * @param string $variant its layout: "media-end"
     *
     * @return string class names, separated by spaces
     */
    public function section(string $block, string $variant, Rules $rules, StyleSheet $sheet): string;

    /**
     * @param string $part what it is inside the section: "columns", "heading", "item-text"
     *
     * @return string class names, separated by spaces
     */
    public function part(string $block, string $variant, string $part, Rules $rules, StyleSheet $sheet): string;
}
