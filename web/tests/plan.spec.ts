import { expect, test } from '@playwright/test';
import { accessible, newProject, plan, saved, sections, signInAsDemo, strip } from './hands';

const BRIEF = `We are Kelda Ropes, a rope maker in Harl. We offer boat ropes, climbing ropes and splicing repairs.
What makes us different is that every rope is spun by hand.
Pages: Home, About, Services, News, Contact. No gallery please.
We want people to ask us for a quote. E-mail hello@kelda.example`;

test('findings are mended by one action or waved through with a remark', async ({ page }) => {
  await signInAsDemo(page);
  await newProject(page, BRIEF);
  await plan(page);
  const mark = strip(page, 'About').locator('.mark');
  await mark.click();
  await expect(mark).toHaveText('footer');
  await mark.click();
  await expect(mark).toHaveText('no menu');
  await saved(page);
  await page.getByRole('button', { name: /\d+ findings?$/ }).click();
  const finding = page.locator('.findings li', { hasText: 'Nothing leads to “About”' });
  await expect(finding).toContainText('A page that no menu');
  await accessible(page);
  await finding.getByRole('button', { name: 'Wave through' }).click();
  await finding.getByLabel('Why it may stay').fill('Reached from the newsletter only');
  await page.keyboard.press('Enter');
  await expect(finding).toContainText('Waved through: Reached from the newsletter only');
  await finding.getByRole('button', { name: 'Count it again' }).click();
  await finding.getByRole('button', { name: 'Put it in the footer' }).click();
  await expect(finding).toHaveCount(0);
  await saved(page);
  await expect(strip(page, 'About').locator('.mark')).toHaveText('footer');
});

test('several sections are chosen, copied, cut, pasted and deleted', async ({ page }) => {
  await signInAsDemo(page);
  await newProject(page, BRIEF);
  await plan(page);
  const home = strip(page, 'Home').locator('.cell:not(.slim) > button');
  const before = await sections(page, 'About');
  const names = (await sections(page, 'Home')).slice(1, 3);
  await home.nth(0).click();
  await home.nth(1).click({ modifiers: ['Shift'] });
  await expect(page.locator('.details h2')).toHaveText('2 sections');
  await page.keyboard.press('Control+c');
  await strip(page, 'About').locator('.cell:not(.slim) > button').first().click();
  await page.keyboard.press('Control+v');
  await expect
    .poll(() => sections(page, 'About'))
    .toEqual([...before.slice(0, 2), ...names, ...before.slice(2)]);

  await home.nth(0).click();
  await home.nth(1).click({ modifiers: ['Control'] });
  await page.keyboard.press('Control+x');
  await strip(page, 'News').locator('.cell:not(.slim) > button').first().click();
  await page.keyboard.press('Control+v');
  await expect.poll(async () => (await sections(page, 'News')).slice(2, 4)).toEqual(names);
  await expect.poll(async () => (await sections(page, 'Home')).slice(1, 3)).not.toEqual(names);
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await sections(page, 'Home')).slice(1, 3)).toEqual(names);

  await strip(page, 'About').locator('.cell:not(.slim) > button').first().click();
  await page.keyboard.press('Control+a');
  await page.keyboard.press('k');
  await saved(page);
  await expect(strip(page, 'About').locator('.kept').first()).toBeVisible();
});

test('a section is shared, used elsewhere and detached; another go shows another choice', async ({
  page,
}) => {
  await signInAsDemo(page);
  await newProject(page, BRIEF);
  await plan(page);
  const cell = strip(page, 'Home').locator('.cell:not(.slim)').nth(1);
  await cell.locator('> button').click();
  const title = await cell.locator('.cell-title').innerText();
  await page.getByRole('button', { name: 'Share it with other pages' }).click();
  await expect(page.locator('.shared-note')).toContainText('stands on 1 page');
  await page.getByRole('button', { name: 'Add a section to About' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: new RegExp(`^${title} Shared`) })
    .click();
  await expect.poll(() => sections(page, 'About')).toContain(title);
  await page.getByRole('button', { name: 'Detach it for this page' }).click();
  await saved(page);
  await expect(page.getByRole('button', { name: 'Share it with other pages' })).toBeVisible();

  const drawing = cell.locator('.cell-drawing');
  const drawn = await drawing.innerHTML();
  await page.keyboard.press('n');
  await expect.poll(() => drawing.innerHTML()).not.toBe(drawn);
});

test('pages fold, and a filter leaves those with something to supply', async ({ page }) => {
  await signInAsDemo(page);
  await newProject(page, BRIEF);
  await plan(page);
  await page.getByRole('button', { name: 'Fold About' }).click();
  await expect(strip(page, 'About').locator('.cell')).toHaveCount(0);
  await page.getByRole('button', { name: 'Unfold About' }).click();
  await expect(strip(page, 'About').locator('.cell').first()).toBeVisible();
  await page.getByLabel('Which pages are shown').click();
  await page.getByTitle('With something kept').click();
  await expect(page.getByText('No page is like that.')).toBeVisible();
});

test('every change is in the history: a state is named, compared and gone back to', async ({ page }) => {
  await signInAsDemo(page);
  await newProject(page, BRIEF);
  await plan(page);
  await page.keyboard.press('h');
  const history = page.getByRole('dialog', { name: 'History' });
  await history.getByRole('button', { name: 'Name it' }).first().click();
  await history.getByLabel('Name of this state').fill('As first planned');
  await page.keyboard.press('Enter');
  await expect(history.getByText('As first planned')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(history).toHaveCount(0);

  const before = await sections(page, 'Home');
  await strip(page, 'Home').locator('.cell:not(.slim) > button').nth(2).click();
  await page.keyboard.press('Delete');
  await saved(page);
  await page.keyboard.press('h');
  await history.getByLabel('Compare from change 1').check();
  await history.getByLabel('Compare to change 2').check();
  await expect(history.getByLabel('What differs')).toContainText('was removed from “Home”');
  await accessible(page);
  const row = history.getByRole('row', { name: /As first planned/ });
  await row.getByRole('button', { name: 'Go back to this' }).click();
  await expect(history.getByText('Go back to “As first planned”')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect.poll(() => sections(page, 'Home')).toEqual(before);
});

test('what is changed in one tab appears in the other', async ({ page, context }) => {
  await signInAsDemo(page);
  await newProject(page, BRIEF);
  await plan(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(strip(other, 'About')).toBeVisible();
  await strip(page, 'About').locator('.strip-title').dblclick();
  await page.getByLabel('Title of the page').fill('About the rope walk');
  await page.keyboard.press('Enter');
  await expect(strip(other, 'About the rope walk')).toBeVisible({ timeout: 6000 });
});

test('a plan begins with an outline, and is seen as a tree', async ({ page }) => {
  await signInAsDemo(page);
  await newProject(page, BRIEF);
  await page.goto(page.url().replace('/brief', '/plan'));
  await page.getByRole('button', { name: 'Start from an outline' }).click();
  await page.getByLabel('One page to a line').fill('Ropes\n  Boat ropes: what a metre costs\nContact');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(strip(page, 'Boat ropes')).toBeVisible();
  await expect(strip(page, 'Boat ropes').locator('.strip-path')).toContainText('/ropes/boat-ropes');
  await page.getByRole('button', { name: 'More', exact: true }).hover();
  await page.getByText('Keep as a starter plan').click();
  const name = `Rope shop ${Date.now()}`;
  await page.getByLabel('Name of the starter plan').fill(name);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Another project can begin with it')).toBeVisible();
  await page.getByRole('button', { name: 'More', exact: true }).hover();
  await page.getByText('Plan from an outline or a starter').click();
  await page.getByLabel('Begin with a starter plan').click();
  await page.getByTitle(name).click();
  await expect(page.getByLabel('One page to a line')).toHaveValue(/text="Boat ropes"/);
  await page.getByRole('button', { name: 'Plan it in place of this plan' }).click();
  await saved(page);
  await expect(strip(page, 'Boat ropes')).toBeVisible();
  await page.getByText('Tree', { exact: true }).click();
  const drawing = page.getByRole('img', { name: 'Sitemap', exact: true });
  await expect(drawing.locator('[data-page]')).toHaveCount(5);
  await drawing.locator('[data-page]', { hasText: 'Contact' }).click();
  await expect(page.locator('.details h2')).toHaveText('Contact');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Download as PDF, one sheet' }).click();
  expect((await download).suggestedFilename()).toMatch(/\.pdf$/);
});

test('a page of the drawn tree is dragged below another, and back to the top', async ({ page }) => {
  await signInAsDemo(page);
  await newProject(page);
  await plan(page);
  await page.getByText('Tree', { exact: true }).click();
  const node = (title: string) =>
    page.locator('[data-page]', { has: page.locator('title', { hasText: new RegExp(`^${title}`) }) });
  const drag = async (from: string, to: string) => {
    const [a, b] = [await node(from).boundingBox(), await node(to).boundingBox()];
    await page.mouse.move((a?.x ?? 0) + 20, (a?.y ?? 0) + 12);
    await page.mouse.down();
    await page.mouse.move((b?.x ?? 0) + 16, (b?.y ?? 0) + 10, { steps: 6 });
    await expect(page.locator('.sitemap-tree [role=status]')).toContainText('below');
    await page.mouse.up();
  };
  await expect(node('Prices')).toBeVisible();
  await drag('Prices', 'Contact');
  await expect(page.locator('[data-page] title', { hasText: '/contact/prices' })).toHaveCount(1);
  await saved(page);
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect(page.locator('[data-page] title', { hasText: '/contact/prices' })).toHaveCount(0);
});
