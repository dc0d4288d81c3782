<?php

declare(strict_types=1);

namespace DunePocket\App\Tests\Api;

use DunePocket\Data\Node;

/** The life of a project: every step in words, any state to go back to, any two to compare. */
final class HistoryTest extends ApiTestCase
{
    /** @return list<string> */
    private function titles(string $project): array
    {
        return array_map(static fn (Node $page): string => $page->string('title'), $this->call('GET', "/api/projects/$project")->children('pages'));
    }

    public function testGoingBackToANamedStateIsItselfAStepThatCanBeUndone(): void
    {
        $this->signInAs('designer');
        $project = $this->project();
        $named = $this->call('GET', "/api/projects/$project")->int('revision');
        $before = $this->titles($project);
        $this->call('PUT', "/api/projects/$project/history/$named/name", ['name' => 'As agreed on the telephone']);
        $this->act($project, $named, ['type' => 'edit-page', 'page' => 'p2', 'field' => 'title', 'value' => 'Quite another title']);
        $this->act($project, $named + 1, ['type' => 'remove-page', 'page' => 'p3']);
        $changed = $this->titles($project);
        self::assertNotSame($before, $changed);

        $history = $this->call('GET', "/api/projects/$project/history")->items();
        self::assertStringStartsWith('Delete page', $history[0]->string('title'));
        self::assertSame('As agreed on the telephone', $history[2]->optionalString('name'));

        $compared = $this->call('GET', "/api/projects/$project/history/compare?from=$named");
        $said = array_map(static fn (Node $difference): string => $difference->string('text'), $compared->children('differences'));
        self::assertCount(2, $said);
        self::assertStringContainsString('was removed', $said[0]);
        self::assertStringContainsString('Quite another title', $said[1]);
        self::assertGreaterThan(0, $compared->int('steps'));

        $restored = $this->call('POST', "/api/projects/$project/history/$named/restore");
        self::assertSame('Go back to “As agreed on the telephone”', $restored->optionalString('undo'));
        self::assertSame($before, $this->titles($project));
        $this->call('POST', "/api/projects/$project/undo");
        self::assertSame($changed, $this->titles($project));
    }

    public function testReplayingTheInversesLeadsToTheVeryStart(): void
    {
        $this->signInAs('designer');
        $project = $this->project();
        self::assertNotSame([], $this->titles($project));
        $this->call('POST', "/api/projects/$project/history/0/restore");
        self::assertSame([], $this->titles($project), 'Before the first change there was no plan.');
        $this->call('POST', "/api/projects/$project/history/999/restore");
        self::assertSame(422, $this->answered());
    }
}
