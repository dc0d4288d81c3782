<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Brief\FactKind;
use DunePocket\Data\Node;

/** What the trade knows, as values made from the decoded files of core/catalogue; each part is made when it is first asked for. */
final class Catalogue
{
    public const GENERAL_BUSINESS = 'local-business';

    private ?Cues $cues = null;
    private ?VoiceRules $voice = null;
    private ?PageKinds $pageKinds = null;

    /** @var ?array<string, OwnPage> */
    private ?array $ownPages = null;
    private ?Phrasing $phrasing = null;

    /** @var ?array<string, SlotKind> */
    private ?array $slotKinds = null;

    /** @var array<string, SectionKind>|null */
    private ?array $sectionKinds = null;

    /** @var array<string, Layout> those made so far */
    private array $layouts = [];

    /** @var array<string, Goal>|null */
    private ?array $goals = null;

    /** @var array<string, Feature>|null */
    private ?array $features = null;

    /** @var list<QuestionTemplate>|null */
    private ?array $questions = null;

    /** @var array<string, BusinessKind>|null */
    private ?array $businessKinds = null;

    /** @var array<string, WordWeights> those made so far, by kind of fact */
    private array $weights = [];

    private ?WeightsOfMany $featureWeights = null;

    private ?WeightsOfMany $goalWeights = null;

    public function __construct(private readonly Node $data)
    {
    }

    public function cues(): Cues
    {
        $brief = $this->data->child('brief');

        return $this->cues ??= new Cues($brief);
    }

    /** @return string words that are spelt right, sorted by bytes, a line break before and after each */
    public function words(): string
    {
        return $this->data->string('words');
    }

    /** @return string places, first names and the like in small letters, sorted by bytes, a line break before and after each */
    public function properNames(): string
    {
        return $this->data->string('names');
    }

    /** @return string plurals of nouns that mean people, sorted by bytes, a line break before and after each */
    public function people(): string
    {
        return $this->data->string('people');
    }

    /** @return string adjectives that are hardly ever nouns, sorted by bytes, a line break before and after each */
    public function adjectives(): string
    {
        return $this->data->string('adjectives');
    }

    /** @return string words with the kinds of business they speak for and their weights, for Affinities */
    public function trades(): string
    {
        return $this->data->string('trades');
    }

    /** How much what is to be seen of a few words, or of a sentence, speaks for a fact of this kind; only kinds that were learnt. */
    public function weights(FactKind $kind): WordWeights
    {
        return $this->weights[$kind->value] ??= new WordWeights($this->data->child('weights')->child($kind->value)->floats());
    }

    /** How much what is to be seen of a sentence speaks for its asking for each feature. */
    public function featureWeights(): WeightsOfMany
    {
        return $this->featureWeights ??= $this->weightsOfMany('feature');
    }

    /** How much the words of a sentence that says what the site is for speak for each goal. */
    public function goalWeights(): WeightsOfMany
    {
        return $this->goalWeights ??= $this->weightsOfMany('goals');
    }

    private function weightsOfMany(string $things): WeightsOfMany
    {
        return new WeightsOfMany(array_map(static fn (Node $weights): array => $weights->floats(), $this->data->child('weights')->map($things)));
    }

    /** @return array<string, bool> the words the catalogue is written in, and whether the dictionary holds them */
    public function vocabulary(): array
    {
        return array_map(static fn (mixed $held): bool => true === $held, $this->data->raw('vocabulary'));
    }

    public function voice(): VoiceRules
    {
        return $this->voice ??= new VoiceRules($this->data->child('brief')->child('voice'));
    }

    /** @return array<string, string> language tag by the language's English name in small letters */
    public function languages(): array
    {
        return $this->data->child('brief')->stringMap('languages');
    }

    public function effort(): EffortRules
    {
        return new EffortRules($this->data->child('effort'));
    }

    /** @return string one sentence on why a finding of this rule matters */
    public function whyItMatters(string $rule): string
    {
        return $this->data->child('findings')->string($rule);
    }

    public function pageKinds(): PageKinds
    {
        return $this->pageKinds ??= new PageKinds(self::build($this->data->child('page-kinds'), PageKind::fromNode(...)), $this->data->strings('menu-order'));
    }

    /** @return array<string, OwnPage> */
    public function ownPages(): array
    {
        return $this->ownPages ??= self::build($this->data->child('own-pages'), OwnPage::fromNode(...));
    }

    /** What a page does that its client named, null when the name is none that promises something. */
    public function ownPage(string $pageKind, string $title): ?OwnPage
    {
        foreach (OwnPage::KIND === $pageKind ? $this->ownPages() : [] as $own) {
            if ($own->isCalled($title)) {
                return $own;
            }
        }

        return null;
    }

    /** @return list<string> the sections of a page, in reading order, each with its condition */
    public function recipe(BusinessKind $business, string $pageKind, string $title): array
    {
        return 'home' === $pageKind ? $business->home : ($this->ownPage($pageKind, $title)->recipe ?? $this->pageKinds()->get($pageKind)->recipe);
    }

    public function phrasing(): Phrasing
    {
        return $this->phrasing ??= new Phrasing($this->data->child('phrasing'), $this->data->child('reasons'));
    }

    /** @return array<string, SectionKind> */
    public function sectionKinds(): array
    {
        return $this->sectionKinds ??= self::build($this->data->child('section-kinds'), SectionKind::fromNode(...));
    }

    /** What a slot is; "text-2" is a text unless the catalogue says more of it. */
    public function slotKind(string $slot): SlotKind
    {
        $this->slotKinds ??= self::build($this->data->child('slots'), SlotKind::fromNode(...));

        return $this->slotKinds[$slot] ?? $this->slotKinds[preg_replace('/-\d+$/', '', $slot)] ?? throw new UnknownKind(\sprintf('There is no slot “%s”.', $slot));
    }

    /** @return array<string, array{string|list<string>, string|list<string>, string|list<string>}> made-up words by slot: short, typical and long; a list has them item by item */
    public function sampleCopy(): array
    {
        /** @var array<string, array{string|list<string>, string|list<string>, string|list<string>}> */
        $samples = $this->data->raw('sample-copy');

        return $samples;
    }

    /** @return list<Layout> */
    public function layouts(): array
    {
        return array_map($this->layout(...), array_keys($this->data->raw('layouts')));
    }

    /** @return array<string, Goal> */
    public function goals(): array
    {
        return $this->goals ??= self::build(
            $this->data->child('brief')->child('goals'),
            static fn (string $id, Node $node): Goal => new Goal($id, $node->string('label'), $node->string('noun'), $node->optionalString('people'), $node->string('button'), $node->strings('target')),
        );
    }

    /** @return array<string, Feature> */
    public function features(): array
    {
        return $this->features ??= self::build(
            $this->data->child('brief')->child('features'),
            static fn (string $id, Node $node): Feature => new Feature($id, $node->string('label'), $node->string('thing'), $node->optionalString('page'), $node->optionalString('section'), $node->bool('comes_with_page', false)),
        );
    }

    /** @return list<string> */
    public function tones(): array
    {
        return array_keys($this->data->child('brief')->raw('tones'));
    }

    /** @return list<QuestionTemplate> */
    public function questions(): array
    {
        return $this->questions ??= array_map(static fn (Node $node): QuestionTemplate => new QuestionTemplate(
            $node->string('kind').($node->int('enough', 1) > 1 ? '-'.$node->int('enough') : ''),
            $node->enum('kind', FactKind::class),
            $node->string('part'),
            $node->int('points'),
            $node->int('enough', 1),
            $node->string('text'),
            $node->string('ask'),
            $node->string('hint'),
            $node->string('effect'),
            $node->optionalString('guess'),
            $node->optionalString('suggest'),
            $node->bool('visited', false),
        ), $this->data->child('brief')->children('questions'));
    }

    /** How something of this kind is asked about when the brief only hints at it, or says it both ways; null where that is not asked. */
    public function doubt(FactKind $kind): ?Doubt
    {
        $doubts = $this->data->child('brief')->child('doubts');

        return $doubts->has($kind->value) ? Doubt::fromNode($doubts->child($kind->value)) : null;
    }

    /** @return list<string> what businesses of a kind usually answer, most usual first */
    public function usualAnswers(BusinessKind $business, FactKind $kind): array
    {
        $usual = $this->data->child('brief')->child('usual-answers');
        $answers = $usual->has($business->id) ? $usual->child($business->id) : null;

        return null !== $answers && $answers->has($kind->value) ? $answers->strings($kind->value) : [];
    }

    /** @return list<BusinessKind> */
    public function businessKinds(): array
    {
        return array_values($this->kindsOfBusiness());
    }

    /** The kind with this id; the general one when there is none. */
    public function businessKind(?string $id): BusinessKind
    {
        return $this->kindsOfBusiness()[$id ?? ''] ?? $this->kindsOfBusiness()[self::GENERAL_BUSINESS];
    }

    /** The id of the kind of business a designer typed, or null: "Bakery" is "bakery", "dental practice" is "dentist". */
    public function businessKindNamed(string $words): ?string
    {
        foreach ($this->kindsOfBusiness() as $kind) {
            if (0 === strcasecmp($kind->label, trim($words)) || $kind->id === mb_strtolower(trim($words)) || isset($kind->called[mb_strtolower(trim($words))])) {
                return $kind->id;
            }
        }
        $best = null;
        $longest = 0;
        foreach ($this->kindsOfBusiness() as $kind) {
            if (null !== $kind->names && 1 === preg_match($kind->names, $words, $m) && \strlen($m[0]) > $longest) {
                $best = $kind->id;
                $longest = \strlen($m[0]);
            }
        }

        return $best;
    }

    /** @throws UnknownKind */
    public function sectionKind(string $id): SectionKind
    {
        return $this->sectionKinds()[$id] ?? throw new UnknownKind(\sprintf('There is no section kind “%s”.', $id));
    }

    /** @throws UnknownKind */
    public function layout(string $id): Layout
    {
        return $this->layouts[$id] ??= $this->hasLayout($id) ? Layout::fromNode($id, $this->data->child('layouts')->child($id)) : throw new UnknownKind(\sprintf('There is no layout “%s”.', $id));
    }

    public function hasLayout(string $id): bool
    {
        return $this->data->child('layouts')->has($id);
    }

    /** @return list<Layout> */
    public function layoutsFor(string $sectionKind): array
    {
        $ids = array_filter(array_keys($this->data->raw('layouts')), static fn (string $id): bool => str_starts_with($id, $sectionKind.'.'));

        return array_map($this->layout(...), array_values($ids));
    }

    /** @return array<string, BusinessKind> */
    private function kindsOfBusiness(): array
    {
        $wordings = $this->data->child('brief')->child('kinds');

        return $this->businessKinds ??= self::build($this->data->child('business-kinds'), static fn (string $id, Node $node): BusinessKind => BusinessKind::fromNode($id, $node, $wordings->has($id) ? $wordings->child($id) : null));
    }

    /**
     * @template T
     *
     * @param callable(string, Node): T $make
     *
     * @return array<string, T>
     */
    private static function build(Node $from, callable $make): array
    {
        $values = [];
        foreach ($from->entries() as $id => $node) {
            $values[$id] = $make($id, $node);
        }

        return $values;
    }
}
