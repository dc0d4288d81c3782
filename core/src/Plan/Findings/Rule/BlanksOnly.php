<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** A section that only the client can write. */
final readonly class BlanksOnly implements Rule
{
    private const LEAST = 3;

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            foreach (array_filter($page->sections(), static fn ($section): bool => null === $section->shared) as $section) {
                $copy = array_filter($section->copy, static fn ($line): bool => !\in_array($line->role, [CopyRole::Heading, CopyRole::Subheading], true));
                $blanks = array_filter($copy, static fn ($line): bool => CopyStatus::ToSupply === $line->status);
                if (\count($blanks) >= self::LEAST && \count($blanks) === \count($copy)) {
                    yield new Finding('blanks-only', Level::Note, [$page->id, $section->id], \sprintf('On “%s”, all %d texts below the heading of “%s” have to come from the client. Ask for them now, or leave the section out.', $page->title, \count($blanks), $section->title));
                }
            }
        }
    }
}
