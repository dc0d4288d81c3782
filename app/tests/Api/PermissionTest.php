<?php

declare(strict_types=1);

namespace DunePocket\App\Tests\Api;

use Symfony\Component\Routing\RouterInterface;
use Symfony\Component\Yaml\Yaml;

/** Every endpoint, for the designer who owns it, another designer, the right client, another client and nobody. */
final class PermissionTest extends ApiTestCase
{
    /** @return array<string, array{string, string, array<string, mixed>|null, int}> method, path, body and what the owner gets */
    private function ofOneProject(): array
    {
        return [
            'project' => ['GET', '/api/projects/ID', null, 200],
            'change' => ['POST', '/api/projects/ID/changes', ['revision' => 1, 'action' => ['type' => 'rename-project', 'name' => 'K']], 200],
            'revision' => ['GET', '/api/projects/ID/revision', null, 200],
            'checks' => ['GET', '/api/projects/ID/checks', null, 200],
            'undo' => ['POST', '/api/projects/ID/undo', null, 200],
            'redo' => ['POST', '/api/projects/ID/redo', null, 200],
            'drawings' => ['GET', '/api/projects/ID/pages/p1/drawings', null, 200],
            'sitemap_drawing' => ['GET', '/api/projects/ID/sitemap', null, 200],
            'suits' => ['GET', '/api/projects/ID/pages/p1/suits?index=2', null, 200],
            'page_wireframe' => ['GET', '/api/projects/ID/pages/p1/wireframe', null, 200],
            'section_wireframe' => ['GET', '/api/projects/ID/sections/p1s2/wireframe', null, 200],
            'sketch' => ['POST', '/api/projects/ID/sections/p1s2/sketch', ['slot' => 'heading', 'item' => null, 'text' => 'Other words', 'width' => 'phone'], 200],
            'page_html' => ['GET', '/api/projects/ID/pages/p1/html', null, 200],
            'rounds' => ['GET', '/api/projects/ID/rounds', null, 200],
            'new_round' => ['POST', '/api/projects/ID/rounds', null, 201],
            'round_link' => ['POST', '/api/projects/ID/rounds/2/link', null, 200],
            'withdraw_round' => ['POST', '/api/projects/ID/rounds/2/withdraw', null, 200],
            'answer_comment' => ['POST', '/api/projects/ID/comments/COMMENT/answers', ['text' => 'Yes.'], 201],
            'comment_done' => ['POST', '/api/projects/ID/comments/COMMENT/done', ['done' => true], 200],
            'preview_source' => ['POST', '/api/projects/ID/sources', ['title' => 'More', 'text' => 'We also run walks.'], 200],
            'history' => ['GET', '/api/projects/ID/history', null, 200],
            'compare_states' => ['GET', '/api/projects/ID/history/compare?from=0', null, 200],
            'name_state' => ['PUT', '/api/projects/ID/history/0/name', ['name' => 'First'], 200],
            'restore_state' => ['POST', '/api/projects/ID/history/0/restore', null, 200],
            'elsewhere' => ['GET', '/api/projects/ID/elsewhere', null, 200],
            'elsewhere_facts' => ['GET', '/api/projects/ID/elsewhere/OTHER', null, 200],
            'take_over' => ['POST', '/api/projects/ID/elsewhere/OTHER', ['revision' => 0, 'accept' => []], 422],
            'forms' => ['GET', '/api/projects/ID/forms', null, 200],
            'new_form' => ['POST', '/api/projects/ID/forms', ['questions' => [['text' => 'Who is it for?']]], 201],
            'form_answers' => ['GET', '/api/projects/ID/forms/1/answers', null, 200],
            'form_taken' => ['POST', '/api/projects/ID/forms/1/taken', null, 200],
            'withdraw_form' => ['POST', '/api/projects/ID/forms/1/withdraw', null, 200],
            'exports' => ['GET', '/api/projects/ID/exports', null, 200],
            'export' => ['GET', '/api/projects/ID/exports/markdown', null, 200],
            'delete_project' => ['DELETE', '/api/projects/ID', null, 204],
        ];
    }

    /** @return array<string, array{string, string, array<string, mixed>|null, int}> */
    private function ofOneLink(): array
    {
        return [
            'client_round' => ['GET', '/api/review/TOKEN', null, 200],
            'client_page' => ['GET', '/api/review/TOKEN/pages/p1', null, 200],
            'client_comments' => ['GET', '/api/review/TOKEN/comments', null, 200],
            'client_comment' => ['POST', '/api/review/TOKEN/comments', ['section' => 'p1s2', 'author' => 'Noor', 'text' => 'Good.'], 201],
        ];
    }

    /** @return array<string, array{string, string, array<string, mixed>|null, int}> */
    private function ofOneForm(): array
    {
        return [
            'client_form' => ['GET', '/api/form/TOKEN', null, 200],
            'client_answer' => ['POST', '/api/form/TOKEN/answers', ['question' => 'a1', 'text' => 'Walkers.'], 200],
            'client_file' => ['POST', '/api/form/TOKEN/file', ['name' => 'notes.txt', 'file' => base64_encode('We also run walks.')], 200],
            'client_send' => ['POST', '/api/form/TOKEN/send', null, 200],
        ];
    }

    private const OF_EVERYBODY = ['health', 'sign_in', 'sign_out', 'register'];
    private const OF_THE_SIGNED_IN = ['me' => '/api/me', 'defaults' => '/api/defaults', 'save_defaults' => '/api/defaults', 'projects' => '/api/projects', 'catalogue' => '/api/catalogue', 'new_project' => '/api/projects', 'import_project' => '/api/projects/import'];

    public function testEveryRouteIsCoveredHereAndStandsInTheApiDocument(): void
    {
        $router = self::service(RouterInterface::class);
        $routes = [];
        $documented = [];
        foreach ($router->getRouteCollection() as $name => $route) {
            $routes[] = $name;
            foreach ($route->getMethods() as $method) {
                $documented[] = strtolower($method).' '.$route->getPath();
            }
        }
        self::assertEqualsCanonicalizing([...array_keys($this->ofOneProject()), ...array_keys($this->ofOneLink()), ...array_keys($this->ofOneForm()), ...self::OF_EVERYBODY, ...array_keys(self::OF_THE_SIGNED_IN)], $routes);
        $document = Yaml::parseFile(\dirname(__DIR__, 2).'/openapi.yaml');
        self::assertIsArray($document);
        self::assertIsArray($document['paths']);
        $written = [];
        foreach ($document['paths'] as $path => $operations) {
            foreach (array_intersect(array_keys((array) $operations), ['get', 'post', 'put', 'delete']) as $method) {
                $written[] = "$method $path";
            }
        }
        self::assertEqualsCanonicalizing($documented, $written);
    }

    public function testTheOwnerMayAndNobodyElse(): void
    {
        $this->signInAs('owner');
        $id = $this->project();
        $token = $this->link($id);
        $this->form($id);
        $comment = $this->call('POST', "/api/review/$token/comments", ['section' => 'p1s2', 'author' => 'Noor', 'text' => 'Hm.'])->int('id');
        $second = $this->project();
        $fill = static fn (string $path): string => strtr($path, ['ID' => $id, 'OTHER' => $second, 'COMMENT' => (string) $comment]);

        $this->signInAs('other');
        foreach ($this->ofOneProject() as $name => [$method, $path, $body]) {
            $this->call($method, $fill($path), $body);
            self::assertSame(404, $this->answered(), "another designer: $name");
        }
        self::assertSame([], $this->call('GET', '/api/projects')->items());
        $this->signOut();
        foreach ($this->ofOneProject() as $name => [$method, $path, $body]) {
            $this->call($method, $fill($path), $body);
            self::assertSame(401, $this->answered(), "nobody, and a client with a link: $name");
        }
        foreach (self::OF_THE_SIGNED_IN as $name => $path) {
            $method = match ($name) {
                'new_project', 'import_project' => 'POST',
                'save_defaults' => 'PUT',
                default => 'GET',
            };
            $this->call($method, $path, []);
            self::assertSame(401, $this->answered(), "nobody: $name");
        }
        $this->signInAs('owner');
        foreach ($this->ofOneProject() as $name => [$method, $path, $body, $expected]) {
            $this->call($method, $fill($path), $body);
            self::assertSame($expected, $this->answered(), "the owner: $name");
        }
    }

    public function testAFormLinkOpensItsOwnFormOnly(): void
    {
        $this->signInAs('owner');
        $mine = $this->form($this->project());
        $round = $this->link($this->project());
        $this->signInAs('other');
        $theirs = $this->form($this->project());
        $this->signOut();
        foreach ($this->ofOneForm() as $name => [$method, $path, $body, $expected]) {
            $this->call($method, strtr($path, ['TOKEN' => $mine]), $body);
            self::assertSame($expected, $this->answered(), "the right client: $name");
            foreach (['nobody' => str_repeat('z', 43), 'a client with a review link' => $round] as $who => $token) {
                $this->call($method, strtr($path, ['TOKEN' => $token]), $body);
                self::assertSame(404, $this->answered(), "$who: $name");
            }
        }
        self::assertSame('Walkers.', $this->call('GET', "/api/form/$mine")->children('questions')[0]->string('answer'));
        self::assertSame('', $this->call('GET', "/api/form/$theirs")->children('questions')[0]->string('answer'), 'another client does not see it');
        $this->call('GET', "/api/review/$mine");
        self::assertSame(404, $this->answered(), 'a form opens no round');
    }

    private function form(string $project): string
    {
        return basename($this->call('POST', "/api/projects/$project/forms", ['questions' => [['text' => 'Who is it for?']]])->string('link'));
    }

    public function testALinkOpensItsOwnRoundOnly(): void
    {
        $this->signInAs('owner');
        $mine = $this->link($this->project());
        $this->signInAs('other');
        $project = $this->project();
        $section = $this->call('GET', "/api/projects/$project")->children('pages')[0]->children('sections')[1]->string('id');
        self::assertSame('p1s2', $section);
        $theirs = $this->link($project);
        $this->signOut();
        foreach ($this->ofOneLink() as $name => [$method, $path, $body, $expected]) {
            $this->call($method, strtr($path, ['TOKEN' => $mine]), $body);
            self::assertSame($expected, $this->answered(), "the right client: $name");
            $this->call($method, strtr($path, ['TOKEN' => str_repeat('z', 43)]), $body);
            self::assertSame(404, $this->answered(), "nobody: $name");
        }
        self::assertCount(1, $this->call('GET', "/api/review/$mine/comments")->items());
        self::assertSame([], $this->call('GET', "/api/review/$theirs/comments")->items(), 'another client does not see it');
        $thread = $this->call('GET', "/api/review/$mine/comments")->items()[0]->int('id');
        $this->call('POST', "/api/review/$theirs/comments", ['section' => 'p1s2', 'author' => 'X', 'text' => 'x', 'answers' => $thread]);
        self::assertSame(404, $this->answered(), 'nor answers it');
    }
}
