<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

/** One line of a recipe: a kind of section, and when it belongs: "faq if no-page:faq and questions". */
final readonly class RecipeEntry
{
    /** @param string $condition empty when it always belongs */
    private function __construct(public string $section, public string $condition)
    {
    }

    public static function fromString(string $entry): self
    {
        [$section, $condition] = [...explode(' if ', $entry, 2), ''];

        return new self($section, $condition);
    }
}
