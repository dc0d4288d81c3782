<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** Hours that pages and sections take, from core/catalogue/effort.yaml. */
final readonly class EffortRules
{
    /** The part of the hours that a further page of the same kind takes. */
    public float $again;

    /** @var array<string, float> hours once for the whole site, by what they go into */
    public array $site;

    /** @var array<string, float> */
    private array $pages;

    /** @var array<string, float> */
    private array $sections;

    public function __construct(Node $node)
    {
        $hours = static fn (string $key): array => array_map(static fn (Node $value): float => $value->asFloat(), $node->child($key)->entries());
        $this->pages = $hours('pages');
        $this->sections = $hours('sections');
        $this->site = $hours('site');
        $this->again = $node->float('again');
    }

    public function page(string $kind, bool $legal, bool $support): float
    {
        return $this->pages[$kind] ?? $this->pages[$legal ? 'legal' : ($support ? 'support' : 'default')];
    }

    public function section(string $kind): float
    {
        return $this->sections[$kind] ?? $this->sections['default'];
    }
}
