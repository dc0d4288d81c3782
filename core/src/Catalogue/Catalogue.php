<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Brief\FactKind;
use DunePocket\Data\Node;

/** What the trade knows, as values. Built from the decoded files of core/catalogue. */
final readonly class Catalogue
{
    public const GENERAL_BUSINESS = 'local-business';

    public Cues $cues;
    public PageKinds $pageKinds;

    /** @var array<string, SectionKind> */
    public array $sectionKinds;

    /** @var array<string, Layout> */
    public array $layouts;

    /** @var array<string, Goal> */
    public array $goals;

    /** @var array<string, Feature> */
    public array $features;

    /** @var list<QuestionTemplate> */
    public array $questions;

    /** @var list<string> */
    public array $tones;

    public Phrasing $phrasing;

    /** @var array<string, BusinessKind> */
    private array $businessKinds;

    public function __construct(Node $data)
    {
        $brief = $data->child('brief');
        $this->cues = new Cues($brief->child('cues'), $brief->child('goals'), $brief->child('tones'), $brief->child('features'));
        $this->pageKinds = new PageKinds(self::build($data->child('page-kinds'), PageKind::fromNode(...)), $data->strings('menu-order'));
        $this->sectionKinds = self::build($data->child('section-kinds'), SectionKind::fromNode(...));
        $this->layouts = self::build($data->child('layouts'), Layout::fromNode(...));
        $this->businessKinds = self::build($data->child('business-kinds'), BusinessKind::fromNode(...));
        $this->goals = self::build($brief->child('goals'), static fn (string $id, Node $node): Goal => new Goal($id, $node->string('label'), $node->string('noun'), $node->string('button'), $node->strings('target')));
        $this->features = self::build($brief->child('features'), static fn (string $id, Node $node): Feature => new Feature($id, $node->string('label'), $node->optionalString('page'), $node->optionalString('section')));
        $this->tones = array_keys($brief->map('tones'));
        $this->questions = array_map(static fn (Node $node): QuestionTemplate => new QuestionTemplate(
            $node->string('kind').($node->int('enough', 1) > 1 ? '-'.$node->int('enough') : ''),
            $node->enum('kind', FactKind::class),
            $node->string('part'),
            $node->int('points'),
            $node->int('enough', 1),
            $node->string('text'),
            $node->string('effect'),
            $node->optionalString('suggest'),
        ), $brief->children('questions'));
        $this->phrasing = new Phrasing($data->child('phrasing'), $data->child('reasons'));
    }

    /** @return list<BusinessKind> */
    public function businessKinds(): array
    {
        return array_values($this->businessKinds);
    }

    /** The kind with this id; the general one when there is none. */
    public function businessKind(?string $id): BusinessKind
    {
        return $this->businessKinds[$id ?? ''] ?? $this->businessKinds[self::GENERAL_BUSINESS];
    }

    /** The id of the kind of business a designer typed, or null: "Bakery" is "bakery", "dental practice" is "dentist". */
    public function businessKindNamed(string $words): ?string
    {
        foreach ($this->businessKinds as $kind) {
            if (0 === strcasecmp($kind->label, trim($words)) || $kind->id === mb_strtolower(trim($words))) {
                return $kind->id;
            }
        }
        foreach ($this->businessKinds as $kind) {
            if (null !== $kind->names && 1 === preg_match($kind->names, $words)) {
                return $kind->id;
            }
        }

        return null;
    }

    /** @throws UnknownKind */
    public function sectionKind(string $id): SectionKind
    {
        return $this->sectionKinds[$id] ?? throw new UnknownKind(\sprintf('There is no section kind “%s”.', $id));
    }

    /** @throws UnknownKind */
    public function layout(string $id): Layout
    {
        return $this->layouts[$id] ?? throw new UnknownKind(\sprintf('There is no layout “%s”.', $id));
    }

    /** @return list<Layout> */
    public function layoutsFor(string $sectionKind): array
    {
        return array_values(array_filter($this->layouts, static fn (Layout $layout): bool => $layout->section === $sectionKind));
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
