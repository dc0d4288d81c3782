<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Html;

/** What the conventions share that name a part after what it is: two parts of the same name that look different get numbers. */
abstract class Scoped implements Naming
{
    public function section(string $block, string $variant, Rules $rules, StyleSheet $sheet): string
    {
        $sheet->add($this->sectionSelector($block, $variant), $rules);

        return $this->sectionClasses($block, $variant);
    }

    public function part(string $block, string $variant, string $part, Rules $rules, StyleSheet $sheet): string
    {
        for ($n = 1;; ++$n) {
            $name = 1 === $n ? $part : "$part-$n";
            $selector = $this->partSelector($block, $variant, $name);
            $known = $sheet->rules($selector);
            if (null === $known || $known->equals($rules)) {
                $sheet->add($selector, $rules);

                return $this->partClass($block, $name);
            }
        }
    }

    abstract protected function sectionSelector(string $block, string $variant): string;

    abstract protected function sectionClasses(string $block, string $variant): string;

    abstract protected function partSelector(string $block, string $variant, string $name): string;

    abstract protected function partClass(string $block, string $name): string;
}
