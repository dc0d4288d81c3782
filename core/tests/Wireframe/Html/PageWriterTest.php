<?php

declare(strict_types=1);

namespace DunePocket\Tests\Wireframe\Html;

use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\Look;
use DunePocket\Plan\Section;
use DunePocket\Tests\Support\Bench;
use DunePocket\Wireframe\Html\BlockElementModifier;
use DunePocket\Wireframe\Html\Naming;
use DunePocket\Wireframe\Html\NoLinks;
use DunePocket\Wireframe\Html\PageWriter;
use DunePocket\Wireframe\Html\Semantic;
use DunePocket\Wireframe\Html\StyleSheet;
use DunePocket\Wireframe\Html\Utility;
use DunePocket\Wireframe\SampleCopy;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the browser tests cannot say of the written pages: names, order, escaping. */
final class PageWriterTest extends TestCase
{
    /** @return array{string, string} body and style sheet */
    private static function written(Naming $naming, Section ...$sections): array
    {
        $sheet = new StyleSheet();
        $body = (new PageWriter(Bench::catalogue()))->body(array_values($sections), $naming, $sheet, new NoLinks());

        return [$body, $sheet->css()];
    }

    private static function sample(string $layout): Section
    {
        return (new SampleCopy(Bench::catalogue()))->section(Bench::catalogue()->layout($layout), 'typical');
    }

    /** @return iterable<string, array{Naming, string, string}> a class of the section, and a selector of the style sheet */
    public static function conventions(): iterable
    {
        yield 'block, element, modifier' => [new BlockElementModifier(), 'class="hero hero--media-end"', '.hero--media-end .hero__heading {'];
        yield 'plain names' => [new Semantic(), 'class="hero media-end"', '.hero.media-end .heading {'];
        yield 'one class for each property' => [new Utility(), 'padding-block-72px tablet-padding-block-56px phone-padding-block-36px', '.padding-block-72px {'];
    }

    #[DataProvider('conventions')]
    public function testClassNamesFollowTheConvention(Naming $naming, string $class, string $selector): void
    {
        [$body, $css] = self::written($naming, self::sample('hero.media-end'));
        self::assertStringContainsString($class, $body);
        self::assertStringContainsString($selector, $css);
        preg_match_all('/class="([^"]+)"/', $body, $used);
        foreach (array_unique(explode(' ', implode(' ', $used[1]))) as $name) {
            self::assertMatchesRegularExpression('/^[a-z][a-z0-9_-]*$/i', $name);
        }
        self::assertStringNotContainsString('style="', $body, 'what it looks like stands in the style sheet alone');
    }

    public function testTwoPartsOfOneNameThatLookDifferentGetNumbers(): void
    {
        [$body, $css] = self::written(new BlockElementModifier(), self::sample('hero.ledger'), self::sample('call-to-action.panel'));
        self::assertStringContainsString('call-to-action__stack-2', $body);
        self::assertStringContainsString('.call-to-action--panel .call-to-action__stack-2 {', $css);
    }

    public function testASectionWithSettingsDoesNotChangeOneWithout(): void
    {
        $plain = self::sample('feature.media-end');
        $flipped = $plain->withId('other')->withLook(new Look(flipped: true));
        [$body, $css] = self::written(new BlockElementModifier(), $plain, $flipped);
        preg_match_all('/feature--media-end(?:-[0-9a-f]{4})?(?=[" ])/', $body, $variants);
        self::assertCount(2, array_unique($variants[0]));
        self::assertStringContainsString('order: 1;', $css);
    }

    public function testWordsAreReadBeforeThePictureWhereThePhoneShowsThemFirst(): void
    {
        [$body] = self::written(new Semantic(), self::sample('hero.portrait'));
        self::assertLessThan(strpos($body, 'role="img"'), (int) strpos($body, '<h1'));
    }

    public function testHeadingsDescendWithoutAGap(): void
    {
        $sections = array_map(self::sample(...), ['hero.dark', 'services-list.cards', 'feature.statement', 'faq.rows', 'stats.across']);
        [$body] = self::written(new Semantic(), ...$sections);
        preg_match_all('/<h([1-6])/', $body, $levels);
        $before = 0;
        foreach (array_map(intval(...), $levels[1]) as $level) {
            self::assertLessThanOrEqual($before + 1, $level, 'WCAG technique H42: no level is left out');
            $before = $level;
        }
        self::assertSame(1, array_count_values($levels[1])['1'], 'one first heading a page');
    }

    public function testFieldsHaveLabelsTypesAndSayWhatMayStayEmpty(): void
    {
        $section = new Section('p1s1', 'contact-form', 'T', 'T.', 'contact-form.beside', copy: [
            new CopyLine('heading', CopyRole::Heading, 'Write to us'),
            new CopyLine('field', CopyRole::Label, 'E-mail', 0),
            new CopyLine('field', CopyRole::Label, 'Telephone (optional)', 1),
            new CopyLine('field', CopyRole::Label, 'Message', 2),
            new CopyLine('button', CopyRole::Button, 'Send'),
        ]);
        [$body] = self::written(new Semantic(), $section);
        self::assertStringContainsString('<form', $body);
        self::assertMatchesRegularExpression('/<label[^>]*><span[^>]*>E-mail<\/span><input[^>]*type="email" autocomplete="email" required>/', $body);
        self::assertMatchesRegularExpression('/<span[^>]*>Telephone \(optional\)<\/span><input[^>]*type="tel" autocomplete="tel">/', $body);
        self::assertMatchesRegularExpression('/<textarea[^>]* required><\/textarea>/', $body);
        self::assertStringContainsString('type="submit"', $body);
    }

    public function testScriptsInTextsAndAddressesStayText(): void
    {
        $evil = '"><script>alert(1)</script><img src=x onerror=alert(1)>';
        $section = new Section('p1s1', 'hero', $evil, 'T.', 'hero.media-end', copy: [
            new CopyLine('heading', CopyRole::Heading, $evil),
            new CopyLine('text', CopyRole::Body, $evil),
            new CopyLine('button', CopyRole::Button, $evil),
            new CopyLine('picture', CopyRole::Alt, $evil),
        ]);
        [$body] = self::written(new Semantic(), $section);
        self::assertStringNotContainsString('<script', $body);
        self::assertStringNotContainsString('<img', $body);
        $document = (new PageWriter(Bench::catalogue()))->document($evil, 'en', '', $body, $evil);
        self::assertStringNotContainsString('<script', $document);
    }

    public function testATableHasHeadingsAndARowForEachLine(): void
    {
        [$body] = self::written(new Semantic(), self::sample('comparison.table'));
        self::assertSame(4, substr_count($body, '<tr>'));
        self::assertSame(3, substr_count($body, 'scope="col"'), 'the corner is no heading');
    }
}
