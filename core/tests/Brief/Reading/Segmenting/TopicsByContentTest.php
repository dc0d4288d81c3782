<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\TopicsByContent;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TopicsByContentTest extends TestCase
{
    #[TestWith(['features', 'shift planning, time clock', 'offering'])]
    #[TestWith(['features', 'online booking, newsletter', 'feature'])]
    #[TestWith(['menu', 'soups, pies, puddings', 'offering'])]
    #[TestWith(['menu', 'home, about, contact', 'page_request'])]
    #[TestWith(['needs', 'Home, Prices and Contact', 'page_request'])]
    #[TestWith(['needs', 'a quote form', 'feature'])]
    #[TestWith(['why', 'to get more bookings', 'goal'])]
    #[TestWith(['why', 'because we need people to ring less', 'goal'])]
    #[TestWith(['why', 'we bring our own water', 'differentiator'])]
    public function testTheContentSettlesWhatALabelAsksFor(string $label, string $content, string $topic): void
    {
        self::assertSame([$topic], self::settled([[$label, $content]]));
    }

    public function testTheItemsOfOneListAreSettledTogether(): void
    {
        self::assertSame(['page_request', 'page_request', 'page_request', 'tone'], self::settled([['menu', 'Home'], ['menu', 'Puddings'], ['menu', 'Where to park'], ['tone', 'calm']]));
    }

    /**
     * @param list<array{string, string}> $blocks topic and text of each
     *
     * @return list<?string> their topics
     */
    private static function settled(array $blocks): array
    {
        $blocks = array_map(static fn (array $block): Block => new Block(BlockKind::Item, 0, $block[1], $block[0]), $blocks);

        return array_map(static fn (Block $block): ?string => $block->topic, (new TopicsByContent(Bench::catalogue()->cues()))->settle($blocks));
    }
}
