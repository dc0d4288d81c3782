<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Plan\PresentSite\Decision;
use DunePocket\Plan\PresentSite\Fate;
use DunePocket\Project\Project;

/** Settles what becomes of a page of the present website, or leaves it to the suggestion again. */
final readonly class DecideOldPage implements Change
{
    private const LONGEST = 2000;

    public function __construct(private string $address, private ?Decision $decision)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('address'), $node->has('decision') ? Decision::fromNode($node->child('decision')) : null);
    }

    public function apply(Project $project): Project
    {
        Text::within($this->address, self::LONGEST);
        $page = $this->decision?->page;
        if (null !== $page) {
            $project->plan->page($page);
        }
        if (null !== $this->decision && (Fate::Drop === $this->decision->fate) !== (null === $page)) {
            throw new InvalidChange('A page that is kept or merged needs a page of the plan; one that is dropped needs none.');
        }

        return $project->withDecisions($project->decisions->withOldPage($this->address, $this->decision));
    }

    public function invert(Project $before): Change
    {
        return new self($this->address, $before->decisions->oldPages[$this->address] ?? null);
    }

    public function describe(Project $before): string
    {
        $path = (string) parse_url($this->address, \PHP_URL_PATH);

        return \sprintf('%s the old page %s', match ($this->decision?->fate) {
            Fate::Keep => 'Keep',
            Fate::Merge => 'Merge',
            Fate::Drop => 'Drop',
            null => 'Undecide',
        }, '' === $path ? '/' : $path);
    }

    public function touches(): array
    {
        return ['old-page:'.$this->address];
    }

    public function toArray(): array
    {
        return ['address' => $this->address, 'decision' => $this->decision?->toArray()];
    }
}
