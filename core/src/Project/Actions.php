<?php

declare(strict_types=1);

namespace DunePocket\Project;

use DunePocket\Brief\AnswerReader;
use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Merging\Proposal;
use DunePocket\Brief\Merging\SourceMerger;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Quote;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Brief\SourceText;
use DunePocket\Brief\Voice\SampleFacts;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use DunePocket\Plan\Outline\OutlineReader;
use DunePocket\Plan\Planning\Planner;
use DunePocket\Plan\Section;
use DunePocket\Plan\UnknownElement;
use DunePocket\Project\Action\PageActions;
use DunePocket\Project\Action\SectionActions;
use DunePocket\Project\Action\WireframeActions;
use DunePocket\Project\Change\AddSource;
use DunePocket\Project\Change\Change;
use DunePocket\Project\Change\ChangeCodec;
use DunePocket\Project\Change\EditSection;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Change\PutFact;
use DunePocket\Project\Change\ReplacePlan;
use DunePocket\Project\Change\Several;
use DunePocket\Project\Change\StrikeFact;
use DunePocket\Project\Change\Text;
use DunePocket\Studio\Defaults;

/**
 * What a designer can do, as it comes from an interface, turned into a change. An action says what is wanted
 * ("add a section of this kind here"); the change says exactly what happens, with ids and drafted copy.
 */
final readonly class Actions
{
    /** Actions that are changes as they stand. */
    private const DIRECT = ['move-section', 'remove-section', 'edit-section', 'edit-text', 'move-page', 'remove-page', 'edit-page', 'strike-fact', 'skip-question', 'decide-old-page', 'wave-finding', 'rename-project'];

    /** Characters. */
    private const LONGEST_SAMPLE = 20_000;

    private Planner $planner;
    private SectionActions $sections;
    private PageActions $pages;
    private WireframeActions $wireframes;

    /** @param Defaults $defaults of the designer who acts */
    public function __construct(private Catalogue $catalogue, Defaults $defaults = new Defaults())
    {
        $this->planner = new Planner($catalogue, $defaults);
        $this->sections = new SectionActions($catalogue, $this->planner);
        $this->pages = new PageActions($catalogue, $this->planner);
        $this->wireframes = new WireframeActions($catalogue);
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
            'add-fact' => $this->addFact($action, $project),
            'answer-question' => $this->answerQuestion($action, $project),
            'add-source' => $this->addSource($action, $project),
            'correct-fact' => $this->correctFact($action, $project),
            default => throw new InvalidData("There is no action “{$type}”."),
        };
    }

    private function layoutExists(string $layout): void
    {
        if (!$this->catalogue->hasLayout($layout)) {
            throw new InvalidChange('There is no such layout.');
        }
    }

    private function addFact(Node $action, Project $project): Change
    {
        $kind = $action->enum('kind', FactKind::class);
        $quote = $action->has('quote') ? Quote::fromNode($action->child('quote')) : null;
        $source = null === $quote ? null : $project->brief->source($quote->source);
        if (null !== $quote && (null === $source || null === $quote->words($source))) {
            throw new InvalidChange('These words are not in the source.');
        }

        if (FactKind::VoiceSample === $kind) {
            return $this->addSample(null === $quote || null === $source ? $action->string('value') : (string) $quote->words($source), $project, $quote);
        }

        return new PutFact(new Fact($project->brief->nextFactId(), $kind, $this->value($kind, $action), null === $quote ? Origin::Entered : Origin::Stated, 1.0, $quote, $this->detail($kind, $action->string('value'))));
    }

    /** A sample of the client's writing, and the tones it is written in when nobody asked for one. */
    private function addSample(string $text, Project $project, ?Quote $quote = null): Change
    {
        $facts = (new SampleFacts($this->catalogue->voice()))->of(Text::within($text, self::LONGEST_SAMPLE), (int) substr($project->brief->nextFactId(), 1), $quote);
        $asked = [] !== $project->brief->of(FactKind::Tone);
        $new = array_filter($facts, static fn (Fact $fact): bool => !$asked || FactKind::Tone !== $fact->kind);

        return new Several(array_map(static fn (Fact $fact): Change => new PutFact($fact), array_values($new)), 'Add a voice sample');
    }

    /** A short answer is understood by its question; words that say nothing of the kind are kept as they are. */
    private function answerQuestion(Node $action, Project $project): Change
    {
        $kind = $action->enum('kind', FactKind::class);
        if ($this->catalogue->cues()->isBlank($action->string('value'))) {
            throw new InvalidChange('This answer says nothing yet, so the question stays open. Skip it to set it aside.');
        }
        $known = array_map(static fn (Fact $fact): string => mb_strtolower($fact->value), $project->brief->of($kind));
        $facts = AnswerReader::for($this->catalogue)->facts($kind, $action->string('value'), (int) substr($project->brief->nextFactId(), 1));
        $new = array_values(array_filter($facts, static fn (Fact $fact): bool => !\in_array(mb_strtolower($fact->value), $known, true)));
        if ([] === $facts) {
            if (FactKind::Tone === $kind && (new SampleFacts($this->catalogue->voice()))->isSample($action->string('value'))) {
                return $this->addSample($action->string('value'), $project);
            }

            return $this->addFact($action, $project);
        }
        if ([] === $new) {
            throw new InvalidChange('This stands on the fact sheet already.');
        }

        return new Several(array_map(static fn (Fact $fact): Change => new PutFact($fact), $new), 'Answer: '.lcfirst($kind->label()));
    }

    /** A source with what was accepted of the things it would change. */
    private function addSource(Node $action, Project $project): Change
    {
        $source = new Source($project->brief->nextSourceId(), Text::line($action->string('title'), 'A source needs a name.'), $action->enum('kind', SourceKind::class), SourceText::fromBytes($action->string('text')));
        $proposals = (new SourceMerger($this->catalogue))->propose($project->brief, $source);
        $changes = [new AddSource($source), ...$this->accepted($proposals, $action->strings('accept'))];

        return new Several($changes, \sprintf('Add the source “%s”', $source->title));
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
        $changes = $this->accepted((new SourceMerger($this->catalogue))->proposeFrom($project->brief, $other, $name), $accept);
        if ([] === $changes) {
            throw new InvalidChange('Choose what to take over.');
        }

        return new Several($changes, \sprintf('Take over facts of “%s”', $name));
    }

    /**
     * @param list<Proposal> $proposals
     * @param list<string>   $ids       of those accepted
     *
     * @return list<Change>
     */
    private function accepted(array $proposals, array $ids): array
    {
        $changes = [];
        foreach ($proposals as $proposal) {
            if (!\in_array($proposal->id(), $ids, true)) {
                continue;
            }
            foreach ($proposal->instead as $fact) {
                $changes[] = new StrikeFact($fact->id, true);
            }
            $changes[] = new PutFact($proposal->fact);
        }

        return $changes;
    }

    private function correctFact(Node $action, Project $project): Change
    {
        $fact = $project->brief->fact($action->string('fact')) ?? throw new UnknownElement('This fact is not on the fact sheet any more.');
        $corrected = $fact->corrected($this->value($fact->kind, $action));

        return new PutFact(new Fact($corrected->id, $corrected->kind, $corrected->value, $corrected->origin, $corrected->certainty, null, [...$fact->detail, ...$this->detail($fact->kind, $corrected->value)]));
    }

    private function value(FactKind $kind, Node $action): string
    {
        $value = trim($action->string('value'));
        $allowed = match ($kind) {
            FactKind::Goal, FactKind::SecondaryGoal => array_keys($this->catalogue->goals()),
            FactKind::Tone => $this->catalogue->tones(),
            FactKind::Feature => array_keys($this->catalogue->features()),
            default => null,
        };
        if (null !== $allowed && !\in_array($value, $allowed, true)) {
            throw new InvalidChange(\sprintf('Choose one of %s.', implode(', ', $allowed)));
        }
        if (FactKind::PageCount === $kind && 1 !== preg_match('/^\d{1,3}(-\d{1,3})?$/', $value)) {
            throw new InvalidChange('Write the number of pages as 6 or 5-8.');
        }

        return $value;
    }

    /** @return array<string, string> */
    private function detail(FactKind $kind, string $value): array
    {
        if (FactKind::BusinessKind === $kind) {
            $id = $this->catalogue->businessKindNamed($value);
            $business = $this->catalogue->businessKind($id);

            return null === $id ? ['kind' => '', 'schema' => $business->schema] : ['kind' => $business->id, 'schema' => $business->schema];
        }
        if (FactKind::PageRequest === $kind) {
            return array_filter(['page' => $this->catalogue->pageKinds()->named($value) ?? '']);
        }

        return [];
    }

    /** The same for another designer. */
    public function with(Defaults $defaults): self
    {
        return new self($this->catalogue, $defaults);
    }
}
