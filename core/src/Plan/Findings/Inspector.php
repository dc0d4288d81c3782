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
            new Rule\RefusedSectionPresent(),
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
            new Rule\IllNeighbours($catalogue),
            new Rule\SamePages(),
            new Rule\UnsuitableSection(),
            new Rule\RepeatingPageMissing($catalogue),
            new Rule\SamePictureSide($catalogue),
            new Rule\SearchEntryLength(),
            new Rule\HomeMissing(),
            new Rule\UnreachablePage($catalogue),
            new Rule\ContactMissing(),
            new Rule\OneThingTwice(),
            new Rule\RepeatingPageTwice(),
            new Rule\ParentRepeats(),
            new Rule\ListMissing($catalogue),
            new Rule\ChildInMenu(),
            new Rule\GoalHidden($catalogue),
            new Rule\LegalInMenu($catalogue),
            new Rule\LabelLong(),
            new Rule\ShopIncomplete($catalogue),
            new Rule\FrameMissing(),
            new Rule\OpeningMissing($catalogue),
            new Rule\OpeningLate($catalogue),
            new Rule\TwoForms($catalogue),
            new Rule\CallTwice(),
            new Rule\CallLate(),
            new Rule\ProofMissing($catalogue),
            new Rule\LongPage($catalogue),
            new Rule\ThinPage($catalogue),
            new Rule\NameTwice(),
            new Rule\PurposeMissing(),
            new Rule\MapWithoutPlace(),
            new Rule\PricesMissing(),
            new Rule\BlanksOnly(),
        ];
    }

    /** @return list<Finding> errors first, then warnings, then notes; those waved through come last */
    public function inspect(Project $project): array
    {
        $profile = new Profile($project->brief, $this->catalogue);
        $findings = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->check($project->plan, $profile) as $finding) {
                $findings[] = $finding->explained($this->catalogue->whyItMatters($finding->rule), $project->decisions->waved[$finding->key()] ?? null);
            }
        }

        return Finding::sorted($findings);
    }
}
