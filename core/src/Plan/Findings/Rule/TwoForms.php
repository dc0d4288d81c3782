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

/** More than one form for one purpose on a page. */
final readonly class TwoForms implements Rule
{
    /** Forms with a purpose of their own, which a way to write does not replace. */
    private const OF_THEIR_OWN = ['booking', 'donation', 'newsletter', 'sign-in', 'search-results', 'cart'];

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $forms = array_values(array_filter($page->sections(), fn ($section): bool => ($this->catalogue->sectionKinds()[$section->kind]->form ?? false) && !\in_array($section->kind, self::OF_THEIR_OWN, true)));
            if (\count($forms) > 1) {
                yield new Finding('two-forms', Level::Note, [$page->id, $forms[1]->id], \sprintf('“%s” asks visitors to fill in “%s” and “%s”. One is enough.', $page->title, $forms[0]->title, $forms[1]->title), Mend::removeSection($forms[1]->id, $forms[1]->title));
            }
        }
    }
}
