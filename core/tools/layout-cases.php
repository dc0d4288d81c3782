<?php

declare(strict_types=1);

// Writes, for the browser that is the reference, every layout with short, typical and long copy at all three widths: the page
// to show, and the boxes that the core computed for it. Usage: php core/tools/layout-cases.php FOLDER

require dirname(__DIR__, 2).'/vendor/autoload.php';

use DunePocket\Catalogue\CatalogueLoader;
use DunePocket\Plan\Section;
use DunePocket\Wireframe\Composer;
use DunePocket\Wireframe\FontMetrics;
use DunePocket\Wireframe\Html\BlockElementModifier;
use DunePocket\Wireframe\Html\NoLinks;
use DunePocket\Wireframe\Html\PageWriter;
use DunePocket\Wireframe\Html\Semantic;
use DunePocket\Wireframe\Html\Utility;
use DunePocket\Wireframe\LineBreaker;
use DunePocket\Wireframe\SampleCopy;
use DunePocket\Wireframe\SlotBox;
use DunePocket\Wireframe\Viewport;

$folder = $argv[1] ?? '';
if (!is_dir($folder)) {
    fwrite(\STDERR, "Usage: php core/tools/layout-cases.php FOLDER\n");
    exit(2);
}
$catalogue = (new CatalogueLoader())->load();
$samples = new SampleCopy($catalogue);
$composer = Composer::withShippedFont();
$pages = new PageWriter($catalogue);
$cases = [];
foreach (SampleCopy::LENGTHS as $length) {
    $sections = array_map(static fn ($layout): Section => $samples->section($layout, $length), $catalogue->layouts());
    file_put_contents("$folder/$length.html", $pages->page($sections, "All layouts, $length copy", 'en', new BlockElementModifier(), new NoLinks(), marked: true));
    foreach ([new Semantic(), new Utility()] as $naming) {
        file_put_contents("$folder/$length-{$naming->id()}.html", $pages->page($sections, "All layouts, $length copy", 'en', $naming, new NoLinks(), marked: true));
    }
    foreach (Viewport::cases() as $viewport) {
        $drawn = [];
        foreach ($sections as $section) {
            $drawing = $composer->compose($section, $catalogue->layout($section->layout), $viewport);
            $drawn[] = ['id' => $section->id, 'layout' => $section->layout, 'height' => $drawing->height, 'slots' => array_map(static fn (SlotBox $slot): array => $slot->toArray(), $drawing->slots)];
        }
        $cases[] = ['length' => $length, 'viewport' => $viewport->value, 'width' => $viewport->width(), 'fold' => $viewport->fold(), 'sections' => $drawn];
    }
}
$texts = [
    'The tide comes in twice a day, and goes out again before anybody has had time to look for a towel.',
    'A well-known, wood-fired, half-hour sauna-and-swim for over-fifties (and thirty-somethings) from the city',
    'Open 9–5 in winter—later in summer… until 21:30/22:00, and/or by appointment; 10-12 places, -5 °C at worst',
    'Write to hello.to.everyone@thornmouth-lido.example or see https://www.thornmouth-lido.example/lessons-for-beginners?term=spring',
    "Non\u{A0}breaking: 12\u{A0}km, £9.50\u{A0}each, “quoted words”, ‘single’, it’s o’clock, Größe, naïve, Łódź, Žižkov, œuvre, §7",
    'AVATAR Tomorrow, WAVE, Type, Yoga, LT 1, T. V., f(x), “A” & ‘V’, P.S. 11:11 To. We, Av. Ya; Ty Ve',
    "First line\nsecond line after a break\n\nand one after an empty line, with  two  spaces   inside",
    'Donaudampfschifffahrtselektrizitätenhauptbetriebswerkbauunterbeamtengesellschaft and averyveryverylongwordwithoutanyplacetobreak',
];
$breaker = new LineBreaker(FontMetrics::shipped());
$lines = [];
foreach ($texts as $text) {
    foreach ([[16, 400], [19, 600], [30, 700], [46, 700], [14, 400]] as [$size, $weight]) {
        foreach ([120, 187, 233, 301, 350, 419, 512, 680] as $width) {
            $lines[] = ['text' => $text, 'size' => $size, 'weight' => $weight, 'width' => $width, 'lines' => $breaker->break($text, $width, $size, $weight)];
        }
    }
}
file_put_contents("$folder/lines.json", json_encode($lines, \JSON_THROW_ON_ERROR));
file_put_contents("$folder/cases.json", json_encode($cases, \JSON_THROW_ON_ERROR));
printf("%d layouts, %d cases\n", count($catalogue->layouts()), count($catalogue->layouts()) * count($cases));
