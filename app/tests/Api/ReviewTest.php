<?php

declare(strict_types=1);

namespace DunePocket\App\Tests\Api;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Entity\ReviewRound;
use DunePocket\App\Link\LinkToken;

final class ReviewTest extends ApiTestCase
{
    public function testTheClientSeesExactlyThatRoundAndIsAnswered(): void
    {
        $this->signInAs('owner');
        $id = $this->project();
        $token = $this->link($id);
        $section = $this->call('GET', "/api/projects/$id")->children('pages')[0]->children('sections')[1]->string('id');
        $this->act($id, 1, ['type' => 'edit-section', 'section' => $section, 'field' => 'title', 'value' => 'Changed later']);

        $this->signOut();
        $round = $this->call('GET', "/api/review/$token");
        self::assertSame('Opening', $round->children('pages')[0]->children('sections')[1]->string('title'));
        self::assertFalse($round->has('brief'));
        $drawn = $this->call('GET', "/api/review/$token/pages/p1?width=phone")->items();
        self::assertSame(390, $drawn[1]->int('width'));
        $comment = $this->call('POST', "/api/review/$token/comments", ['section' => $section, 'author' => 'Noor', 'text' => 'More about safety, please.']);
        self::assertSame(201, $this->answered());

        $this->signInAs('owner');
        $threads = $this->call('GET', "/api/projects/$id/rounds")->children('threads');
        self::assertSame($section, $threads[0]->string('section'));
        self::assertSame(1, $this->call('GET', "/api/projects/$id")->child('figures')->int('openComments'));
        $this->call('POST', '/api/projects/'.$id.'/comments/'.$comment->int('id').'/answers', ['text' => 'It comes on About.']);
        $this->call('POST', '/api/projects/'.$id.'/comments/'.$comment->int('id').'/done', ['done' => true]);

        $this->signOut();
        $seen = $this->call('GET', "/api/review/$token/comments")->items()[0];
        self::assertSame('It comes on About.', $seen->children('answers')[0]->string('text'));
        self::assertTrue($seen->has('doneAt'));
    }

    public function testOnlyTheHashOfALinkIsKept(): void
    {
        $this->signInAs('owner');
        $token = $this->link($this->project());
        self::assertGreaterThanOrEqual(43, \strlen($token), '256 bits');
        $entities = self::service(EntityManagerInterface::class);
        self::assertNotNull($entities->getRepository(ReviewRound::class)->findOneBy(['link.tokenHash' => LinkToken::hash($token)]));
        self::assertNull($entities->getRepository(ReviewRound::class)->findOneBy(['link.tokenHash' => $token]));
    }

    public function testAWithdrawnARenewedAndAnEndedLinkOpenNothing(): void
    {
        $this->signInAs('owner');
        $id = $this->project();
        $first = $this->link($id);
        $second = substr($this->call('POST', "/api/projects/$id/rounds/1/link")->string('link'), 3);
        $this->call('GET', "/api/review/$first");
        self::assertSame(404, $this->answered());
        $this->call('GET', "/api/review/$second");
        self::assertSame(200, $this->answered());
        $old = LinkToken::random();
        foreach (['-29 days' => 200, '-31 days' => 404] as $made => $expected) {
            $entities = self::service(EntityManagerInterface::class);
            $round = $entities->getRepository(ReviewRound::class)->findOneBy(['number' => 1]);
            self::assertNotNull($round);
            $round->link()->renew($old, new \DateTimeImmutable($made));
            $entities->flush();
            $this->call('GET', "/api/review/$old->secret");
            self::assertSame($expected, $this->answered(), "a link made $made");
        }
        $third = substr($this->call('POST', "/api/projects/$id/rounds/1/link")->string('link'), 3);
        $this->call('POST', "/api/projects/$id/rounds/1/withdraw");
        $this->call('GET', "/api/review/$third");
        self::assertSame(404, $this->answered());
    }

    public function testGuessingLinksIsRateLimited(): void
    {
        for ($i = 0; $i < 30; ++$i) {
            $this->call('GET', '/api/review/'.str_pad((string) $i, 43, 'x'));
            self::assertSame(404, $this->answered());
        }
        $this->call('GET', '/api/review/'.str_repeat('y', 43));
        self::assertSame(429, $this->answered());
    }

    public function testAnUnplannedProjectHasNoRound(): void
    {
        $this->signInAs('owner');
        $id = $this->call('POST', '/api/projects', ['brief' => self::BRIEF])->string('id');
        $this->call('POST', "/api/projects/$id/rounds");
        self::assertSame(422, $this->answered());
    }

    public function testACommentNeedsASectionOfThatRound(): void
    {
        $this->signInAs('owner');
        $token = $this->link($this->project());
        foreach ([['section' => 'p99s1', 'author' => 'Noor', 'text' => 'x'], ['section' => 'p1s2', 'author' => ' ', 'text' => 'x'], ['section' => 'p1s2', 'author' => 'Noor', 'text' => ' ']] as $body) {
            $this->call('POST', "/api/review/$token/comments", $body);
            self::assertContains($this->answered(), [409, 422]);
        }
        self::assertSame([], $this->call('GET', "/api/review/$token/comments")->items());
    }
}
