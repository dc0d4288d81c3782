<?php

declare(strict_types=1);

namespace DunePocket\App\Tests\Api;

use DunePocket\Data\Node;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

final class ProjectTest extends ApiTestCase
{
    public function testTheOutlineIsReadByAnotherProgram(): void
    {
        $this->signInAs('designer');
        $project = $this->project();
        $titles = $this->titles($this->call('GET', "/api/projects/$project"));
        $this->browser->request('GET', "/api/projects/$project/exports/opml");
        $pandoc = new Process(['pandoc', '--sandbox', '--from=opml', '--to=plain', '--wrap=none']);
        $pandoc->setInput((string) $this->browser->getResponse()->getContent());
        $pandoc->mustRun();
        foreach ($titles as $title) {
            self::assertStringContainsString($title, $pandoc->getOutput());
        }
    }

    public function testFromTheBriefToThePlan(): void
    {
        $this->signInAs('owner');
        $id = $this->call('POST', '/api/projects', ['brief' => self::BRIEF])->string('id');
        $read = $this->call('GET', "/api/projects/$id");
        self::assertSame('Kelp & Compass', $read->string('name'));
        self::assertSame([], $read->children('pages'));
        self::assertGreaterThan(50, $read->child('figures')->int('score'));

        $planned = $this->act($id, 0, ['type' => 'plan']);
        self::assertSame(1, $planned->int('revision'));
        self::assertSame('Plan the site', $planned->string('undo'));
        $again = $this->call('GET', "/api/projects/$id");
        self::assertSame($this->titles($planned), $this->titles($again));
        self::assertContains('Contact', $this->titles($again));
        self::assertNotContains('Blog', $this->titles($again));

        $row = $this->call('GET', '/api/projects')->items()[0];
        self::assertSame('Planned', $row->string('stands'));
        self::assertSame('designer', $row->string('turn'));
    }

    public function testChangesAreKeptAndUndoneAlsoLater(): void
    {
        $this->signInAs('owner');
        $id = $this->project();
        $section = $this->call('GET', "/api/projects/$id")->children('pages')[0]->children('sections')[1]->string('id');
        $this->act($id, 1, ['type' => 'edit-section', 'section' => $section, 'field' => 'title', 'value' => 'First sight']);
        $this->act($id, 2, ['type' => 'edit-text', 'section' => $section, 'slot' => 'heading', 'item' => null, 'text' => 'Learn to sail']);
        self::assertSame('First sight', $this->title($id, $section));

        $undone = $this->call('POST', "/api/projects/$id/undo");
        self::assertSame(4, $undone->int('revision'), 'the log only grows');
        self::assertSame('Rename Opening', $undone->string('undo'));
        $this->call('POST', "/api/projects/$id/undo");
        self::assertSame('Opening', $this->title($id, $section));
        $redone = $this->call('POST', "/api/projects/$id/redo");
        self::assertSame('First sight', $this->title($id, $section));
        self::assertSame('Reword First sight', $redone->string('redo'));
        $this->call('POST', "/api/projects/$id/redo");
        $this->call('POST', "/api/projects/$id/redo");
        self::assertSame(422, $this->answered());
    }

    public function testAChangeAnswersWithWhatDiffersOnly(): void
    {
        $this->signInAs('owner');
        $id = $this->project();
        $section = $this->call('GET', "/api/projects/$id")->children('pages')[0]->children('sections')[1]->string('id');
        $changed = $this->act($id, 1, ['type' => 'edit-section', 'section' => $section, 'field' => 'title', 'value' => 'X']);
        self::assertSame(['p1'], array_map(static fn (Node $page): string => $page->string('id'), $changed->children('pages')));
        self::assertFalse($changed->has('brief'));
    }

    public function testTwoAtOnceOnDifferentThingsBothArrive(): void
    {
        $this->signInAs('owner');
        $id = $this->project();
        $sections = $this->call('GET', "/api/projects/$id")->children('pages')[0]->children('sections');
        $this->act($id, 1, ['type' => 'edit-section', 'section' => $sections[1]->string('id'), 'field' => 'title', 'value' => 'Mine']);
        $this->act($id, 1, ['type' => 'edit-section', 'section' => $sections[2]->string('id'), 'field' => 'title', 'value' => 'Theirs']);
        self::assertSame(200, $this->answered());
        self::assertSame('Mine', $this->title($id, $sections[1]->string('id')));
        self::assertSame('Theirs', $this->title($id, $sections[2]->string('id')));
    }

    public function testTwoAtOnceOnTheSameThingIsRefusedAndNothingIsOverwritten(): void
    {
        $this->signInAs('owner');
        $id = $this->project();
        $section = $this->call('GET', "/api/projects/$id")->children('pages')[0]->children('sections')[1]->string('id');
        $this->act($id, 1, ['type' => 'edit-section', 'section' => $section, 'field' => 'title', 'value' => 'Mine']);
        $problem = $this->act($id, 1, ['type' => 'edit-section', 'section' => $section, 'field' => 'title', 'value' => 'Theirs']);
        self::assertSame(409, $this->answered());
        self::assertSame(2, $problem->int('revision'));
        self::assertStringContainsString('Rename Opening', $problem->string('detail'));
        self::assertSame('Mine', $this->title($id, $section));
    }

    public function testFactsAreCorrectedAddedStruckOutAndQuestionsAnswered(): void
    {
        $this->signInAs('owner');
        $id = $this->call('POST', '/api/projects', ['brief' => self::BRIEF])->string('id');
        $before = $this->call('GET', "/api/projects/$id")->child('brief');
        $name = $before->children('facts')[0]->string('id');
        $corrected = $this->act($id, 0, ['type' => 'correct-fact', 'fact' => $name, 'value' => 'Kelp and Compass'])->child('brief');
        self::assertSame('entered', $corrected->children('facts')[0]->string('origin'));
        $struck = $this->act($id, 1, ['type' => 'strike-fact', 'fact' => $name, 'struck' => true])->child('brief');
        self::assertLessThan($corrected->child('score')->int('total'), $struck->child('score')->int('total'));
        $answered = $this->act($id, 2, ['type' => 'add-fact', 'kind' => 'audience', 'value' => 'Families on holiday'])->child('brief');
        self::assertSame($struck->child('score')->int('total') + 10, $answered->child('score')->int('total'));
    }

    public function testDrawingsAndLayouts(): void
    {
        $this->signInAs('owner');
        $id = $this->project();
        foreach (['desktop' => 1280, 'tablet' => 768, 'phone' => 390] as $width => $pixels) {
            $drawings = $this->call('GET', "/api/projects/$id/pages/p1/drawings?width=$width")->items();
            self::assertSame($pixels, $drawings[1]->int('width'));
            self::assertStringStartsWith('<svg', $drawings[1]->string('svg'));
            self::assertSame('heading', $drawings[1]->children('slots')[0]->string('slot'));
        }
        $this->call('GET', "/api/projects/$id/pages/p1/drawings?width=watch");
        self::assertSame(400, $this->answered());
        $section = $this->call('GET', "/api/projects/$id")->children('pages')[0]->children('sections')[1]->string('id');
        $wireframe = $this->call('GET', "/api/projects/$id/sections/$section/wireframe");
        self::assertCount(12, $wireframe->children('layouts'));
        self::assertStringEndsWith('.', $wireframe->strings('why')[0]);
        self::assertSame(['desktop', 'tablet', 'phone'], array_keys($wireframe->children('fit')[0]->map('widths')));
        $page = $this->call('GET', "/api/projects/$id/pages/p1/wireframe");
        self::assertGreaterThan(1, $page->child('screens')->float('desktop'));
        self::assertGreaterThan(80, $page->int('fits'));
    }

    public function testSectionsOfAKindAreListedWithWhatTheyShareAlready(): void
    {
        $this->signInAs('owner');
        $id = $this->project();
        $project = $this->call('GET', "/api/projects/$id");
        $intros = [];
        foreach ($project->children('pages') as $page) {
            foreach ($page->children('sections') as $section) {
                $intros = [...$intros, ...('page-intro' === $section->string('kind') ? [$section->string('id')] : [])];
            }
        }
        self::assertGreaterThan(1, \count($intros));
        $same = fn (): array => array_unique(array_map(static fn (Node $other): bool => $other->bool('sameLook'), $this->call('GET', "/api/projects/$id/sections/{$intros[0]}/wireframe")->children('alike')));
        $revision = $this->act($id, $project->int('revision'), ['type' => 'set-look', 'section' => $intros[0], 'look' => ['align' => 'center', 'full' => true]])->int('revision');
        self::assertSame([false], $same());
        $this->act($id, $revision, ['type' => 'use-everywhere', 'section' => $intros[0], 'what' => 'look']);
        self::assertSame([true], $same());
    }

    public function testASketchMeasuresWordsAndSavesNothing(): void
    {
        $this->signInAs('owner');
        $id = $this->project();
        $section = $this->call('GET', "/api/projects/$id")->children('pages')[0]->children('sections')[1]->string('id');
        $before = $this->call('GET', "/api/projects/$id/pages/p1/drawings?width=phone")->items()[1];
        $sketch = $this->call('POST', "/api/projects/$id/sections/$section/sketch", ['slot' => 'heading', 'item' => null, 'text' => str_repeat('Many words in a heading ', 8), 'width' => 'phone']);
        self::assertGreaterThan($before->float('height'), $sketch->float('height'));
        self::assertSame($before->float('height'), $this->call('GET', "/api/projects/$id/pages/p1/drawings?width=phone")->items()[1]->float('height'));
        $this->call('POST', "/api/projects/$id/sections/$section/sketch", ['slot' => 'heading', 'item' => null, 'text' => str_repeat('x', 60_000), 'width' => 'phone']);
        self::assertSame(422, $this->answered());
    }

    public function testAPageAsHtmlLeadsToTheOtherPages(): void
    {
        $this->signInAs('owner');
        $id = $this->project();
        $page = $this->call('GET', "/api/projects/$id/pages/p1/html");
        self::assertStringContainsString('<h1', $page->string('body'));
        self::assertStringContainsString("href=\"/preview/$id/p2\"", $page->string('body'));
        self::assertStringContainsString('--text-h1', $page->string('css'));
        $section = $this->call('GET', "/api/projects/$id")->children('pages')[0]->children('sections')[1]->string('id');
        self::assertStringNotContainsString('<footer', $this->call('GET', "/api/projects/$id/pages/p1/html?section=$section")->string('body'));
    }

    public function testWhatSuitsAPlace(): void
    {
        $this->signInAs('owner');
        $id = $this->project();
        $suits = $this->call('GET', "/api/projects/$id/pages/p1/suits?index=2")->items();
        self::assertSame('place', $suits[0]->string('fit'));
        self::assertSame('elsewhere', $suits[\count($suits) - 1]->string('fit'));
        self::assertStringEndsWith('.', $suits[0]->string('because'));
    }

    public function testDownloadsAndTheWayBackIn(): void
    {
        $this->signInAs('owner');
        $id = $this->project();
        foreach (['project' => 'application/json', 'markdown' => 'text/markdown', 'sitemap' => 'application/xml'] as $format => $type) {
            $this->browser->request('GET', "/api/projects/$id/exports/$format");
            self::assertSame(200, $this->answered());
            self::assertStringStartsWith($type, (string) $this->browser->getResponse()->headers->get('Content-Type'));
            self::assertStringContainsString('attachment; filename=kelp-compass', (string) $this->browser->getResponse()->headers->get('Content-Disposition'));
        }
        $this->browser->request('GET', "/api/projects/$id/exports/project");
        $file = (string) $this->browser->getResponse()->getContent();
        $this->browser->request('POST', '/api/projects/import', server: ['CONTENT_TYPE' => 'application/json'], content: $file);
        $copy = Node::fromJson((string) $this->browser->getResponse()->getContent())->string('id');
        $this->browser->request('GET', "/api/projects/$copy/exports/project");
        self::assertSame($file, $this->browser->getResponse()->getContent());
    }

    /** @return iterable<string, array{string, array<string, mixed>, int}> */
    public static function badInput(): iterable
    {
        yield 'an empty brief' => ['/api/projects', ['brief' => '  '], 422];
        yield 'a binary file' => ['/api/projects', ['file' => base64_encode("\x89PNG\0\0\0"), 'title' => 'brief.txt'], 422];
        yield 'a broken file' => ['/api/projects', ['file' => '***'], 400];
        yield 'no brief at all' => ['/api/projects', [], 400];
        yield 'a project file that is none' => ['/api/projects/import', ['format' => 'x'], 400];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('badInput')]
    public function testBadInputGetsAProblemAndNothingIsMade(string $path, array $body, int $status): void
    {
        $this->signInAs('owner');
        $problem = $this->call('POST', $path, $body);
        self::assertSame($status, $this->answered());
        self::assertSame($status, $problem->int('status'));
        self::assertNotSame('', $problem->string('detail'));
        self::assertSame([], $this->call('GET', '/api/projects')->items());
    }

    private function title(string $project, string $section): string
    {
        foreach ($this->call('GET', "/api/projects/$project")->children('pages') as $page) {
            foreach ($page->children('sections') as $one) {
                if ($one->string('id') === $section) {
                    return $one->string('title');
                }
            }
        }
        self::fail("Section $section is not there.");
    }

    /** @return list<string> */
    private function titles(Node $project): array
    {
        return array_map(static fn (Node $page): string => $page->string('title'), $project->children('pages'));
    }
}
