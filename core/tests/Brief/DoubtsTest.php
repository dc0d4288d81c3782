<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\Assessment\Assessor;
use DunePocket\Brief\Assessment\Question;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Merging\Proposal;
use DunePocket\Brief\Merging\SourceMerger;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Project;
use DunePocket\Project\ProjectMaker;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the brief only hints at, or says both ways, is kept, shown and asked about. */
final class DoubtsTest extends TestCase
{
    private const BRIEF = <<<'TEXT'
        We are Tamsin & Rowe Joiners, and make staircases, sash windows and oak doors.

        I think six pages would do it: Home, Staircases, Windows, Doors, Blog, Contact.

        My brother thinks ten pages are better. Actually make it eight pages at most.

        We've talked about it again and there should be no blog, nobody will write it.
        TEXT;

    public function testWhatLostIsKeptWithTheRuleThatChoseTheOther(): void
    {
        $brief = Bench::read(self::BRIEF);
        self::assertSame(['1-8'], Bench::values($brief, FactKind::PageCount));
        self::assertSame(['Blog'], Bench::values($brief, FactKind::PageRefusal));
        self::assertSame(
            ['6' => 'It is said more plainly elsewhere.', '10' => 'It is said more plainly elsewhere.', 'Blog' => 'Where a thing is asked for and refused, the refusal stands.'],
            array_combine(array_map(static fn (Fact $fact): string => $fact->value, $brief->struck), array_map(static fn (Fact $fact): ?string => $fact->detail(Fact::OVERRULED), $brief->struck)),
        );
    }

    public function testAContradictionIsAskedAboutUntilItIsSettled(): void
    {
        $project = self::project(self::BRIEF);
        $number = self::question($project, 'How many pages');
        self::assertSame(['1-8', '6', '10'], array_column($number->suggestions, 'value'));
        $project = Bench::after($project, ['type' => 'answer-question', 'kind' => 'page_count', 'value' => '6']);
        self::assertSame(['6'], Bench::values($project->brief, FactKind::PageCount));
        $blog = self::question($project, '“Blog”');
        $wanted = Bench::after($project, self::answer($blog, 'yes please'));
        self::assertContains('Blog', Bench::values($wanted->brief, FactKind::PageRequest));
        self::assertSame([], Bench::values($wanted->brief, FactKind::PageRefusal));
        $refused = Bench::after($project, self::answer($blog, 'no thanks'));
        self::assertNotContains('Blog', Bench::values($refused->brief, FactKind::PageRequest));
        foreach ([$wanted, $refused] as $settled) {
            self::assertSame([], array_filter(self::questions($settled), static fn (Question $question): bool => str_contains($question->text, 'Blog') || str_contains($question->text, 'How many')));
        }
    }

    public function testAThingOnlyHintedAtIsSettledByYesOrNo(): void
    {
        $gallery = new Fact('f90', FactKind::Feature, 'gallery', Origin::Inferred, 0.5);
        $known = new Project('Kelda', Bench::read('We are Kelda Ropes and make ropes.')->withFact($gallery));
        $asked = self::question($known, 'a gallery');
        self::assertSame(0, $asked->points);
        $wanted = Bench::after($known, self::answer($asked, 'yes'));
        self::assertSame(1.0, $wanted->brief->fact('f90')?->certainty);
        self::assertSame([], Bench::values(Bench::after($known, self::answer($asked, 'no'))->brief, FactKind::Feature));
        self::assertSame(1.0, Bench::after($known, ['type' => 'confirm-fact', 'fact' => 'f90'])->brief->fact('f90')?->certainty);
        $this->expectException(InvalidChange::class);
        Bench::after($known, self::answer($asked, 'the blue one'));
    }

    public function testAnAnswerTakesThePlaceOfWhatWasGuessed(): void
    {
        $guess = new Fact('f90', FactKind::BusinessName, 'Dara', Origin::Inferred, 0.5);
        $known = new Project('Dara', Bench::read('We mend bicycles.')->withFact($guess));
        self::assertSame('Dara', self::question($known, 'called')->suggestions[0]['value']);
        $answered = Bench::after($known, ['type' => 'answer-question', 'kind' => 'business_name', 'value' => 'Spoke & Sparrow']);
        self::assertSame(['Spoke & Sparrow'], Bench::values($answered->brief, FactKind::BusinessName));
        $confirmed = Bench::after($known, ['type' => 'answer-question', 'kind' => 'business_name', 'value' => 'Dara']);
        self::assertSame([1.0], array_map(static fn (Fact $fact): float => $fact->certainty, $confirmed->brief->of(FactKind::BusinessName)));
    }

    public function testWhatIsBroughtBackTakesThePlaceOfWhatSpokeAgainstIt(): void
    {
        $project = self::project(self::BRIEF);
        $ten = array_values(array_filter($project->brief->struck, static fn (Fact $fact): bool => '10' === $fact->value))[0];
        $after = Bench::after($project, ['type' => 'strike-fact', 'fact' => $ten->id, 'struck' => false]);
        self::assertSame(['10'], Bench::values($after->brief, FactKind::PageCount));
        $blog = array_values(array_filter($project->brief->struck, static fn (Fact $fact): bool => 'Blog' === $fact->value))[0];
        $wanted = Bench::after($project, ['type' => 'strike-fact', 'fact' => $blog->id, 'struck' => false]);
        self::assertSame([], Bench::values($wanted->brief, FactKind::PageRefusal));
        self::assertNull($wanted->brief->fact($blog->id)?->detail(Fact::OVERRULED));
    }

    public function testWhatGaveWayToALaterSourceSaysSo(): void
    {
        $project = self::project('We are Kelda Ropes and make ropes. Six pages are enough.');
        $text = 'Hello again. Nine pages then.';
        $proposals = (new SourceMerger(Bench::catalogue()))->propose($project->brief, new Source($project->brief->nextSourceId(), 'Second mail', SourceKind::Text, $text));
        $after = Bench::after($project, ['type' => 'add-source', 'title' => 'Second mail', 'kind' => 'text', 'text' => $text, 'accept' => array_map(static fn (Proposal $proposal): string => $proposal->id(), $proposals)]);
        self::assertSame(['9'], Bench::values($after->brief, FactKind::PageCount));
        self::assertSame(['6' => 'Gave way to “9”. The client said this later; accepted, it wins.'], array_combine(array_map(static fn (Fact $fact): string => $fact->value, $after->brief->struck), array_map(static fn (Fact $fact): ?string => $fact->detail(Fact::GAVE_WAY), $after->brief->struck)));
    }

    public function testASkippedQuestionCanBeAskedAgain(): void
    {
        $project = Bench::after(self::project(self::BRIEF), ['type' => 'skip-question', 'question' => 'audience', 'skipped' => true]);
        $assessor = new Assessor(Bench::catalogue());
        self::assertSame(['Who is it for?'], array_map(static fn (Question $question): string => $question->text, $assessor->skipped($project->brief)));
        self::assertSame([], array_filter($assessor->questions($project->brief), static fn (Question $question): bool => FactKind::Audience === $question->kind));
    }

    /** @return iterable<string, array{string, FactKind, ?string}> */
    public static function formAnswers(): iterable
    {
        $catalogue = Bench::catalogue();
        foreach ($catalogue->features() as $id => $feature) {
            $ask = strtr((string) $catalogue->doubt(FactKind::Feature)?->ask, ['{it}' => $feature->thing]);
            yield "$id, yes" => ["Q: $ask\nA: Yes", FactKind::Feature, $id];
            yield "$id, no" => ["Q: $ask\nA: No thanks", FactKind::PageRefusal, null];
        }
        foreach (['Our story', 'Wholesale', 'Sunday lunch'] as $page) {
            $ask = strtr((string) $catalogue->doubt(FactKind::PageRequest)?->ask, ['{it}' => $page]);
            yield "$page, yes" => ["Q: $ask\nA: Yes", FactKind::PageRequest, $page];
        }
        yield 'a page, no' => ["Q: Do you want a page “Sunday lunch”?\nA: No", FactKind::PageRefusal, 'Sunday lunch'];
        yield 'a page of theirs, no' => ["Q: Do you want a page “Our story”?\nA: No", FactKind::PageRefusal, 'Story'];
        yield 'an offering, yes' => ["Q: Do you offer wheel building?\nA: Yes", FactKind::Offering, 'Wheel building'];
        yield 'a website, yes' => ["Q: Do you have a website already?\nA: Yes, oldpell.example", FactKind::ExistingSite, 'oldpell.example'];
        yield 'a date' => ["Q: When does the website need to be ready?\nA: before Easter", FactKind::Deadline, 'before Easter'];
    }

    #[DataProvider('formAnswers')]
    public function testWhatIsAskedInAFormIsUnderstoodWhenItComesBack(string $answers, FactKind $kind, ?string $value): void
    {
        $found = array_map(static fn (Fact $fact): string => $fact->value, array_filter(Bench::reader()->facts(new Source('s1', 'Answers', SourceKind::Answers, $answers."\n")), static fn (Fact $fact): bool => $fact->kind === $kind));
        self::assertNotSame([], $found);
        if (null !== $value) {
            self::assertContains(mb_strtolower($value), array_map(mb_strtolower(...), $found));
        }
    }

    public function testWhatIsSuggestedIsUnderstoodAsAnAnswer(): void
    {
        foreach (Bench::catalogue()->businessKinds() as $i => $business) {
            foreach (['What services or products do you offer?' => FactKind::Offering, 'Who are your customers?' => FactKind::Audience] as $ask => $kind) {
                $usual = Bench::catalogue()->usualAnswers($business, $kind);
                self::assertTrue([] !== $usual || 'local-business' === $business->id, "$business->id has usual answers");
                $answers = [] === $usual ? [] : [implode(', ', $usual), $usual[$i % \count($usual)]];
                foreach ($answers as $answer) {
                    $read = implode(', ', array_map(static fn (Fact $fact): string => $fact->value, array_filter(Bench::reader()->facts(new Source('s1', 'Answers', SourceKind::Answers, "Q: $ask\nA: $answer\n")), static fn (Fact $fact): bool => $fact->kind === $kind)));
                    self::assertSame(mb_strtolower($answer), mb_strtolower($read), $business->id);
                }
            }
        }
    }

    private static function project(string $text): Project
    {
        return (new ProjectMaker(Bench::catalogue()))->read($text, 'Brief');
    }

    /** @return list<Question> */
    private static function questions(Project $project): array
    {
        return (new Assessor(Bench::catalogue()))->questions($project->brief);
    }

    private static function question(Project $project, string $words): Question
    {
        $found = array_values(array_filter(self::questions($project), static fn (Question $question): bool => str_contains($question->text, $words)));
        self::assertNotSame([], $found, $words);

        return $found[0];
    }

    /** @return array<string, mixed> */
    private static function answer(Question $question, string $value): array
    {
        return ['type' => 'answer-question', 'kind' => $question->kind->value, 'fact' => $question->fact, 'value' => $value];
    }
}
