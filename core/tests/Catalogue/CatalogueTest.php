<?php

declare(strict_types=1);

namespace DunePocket\Tests\Catalogue;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\CatalogueLoader;
use DunePocket\Catalogue\RecipeEntry;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\Planning\Conditions;
use DunePocket\Plan\Planning\PageDraft;
use DunePocket\Plan\Reason;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** The catalogue holds together: every name it uses exists, every list of the project file is complete. */
final class CatalogueTest extends TestCase
{
    private const PAGE_KINDS = 'home about services service products product pricing menu portfolio project case-study team testimonials faq blog article events event areas area locations location booking contact quote gallery resources careers donate volunteer partners press membership privacy terms cookies accessibility shipping refunds cart checkout thank-you sign-in account search not-found landing page';
    private const SECTION_KINDS = 'site-header announcement breadcrumb hero page-intro logo-strip feature feature-grid benefits services-list steps stats testimonials case-study gallery video team story timeline values price-plans price-list comparison faq product-grid product-detail cart checkout articles article-body related events event-detail map-hours contact-form quote-form booking newsletter call-to-action download areas locations partners awards jobs donation sign-in account legal-text search-results thank-you error-message embed text site-footer';
    private const GOALS = 'leads bookings sales signups donations visits information reputation recruitment community';
    private const TONES = 'plain warm professional playful bold calm expert refined';
    private const FEATURES = 'blog shop booking gallery portfolio testimonials contact-form quote-form newsletter faq pricing members-area events map downloads jobs donations search languages chat video areas-served team menu';

    public function testTheClosedListsOfTheProjectFileAreComplete(): void
    {
        $catalogue = Bench::catalogue();
        self::assertEqualsCanonicalizing(explode(' ', self::PAGE_KINDS), array_map(static fn ($kind): string => $kind->id, $catalogue->pageKinds()->all()));
        self::assertEqualsCanonicalizing(explode(' ', self::SECTION_KINDS), array_keys($catalogue->sectionKinds()));
        self::assertEqualsCanonicalizing(explode(' ', self::GOALS), array_keys($catalogue->goals()));
        self::assertEqualsCanonicalizing(explode(' ', self::TONES), $catalogue->tones());
        self::assertEqualsCanonicalizing(explode(' ', self::FEATURES), array_keys($catalogue->features()));
    }

    public function testEverySectionKindCanBeDrawnAndTwentyFiveInMoreThanOneWay(): void
    {
        $several = 0;
        foreach (Bench::catalogue()->sectionKinds() as $id => $kind) {
            $layouts = Bench::catalogue()->layoutsFor($id);
            self::assertNotEmpty($layouts, $id);
            $several += \count($layouts) > 1 ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(25, $several);
    }

    public function testLayoutsShowOnlySlotsTheirSectionHas(): void
    {
        foreach (Bench::catalogue()->layouts() as $layout) {
            $kind = Bench::catalogue()->sectionKind($layout->section);
            self::assertSame([], array_values(array_diff($layout->tree->slots(), array_keys($kind->slots), array_keys($kind->items))), $layout->id);
        }
    }

    public function testEverySlotHasARoleOfTheProjectFile(): void
    {
        foreach (Bench::catalogue()->sectionKinds() as $kind) {
            foreach ([...$kind->slots, ...$kind->items] as $slot => $role) {
                self::assertNotNull(CopyRole::tryFrom($role), "$kind->id $slot");
            }
        }
    }

    public function testEverySectionWithAButtonSaysWhereItLeadsAndNoOtherDoes(): void
    {
        foreach (Bench::catalogue()->sectionKinds() as $kind) {
            $buttons = array_filter([...array_keys($kind->slots), ...array_keys($kind->items)], static fn (string $slot): bool => str_starts_with($slot, 'button') || 'link' === $slot);
            self::assertSame([] !== $buttons, null !== $kind->leads, $kind->id);
        }
    }

    public function testEveryPageKindIsReachedFromPagesThatExistAndSaysWhereItLeads(): void
    {
        $kinds = Bench::catalogue()->pageKinds();
        foreach ($kinds->all() as $kind) {
            foreach ($kind->from as $from) {
                self::assertTrue($kinds->has($from), "$kind->id is reached from $from");
            }
            self::assertSame($kind->legal, null === $kind->leads && !\in_array($kind->id, ['shipping', 'refunds'], true), $kind->id);
            self::assertNotSame('', $kinds->way($kind->id).('home' === $kind->id ? 'start' : ''), $kind->id);
        }
    }

    public function testSectionsToKeepApartAreKnownAndAgreeWithEachOther(): void
    {
        $kinds = Bench::catalogue()->sectionKinds();
        foreach ($kinds as $kind) {
            foreach ($kind->apart as $other) {
                self::assertArrayHasKey($other, $kinds, $kind->id);
                self::assertContains($kind->id, $kinds[$other]->apart, "$other and $kind->id");
            }
        }
    }

    public function testRecipesNameSectionsAndConditionsThatExist(): void
    {
        $catalogue = Bench::catalogue();
        $profile = new Profile(Bench::read('We are a bakery.'), $catalogue);
        $conditions = new Conditions($profile, []);
        $page = new PageDraft('home', 'Home', new Reason('x'));
        $recipes = array_map(static fn ($kind): array => $kind->recipe, $catalogue->pageKinds()->all());
        $recipes = [...$recipes, ...array_map(static fn ($own): array => $own->recipe, array_values($catalogue->ownPages()))];
        foreach ([...$recipes, ...array_map(static fn ($kind): array => $kind->home, $catalogue->businessKinds())] as $recipe) {
            foreach ($recipe as $entry) {
                $entry = RecipeEntry::fromString($entry);
                self::assertArrayHasKey($entry->section, $catalogue->sectionKinds());
                $conditions->hold($entry->condition, $page);
            }
        }
    }

    public function testBusinessKindsNamePagesGoalsAndSectionsThatExist(): void
    {
        $catalogue = Bench::catalogue();
        self::assertGreaterThanOrEqual(20, \count($catalogue->businessKinds()));
        foreach ($catalogue->businessKinds() as $kind) {
            self::assertSame([], array_filter(array_keys($kind->called), static fn (string $name): bool => !isset($catalogue->businessKind($catalogue->businessKindNamed($name))->called[$name])));
        }
        self::assertGreaterThanOrEqual(10, \count(array_unique(array_map(static fn ($kind): string => $kind->family, $catalogue->businessKinds()))));
        foreach ($catalogue->businessKinds() as $kind) {
            self::assertArrayHasKey($kind->goal, $catalogue->goals(), $kind->id);
            foreach ($kind->pages as $page) {
                self::assertTrue($catalogue->pageKinds()->has($page), "$kind->id: $page");
            }
            self::assertSame([], array_diff($kind->never, array_keys($catalogue->sectionKinds())), $kind->id);
            self::assertSame([], array_diff($kind->features, array_keys($catalogue->features())), $kind->id);
            self::assertSame([], array_diff(array_keys($kind->buttons), array_keys($catalogue->goals())), $kind->id);
        }
    }

    /** schema.org, by way of the vocabulary that the npm package schema-dts carries. */
    public function testBusinessKindsAreTypesOfSchemaOrg(): void
    {
        $vocabulary = file_get_contents(\dirname(__DIR__, 3).'/web/node_modules/schema-dts/dist/schema.d.ts');
        self::assertIsString($vocabulary);
        foreach (Bench::catalogue()->businessKinds() as $kind) {
            self::assertMatchesRegularExpression('/"@type": "'.preg_quote($kind->schema, '/').'"/', $vocabulary, $kind->id);
        }
    }

    public function testPageNamesAreUnderstood(): void
    {
        $pages = Bench::catalogue()->pageKinds();
        foreach (['About us' => 'about', 'our story' => 'about', 'Price list' => 'pricing', 'FAQs' => 'faq', 'Find us' => 'location', 'Get in touch' => 'contact', 'What we do' => 'services', 'Gift vouchers' => null] as $name => $kind) {
            self::assertSame($kind, $pages->named((string) $name), (string) $name);
        }
    }

    /** @return list<mixed> */
    private static function parts(Catalogue $catalogue): array
    {
        return [$catalogue->cues(), $catalogue->pageKinds(), $catalogue->sectionKinds(), $catalogue->layouts(), $catalogue->phrasing(), $catalogue->businessKinds(), $catalogue->goals(), $catalogue->features(), $catalogue->questions(), $catalogue->tones()];
    }

    public function testTheCompiledCatalogueIsTheSame(): void
    {
        $file = sys_get_temp_dir().'/dune-catalogue-'.getmypid().'.php';
        $parsed = self::parts((new CatalogueLoader())->load());
        try {
            self::assertEquals($parsed, self::parts((new CatalogueLoader(compiled: $file))->load()));
            self::assertFileExists($file);
            self::assertEquals($parsed, self::parts((new CatalogueLoader(compiled: $file))->load()));
        } finally {
            @unlink($file);
        }
    }
}
