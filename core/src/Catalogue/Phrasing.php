<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Brief\FactKind;
use DunePocket\Data\Node;

/** The wording of titles, purposes, slots and search entries, and reasons, from core/catalogue. */
final readonly class Phrasing
{
    /** @var array<string, list<Line>> */
    private array $titles;

    /** @var array<string, list<Line>> */
    private array $purposes;

    /** @var array<string, Wording> */
    private array $wordings;

    /** @var array<string, array{list<Line>, list<Line>}> title and description by page kind */
    private array $search;

    /** @var list<array{string, list<Line>}> pattern of a question and its answers */
    public array $answers;

    /** @var list<string> */
    public array $aspects;

    /** @var array<string, array{list<Line>, list<FactKind>}> sentence and kinds of fact by section kind */
    private array $reasons;

    public function __construct(Node $data, Node $reasons)
    {
        $lines = static fn (Node $node): array => array_map(Line::fromNode(...), $node->items());
        $this->titles = array_map($lines, $data->map('titles'));
        $this->purposes = array_map($lines, $data->map('purposes'));
        $this->wordings = array_map(Wording::fromNode(...), $data->map('slots'));
        $this->search = array_map(static fn (Node $node): array => [$lines($node->child('title')), $lines($node->child('description'))], $data->map('search'));
        $this->answers = array_map(static fn (Node $node): array => ['~'.$node->string('ask').'~iu', $lines($node->child('say'))], $data->children('answers'));
        $this->reasons = array_map(static fn (Node $node): array => [$lines($node->child('say')), array_map(static fn (Node $kind): FactKind => FactKind::from($kind->asString()), $node->children('facts'))], $reasons->entries());
        $this->aspects = $data->strings('aspects');
    }

    /** @return list<Line> */
    public function titles(string $sectionKind, string $pageKind): array
    {
        return $this->titles["$sectionKind@$pageKind"] ?? $this->titles[$sectionKind] ?? [];
    }

    /** @return list<Line> */
    public function purposes(string $sectionKind, string $pageKind): array
    {
        return $this->purposes["$sectionKind@$pageKind"] ?? $this->purposes[$sectionKind] ?? [];
    }

    public function wording(string $sectionKind, string $pageKind): ?Wording
    {
        return $this->wordings["$sectionKind@$pageKind"] ?? $this->wordings[$sectionKind] ?? null;
    }

    /** @return array{list<Line>, list<FactKind>} why a section of this kind is there, and the kinds of fact it rests on */
    public function reason(string $sectionKind): array
    {
        return $this->reasons[$sectionKind] ?? [[], []];
    }

    /** @return array{list<Line>, list<Line>} title and description */
    public function search(string $pageKind): array
    {
        return $this->search[$pageKind] ?? $this->search['page'];
    }
}
