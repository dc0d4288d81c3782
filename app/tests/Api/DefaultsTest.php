<?php

declare(strict_types=1);

namespace DunePocket\App\Tests\Api;

use DunePocket\Data\Node;

/** Nothing is typed twice: defaults of the account, facts and briefs of other projects. */
final class DefaultsTest extends ApiTestCase
{
    private const ROPES = 'We are Kelda Ropes, a rope maker in Harl. We offer boat ropes and splicing. Ring 01632 960 123.';

    /** @return list<string> */
    private function values(string $project): array
    {
        return array_map(static fn (Node $fact): string => $fact->string('value'), $this->call('GET', "/api/projects/$project")->child('brief')->children('facts'));
    }

    public function testEveryNewProjectStartsWithTheDefaults(): void
    {
        $this->signInAs('designer');
        $saved = $this->call('PUT', '/api/defaults', ['pages' => ['Accessibility'], 'avoid' => ['solutions'], 'rate' => ['hourly' => 60, 'currency' => 'GBP'], 'signature' => 'Mair', 'questions' => [['text' => 'Who writes the news?', 'hint' => '']]]);
        self::assertSame(200, $this->answered());
        self::assertSame($saved->strings('pages'), $this->call('GET', '/api/defaults')->strings('pages'));
        $project = $this->call('POST', '/api/projects', ['brief' => self::ROPES])->string('id');
        self::assertContains('Accessibility', $this->values($project));
        self::assertContains('solutions', $this->values($project));

        $this->signInAs('other');
        self::assertSame([], $this->call('GET', '/api/defaults')->strings('pages'), 'They belong to one account.');
    }

    public function testBrokenDefaultsAreRefusedAndTheOldOnesKept(): void
    {
        $this->signInAs('designer');
        $this->call('PUT', '/api/defaults', ['pages' => ['Accessibility']]);
        $this->call('PUT', '/api/defaults', ['pages' => [str_repeat('a', 200)]]);
        self::assertSame(400, $this->answered());
        self::assertSame(['Accessibility'], $this->call('GET', '/api/defaults')->strings('pages'));
    }

    public function testAProjectStartsWithTheBriefOfAnother(): void
    {
        $this->signInAs('designer');
        $first = $this->call('POST', '/api/projects', ['brief' => self::ROPES])->string('id');
        $second = $this->call('POST', '/api/projects', ['from' => $first, 'name' => 'Kelda, again'])->string('id');
        self::assertSame($this->values($first), $this->values($second));
        self::assertSame([], $this->call('GET', "/api/projects/$second")->children('pages'));
        $this->signInAs('other');
        $this->call('POST', '/api/projects', ['from' => $first, 'name' => 'Mine now']);
        self::assertSame(404, $this->answered());
    }

    public function testFactsOfAnotherProjectAreTakenOverOneByOne(): void
    {
        $this->signInAs('designer');
        $old = $this->call('POST', '/api/projects', ['brief' => self::ROPES])->string('id');
        $new = $this->call('POST', '/api/projects', ['brief' => 'Kelda Ropes here again. Phone 01632 960 123. We want a second site.'])->string('id');
        $others = $this->call('GET', "/api/projects/$new/elsewhere")->items();
        self::assertSame($old, $others[0]->string('id'));
        self::assertTrue($others[0]->bool('sameClient'));
        $ids = [];
        foreach ($this->call('GET', "/api/projects/$new/elsewhere/$old")->items() as $proposal) {
            $ids[$proposal->child('fact')->string('value')] = $proposal->string('id');
        }
        $revision = $this->call('GET', "/api/projects/$new")->int('revision');
        $changed = $this->call('POST', "/api/projects/$new/elsewhere/$old", ['revision' => $revision, 'accept' => [$ids['Splicing']]]);
        self::assertSame(200, $this->answered());
        self::assertContains('Splicing', $this->values($new));
        self::assertNotContains('Boat ropes', $this->values($new));
        self::assertStringContainsString('Take over facts', (string) $changed->optionalString('undo'));
        $this->call('POST', "/api/projects/$new/undo");
        self::assertNotContains('Splicing', $this->values($new));

        $this->signInAs('other');
        $theirs = $this->call('POST', '/api/projects', ['brief' => 'We sell honey.'])->string('id');
        $this->call('GET', "/api/projects/$theirs/elsewhere/$old");
        self::assertSame(404, $this->answered(), 'Facts of another designer are not there.');
    }
}
