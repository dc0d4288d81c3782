<?php

declare(strict_types=1);

// Writes, for the browser that is the reference, every layout with short, typical and long copy at all three widths: the page
// to show, and the boxes that the core computed for it. Usage: php core/tools/layout-cases.php FOLDER

require dirname(__DIR__, 2).'/vendor/autoload.php';

use DunePocket\Catalogue\CatalogueLoader;
use DunePocket\Plan\Section;
use DunePocket\Wireframe\Composer;
use DunePocket\Wireframe\Html\BlockElementModifier;
use DunePocket\Wireframe\Html\NoLinks;
use DunePocket\Wireframe\Html\PageWriter;
use DunePocket\Wireframe\Html\Semantic;
use DunePocket\Wireframe\Html\Utility;
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
file_put_contents("$folder/cases.json", json_encode($cases, \JSON_THROW_ON_ERROR));
printf("%d layouts, %d cases\n", count($catalogue->layouts()), count($catalogue->layouts()) * count($cases));
