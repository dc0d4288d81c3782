<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

use DunePocket\Brief\Brief;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;
use DunePocket\Project\Decisions;
use DunePocket\Project\Project;

/** Reads a project file. What is computed (questions, score, paths, findings) is computed anew. */
final readonly class ProjectFileReader
{
    private const MAX_BYTES = 20_000_000;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @throws InvalidData when it is no project file, or one that does not hold together */
    public function read(string $json): Project
    {
        if (\strlen($json) > self::MAX_BYTES) {
            throw new InvalidData('The project file is larger than 20 MB.');
        }
        $node = Node::fromJson($json);
        if (!$node->isArray() || !$node->has('format') || ProjectFileWriter::FORMAT !== $node->string('format')) {
            throw new InvalidData('This is not a Dune Pocket project file: “format” must be “'.ProjectFileWriter::FORMAT.'”.');
        }
        if (ProjectFileWriter::VERSION !== $node->int('version')) {
            throw new InvalidData(\sprintf('This project file has version %d; version %d can be read.', $node->int('version'), ProjectFileWriter::VERSION));
        }
        $plan = new Plan(array_map(Page::fromNode(...), $node->children('pages')), array_map(Section::fromNode(...), $node->children('shared')));
        $this->verify($plan);

        return new Project($node->string('name'), Brief::fromNode($node->child('brief')), $plan, $node->string('language', 'en'), Decisions::fromNode($node->child('decisions')));
    }

    private function verify(Plan $plan): void
    {
        $ids = [];
        foreach ($plan->shared as $section) {
            $ids[] = $section->id;
            $this->verifySection($section);
        }
        foreach ($plan->pages as $page) {
            $ids[] = $page->id;
            if (!$this->catalogue->pageKinds()->has($page->kind)) {
                throw new InvalidData("Page {$page->id} has the unknown kind “{$page->kind}”.");
            }
            if (null !== $page->parent && (null === $plan->findPage($page->parent) || $plan->isWithin($page->parent, $page->id))) {
                throw new InvalidData("Page {$page->id} stands below a page that is not there or below itself.");
            }
            foreach ($page->sections() as $section) {
                $ids[] = $section->id;
                $this->verifySection($section);
                if (null !== $section->shared && !$plan->hasShared($section->shared)) {
                    throw new InvalidData("Section {$section->id} stands for the shared section “{$section->shared}”, which is not there.");
                }
            }
        }
        $twice = array_keys(array_filter(array_count_values($ids), static fn (int $times): bool => $times > 1));
        if ([] !== $twice) {
            throw new InvalidData('This id is used twice: '.$twice[0].'.');
        }
    }

    private function verifySection(Section $section): void
    {
        if (!isset($this->catalogue->sectionKinds()[$section->kind])) {
            throw new InvalidData("Section {$section->id} has the unknown kind “{$section->kind}”.");
        }
        if (!$this->catalogue->hasLayout($section->layout) || $this->catalogue->layout($section->layout)->section !== $section->kind) {
            throw new InvalidData("Section {$section->id} has the layout “{$section->layout}”, which is not one for “{$section->kind}”.");
        }
    }
}
