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

/** A form collects personal data, so a privacy page is needed. */
final readonly class FormWithoutPrivacy implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            if ('privacy' === $page->kind) {
                return;
            }
        }
        foreach ($plan->pages as $page) {
            foreach ($page->sections() as $section) {
                if ($this->catalogue->sectionKinds()[$section->kind]->form ?? false) {
                    yield new Finding('form-without-privacy', Level::Error, [$page->id, $section->id], 'This form collects personal data, but there is no privacy page. Add one.', Mend::addPage('Privacy', 'privacy'));

                    return;
                }
            }
        }
    }
}
