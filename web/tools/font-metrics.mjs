// Reads advance widths and kerning of the shipped font, Commissioner (SIL Open Font License), into
// core/catalogue/font-metrics.php. Run after the font package changes: npm run font-metrics
import { openSync } from 'fontkit';
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const here = (path) => fileURLToPath(new URL(path, import.meta.url));
const WEIGHTS = [400, 600, 700];
const FEATURES = { kern: true, liga: false, clig: false, calt: false };

const isShown = (code) =>
  code >= 32 && !(code >= 0x300 && code < 0x370) && ![0x200b, 0xad, 0xfffd].includes(code);
const face = (subset, weight) =>
  openSync(
    here(`../node_modules/@fontsource/commissioner/files/commissioner-${subset}-${weight}-normal.woff`),
  );

/** How much nearer or farther two neighbours stand, for every pair of one file; a browser never kerns across files. */
function pairs(font) {
  const codes = font.characterSet.filter(isShown);
  const advance = new Map(codes.map((code) => [code, font.glyphForCodePoint(code).advanceWidth]));
  const kerned = [];
  for (const left of codes)
    for (const right of codes) {
      const run = font.layout(String.fromCodePoint(left, right), FEATURES);
      if (run.glyphs.length !== 2) continue;
      const by =
        run.positions[0].xAdvance + run.positions[1].xAdvance - advance.get(left) - advance.get(right);
      if (by !== 0) kerned.push([left, right, by]);
    }
  return kerned;
}

const lines = ['<?php', '', '// Made by web/tools/font-metrics.mjs.', ''];
const regular = face('latin', 400);
lines.push(
  `return ['unitsPerEm' => ${regular.unitsPerEm}, 'ascent' => ${regular.ascent}, 'descent' => ${-regular.descent}, 'weights' => [`,
);
for (const weight of WEIGHTS) {
  const widths = new Map();
  for (const subset of ['latin-ext', 'latin']) {
    const font = face(subset, weight);
    for (const code of font.characterSet.filter(isShown))
      widths.set(code, font.glyphForCodePoint(code).advanceWidth);
  }
  const sorted = [...widths].sort(([a], [b]) => a - b);
  lines.push(`    ${weight} => [${sorted.map(([code, width]) => `${code} => ${width}`).join(', ')}],`);
}
lines.push("], 'kerning' => [");
for (const weight of WEIGHTS) {
  const kerned = pairs(face('latin', weight));
  lines.push(
    `    ${weight} => [${kerned.map(([left, right, by]) => `${left * 65536 + right} => ${by}`).join(', ')}],`,
  );
  process.stdout.write(`${weight}: ${kerned.length} kerned pairs\n`);
}
lines.push(']];', '');
writeFileSync(here('../../core/catalogue/font-metrics.php'), lines.join('\n'));
