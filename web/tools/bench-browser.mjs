// Measures the Plan of about 50 pages in headless Chromium: usable, a change painted, scrolling. Prints figures, asserts nothing.
import { chromium } from '@playwright/test';
import { account, address, at, call, plannedProject, signIn } from './bench-project.mjs';

const CHANGES = 20;
const SCROLLS = 40;

const cookie = await signIn();
const project = await plannedProject(cookie, 'Bench of the browser');
const sections = project.pages.reduce((sum, page) => sum + page.sections.length, 0);
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--headless', '--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking'],
});
const page = await (
  await browser.newContext({ viewport: { width: 1280, height: 800 }, baseURL: address })
).newPage();
await page.goto('/');
await page.getByLabel('E-mail').fill(account.email);
await page.getByLabel('Pass phrase').fill(account.password);
await page.getByRole('button', { name: 'Sign in', exact: true }).click();
await page.getByRole('heading', { name: 'Projects' }).waitFor();

const usable = [];
for (let i = 0; i < 5; i++) {
  await page.goto('about:blank');
  const start = performance.now();
  await page.goto(`/projects/${project.id}/plan`, { waitUntil: 'commit' });
  await page.locator('.cell:not(.slim) > button').first().click();
  await page.locator('.cell.chosen').first().waitFor();
  usable.push(performance.now() - start);
}

// From the key that moves the chosen section to the frame that shows it in its new place.
const painted = [];
for (let i = 0; i < CHANGES; i++) {
  await page.evaluate(() => {
    const strip = document.querySelector('.strips');
    const pressed = new Promise((resolve) =>
      addEventListener('keydown', () => resolve(performance.now()), { once: true, capture: true }),
    );
    const changed = new Promise((resolve) => {
      const observer = new MutationObserver((records) => {
        if (!records.some((record) => record.type === 'childList')) return;
        observer.disconnect();
        requestAnimationFrame(() => setTimeout(() => resolve(performance.now())));
      });
      observer.observe(strip, { childList: true, subtree: true });
    });
    window.paint = Promise.all([pressed, changed]).then(([from, to]) => to - from);
  });
  await page.keyboard.press(i % 2 === 0 ? 'Alt+ArrowRight' : 'Alt+ArrowLeft');
  painted.push(await page.evaluate(() => window.paint));
  await page.waitForTimeout(300);
}

await page.evaluate(() => {
  window.frames_ = [];
  let last = performance.now();
  const tick = (now) => {
    window.frames_.push(now - last);
    last = now;
    requestAnimationFrame(tick);
  };
  requestAnimationFrame(tick);
});
await page.mouse.move(600, 500);
for (let i = 0; i < SCROLLS; i++) {
  await page.mouse.wheel(0, i < SCROLLS / 2 ? 240 : -240);
  await page.waitForTimeout(40);
}
const frames = await page.evaluate(() => window.frames_.slice(1));
await browser.close();
await call('DELETE', `/api/projects/${project.id}`, cookie);

console.log(
  `In the browser, ${project.pages.length} pages with ${sections} sections: Plan usable after ${at(usable, 0.5)} ms, a moved section painted after ${at(painted, 0.5)} ms (95th percentile ${at(painted, 0.95)} ms), a frame while scrolling every ${at(frames, 0.5)} ms (95th percentile ${at(frames, 0.95)} ms)`,
);
