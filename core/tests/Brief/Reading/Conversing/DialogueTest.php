<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Conversing;

use DunePocket\Brief\Reading\Conversing\Dialogue;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Role;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DialogueTest extends TestCase
{
    /** @return list<Line> */
    private static function lines(string $text): array
    {
        $start = 0;

        return array_map(static function (string $line) use (&$start): Line {
            $made = new Line($start, $line);
            $start += \strlen($line) + 1;

            return $made;
        }, explode("\n", $text));
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<string> what the client says
     */
    private static function clients(array $lines): array
    {
        return array_values(array_filter(array_map(static fn (Line $line): string => $line->isClients() ? $line->text : '', $lines)));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function texts(): iterable
    {
        yield 'two who take turns' => ["Lou: What do you do?\nEd: Walls\nLou: Where?\nEd: Pell\nLou: Since when?\nEd: 1990", true];
        yield 'times before every line' => ["10:01 we build walls\n10:02 in Pell\n10:05 since 1990", true];
        yield 'a chat with dates' => ["[4/5/26, 10:02] Ed: Walls\n[4/5/26, 10:03] Ed: Pell\n[4/5/26, 10:04] Lou: Fine", true];
        yield 'labels are no speakers' => ["Name: Walls\nTown: Pell\nTone: dry\nName: x\nTown: y\nTone: z", false];
        yield 'too few turns' => ["Lou: What do you do?\nEd: Walls", false];
        yield 'captions that mark another voice' => [">> What do you do?\n>> Walls.\n>> Where?\n>> Pell.\n>> Since when?\n>> 1990.", true];
        yield 'mail quoted twice' => ["> Ed wrote:\n>> What do you do?\n>> Walls.\n>> Where?\n>> Pell.\n>> Since when?\n>> 1990.", false];
        yield 'voice tags' => ["<v Lou>What do you do?\n<v Ed>Walls.\n<v Lou>Where?\n<v Ed>Pell.\n<v Lou>Since when?\n<v Ed>1990.", true];
        yield 'mostly running text' => ["Lou: What?\nEd: Walls\nand\nso\non\nand\nso\non\nLou: Hm?\nEd: Yes\nLou: Oh?\nEd: Yes\nand\nso\non", false];
    }

    #[DataProvider('texts')]
    public function testADialogueSaysWhoSpokeOrWhen(string $text, bool $is): void
    {
        self::assertSame($is, (new Dialogue(Bench::catalogue()->cues()))->isOne(self::lines($text)));
    }

    public function testWhoAsksMostIsTheDesigner(): void
    {
        $lines = (new Dialogue(Bench::catalogue()->cues()))->ofNotes(self::lines("Lou: What do you do?\nEd: Walls\nLou: Where?\nEd: Pell, you know it?"));
        self::assertSame(['Walls', 'Pell, you know it?'], self::clients($lines));
    }

    public function testANameMaySayWhoTheDesignerIs(): void
    {
        $lines = (new Dialogue(Bench::catalogue()->cues()))->ofNotes(self::lines("Sam (designer): Tell me more.\nDee: Is it warm?\nSam (designer): Go on.\nDee: Is it dear?"));
        self::assertSame(['Is it warm?', 'Is it dear?'], self::clients($lines));
    }

    public function testWhereOneAloneSpeaksQuestionsAreTheDesigners(): void
    {
        $lines = (new Dialogue(Bench::catalogue()->cues()))->ofCall(self::lines("What do you do?\nWe build walls."));
        self::assertSame(['We build walls.'], self::clients($lines));
    }

    public function testTheWordsKeepTheirPlaces(): void
    {
        $text = "10:01 Ed: Walls\n10:02 Lou: Where?\n10:03 Ed: Pell\n10:04 Lou: When?";
        foreach ((new Dialogue(Bench::catalogue()->cues()))->ofNotes(self::lines($text)) as $line) {
            self::assertSame($line->text, substr($text, $line->start, \strlen($line->text)));
            self::assertContains($line->role, [Role::Client, Role::Other]);
        }
    }

    public function testALabelInACallIsSpokenByWhoSpeaks(): void
    {
        $lines = (new Dialogue(Bench::catalogue()->cues()))->ofCall(self::lines("Client: We build walls.\nTone: dry"));
        self::assertContains('Tone: dry', self::clients($lines));
    }

    public function testWhoSpeaksMayStandAboveEachTurn(): void
    {
        $text = "priya  9:02 AM\nwe run clubs\ndesigner_jo  9:03 AM\nwho for?\npriya  9:05 AM\nparents\ndesigner_jo  9:06 AM\ntone?\npriya  9:07 AM\nfun\npriya  9:08 AM\nno forum";
        $dialogue = new Dialogue(Bench::catalogue()->cues());
        self::assertTrue($dialogue->isHeaded(self::lines($text)));
        $said = array_filter($dialogue->ofHeaded(self::lines($text)), static fn (Line $line): bool => $line->isClients() && !$line->isBlank());
        self::assertSame(['we run clubs', 'parents', 'fun', 'no forum'], array_values(array_map(static fn (Line $line): string => $line->text, $said)));
    }

    public function testTheTimeMayStandBeforeTheNameAboveATurn(): void
    {
        $text = "00:00:04 Freya Lund\nWhat is it called?\n\n00:00:09 Tobi Ade\nSaltmarsh Sound.\n\n00:00:12 Freya Lund\nWho buys?\n\n00:00:15 Tobi Ade\nCharities.\n\n00:00:20 Freya Lund\nPages?\n\n00:00:24 Tobi Ade\nHome and contact.";
        $dialogue = new Dialogue(Bench::catalogue()->cues());
        self::assertTrue($dialogue->isHeaded(self::lines($text)));
        $clients = array_filter($dialogue->ofHeaded(self::lines($text)), static fn (Line $line): bool => $line->isClients() && !$line->isBlank());
        self::assertSame(['Saltmarsh Sound.', 'Charities.', 'Home and contact.'], array_values(array_map(static fn (Line $line): string => $line->text, $clients)));
    }

    public function testTimesOfTheDayAreNoSpeakers(): void
    {
        self::assertFalse((new Dialogue(Bench::catalogue()->cues()))->isHeaded(self::lines("Yoga 9:00\nPilates 9:30\nYoga 10:00\nBarre 11:00\nPilates 12:00\nYoga 18:00\nBarre 19:00")));
        self::assertFalse((new Dialogue(Bench::catalogue()->cues()))->isHeaded(self::lines("Monday 9:00\nTuesday 9:30\nWednesday 10:00\nThursday 9:00\nFriday 9:00\nSaturday 10:00")));
    }

    public function testWhatIsSuggestedIsTheDesignersWhereItIsAnswered(): void
    {
        $said = static fn (string $text): array => array_values(array_map(static fn (Line $line): string => $line->text, array_filter((new Dialogue(Bench::catalogue()->cues()))->ofCall(self::lines($text)), static fn (Line $line): bool => $line->isClients() && !$line->isBlank())));
        self::assertSame(['Parents.', 'Absolutely not.'], $said("0:10 Who comes?\n0:13 Parents.\n0:20 Some nurseries have a webcam.\n0:25 Absolutely not."));
        self::assertSame(['Parents.', 'Some parents use us for years.', 'We keep the places open.'], $said("0:10 Who comes?\n0:13 Parents.\n0:20 Some parents use us for years.\n0:25 We keep the places open."));
    }

    public function testWhoAsksToBeToldIsTheDesigner(): void
    {
        $lines = (new Dialogue(Bench::catalogue()->cues()))->ofCall(self::lines("0:10 So tell me what you offer families.\n0:13 Full day care.\n0:20 Who comes?\n0:25 Parents."));
        self::assertSame(['Full day care.', 'Parents.'], array_values(array_map(static fn (Line $line): string => $line->text, array_filter($lines, static fn (Line $line): bool => $line->isClients() && !$line->isBlank()))));
    }

    public function testVoiceTagsSayWhoSpeaks(): void
    {
        $lines = (new Dialogue(Bench::catalogue()->cues()))->ofNotes(self::lines("<v Lou>What do you do?\n<v.loud Ed>Walls\n<v Lou>Where?\n<v.loud Ed>Pell"));
        self::assertSame(['Walls', 'Pell'], self::clients($lines));
    }

    public function testAnotherVoiceIsTheOther(): void
    {
        $lines = (new Dialogue(Bench::catalogue()->cues()))->ofCall(self::lines("0:01 >> What do you do?\n0:04 >> Walls,\nand gates.\n0:09 >> Where?\n0:12 >> Pell"));
        self::assertSame(['Walls,', 'and gates.', 'Pell'], self::clients($lines));
    }
}
