<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use DunePocket\Plan\Navigation;
use DunePocket\Plan\Page;
use DunePocket\Plan\Slug;
use DunePocket\Project\Project;

/** Changes one property of a page: title, slug, navigation or purpose. */
final readonly class EditPage implements Change
{
    private const FIELDS = ['title' => 'Rename page', 'slug' => 'Change the path of', 'navigation' => 'Change the navigation of', 'purpose' => 'Reword the purpose of'];

    public function __construct(private string $page, private string $field, private string $value)
    {
        if (!isset(self::FIELDS[$field])) {
            throw new InvalidData("A page has no property “{$field}” that can be changed.");
        }
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('page'), $node->string('field'), $node->string('value'));
    }

    public function apply(Project $project): Project
    {
        $page = $project->plan->page($this->page);
        $value = trim($this->value);

        return $project->withPlan($project->plan->withPage(match ($this->field) {
            'title' => $page->withTitle(Text::line($value, 'A page needs a title.')),
            'slug' => $this->withSlug($project, $page, $value),
            'navigation' => $page->withNavigation(Navigation::tryFrom($value) ?? throw new InvalidChange('A page stands in the main navigation, in the footer, or in none.')),
            default => $page->withPurpose(Text::short($value)),
        }));
    }

    public function invert(Project $before): Change
    {
        $page = $before->plan->page($this->page);

        return new self($this->page, $this->field, match ($this->field) {
            'title' => $page->title,
            'slug' => $page->slug,
            'navigation' => $page->navigation->value,
            default => $page->purpose,
        });
    }

    public function describe(Project $before): string
    {
        return self::FIELDS[$this->field].' '.($before->plan->findPage($this->page)->title ?? '');
    }

    public function touches(): array
    {
        return ['page:'.$this->page.'/'.$this->field];
    }

    public function toArray(): array
    {
        return ['page' => $this->page, 'field' => $this->field, 'value' => $this->value];
    }

    private function withSlug(Project $project, Page $page, string $slug): Page
    {
        if ('' === $page->slug) {
            throw new InvalidChange('The home page has the path “/” and keeps it.');
        }
        if (!Slug::isValid($slug)) {
            throw new InvalidChange('A path has small letters, digits and hyphens only.');
        }
        foreach ($project->plan->children($page->parent) as $sibling) {
            if ($sibling->id !== $page->id && $sibling->slug === $slug) {
                throw new InvalidChange(\sprintf('“%s” has this path already.', $sibling->title));
            }
        }

        return $page->withSlug($slug);
    }
}
