<?php

declare(strict_types=1);

namespace DunePocket\Studio;

use DunePocket\Catalogue\Catalogue;

/** The designer's recipes as planning asks for them. */
final readonly class Recipes
{
    public function __construct(private Defaults $defaults, private Catalogue $catalogue)
    {
    }

    /**
     * The sections of the designer's recipe for such a page; null when there is none.
     *
     * @return ?list<string> kinds of the catalogue, each once
     */
    public function kinds(string $pageKind, string $title): ?array
    {
        $recipe = $this->recipe($pageKind, $title);
        if (null === $recipe) {
            return null;
        }
        $kinds = [];
        foreach ($recipe->sections as $section) {
            $kind = $this->named($section)->kind ?? $section;
            if (isset($this->catalogue->sectionKinds()[$kind]) && !$this->catalogue->sectionKind($kind)->frame) {
                $kinds[] = $kind;
            }
        }

        return array_values(array_unique($kinds));
    }

    /** The own section that stands for this kind on such a page. */
    public function section(string $pageKind, string $title, string $kind): ?OwnSection
    {
        foreach ($this->recipe($pageKind, $title)->sections ?? [] as $name) {
            $own = $this->named($name);
            if ($own?->kind === $kind) {
                return $own;
            }
        }

        return null;
    }

    private function recipe(string $pageKind, string $title): ?OwnRecipe
    {
        foreach ($this->defaults->recipes as $recipe) {
            if (0 === strcasecmp($recipe->page, $title) || $this->catalogue->pageKinds()->named($recipe->page) === $pageKind || ($this->catalogue->pageKinds()->has($pageKind) && 0 === strcasecmp($recipe->page, $this->catalogue->pageKinds()->get($pageKind)->label))) {
                return $recipe;
            }
        }

        return null;
    }

    private function named(string $name): ?OwnSection
    {
        foreach ($this->defaults->sections as $section) {
            if (0 === strcasecmp($section->name, $name)) {
                return $section;
            }
        }

        return null;
    }
}
