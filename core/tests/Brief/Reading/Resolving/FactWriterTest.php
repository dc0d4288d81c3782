<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Resolving;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Corrector;
use DunePocket\Brief\Reading\Resolving\FactWriter;
use DunePocket\Brief\Reading\Speller;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FactWriterTest extends TestCase
{
    private static function fact(string $text, FactKind $kind, string $words, string $value, Origin $origin = Origin::Stated): Fact
    {
        $source = new Source('s1', 'Brief', SourceKind::Text, $text);
        $readable = (new Corrector(new Speller(Bench::catalogue()->words(), Bench::catalogue()->properNames(), Bench::catalogue()->vocabulary())))->readable($source);

        return (new FactWriter($source, $readable))->fact(new Candidate($kind, $value, (int) strpos($readable->text, $words), \strlen($words), 0.876, $origin), 'f7');
    }

    public function testTheQuotePointsIntoWhatTheClientWroteInLettersNotBytes(): void
    {
        $text = 'Café Müß — we bake  bread daily.';
        $fact = self::fact($text, FactKind::Offering, ' bread', 'Bread');
        self::assertSame('bread', mb_substr($text, $fact->quote->start ?? 0, $fact->quote->length ?? 0));
        self::assertSame(['f7', 'Bread', 0.88], [$fact->id, $fact->value, $fact->certainty]);
    }

    public function testTheQuoteKeepsATypingErrorThatTheValueDoesNot(): void
    {
        $text = 'We offer proffesional advice and gates.';
        $fact = self::fact($text, FactKind::Offering, 'professional advice', 'Professional advice');
        self::assertSame('proffesional advice', mb_substr($text, $fact->quote->start ?? 0, $fact->quote->length ?? 0));
    }

    public function testWhatIsConcludedHasAHintAndNoQuote(): void
    {
        $fact = self::fact('We bake bread.', FactKind::Goal, 'bread', 'sales', Origin::Inferred);
        self::assertNull($fact->quote);
        self::assertSame(['hint' => 'bread'], $fact->detail);
    }

    #[TestWith([FactKind::Audience, 'FAMILIES IN OLD HOUSES', 'Families in old houses'])]
    #[TestWith([FactKind::BusinessName, 'SALT ROAD KITCHEN', 'Salt Road Kitchen'])]
    #[TestWith([FactKind::PageRequest, 'SERVICING', 'Servicing'])]
    #[TestWith([FactKind::Offering, 'MOT', 'MOT'])]
    #[TestWith([FactKind::Offering, 'MOT tests', 'MOT tests'])]
    public function testNobodyIsShoutedAt(FactKind $kind, string $value, string $written): void
    {
        self::assertSame($written, self::fact($value.', that is it.', $kind, $value, $value)->value);
    }
}
