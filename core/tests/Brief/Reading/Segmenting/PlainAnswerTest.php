<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Segmenting\PlainAnswer;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Segmentations;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlainAnswerTest extends TestCase
{
    /** @return iterable<string, array{string, string, ?array{string, bool}, bool}> question, answer, what is agreed to or refused, whether the answer says nothing more */
    public static function answers(): iterable
    {
        yield 'yes' => ['Do you want a blog?', 'Yes please', ['Do you want a blog', true], true];
        yield 'no' => ['Do you want a blog?', 'God no', ['Do you want a blog', false], true];
        yield 'no, said last' => ['Do you want a blog?', 'We talked about it for a long time. So no.', ['Do you want a blog', false], false];
        yield 'no, behind a story' => ['Do you want a blog?', 'People ask. But no, not with our weather.', ['Do you want a blog', false], false];
        yield 'but nobody' => ['Do you want a blog?', 'Ada would have to write it and she won’t.', ['Do you want a blog', false], false];
        yield 'a question, and a remark' => ['A donate button? Most ask for one.', 'Good lord no', ['A donate button', false], true];
        yield 'what was concluded' => ['So buying a box online, with a date.', 'Exactly that', ['So buying a box online, with a date', true], true];
        yield 'a list' => ['Home, Oysters, Tours.', 'That’s it', ['Home, Oysters, Tours', true], true];
        yield 'who would' => ['Do you want a blog?', 'Who has got the time', ['Do you want a blog', false], false];
        yield 'yes, and more' => ['Do you want a map?', 'Yes, and parking', ['Do you want a map', true], false];
        yield 'nothing but yes, twice' => ['So Home, Lessons and Prices?', 'Yeah, perfect, thanks', ['So Home, Lessons and Prices', true], true];
        yield 'new is no no' => ['Do you want a blog?', 'New clients read those', null, false];
        yield 'now is no no' => ['Do you want a blog?', 'Now and then I write', null, false];
        yield 'nah' => ['Do you want a blog?', 'naah', ['Do you want a blog', false], true];
        yield 'obviously not' => ['Do you want a blog?', 'Obviously not', ['Do you want a blog', false], true];
        yield 'in a chat' => ['A map?', 'ya', ['A map', true], true];
        yield 'one more page' => ['Pages: Home, Hire, Contact?', '+ safety', ['Home, Hire, Contact', true], false];
        yield 'one forgotten' => ['Home, Hire, Contact?', 'You forgot Safety', ['Home, Hire, Contact', true], false];
        yield 'the words around a question' => ['OK. Pages. Home and prices I suppose. Anything else?', 'Yes, those two', ['Home and prices', true], false];
        yield 'the last of two questions' => ['How many pages do you have in mind? Four to six?', 'Yes', ['Four to six', true], true];
        yield 'both questions' => ['Would you like a blog? Or a newsletter?', 'Neither', ['Would you like a blog? Or a newsletter', false], true];
        yield 'none of something' => ['Anything special about your work?', 'No cement ever', null, false];
        yield 'no to an open question' => ['Anything else?', 'No', null, true];
        yield 'what cannot be answered so' => ['What do you do?', 'Right, we lay hedges', null, false];
        yield 'no question' => ['Tone of voice', 'Fine and dry', null, false];
        yield 'something else' => ['Do you want a blog?', 'Our niece writes one', null, false];
        yield 'a long story' => ['Do you want a blog?', 'Yes well that is something my wife and I have been arguing about for years', null, false];
    }

    public function testWhatIsNotWantedIsNeitherAgreedToNorRefused(): void
    {
        $into = Segmentations::fresh();
        $into->ask(new Line(0, 'Not wanted?'), 'page_refusal');
        self::assertFalse((new PlainAnswer(Bench::catalogue()->cues()))->take(new Line(12, 'No testimonials'), $into));
        self::assertSame([], $into->blocks());
    }

    /** @param ?array{string, bool} $agreed */
    #[DataProvider('answers')]
    public function testWhatWasAskedIsAgreedToOrRefused(string $question, string $answer, ?array $agreed, bool $isAll): void
    {
        $cues = Bench::catalogue()->cues();
        $into = Segmentations::fresh();
        $into->ask(new Line(0, $question), null);
        self::assertSame($isAll, (new PlainAnswer($cues))->take(new Line(\strlen($question) + 1, $answer), $into));
        $blocks = array_map(static fn (Block $block): array => [$block->text, $block->agreed], $into->blocks());
        self::assertSame(null === $agreed ? [] : [$agreed], $blocks);
    }

    public function testAQuestionIsAnsweredOnce(): void
    {
        $plain = new PlainAnswer(Bench::catalogue()->cues());
        $into = Segmentations::fresh();
        $into->ask(new Line(0, 'Do you want a blog?'), null);
        $plain->take(new Line(20, 'No'), $into);
        self::assertFalse($plain->take(new Line(23, 'Yes'), $into));
        self::assertCount(1, $into->blocks());
    }
}
