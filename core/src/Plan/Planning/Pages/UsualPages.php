<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Language\Typography;
use DunePocket\Plan\Reason;

/** Pages that a business of this kind usually has, as far as the brief gives a reason; not where the client listed all pages. */
final readonly class UsualPages implements PageStep
{
    public function plan(PageList $pages): void
    {
        if ($pages->isComplete) {
            return;
        }
        $pages->add($pages->draft('about', new Reason('Visitors want to know who is behind it before they get in touch.', $pages->facts(FactKind::Founded, FactKind::Person))));
        foreach ($pages->profile->kind->pages as $page) {
            $reason = $this->reason($page, $pages);
            if (null !== $reason) {
                $pages->add($pages->draft($page, $reason));
            }
        }
    }

    private function reason(string $page, PageList $pages): ?Reason
    {
        $profile = $pages->profile;
        $kind = $profile->kind;

        return match ($page) {
            'services' => \count($profile->offerings) >= 2 ? new Reason(\sprintf('The brief names %s %s; they need a place of their own.', Typography::number(\count($profile->offerings)), $kind->offerings), $pages->facts(FactKind::Offering)) : null,
            'products' => $profile->wants('shop') || [] !== $profile->offerings || \in_array('shop', $kind->features, true) ? new Reason(\sprintf('Things are sold here; visitors look for the %s first.', $kind->offerings), $pages->facts(FactKind::Offering)) : null,
            'menu' => new Reason('Guests look at the menu before they decide.', $pages->facts(FactKind::Offering)),
            'portfolio' => new Reason(\sprintf('Somebody who looks for a %s wants to see finished work.', $kind->label), []),
            'pricing' => $profile->hasPrices() || $profile->wants('pricing') ? new Reason('The brief gives prices, and people ask for them first.', $pages->facts(FactKind::Price, FactKind::Feature)) : null,
            'team' => \count($profile->brief->of(FactKind::Person)) > 1 ? new Reason('The brief names the people.', $pages->facts(FactKind::Person)) : null,
            'areas' => $profile->has(FactKind::AreaServed) ? new Reason('The brief says where they work, and people look for their own town.', $pages->facts(FactKind::AreaServed)) : null,
            'volunteer', 'events' => \in_array($page, $kind->features, true) || $profile->wants($page) || $this->looksForPeople($pages) ? new Reason('The brief looks for people who take part.', $pages->facts(FactKind::Goal, FactKind::SecondaryGoal)) : null,
            'membership' => 'signups' === $profile->goal ? new Reason('The site is to bring members.', $pages->facts(FactKind::Goal)) : null,
            default => null,
        };
    }

    private function looksForPeople(PageList $pages): bool
    {
        $brief = $pages->profile->brief;
        $aims = array_map(static fn (Fact $fact): string => $fact->value, [...$brief->of(FactKind::Goal), ...$brief->of(FactKind::SecondaryGoal)]);

        return [] !== array_intersect(['recruitment', 'community'], $aims);
    }
}
