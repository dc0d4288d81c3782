// Takes the pictures of docs/screenshots from freshly loaded demo data: DUNE_ADDRESS=… npm run pictures
import { chromium } from '@playwright/test';

const address = process.env.DUNE_ADDRESS ?? 'http://127.0.0.1:8080';
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--headless', '--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking'],
});
const designer = await (
  await browser.newContext({ viewport: { width: 1280, height: 800 }, baseURL: address })
).newPage();

async function picture(name, page = designer) {
  await page.waitForLoadState('networkidle');
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(400);
  await page.screenshot({ path: new URL(`../../docs/screenshots/${name}.png`, import.meta.url).pathname });
}

async function project(name) {
  await designer.goto('/');
  await designer.getByRole('link', { name }).click();
  await designer.waitForURL(/\/projects\/\w+/);
  return designer.url().split('/').slice(0, 5).join('/');
}

async function phone(link) {
  const page = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await page.goto(link);
  return page;
}

await designer.goto('/');
await picture('signin');
await designer.getByLabel('E-mail').fill('demo@dunepocket.example');
await designer.getByLabel('Pass phrase').fill('low tide at nine');
await designer.getByRole('button', { name: 'Sign in', exact: true }).click();
await designer.getByRole('heading', { name: 'Projects' }).waitFor();
await picture('projects');

const lido = await project('Thornmouth Lido');
await designer.goto(`${lido}/plan`);
await designer.locator('.cell:not(.slim) > button').first().click();
await picture('plan');
await designer.getByRole('button', { name: /findings?$/ }).click();
await designer.locator('.findings').waitFor();
await picture('findings');
await designer.keyboard.press('Escape');
await designer.getByText('Tree', { exact: true }).click();
await designer.locator('[data-page]').first().waitFor();
await picture('tree');
await designer.keyboard.press('h');
await designer.getByLabel('Compare from change 1').check();
await designer.locator('.compared li').first().waitFor();
await picture('history');
await designer.goto(`${lido}/draft`);
await designer.locator('.drawn-section').first().waitFor();
await designer.locator('.draft-map button').nth(2).click();
await designer.getByRole('radiogroup', { name: 'Layout' }).waitFor();
await picture('draft');
await designer.locator('.draft-map button').nth(1).click();
await designer.getByRole('radio', { name: 'Words, picture beside' }).waitFor();
await designer.locator('.details .shows').scrollIntoViewIfNeeded();
await picture('draft-settings');
await designer.getByText('All three', { exact: true }).click();
await designer.locator('.drawn-section svg[viewBox^="0 0 390 "]').first().waitFor();
await designer.locator('.details').evaluate((panel) => panel.scrollTo(0, 0));
await picture('draft-widths');
await designer.goto(`${lido}/review`);
await picture('review');
await designer.getByRole('button', { name: /^Make round/ }).click();
const round = await phone(await designer.getByLabel('Link for the client').inputValue());
await round.getByRole('heading', { name: 'The plan of your website' }).waitFor();
await picture('client-review', round);
await designer.goto(`${lido}/hand-off`);
await designer.getByRole('button', { name: /^Wireframes Every/ }).click();
await designer.getByRole('img', { name: 'Wireframes', exact: true }).waitFor();
await picture('hand-off');

const lifts = await project('Quillan Lift Servicing');
await designer.goto(`${lifts}/brief`);
await picture('brief');
await designer.getByRole('button', { name: 'Add a source' }).click();
await designer
  .getByLabel('What came in')
  .fill(
    'Hello again, two things. We do want a blog after all. We also run emergency callouts at night (£120). Nine pages then.',
  );
await designer.getByRole('button', { name: 'See what it changes' }).click();
await designer.getByRole('button', { name: /Add it/ }).waitFor();
await picture('add-source');
await designer.keyboard.press('Escape');
const nursery = await project('Bog & Bell');
await designer.goto(`${nursery}/interview`);
await picture('interview');
await designer.goto(`${nursery}/brief`);
await designer.getByRole('button', { name: 'Ask the client' }).click();
await designer.getByRole('button', { name: 'Make a form and its link' }).click();
await picture('client-form', await phone(await designer.getByLabel('Link for the client').inputValue()));

await designer.goto(`${lifts}/brief`);
await designer.getByRole('button', { name: 'Add a source' }).click();
await designer
  .getByLabel('What came in')
  .fill(
    `<?xml version="1.0"?><urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">${[
      '',
      'about-us',
      'lift-repairs',
      'news/new-van',
      'news/christmas-hours',
      'tag/lifts',
      'our-history-since-1974',
      'contact',
    ]
      .map((path) => `<url><loc>https://www.quillan.example/${path}</loc></url>`)
      .join('')}</urlset>`,
  );
await designer.getByRole('button', { name: 'See what it changes' }).click();
await designer.getByRole('button', { name: /^Add it/ }).click();
await designer.goto(`${lifts}/plan`);
const unplanned = designer.getByRole('button', { name: 'Plan the site' });
await designer.locator('.strip').or(unplanned).first().waitFor();
if (await unplanned.isVisible()) await unplanned.click();
await designer.getByRole('button', { name: /^Present site/ }).click();
await designer.locator('.present-site tbody tr').first().waitFor();
await picture('present-site');

await designer.goto('/defaults');
await designer.getByLabel('Signature').waitFor();
await designer.getByLabel('Pages every site gets').fill('Accessibility');
await designer.keyboard.press('Enter');
await designer.keyboard.press('Escape');
await designer.getByLabel('Rate an hour').fill('58');
await designer.getByLabel('Signature').fill('Best wishes\nMaren');
await designer.getByRole('heading', { name: 'Your defaults' }).click();
await picture('defaults');

await browser.close();
