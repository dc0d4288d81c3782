import { expect, test, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { violations } from './hands';

interface Slot {
  slot: string;
  item: number | null;
  x: number;
  y: number;
  width: number;
  height: number;
  lines: number;
  media: boolean;
}
interface Case {
  length: string;
  viewport: string;
  width: number;
  fold: number;
  sections: { id: string; layout: string; height: number; slots: Slot[] }[];
}

const TOLERANCE = 2;
const root = resolve(import.meta.dirname, '../..');
const folder = mkdtempSync(join(tmpdir(), 'layouts-'));
const fonts = [400, 600, 700]
  .flatMap((weight) => ['latin', 'latin-ext'].map((subset) => [weight, subset] as const))
  .map(([weight, subset]) => {
    const file = readFileSync(
      join(
        root,
        `web/node_modules/@fontsource/commissioner/files/commissioner-${subset}-${weight}-normal.woff2`,
      ),
    );
    const range =
      subset === 'latin' ? 'U+0000-0130, U+0152-0153, U+02BB-02DC, U+2000-22FF, U+20AC' : 'U+0100-02BA';
    return `@font-face{font-family:Commissioner;font-weight:${weight};unicode-range:${range};src:url(data:font/woff2;base64,${file.toString('base64')})}`;
  })
  .join('');

test.beforeAll(() => {
  execFileSync('php', [join(root, 'core/tools/layout-cases.php'), folder]);
});
test.afterAll(() => rmSync(folder, { recursive: true }));

/** What Chromium makes of a page: the box of every slot, from the corner of its section, and how many lines its text has. */
function rendered(page: Page) {
  return page.evaluate(() => {
    const linesOf = (element: Element) => {
      const range = document.createRange();
      range.selectNodeContents(element);
      const tops = [...range.getClientRects()]
        .filter((box) => box.width > 0.5)
        .map((box) => Math.round(box.top));
      return new Set(tops).size;
    };
    return Object.fromEntries(
      [...document.querySelectorAll('body > header, main > section, body > footer')].map((section) => {
        const corner = section.getBoundingClientRect();
        const slots = [...section.querySelectorAll('[data-slot]')].map((element) => {
          const box = element.getBoundingClientRect();
          return {
            key: `${element.getAttribute('data-slot') ?? ''}/${element.getAttribute('data-item') ?? ''}`,
            x: box.x - corner.x,
            y: box.y - corner.y,
            width: box.width,
            height: box.height,
            lines: linesOf(element),
          };
        });
        return [section.id, { height: corner.height, slots }];
      }),
    );
  });
}

/** Chromium, showing the exported HTML of every layout, is the reference for the computed boxes: 2 px a box, lines equal. */
const pages = [
  ['short', 'short.html'],
  ['typical', 'typical.html'],
  ['long', 'long.html'],
  ['typical', 'typical-semantic.html'],
  ['typical', 'typical-utility.html'],
] as const;
for (const [length, file] of pages) {
  for (const viewport of ['desktop', 'tablet', 'phone']) {
    test(`boxes are where a browser has them: ${file}, ${viewport}`, async ({ page }) => {
      const cases = JSON.parse(readFileSync(join(folder, 'cases.json'), 'utf8')) as Case[];
      const one = cases.find((each) => each.length === length && each.viewport === viewport);
      expect(one).toBeDefined();
      if (!one) return;
      await page.setViewportSize({ width: one.width, height: one.fold });
      await page.goto(`file://${join(folder, file)}`);
      await page.addStyleTag({ content: fonts });
      await page.evaluate(() => document.fonts.ready);
      const shown = await rendered(page);
      const wrong: { by: number; what: string }[] = [];
      let checked = 0;
      let worst = { by: 0, what: 'none' };
      for (const section of one.sections) {
        const drawn = shown[section.id];
        if (!drawn) {
          wrong.push({ by: 9999, what: `${section.layout} is not shown` });
          continue;
        }
        const off = Math.abs(drawn.height - section.height);
        if (off > TOLERANCE)
          wrong.push({
            by: off,
            what: `${section.layout}: ${section.height.toFixed(1)} computed, ${drawn.height.toFixed(1)} shown`,
          });
        for (const slot of section.slots) {
          const key = `${slot.slot}/${slot.item ?? ''}`;
          const box = drawn.slots.find((each) => each.key === key);
          const where = `${section.layout} ${key}`;
          if (!box) {
            wrong.push({ by: 9999, what: `${where} is not shown` });
            continue;
          }
          checked += 1;
          for (const side of ['x', 'y', 'width', 'height'] as const) {
            const by = Math.abs(box[side] - slot[side]);
            if (by > worst.by) worst = { by, what: `${where} ${side}` };
            if (by > TOLERANCE)
              wrong.push({
                by,
                what: `${where} ${side}: ${slot[side]} computed, ${box[side].toFixed(1)} shown`,
              });
          }
          if (!slot.media && box.lines !== slot.lines && !(slot.lines === 1 && box.lines === 0))
            wrong.push({ by: 100, what: `${where}: ${slot.lines} lines computed, ${box.lines} shown` });
        }
      }
      wrong.sort((a, b) => b.by - a.by);
      console.log(
        `${file}, ${viewport}: ${checked} boxes, the worst ${worst.by.toFixed(2)} px off (${worst.what})`,
      );
      expect(wrong.slice(0, 40).map((each) => each.what)).toEqual([]);
      expect(checked).toBeGreaterThan(400);
    });
  }
}

interface Broken {
  text: string;
  size: number;
  weight: number;
  width: number;
  lines: [string, number][];
}

/** Chromium is the reference for where lines break and how wide they are: the same words, 1 px a line. */
test('lines break where a browser breaks them', async ({ page }) => {
  const broken = JSON.parse(readFileSync(join(folder, 'lines.json'), 'utf8')) as Broken[];
  await page.setContent('<p id="line"></p>');
  await page.addStyleTag({
    content: `${fonts} #line{margin:0;font-family:Commissioner;font-kerning:normal;font-variant-ligatures:none;white-space:pre-line;overflow-wrap:break-word}`,
  });
  for (const weight of [400, 600, 700])
    await page.evaluate((one) => document.fonts.load(`${one} 16px Commissioner`, 'Añ Łž'), weight);
  const shown = await page.evaluate((cases) => {
    const element = document.getElementById('line');
    if (!element) return [];
    return cases.map(({ text, size, weight, width }) => {
      element.style.cssText = `width:${width}px;font-size:${size}px;line-height:${size * 2}px;font-weight:${weight}`;
      element.textContent = text;
      const node = element.firstChild;
      if (!node) return [];
      const lines: { text: string; width: number; top: number }[] = [];
      const range = document.createRange();
      let at = 0;
      for (const { segment: character } of new Intl.Segmenter().segment(text)) {
        range.setStart(node, at);
        range.setEnd(node, at + character.length);
        at += character.length;
        const box = [...range.getClientRects()].filter((one) => one.width > 0).at(-1);
        if (!box) continue;
        const line = lines.at(-1);
        if (line && Math.abs(line.top - box.top) < 2) {
          line.text += character;
          line.width = box.right - element.getBoundingClientRect().left;
        } else {
          lines.push({
            text: character,
            width: box.right - element.getBoundingClientRect().left,
            top: box.top,
          });
        }
      }
      return lines;
    });
  }, broken);
  const wrong: string[] = [];
  let worst = 0;
  broken.forEach((one, at) => {
    const computed = one.lines.filter(([text]) => text !== '');
    const said = shown[at] ?? [];
    const plain = (text: string) => text.replace(/[ \n\t]+/g, ' ').trim();
    if (said.map((line) => plain(line.text)).join('|') !== computed.map(([text]) => plain(text)).join('|'))
      wrong.push(
        `${one.size}/${one.weight} at ${one.width}: ${computed.map(([text]) => text).join('|')} <> ${said.map((line) => line.text).join('|')}`,
      );
    else
      computed.forEach(([, width], line) => {
        const trailing = said[line]?.text.endsWith(' ') ? 1 : 0;
        const by = Math.abs(width - (said[line]?.width ?? 0));
        if (!trailing) worst = Math.max(worst, by);
        if (!trailing && by > 1)
          wrong.push(`${one.size}/${one.weight}: ${said[line]?.text ?? ''} is ${by} px off`);
      });
  });
  console.log(`${broken.length} texts broken, the widest line off by ${worst.toFixed(2)} px`);
  expect(wrong).toEqual([]);
});

/** The Nu HTML checker of the W3C: no error, in any naming convention. */
test('the HTML of every layout is valid', () => {
  const checker = createRequire(import.meta.url).resolve('vnu-jar/build/dist/vnu.jar');
  const files = pages.map(([, file]) => join(folder, file));
  let report = '';
  try {
    execFileSync('java', ['-jar', checker, '--errors-only', '--format', 'json', ...files], { stdio: 'pipe' });
  } catch (error) {
    report = String((error as { stderr: Buffer }).stderr);
  }
  const messages = report
    ? (JSON.parse(report) as { messages: { message: string; extract: string }[] }).messages
    : [];
  expect(messages.map((each) => `${each.message} (${each.extract})`)).toEqual([]);
});

/** Rules of axe that look at a page as a whole; here every layout stands on one page. They hold for planned pages. */
const OF_WHOLE_PAGES = [
  'heading-order',
  'landmark-banner-is-top-level',
  'landmark-contentinfo-is-top-level',
  'landmark-no-duplicate-banner',
  'landmark-no-duplicate-contentinfo',
  'landmark-unique',
  'page-has-heading-one',
];
for (const width of [1280, 390]) {
  test(`every layout is accessible at ${width} pixels`, async ({ page }) => {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(`file://${join(folder, 'typical.html')}`);
    await page.addStyleTag({ content: fonts });
    expect(await violations(page, { except: OF_WHOLE_PAGES })).toEqual([]);
  });
}
