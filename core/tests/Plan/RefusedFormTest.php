<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan;

use DunePocket\Plan\Section;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class RefusedFormTest extends TestCase
{
    public function testWhereTheFormIsRefusedThePageStillLeadsSomewhere(): void
    {
        $sections = self::sections("Fortis Lock & Key. We're locksmiths in Cardiff: lock changes, safes and door repairs. Pages: home, services, contact. Don't want: contact form. Tel: 01632 960119");
        self::assertNotContains('contact-form', $sections);
        self::assertContains('call-to-action', $sections);
    }

    public function testWhereItIsNotRefusedItEndsThePage(): void
    {
        $sections = self::sections("Fortis Lock & Key. We're locksmiths in Cardiff: lock changes, safes and door repairs. Pages: home, services, contact. Tel: 01632 960119");
        self::assertContains('contact-form', $sections);
        self::assertNotContains('call-to-action', $sections);
    }

    /** @return list<string> kinds of section on Contact */
    private static function sections(string $brief): array
    {
        $plan = Bench::planned($brief)->plan;
        foreach ($plan->pages as $page) {
            if ('contact' === $page->kind) {
                return array_map(static fn (Section $section): string => $plan->shown($section)->kind, $page->sections());
            }
        }
        self::fail('There is no page Contact.');
    }
}
