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

/** A list leads to pages; their design is drawn once. */
final readonly class RepeatingPageMissing implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    private const LISTS = ['blog', 'products', 'events', 'portfolio'];
    private const BEHIND = ['articles' => 'article', 'product-grid' => 'product', 'events' => 'event'];

    public function check(Plan $plan, Profile $profile): iterable
    {
        $kinds = array_map(static fn ($page): string => $page->kind, $plan->pages);
        foreach ($plan->pages as $page) {
            foreach ($page->sections() as $section) {
                $behind = self::BEHIND[$section->kind] ?? null;
                if (\in_array($page->kind, self::LISTS, true) && null !== $behind && !\in_array($behind, $kinds, true)) {
                    yield new Finding('repeating-page-missing', Level::Note, [$page->id, $section->id], \sprintf('“%s” lists what has no page of its own yet. Add one page of the kind “%s”.', $section->title, $this->catalogue->pageKinds()->get($behind)->label), Mend::addPage($this->catalogue->pageKinds()->get($behind)->label, $behind, $page->id));
                }
            }
        }
    }
}
