<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Normal;

use DunePocket\Brief\Normal\OpeningHours;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OpeningHoursTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>, string}> as written, as schema.org writes it, as clean text */
    public static function hours(): iterable
    {
        // The documentation of the openingHours property of schema.org pairs this text with this value (from memory).
        yield 'schema.org: Tuesdays and Thursdays 4-8pm' => ['Tuesdays and Thursdays 4-8pm', ['Tu,Th 16:00-20:00'], 'Tuesday, Thursday 4 pm to 8 pm'];
        yield 'a working week' => ['Mon-Fri 9-5', ['Mo-Fr 09:00-17:00'], 'Monday to Friday 9 am to 5 pm'];
        yield 'in words' => ['open Friday to Sunday 10-4', ['Fr-Su 10:00-16:00'], 'Friday to Sunday 10 am to 4 pm'];
        yield 'half hours with a full stop' => ['weekdays 8.30am – 5.30pm', ['Mo-Fr 08:30-17:30'], 'Monday to Friday 8.30 am to 5.30 pm'];
        yield 'two stretches' => ['Mon to Fri 9am-5pm, Sat 10am-2pm', ['Mo-Fr 09:00-17:00', 'Sa 10:00-14:00'], 'Monday to Friday 9 am to 5 pm; Saturday 10 am to 2 pm'];
        yield 'twenty-four hours clock' => ['daily 10:00-18:00', ['Mo-Su 10:00-18:00'], 'Monday to Sunday 10 am to 6 pm'];
        yield 'times before days' => ['8am-6pm Mon-Fri', ['Mo-Fr 08:00-18:00'], 'Monday to Friday 8 am to 6 pm'];
        yield 'a morning that ends at noon' => ['Saturdays 9 to noon', ['Sa 09:00-12:00'], 'Saturday 9 am to noon'];
        yield 'over the weekend' => ['Sat & Sun 11am until 4pm', ['Sa,Su 11:00-16:00'], 'Saturday, Sunday 11 am to 4 pm'];
    }

    /** @param list<string> $schema */
    #[DataProvider('hours')]
    public function testHoursInAnyShape(string $written, array $schema, string $text): void
    {
        $hours = OpeningHours::read($written);
        self::assertNotNull($hours);
        self::assertSame($schema, $hours->toSchema());
        self::assertSame($text, $hours->toText());
        self::assertSame($schema, OpeningHours::read($text)?->toSchema(), 'Clean text reads back as what it was made of.');
    }

    public function testWhatIsNoTimeIsNone(): void
    {
        self::assertNull(OpeningHours::read('by appointment'));
        self::assertNull(OpeningHours::read('closed on Mondays'));
    }
}
