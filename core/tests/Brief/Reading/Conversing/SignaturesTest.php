<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Conversing;

use DunePocket\Brief\Reading\Conversing\Signatures;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Role;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SignaturesTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> a message, its signature, its small print */
    public static function messages(): iterable
    {
        yield 'a sign-off' => ["We mend boats.\n\nKind regards\nAda Marsh", 'Kind regards|Ada Marsh', ''];
        yield 'two dashes' => ["We mend boats.\n--\nAda Marsh\n01632 960 111", '--|Ada Marsh|01632 960 111', ''];
        yield 'a name and a number' => ["We mend boats.\n\nAda Marsh\nMarsh Boats, Unit 4\n01632 960 111", 'Ada Marsh|Marsh Boats, Unit 4|01632 960 111', ''];
        yield 'a name alone says not how to reach her' => ["We mend boats.\n\nAda Marsh", '', ''];
        yield 'a number in a sentence' => ["We mend boats.\n\nPlease ring us on 01632 960 111 after six.", '', ''];
        yield 'a labelled number' => ["We mend boats.\n\nTelephone: 01632 960 111", '', ''];
        yield 'no empty line before it' => ["We mend boats.\nAda Marsh\n01632 960 111", '', ''];
        yield 'nothing but how to reach them' => ["Ada Marsh\n01632 960 111", '', ''];
        yield 'small print' => ["We mend boats.\n\nThis email and any attachments are confidential.\nDo not read it.", '', 'This email and any attachments are confidential.|Do not read it.'];
        yield 'both' => ["We mend boats.\n\nThanks\nAda\n\nPlease consider the environment before printing.", 'Thanks|Ada', 'Please consider the environment before printing.'];
    }

    #[DataProvider('messages')]
    public function testWhatStandsBeneathAMessageIsNotWhatItSays(string $message, string $signature, string $smallPrint): void
    {
        $marked = (new Signatures(Bench::catalogue()->cues()))->marked(array_map(static fn (string $line): Line => new Line(0, $line), explode("\n", $message)));
        self::assertCount(substr_count($message, "\n") + 1, $marked);
        self::assertSame([$signature, $smallPrint], [self::by(Role::Signature, $marked), self::by(Role::Frame, $marked)]);
    }

    /** @param list<Line> $lines */
    private static function by(Role $role, array $lines): string
    {
        return implode('|', array_filter(array_map(static fn (Line $line): string => $line->role === $role ? $line->text : '', $lines)));
    }
}
