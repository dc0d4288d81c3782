<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Segmenting\AnswerExtent;
use DunePocket\Brief\Reading\Segmenting\LabelWords;
use DunePocket\Brief\Reading\Segmenting\PlainAnswer;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Shapes;
use DunePocket\Brief\Reading\Segmenting\Spot;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Segmentations;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShapesTest extends TestCase
{
    /** @return array<string, Shape> by the name of its class */
    private static function shapes(): array
    {
        $cues = Bench::catalogue()->cues();
        $words = new LabelWords($cues);
        $plain = new PlainAnswer($cues);
        $question = new Shapes\Question($cues, $words, $plain, new Shapes\NameBefore());
        $heading = new Shapes\Heading($cues, $question, $words);
        $inline = new Shapes\InlineLabel($words);
        $shapes = [
            new Shapes\FormExport($cues), new Shapes\Rule($heading), new Shapes\ContactLine(), new Shapes\PathLine(), new Shapes\TableRow($cues), new Shapes\Columns($cues), new Shapes\MarkedHeading($heading),
            new Shapes\BoldText($heading), new Shapes\MarkedAnswer(), new Shapes\Verdict($cues, $words, $plain), new Shapes\NumberedAnswer(), new Shapes\Request($cues), $question,
            new Shapes\Label($cues, $words, new Shapes\NameBefore()), new Shapes\NumberedLabel($cues), new Shapes\Item($inline), $heading, $inline,
            new Shapes\RunInHeading($cues), new Shapes\RunningText(new AnswerExtent()),
        ];

        return array_combine(array_map(static fn (Shape $shape): string => substr((string) strrchr($shape::class, '\\'), 1), $shapes), $shapes);
    }

    /** @return iterable<string, array{string, string, list<string>, ?string}> shape, line, "kind topic: text" of what it writes, what is asked for after it */
    public static function taken(): iterable
    {
        yield 'a row of a table' => ['TableRow', '| Tone of voice | calm and dry |', ['Answer tone: calm and dry'], null];
        yield 'the rule of a table' => ['TableRow', '|---|---|', [], null];
        yield 'columns' => ['Columns', 'Town       Calder', ['Answer location: Calder'], null];
        yield 'a marked heading' => ['MarkedHeading', '## Tone of voice', ['Heading -: Tone of voice'], 'tone'];
        yield 'a marked question' => ['MarkedHeading', '### What tone would you like?', [], 'tone'];
        yield 'bold' => ['BoldText', '**Tone of voice**', ['Heading -: Tone of voice'], 'tone'];
        yield 'bold with an answer' => ['BoldText', '**Tone:** calm', ['Heading -: Tone', 'Answer tone: calm'], 'tone'];
        yield 'a request' => ['Request', '4. Please describe the tone you would like', [], 'tone'];
        yield 'a question' => ['Question', 'What tone would you like?', [], 'tone'];
        yield 'a numbered question' => ['Question', 'Q3. And the tone?', [], 'tone'];
        yield 'a question with its answer' => ['Question', 'What tone would you like? Calm and dry', ['Answer tone: Calm and dry'], 'tone'];
        yield 'what is said, then asked and answered' => ['Question', 'Customers are farmers and schools. What do we do that the big firms don\'t? We come back.', ['Paragraph -: Customers are farmers and schools.', 'Answer differentiator: We come back.'], 'differentiator'];
        yield 'a name before its description' => ['Label', 'Ashen Row: hedges and gates in Pell', ['Title -: Ashen Row', 'Answer -: hedges and gates in Pell'], null];
        yield 'a label' => ['Label', 'Tone: calm and dry', ['Answer tone: calm and dry'], null];
        yield 'a label above a list' => ['Label', 'Tone:', [], 'tone'];
        yield 'a label that says more' => ['Label', 'Can we have five pages: home, prices', ['Heading -: Can we have five pages', 'Answer page_request: home, prices'], null];
        yield 'a label that groups' => ['Label', 'Evenings: the loft, the barn', ['Answer -: the loft, the barn'], null];
        yield 'a verdict' => ['Verdict', 'Gallery: yes', ['Paragraph -: Gallery'], null];
        yield 'a verdict that says more' => ['Verdict', 'Gallery? Yes, of the boats', ['Paragraph -: Gallery', 'Answer -: Yes, of the boats'], null];
        yield 'a box that is ticked' => ['Verdict', '[x] Gallery', ['Paragraph -: Gallery'], null];
        yield 'an item' => ['Item', ' - hedge laying', ['Item -: hedge laying'], null];
        yield 'a lettered item' => ['Item', '(b) hedge laying', ['Item -: hedge laying'], null];
        yield 'a label in an item' => ['Item', '• Tone – calm', ['Answer tone: calm'], null];
        yield 'a heading in capitals' => ['Heading', 'OUR OFFER', ['Heading -: OUR OFFER'], 'offering'];
        yield 'a heading with a colon' => ['Heading', 'The tone of it all:', ['Heading -: The tone of it all:'], 'tone'];
        yield 'a title' => ['Heading', 'ASHEN ROW', ['Title -: ASHEN ROW'], null];
        yield 'a label in a line' => ['InlineLabel', 'tone = calm', ['Answer tone: calm'], null];
        yield 'a heading in its line' => ['RunInHeading', 'Audience. Farmers with no time', ['Answer audience: Farmers with no time'], 'audience'];
        yield 'a counted heading in its line' => ['RunInHeading', 'Third, and this took an hour, whom it is for. Farmers with no time', ['Answer audience: Farmers with no time'], 'audience'];
        yield 'running text' => ['RunningText', 'We lay hedges.', ['Paragraph -: We lay hedges.'], null];
    }

    /** @param list<string> $written */
    #[DataProvider('taken')]
    public function testAShapeIsTakenForWhatItSays(string $shape, string $line, array $written, ?string $asked): void
    {
        $into = Segmentations::fresh();
        self::assertTrue(self::shapes()[$shape]->take(new Spot(7, $line, true, 'Something', true), $into));
        $topic = $into->asked()->topic;
        $into->close();
        self::assertSame($written, self::written($into));
        self::assertSame($asked, $topic);
        foreach ($into->blocks() as $block) {
            self::assertSame($block->text, substr($line, $block->start - 7, \strlen($block->text)));
        }
    }

    /** @return iterable<string, array{string, string}> shape, and a line that only looks like it */
    public static function leftAlone(): iterable
    {
        yield 'two dashes are no rule' => ['Rule', '--'];
        yield 'an address with nothing before it' => ['ContactLine', 'ada@marsh.example'];
        yield 'a comma in a letter' => ['FormExport', 'Which tone,you ask'];
        yield 'a path alone' => ['PathLine', '/hedges'];
        yield 'a date' => ['PathLine', '3/4'];
        yield 'one pipe is no table' => ['TableRow', 'home | prices'];
        yield 'columns that ask for nothing' => ['Columns', 'Ring us      when you like'];
        yield 'a number sign in a text' => ['MarkedHeading', 'We are #1 in Pell'];
        yield 'an answer to nothing' => ['MarkedAnswer', 'A: calm'];
        yield 'an answer to no number' => ['NumberedAnswer', '3. calm'];
        yield 'a request of the client' => ['Request', 'Please let me know when it is ready'];
        yield 'a question to the designer' => ['Question', 'Can you make it blue?'];
        yield 'something said, then asked of the designer' => ['Question', 'We plant hedges and gates. Can we have the tone calm? Thanks.'];
        yield 'a question of one\'s own' => ['Question', 'Is that what I need?'];
        yield 'a brief of something' => ['Label', 'Ashen Row: website brief'];
        yield 'a page each' => ['Label', 'A separate page for each town: Pell, Calder'];
        yield 'a sentence with a colon' => ['Label', 'What we need is simple and it is this: prices'];
        yield 'a thing not wanted' => ['Label', 'Reviews aren\'t wanted: it is people\'s home'];
        yield 'a question that others ask' => ['Question', 'One of those "Does it hurt?" pages'];
        yield 'a thing refused' => ['Label', 'Forum: everybody said it was a bad idea'];
        yield 'a number where none count' => ['NumberedLabel', '3. Address'];
        yield 'a line without a mark' => ['Item', 'hedge laying'];
        yield 'a greeting' => ['Heading', 'Hello Kay'];
        yield 'a sentence' => ['Heading', 'We lay hedges.'];
        yield 'a chain of dashes' => ['InlineLabel', 'pages - home - prices - contact'];
        yield 'a sentence with a dash' => ['InlineLabel', 'the tone is - well - calm'];
        yield 'a short sentence' => ['RunInHeading', 'Ring us. We are open'];
    }

    #[DataProvider('leftAlone')]
    public function testWhatOnlyLooksLikeAShapeIsLeftAlone(string $shape, string $line): void
    {
        $into = Segmentations::fresh();
        self::assertFalse(self::shapes()[$shape]->take(new Spot(0, $line, true, 'Something', true), $into));
        self::assertSame([], $into->blocks());
    }

    public function testARuleMakesAHeadingOfTheLineAboveIt(): void
    {
        $into = Segmentations::fresh();
        $into->write(0, 'Tone of voice');
        self::assertTrue(self::shapes()['Rule']->take(new Spot(14, '-----', false, 'calm', false), $into));
        self::assertSame(['Heading -: Tone of voice'], self::written($into));
        self::assertFalse($into->inParagraph());
    }

    public function testHowToReachThemEndsAParagraph(): void
    {
        $into = Segmentations::fresh();
        $into->write(0, 'Ring us on');
        self::assertTrue(self::shapes()['ContactLine']->take(new Spot(11, '01632 960 111', false, '', false), $into));
        self::assertSame(['Paragraph -: Ring us on', 'Paragraph -: 01632 960 111'], self::written($into));
    }

    public function testASentenceAfterAListLeavesIt(): void
    {
        $into = Segmentations::fresh();
        self::shapes()['Label']->take(new Spot(0, 'Tone:', true, '- calm', true), $into);
        self::shapes()['Item']->take(new Spot(6, '- calm', false, '', false), $into);
        self::shapes()['RunningText']->take(new Spot(13, 'We lay hedges.', false, '', false), $into);
        $into->close();
        self::assertSame(['Item tone: calm', 'Paragraph -: We lay hedges.'], self::written($into));
    }

    /** @return list<string> */
    private static function written(Segmentation $into): array
    {
        return array_map(static fn (Block $block): string => \sprintf('%s %s: %s', $block->kind->name, $block->topic ?? '-', $block->text), $into->blocks());
    }
}
