<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Html;

/** One class for each declaration: "display-grid gap-32px phone:gap-20px". */
final class Utility implements Naming
{
    public function id(): string
    {
        return 'utility';
    }

    public function label(): string
    {
        return 'One class for each property';
    }

    public function section(string $block, string $variant, Rules $rules, StyleSheet $sheet): string
    {
        return $this->part($block, $variant, '', $rules, $sheet);
    }

    public function part(string $block, string $variant, string $part, Rules $rules, StyleSheet $sheet): string
    {
        $classes = [];
        foreach (['' => $rules->desktop, 'tablet' => $rules->tablet, 'phone' => $rules->phone] as $width => $declarations) {
            foreach ($declarations as $property => $value) {
                $name = ('' === $width ? '' : "$width-").self::name($property, $value);
                $sheet->add(".$name", match ($width) {
                    'tablet' => new Rules(tablet: [$property => $value]),
                    'phone' => new Rules(phone: [$property => $value]),
                    default => new Rules([$property => $value]),
                });
                $classes[] = $name;
            }
        }

        return implode(' ', $classes);
    }

    private static function name(string $property, string $value): string
    {
        $value = preg_replace(['/repeat\((\d+), minmax\(0, 1fr\)\)/', '/minmax\(0, (\d+fr)\)/', '/[^a-zA-Z0-9]+/'], ['$1-equal', '$1', '-'], $value) ?? '';

        return trim($property, '-').'-'.trim($value, '-');
    }
}
