<?php

declare(strict_types=1);

namespace DunePocket\App\Project;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\Merging\Proposal;
use DunePocket\Brief\Merging\SourceMerger;
use DunePocket\Brief\Source;

/** Shows what a new source would change. */
final readonly class SourcePresenter
{
    public function __construct(private SourceMerger $merger, private ProjectPresenter $presenter)
    {
    }

    /** @return array<string, mixed> */
    public function preview(Brief $brief, Source $source): array
    {
        $source = new Source($brief->nextSourceId(), $source->title, $source->kind, $source->text);

        return [
            'title' => $source->title,
            'kind' => $source->kind->value,
            'text' => $source->text,
            'proposals' => $this->proposals($this->merger->propose($brief, $source), $source),
        ];
    }

    /** @return list<array<string, mixed>> what the facts of another project would change */
    public function fromProject(Brief $brief, Brief $other, string $name): array
    {
        return $this->proposals($this->merger->proposeFrom($brief, $other, $name));
    }

    /**
     * @param list<Proposal> $proposals
     *
     * @return list<array<string, mixed>>
     */
    private function proposals(array $proposals, ?Source $source = null): array
    {
        return array_map(fn (Proposal $proposal): array => [
            'id' => $proposal->id(),
            'effect' => $proposal->effect->value,
            'fact' => $this->presenter->fact($proposal->fact, false),
            'quote' => null === $source ? null : $proposal->fact->quote?->words($source),
            'instead' => array_map(fn (Fact $fact): array => $this->presenter->fact($fact, false), $proposal->instead),
            'rule' => $proposal->rule,
        ], $proposals);
    }
}
