<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\Brief;
use DunePocket\Brief\FactKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The same answers are read from a questionnaire, however it sets what asks and what answers. */
final class QuestionnairesTest extends TestCase
{
    /** In each, {n} is the number, {label} and {question} ask, {answer} answers; "\n" at the end leaves a line empty. */
    private const SHAPES = [
        '{label}: {answer}', '{label}:   {answer}', 'Q{n} {label}: {answer}', 'Q{n}. {label}: {answer}', "Q{n}: {label}\n{answer}\n",
        '{n}. {label}: {answer}', '{n}) {label} - {answer}', '({n}) {label}: {answer}', '{n} - {label}: {answer}', "{n}: {label}\n{answer}\n", '1.{n} {label}: {answer}',
        "{label}\n{answer}\n", "{LABEL}\n{answer}\n", "{label}:\n{answer}\n", "**{label}**\n{answer}\n", '**{label}:** {answer}', '*{label}* {answer}', '__{label}__: {answer}', "*{label}:*\n{answer}\n", "## {label}\n\n{answer}\n",
        "{label}\n------------\n{answer}\n", '- {label}: {answer}', '- **{label}**: {answer}', '▪ {label}: {answer}', '| {label} | {answer} |', "{label}\t{answer}", '{label}              {answer}',
        '{label} = {answer}', '{label} -> {answer}', '{label} – {answer}', '{label} ..... {answer}', '{label} | {answer}', '{label}. {answer}', '[{label}] {answer}', '{label}? {answer}',
        '{question} {answer}', "{question}\n{answer}\n", "{question}\n\n{answer}\n", "Q: {question}\nA: {answer}", "Q: {question}\nA: {answer}\n", "Q{n}: {question}\nA{n}: {answer}\n", "Question: {question}\nAnswer: {answer}\n",
        "{n}. {question}\n{answer}\n", '{n}) {question} {answer}', '{n}. {question} - {answer}', "### {n}. {question}\n{answer}\n", '**{question}** {answer}', "**{n}. {question}**\n\n{answer}\n", "{n}. **{question}**\n   {answer}\n",
        "{question}\n======\n{answer}\n", "> {question}\n{answer}\n", "> {n}. {question}\n{answer}\n", '- {question} {answer}', "• {question}\n   ◦ {answer}", '| {question} | {answer} |', "{question}\t{answer}", "#{n} {question}\n{answer}\n", "1.{n} {question}\n{answer}\n",
        "{question}\nYour answer: {answer}\n", "{question}\nResponse: {answer}\n", "{question}\nA: {answer}\n", "{question}\n→ {answer}\n", "Designer: {question}\nClient: {answer}\n", "Me: {question}\nPriya: {answer}\n",
    ];

    private const DENTIST = [
        ['Practice name', 'What is your practice called?', 'Quayside Smiles'],
        ['Services offered', 'What services do you offer?', 'check-ups, hygienist visits, implants, teeth whitening'],
        ['Typical patient', 'Who is your typical patient?', 'Families from the new estate, and nervous patients'],
        ['Aim of the website', 'What should the new website do for you?', 'Fill the gaps in the diary. We want patients to book without phoning.'],
        ['What sets you apart', 'What sets you apart from other practices?', 'We’re open until eight on weekdays'],
        ['Pages required', 'Which pages do you need?', 'Treatments, Fees, Meet the team, Nervous patients, Find us'],
        ['Other functions', 'What other functions do you need?', 'FAQ, map'],
        ['Anything to leave out', 'Is there anything we should leave out?', 'Live chat. Reception can’t keep up as it is.'],
        ['Tone of voice', 'What tone of voice would you like?', 'calm and reassuring'],
        ['Words to avoid', 'Any words to avoid?', 'pain, drill'],
        ['Deadline', 'When do you need it?', 'not sure'],
        ['Telephone', 'What phone number should we show?', '01632 960224'],
    ];

    private const JOINER = [
        ['Name of business', 'What’s the name of your business?', 'Larch & Dovetail'],
        ['What you do', 'What do you do?', 'Staircases, sash windows, shop fronts'],
        ['Customers', 'Who are your customers?', 'Owners of listed houses; small developers'],
        ['Main goal', 'What is the main thing the website should achieve?', 'More enquiries for staircases'],
        ['Why you', 'Why do people choose you?', 'Everything is drawn full size before a saw is picked up'],
        ['Pages', 'What pages would you like?', 'Home, Staircases, Windows, Contact'],
        ['Not wanted', 'What don’t you want?', 'A blog'],
        ['Style', 'How should it sound?', 'plain, no nonsense'],
        ['Email', 'What is your email address?', 'hello@larchanddovetail.example'],
    ];

    /** @return iterable<string, array{string}> */
    public static function shapes(): iterable
    {
        foreach (self::SHAPES as $shape) {
            yield json_encode($shape, \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR) => [$shape];
        }
    }

    #[DataProvider('shapes')]
    public function testReadsAFormOfAPractice(string $shape): void
    {
        $brief = self::filledIn($shape, self::DENTIST);

        self::assertSame(['Quayside Smiles'], Bench::values($brief, FactKind::BusinessName));
        self::assertSame('dentist', $brief->first(FactKind::BusinessKind)?->detail('kind'));
        self::assertSame(['Check-ups', 'Hygienist visits', 'Implants', 'Teeth whitening'], Bench::values($brief, FactKind::Offering));
        self::assertMatchesRegularExpression('/families.*nervous patients/i', implode(', ', Bench::values($brief, FactKind::Audience)));
        self::assertSame(['bookings'], Bench::values($brief, FactKind::Goal));
        self::assertSame(['We’re open until eight on weekdays'], Bench::values($brief, FactKind::Differentiator));
        self::assertSame(['Treatments', 'Fees', 'Meet the team', 'Nervous patients', 'Find us'], Bench::values($brief, FactKind::PageRequest));
        self::assertSame(['Live chat'], Bench::values($brief, FactKind::PageRefusal));
        self::assertSame([], array_diff(['faq', 'map'], Bench::values($brief, FactKind::Feature)));
        self::assertSame([], array_diff(['calm', 'warm'], Bench::values($brief, FactKind::Tone)));
        self::assertSame(['pain', 'drill'], Bench::values($brief, FactKind::AvoidWord));
        self::assertSame([], Bench::values($brief, FactKind::Deadline));
        self::assertSame(['01632 960224'], Bench::values($brief, FactKind::ContactPhone));
    }

    #[DataProvider('shapes')]
    public function testReadsAFormOfAWorkshop(string $shape): void
    {
        $brief = self::filledIn($shape, self::JOINER);

        self::assertSame(['Larch & Dovetail'], Bench::values($brief, FactKind::BusinessName));
        self::assertSame(['Staircases', 'Sash windows', 'Shop fronts'], Bench::values($brief, FactKind::Offering));
        self::assertSame(['Owners of listed houses', 'Small developers'], Bench::values($brief, FactKind::Audience));
        self::assertSame(['leads'], Bench::values($brief, FactKind::Goal));
        self::assertSame(['Everything is drawn full size before a saw is picked up'], Bench::values($brief, FactKind::Differentiator));
        self::assertSame(['Home', 'Staircases', 'Windows', 'Contact'], Bench::values($brief, FactKind::PageRequest));
        self::assertSame(['Blog'], Bench::values($brief, FactKind::PageRefusal));
        self::assertContains('plain', Bench::values($brief, FactKind::Tone));
        self::assertSame(['hello@larchanddovetail.example'], Bench::values($brief, FactKind::ContactEmail));
    }

    /** @param list<array{string, string, string}> $form */
    private static function filledIn(string $shape, array $form): Brief
    {
        $lines = array_map(
            static fn (int $i, array $asked): string => strtr($shape, ['{n}' => (string) ($i + 1), '{label}' => $asked[0], '{LABEL}' => mb_strtoupper($asked[0]), '{question}' => $asked[1], '{answer}' => $asked[2]]),
            array_keys($form),
            $form,
        );

        return Bench::read(implode("\n", $lines));
    }
}
