<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Recogniser\Pages;
use DunePocket\Brief\Reading\Recogniser\Pages\PageRequests;
use DunePocket\Brief\Reading\Recogniser\Pages\PageWording;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Sentences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PageWordingsTest extends TestCase
{
    private static function make(): PageRequests
    {
        return new PageRequests(Bench::catalogue()->cues(), Bench::catalogue()->pageKinds(), Bench::catalogue()->features());
    }

    /** @return array<string, PageWording> by the name of its class */
    private static function wordings(): array
    {
        $catalogue = Bench::catalogue();
        [$cues, $make, $negation] = [$catalogue->cues(), self::make(), new Negation($catalogue->cues())];
        $words = $cues->pageWordings;
        $wordings = [
            new Pages\PageEach($make, $negation), new Pages\PageEachFor($make, $negation, $words), new Pages\OwnPage($make, $negation, $words), new Pages\OneAbout($make, $words),
            new Pages\ListAnew($make, $words), new Pages\PointedAt($make), new Pages\KnownTail($make, $negation), new Pages\ListAfterMark($make, $negation, $cues), new Pages\NamesInCapitals($make, $negation),
            new Pages\NamesUnseparated($make, $catalogue->pageKinds()), new Pages\Enumerated($make, $negation, $words), new Pages\NamedWish($cues, $make),
            new Pages\SomePage($cues, $make, $negation), new Pages\PagesFor($make, $negation), new Pages\PageAbout($make, $negation, $words), new Pages\NamesAlone($make),
        ];

        return array_combine(array_map(static fn (PageWording $wording): string => substr((string) strrchr($wording::class, '\\'), 1), $wordings), $wordings);
    }

    /** @return iterable<string, array{string, string, list<string>}> wording, sentence, the pages it asks for */
    public static function sentences(): iterable
    {
        yield 'one page per town' => ['PageEach', 'We would like one page per town please.', ['A page for each town']];
        yield 'not per town' => ['PageEach', 'Please do not make one page per town.', []];
        yield 'a page each for' => ['PageEachFor', 'A page each for walks, picnics and yarn, plus one called Plan your visit.', ['Walks', 'Picnics', 'Yarn', 'Plan your visit']];
        yield 'a page each for one thing' => ['PageEachFor', 'A page each for walks.', []];
        yield 'a page of their own' => ['OwnPage', 'Lessons and the sauna need a page each.', ['Lessons', 'Sauna']];
        yield 'every one its own' => ['OwnPage', 'Each treatment should have its own page.', ['A page for each treatment']];
        yield 'the site has pages' => ['OwnPage', 'The site should have a page.', []];
        yield 'one on this, one on that' => ['OneAbout', 'Three pages: one on the retreats, one about the barn, one about us.', ['Retreats', 'Barn', 'About us']];
        yield 'one of something else' => ['OneAbout', 'We have two boats, one for hire.', []];
        yield 'pointed at' => ['PointedAt', 'artists, flash, aftercare, book <- those are the pages', ['Artists', 'Flash', 'Aftercare', 'Book']];
        yield 'a list given anew' => ['ListAnew', 'So the list is now home, hire, prices and contact.', ['Home', 'Hire', 'Prices', 'Contact']];
        yield 'anew, but of dishes' => ['ListAnew', 'The new list is soup, fish, lamb and cake.', []];
        yield 'a menu of dishes' => ['ListAnew', 'The new menu is home smoked fish, prices, lamb and contact.', []];
        yield 'anew, but no list' => ['ListAnew', 'The list is now with Gwen.', []];
        yield 'the end of a sentence' => ['KnownTail', 'Can we have services, prices, about, contact.', ['Services', 'Prices', 'About', 'Contact']];
        yield 'the end with something unknown' => ['KnownTail', 'We have services, prices, horses and contact.', []];
        yield 'after a dash' => ['ListAfterMark', 'small site - shop, workshops, about, say hello', ['Shop', 'Workshops', 'About', 'Say hello']];
        yield 'told between semicolons' => ['ListAfterMark', 'What it needs: the front page, of course; the shop, where a few can be bought; events; a page that says sell us your books; and visit, with a map.', ['Home', 'Shop', 'Events', 'Sell us your books', 'Visit']];
        yield 'features that are wanted' => ['ListAfterMark', 'I do want: questions and answers, a few reviews and a quote form.', []];
        yield 'things after a dash' => ['ListAfterMark', 'we love wood - oak, ash, elm, prices', []];
        yield 'names in capitals' => ['NamesInCapitals', 'It should have The camp, Activities, Rates and Contact.', ['Camp', 'Activities', 'Rates', 'Contact']];
        yield 'towns in capitals' => ['NamesInCapitals', 'We have shops in Pell, Calder and Moss.', []];
        yield 'nothing between them' => ['NamesUnseparated', '4 pages home prices areas contact', ['Home', 'Prices', 'Areas', 'Contact']];
        yield 'home in a sentence' => ['NamesUnseparated', 'we come to your home whenever you like', []];
        yield 'a list about pages' => ['Enumerated', 'I suppose home, about, services and contact.', ['Home', 'About', 'Services', 'Contact']];
        yield 'a list with remarks' => ['Enumerated', 'Pages: home, work (ten photos), contact.', ['Home', 'Work', 'Contact']];
        yield 'a list that is refused' => ['Enumerated', 'The site needs no home, about and contact.', []];
        yield 'a wish' => ['NamedWish', 'Gift vouchers would be lovely.', ['Gift vouchers']];
        yield 'a wish for how it looks' => ['NamedWish', 'Nice photos would be lovely.', []];
        yield 'some page' => ['SomePage', 'We also need a simple gallery page.', ['Gallery']];
        yield 'a page of no name' => ['SomePage', 'It is our first page.', []];
        yield 'where something goes' => ['SomePage', 'Put the number on the home page.', []];
        yield 'a page refused' => ['SomePage', 'We do not want a gallery page.', []];
        yield 'pages for' => ['PagesFor', 'We want pages for walks, picnics and yarn.', ['Walks', 'Picnics', 'Yarn']];
        yield 'a page about' => ['PageAbout', 'There should be a page about fitting.', ['Fitting']];
        yield 'a page about us' => ['PageAbout', 'A page about us is a must.', ['About us']];
        yield 'one is plenty' => ['PageAbout', 'One page is plenty for the services.', ['Services']];
        yield 'a page for every town' => ['PageAbout', 'A page for every town we cover.', ['A page for each town']];
        yield 'names alone' => ['NamesAlone', 'Listen, Repertoire, Prices, Book us', ['Listen', 'Repertoire', 'Prices', 'Book us']];
        yield 'names with dashes' => ['NamesAlone', 'Timber - Restoration - Visit the yard - Sell to us', ['Timber', 'Restoration', 'Visit the yard', 'Sell to us']];
        yield 'trades alone' => ['NamesAlone', 'Hedges, gates and dry stone walls', []];
    }

    /** @param list<string> $pages */
    #[DataProvider('sentences')]
    public function testAWordingAsksForPages(string $wording, string $sentence, array $pages): void
    {
        $requests = iterator_to_array(self::wordings()[$wording]->requests(Sentences::one($sentence)), false);
        $asked = array_filter($requests, static fn (Candidate $candidate): bool => FactKind::PageRequest === $candidate->kind);
        self::assertSame($pages, Sentences::values($asked));
        foreach ($asked as $candidate) {
            self::assertNotSame('', trim(substr($sentence, $candidate->start, $candidate->length)));
        }
    }

    /** @return iterable<string, array{string, BlockKind, list<string>}> an answer, its kind, the pages */
    public static function answers(): iterable
    {
        yield 'a list' => ['Home, Prices, Find us', BlockKind::Answer, ['Home', 'Prices', 'Find us']];
        yield 'a list with a number before it' => ['five pages: home, work, prices, about, contact', BlockKind::Answer, ['Home', 'Work', 'Prices', 'About', 'Contact']];
        yield 'what was said' => ['OK so we said home, prices, contact', BlockKind::Answer, ['Home', 'Prices', 'Contact']];
        yield 'up to what is refused' => ['home, prices, contact, no blog', BlockKind::Answer, ['Home', 'Prices', 'Contact']];
        yield 'one short name' => ['Prices', BlockKind::Answer, ['Prices']];
        yield 'nothing yet' => ['not sure yet', BlockKind::Answer, []];
        yield 'an item' => ['Prices – with a table', BlockKind::Item, ['Prices']];
        yield 'an item for each' => ['one page for each boat', BlockKind::Item, ['A page for each boat']];
        yield 'a refused item' => ['no blog', BlockKind::Item, []];
        yield 'a page with one for each' => ['Home, Areas (with a page for each town), Contact', BlockKind::Answer, ['Home', 'A page for each town', 'Areas', 'Contact']];
    }

    /** @param list<string> $pages */
    #[DataProvider('answers')]
    public function testWhereTheyAreAskedForNamesAreEnough(string $answer, BlockKind $kind, array $pages): void
    {
        $catalogue = Bench::catalogue();
        $spoken = new Pages\SpokenPages($catalogue->cues(), self::make(), new Negation($catalogue->cues()), $catalogue->pageKinds());
        $requests = [...(new Pages\AskedPages($catalogue->cues(), self::make(), $spoken))->requests(Sentences::one($answer, 'page_request', $kind))];
        $asked = Sentences::values(array_filter($requests, static fn (Candidate $candidate): bool => FactKind::PageRequest === $candidate->kind));
        self::assertEqualsCanonicalizing($pages, array_values(array_unique($asked)));
    }

    public function testSentencesThatAreNamesAreAMenu(): void
    {
        $names = new Pages\NamesAsSentences(self::make());
        self::assertSame(['Home', 'Doors', 'Safety', 'Contact'], Sentences::values([...$names->requests(Sentences::of('Home. Doors. Safety. Contact.'))]));
        self::assertSame([], [...$names->requests(Sentences::of('Oak. Ash. Elm.'))]);
        self::assertSame([], [...$names->requests(Sentences::of('Gallery. Prices.'))]);
    }

    public function testAPageSpokenOfOnAnotherSiteIsNotAskedFor(): void
    {
        $catalogue = Bench::catalogue();
        $spoken = new Pages\SpokenPages($catalogue->cues(), self::make(), new Negation($catalogue->cues()), $catalogue->pageKinds());
        self::assertSame([], [...$spoken->requests(Sentences::one('Our old site has a gallery page and a prices page.'))]);
    }

    public function testAPageBringsTheFeatureThatItIsCalledFor(): void
    {
        $made = [...self::make()->page('our shop with gift boxes', 4, 0.9)];
        self::assertSame([FactKind::PageRequest, FactKind::Feature], array_map(static fn (Candidate $candidate): FactKind => $candidate->kind, $made));
        self::assertSame(['page' => 'products', 'description' => 'gift boxes'], $made[0]->detail);
        self::assertSame(['shop'], Sentences::values(\array_slice($made, 1)));
        self::assertCount(1, [...self::make()->page('Products', 0, 0.9)]);
    }
}
