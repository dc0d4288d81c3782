<?php

declare(strict_types=1);

namespace DunePocket\Tests\Project;

use DunePocket\Data\Node;
use DunePocket\Exchange\ProjectFileWriter;
use DunePocket\Plan\UnknownElement;
use DunePocket\Project\Actions;
use DunePocket\Project\Change\ChangeCodec;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Change\Touch;
use DunePocket\Project\Project;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ChangeLawsTest extends TestCase
{
    private static function project(): Project
    {
        static $project = null;
        $project ??= Bench::planned(Bench::text('formal.md'));
        \assert($project instanceof Project);

        return $project;
    }

    private static function json(Project $project): string
    {
        return (new ProjectFileWriter(Bench::catalogue()))->write($project);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function actions(): iterable
    {
        yield 'move along' => [['type' => 'move-section', 'section' => 'p1s2', 'page' => 'p1', 'index' => 3]];
        yield 'move to another page' => [['type' => 'move-section', 'section' => 'p1s3', 'page' => 'p2', 'index' => 1]];
        yield 'delete a section' => [['type' => 'remove-section', 'section' => 'p1s3']];
        yield 'duplicate a section' => [['type' => 'duplicate-section', 'section' => 'p1s2']];
        yield 'add a section' => [['type' => 'add-section', 'page' => 'p2', 'index' => 2, 'kind' => 'gallery']];
        yield 'rename a section' => [['type' => 'edit-section', 'section' => 'p1s2', 'field' => 'title', 'value' => 'First sight']];
        yield 'rename a shared section' => [['type' => 'edit-section', 'section' => 'sh2', 'field' => 'title', 'value' => 'Give today']];
        yield 'another layout' => [['type' => 'edit-section', 'section' => 'p1s2', 'field' => 'layout', 'value' => 'hero.centred']];
        yield 'flip the side' => [['type' => 'set-look', 'section' => 'p1s2', 'look' => ['flipped' => true]]];
        yield 'a video and a whole screen' => [['type' => 'set-look', 'section' => 'p1s2', 'look' => ['media' => 'video', 'full' => true, 'align' => 'center']]];
        yield 'a layout of one\'s own' => [['type' => 'lay-out', 'section' => 'p1s2', 'layout' => 'hero.dark', 'look' => ['order' => ['text', 'heading'], 'hidden' => ['button-2']]]];
        yield 'items in two columns' => [['type' => 'set-look', 'section' => 'p1s3', 'look' => ['columns' => 2, 'order' => ['item-text', 'item-heading']]]];
        yield 'hide the picture' => [['type' => 'show-slot', 'section' => 'p1s2', 'slot' => 'picture', 'shown' => false]];
        yield 'show a small label' => [['type' => 'show-slot', 'section' => 'p1s2', 'slot' => 'label', 'shown' => true]];
        yield 'add an item' => [['type' => 'add-item', 'section' => 'p1s3', 'after' => 0]];
        yield 'remove an item' => [['type' => 'remove-item', 'section' => 'p1s3', 'item' => 1]];
        yield 'reorder items' => [['type' => 'move-item', 'section' => 'p1s3', 'item' => 0, 'to' => 2]];
        yield 'the same layout everywhere' => [['type' => 'use-everywhere', 'section' => 'p2s2', 'what' => 'layout']];
        yield 'keep' => [['type' => 'edit-section', 'section' => 'p1s2', 'field' => 'kept', 'value' => 'yes']];
        yield 'reword' => [['type' => 'edit-text', 'section' => 'p1s2', 'slot' => 'heading', 'item' => null, 'text' => 'Everyone welcome']];
        yield 'add a page' => [['type' => 'add-page', 'title' => 'Our building', 'parent' => 'p2', 'index' => 3]];
        yield 'delete a page with pages below' => [['type' => 'remove-page', 'page' => 'p2']];
        yield 'move a page' => [['type' => 'move-page', 'page' => 'p7', 'parent' => null, 'index' => 2]];
        yield 'rename a page' => [['type' => 'edit-page', 'page' => 'p2', 'field' => 'title', 'value' => 'Our work']];
        yield 'another path' => [['type' => 'edit-page', 'page' => 'p2', 'field' => 'slug', 'value' => 'work']];
        yield 'into the footer' => [['type' => 'edit-page', 'page' => 'p2', 'field' => 'navigation', 'value' => 'footer']];
        yield 'plan anew' => [['type' => 'plan']];
        yield 'add a fact' => [['type' => 'add-fact', 'kind' => 'audience', 'value' => 'Teachers']];
        yield 'correct a fact' => [['type' => 'correct-fact', 'fact' => 'f1', 'value' => 'Eastmoor Welcome']];
        yield 'strike a fact out' => [['type' => 'strike-fact', 'fact' => 'f1', 'struck' => true]];
        yield 'skip a question' => [['type' => 'skip-question', 'question' => 'price', 'skipped' => true]];
        yield 'move several sections' => [['type' => 'move-sections', 'sections' => ['p2s2', 'p1s2', 'p1s3'], 'page' => 'p3', 'index' => 1]];
        yield 'move several along their page' => [['type' => 'move-sections', 'sections' => ['p1s2', 'p1s3'], 'page' => 'p1', 'index' => 5]];
        yield 'copy several sections' => [['type' => 'copy-sections', 'sections' => ['p1s2', 'p1s3'], 'page' => 'p2', 'index' => 1]];
        yield 'delete several sections' => [['type' => 'remove-sections', 'sections' => ['p1s2', 'p1s3']]];
        yield 'keep several sections' => [['type' => 'keep-sections', 'sections' => ['p1s2', 'p1s3'], 'kept' => true]];
        yield 'share a section' => [['type' => 'make-shared', 'section' => 'p1s3']];
        yield 'detach a shared section' => [['type' => 'detach-section', 'section' => 'p1s1']];
        yield 'use a shared section' => [['type' => 'use-shared', 'page' => 'p2', 'index' => 2, 'shared' => 'sh2']];
        yield 'join two pages' => [['type' => 'merge-page', 'page' => 'p2', 'into' => 'p3']];
        yield 'another go at a section' => [['type' => 'another-section', 'section' => 'p1s2']];
        yield 'another go at a page' => [['type' => 'another-page', 'page' => 'p1']];
        yield 'wave a finding through' => [['type' => 'wave-finding', 'key' => 'menu-too-long|p8', 'remark' => 'The client insists.']];
        yield 'plan an outline' => [['type' => 'plan-outline', 'outline' => "Home\nWork\n  Past work\nContact"]];
        yield 'merge an old page' => [['type' => 'decide-old-page', 'address' => '/history', 'decision' => ['fate' => 'merge', 'page' => 'p2']]];
        yield 'plan a page for an old one' => [['type' => 'keep-old-page', 'address' => '/knots', 'title' => 'Knots']];
        yield 'add a voice sample' => [['type' => 'add-fact', 'kind' => 'voice_sample', 'value' => 'We mend what you bring. If it cannot be mended, we say so. You pay for the work, not for the wait, and you can watch while it is done.']];
        yield 'rename the project' => [['type' => 'rename-project', 'name' => 'Eastmoor']];
    }

    /** @param array<string, mixed> $action */
    #[DataProvider('actions')]
    public function testAChangeThenItsInverseGivesTheSameProject(array $action): void
    {
        $before = self::project();
        $change = (new Actions(Bench::catalogue()))->change(new Node($action), $before);
        $after = $change->apply($before);
        self::assertSame(self::json($before), self::json($change->invert($before)->apply($after)));
        self::assertNotSame('', $change->describe($before));
        self::assertNotSame([], $change->touches());
    }

    /** @param array<string, mixed> $action */
    #[DataProvider('actions')]
    public function testAChangeSurvivesJson(array $action): void
    {
        $before = self::project();
        $change = (new Actions(Bench::catalogue()))->change(new Node($action), $before);
        $again = ChangeCodec::fromNode(Node::fromJson(json_encode(ChangeCodec::toArray($change), \JSON_THROW_ON_ERROR)));
        self::assertSame(self::json($change->apply($before)), self::json($again->apply($before)));
        self::assertSame($change->touches(), $again->touches());
    }

    public function testUndoingManyStepsInReverseLeadsBackToTheStart(): void
    {
        $project = self::project();
        $inverses = [];
        foreach (self::actions() as $name => [$action]) {
            if (\in_array($name, ['plan anew', 'plan an outline', 'delete a page with pages below'], true)) {
                continue;
            }
            try {
                $change = (new Actions(Bench::catalogue()))->change(new Node($action), $project);
                $after = $change->apply($project);
            } catch (UnknownElement|InvalidChange) {
                continue;
            }
            $inverses[] = $change->invert($project);
            $project = $after;
        }
        self::assertGreaterThan(25, \count($inverses));
        foreach (array_reverse($inverses) as $inverse) {
            $project = $inverse->apply($project);
        }
        self::assertSame(self::json(self::project()), self::json($project));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function impossible(): iterable
    {
        yield 'delete the home page' => [['type' => 'remove-page', 'page' => 'p1']];
        yield 'move the home page' => [['type' => 'move-page', 'page' => 'p1', 'parent' => null, 'index' => 3]];
        yield 'a page below itself' => [['type' => 'move-page', 'page' => 'p2', 'parent' => 'p3', 'index' => 1]];
        yield 'a path with blanks' => [['type' => 'edit-page', 'page' => 'p2', 'field' => 'slug', 'value' => 'our work']];
        yield 'a path that is taken' => [['type' => 'edit-page', 'page' => 'p2', 'field' => 'slug', 'value' => 'get-help']];
        yield 'an empty title' => [['type' => 'edit-page', 'page' => 'p2', 'field' => 'title', 'value' => '  ']];
        yield 'a layout of another kind' => [['type' => 'edit-section', 'section' => 'p1s2', 'field' => 'layout', 'value' => 'faq.columns']];
        yield 'a slot of another kind' => [['type' => 'show-slot', 'section' => 'p1s2', 'slot' => 'price', 'shown' => true]];
        yield 'an item that is not there' => [['type' => 'remove-item', 'section' => 'p1s3', 'item' => 99]];
        yield 'a look that is none' => [['type' => 'set-look', 'section' => 'p1s2', 'look' => ['media' => 'hologram']]];
        yield 'an unknown layout' => [['type' => 'edit-section', 'section' => 'p1s2', 'field' => 'layout', 'value' => 'hero.sideways']];
        yield 'an unknown section kind' => [['type' => 'add-section', 'page' => 'p1', 'index' => 1, 'kind' => 'carousel']];
        yield 'an unknown goal' => [['type' => 'add-fact', 'kind' => 'goal', 'value' => 'fame']];
        yield 'a text of 50,000 characters' => [['type' => 'edit-text', 'section' => 'p1s2', 'slot' => 'heading', 'item' => null, 'text' => str_repeat('x', 50_000)]];
        yield 'words that are not in the source' => [['type' => 'add-fact', 'kind' => 'audience', 'value' => 'x', 'quote' => ['source' => 's1', 'start' => 999_999, 'length' => 5]]];
    }

    /** @param array<string, mixed> $action */
    #[DataProvider('impossible')]
    public function testWhatCannotBeDoneIsRefusedWithAReason(array $action): void
    {
        $this->expectException(InvalidChange::class);
        (new Actions(Bench::catalogue()))->change(new Node($action), self::project())->apply(self::project());
    }

    public function testPagesBelowADeletedOneMoveUp(): void
    {
        $change = (new Actions(Bench::catalogue()))->change(new Node(['type' => 'remove-page', 'page' => 'p2']), self::project());
        $plan = $change->apply(self::project())->plan;
        self::assertNull($plan->page('p3')->parent);
        self::assertSame('/english-classes', $plan->path($plan->page('p3')));
    }

    public function testTheMenuFollowsThePages(): void
    {
        $plan = (new Actions(Bench::catalogue()))->change(new Node(['type' => 'edit-page', 'page' => 'p2', 'field' => 'title', 'value' => 'Our work']), self::project())->apply(self::project())->plan;
        $texts = array_map(static fn ($line): string => $line->text, $plan->resolve($plan->pages[0]->sections()[0])->copy);
        self::assertContains('Our work', $texts);
        self::assertNotContains('What we do', $texts);
    }

    public function testChangesToTheSameThingCollideAndOthersDoNot(): void
    {
        self::assertTrue(Touch::collide(['copy:p1s2/heading/'], ['copy:p1s2/heading/']));
        self::assertFalse(Touch::collide(['copy:p1s2/heading/'], ['copy:p1s2/text/']));
        self::assertTrue(Touch::collide(['copy:p1s2/heading/'], ['section:p1s2']));
        self::assertFalse(Touch::collide(['section:p1s2/title'], ['section:p2s2/title']));
        self::assertTrue(Touch::collide(['page:p1/title'], ['everything']));
        self::assertTrue(Touch::collide(['page:p1/title'], ['page:p1', 'pages']));
    }
}
