<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Role;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LineTest extends TestCase
{
    #[TestWith(['What do you make?', true])]
    #[TestWith(['Tell me about the barn.', true])]
    #[TestWith(['So Fable & Fig. Explain it to me.', true])]
    #[TestWith(['Right, the lido.', true])]
    #[TestWith(['Lovely. That is a good list.', false])]
    #[TestWith(['I will send you a plan on Friday.', false])]
    public function testTheDesignerAsksInMoreWaysThanWithAQuestionMark(string $text, bool $asks): void
    {
        self::assertSame($asks, (new Line(0, $text, role: Role::Other))->asks());
    }

    public function testTheClientAsksNothingThatIsToBeAnswered(): void
    {
        self::assertFalse((new Line(0, 'What would it cost?'))->asks());
    }
}
