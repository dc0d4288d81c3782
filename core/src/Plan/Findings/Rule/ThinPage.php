<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** A page that has little more than its opening. */
final readonly class ThinPage implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $kind = $this->catalogue->pageKinds()->has($page->kind) ? $this->catalogue->pageKinds()->get($page->kind) : null;
            $own = array_filter($page->sections(), fn ($section): bool => !($this->catalogue->sectionKinds()[$section->kind]->frame ?? false) && 'call-to-action' !== $section->kind);
            if (1 === \count($own) && '' !== $page->slug && true !== $kind?->legal && true !== $kind?->support) {
                yield new Finding('thin-page', Level::Note, [$page->id], \sprintf('“%s” has one section. Add to it, or make it a section of another page.', $page->title), Mend::anotherPage($page->id));
            }
        }
    }
}
