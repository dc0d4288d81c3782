<?php

declare(strict_types=1);

namespace DunePocket\App\Project;

use DunePocket\Brief\FactKind;
use DunePocket\Catalogue\BusinessKind;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\Feature;
use DunePocket\Catalogue\Goal;
use DunePocket\Catalogue\PageKind;
use DunePocket\Catalogue\SectionKind;

/** The part of the catalogue that an interface offers for choosing. */
final readonly class CatalogueView
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return array<string, list<array<string, mixed>>> */
    public function toArray(): array
    {
        return [
            'sectionKinds' => array_map(static fn (SectionKind $kind): array => ['id' => $kind->id, 'label' => $kind->label, 'for' => $kind->for, 'belongs' => $kind->belongs, 'not' => $kind->not, 'needs' => $kind->needs, 'leads' => $kind->leads?->inWords(), 'frame' => $kind->frame], array_values($this->catalogue->sectionKinds())),
            'pageKinds' => array_map(fn (PageKind $kind): array => ['id' => $kind->id, 'label' => $kind->label, 'for' => $kind->for, 'belongs' => $kind->belongs, 'not' => $kind->not, 'needs' => $kind->needs, 'way' => $this->catalogue->pageKinds()->way($kind->id)], $this->catalogue->pageKinds()->all()),
            'factKinds' => array_map(static fn (FactKind $kind): array => ['id' => $kind->value, 'label' => $kind->label(), 'group' => $kind->group()], FactKind::cases()),
            'goals' => array_map(static fn (Goal $goal): array => ['id' => $goal->id, 'label' => $goal->label], array_values($this->catalogue->goals())),
            'features' => array_map(static fn (Feature $feature): array => ['id' => $feature->id, 'label' => $feature->label], array_values($this->catalogue->features())),
            'tones' => array_map(static fn (string $tone): array => ['id' => $tone, 'label' => ucfirst($tone)], $this->catalogue->tones()),
            'businessKinds' => array_map(static fn (BusinessKind $kind): array => ['id' => $kind->id, 'label' => ucfirst($kind->label)], $this->catalogue->businessKinds()),
        ];
    }
}
