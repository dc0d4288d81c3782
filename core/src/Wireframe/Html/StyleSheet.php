<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Html;

/** Collects the rules of a site, each once, and writes them as CSS: the desktop first, then what changes below. */
final class StyleSheet
{
    public const TABLET = '(max-width: 1023px)';
    public const PHONE = '(max-width: 639px)';

    /** @var array<string, Rules> by selector */
    private array $rules = [];

    public function add(string $selector, Rules $rules): void
    {
        if (!$rules->isEmpty()) {
            $this->rules[$selector] = $rules;
        }
    }

    public function rules(string $selector): ?Rules
    {
        return $this->rules[$selector] ?? null;
    }

    public function css(): string
    {
        $css = self::block(array_map(static fn (Rules $rules): array => $rules->desktop, $this->rules), '');
        $tablet = self::block(array_map(static fn (Rules $rules): array => $rules->tablet, $this->rules), '  ');
        $phone = self::block(array_map(static fn (Rules $rules): array => $rules->phone, $this->rules), '  ');

        return $css
            .('' === $tablet ? '' : '@media '.self::TABLET." {\n$tablet}\n")
            .('' === $phone ? '' : '@media '.self::PHONE." {\n$phone}\n");
    }

    /** @param array<string, array<string, string>> $rules declarations by selector */
    private static function block(array $rules, string $indent): string
    {
        $css = '';
        foreach ($rules as $selector => $declarations) {
            if ([] !== $declarations) {
                $css .= "$indent$selector {\n";
                foreach ($declarations as $property => $value) {
                    $css .= "$indent  $property: $value;\n";
                }
                $css .= "$indent}\n";
            }
        }

        return $css;
    }
}
