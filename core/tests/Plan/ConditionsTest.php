<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Profile;
use DunePocket\Data\InvalidData;
use DunePocket\Plan\Planning\Conditions;
use DunePocket\Plan\Planning\PageDraft;
use DunePocket\Plan\Reason;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ConditionsTest extends TestCase
{
    private static function holds(string $conditions): bool
    {
        $facts = [
            new Fact('f1', FactKind::BusinessKind, 'gym', Origin::Stated, 0.9, null, ['kind' => 'gym']),
            new Fact('f2', FactKind::Offering, 'Boxing', Origin::Stated, 0.9, null, ['price' => '£8', 'description' => 'on Mondays']),
            new Fact('f3', FactKind::Offering, 'Spinning', Origin::Stated, 0.9, null, []),
            new Fact('f4', FactKind::Feature, 'map', Origin::Stated, 0.9, null, []),
            new Fact('f5', FactKind::Goal, 'signups', Origin::Stated, 0.9, null, []),
            new Fact('f6', FactKind::Proof, 'Best gym of 2024', Origin::Stated, 0.9, null, []),
        ];
        $recipe = new Conditions(new Profile(new Brief([], $facts), Bench::catalogue()), ['home', 'pricing', 'contact']);

        return $recipe->hold($conditions, new PageDraft('service', 'Boxing', new Reason('Asked for.', []), $facts[1]));
    }

    #[TestWith(['', true])]
    #[TestWith(['offerings:2', true])]
    #[TestWith(['offerings:3', false])]
    #[TestWith(['fact:proof', true])]
    #[TestWith(['fact:person', false])]
    #[TestWith(['fact:price', true])]
    #[TestWith(['no-fact:person', true])]
    #[TestWith(['feature:map', true])]
    #[TestWith(['feature:blog', false])]
    #[TestWith(['goal:signups', true])]
    #[TestWith(['goal:sales', false])]
    #[TestWith(['page:pricing', true])]
    #[TestWith(['no-page:faq', true])]
    #[TestWith(['subject:description', true])]
    #[TestWith(['subject:duration', false])]
    #[TestWith(['siblings', true])]
    #[TestWith(['place', true])]
    #[TestWith(['steps', true])]
    #[TestWith(['fact:proof and page:pricing', true])]
    #[TestWith(['fact:proof and page:faq', false])]
    public function testAConditionHoldsOrDoesNot(string $conditions, bool $holds): void
    {
        self::assertSame($holds, self::holds($conditions));
    }

    public function testAConditionThatDoesNotExistIsAnError(): void
    {
        $this->expectException(InvalidData::class);
        self::holds('moon:full');
    }
}
