<?php

declare(strict_types=1);

namespace DunePocket\Inspection;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Page;
use DunePocket\Plan\Planning\Layouts\LayoutChooser;
use DunePocket\Project\Project;
use DunePocket\Wireframe\Draughtsman;
use DunePocket\Wireframe\Fit\FitReader;

/** Runs all rules over the wireframe of a page. */
final readonly class LayoutInspector
{
    /** @var list<LayoutRule> */
    private array $rules;

    private Draughtsman $draughtsman;

    public function __construct(private Catalogue $catalogue)
    {
        $this->draughtsman = new Draughtsman($catalogue);
        $fit = new FitReader($catalogue);
        $this->rules = [
            new Rule\TextOverflows($catalogue, $fit),
            new Rule\CallBelowFold($catalogue),
            new Rule\CopyNotShown($catalogue),
            new Rule\TooManyItems($catalogue),
            new Rule\TooFewItems($catalogue),
            new Rule\SameLayout($catalogue),
            new Rule\SameGround($catalogue),
            new Rule\HeavyInARow($catalogue),
            new Rule\UnevenItems($catalogue, $fit),
            new Rule\ItemAlone($catalogue),
            new Rule\WholeScreenTwice($catalogue),
            new Rule\WholeScreenLate($catalogue),
            new Rule\LongOnThePhone($catalogue),
            new Rule\PictureWithoutNote(),
            new Rule\PictureMissing($catalogue),
            new Rule\LongCentredText($catalogue),
            new Rule\DarkTooOften($catalogue),
        ];
    }

    public function layOut(Project $project, Page $page): LaidOutPage
    {
        $business = (new Profile($project->brief, $this->catalogue))->kind;

        return LaidOutPage::of($project->plan, $page, new LayoutChooser($this->catalogue, $business), $this->draughtsman);
    }

    /** @return list<Finding> errors first, then warnings, then notes; those waved through come last */
    public function inspect(Project $project, LaidOutPage $page): array
    {
        $findings = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->check($page) as $finding) {
                $findings[] = $finding->explained($this->catalogue->whyItMatters($finding->rule), $project->decisions->waved[$finding->key()] ?? null);
            }
        }

        return Finding::sorted($findings);
    }
}
