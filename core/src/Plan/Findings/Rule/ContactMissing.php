<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/**
 * No way to get in touch anywhere. A client who refused a form and gave a number or an address is reached by what stands
 * in the footer.
 */
final readonly class ContactMissing implements Rule
{
    private const WAYS = ['contact-form', 'quote-form', 'booking', 'map-hours'];

    public function check(Plan $plan, Profile $profile): iterable
    {
        if ($profile->refuses('contact-form') && ($profile->has(FactKind::ContactPhone) || $profile->has(FactKind::ContactEmail))) {
            return;
        }
        foreach ($plan->pages as $page) {
            $kinds = array_map(static fn ($section): string => $section->kind, $page->sections());
            if ('contact' === $page->kind || [] !== array_intersect($kinds, self::WAYS)) {
                return;
            }
        }
        if (!$plan->isEmpty()) {
            yield new Finding('contact-missing', Level::Error, [], 'Nowhere can a visitor get in touch. Add a contact page.', Mend::addPage('Contact', 'contact'));
        }
    }
}
