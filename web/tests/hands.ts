import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, type Page } from '@playwright/test';

const require = createRequire(import.meta.url);
const axe = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');

export const BRIEF = `Hello, this is Orrin from Tern Row Boat Hire.
We rent out rowing boats, kayaks and paddle boards on the Sallow Water, and we run guided evening trips (£24 a person).
Most of our guests are families on holiday and couples.
What we really want is that people book online instead of standing in a queue.
We need pages for prices, evening trips and how to find us. No blog please, nobody would write it.
It should sound friendly and plain. Please never say "adventure".
People should find us when they search for "boat hire sallow water".
Phone 01632 960 640, mail@ternrow.example`;

export async function register(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'I am new here' }).click();
  await page.getByLabel('Your name').fill('Test Designer');
  await page.getByLabel('E-mail').fill(`t${Date.now()}${Math.floor(Math.random() * 1e6)}@designers.example`);
  await page.getByLabel('Pass phrase').fill('three grey herons');
  await page.getByRole('button', { name: 'Make an account' }).click();
  await expect(page.getByRole('heading', { name: 'Projects' })).toBeVisible();
}

export async function signInAsDemo(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByLabel('E-mail').fill('demo@dunepocket.example');
  await page.getByLabel('Pass phrase').fill('low tide at nine');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Projects' })).toBeVisible();
}

export async function newProject(page: Page, brief = BRIEF): Promise<void> {
  await page.getByRole('button', { name: 'New project' }).click();
  await page.getByLabel('What the client wrote').fill(brief);
  await page.getByRole('button', { name: 'Read the brief' }).click();
  await expect(page).toHaveURL(/\/brief$/);
}

export async function plan(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Plan the site' }).click();
  await expect(page).toHaveURL(/\/plan$/);
  await expect(page.locator('.strip').first()).toBeVisible();
  await page.getByRole('button', { name: /Legal and supporting pages/ }).click();
}

export const saved = (page: Page) => expect(page.locator('.saving [role=status]')).toContainText('Saved');

/** A strip, by the title of its page. */
export const strip = (page: Page, title: string) =>
  page.locator('.strip').filter({ has: page.locator('.strip-title', { hasText: new RegExp(`^${title}`) }) });

/** The names of the sections of a page, in order. */
export const sections = (page: Page, title: string): Promise<string[]> =>
  strip(page, title).locator('.cell-title').allInnerTexts();

interface Violation {
  id: string;
  nodes: { html: string; failureSummary?: string }[];
}

/** What axe-core objects to on a page, one sentence for each of its rules. */
export async function violations(
  page: Page,
  what: { exclude?: string[]; runOnly?: string[]; except?: string[] },
): Promise<string[]> {
  await page.evaluate(axe);
  return page.evaluate(async (asked) => {
    const { axe: tool } = window as unknown as {
      axe: { run: (context: object, options: object) => Promise<{ violations: Violation[] }> };
    };
    const result = await tool.run(
      { exclude: asked.exclude ?? [] },
      {
        ...(asked.runOnly ? { runOnly: asked.runOnly } : {}),
        rules: Object.fromEntries((asked.except ?? []).map((rule) => [rule, { enabled: false }])),
      },
    );
    return result.violations.map(
      (one) =>
        `${one.id}: ${one.nodes.map((node) => `${node.html.slice(0, 160)} ${node.failureSummary ?? ''}`).join(' | ')}`,
    );
  }, what);
}

/** WCAG 2.2 A and AA, by axe-core. The texts of a drawing to scale are left out: their size is the drawing’s. */
export async function accessible(page: Page): Promise<void> {
  const wcag = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];
  expect(await violations(page, { exclude: ['.slot'], runOnly: wcag })).toEqual([]);
}
