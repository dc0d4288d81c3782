<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\Segmenting\AnswerExtent;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AnswerExtentTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> topic, what answers, what follows */
    public static function answers(): iterable
    {
        yield 'pages, then a wish' => ['page_request', 'Home, Prices, Contact.', ' We also want it to load fast.'];
        yield 'pages, then their number' => ['page_request', 'Home and Prices. Three at most.', ''];
        yield 'pages one by one' => ['page_request', 'Home. Prices. Contact.', ''];
        yield 'pages with a remark each' => ['page_request', 'Home, obviously. Sessions, so when and where. Join in. The lending list.', ''];
        yield 'a page that is told of' => ['page_request', 'Home, yes. Donate goods – call it that. Furniture wants a page of its own.', ' We have three shops.'];
        yield 'pages that ask' => ['page_request', 'Menopause (what it is, what helps). How it works. Fees.', ''];
        yield 'one page a sentence, one with a remark' => ['page_request', 'Living here. Fees, openly. Work with us.', ''];
        yield 'a page with a verb' => ['page_request', 'One for pools, one for tubs. The areas I cover. Contact.', ''];
        yield 'who comes, then what they get' => ['audience', 'Families and nervous patients.', ' You see the same dentist every time.'];
        yield 'people, some in particular' => ['audience', 'Parents. In particular those who go back to work.', ' The site is for them.'];
        yield 'pages, and a sentence in the next line' => ['page_request', 'Home / Surveys / Contact', "\nFees should be published in full."];
        yield 'a second list is none of the first' => ['page_request', 'Home, Prices.', ' Blue and green.'];
        yield 'offerings in fragments' => ['offering', 'Hedge laying. Dry stone walls. Gates.', ''];
        yield 'offerings, then who comes' => ['offering', 'Hedge laying and gates.', ' Our customers are farmers who have no time.'];
        yield 'a name, then a sentence' => ['business_name', 'Ashen Row.', ' It was the name of the street.'];
        yield 'a tone is told at any length' => ['tone', 'Calm. We are never loud. It should be dry.', ''];
    }

    #[DataProvider('answers')]
    public function testAListEndsWhereASentenceSpeaksOfSomethingElse(string $topic, string $answer, string $rest): void
    {
        self::assertSame($answer, substr($answer.$rest, 0, (new AnswerExtent())->bytes($answer.$rest, $topic)));
    }

    public function testWithoutATopicEverythingBelongsToIt(): void
    {
        self::assertSame(26, (new AnswerExtent())->bytes('Home, Prices. We are loud.', null));
    }

    #[TestWith(['We have three boats', true])]
    #[TestWith(['Everything must go', true])]
    #[TestWith(['we have three boats', false])]
    #[TestWith(['Three boats', false])]
    public function testASentenceHasACapitalAndAVerb(string $text, bool $is): void
    {
        self::assertSame($is, (new AnswerExtent())->isSentence($text));
    }
}
