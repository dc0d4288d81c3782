<?php

declare(strict_types=1);

namespace DunePocket\Project\Action;

use DunePocket\Brief\AnswerReader;
use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Merging\Proposal;
use DunePocket\Brief\Merging\Sameness;
use DunePocket\Brief\Merging\SourceMerger;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Quote;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Brief\SourceText;
use DunePocket\Brief\Voice\SampleFacts;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Data\Node;
use DunePocket\Plan\UnknownElement;
use DunePocket\Project\Change\AddSource;
use DunePocket\Project\Change\Change;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Change\PutFact;
use DunePocket\Project\Change\Several;
use DunePocket\Project\Change\StrikeFact;
use DunePocket\Project\Change\Text;
use DunePocket\Project\Project;

/** What a designer can do with the brief: facts, answers, sources. */
final readonly class BriefActions
{
    /** Characters. */
    private const LONGEST_SAMPLE = 20_000;

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function add(Node $action, Project $project): Change
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

        return new PutFact($this->entered($kind, $action, $project, $quote));
    }

    public function correct(Node $action, Project $project): Change
    {
        $fact = $this->fact($action, $project);
        $corrected = $fact->corrected($this->value($fact->kind, $action));

        return new PutFact(new Fact($corrected->id, $corrected->kind, $corrected->value, $corrected->origin, $corrected->certainty, null, [...$fact->detail, ...$this->detail($fact->kind, $corrected->value)]));
    }

    public function confirm(Node $action, Project $project): Change
    {
        return new PutFact($this->fact($action, $project)->confirmed());
    }

    /** Strikes a fact out, or brings it back; of what a business has one of, the one brought back takes the other's place. */
    public function strike(Node $action, Project $project): Change
    {
        $fact = $this->fact($action, $project);
        $isStruck = $action->bool('struck', true);
        $strike = new StrikeFact($fact->id, $isStruck);
        if (!$isStruck && null !== $fact->detail(Fact::OVERRULED)) {
            return new Several($this->holds($fact, $project->brief), $strike->describe($project));
        }
        $others = $fact->kind->isSingle() && !$isStruck ? $project->brief->of($fact->kind) : [];

        return [] === $others ? $strike : new Several([...$this->struck($others), $strike], $strike->describe($project));
    }

    /**
     * A yes or a no settles the fact that was asked about. Another answer is understood by its question; words that say
     * nothing of the kind are kept as they are. What was only guessed of the kind gives way to what is answered.
     */
    public function answer(Node $action, Project $project): Change
    {
        if ($action->has('fact')) {
            return $this->settle($this->fact($action, $project), $action->string('value'), $project->brief);
        }
        $kind = $action->enum('kind', FactKind::class);
        if ($this->catalogue->cues()->isBlank($action->string('value'))) {
            throw new InvalidChange('This answer says nothing yet, so the question stays open. Skip it to set it aside.');
        }
        $facts = AnswerReader::for($this->catalogue)->facts($kind, $action->string('value'), (int) substr($project->brief->nextFactId(), 1));
        if ([] === $facts && FactKind::Tone === $kind && (new SampleFacts($this->catalogue->voice()))->isSample($action->string('value'))) {
            return $this->addSample($action->string('value'), $project);
        }
        $changes = $this->answered($project->brief, $kind, [] === $facts ? [$this->entered($kind, $action, $project, null)] : $facts);
        if ([] === $changes) {
            throw new InvalidChange('This stands on the fact sheet already.');
        }

        return new Several($changes, 'Answer: '.lcfirst($kind->label()));
    }

    /** A source with what was accepted of the things it would change. */
    public function addSource(Node $action, Project $project): Change
    {
        $source = new Source($project->brief->nextSourceId(), Text::line($action->string('title'), 'A source needs a name.'), $action->enum('kind', SourceKind::class), SourceText::fromBytes($action->string('text')));
        $proposals = (new SourceMerger($this->catalogue))->propose($project->brief, $source);

        return new Several([new AddSource($source), ...$this->accepted($proposals, $action->strings('accept'))], \sprintf('Add the source “%s”', $source->title));
    }

    /**
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
     * What was only guessed of the kind gives way, and so does what the brief said against what stood.
     *
     * @param list<Fact> $facts as answered
     *
     * @return list<Change>
     */
    private function answered(Brief $brief, FactKind $kind, array $facts): array
    {
        $sameness = new Sameness($this->catalogue->pageKinds());
        $isAnswered = static fn (Fact $known): bool => [] !== array_filter($facts, static fn (Fact $fact): bool => $sameness->isRepeated($known, $fact));
        $changes = [];
        foreach ($brief->of($kind) as $known) {
            if (!$isAnswered($known) && ($known->isDoubtful() || $kind->isSingle())) {
                $changes[] = new StrikeFact($known->id, true);
            } elseif ($isAnswered($known) && $known->isDoubtful()) {
                $changes[] = new PutFact($known->confirmed());
            }
        }
        $lost = array_filter($brief->struck, static fn (Fact $struck): bool => $struck->kind === $kind && null !== $struck->detail(Fact::OVERRULED));
        foreach ($lost as $known) {
            array_push($changes, ...($isAnswered($known) ? [new StrikeFact($known->id, false), new PutFact($known->confirmed())] : $this->withdrawn($known)));
        }
        $told = [...$brief->of($kind), ...$lost];
        foreach ($facts as $fact) {
            if ([] === array_filter($told, static fn (Fact $known): bool => $sameness->isRepeated($known, $fact))) {
                $changes[] = new PutFact($fact);
            }
        }

        return $changes;
    }

    private function settle(Fact $fact, string $answer, Brief $brief): Change
    {
        $doubt = $this->catalogue->doubt($fact->kind) ?? throw new InvalidChange('This is no question of yes or no.');
        $agreed = $this->catalogue->cues()->answers->agrees($doubt->ask, $answer) ?? throw new InvalidChange('Answer yes or no, or skip it.');
        $changes = match (true) {
            $agreed !== $doubt->refusal => $this->holds($fact, $brief),
            $this->isStruck($fact, $brief) => $this->withdrawn($fact),
            default => $this->struck([$fact]),
        };

        return new Several($changes, $agreed ? 'Answer: yes' : 'Answer: no');
    }

    /**
     * It holds, and nothing against it does.
     *
     * @return list<Change>
     */
    private function holds(Fact $fact, Brief $brief): array
    {
        $against = $fact->kind->isSingle() ? $brief->of($fact->kind) : (new Sameness($this->catalogue->pageKinds()))->opposites($fact, $brief->facts);
        $others = array_filter($against, static fn (Fact $other): bool => $other->id !== $fact->id);

        return [...$this->struck($others), ...($this->isStruck($fact, $brief) ? [new StrikeFact($fact->id, false)] : []), new PutFact($fact->confirmed())];
    }

    private function isStruck(Fact $fact, Brief $brief): bool
    {
        return [] !== array_filter($brief->struck, static fn (Fact $struck): bool => $struck->id === $fact->id);
    }

    /**
     * A contradiction that is settled stays struck out and is not asked about again.
     *
     * @return list<Change>
     */
    private function withdrawn(Fact $struck): array
    {
        return [new StrikeFact($struck->id, false), new PutFact($struck->gaveWay($struck->detail(Fact::OVERRULED) ?? '')), new StrikeFact($struck->id, true)];
    }

    /**
     * @param array<Fact> $facts
     *
     * @return list<Change>
     */
    private function struck(array $facts): array
    {
        return array_map(static fn (Fact $fact): Change => new StrikeFact($fact->id, true), array_values($facts));
    }

    /** A sample of the client's writing, and the tones it is written in when nobody asked for one. */
    private function addSample(string $text, Project $project, ?Quote $quote = null): Change
    {
        $facts = (new SampleFacts($this->catalogue->voice()))->of(Text::within($text, self::LONGEST_SAMPLE), (int) substr($project->brief->nextFactId(), 1), $quote);
        $asked = [] !== $project->brief->of(FactKind::Tone);
        $new = array_filter($facts, static fn (Fact $fact): bool => !$asked || FactKind::Tone !== $fact->kind);

        return new Several(array_map(static fn (Fact $fact): Change => new PutFact($fact), array_values($new)), 'Add a voice sample');
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
                array_push($changes, ...(null === $proposal->rule ? [] : [new PutFact($fact->gaveWay(\sprintf('Gave way to “%s”. %s', $proposal->fact->value, $proposal->rule)))]), ...[new StrikeFact($fact->id, true)]);
            }
            $changes[] = new PutFact($proposal->fact);
        }

        return $changes;
    }

    private function fact(Node $action, Project $project): Fact
    {
        return $project->brief->fact($action->string('fact')) ?? throw new UnknownElement('This fact is not on the fact sheet any more.');
    }

    private function entered(FactKind $kind, Node $action, Project $project, ?Quote $quote): Fact
    {
        return new Fact($project->brief->nextFactId(), $kind, $this->value($kind, $action), null === $quote ? Origin::Entered : Origin::Stated, 1.0, $quote, $this->detail($kind, $action->string('value')));
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
}
