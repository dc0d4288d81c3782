<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Parser;
use DunePocket\Brief\Reading\Recogniser\PeopleListedRecogniser;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Sentences that name people and say no more tell for whom it is. */
final class PeopleListedTest extends TestCase
{
    /** @param list<string> $people */
    #[TestWith(["Families, couples (we've had four proposals), and the smallholders I mentioned.", ['Families, couples, and the smallholders I mentioned']])]
    #[TestWith(['Beginners, over sixties.', ['Beginners, over sixties']])]
    #[TestWith(['So mostly parents, and teachers from the new estate.', ['parents, and teachers from the new estate']])]
    #[TestWith(['Homeowners mainly. Groundsmen. A few schools.', ['Homeowners mainly', 'Groundsmen', 'schools']])]
    #[TestWith(['Homeowners.', []], 'one alone may be anything')]
    #[TestWith(['Families and cakes.', []], 'not all are people')]
    #[TestWith(['Families find us and neighbours like us.', []], 'they do something')]
    #[TestWith(['Parents, teachers: who else?', []], 'a question')]
    public function testNamesAloneAreTheAudience(string $text, array $people): void
    {
        $reading = (new Parser(Bench::catalogue()))->parse(new Source('s1', 'Brief', SourceKind::Text, "Hello Sam,\n\n".$text));
        $read = iterator_to_array((new PeopleListedRecogniser(Bench::catalogue()->cues(), Bench::catalogue()->people()))->recognise($reading), false);

        self::assertSame($people, array_map(static fn (Candidate $candidate): string => $candidate->value, $read));
        self::assertSame([], array_filter($read, static fn (Candidate $candidate): bool => FactKind::Audience !== $candidate->kind));
    }
}
