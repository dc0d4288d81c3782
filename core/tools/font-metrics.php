<?php

declare(strict_types=1);

// Reads the advance widths of the shipped font (SIL Open Font License) into core/catalogue/font-metrics.php.
// Run after the font package changes: php core/tools/font-metrics.php

require dirname(__DIR__, 2).'/vendor/autoload.php';

use FontLib\Font;

$files = dirname(__DIR__, 2).'/web/node_modules/@fontsource/commissioner/files';
$metrics = ['unitsPerEm' => 0, 'weights' => []];

foreach ([400, 600, 700] as $weight) {
    $widths = [];
    foreach (['latin-ext', 'latin'] as $subset) {
        $font = Font::load("$files/commissioner-$subset-$weight-normal.woff");
        if (null === $font) {
            fwrite(\STDERR, "The font file for $subset at weight $weight cannot be read.\n");
            exit(1);
        }
        $font->parse();
        $metrics['unitsPerEm'] = $font->getData('head', 'unitsPerEm');
        $advances = $font->getData('hmtx');
        foreach ($font->getUnicodeCharMap() as $code => $glyph) {
            $advance = $advances[$glyph][0] ?? null;
            if ($code >= 32 && null !== $advance) {
                $widths[$code] = $advance;
            }
        }
    }
    ksort($widths);
    $metrics['weights'][$weight] = $widths;
}

$lines = ["<?php\n", "// Made by core/tools/font-metrics.php.\n", "return ['unitsPerEm' => {$metrics['unitsPerEm']}, 'weights' => ["];
foreach ($metrics['weights'] as $weight => $widths) {
    $lines[] = "    $weight => [".implode(', ', array_map(static fn (int $code, int $advance): string => "$code => $advance", array_keys($widths), $widths)).'],';
}
file_put_contents(dirname(__DIR__).'/catalogue/font-metrics.php', implode("\n", $lines)."\n]];\n");
printf("%d characters at %d weights\n", count($metrics['weights'][400]), count($metrics['weights']));
