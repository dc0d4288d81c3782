<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Conversation;
use DunePocket\Brief\Reading\Segmenter;
use DunePocket\Brief\SourceKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SegmenterTest extends TestCase
{
    /** @return list<Block> */
    private static function blocks(string $text, SourceKind $kind = SourceKind::Text): array
    {
        $cues = Bench::catalogue()->cues();

        return (new Segmenter($cues))->segment((new Conversation($cues))->lines($text, $kind));
    }

    /** @return iterable<string, array{string}> every usual shape of question and answer, about the tone */
    public static function shapes(): iterable
    {
        yield 'Q and A' => ["Q: What tone would you like?\nA: calm and dry"];
        yield 'numbered' => ["1. What do you do?\nBoats\n\n2. What tone would you like?\ncalm and dry"];
        yield 'Q with a number' => ["Q7 Describe the tone\ncalm and dry"];
        yield 'bold' => ["**What tone would you like?**\ncalm and dry"];
        yield 'italic with a dash' => ['*Tone* – calm and dry'];
        yield 'a table' => ["| Question | Answer |\n|---|---|\n| Tone | calm and dry |"];
        yield 'a heading' => ["## Tone of voice\ncalm and dry"];
        yield 'a heading with a line beneath' => ["Tone\n----\ncalm and dry"];
        yield 'capitals' => ["TONE\ncalm and dry"];
        yield 'a label' => ['Tone: calm and dry'];
        yield 'a label in a list' => ["- Pages: home, contact\n- Tone: calm and dry"];
        yield 'columns set with spaces' => ["Town      Calder\nTone      calm and dry"];
        yield 'columns set with tabs' => ["Town\tCalder\nTone\t\tcalm and dry"];
        yield 'answers with numbers' => ["Q1: What do you do?\nA1: Boats\nQ2: What tone would you like?\nA2: calm and dry"];
        yield 'the word question' => ["QUESTION 4. Tone of voice?\ncalm and dry"];
        yield 'a label inside a paragraph' => ['We mend boats in Pell. Tone: calm and dry. Ring us.'];
    }

    #[DataProvider('shapes')]
    public function testAnAnswerIsUnderstoodByItsQuestion(string $text): void
    {
        $about = array_values(array_filter(self::blocks($text), static fn (Block $block): bool => 'tone' === $block->topic && str_contains($block->text, 'calm and dry')));
        self::assertCount(1, $about);
    }

    /** @return iterable<string, array{string, list<string>}> a table or list, and "topic: text" of its blocks */
    public static function lists(): iterable
    {
        $items = ['offering: Oak gates | £90', 'offering: Hedge laying | by the day'];
        yield 'a form that was saved' => ["Timestamp,06/02/2026 20:41\nBusiness name,Ashen Row\nWhat do you do?,\"Hedges, gates\"\nWhich pages?,\"Home, Prices\"\nHow should it sound?,calm", [': 06/02/2026 20:41', 'business_name: Ashen Row', 'offering: Hedges, gates', 'page_request: Home, Prices', 'tone: calm']];
        yield 'things with their prices' => ["What's on\n\n| Class | Price | Length |\n|---|---|---|\n| Yin | £13 | 75 min |", [": What's on", 'offering: Yin | £13 | 75 min']];
        yield 'under its own head' => ["We work in Pell.\n\n| Service | Price |\n|---|---|\n| Oak gates | £90 |\n| Hedge laying | by the day |\n\nThat is all.", [': We work in Pell.', ...$items, ': That is all.']];
        yield 'under a heading' => ["## Services\n\n| what | roughly |\n|---|---|\n| Oak gates | £90 |\n| Hedge laying | by the day |", [': Services', ...$items]];
        yield 'pages with what is on them' => ["| Page | What is on it |\n|---|---|\n| Prices | the list |\n| Contact | a map |", ['page_request: Prices', 'feature: the list', 'page_request: Contact', 'feature: a map']];
        yield 'a question after a list' => ["What should it have?\n- a map\n\nAnything you don't want?\nA blog. I have no time.", ['feature: a map', 'page_refusal: A blog. I have no time.']];
        yield 'a short answer apart from its numbered question' => ["**1. What should the website achieve?**\n\nMore enquiries for gates\n\n**2. How should it sound?**\n\nPlain", ['goal: More enquiries for gates', 'tone: Plain']];
        yield 'who, above all else' => ["WHO\nAshen Row, hedges.\n\nFOR WHOM\nFarmers.", [': WHO', 'business_kind: Ashen Row, hedges.', ': FOR WHOM', 'audience: Farmers.']];
        yield 'who it is not for' => ["Audience: farmers\nNot: hobby gardeners", ['audience: farmers', 'not_served: hobby gardeners']];
        yield 'no label under what is out' => ["## Out of scope\n\nA product film – old the day it is done.", [': Out of scope', 'page_refusal: A product film – old the day it is done.']];
    }

    /** @param list<string> $blocks */
    #[DataProvider('lists')]
    public function testAListIsUnderstoodByWhatStandsAboveIt(string $text, array $blocks): void
    {
        self::assertSame($blocks, array_map(static fn (Block $block): string => $block->topic.': '.$block->text, self::blocks($text)));
    }

    public function testANumberedAnswerIsUnderstoodByTheDesignersQuestionOfThatNumber(): void
    {
        $blocks = self::blocks("From: Ada Marsh <ada@marsh.example>\nSubject: Re: questions\n\nHi Kay\n\n1. Marsh Boats\n2. calm and dry\n3. anglers\n\nFrom: Kay <kay@web.example>\nSubject: questions\n\nHi Ada, could you tell me:\n1. Business name\n2. Tone of voice\n3. Who your customers are");
        $topics = [];
        foreach ($blocks as $block) {
            $topics[$block->text] = $block->topic;
        }
        self::assertSame(['business_name', 'tone', 'audience'], [$topics['Marsh Boats'] ?? null, $topics['calm and dry'] ?? null, $topics['anglers'] ?? null]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function toldByContent(): iterable
    {
        yield 'needs that are pages' => ["We need:\n- Home\n- Prices\n- Contact", 'page_request'];
        yield 'needs that are features' => ["We need:\n- a quote form\n- a newsletter\n- a map", 'feature'];
        yield 'why people come' => ['Why: we bring our own water', 'differentiator'];
        yield 'why there is to be a site' => ['Why: to get more bookings', 'goal'];
        yield 'sections that are pages' => ['Sections: Home, Prices, Contact', 'page_request'];
        yield 'sections that are groups' => ['Sections: Cubs, Scouts, Rangers', 'offering'];
    }

    #[DataProvider('toldByContent')]
    public function testWhatALabelAsksForMayShowInItsAnswerOnly(string $text, string $topic): void
    {
        $topics = array_map(static fn (Block $block): ?string => $block->topic, array_filter(self::blocks($text), static fn (Block $block): bool => BlockKind::Heading !== $block->kind));
        self::assertSame([$topic], array_values(array_unique($topics)));
    }

    public function testAWordToTheDesignerEndsTheAnswer(): void
    {
        $blocks = self::blocks("[10:01] Sam: What is special about you?\n[10:02] Dee: we bake in the window\n[10:03] Dee: make it fun please\n[10:04] Sam: Which pages?\n[10:05] Dee: menu, find us\n[10:06] Sam: Thanks! Anything else?");
        $topics = [];
        foreach ($blocks as $block) {
            $topics[$block->text] = $block->topic;
        }
        self::assertSame(['differentiator', null], [$topics['we bake in the window'] ?? 'missing', $topics['make it fun please'] ?? null]);
    }

    public function testOnlyWhatWasAskedIsAgreedTo(): void
    {
        $blocks = self::blocks("DESIGNER: OK. Pages. Home, prices, contact I suppose. Anything else?\nCLIENT: Yes, those three, and one called New here, for people who are scared of coming.", SourceKind::Call);
        $agreed = array_values(array_filter($blocks, static fn (Block $block): bool => true === $block->agreed));
        self::assertSame(['Home, prices, contact'], array_map(static fn (Block $block): string => $block->text, $agreed));
    }

    public function testWhatWasAskedAndAgreedToIsTheClients(): void
    {
        $blocks = self::blocks("DESIGNER: Do you want a blog?\nCLIENT: No, never.\nDESIGNER: So home, prices and contact?\nCLIENT: Yes, exactly.\nDESIGNER: Lovely.", SourceKind::Call);
        $agreed = array_values(array_filter($blocks, static fn (Block $block): bool => null !== $block->agreed));
        self::assertSame([['Do you want a blog', false], ['So home, prices and contact', true]], array_map(static fn (Block $block): array => [$block->text, $block->agreed], $agreed));
    }

    public function testASignatureGivesContactDetailsAndNothingElse(): void
    {
        $blocks = self::blocks("We mend boats in Pell.\n\nKind regards\nAda Marsh\nMarsh Boats\n01632 960 111");
        self::assertSame(['We mend boats in Pell.'], array_values(array_map(static fn (Block $block): string => $block->text, array_filter($blocks, static fn (Block $block): bool => BlockKind::Signature !== $block->kind))));
    }

    public function testNoneOfSomethingIsAnAnswerToAnOpenQuestion(): void
    {
        $blocks = self::blocks("Lou: What do you do?\nEd: Walls\nLou: Anything special about your work?\nEd: no cement ever\nLou: Any more questions?\nEd: no\nLou: Great, thanks\nEd: Bye");
        self::assertContains('no cement ever', array_map(static fn (Block $block): string => $block->text, $blocks));
        self::assertNotContains('Anything special about your work', array_map(static fn (Block $block): string => $block->text, $blocks));
    }

    public function testTheFirstWordsOfAnAnswerAreNoLabel(): void
    {
        $about = array_filter(self::blocks("What makes you different?\nNurse-led: a nurse does every session"), static fn (Block $block): bool => 'differentiator' === $block->topic);
        self::assertSame(['Nurse-led: a nurse does every session'], array_values(array_map(static fn (Block $block): string => $block->text, $about)));
    }

    public function testAnIntroductionAsksForNothing(): void
    {
        self::assertSame([], array_filter(self::blocks("As discussed on the phone:\n\n- We mend boats\n- Keep it plain"), static fn (Block $block): bool => null !== $block->topic));
    }

    public function testNeitherAnswersBothQuestions(): void
    {
        $refused = array_filter(self::blocks("Lou: What do you do?\nEd: Walls\nLou: Would you like a blog? Or a newsletter?\nEd: Neither, please.\nLou: Great, thanks\nEd: Bye"), static fn (Block $block): bool => false === $block->agreed);
        self::assertStringContainsString('blog? Or a newsletter', implode(' ', array_map(static fn (Block $block): string => $block->text, $refused)));
    }

    public function testInAThreadTheOlderMessageIsOlder(): void
    {
        $blocks = self::blocks("No blog after all.\n\nOn Tue, 3 Mar 2026 at 10:12, Ada <ada@marsh.example> wrote:\n> We need a blog.");
        $ages = [];
        foreach ($blocks as $block) {
            $ages[$block->text] = $block->age;
        }
        self::assertSame(0, $ages['No blog after all.']);
        self::assertSame(1, $ages['We need a blog.']);
    }

    public function testFeaturesOfAProductAreOfferingsAndThoseOfASiteAreNot(): void
    {
        self::assertSame('offering', self::blocks('Features: shift planning, time clock')[0]->topic);
        self::assertSame('feature', self::blocks('Features: online booking, newsletter')[0]->topic);
        self::assertSame('page_request', self::blocks('Menu: home, about, contact')[0]->topic);
        self::assertSame('offering', self::blocks('Menu: soups, pies, puddings')[0]->topic);
    }
}
