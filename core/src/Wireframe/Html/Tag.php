<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Html;

/** Writes HTML elements; texts and attributes are escaped here and nowhere else. */
final class Tag
{
    private const VOID = ['input', 'img', 'link', 'meta'];

    /** @param array<string, string|null> $attributes null leaves one out; an empty class is left out too */
    public static function of(string $name, array $attributes, string $inside = ''): string
    {
        $written = '';
        foreach ($attributes as $attribute => $value) {
            if (null !== $value && ('' !== $value || 'class' !== $attribute)) {
                $written .= '' === $value && \in_array($attribute, ['required', 'hidden'], true) ? " $attribute" : " $attribute=\"".self::text($value).'"';
            }
        }

        return \in_array($name, self::VOID, true) ? "<$name$written>" : "<$name$written>$inside</$name>";
    }

    public static function text(string $text): string
    {
        return htmlspecialchars($text, \ENT_QUOTES | \ENT_SUBSTITUTE | \ENT_HTML5, 'UTF-8');
    }
}
