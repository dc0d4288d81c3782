<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Html;

/** "hero media-end", and inside it "heading": names that say what a thing is, and nothing else. */
final class Semantic extends Scoped
{
    public function id(): string
    {
        return 'semantic';
    }

    public function label(): string
    {
        return 'Plain names';
    }

    protected function sectionSelector(string $block, string $variant): string
    {
        return ".$block.$variant";
    }

    protected function sectionClasses(string $block, string $variant): string
    {
        return "$block $variant";
    }

    protected function partSelector(string $block, string $variant, string $name): string
    {
        return ".$block.$variant .$name";
    }

    protected function partClass(string $block, string $name): string
    {
        return $name;
    }
}
