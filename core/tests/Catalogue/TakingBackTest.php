<?php

declare(strict_types=1);

namespace DunePocket\Tests\Catalogue;

use DunePocket\Catalogue\TakingBack;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** No to a wish just spoken of, in the ways clients say it: common practice. */
final class TakingBackTest extends TestCase
{
    #[TestWith(["Please don't."])]
    #[TestWith(['But let’s leave it out, thanks.'])]
    #[TestWith(['We had one for years and hated it, so no.'])]
    #[TestWith(['The other trustees were not persuaded.'])]
    #[TestWith(['Too much work.'])]
    #[TestWith(['It flopped.'])]
    #[TestWith(['Well, I said no.'])]
    public function testTheNextSentenceSaysNo(string $next): void
    {
        self::assertTrue(self::takingBack()->saysNo($next));
    }

    #[TestWith(['Please do.'])]
    #[TestWith(['Nobody else in town has one.'])]
    #[TestWith(['No other nursery has one, and people love it.'])]
    #[TestWith(['The trustees were delighted.'])]
    #[TestWith(['We would like it by May.'])]
    public function testTheNextSentenceSaysNothingOfTheKind(string $next): void
    {
        self::assertFalse(self::takingBack()->saysNo($next));
    }

    #[TestWith(['We thought about a forum, but decided against.', true])]
    #[TestWith(['My son suggested a chat window, and was voted down.', true])]
    #[TestWith(['A shop, so let’s skip that, I think.', true])]
    #[TestWith(['A newsletter would be a waste of time.', true])]
    #[TestWith(['We decided on a forum.', false])]
    #[TestWith(['People never write to us and that is a shame.', false])]
    public function testAWishMayBeTakenBackInItsOwnSentence(string $sentence, bool $isTakenBack): void
    {
        self::assertSame($isTakenBack, self::takingBack()->isTakenBack($sentence));
    }

    private static function takingBack(): TakingBack
    {
        return Bench::catalogue()->cues()->takingBack;
    }
}
