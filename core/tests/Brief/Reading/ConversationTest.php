<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Reading\Conversation;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Role;
use DunePocket\Brief\SourceKind;
use DunePocket\Brief\Sources\SourceReader;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ConversationTest extends TestCase
{
    private const THREAD = <<<'TEXT'
        Make that eight pages.

        Ines
        Rope Walk Cycles
        01632 960 111

        On 3 Nov 2026, at 10:00, Ines Marl <ines@ropewalk.example> wrote:
        > Six pages please.
        > No shop.
        TEXT;

    /** @return list<Line> */
    private static function lines(string $text, SourceKind $kind = SourceKind::Text): array
    {
        return (new Conversation(Bench::catalogue()->cues()))->lines($text, $kind);
    }

    private static function line(string $start, string $text, SourceKind $kind = SourceKind::Text): Line
    {
        foreach (self::lines($text, $kind) as $line) {
            if (str_starts_with(trim($line->text), $start)) {
                return $line;
            }
        }

        self::fail("No line starts with $start.");
    }

    public function testQuotedLinesAreOlderThanWhatStandsAboveThem(): void
    {
        self::assertSame(0, self::line('Make that', self::THREAD)->age);
        self::assertSame(1, self::line('Six pages', self::THREAD)->age);
    }

    public function testASignatureIsNotWhatTheClientSays(): void
    {
        self::assertSame(Role::Signature, self::line('Rope Walk', self::THREAD)->role);
        self::assertSame(Role::Client, self::line('Make that', self::THREAD)->role);
    }

    public function testTheLineThatIntroducesAQuotedMessageBelongsToNobody(): void
    {
        self::assertSame(Role::Frame, self::line('On 3 Nov', self::THREAD)->role);
    }

    public function testTheOneWhoAsksMostInACallIsTheDesigner(): void
    {
        $call = "WEBVTT\n\n1\n00:00:01.000 --> 00:00:02.000\n<v Maren>How many pages?\n\n2\n00:00:03.000 --> 00:00:04.000\n<v Ines>Six.\n\n3\n00:00:05.000 --> 00:00:06.000\n<v Maren>And who is it for?\n\n4\n00:00:07.000 --> 00:00:08.000\n<v Ines>Commuters.\n";
        $text = (new SourceReader())->read($call, 'Call', 's1');
        self::assertSame(SourceKind::Call, $text->kind);
        $roles = [];
        foreach (self::lines($text->text, $text->kind) as $line) {
            foreach (['How many', 'Six', 'And who', 'Commuters'] as $words) {
                if (str_contains($line->text, $words)) {
                    $roles[$words] = $line->role;
                }
            }
        }
        self::assertSame(['How many' => Role::Other, 'Six' => Role::Client, 'And who' => Role::Other, 'Commuters' => Role::Client], $roles);
    }

    public function testLinesTellWhereTheyStartInBytes(): void
    {
        $text = "Café\nbar";
        self::assertSame([0, 6], array_map(static fn (Line $line): int => $line->start, self::lines($text)));
    }

    public function testWhoIsGreetedByNameIsNotTheClient(): void
    {
        $thread = "On Mon, 2 Feb 2026, Tess Webb <tess@web.example> wrote:\n> Thanks for the list. I would add a blog.\n\nMorning Tess,\n\nNo blog please.\n\nOn Thu, 29 Jan 2026, Ines Marl <ines@ropewalk.example> wrote:\n> We hire out bicycles.";
        self::assertSame([Role::Other, Role::Client, Role::Client], [self::line('Thanks for', $thread)->role, self::line('No blog', $thread)->role, self::line('We hire', $thread)->role]);
    }

    public function testACallWithOneVoiceIsTheClients(): void
    {
        $call = "We make sourdough.\nPages: bread, classes, find us.\nThat is all.";
        self::assertSame([Role::Client, Role::Client], [self::line('We make', $call, SourceKind::Call)->role, self::line('Pages', $call, SourceKind::Call)->role]);
    }

    /** @return iterable<string, array{string, Role}> */
    public static function repliesToASummary(): iterable
    {
        yield 'yes to all' => ['Yes to all of that, except the blog.', Role::Client];
        yield 'all right' => ["Hi Tess,\n\nthat all looks good.", Role::Client];
        yield 'understood' => ["You've got it exactly right!", Role::Client];
        yield 'only thanked' => ['Thanks, I will have a think.', Role::Other];
        yield 'right inside another sentence' => ["We need a price list that's right.", Role::Other];
        yield 'not all' => ['Not all of that is right.', Role::Other];
        yield 'yes to one thing' => ['Yes to the map.', Role::Other];
    }

    #[DataProvider('repliesToASummary')]
    public function testWhatTheDesignerSummedUpIsTheClientsOnceAllOfItIsAgreedTo(string $reply, Role $whose): void
    {
        $thread = "From: Ines Marl <ines@ropewalk.example>\nTo: Tess\n\n$reply\n\nInes\n\nOn Tue, 3 Feb 2026, Tess Webb <tess@web.example> wrote:\n> So I have prices and a map. Is that all?\n> And a blog.\n>\n> On Mon, 2 Feb 2026, Ines Marl <ines@ropewalk.example> wrote:\n>> We hire out bicycles.";
        self::assertSame([$whose, Role::Client], [self::line('And a blog', $thread)->role, self::line('We hire', $thread)->role]);
    }

    public function testTheDateOfAMessageMayLackItsYear(): void
    {
        $chat = "[10:02, 03/09] Lou: What do you do?\n[10:05, 03/09] Ed: We mend walls\n[10:06, 03/09] Ed: and build them\n[10:07, 03/09] Lou: Where?";
        self::assertSame([Role::Other, 'We mend walls', Role::Client], [self::line('What do', $chat)->role, self::line('We mend', $chat)->text, self::line('and build', $chat)->role]);
    }

    public function testTheRoleMayStandBehindTheSpeakersName(): void
    {
        $chat = "Sam (designer): What do you bake?\nNadia: sourdough\nSam (designer): And who buys?\nNadia: the village\nSam (designer): Anything else?\nNadia: no";
        self::assertSame([Role::Other, 'sourdough'], [self::line('And who', $chat)->role, self::line('sourdough', $chat)->text]);
    }

    public function testTheDateMayStandBehindTheTime(): void
    {
        $chat = "[10:02, 12/01/2026] Dee: the cafe is called Crumb\n[10:03, 12/01/2026] Sam: What do you serve?\n[10:05, 12/01/2026] Dee: brunch and cakes\n[10:06, 12/01/2026] Sam: Who comes?\n[10:07, 12/01/2026] Dee: students";
        self::assertSame([Role::Other, Role::Client], [self::line('What do you', $chat)->role, self::line('brunch', $chat)->role]);
    }
}
