<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Language\Typography;

final readonly class PageKinds
{
    private FirstMatch $names;

    /**
     * @param array<string, PageKind> $kinds
     * @param list<string>            $menuOrder ids in the order of a usual menu
     */
    public function __construct(private array $kinds, private array $menuOrder)
    {
        $this->names = new FirstMatch(array_values(array_filter(array_map(static fn (PageKind $kind): ?array => null === $kind->names ? null : [$kind->names, $kind->id], $kinds))));
    }

    public function menuPlace(string $id): int
    {
        $place = array_search($id, $this->menuOrder, true);

        return false === $place ? \count($this->menuOrder) : $place;
    }

    /** @throws UnknownKind */
    public function get(string $id): PageKind
    {
        return $this->kinds[$id] ?? throw new UnknownKind(\sprintf('There is no page kind “%s”.', $id));
    }

    public function has(string $id): bool
    {
        return isset($this->kinds[$id]);
    }

    /** How visitors come to a page of this kind and go on from it, in one or two sentences; empty when neither is known. */
    public function way(string $id): string
    {
        $kind = $this->get($id);
        $from = array_map(fn (string $from): string => $this->get($from)->label, $kind->from);

        return implode(' ', array_filter([
            [] === $from ? '' : 'Visitors come from '.Typography::list($from, 'or').'.',
            null === $kind->leads ? '' : 'It '.$kind->leads->inWords().'.',
        ], static fn (string $sentence): bool => '' !== $sentence));
    }

    /** Whether a page of this kind counts against a wished number; one of an unknown kind does. */
    public function counts(string $id): bool
    {
        return !$this->has($id) || $this->get($id)->counts();
    }

    /** @return list<PageKind> */
    public function all(): array
    {
        return array_values($this->kinds);
    }

    /** The page kind a client means by this name, or null when it is a name of their own. */
    public function named(string $name): ?string
    {
        return $this->names->in(trim($name));
    }
}
