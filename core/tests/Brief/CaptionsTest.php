<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\InvalidBrief;
use DunePocket\Brief\Sources\Captions;
use PHPUnit\Framework\TestCase;

/** WebVTT: the examples of voice tags, cue identifiers, notes and settings follow the W3C recommendation. */
final class CaptionsTest extends TestCase
{
    public function testVoiceTags(): void
    {
        $captions = "WEBVTT\n\nNOTE a comment\n\n1\n00:11.000 --> 00:13.000 align:start\n<v Roger Bingham>We are in New York City\n\n00:13.000 --> 00:16.000\n<v.loud Roger Bingham>We’re actually at the <i>Lucern</i> Hotel\n\n01:00:16.000 --> 01:00:18.000\n<v Neil>just down the street";
        self::assertSame("0:11 Roger Bingham: We are in New York City We’re actually at the Lucern Hotel\n60:16 Neil: just down the street\n", Captions::toText($captions));
    }

    public function testSubRipWithNames(): void
    {
        self::assertSame("0:01 ANA: What is it called?\n0:04 TOM: Marsh Boats.\n", Captions::toText("1\n00:00:01,000 --> 00:00:03,500\nANA: What is it called?\n\n2\n00:00:04,000 --> 00:00:06,000\nTOM: Marsh Boats."));
    }

    public function testTwoSpeakersInOneCaption(): void
    {
        self::assertSame("0:01 Who comes?\n0:01 Families.\n", Captions::toText("WEBVTT\n\n00:01.000 --> 00:03.000\n- Who comes?\n- Families."));
    }

    public function testWhatStandsUnderATimeThatCannotBeReadIsKept(): void
    {
        $captions = "WEBVTT - the call\n\nSTYLE\n::cue { color: red }\n\n1\n00:00:99,9 --> soon\n<v Jo>What do you make?\n\n2\n00:09.000 --> 00:02.000\n<v Mia>Ropes.\n\n3\n<v Mia>No blog.\n\n01:00.000 --> 01:05.000\n<v Jo>Good.";
        self::assertSame("0:00 Jo: What do you make?\n0:09 Mia: Ropes. No blog.\n1:00 Jo: Good.\n", Captions::toText($captions));
    }

    public function testBrokenTimesAreSaid(): void
    {
        $this->expectException(InvalidBrief::class);
        $this->expectExceptionMessage('no caption with a time');
        Captions::toText("WEBVTT\n\nsoon --> later\nHello");
    }
}
