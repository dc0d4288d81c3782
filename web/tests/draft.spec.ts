import { expect, type Page, test } from '@playwright/test';
import { accessible, newProject, plan, saved, signInAsDemo, violations } from './hands';

const BRIEF = `We are Heron Mill, a bakery with a shop in Oxmoor. We bake sourdough, rye bread and cardamom buns.
Our customers are commuters and families. Our bread rests for two days. We want people to visit the shop.
Pages: Home, Breads, About us, Find us, Contact. Phone 01632 960 512, hello@heronmill.example`;

async function draft(page: Page): Promise<void> {
  await signInAsDemo(page);
  await newProject(page, BRIEF);
  await plan(page);
  await page.getByRole('link', { name: /^Draft/ }).click();
  await expect(page.locator('.drawn-section').first()).toBeVisible();
}

const choose = (page: Page, at: number) => page.locator('.draft-map button').nth(at).click();
const layout = (page: Page) => page.locator('.layouts [aria-checked=true]').getAttribute('aria-label');
const heading = (page: Page) => page.locator('.drawn-section button.slot[aria-label^="heading:"]').first();

test('typing in place is drawn at once, Tab goes on, Escape gives up', async ({ page }) => {
  await draft(page);
  await choose(page, 1);
  const opening = page.locator('.drawn-section').nth(1);
  const before = (await opening.boundingBox())?.height ?? 0;
  await heading(page).click();
  const long = 'Bread that rests for two days before it meets the fire, '.repeat(6);
  await page.getByLabel('Edit heading').fill(long);
  await expect.poll(async () => (await opening.boundingBox())?.height ?? 0).toBeGreaterThan(before + 40);
  await page.getByLabel('Edit heading').press('Escape');
  await expect.poll(async () => (await opening.boundingBox())?.height ?? 0).toBe(before);

  await heading(page).click();
  await page.getByLabel('Edit heading').fill('Two days of rest, one of fire');
  await page.getByLabel('Edit heading').press('Tab');
  await expect(page.getByLabel('Edit text')).toBeFocused();
  await page.getByLabel('Edit text').press('Shift+Tab');
  await expect(page.getByLabel('Edit heading')).toHaveValue('Two days of rest, one of fire');
  await page.getByLabel('Edit heading').press('Escape');
  await saved(page);
  await page.reload();
  await expect(page.locator('.drawn-section text', { hasText: 'Two days of rest' }).first()).toBeVisible();
});

test('a text too long is kept in the field and said to be too long; markup stays plain words', async ({
  page,
}) => {
  await draft(page);
  await heading(page).click();
  await page.getByLabel('Edit heading').fill('word '.repeat(10_000));
  await expect(page.getByRole('alert')).toContainText('45000 characters more than the 5000');
  await page.getByLabel('Edit heading').press('Control+Enter');
  await expect(page.getByLabel('Edit heading')).toHaveValue(/^word word/);
  await page.getByLabel('Edit heading').fill('<b>Rye</b> & wheat');
  await page.getByLabel('Edit heading').press('Control+Enter');
  await saved(page);
  await expect(page.locator('.drawn-section text', { hasText: '<b>Rye</b>' }).first()).toBeVisible();
  await expect(page.locator('.drawn-section b')).toHaveCount(0);
});

test('another layout never comes twice before all were seen, and copy without a place comes back', async ({
  page,
}) => {
  await draft(page);
  await choose(page, 1);
  await expect(page.getByRole('radiogroup', { name: 'Layout' })).toBeVisible();
  const all = await page.getByRole('radiogroup', { name: 'Layout' }).getByRole('radio').count();
  expect(all).toBe(12);
  const seen = new Set([await layout(page)]);
  for (let n = 1; n < all; n++) {
    const now = await layout(page);
    await page.getByRole('button', { name: 'Another layout', exact: true }).click();
    await expect.poll(() => layout(page)).not.toBe(now);
    seen.add(await layout(page));
  }
  expect(seen.size).toBe(all);

  await page.getByRole('radio', { name: 'Words, picture beside' }).click();
  await expect(
    page.locator('.drawn-section').nth(1).locator('button.slot[aria-label^="picture:"]'),
  ).toBeVisible();
  await page.getByRole('radio', { name: 'Centred, no picture' }).click();
  await expect(
    page.locator('.drawn-section').nth(1).locator('button.slot[aria-label^="picture:"]'),
  ).toHaveCount(0);
  await page.getByRole('radio', { name: 'Words, picture beside' }).click();
  await expect(
    page.locator('.drawn-section').nth(1).locator('button.slot[aria-label^="picture:"]'),
  ).toBeVisible();
});

test('sides, media, slots and items are settled in the details', async ({ page }) => {
  await draft(page);
  await choose(page, 1);
  await page.getByRole('radio', { name: 'Words, picture beside' }).click();
  const opening = page.locator('.drawn-section').nth(1);
  const x = async () => (await opening.locator('button.slot[aria-label^="heading:"]').boundingBox())?.x ?? 0;
  await expect.poll(() => layout(page)).toBe('Words, picture beside');
  await saved(page);
  const left = await x();
  await page.getByRole('button', { name: 'Flip side' }).click();
  await expect.poll(x).not.toBe(left);
  await page.getByRole('checkbox', { name: 'second button' }).click();
  await expect(opening.locator('button.slot[aria-label^="button 2:"]')).toHaveCount(0);
  await page.getByRole('checkbox', { name: 'small label' }).click();
  await expect(opening.locator('button.slot[aria-label^="label:"]')).toBeVisible();

  await choose(page, 2);
  const items = page.locator('.item-list li');
  await expect(items.first()).toBeVisible();
  const count = await items.count();
  expect(count).toBeGreaterThan(1);
  const first = await items.first().innerText();
  await page.getByRole('button', { name: 'Move item 1 down' }).click();
  await expect(items.nth(1)).toContainText(first.split('\n')[0] ?? '');
  await page.getByRole('button', { name: 'Add an item' }).click();
  await expect(items).toHaveCount(count + 1);
  await page.getByRole('button', { name: `Remove item ${count + 1}` }).click();
  await expect(items).toHaveCount(count);
});

test('one layout everywhere, and one undo takes it back', async ({ page }) => {
  await draft(page);
  await page.getByRole('button', { name: 'Next page' }).click();
  await choose(page, 1);
  await page.getByRole('button', { name: /^Use on \d+ more/ }).click();
  const dialog = page.getByRole('dialog', { name: /^The same for every/ });
  const changes = dialog.getByRole('button', { name: /^Change \d+ section/ });
  await dialog.getByText('Both', { exact: true }).click();
  await expect(changes).toBeEnabled();
  const used = await page.locator('.details .mono.quiet').innerText();
  await changes.click();
  await saved(page);
  const name = used.split(' ')[0] ?? '';
  await page.getByRole('button', { name: 'Previous page' }).click();
  await choose(page, 1);
  await expect(page.locator('.details .mono.quiet')).toContainText(name);
  await page.getByRole('button', { name: /^Undo: Lay out every/ }).click();
  await saved(page);
  await expect(page.getByRole('button', { name: /^Undo: Lay out every/ })).toHaveCount(0);
});

test('all three widths stand side by side, and zoom holds', async ({ page }) => {
  await draft(page);
  await page.getByText('All three', { exact: true }).click();
  for (const width of [1280, 768, 390])
    await expect(page.locator(`.drawn-section svg[viewBox^="0 0 ${width} "]`).first()).toBeVisible();
  const widths = await page
    .locator('.sheet-of-page')
    .evaluateAll((sheets) => sheets.map((sheet) => sheet.clientWidth));
  expect((widths[0] ?? 0) / (widths[2] ?? 1)).toBeCloseTo(1280 / 390, 1);
  await page.getByText('Phone', { exact: true }).click();
  await page.getByLabel('Zoom').click();
  await page.getByTitle('100 %', { exact: true }).click();
  await expect.poll(() => page.locator('.sheet-of-page').evaluate((sheet) => sheet.clientWidth)).toBe(390);
});

test('the preview has working menus and links, and is accessible as a page', async ({ page }) => {
  await draft(page);
  await choose(page, 1);
  await page.getByRole('button', { name: 'Preview' }).click();
  const frame = page.frameLocator('iframe');
  await expect(frame.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(frame.getByRole('heading', { level: 1 })).toHaveCount(1);
  await frame.getByRole('link', { name: 'About us' }).first().click();
  await expect(frame.getByRole('heading', { level: 1 })).toContainText(/Heron Mill|About/);
  await page.getByRole('dialog').getByText('Phone', { exact: true }).click();
  const menu = frame.getByRole('button', { name: 'Menu' });
  await menu.click();
  await expect(frame.getByRole('link', { name: 'Contact' }).first()).toBeVisible();
  const address = await page.locator('iframe').getAttribute('src');
  await page.goto(address ?? '');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  expect(await violations(page, {})).toEqual([]);
  await page.goto(`${address ?? ''}?section=p1s2`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByRole('contentinfo')).toHaveCount(0);
});

test('the Draft by keyboard alone', async ({ page }) => {
  await draft(page);
  await page.locator('.draft-canvas').click({ position: { x: 5, y: 5 } });
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('.drawn-section.chosen')).toHaveCount(1);
  const chosen = await page.locator('.drawn-section.chosen').getAttribute('aria-label');
  await expect.poll(() => layout(page)).toBeTruthy();
  const before = await layout(page);
  await page.keyboard.press('l');
  await expect.poll(() => layout(page)).not.toBe(before);
  await page.keyboard.press('Enter');
  await expect(page.locator('.slot-editor')).toBeFocused();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Alt+ArrowDown');
  await expect(page.locator('.drawn-section').nth(2)).toHaveAttribute('aria-label', chosen ?? '');
  await page.keyboard.press('w');
  await expect(page.locator('.drawn-section svg[viewBox^="0 0 768 "]').first()).toBeVisible();
  await page.keyboard.press(']');
  await expect(page.getByText('page 2 of')).toBeVisible();
  await expect(page.locator('.sheet-of-page.turning')).toHaveCount(0);
  await accessible(page);
});

test('a layout is changed, kept as one’s own, and used on another section', async ({ page }) => {
  await draft(page);
  await choose(page, 1);
  await page.getByRole('radio', { name: 'Words, picture beside' }).click();
  await saved(page);
  const opening = page.locator('.drawn-section').nth(1);
  const top = async (slot: string) =>
    (await opening.locator(`button.slot[aria-label^="${slot}:"]`).boundingBox())?.y ?? 0;
  await expect.poll(async () => (await top('text')) > (await top('heading'))).toBe(true);
  await page.getByRole('button', { name: 'Move text up' }).click();
  await expect.poll(async () => (await top('text')) < (await top('heading'))).toBe(true);
  await page.getByRole('button', { name: 'Keep as my own' }).click();
  const name = `Text first ${Date.now()}`;
  await page.getByLabel('Name of the layout').fill(name);
  await page.getByRole('dialog').getByRole('button', { name: 'Keep', exact: true }).click();

  await page.getByRole('button', { name: 'Next page' }).click();
  await choose(page, 1);
  await page.getByRole('button', { name: `Your own: ${name}` }).click();
  await expect.poll(async () => (await top('text')) < (await top('heading'))).toBe(true);
  await page.goto('/defaults');
  await expect(page.getByText(name)).toBeVisible();
});
