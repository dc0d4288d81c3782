<?php

declare(strict_types=1);

namespace DunePocket\Tests\Exchange;

use DunePocket\Data\InvalidData;
use DunePocket\Exchange\Formats;
use DunePocket\Exchange\MarkdownWriter;
use DunePocket\Exchange\ProjectFileReader;
use DunePocket\Exchange\ProjectFileWriter;
use DunePocket\Exchange\XmlSitemapWriter;
use DunePocket\Plan\Look;
use DunePocket\Plan\Page;
use DunePocket\Project\Project;
use DunePocket\Tests\Support\Bench;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ExchangeTest extends TestCase
{
    private static function project(): Project
    {
        return Bench::planned(Bench::text('formal.md'));
    }

    private static function write(Project $project): string
    {
        return (new ProjectFileWriter(Bench::catalogue()))->write($project);
    }

    public function testAProjectFileComesBackWithoutLoss(): void
    {
        $written = self::write(self::project());
        $read = (new ProjectFileReader(Bench::catalogue()))->read($written);
        self::assertSame($written, self::write($read));
    }

    public function testTheProjectFileHasItsPublishedShape(): void
    {
        $schema = file_get_contents(\dirname(__DIR__, 3).'/docs/project-file.schema.json');
        self::assertIsString($schema);
        $project = self::project();
        $opening = $project->plan->pages[0]->sections()[1];
        $settled = $opening->withLook(new Look(true, 'video', ['button-2'], true, 'center', 2, ['text', 'heading']));
        $project = $project->withPlan($project->plan->withSection($settled));
        $result = (new Validator())->validate(json_decode(self::write($project), false, 64, \JSON_THROW_ON_ERROR), $schema);
        self::assertTrue($result->isValid(), (string) $result);
    }

    /** @return iterable<string, array{string}> */
    public static function broken(): iterable
    {
        yield 'no JSON' => ['hello'];
        yield 'another document' => ['{"format": "something/else", "version": 1}'];
        yield 'a list' => ['[1, 2]'];
        yield 'a later version' => ['{"format": "dune-pocket/project", "version": 9, "name": "x"}'];
        yield 'no name' => ['{"format": "dune-pocket/project", "version": 1}'];
        yield 'an unknown page kind' => ['{"format": "dune-pocket/project", "version": 1, "name": "x", "brief": {}, "pages": [{"id": "p1", "parent": null, "kind": "castle", "title": "C", "slug": "c", "navigation": "main", "purpose": "x"}]}'];
        yield 'a page below itself' => ['{"format": "dune-pocket/project", "version": 1, "name": "x", "brief": {}, "pages": [{"id": "p1", "parent": "p1", "kind": "home", "title": "C", "slug": "c", "navigation": "main", "purpose": "x"}]}'];
        yield 'nested too deep' => [str_repeat('[', 200).str_repeat(']', 200)];
    }

    #[DataProvider('broken')]
    public function testABrokenProjectFileIsRefusedWithTheReason(string $json): void
    {
        $this->expectException(InvalidData::class);
        (new ProjectFileReader(Bench::catalogue()))->read($json);
    }

    /** sitemaps.org protocol 0.9, the schema that the npm package "sitemap" carries. */
    public function testTheXmlSitemapIsValidAgainstItsPublishedSchema(): void
    {
        $project = self::project();
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML((new XmlSitemapWriter())->write($project, 'https://eastmoor.example/')));
        $schemas = glob(\dirname(__DIR__, 3).'/web/node_modules/sitemap/schema/sitemap.xsd') ?: [];
        self::assertCount(1, $schemas);
        self::assertTrue($document->schemaValidate($schemas[0]));
        $addresses = [];
        foreach ($document->getElementsByTagName('loc') as $loc) {
            $addresses[] = $loc->textContent;
        }
        self::assertContains('https://eastmoor.example/what-we-do/english-classes', $addresses);
        self::assertCount(\count(array_filter($project->plan->pages, static fn (Page $page): bool => !$page->repeats)), $addresses);
    }

    public function testMarkdownHoldsEveryPageItsPurposesAndWhatIsToSupply(): void
    {
        $project = self::project();
        $markdown = (new MarkdownWriter())->write($project);
        foreach ($project->plan->pages as $page) {
            self::assertStringContainsString("\n## {$page->title}\n", str_replace('\\', '', $markdown));
            self::assertStringContainsString($page->purpose, str_replace('\\', '', $markdown));
        }
        self::assertStringContainsString('## Still to supply', $markdown);
        self::assertMatchesRegularExpression('/^- \[ \] .+/m', $markdown);
    }

    public function testMarkupInTextStaysText(): void
    {
        $markdown = (new MarkdownWriter())->write(self::project()->withName('<b>*Kelp*</b> [x](y)'));
        self::assertStringStartsWith('# \<b\>\*Kelp\*\</b\> \[x\](y)', $markdown);
    }

    public function testAnUnknownFormatIsRefused(): void
    {
        $this->expectException(InvalidData::class);
        (new Formats(Bench::catalogue()))->get('papyrus');
    }
}
