<?php

declare(strict_types=1);

namespace DunePocket\Tests\Catalogue;

use DunePocket\Catalogue\Layout;
use DunePocket\Catalogue\LayoutNode;
use DunePocket\Tests\Support\Bench;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** The layouts as data: what a designer writes is checked by a schema, and no two are the same thing twice. */
final class LayoutsTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../catalogue/layouts';

    /** How many there are at least for each group of section kinds. */
    private const WANTED = [
        [12, 'hero'], [12, 'feature'], [14, 'feature-grid', 'benefits'], [6, 'page-intro'], [8, 'services-list'], [6, 'steps'], [6, 'stats'],
        [8, 'testimonials'], [6, 'case-study', 'related'], [8, 'gallery', 'video'], [6, 'team'], [8, 'story', 'timeline', 'values'],
        [10, 'price-plans', 'price-list', 'comparison'], [5, 'faq'], [10, 'product-grid', 'product-detail', 'cart', 'checkout'],
        [8, 'articles', 'article-body'], [6, 'events', 'event-detail'], [10, 'contact-form', 'quote-form', 'booking'], [4, 'map-hours'],
        [12, 'newsletter', 'download', 'call-to-action'], [6, 'logo-strip', 'partners', 'awards'], [4, 'areas', 'locations'],
        [6, 'donation', 'jobs', 'sign-in', 'account'], [5, 'legal-text', 'search-results', 'thank-you', 'error-message'], [6, 'site-header'], [6, 'site-footer'],
    ];

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (glob(self::FOLDER.'/*.yaml') ?: [] as $file) {
            yield basename($file) => [$file];
        }
    }

    #[DataProvider('files')]
    public function testEveryFileFollowsTheSchema(string $file): void
    {
        $schema = json_decode((string) file_get_contents(self::FOLDER.'/layout.schema.json'), false, 64, \JSON_THROW_ON_ERROR);
        self::assertInstanceOf(\stdClass::class, $schema);
        $layouts = json_decode(json_encode(Yaml::parseFile($file), \JSON_THROW_ON_ERROR), false, 64, \JSON_THROW_ON_ERROR);
        $result = (new Validator())->validate($layouts, $schema);
        $error = $result->error();
        self::assertTrue($result->isValid(), null === $error ? '' : json_encode((new ErrorFormatter())->format($error), \JSON_THROW_ON_ERROR));
    }

    public function testTheSchemaRefusesWhatNoLayoutCanBe(): void
    {
        $schema = json_decode((string) file_get_contents(self::FOLDER.'/layout.schema.json'), false, 64, \JSON_THROW_ON_ERROR);
        self::assertInstanceOf(\stdClass::class, $schema);
        foreach (['a branch of no kind' => ['tree' => ['pile' => ['heading']]], 'a style of no kind' => ['tree' => ['stack' => ['heading h9']]], 'two columns out of three' => ['tree' => ['each' => ['item'], 'cols' => [3, 1]]], 'no weight' => ['weight' => null]] as $what => $fault) {
            $layout = array_filter([...['label' => 'A layout', 'weight' => 'light', 'tree' => ['stack' => ['heading h2']]], ...$fault]);
            $document = json_decode(json_encode(['hero.test' => $layout], \JSON_THROW_ON_ERROR), false, 64, \JSON_THROW_ON_ERROR);
            self::assertFalse((new Validator())->validate($document, $schema)->isValid(), $what);
        }
    }

    public function testThereAreEnoughOfEachKind(): void
    {
        self::assertGreaterThanOrEqual(180, \count(Bench::catalogue()->layouts()));
        foreach (self::WANTED as [$wanted, $first]) {
            $kinds = array_filter(self::WANTED[array_search([$wanted, $first], array_map(static fn (array $group): array => [$group[0], $group[1]], self::WANTED), true)], \is_string(...));
            $count = array_sum(array_map(static fn (string $kind): int => \count(Bench::catalogue()->layoutsFor($kind)), $kinds));
            self::assertGreaterThanOrEqual($wanted, $count, implode(', ', $kinds));
        }
    }

    public function testLayoutsOfAKindDifferInStructureAndNotInSpaceAlone(): void
    {
        foreach (Bench::catalogue()->sectionKinds() as $kind) {
            $structures = $labels = [];
            foreach (Bench::catalogue()->layoutsFor($kind->id) as $layout) {
                $structures[$layout->id] = self::structure($layout);
                $labels[$layout->id] = $layout->label;
            }
            self::assertSame($structures, array_unique($structures), $kind->id);
            self::assertSame($labels, array_unique($labels), $kind->id);
        }
    }

    /** What is left of a layout without gaps, paddings, widths and labels. */
    private static function structure(Layout $layout): string
    {
        return implode(' ', [$layout->fill, $layout->full ? 'full' : '', self::node($layout->tree)]);
    }

    private static function node(LayoutNode $node): string
    {
        return implode(' ', [$node->type, $node->slot, implode('.', array_filter($node->styles, static fn (string $style): bool => 1 !== preg_match('/^\d+:\d+$/', $style))), json_encode($node->columns, \JSON_THROW_ON_ERROR), json_encode($node->pattern, \JSON_THROW_ON_ERROR), $node->align, $node->rule ? 'rule' : '', $node->frame ? 'frame' : '', $node->flows ? 'flow' : '', $node->alternate ? 'turn' : '', $node->rail ?? '', $node->fill, '(', ...array_map(self::node(...), [...$node->children, ...$node->first]), ')']);
    }
}
