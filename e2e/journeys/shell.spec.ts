import { expect, type Page } from '@playwright/test';
import { test } from '../fixtures/hall.js';
import { everyAddress, settled } from '../fixtures/addresses.js';

/** By how many pixels the page can be pushed sideways. */
const overhang = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

test('no screen is wider than its window, nor with text twice as large', async ({ page }) => {
  test.setTimeout(900_000);
  const tooWide: string[] = [];
  // As someone sets it in the browser: sizes and breakpoints both follow.
  const cdp = await page.context().newCDPSession(page);
  for (const address of await everyAddress(page)) {
    await settled(page, address);
    for (const [width, text] of [
      [390, 100],
      [820, 100],
      [1280, 100],
      [1280, 200],
      [820, 200],
    ] as const) {
      await page.setViewportSize({ width, height: 844 });
      await cdp.send('Page.setFontSizes', {
        fontSizes: { standard: (16 * text) / 100, fixed: (13 * text) / 100 },
      });
      if ((await overhang(page)) > 0) tooWide.push(`${address} at ${width}, text ${text} %`);
    }
  }
  expect(tooWide).toEqual([]);
});

test('the way back, the title in focus, the keys of a screen', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Hollis Penny' }).click();
  const title = page.getByRole('heading', { level: 1, name: 'Hollis Penny' });
  await expect(title).toBeFocused();
  await page.getByRole('navigation', { name: 'Where this is' }).getByRole('link').click();
  await expect(page.getByRole('heading', { level: 1, name: 'People' })).toBeFocused();
  await page.goBack();
  await expect(title).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog').getByRole('heading')).toBeVisible();
});
