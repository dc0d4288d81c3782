<?php

declare(strict_types=1);

namespace DunePocket\Tests\Catalogue;

use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Yes and no in the ways clients say them: common practice. */
final class AnswerCuesTest extends TestCase
{
    #[TestWith(['Yep, spot on', true])]
    #[TestWith(['Oh, definitely', true])]
    #[TestWith(['No, absolutely.', false])]
    #[TestWith(["That's the one", true])]
    #[TestWith(['Nah', false])]
    #[TestWith(['Who\'s going to write it', false])]
    #[TestWith(["Please don't", false])]
    #[TestWith(['We tried one once. So no.', false])]
    #[TestWith(['Twice a year', null])]
    #[TestWith(['Nobody knows', null])]
    #[TestWith(['Yesterday', null])]
    #[TestWith(['Loads of them', true])]
    #[TestWith(['Once a month, yes', true])]
    #[TestWith(['Please, people ask for one', true])]
    #[TestWith(['We have a leaflet for that already, so no thank you', false])]
    #[TestWith(["I wouldn't, no. Nobody reads them", false])]
    #[TestWith(['Not needed, they ring', false])]
    #[TestWith(['Not for us', false])]
    public function testAnAnswerAgreesOrRefusesOrDoesNeither(string $answer, ?bool $agrees): void
    {
        self::assertSame($agrees, Bench::catalogue()->cues()->answers->agrees('Do you want a blog?', $answer));
    }

    #[TestWith(['Anything special about your work?', 'No cement', null])]
    #[TestWith(['Anything special about your work?', 'No, not really', false])]
    #[TestWith(['Is there any wording you like?', 'No idea', false])]
    #[TestWith(['Do you want a forum?', 'No forum', false])]
    public function testNoneOfSomethingIsNoNoWhereAnythingWasAskedFor(string $question, string $answer, ?bool $agrees): void
    {
        self::assertSame($agrees, Bench::catalogue()->cues()->answers->agrees($question, $answer));
    }

    public function testANoToAQuestionAboutTheBusinessRefusesNothing(): void
    {
        $answers = Bench::catalogue()->cues()->answers;
        self::assertNull($answers->agrees('Do you still mend clocks?', 'No, we gave that up'));
        self::assertFalse($answers->agrees('Do you want clocks on it?', 'No'));
    }

    #[TestWith(['So a blog?', 'So a blog'])]
    #[TestWith(['OK. Pages. Home, prices I suppose. Anything else?', 'Home, prices'])]
    #[TestWith(['Great. Home and a gallery, right?', 'Home and a gallery,'])]
    public function testWhatIsAskedIsTakenOutOfTheWordsAroundIt(string $question, string $asked): void
    {
        [$words, $at] = Bench::catalogue()->cues()->answers->asked($question);
        self::assertSame([$asked, $asked], [$words, substr($question, $at, \strlen($asked))]);
    }

    #[TestWith(['What do you do?', true])]
    #[TestWith(['Could you tell me who comes?', true])]
    #[TestWith(['Right, tell me about the shop?', true])]
    #[TestWith(['Do you sell what you make?', false])]
    public function testSomeQuestionsNoYesAnswers(string $question, bool $asksToTell): void
    {
        self::assertSame($asksToTell, Bench::catalogue()->cues()->answers->asksToTell($question));
    }

    #[TestWith(['Both please', true])]
    #[TestWith(['No, neither', true])]
    #[TestWith(['The first', false])]
    public function testSomeAnswersSpeakOfEveryQuestion(string $answer, bool $ofAll): void
    {
        self::assertSame($ofAll, Bench::catalogue()->cues()->answers->isOfAll($answer));
    }
}
