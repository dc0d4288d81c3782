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
await designer.goto(`${lido}/draft`);
await designer.locator('.drawn-section').first().waitFor();
await designer.locator('.draft-map button').nth(2).click();
await picture('draft');
await designer.goto(`${lido}/review`);
await picture('review');
await designer.getByRole('button', { name: /^Make round/ }).click();
const round = await phone(await designer.getByLabel('Link for the client').inputValue());
await round.getByRole('heading', { name: 'The plan of your website' }).waitFor();
await picture('client-review', round);
await designer.goto(`${lido}/hand-off`);
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
await designer.goto(`${lifts}/interview`);
await picture('interview');
await designer.goto(`${lifts}/brief`);
await designer.getByRole('button', { name: 'Ask the client' }).click();
await designer.getByRole('button', { name: 'Make a form and its link' }).click();
await picture('client-form', await phone(await designer.getByLabel('Link for the client').inputValue()));

await browser.close();
