<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Conversing;

use DunePocket\Brief\FactKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AnswersInsideTest extends TestCase
{
    private const ASKED = "\n\nAnn\n\nFrom: Jo Marsh <jo@marshdesign.example>\nSent: 11 May 2026 16:02\nTo: Ann Tern\nSubject: Website questions\n\nHi Ann,\n\nA few things before we start.\n\n1. How many pages do you think?\nSix, no more.\n\n2. Shall we do a blog and a photo gallery?\nGallery yes, blog no.\n\n3. A webcam of the seals?\n\nBest,\nJo\nNo shop needed?\n";

    #[TestWith(['My answers are in your mail below.'])]
    #[TestWith(['See my comments in capitals.'])]
    #[TestWith(['I have replied in between.'])]
    #[TestWith(['Please see below.'])]
    public function testWhatStandsUnderAQuestionIsTheClients(string $said): void
    {
        $brief = Bench::read("From: Ann Tern <ann@ternisland.example>\nSent: 12 May 2026 09:14\nTo: Jo Marsh\nSubject: RE: Website questions\n\nHi Jo\n\n$said".self::ASKED);
        self::assertSame(['1-6'], Bench::values($brief, FactKind::PageCount));
        self::assertSame(['gallery'], Bench::values($brief, FactKind::Feature));
        self::assertSame(['Blog'], Bench::values($brief, FactKind::PageRefusal));
    }

    public function testWithoutSuchAWordTheMessageIsTheDesigners(): void
    {
        $brief = Bench::read("From: Ann Tern <ann@ternisland.example>\nSent: 12 May 2026 09:14\nTo: Jo Marsh\nSubject: RE: Website questions\n\nHi Jo\n\nI will answer tomorrow.".self::ASKED);
        self::assertSame([], Bench::values($brief, FactKind::PageCount));
        self::assertSame([], Bench::values($brief, FactKind::PageRefusal));
    }
}
