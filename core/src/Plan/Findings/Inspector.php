<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Project\Project;

/** Runs all rules over a project's plan. */
final readonly class Inspector
{
    /** @var list<Rule> */
    private array $rules;

    public function __construct(private Catalogue $catalogue)
    {
        $this->rules = [
            new Rule\RefusedPagePresent($catalogue),
            new Rule\RequestUnanswered($catalogue),
            new Rule\PathClash(),
            new Rule\FormWithoutPrivacy($catalogue),
            new Rule\EmptyPage($catalogue),
            new Rule\AvoidedWord(),
            new Rule\PageCountMissed($catalogue),
            new Rule\MenuTooLong(),
            new Rule\TooDeep(),
            new Rule\PageWithoutCall($catalogue),
            new Rule\HeadingOrder($catalogue),
            new Rule\SameNeighbours(),
            new Rule\SamePages(),
            new Rule\UnsuitableSection(),
            new Rule\RepeatingPageMissing($catalogue),
            new Rule\SamePictureSide($catalogue),
            new Rule\SearchEntryLength(),
        ];
    }

    /** @return list<Finding> errors first, then warnings, then notes */
    public function inspect(Project $project): array
    {
        $profile = new Profile($project->brief, $this->catalogue);
        $findings = [];
        foreach ($this->rules as $rule) {
            array_push($findings, ...iterator_to_array($rule->check($project->plan, $profile), false));
        }
        $order = array_flip(array_map(static fn (Level $level): string => $level->value, Level::cases()));
        usort($findings, static fn (Finding $a, Finding $b): int => $order[$a->level->value] <=> $order[$b->level->value]);

        return $findings;
    }
}
