<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\InvalidBrief;
use DunePocket\Brief\Sources\FormData;
use DunePocket\Brief\Sources\SourceReader;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FormDataTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function forms(): iterable
    {
        yield 'labels as keys' => ['{"what_we_do": "Slate roofs", "whoFor": "Homeowners", "Pages wanted": ["Roofs", "Contact"]}', "What we do: Slate roofs\nWho for: Homeowners\nPages wanted: Roofs, Contact\n"];
        yield 'questions and answers' => ['[{"question": "Who is it for?", "answer": "Families"}, {"question": "Blog", "answer": false}]', "Who is it for?\nFamilies\n\nBlog: no\n"];
        yield 'answers with commas' => ['{"offers": ["Roofs, new", "Roofs, mended"]}', "Offers:\n- Roofs, new\n- Roofs, mended\n\n"];
        yield 'parts' => ['{"site": {"pages": ["Roofs"], "shop": null}}', "\nSite\nPages: Roofs\nShop: \n\n"];
    }

    #[DataProvider('forms')]
    public function testAFormSavedAsDataBecomesLinesOfLabelsAndAnswers(string $json, string $text): void
    {
        self::assertTrue(FormData::looksLike($json));
        self::assertSame($text, FormData::toText($json));
    }

    /** @return iterable<string, array{string}> */
    public static function others(): iterable
    {
        yield 'a letter' => ['Hi, we do roofs'];
        yield 'brackets' => ['[10:02] we do roofs'];
        yield 'not to the end' => ['{"name": "Pell'];
        yield 'deeper than any form' => [str_repeat('{"a":', 40).'1'.str_repeat('}', 40)];
    }

    #[DataProvider('others')]
    public function testEverythingElseIsRead(string $text): void
    {
        self::assertFalse(FormData::looksLike($text));
    }

    public function testWhatIsUnderstoodFromIt(): void
    {
        $source = (new SourceReader())->read('{"business": "Pell Slate", "services": "New roofs, chimneys", "not_wanted": ["shop", "client login"]}', 'Form', 's1');
        $brief = Bench::read($source->text);
        self::assertSame(['Pell Slate'], Bench::values($brief, FactKind::BusinessName));
        self::assertSame(['New roofs', 'Chimneys'], Bench::values($brief, FactKind::Offering));
        self::assertSame(['Shop', 'Client login'], Bench::values($brief, FactKind::PageRefusal));
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing in it' => ['[{}]', 'There is no text'];
        yield 'a project of our own' => ['{"format": "dune-pocket/project", "name": "Lido"}', 'This is a project file'];
    }

    #[DataProvider('refused')]
    public function testWhatCannotBeReadIsSaid(string $json, string $says): void
    {
        $this->expectException(InvalidBrief::class);
        $this->expectExceptionMessage($says);
        FormData::toText($json);
    }
}
