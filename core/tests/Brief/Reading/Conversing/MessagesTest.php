<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Conversing;

use DunePocket\Brief\Reading\Conversing\Messages;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Role;
use PHPUnit\Framework\TestCase;

final class MessagesTest extends TestCase
{
    /** @return list<array{string, int, Role}> text, age and whose words, of every line */
    private static function told(Messages $messages): array
    {
        return array_map(static fn (Line $line): array => [$line->text, $line->age, $line->role], array_merge(...$messages->messages()));
    }

    public function testAMessageIsOlderThanTheOneThatQuotesIt(): void
    {
        $messages = new Messages([]);
        $messages->say(new Line(0, 'No blog.'), 0);
        $messages->quote(new Line(9, 'On Tue, Ada wrote:'));
        $messages->say(new Line(28, '> We need a blog.'), 2);
        self::assertSame([['No blog.', 0, Role::Client], ['On Tue, Ada wrote:', 1, Role::Frame], ['We need a blog.', 1, Role::Client]], self::told($messages));
    }

    public function testWhatAnswersAQuoteBelowItIsAsNewAsTheMessage(): void
    {
        $messages = new Messages(['kay']);
        $messages->quote(new Line(0, 'On Tue, Kay wrote:'));
        $messages->say(new Line(19, '> Do you want a blog?'), 2);
        $messages->say(new Line(41, 'God no.'), 0);
        self::assertSame([['On Tue, Kay wrote:', 1, Role::Frame], ['Do you want a blog?', 1, Role::Other], ['God no.', 0, Role::Client]], self::told($messages));
    }

    public function testAmongQuotedQuestionsWithAnswersBelowAWordAsksToo(): void
    {
        $messages = new Messages([]);
        foreach (['> Who comes?' => 2, 'Farmers.' => 0, '> Pages?' => 2, 'Home.' => 0, '> Photos' => 2, 'Of the team.' => 0] as $text => $quoted) {
            $messages->say(new Line(0, $text), $quoted);
        }
        self::assertSame(['Photos', 1, Role::Other], self::told($messages)[4]);

        $earlier = new Messages([]);
        foreach (['No blog.' => 0, '> We need photos' => 2] as $text => $quoted) {
            $earlier->say(new Line(0, $text), $quoted);
        }
        self::assertSame(Role::Client, self::told($earlier)[1][2], 'what was quoted without a question was said by the client before');
    }

    public function testWhoIsGreetedIsTheDesigner(): void
    {
        $messages = new Messages(['kay']);
        $messages->say(new Line(0, 'Hi Kay, fine.'), 0);
        $messages->quote(new Line(14, 'On Tue, Kay Lund wrote:'));
        $messages->say(new Line(38, 'I suggest five pages.'), 0);
        self::assertSame(Role::Other, self::told($messages)[2][2]);
    }

    public function testTheSenderOfTheNewestMessageIsTheClient(): void
    {
        $messages = new Messages([]);
        $messages->head(new Line(0, 'From: Ada Marsh <ada@marsh.example>'), 'from', 'Ada Marsh <ada@marsh.example>', false);
        $messages->say(new Line(36, 'Fine.'), 0);
        $messages->head(new Line(42, 'From: Kay Lund <kay@lund.example>'), 'from', 'Kay Lund <kay@lund.example>', true);
        $messages->say(new Line(77, 'Five pages?'), 0);
        $messages->head(new Line(89, 'From: Ada Marsh <ada@marsh.example>'), 'from', 'Ada Marsh <ada@marsh.example>', true);
        $messages->say(new Line(125, 'We mend boats.'), 0);
        $told = self::told($messages);
        self::assertSame([['Fine.', 0, Role::Client], ['Five pages?', 1, Role::Other], ['We mend boats.', 2, Role::Client]], [$told[1], $told[3], $told[5]]);
        self::assertSame('', $told[2][0], 'the head of the designer\'s message tells nothing of the client');
    }

    public function testAHeadWithNothingBeforeItBeginsNoOlderMessage(): void
    {
        $messages = new Messages([]);
        $messages->say(new Line(0, ''), 0);
        $messages->head(new Line(1, 'Subject: boats'), 'subject', 'boats', true);
        self::assertCount(1, $messages->messages());
    }

    public function testAfterANumberedQuestionOtherNumbersAreTheDesignersToo(): void
    {
        $messages = new Messages([]);
        $messages->say(new Line(0, '> 1. Who comes?'), 2);
        $messages->say(new Line(16, 'Anglers.'), 0);
        $messages->say(new Line(25, '> 2. Pages. I had Home, Shop.'), 2);
        $messages->say(new Line(55, '> as we said'), 2);
        self::assertSame([Role::Other, Role::Client, Role::Other, Role::Client], array_column(self::told($messages), 2));
    }

    public function testEveryLineKnowsWhereItBegins(): void
    {
        $messages = new Messages([]);
        $messages->say(new Line(10, '>> We mend boats.'), 3);
        self::assertSame([13, 'We mend boats.'], [$messages->messages()[0][0]->start, $messages->messages()[0][0]->text]);
    }
}
