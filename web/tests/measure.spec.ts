import { expect, test } from '@playwright/test';
import { signInAsDemo, strip } from './hands';

/** Chromium, rendering the shipped font, is the reference for the computed widths: 1 px a line of text. */
for (const width of ['Desktop', 'Tablet', 'Phone']) {
  test(`lines of text are as wide as they were computed: ${width}`, async ({ page }) => {
    await signInAsDemo(page);
    await page.getByRole('link', { name: 'Thornmouth Lido' }).click();
    await expect(strip(page, 'Home')).toBeVisible();
    await page.getByRole('link', { name: /^Draft/ }).click();
    await page.getByText(width, { exact: true }).click();
    const pixels = { Desktop: 1280, Tablet: 768, Phone: 390 }[width] ?? 0;
    await expect(page.locator(`.drawn-section svg[viewBox^="0 0 ${pixels} "]`).first()).toBeVisible();
    await page.evaluate(() => document.fonts.ready);
    const overflowing = await page.evaluate(
      async (room) => {
        const parts = window.location.pathname.split('/');
        const response = await fetch(
          `/api/projects/${parts[2] ?? ''}/pages/${parts[4] ?? ''}/drawings?width=${room.width}`,
        );
        const drawings = (await response.json()) as {
          section: string;
          slots: { x: number; y: number; width: number; height: number; slot: string }[];
        }[];
        const wrong: string[] = [];
        let checked = 0;
        for (const drawing of drawings) {
          for (const text of document.querySelectorAll<SVGTextElement>(
            `#drawn-${room.width}-${drawing.section} svg text`,
          )) {
            const box = text.getBBox();
            const slot = drawing.slots.find(
              (one) =>
                box.x >= one.x - 1 &&
                box.y + box.height / 2 >= one.y &&
                box.y + box.height / 2 <= one.y + one.height &&
                box.x <= one.x + one.width,
            );
            if (!slot) continue;
            checked += 1;
            if (box.x + text.getComputedTextLength() > slot.x + slot.width + 1)
              wrong.push(`${slot.slot}: ${text.textContent}`);
          }
        }
        return { wrong, checked };
      },
      { width: width.toLowerCase() },
    );
    expect(overflowing.wrong).toEqual([]);
    expect(overflowing.checked).toBeGreaterThan(20);
  });
}
