<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan;

use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Inspector;
use DunePocket\Plan\Page;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** Every rule: a sound plan is broken in one way, the finding appears, and its action mends it. */
final class FindingsTest extends TestCase
{
    private const BRIEF = "We are Kelda Ropes, a rope maker in Harl. We offer boat ropes, climbing ropes and splicing repairs. We sell online and want more sales. What makes us different is that every rope is spun by hand.\nPages: Home, About, Services, News, Contact.\nNo gallery please.\nE-mail hello@kelda.example\nNever say \"solutions\".";

    private static function project(): Project
    {
        static $project = null;
        $project ??= Bench::planned(self::BRIEF);
        \assert($project instanceof Project);

        return $project;
    }

    private static function page(Project $project, string $kind): Page
    {
        foreach ($project->plan->pages as $page) {
            if ($page->kind === $kind) {
                return $page;
            }
        }

        self::fail("There is no page of the kind $kind.");
    }

    private static function section(Project $project, string $page, string $kind): Section
    {
        foreach (self::page($project, $page)->sections() as $section) {
            if ($section->kind === $kind) {
                return $section;
            }
        }

        self::fail("There is no section of the kind $kind on $page.");
    }

    /** @return list<Finding> */
    private static function found(Project $project, string $rule): array
    {
        return array_values(array_filter((new Inspector(Bench::catalogue()))->inspect($project), static fn (Finding $finding): bool => $finding->rule === $rule));
    }

    /** @return iterable<string, array{string, callable(Project): Project}> the rule, and what breaks it */
    public static function breaks(): iterable
    {
        $id = static fn (Project $project, string $kind): string => self::page($project, $kind)->id;
        $add = static fn (string $title, string $kind, ?string $parent = null): array => ['type' => 'add-page', 'title' => $title, 'kind' => $kind, 'parent' => $parent];
        $with = static fn (string $page, int $index, string $kind): array => ['type' => 'add-section', 'page' => $page, 'index' => $index, 'kind' => $kind];
        $edit = static fn (string $page, string $field, string $value): array => ['type' => 'edit-page', 'page' => $page, 'field' => $field, 'value' => $value];

        yield 'refused page' => ['refused-page', static fn (Project $p): Project => Bench::after($p, $add('Gallery', 'gallery'))];
        yield 'refused section' => ['refused-section', static fn (Project $p): Project => Bench::after($p, ['type' => 'add-fact', 'kind' => 'page_refusal', 'value' => 'Newsletter'], $with($id($p, 'about'), 2, 'newsletter'))];
        yield 'request nowhere' => ['request-unanswered', static fn (Project $p): Project => Bench::after($p, ['type' => 'add-fact', 'kind' => 'page_request', 'value' => 'Knots of the north'])];
        yield 'one path twice' => ['path-clash', static fn (Project $p): Project => $p->withPlan($p->plan->withPage(self::page($p, 'about')->withSlug('contact')))];
        yield 'form without privacy' => ['form-without-privacy', static fn (Project $p): Project => Bench::after($p, ['type' => 'remove-page', 'page' => $id($p, 'privacy')])];
        yield 'empty page' => ['empty-page', static fn (Project $p): Project => Bench::after($p, ['type' => 'remove-sections', 'sections' => self::page($p, 'about')->content()->ids()])];
        yield 'avoided word' => ['avoided-word', static fn (Project $p): Project => Bench::after($p, ['type' => 'edit-text', 'section' => self::section($p, 'home', 'hero')->id, 'slot' => 'heading', 'item' => null, 'text' => 'Rope solutions'])];
        yield 'too many pages' => ['page-count', static fn (Project $p): Project => Bench::after($p, ['type' => 'add-fact', 'kind' => 'page_count', 'value' => '3'])];
        yield 'long menu' => ['menu-too-long', static fn (Project $p): Project => Bench::after($p, ...array_map(static fn (int $n): array => $add("Page $n", 'page'), range(1, 3)))];
        yield 'deep page' => ['too-deep', static fn (Project $p): Project => Bench::after($p, ['type' => 'move-page', 'page' => $id($p, 'services'), 'parent' => $id($p, 'about'), 'index' => 3], ['type' => 'move-page', 'page' => $id($p, 'blog'), 'parent' => $id($p, 'services'), 'index' => 4], ['type' => 'move-page', 'page' => $id($p, 'contact'), 'parent' => $id($p, 'blog'), 'index' => 5])];
        yield 'no call' => ['page-without-call', static fn (Project $p): Project => Bench::after($p, ['type' => 'remove-section', 'section' => self::section($p, 'about', 'call-to-action')->id])];
        yield 'two openings' => ['heading-order', static fn (Project $p): Project => Bench::after($p, $with($id($p, 'about'), 3, 'hero'))];
        yield 'the same twice' => ['same-neighbours', static fn (Project $p): Project => Bench::after($p, $with($id($p, 'about'), 1, 'page-intro'))];
        yield 'a call beside a form' => ['ill-neighbours', static fn (Project $p): Project => Bench::after($p, $with($id($p, 'about'), \count(self::page($p, 'about')->sections()) - 2, 'contact-form'))];
        yield 'repeating page missing' => ['repeating-page-missing', static fn (Project $p): Project => Bench::after($p, ['type' => 'remove-page', 'page' => $id($p, 'article')])];
        yield 'unreachable' => ['unreachable-page', static fn (Project $p): Project => Bench::after($p, $edit($id($p, 'about'), 'navigation', 'none'))];
        yield 'repeating page twice' => ['repeating-page-twice', static fn (Project $p): Project => Bench::after($p, $add('Another article', 'article', $id($p, 'blog')))];
        yield 'one thing twice' => ['one-thing-twice', static fn (Project $p): Project => Bench::after($p, $add('Who we are', 'about'))];
        yield 'no opening' => ['opening-missing', static fn (Project $p): Project => Bench::after($p, ['type' => 'remove-section', 'section' => self::section($p, 'about', 'page-intro')->id])];
        yield 'late opening' => ['opening-late', static fn (Project $p): Project => Bench::after($p, ['type' => 'move-section', 'section' => self::section($p, 'home', 'hero')->id, 'page' => $id($p, 'home'), 'index' => 3])];
        yield 'two forms' => ['two-forms', static fn (Project $p): Project => Bench::after($p, $with($id($p, 'contact'), 3, 'quote-form'))];
        yield 'no footer' => ['frame-missing', static fn (Project $p): Project => Bench::after($p, ['type' => 'remove-section', 'section' => self::section($p, 'about', 'site-footer')->id])];
        yield 'no header' => ['frame-missing', static fn (Project $p): Project => Bench::after($p, ['type' => 'remove-section', 'section' => self::section($p, 'about', 'site-header')->id])];
        yield 'called twice' => ['call-twice', static fn (Project $p): Project => Bench::after($p, ['type' => 'use-shared', 'page' => $id($p, 'about'), 'index' => 2, 'shared' => 'sh2'])];
        yield 'called too early' => ['call-late', static fn (Project $p): Project => Bench::after($p, ['type' => 'move-section', 'section' => self::section($p, 'home', 'call-to-action')->id, 'page' => $id($p, 'home'), 'index' => 1])];
        yield 'long page' => ['long-page', static fn (Project $p): Project => Bench::after($p, ...array_map(static fn (string $kind): array => $with($id($p, 'home'), 3, $kind), ['steps', 'faq', 'stats', 'team', 'video', 'newsletter', 'timeline', 'values', 'partners']))];
        yield 'thin page' => ['thin-page', static fn (Project $p): Project => Bench::after($p, ['type' => 'remove-sections', 'sections' => array_map(static fn (Section $section): string => $section->id, \array_slice(array_values(array_filter(self::page($p, 'about')->sections(), static fn (Section $section): bool => null === $section->shared)), 1))])];
        yield 'no purpose' => ['purpose-missing', static fn (Project $p): Project => Bench::after($p, $edit($id($p, 'about'), 'purpose', ''))];
        yield 'long label' => ['label-long', static fn (Project $p): Project => Bench::after($p, $edit($id($p, 'about'), 'title', 'Everything there is to know about us'))];
        yield 'child in the menu alone' => ['child-in-menu', static fn (Project $p): Project => Bench::after($p, ['type' => 'move-page', 'page' => $id($p, 'services'), 'parent' => $id($p, 'about'), 'index' => 3], $edit($id($p, 'about'), 'navigation', 'footer'))];
        yield 'no list' => ['list-missing', static fn (Project $p): Project => Bench::after($p, $add('Our van', 'page', $id($p, 'about')))];
        yield 'incomplete shop' => ['shop-incomplete', static fn (Project $p): Project => Bench::after($p, ['type' => 'remove-page', 'page' => $id($p, 'checkout')])];
        yield 'map without a place' => ['map-without-place', static fn (Project $p): Project => Bench::after($p, ...[...array_map(static fn ($fact): array => ['type' => 'strike-fact', 'fact' => $fact->id, 'struck' => true], array_values(array_filter($p->brief->facts, static fn ($fact): bool => \in_array($fact->kind->value, ['location', 'contact_address', 'business_kind'], true)))), $with($id($p, 'about'), 2, 'map-hours')])];
        yield 'no prices' => ['prices-missing', static fn (Project $p): Project => Bench::after($p, $with($id($p, 'about'), 2, 'price-list'))];
        yield 'one name twice' => ['name-twice', static fn (Project $p): Project => Bench::after($p, ['type' => 'edit-section', 'section' => self::section($p, 'home', 'hero')->id, 'field' => 'title', 'value' => self::page($p, 'home')->sections()[2]->title])];
        yield 'hidden goal' => ['goal-hidden', static fn (Project $p): Project => Bench::after($p, $edit($id($p, 'products'), 'navigation', 'footer'))];
        yield 'no contact' => ['contact-missing', static function (Project $p): Project {
            $p = Bench::after($p, ['type' => 'remove-page', 'page' => self::page($p, 'contact')->id]);
            $ways = [];
            foreach ($p->plan->pages as $page) {
                foreach ($page->sections() as $section) {
                    if (\in_array($section->kind, ['contact-form', 'quote-form', 'booking', 'map-hours'], true)) {
                        $ways[] = $section->id;
                    }
                }
            }

            return [] === $ways ? $p : Bench::after($p, ['type' => 'remove-sections', 'sections' => $ways]);
        }];
        yield 'legal page in the menu' => ['legal-in-menu', static fn (Project $p): Project => Bench::after($p, $edit($id($p, 'privacy'), 'navigation', 'main'))];
        yield 'only blanks' => ['blanks-only', static fn (Project $p): Project => Bench::after($p, $with($id($p, 'about'), 2, 'stats'))];
        yield 'below a repeating page' => ['parent-repeats', static fn (Project $p): Project => Bench::after($p, ['type' => 'move-page', 'page' => $id($p, 'about'), 'parent' => $id($p, 'article'), 'index' => 6])];
        yield 'no proof' => ['proof-missing', static fn (Project $p): Project => Bench::after($p, ['type' => 'remove-sections', 'sections' => array_map(static fn (Section $section): string => $section->id, array_values(array_filter(self::page($p, 'home')->sections(), static fn (Section $section): bool => \in_array($section->kind, ['testimonials', 'stats', 'awards', 'logo-strip', 'case-study', 'partners', 'benefits', 'gallery', 'team', 'story'], true))))], $with(self::page($p, 'home')->id, 2, 'faq'), $with(self::page($p, 'home')->id, 2, 'steps'))];
    }

    /** @param callable(Project): Project $break */
    #[DataProvider('breaks')]
    public function testABrokenPlanIsFoundAndItsActionMendsIt(string $rule, callable $break): void
    {
        $broken = $break(self::project());
        $findings = self::found($broken, $rule);
        self::assertGreaterThan(\count(self::found(self::project(), $rule)), \count($findings));
        $new = array_values(array_filter($findings, static fn (Finding $finding): bool => !\in_array($finding->key(), array_map(static fn (Finding $known): string => $known->key(), self::found(self::project(), $rule)), true)))[0] ?? null;
        self::assertNotNull($new);
        self::assertStringEndsWith('.', $new->text);
        self::assertStringEndsWith('.', $new->why);
        foreach ($new->where as $id) {
            self::assertTrue(null !== $broken->plan->findPage($id) || '' !== $broken->plan->section($id)->id);
        }
        if (null !== $new->mend) {
            $mended = Bench::after($broken, $new->mend->action);
            self::assertLessThan(\count($findings), \count(self::found($mended, $rule)), $new->mend->label);
        }
    }

    public function testThereAreEnoughRulesAndEachSaysWhyItMatters(): void
    {
        $whys = Yaml::parseFile(\dirname(__DIR__, 2).'/catalogue/findings.yaml');
        self::assertIsArray($whys);
        self::assertGreaterThanOrEqual(30, \count($whys));
        $covered = [];
        foreach (self::breaks() as [$rule]) {
            $covered[] = $rule;
        }
        self::assertGreaterThanOrEqual(30, \count(array_unique($covered)), 'Rules with a test of their own.');
    }

    public function testAFindingThatWasWavedThroughKeepsItsRemarkAndComesLast(): void
    {
        $broken = Bench::after(self::project(), ['type' => 'edit-page', 'page' => self::page(self::project(), 'about')->id, 'field' => 'navigation', 'value' => 'none']);
        $key = self::found($broken, 'unreachable-page')[0]->key();
        $waved = Bench::after($broken, ['type' => 'wave-finding', 'key' => $key, 'remark' => 'Reached from the newsletter only.']);
        $all = (new Inspector(Bench::catalogue()))->inspect($waved);
        self::assertSame('Reached from the newsletter only.', $all[\count($all) - 1]->remark);
        $again = Bench::after($waved, ['type' => 'wave-finding', 'key' => $key, 'remark' => null]);
        self::assertNull(self::found($again, 'unreachable-page')[0]->remark);
    }

    public function testASoundPlanHasNoError(): void
    {
        foreach ((new Inspector(Bench::catalogue()))->inspect(self::project()) as $finding) {
            self::assertNotSame('error', $finding->level->value, $finding->text);
        }
    }

    public function testAClientWhoWantsNoFormIsReachedByTheNumberInTheFooterOrNotAtAll(): void
    {
        $brief = "Keyway Locksmiths opens doors in Leeds. We offer lock changes and safe opening.\n\nFive pages: Emergency, Services, Prices, Reviews, Areas.\n\nNo contact form.";
        $rules = static fn (string $text): array => array_map(static fn (Finding $finding): string => $finding->rule, (new Inspector(Bench::catalogue()))->inspect(Bench::planned($text)));

        self::assertContains('contact-missing', $rules($brief));
        self::assertNotContains('contact-missing', $rules($brief."\n\nPhone 07700 900770"));
    }
}
