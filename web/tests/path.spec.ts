import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { accessible, BRIEF, newProject, plan, register, saved, sections, signInAsDemo, strip } from './hands';

test('a designer goes from a pasted brief to a client’s comment and a download', async ({
  page,
  browser,
}) => {
  await register(page);

  // Brief: read, marked, corrected, answered.
  await newProject(page);
  await expect(page.getByRole('button', { name: 'Tern Row Boat Hire' }).last()).toBeVisible();
  await expect(page.locator('.source')).toHaveText(BRIEF);
  const refused = page.locator('mark.refused', { hasText: 'No blog' });
  await expect(refused).toBeVisible();
  await refused.hover();
  await expect(page.locator('.fact.pointed')).toContainText('Blog');
  await page.locator('.fact', { hasText: 'Rowing boat hire' }).hover();
  await expect(page.locator('mark.pointed')).toHaveText('rowing boats');
  const score = Number(await page.locator('.score-total').innerText());
  const question = page.locator('.open li', { hasText: 'Why do people choose' });
  await question.getByRole('button', { name: 'Answer' }).click();
  await question.getByRole('textbox').fill('The only boats on the east shore');
  await question.getByRole('textbox').press('Enter');
  await expect(page.locator('.score-total')).toHaveText(String(score + 8));
  await page
    .locator('.fact', { hasText: 'Kayak hire' })
    .getByRole('button', { name: 'Kayak hire', exact: true })
    .click();
  await page.getByLabel('Correct Offering').fill('Sea kayak hire');
  await page.getByLabel('Correct Offering').press('Enter');
  await expect(page.locator('.fact', { hasText: 'Sea kayak hire' })).toBeVisible();
  await page.locator('.fact', { hasText: 'Paddle board hire' }).hover();
  await page.getByRole('button', { name: 'Strike out Offering: Paddle board hire' }).click();
  await expect(page.locator('.fact.struck')).toContainText('Paddle board hire');
  await accessible(page);

  // Plan.
  await plan(page);
  for (const title of ['Home', 'Prices', 'Evening trips', 'Contact', 'Privacy'])
    await expect(strip(page, title)).toBeVisible();
  await expect(strip(page, 'Blog')).toHaveCount(0);
  await expect(strip(page, 'Home').locator('.cell svg').first()).toBeVisible();
  await strip(page, 'Home').locator('.cell:not(.slim) > button').first().click();
  await expect(page.getByRole('complementary', { name: 'Details' })).toContainText('Why it is here');
  await expect(page.getByRole('complementary', { name: 'Details' })).toContainText('Tern Row Boat Hire');

  // Rename, duplicate, delete, undo, also after a reload.
  await page.keyboard.press('F2');
  await page.getByLabel('Name of the section').fill('First sight');
  await page.getByLabel('Name of the section').press('Enter');
  await expect(strip(page, 'Home').locator('.cell-title', { hasText: 'First sight' })).toBeVisible();
  const before = await sections(page, 'Home');
  await page.keyboard.press('Control+d');
  await expect(strip(page, 'Home').locator('.cell-title', { hasText: 'First sight' })).toHaveCount(2);
  await page.keyboard.press('Delete');
  await expect(strip(page, 'Home').locator('.cell-title', { hasText: 'First sight' })).toHaveCount(1);
  await page.keyboard.press('Control+z');
  await expect(strip(page, 'Home').locator('.cell-title', { hasText: 'First sight' })).toHaveCount(2);
  await page.reload();
  await page.getByRole('button', { name: /Undo: Duplicate First sight/ }).click();
  await expect.poll(() => sections(page, 'Home')).toEqual(before);
  await page.getByRole('button', { name: 'Redo', exact: true }).click();
  await expect(strip(page, 'Home').locator('.cell-title', { hasText: 'First sight' })).toHaveCount(2);
  await page.keyboard.press('Control+z');
  await expect.poll(() => sections(page, 'Home')).toEqual(before);

  // Move by keyboard along the strip, and by the mouse to another page.
  await strip(page, 'Home').locator('.cell', { hasText: 'First sight' }).locator('button').first().click();
  await page.keyboard.press('Alt+ArrowRight');
  await expect
    .poll(async () => (await sections(page, 'Home')).indexOf('First sight'))
    .toBe(before.indexOf('First sight') + 1);
  const dragged = strip(page, 'Home').locator('.cell', { hasText: 'First sight' }).locator('button').first();
  const onto = strip(page, 'Prices').locator('.cell:not(.slim)').first();
  const from = await dragged.boundingBox();
  const to = await onto.boundingBox();
  if (!from || !to) throw new Error('Nothing to drag.');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + 30, from.y + 40, { steps: 4 });
  await page.mouse.move(to.x + to.width * 0.8, to.y + 30, { steps: 12 });
  await expect(page.locator('.land-before, .land-after')).toHaveCount(1);
  await page.mouse.up();
  await expect(strip(page, 'Prices').locator('.cell-title', { hasText: 'First sight' })).toBeVisible();
  await expect(strip(page, 'Home').locator('.cell-title', { hasText: 'First sight' })).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(strip(page, 'Home').locator('.cell-title', { hasText: 'First sight' })).toBeVisible();

  // A section from the catalogue, a page.
  await strip(page, 'Prices').getByRole('button', { name: 'Add a section to Prices' }).click();
  await page.getByLabel('Find a section').fill('pictures');
  await page.locator('.catalogue button', { hasText: 'Shows what words cannot' }).click();
  await expect(strip(page, 'Prices').locator('.cell-title', { hasText: 'Pictures' })).toBeVisible();
  await page.getByRole('button', { name: 'Add page' }).click();
  await page.getByLabel('Title').fill('Our team');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(strip(page, 'Our team').locator('.cell-title', { hasText: 'The people' })).toBeVisible();
  await saved(page);

  // Draft: type a text, choose a layout, look at the phone.
  await page.getByRole('link', { name: /^Draft/ }).click();
  const heading = page.locator('.drawn-section button.slot[aria-label^="heading:"]').first();
  await heading.click();
  await page.getByLabel('Edit heading').fill('Row out before supper');
  await page.getByLabel('Edit heading').press('Control+Enter');
  await expect(page.locator('.drawn-section text', { hasText: 'Row out before' }).first()).toBeVisible();
  await page.locator('.draft-map button').nth(2).click();
  const layouts = page.getByRole('radiogroup', { name: 'Layout' }).getByRole('radio');
  await expect(layouts.first()).toBeVisible();
  const other = layouts.and(page.locator('[aria-checked=false]')).first();
  const chosen = await other.getAttribute('aria-label');
  await other.click();
  await expect(page.getByRole('radio', { name: chosen ?? '' })).toHaveAttribute('aria-checked', 'true');
  await page.getByText('Phone', { exact: true }).click();
  await expect(page.locator('.drawn-section svg[viewBox^="0 0 390 "]').first()).toBeVisible();
  await page.reload();
  await expect(page.locator('.drawn-section text', { hasText: 'Row out before' }).first()).toBeVisible();
  await accessible(page);

  // Review: a round, its link, the client's comment, the answer.
  await page.getByRole('link', { name: /^Review/ }).click();
  await page.getByRole('button', { name: 'Make round 1' }).click();
  const link = await page.getByLabel('Link for the client').inputValue();
  const phone = await browser.newContext({ viewport: { width: 390, height: 800 } });
  const client = await phone.newPage();
  await client.goto(link);
  await expect(client.getByRole('heading', { name: 'The plan of your website' })).toBeVisible();
  expect(await client.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await accessible(client);
  await client.getByRole('button', { name: /^Prices/ }).click();
  const part = client.getByRole('region', { name: 'Pictures' });
  await part.getByRole('button', { name: 'Comment on this part' }).click();
  await part.getByLabel('What you would like to say').fill('Please show the blue boats.');
  await part.getByLabel('Your name').fill('Orrin');
  await part.getByRole('button', { name: 'Send' }).click();
  await expect(part.getByText('Please show the blue boats.')).toBeVisible();
  expect(await client.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await accessible(client);

  await page.reload();
  const thread = page.getByRole('article', { name: 'Comment of Orrin' });
  await expect(thread).toContainText('Pictures, Prices');
  await thread.getByLabel('Your answer').fill('They are on the list.');
  await thread.getByRole('button', { name: 'Answer' }).click();
  await expect(thread).toContainText('They are on the list.');
  await thread.getByRole('button', { name: 'Mark as done' }).click();
  await expect(page.getByText('No open comments')).toBeVisible();
  await accessible(page);
  await client.reload();
  await expect(client.getByText('They are on the list.')).toBeVisible();
  await expect(client.getByText('Done', { exact: true })).toBeVisible();

  // What changes after the round is not in it.
  await page.getByRole('link', { name: /^Plan/ }).click();
  await strip(page, 'Prices').locator('.cell', { hasText: 'Pictures' }).locator('button').first().click();
  await page.keyboard.press('Delete');
  await expect(strip(page, 'Prices').locator('.cell-title', { hasText: 'Pictures' })).toHaveCount(0);
  await client.reload();
  await expect(client.getByRole('region', { name: 'Pictures' })).toBeVisible();

  // Hand-off, and back in.
  await page.getByRole('link', { name: /^Hand-off/ }).click();
  const files: Record<string, string> = {};
  for (const name of ['Project file', 'Copy as Markdown', 'XML sitemap']) {
    const download = page.waitForEvent('download');
    await page
      .getByRole('listitem')
      .filter({ hasText: name })
      .getByRole('link', { name: /Download/ })
      .click();
    const file = await download;
    files[name] = await readFile(await file.path(), 'utf8');
    if (name === 'Project file') await file.saveAs('test-results/tern-row.dune.json');
  }
  expect(files['Copy as Markdown']).toContain('Row out before supper');
  expect(files['Copy as Markdown']).toContain('## Still to supply');
  expect(files['XML sitemap']).toContain('<loc>https://www.example.com/prices</loc>');
  expect(files['Project file']).not.toContain('adventure holiday');
  const preview = page.getByLabel('Preview');
  await expect(preview).toContainText('Row out before supper');
  await page.getByRole('button', { name: /^Wireframes to print/ }).click();
  await expect(preview.locator('svg').getByText('Row out before supper').first()).toBeVisible();
  await accessible(page);
  await page.goto('/');
  await page.locator('input[type=file]').setInputFiles('test-results/tern-row.dune.json');
  await expect(page).toHaveURL(/\/plan$/);
  await expect(strip(page, 'Our team')).toBeVisible();
});

test('a text file is dropped, a binary one is refused with a reason', async ({ page }) => {
  await register(page);
  await page.getByRole('button', { name: 'New project' }).click();
  const input = page.locator('.ant-modal input[type=file]');
  await input.setInputFiles({
    name: 'brief.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 0, 0]),
  });
  await page.getByRole('button', { name: 'Read the brief' }).click();
  await expect(page.getByRole('alert')).toContainText('This is not a text file');
  await page.locator('.ant-upload-list-item-action').first().click();
  await input.setInputFiles({
    name: 'brief.md',
    mimeType: 'text/markdown',
    buffer: Buffer.from('# Wren Pottery\nWe run throwing courses and sell bowls.'),
  });
  await page.getByRole('button', { name: 'Read the brief' }).click();
  await expect(page.getByRole('heading', { name: 'Wren Pottery' })).toBeVisible();
});

test('two tabs on the same thing: the second is told, nothing is overwritten', async ({ page, context }) => {
  await register(page);
  await newProject(page);
  await plan(page);
  await saved(page);
  const second = await context.newPage();
  await second.goto(page.url());
  await expect(second.locator('.strip').first()).toBeVisible();
  const rename = async (tab: typeof page, name: string) => {
    await strip(tab, 'Home').locator('.cell:not(.slim) > button').first().click();
    await tab.keyboard.press('F2');
    await tab.getByLabel('Name of the section').fill(name);
    await tab.getByLabel('Name of the section').press('Enter');
  };
  await rename(page, 'From the first tab');
  await saved(page);
  await rename(second, 'From the second tab');
  await expect(second.locator('.ant-message')).toContainText('was done meanwhile');
  await expect(strip(second, 'Home').locator('.cell-title', { hasText: 'From the first tab' })).toBeVisible();
});

test('a lost network keeps what was typed and saves it later', async ({ page, context }) => {
  await register(page);
  await newProject(page);
  await plan(page);
  await saved(page);
  await context.setOffline(true);
  await strip(page, 'Home').locator('.cell:not(.slim) > button').first().click();
  await page.keyboard.press('F2');
  await page.getByLabel('Name of the section').fill('Typed on the train');
  await page.getByLabel('Name of the section').press('Enter');
  await expect(page.getByText('Not saved, kept here.')).toBeVisible();
  await context.setOffline(false);
  await expect(strip(page, 'Home').locator('.cell-title', { hasText: 'Typed on the train' })).toBeVisible();
  await saved(page);
});

test('the demo clients are there, and the keys and the palette work', async ({ page }) => {
  await signInAsDemo(page);
  for (const name of ['Thornmouth Lido', 'Quillan Lift Servicing', 'Bog & Bell'])
    await expect(page.getByRole('link', { name })).toBeVisible();
  await accessible(page);
  await page.getByRole('link', { name: 'Thornmouth Lido' }).click();
  await expect(strip(page, 'Sauna')).toBeVisible();
  await accessible(page);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeHidden();
  await page.keyboard.press('Control+k');
  await page.getByLabel('Find a page, section, fact or action').fill('slots and');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('complementary', { name: 'Details' })).toContainText('Slots and prices');
});

test('a wrong link says so', async ({ page }) => {
  await page.goto('/r/not-a-link-at-all-0123456789-0123456789');
  await expect(page.getByRole('heading', { name: 'This link does not open anything' })).toBeVisible();
});
