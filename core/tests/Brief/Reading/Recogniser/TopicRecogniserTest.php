<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Recogniser\TopicRecogniser;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Readings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TopicRecogniserTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<string>}> topic, answer, "kind: value" of what it tells */
    public static function answers(): iterable
    {
        yield 'a name' => ['business_name', 'Ashen Row, hedges and gates', ['business_name: Ashen Row']];
        yield 'no name in a sentence' => ['business_name', 'Our club is called many things', []];
        yield 'a place' => ['location', 'Pell', ['location: Pell']];
        yield 'an address' => ['location', '4 Row Lane, Pell', ['contact_address: 4 Row Lane, Pell']];
        yield 'words to avoid' => ['avoid_word', '"craft", artisan and curated', ['avoid_word: craft', 'avoid_word: artisan', 'avoid_word: curated']];
        yield 'phrases to be found for' => ['keyphrase', 'hedge layer pell, gates', ['keyphrase: hedge layer pell', 'keyphrase: gates']];
        yield 'a number of pages' => ['page_count', 'four to six', ['page_count: 4-6']];
        yield 'a number among pages' => ['page_request', 'Five at most: home, gates', ['page_count: 5']];
        yield 'a budget' => ['budget', 'around £2,500 all in', ['budget: around £2,500 all in']];
        yield 'a year' => ['founded', 'It must have been 1987', ['founded: 1987']];
        yield 'who comes' => ['audience', 'mostly farmers', ['audience: Farmers']];
        yield 'what is said of who comes' => ['audience', 'Homeowners. You know, they get a square of mud.', ['audience: Homeowners']];
        yield 'what follows who comes' => ['audience', 'And a lot of parents, they find me by chance. Hotels now and then. Half of them are from here. Ada said anglers.', ['audience: Parents', 'audience: Hotels']];
        yield 'for whom we work' => ['audience', 'We work mostly for farmers, of whom there are ten.', ['audience: Farmers']];
        yield 'and another thing' => ['differentiator', 'We answer at night. And every van has a kettle.', ['differentiator: We answer at night', 'differentiator: And every van has a kettle']];
        yield 'what sets them apart' => ['differentiator', 'We answer at night. Free estimates.', ['differentiator: We answer at night', 'differentiator: Free estimates']];
        yield 'a remark on it' => ['differentiator', 'We answer at night. The others do not care honestly.', ['differentiator: We answer at night']];
        yield 'who rings' => ['person', 'It\'s Ada Brim, the secretary of it all. Go on.', ['person: Ada Brim']];
        yield 'who fills it in, and what they are' => ['person', 'Dr. Ada M. Brim (owner)', ['person: Dr. Ada M. Brim']];
        yield 'who was at a meeting' => ['person', 'A. Brim (chair), T. Pell (boats)', []];
        yield 'a first name alone' => ['person', 'Ada', []];
        yield 'whom it is not for' => ['audience', 'Farmers. Private people not so much. 10 to 60 acres typically. That\'s the big group.', ['audience: Farmers']];
        yield 'nothing' => ['differentiator', 'nothing really', []];
        yield 'no charge is something' => ['differentiator', 'No call-out charge', ['differentiator: No call-out charge']];
        yield 'blank' => ['audience', 'n/a', []];
        yield 'a budget and a deadline' => ['budget', 'About £4,500, before the end of March', ['budget: About £4,500', 'deadline: Before the end of March']];
        yield 'a budget paid later' => ['budget', '£2,500, split over two months', ['budget: £2,500']];
        yield 'a deadline and a budget' => ['deadline', 'By June. £2k', ['budget: £2k', 'deadline: By June']];
        yield 'a deadline in any words' => ['deadline', 'When you can', ['deadline: When you can']];
        yield 'competitors' => ['competitor', 'Brim Roofing, Pell & Sons. The Tin Roof in Harl', ['competitor: Brim Roofing', 'competitor: Pell & Sons', 'competitor: The Tin Roof in Harl']];
        yield 'no competitors by name' => ['competitor', 'the big chains, mostly', []];
        yield 'websites they like' => ['admired_site', "www.brim.example, good photos\npell.example", ['admired_site: www.brim.example', 'admired_site: pell.example']];
        yield 'no fact of ours' => ['reviews', 'Brim Roofing', []];
    }

    /** @param list<string> $told */
    #[DataProvider('answers')]
    public function testAnAnswerIsUnderstoodByItsTopic(string $topic, string $answer, array $told): void
    {
        $read = [...(new TopicRecogniser(Bench::catalogue()->cues()))->recognise(Readings::of($answer, $topic, BlockKind::Answer))];
        self::assertSame($told, array_map(static fn (Candidate $candidate): string => $candidate->kind->value.': '.$candidate->value, $read));
    }

    public function testThereIsOneNameAndItIsTheFirst(): void
    {
        $blocks = Readings::of('Ashen Row', 'business_name', BlockKind::Answer)->blocks;
        $later = Readings::of('Marsh Boats', 'business_name', BlockKind::Answer)->blocks;
        $read = [...(new TopicRecogniser(Bench::catalogue()->cues()))->recognise(Readings::ofBlocks($blocks[0], $later[0]))];
        self::assertSame([FactKind::BusinessName], array_map(static fn (Candidate $candidate): FactKind => $candidate->kind, $read));
        self::assertSame('Ashen Row', $read[0]->value);
    }

    public function testAQuestionAnsweredWithNoTellsNothing(): void
    {
        $read = static fn (string $topic, bool $agreed): array => [...(new TopicRecogniser(Bench::catalogue()->cues()))->recognise(Readings::of('Do you have testimonials', $topic, BlockKind::Paragraph, $agreed))];
        self::assertSame([], $read('proof', false));
        self::assertSame([], $read('proof', true), 'a yes alone proves nothing');
        self::assertNotSame([], [...(new TopicRecogniser(Bench::catalogue()->cues()))->recognise(Readings::of('Four to six', 'page_count', BlockKind::Paragraph, true))]);
    }

    public function testAHeadingAnswersNothing(): void
    {
        self::assertSame([], [...(new TopicRecogniser(Bench::catalogue()->cues()))->recognise(Readings::of('Farmers', 'audience', BlockKind::Heading))]);
    }
}
