<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Refusals of things nobody listed: common practice. */
final class PlainNoRecogniserTest extends TestCase
{
    private const PAGES = "Pages: Home, Routes, Contact.\n\n";

    /** @return list<string> */
    private static function refused(string $text): array
    {
        return array_map(static fn ($fact): string => $fact->value, Bench::read("We mend clocks in Hull.\n\n".$text)->of(FactKind::PageRefusal));
    }

    #[TestWith(['No leader board.', 'Leader board'])]
    #[TestWith(['No wetsuit shop, there are enough of those.', 'Wetsuit shop'])]
    #[TestWith(['Gift wrap no.', 'Gift wrap'])]
    #[TestWith(['Kit lists: never.', 'Kit lists'])]
    public function testAPlainNoRefusesOnceThePagesWereSpokenOf(string $sentence, string $thing): void
    {
        self::assertSame([$thing], self::refused(self::PAGES.$sentence));
    }

    #[TestWith(['No waiting room.'])]
    #[TestWith(['No plastic parts.'])]
    public function testBeforeThatItIsAClaimOfTheirs(string $sentence): void
    {
        self::assertSame([], self::refused($sentence."\n\n".self::PAGES));
    }

    #[TestWith(['No nonsense.'])]
    #[TestWith(['No appointment needed.'])]
    #[TestWith(['No more than six, please.'])]
    #[TestWith(['No call-out charge.'])]
    #[TestWith(['Oh no.'])]
    public function testTermsAndRemarksAreNoThings(string $sentence): void
    {
        self::assertSame([], self::refused(self::PAGES.$sentence));
    }
}
