<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\ReadableText;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser\LikelyNameRecogniser;
use DunePocket\Brief\Reading\SentenceSplitter;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Readings;
use DunePocket\Tests\Support\Sentences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LikelyNameRecogniserTest extends TestCase
{
    private static function recogniser(): LikelyNameRecogniser
    {
        $catalogue = Bench::catalogue();

        return new LikelyNameRecogniser($catalogue->cues(), $catalogue->words(), $catalogue->businessKinds());
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function texts(): iterable
    {
        yield 'a name with a word of the trade' => ['Hollin Barn Weddings has been open since May.', ['Hollin Barn Weddings']];
        yield 'a name said again and again' => ['Ashen Row wants a site. Ashen Row sells hedges. Everyone knows Ashen Row.', ['Ashen Row']];
        yield 'a town' => ['We come from Pell Cross and work in Moss Side.', []];
        yield 'a person' => ['My wife Ada Marsh and I mend boats.', []];
        yield 'the pages of a menu' => ['Home, Portfolio, FAQ and Contact.', []];
        yield 'a day' => ['Monday and Tuesday are best.', []];
        yield 'nothing in capitals' => ['we mend boats', []];
    }

    /** @param list<string> $names */
    #[DataProvider('texts')]
    public function testANameIsGuessedByItsCapitalsAndWhereItStands(string $text, array $names): void
    {
        self::assertSame($names, Sentences::values(self::recogniser()->recognise(Readings::of($text))));
    }

    public function testItIsAGuess(): void
    {
        foreach (self::recogniser()->recognise(Readings::of('Hollin Barn Weddings has been open since May.')) as $name) {
            self::assertLessThanOrEqual(0.5, $name->certainty);
        }
    }

    public function testTheDesignersQuestionMayNameTheBusiness(): void
    {
        $said = new Block(BlockKind::Paragraph, 30, 'Well, it is a restored barn on our farm.');
        $asked = new Block(BlockKind::Paragraph, 0, 'So, tell me about Hollin Barn.');
        $splitter = new SentenceSplitter(Bench::catalogue()->cues()->takingBack);
        $reading = new Reading(ReadableText::unchanged($asked->text.$said->text), [$said], $splitter->split([$said]), $splitter->split([$asked]));
        self::assertSame(['Hollin Barn'], Sentences::values(self::recogniser()->recognise($reading)));
    }
}
