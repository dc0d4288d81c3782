<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Html;

/** "hero hero--media-end", and inside it "hero__heading". */
final class BlockElementModifier extends Scoped
{
    public function id(): string
    {
        return 'bem';
    }

    public function label(): string
    {
        return 'Block, element, modifier';
    }

    protected function sectionSelector(string $block, string $variant): string
    {
        return ".$block--$variant";
    }

    protected function sectionClasses(string $block, string $variant): string
    {
        return "$block $block--$variant";
    }

    protected function partSelector(string $block, string $variant, string $name): string
    {
        return ".$block--$variant .{$block}__$name";
    }

    protected function partClass(string $block, string $name): string
    {
        return "{$block}__$name";
    }
}
