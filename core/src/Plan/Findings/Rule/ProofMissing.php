<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** A home page without anything to believe. */
final readonly class ProofMissing implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $kinds = array_map(static fn ($section): string => $section->kind, $page->sections());
            if ('home' !== $page->kind || \count($kinds) < 4 || [] !== array_filter($kinds, fn (string $kind): bool => $this->catalogue->sectionKinds()[$kind]->convinces ?? false)) {
                continue;
            }
            $kind = $profile->has(FactKind::Differentiator) ? 'benefits' : 'testimonials';
            yield new Finding('proof-missing', Level::Note, [$page->id], 'Nothing on Home gives a reason to believe. Show what sets them apart, or what others say.', Mend::addSection($page->id, min(3, \count($kinds) - 1), $kind, $this->catalogue->sectionKind($kind)->label));
        }
    }
}
