<?php

declare(strict_types=1);

namespace DunePocket\Brief\Merging;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Catalogue\PageKinds;

/** Tells which facts say the same, and which the opposite: a page that is asked for and one that is refused. */
final readonly class Sameness
{
    private const OPPOSITES = [
        'page_refusal' => [FactKind::PageRequest, FactKind::Feature],
        'page_request' => [FactKind::PageRefusal],
        'feature' => [FactKind::PageRefusal],
    ];

    public function __construct(private PageKinds $pages)
    {
    }

    public function isRepeated(Fact $a, Fact $b): bool
    {
        return $a->kind === $b->kind && $this->key($a) === $this->key($b);
    }

    /**
     * @param list<Fact> $known
     *
     * @return list<Fact> those of them that say the opposite
     */
    public function opposites(Fact $fact, array $known): array
    {
        return array_values(array_filter($known, fn (Fact $other): bool => \in_array($other->kind, self::OPPOSITES[$fact->kind->value] ?? [], true) && $this->meansTheSame($other, $fact)));
    }

    private function meansTheSame(Fact $a, Fact $b): bool
    {
        if ($this->key($a) === $this->key($b)) {
            return true;
        }
        $features = array_filter([$this->feature($a), $this->feature($b)]);
        if (2 === \count($features) && 1 === \count(array_unique($features))) {
            return true;
        }
        $kinds = array_filter([$this->pages->named($a->value), $this->pages->named($b->value)]);

        return 2 === \count($kinds) && 1 === \count(array_unique($kinds));
    }

    private function feature(Fact $fact): ?string
    {
        return FactKind::Feature === $fact->kind ? $fact->value : $fact->detail('feature');
    }

    private function key(Fact $fact): string
    {
        $key = mb_strtolower(preg_replace('/^(?:the|our|an?)\s+|[^\p{L}\d]+(?:pages?)?$/iu', '', $fact->value) ?? $fact->value);
        if (FactKind::ContactPhone === $fact->kind) {
            return $fact->detail('e164') ?? preg_replace('/\D/', '', $key) ?? $key;
        }

        return preg_replace('/(?<=\p{L}{3})s\b/u', '', $key) ?? $key;
    }
}
