<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Segmenting;

use DunePocket\Brief\FactKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Forms ask for yes or no in many ways; a gallery is wanted in each of these, a blog is not. */
final class VerdictsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function forms(): iterable
    {
        yield 'in one line' => ["Gallery? yes\nBlog? no"];
        yield 'beneath' => ["Gallery?\nYes\n\nBlog?\nNo"];
        yield 'politely' => ["Blog? No thanks\nGallery? Yes please"];
        yield 'Q and A' => ["Q: Do you want a gallery?\nA: yes\n\nQ: Do you want a blog?\nA: no"];
        yield 'numbered Q and A' => ["Q1: Would you like a gallery?\nA1: yes please\n\nQ2: And a blog?\nA2: no, nobody would write it"];
        yield 'spelt out' => ["Question: Do you need a gallery?\nAnswer: yes\n\nQuestion: Do you need a blog?\nAnswer: no"];
        yield 'quoted' => ["> Do you want a gallery?\nyes\n\n> A blog?\nno"];
        yield 'numbers alone' => ["1 Gallery?\nyes, of the boats\n\n2 Blog?\nno"];
        yield 'a table' => ["| Do you want a gallery? | yes |\n| Do you want a blog? | no |"];
        yield 'a table of things' => ["| Gallery | yes |\n| Blog | no |"];
        yield 'tabs' => ["Gallery\tyes\nBlog\tno"];
        yield 'columns' => ["Gallery       yes\nBlog          no"];
        yield 'labels in a list' => ["- Gallery: yes\n- Blog: no"];
        yield 'dashes' => ["Gallery - yes\nBlog - no"];
        yield 'equals' => ["gallery = yes\nblog = no"];
        yield 'letters' => ["Gallery? Y\nBlog? N"];
        yield 'a choice' => ["Gallery (y/n): y\nBlog (y/n): n"];
        yield 'brackets' => ["Do you need a gallery? [yes]\nDo you need a blog? [no]"];
        yield 'brackets in a list' => ['Features: gallery (yes), blog (no), map (yes)'];
        yield 'ticks and crosses behind' => ["Gallery ✓\nBlog ✗\nMap ✓"];
        yield 'ticks and crosses before' => ["☑ Gallery\n✗ Blog"];
        yield 'bold questions' => ["**Do you want a gallery?** Yes, of the boats.\n**Do you want a blog?** No."];
    }

    #[DataProvider('forms')]
    public function testTellsWhatIsWantedFromWhatIsNot(string $form): void
    {
        $brief = Bench::read($form);
        $wanted = Bench::values($brief, FactKind::Feature);

        self::assertContains('gallery', $wanted);
        self::assertNotContains('blog', $wanted);
        self::assertSame(['Blog'], Bench::values($brief, FactKind::PageRefusal));
    }

    public function testPraiseIsWantedOrNotThoughItsLabelAsksForIt(): void
    {
        self::assertContains('testimonials', Bench::values(Bench::read("Gallery: no\nReviews: yes, there's plenty"), FactKind::Feature));
        self::assertContains('Testimonials', Bench::values(Bench::read("Gallery: no\nTestimonials: none, for reasons of privacy"), FactKind::PageRefusal));
        self::assertSame(['Two attached: "Great work" – Ann Bell, Pell'], Bench::values(Bench::read('Testimonials: yes, two attached: "Great work" – Ann Bell, Pell'), FactKind::Proof), 'what is attached is still the praise');
        self::assertNotContains('Testimonials', Bench::values(Bench::read("Gallery: no\nTestimonials: none yet"), FactKind::PageRefusal));
    }

    public function testBoxesLeftEmptyAmongTickedOnesWantNothingAndRefuseNothing(): void
    {
        $brief = Bench::read("[x] Gallery\n[ ] Blog\n[x] Map");

        self::assertSame(['gallery', 'map'], Bench::values($brief, FactKind::Feature));
        self::assertSame([], $brief->of(FactKind::PageRefusal));
    }

    public function testWhatIsSaidBehindTheYesIsReadToo(): void
    {
        $brief = Bench::read("Gallery? Yes, and please call us on 01632 960411.\nBudget: no");

        self::assertSame('01632 960411', $brief->first(FactKind::ContactPhone)?->value);
        self::assertSame([], $brief->of(FactKind::PageRefusal));
    }

    public function testWhatWouldBeDoneIsRefusedByTheNameOfTheThing(): void
    {
        self::assertSame('Online shop', Bench::read("Do you need to sell online?\nno, bread doesn’t post")->first(FactKind::PageRefusal)?->value);
    }
}
