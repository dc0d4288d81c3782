<?php

declare(strict_types=1);

namespace DunePocket\Project;

use DunePocket\Brief\Brief;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use DunePocket\Plan\Outline\OutlineReader;
use DunePocket\Plan\Planning\Planner;
use DunePocket\Plan\Section;
use DunePocket\Plan\UnknownElement;
use DunePocket\Project\Action\BriefActions;
use DunePocket\Project\Action\PageActions;
use DunePocket\Project\Action\SectionActions;
use DunePocket\Project\Action\WireframeActions;
use DunePocket\Project\Change\Change;
use DunePocket\Project\Change\ChangeCodec;
use DunePocket\Project\Change\EditSection;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Change\ReplacePlan;
use DunePocket\Studio\Defaults;

/**
 * What a designer can do, as it comes from an interface, turned into a change. An action says what is wanted
 * ("add a section of this kind here"); the change says exactly what happens, with ids and drafted copy.
 */
final readonly class Actions
{
    /** Actions that are changes as they stand. */
    private const DIRECT = ['move-section', 'remove-section', 'edit-section', 'edit-text', 'move-page', 'remove-page', 'edit-page', 'skip-question', 'decide-old-page', 'wave-finding', 'rename-project'];

    private Planner $planner;
    private SectionActions $sections;
    private PageActions $pages;
    private WireframeActions $wireframes;
    private BriefActions $brief;

    /** @param Defaults $defaults of the designer who acts */
    public function __construct(private Catalogue $catalogue, Defaults $defaults = new Defaults())
    {
        $this->planner = new Planner($catalogue, $defaults);
        $this->sections = new SectionActions($catalogue, $this->planner);
        $this->pages = new PageActions($catalogue, $this->planner);
        $this->wireframes = new WireframeActions($catalogue);
        $this->brief = new BriefActions($catalogue);
    }

    /**
     * @throws InvalidData    when the action is not understood
     * @throws InvalidChange  when it cannot be done
     * @throws UnknownElement when what it names is not there (any more)
     */
    public function change(Node $action, Project $project): Change
    {
        $type = $action->string('type');
        if (\in_array($type, self::DIRECT, true)) {
            $change = ChangeCodec::fromNode($action);
            if ($change instanceof EditSection && 'layout' === $action->string('field')) {
                $this->layoutExists($action->string('value'));
            }

            return $change;
        }

        return match ($type) {
            'plan' => new ReplacePlan($this->planner->plan($project->brief)),
            'plan-outline' => new ReplacePlan($this->planner->outlined($project->brief, OutlineReader::read($action->string('outline')))),
            'add-section' => $this->sections->add($action, $project),
            'duplicate-section' => $this->sections->duplicate($action, $project),
            'move-sections' => $this->sections->move($action, $project),
            'copy-sections' => $this->sections->copy($action, $project),
            'remove-sections' => $this->sections->remove($action, $project),
            'keep-sections' => $this->sections->keep($action, $project),
            'make-shared' => $this->sections->share($action, $project),
            'use-shared' => $this->sections->useShared($action, $project),
            'detach-section' => $this->sections->detach($action, $project),
            'set-look' => $this->wireframes->look($action, $project),
            'lay-out' => $this->wireframes->layOut($action, $project),
            'show-slot' => $this->wireframes->showSlot($action, $project),
            'add-item' => $this->wireframes->addItem($action, $project),
            'remove-item' => $this->wireframes->removeItem($action, $project),
            'move-item' => $this->wireframes->moveItem($action, $project),
            'use-everywhere' => $this->wireframes->everywhere($action, $project),
            'another-section' => $this->sections->another($action, $project),
            'add-page' => $this->pages->add($action, $project),
            'keep-old-page' => $this->pages->keepOld($action, $project),
            'merge-page' => $this->pages->join($action, $project),
            'another-page' => $this->pages->another($action, $project),
            'add-fact' => $this->brief->add($action, $project),
            'answer-question' => $this->brief->answer($action, $project),
            'add-source' => $this->brief->addSource($action, $project),
            'correct-fact' => $this->brief->correct($action, $project),
            'confirm-fact' => $this->brief->confirm($action, $project),
            'strike-fact' => $this->brief->strike($action, $project),
            default => throw new InvalidData("There is no action “{$type}”."),
        };
    }

    private function layoutExists(string $layout): void
    {
        if (!$this->catalogue->hasLayout($layout)) {
            throw new InvalidChange('There is no such layout.');
        }
    }

    /**
     * Takes over facts of another project, those of its proposals that were accepted.
     *
     * @param string       $name   of the other project
     * @param list<string> $accept ids of proposals
     *
     * @throws InvalidChange when nothing is accepted
     */
    public function takeOver(Project $project, Brief $other, string $name, array $accept): Change
    {
        return $this->brief->takeOver($project, $other, $name, $accept);
    }

    /** The same for another designer. */
    public function with(Defaults $defaults): self
    {
        return new self($this->catalogue, $defaults);
    }
}
