<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;

/** What a page that the client called by a name of their own is about. */
final readonly class PageNaming
{
    public function __construct(private PageList $pages)
    {
    }

    /** The kind of page, as far as its name says; null for a name we do not know. */
    public function kind(Fact $request): ?string
    {
        return match (true) {
            $this->isRange($request->value) => 'products',
            $this->isAllOfferings($request->value) => 'services',
            default => $request->detail('page') ?? $this->pages->catalogue->pageKinds()->named($request->value),
        };
    }

    /** Whether the name stands for everything that is offered. */
    public function namesAll(string $name): bool
    {
        return $this->isRange($name) || $this->isAllOfferings($name);
    }

    /** The one offering of that name; null when there is none, or several. */
    public function offering(string $name): ?Fact
    {
        $key = $this->pages->key($name);
        $matches = array_values(array_filter($this->pages->profile->offerings, function (Fact $offering) use ($key): bool {
            $other = $this->pages->key($offering->value);

            return $other === $key || str_ends_with($other, " $key") || str_starts_with($other, "$key ") || str_ends_with($key, " $other") || str_starts_with($key, "$other ");
        }));

        return 1 === \count($matches) ? $matches[0] : null;
    }

    public function area(string $name): ?Fact
    {
        foreach ($this->pages->profile->brief->of(FactKind::AreaServed) as $area) {
            if ($this->pages->key($area->value) === $this->pages->key($name)) {
                return $area;
            }
        }

        return null;
    }

    /** "Hire", where the main hall and the small room are for hire. */
    public function namesSeveralOfferings(string $name): bool
    {
        $pattern = '/\b'.preg_quote($this->pages->key($name), '/').'\b/u';

        return !$this->pages->has('services') && \count(array_filter($this->pages->profile->offerings, fn (Fact $offering): bool => 1 === preg_match($pattern, $this->pages->key($offering->value)))) > 1;
    }

    /** "Treatments", where treatments are what is offered. */
    private function isAllOfferings(string $name): bool
    {
        return !$this->pages->has('services') && $this->pages->key($name) === $this->pages->key($this->pages->profile->kind->offerings);
    }

    /** "Our wines", where wines and spirits are sold; "Bikes" in a bike shop. */
    private function isRange(string $name): bool
    {
        if (!$this->pages->profile->sells() || $this->pages->has('products')) {
            return false;
        }
        $key = $this->pages->key($name);
        $business = $this->pages->profile->kind;

        return str_starts_with($this->pages->key($business->label), $key.' ') || \in_array($key, preg_split('/ and |, /', $this->pages->key($business->offerings)) ?: [], true);
    }
}
