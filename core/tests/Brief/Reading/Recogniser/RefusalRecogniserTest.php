<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Recogniser\RefusalRecogniser;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Readings;
use DunePocket\Tests\Support\Sentences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RefusalRecogniserTest extends TestCase
{
    /** @return list<string> */
    private static function refused(string $text, ?string $topic = null, ?bool $agreed = null, BlockKind $kind = BlockKind::Paragraph): array
    {
        $catalogue = Bench::catalogue();

        return array_values(array_unique(Sentences::values((new RefusalRecogniser($catalogue->cues(), new Negation($catalogue->cues()), $catalogue->pageKinds(), Bench::catalogue()->adjectives()))->recognise(Readings::of($text, $topic, $kind, $agreed)))));
    }

    /** @return iterable<string, array{string, ?string, list<string>}> text, topic, what is refused */
    public static function texts(): iterable
    {
        yield 'no' => ['No blog.', null, ['Blog']];
        yield 'two at once' => ['No blog and no forum please.', null, ['Blog', 'Forum']];
        yield 'not wanted' => ['We do not want a team page.', null, ['Team']];
        yield 'for a reason' => ['No gallery because the photos are poor.', null, ['Gallery']];
        yield 'decided against' => ['We discussed adding a forum but decided against it.', null, ['Forum']];
        yield 'what was raised, for a reason' => ['Ada suggested live tracking so people can see it. We said no.', null, ['Live tracking']];
        yield 'what was offered' => ['They quoted us for a booking system. Too dear.', null, ['Booking system']];
        yield 'called by its name' => ['A blog about stains, comparison pages against competitors', 'page_refusal', ['Blog', 'Comparison']];
        yield 'a remark of theirs' => ['The founders find them undignified.', 'page_refusal', []];
        yield 'no fewer' => ['Not fewer than six case studies.', null, []];
        yield 'not piped in' => ['She has Instagram going and it is nice but I do not want it piped into the website.', null, ['Instagram']];
        yield 'never again' => ['Our last agency talked us into a chatbot. Never again.', null, ['Chatbot']];
        yield 'a list where it is asked for' => ['A forum (it got nasty), a blog', 'page_refusal', ['Forum', 'Blog']];
        yield 'a sentence where it is asked for' => ['Someone suggested a salary calculator.', 'page_refusal', ['Salary calculator']];
        yield 'nothing where it is asked for' => ['n/a', 'page_refusal', []];
        yield 'every site has a home page' => ['No home.', null, []];
        yield 'given up' => ["We don't do gates any more.", null, []];
        yield 'what sets them apart' => ['Set up without any training.', 'differentiator', []];
        yield 'what the present site lacks' => ['The present site does not show prices.', null, []];
        yield 'what was there and is needed' => ['We had a booking page, it is needed again.', null, []];
        yield 'what was there and is not' => ['We had a page for takeaway, this is not needed any more.', null, ['Takeaway']];
        yield 'what stays where it is' => ['The menu can stay where it is.', null, []];
        yield 'what stays elsewhere' => ['Careers can stay on LinkedIn.', null, ['Careers']];
        yield 'what others are not interested in' => ['People are not interested in wine.', null, []];
        yield 'what would be lost' => ['They go elsewhere and lose our number.', null, []];
        yield 'what is said behind it' => ['A gallery would be overkill.', null, ['Gallery']];
        yield 'two that can go' => ['The forum and the blog can both go.', null, ['Blog', 'Forum']];
        yield 'what can go somewhere else' => ['The news can go under About.', null, []];
        yield 'what is said before it' => ['Please don’t print the opening hours.', null, ['Opening hours']];
        yield 'a question in vain' => ['Live chat? With what staff?', null, ['Live chat']];
        yield 'a remark in a list of what is out' => ['The news archive, which will be deleted', 'page_refusal', ['News archive']];
        yield 'a no that says yes' => ['Please don’t leave out the gallery.', null, []];
        yield 'an idiom' => ['No problem at all.', null, []];
        yield 'words to avoid' => ['no jargon', 'avoid_word', []];
    }

    /** @param list<string> $refused */
    #[DataProvider('texts')]
    public function testWhatIsNotWantedIsRefused(string $text, ?string $topic, array $refused): void
    {
        self::assertEqualsCanonicalizing($refused, self::refused($text, $topic));
    }

    public function testWhatWasAskedAndAnsweredWithNoIsRefused(): void
    {
        self::assertSame(['Blog'], self::refused('Do you want a blog', null, false));
        self::assertSame([], self::refused('Do you want a blog', null, true));
        self::assertSame(['Shop'], self::refused('Do you want a shop for merchandise', null, false));
    }

    public function testAHeadingRefusesNothing(): void
    {
        self::assertSame([], self::refused('No blog', null, null, BlockKind::Heading));
    }

    public function testTheNoIsPartOfTheQuote(): void
    {
        $catalogue = Bench::catalogue();
        $text = 'Please, no blog.';
        [$refusal] = [...(new RefusalRecogniser($catalogue->cues(), new Negation($catalogue->cues()), $catalogue->pageKinds(), Bench::catalogue()->adjectives()))->recognise(Readings::of($text))];
        self::assertSame('no blog', substr($text, $refusal->start, $refusal->length));
        self::assertSame('blog', $refusal->detail['feature'] ?? null);
    }
}
