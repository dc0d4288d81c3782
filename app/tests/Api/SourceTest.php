<?php

declare(strict_types=1);

namespace DunePocket\App\Tests\Api;

use DunePocket\Data\Node;
use PHPUnit\Framework\Attributes\DataProvider;

/** More sources for a brief, and the client's form. */
final class SourceTest extends ApiTestCase
{
    public function testANewSourceIsShownBeforeItChangesAnythingAndPartOfItCanBeAccepted(): void
    {
        $this->signInAs('designer');
        $project = $this->project();
        $text = "WEBVTT\n\n00:01.000 --> 00:03.000\n<v Designer>How many pages?\n\n00:04.000 --> 00:06.000\n<v Client>Nine at most.\n\n00:07.000 --> 00:09.000\n<v Client>We also run moonlight walks.";
        $preview = $this->call('POST', "/api/projects/$project/sources", ['title' => 'Call', 'file' => base64_encode($text)]);
        self::assertSame('call', $preview->string('kind'));
        $ids = [];
        foreach ($preview->children('proposals') as $proposal) {
            $ids[$proposal->child('fact')->string('value')] = $proposal->string('id');
        }
        self::assertArrayHasKey('Moonlight walks', $ids);
        self::assertArrayHasKey('1-9', $ids);
        $before = $this->call('GET', "/api/projects/$project");
        self::assertCount(1, $before->child('brief')->children('sources'), 'nothing has changed yet');

        $changed = $this->act($project, $before->int('revision'), ['type' => 'add-source', 'title' => 'Call', 'kind' => 'call', 'text' => $preview->string('text'), 'accept' => [$ids['Moonlight walks']]]);
        self::assertSame(200, $this->answered());
        $values = array_map(static fn (Node $fact): string => $fact->string('value'), $changed->child('brief')->children('facts'));
        self::assertContains('Moonlight walks', $values);
        self::assertNotContains('1-9', $values);
        self::assertCount(2, $changed->child('brief')->children('sources'));
    }

    /** @return iterable<string, array{string, string}> bytes and what is said */
    public static function badFiles(): iterable
    {
        yield 'empty' => ['', 'empty'];
        yield 'binary' => ["\x89PNG\0\0\0\1", 'not a text file'];
        yield 'a broken archive' => ["PK\x03\x04word/document.xml".str_repeat('x', 50), 'This file is broken'];
        yield 'a broken PDF' => ["%PDF-1.4\nnothing", 'cannot be opened'];
        yield 'captions with broken times' => ["WEBVTT\n\nsoon --> later\nHello", 'no caption with a time'];
        yield 'a sitemap with an external entity' => ['<!DOCTYPE a [<!ENTITY x SYSTEM "file:///etc/hostname">]><urlset><url><loc>&x;</loc></url></urlset>', 'entities'];
    }

    #[DataProvider('badFiles')]
    public function testAFileThatCannotBeReadIsRefusedWithAReason(string $bytes, string $said): void
    {
        $this->signInAs('designer');
        $problem = $this->call('POST', '/api/projects/'.$this->project().'/sources', ['file' => base64_encode($bytes)]);
        self::assertSame(422, $this->answered());
        self::assertStringContainsString($said, $problem->string('detail'));
    }

    public function testTheSavedPagesOfThePresentSiteAreKeptMergedOrDropped(): void
    {
        $this->signInAs('designer');
        $project = $this->project();
        $path = (string) tempnam(sys_get_temp_dir(), 'site');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        $zip->addFromString('old/about.html', '<html><head><title>About us</title></head><body><h1>About us</h1></body></html>');
        $zip->addFromString('old/knots.html', '<html><head><title>Knots</title></head><body>'.str_repeat('rope ', 400).'</body></html>');
        $zip->close();
        $preview = $this->call('POST', "/api/projects/$project/sources", ['title' => 'Old site', 'file' => base64_encode((string) file_get_contents($path))]);
        self::assertSame('site', $preview->string('kind'));
        $this->act($project, $this->call('GET', "/api/projects/$project")->int('revision'), ['type' => 'add-source', 'title' => 'Old site', 'kind' => 'site', 'text' => $preview->string('text'), 'accept' => []]);
        $before = $this->call('GET', "/api/projects/$project");
        $old = $this->call('GET', "/api/projects/$project/checks")->children('presentSite');
        self::assertSame(['/about', '/knots'], array_map(static fn (Node $page): string => $page->string('address'), $old));
        self::assertSame(['keep', null], [$old[1]->string('fate'), $old[1]->optionalString('page')], 'It has no place yet.');

        $this->act($project, $before->int('revision'), ['type' => 'keep-old-page', 'address' => '/knots', 'title' => 'Knots']);
        $kept = $this->call('GET', "/api/projects/$project/checks")->children('presentSite')[1];
        self::assertTrue($kept->bool('decided'));
        self::assertNotNull($kept->optionalString('page'));
        $this->call('POST', "/api/projects/$project/undo");
        self::assertFalse($this->call('GET', "/api/projects/$project/checks")->children('presentSite')[1]->bool('decided'));
    }

    public function testAnArchiveThatUnpacksToTooMuchIsNotOpened(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'bomb');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        $zip->addFromString('word/document.xml', str_repeat('0', 70_000_000));
        $zip->close();
        $this->signInAs('designer');
        $problem = $this->call('POST', '/api/projects/'.$this->project().'/sources', ['file' => base64_encode((string) file_get_contents($path))]);
        unlink($path);
        self::assertSame(422, $this->answered());
        self::assertStringContainsString('unpacks to more than 60 MB', $problem->string('detail'));
    }

    public function testAnswersOfTheClientComeBackAsASource(): void
    {
        $this->signInAs('designer');
        $project = $this->project();
        $made = $this->call('POST', "/api/projects/$project/forms", ['questions' => [['text' => 'What makes you different from others?', 'hint' => 'What customers tell you.'], ['text' => 'Do you have a van?']]]);
        $token = basename($made->string('link'));
        $this->signOut();
        $this->call('POST', "/api/form/$token/send");
        self::assertSame(422, $this->answered(), 'nothing is answered yet');
        $this->call('POST', "/api/form/$token/answers", ['question' => 'a1', 'text' => 'We never cancel for rain']);
        $this->call('POST', "/api/form/$token/answers", ['question' => 'a9', 'text' => 'x']);
        self::assertSame(422, $this->answered(), 'only what was asked');
        $again = $this->call('GET', "/api/form/$token");
        self::assertSame('We never cancel for rain', $again->children('questions')[0]->string('answer'), 'kept when the client comes back');
        $this->call('POST', "/api/form/$token/send");

        $this->signInAs('designer');
        self::assertSame(1, $this->call('GET', "/api/projects/$project")->child('figures')->int('answers'));
        $preview = $this->call('GET', "/api/projects/$project/forms/1/answers")->items()[0];
        self::assertSame('answers', $preview->string('kind'));
        self::assertSame(['We never cancel for rain'], array_map(static fn (Node $proposal): string => $proposal->child('fact')->string('value'), $preview->children('proposals')));
        $this->call('POST', "/api/projects/$project/forms/1/taken");
        self::assertSame(0, $this->call('GET', "/api/projects/$project")->child('figures')->int('answers'));
        $this->call('POST', "/api/projects/$project/forms/1/withdraw");
        $this->signOut();
        $this->call('GET', "/api/form/$token");
        self::assertSame(404, $this->answered());
    }
}
