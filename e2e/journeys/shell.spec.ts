import { expect, type Page } from '@playwright/test';
import { test } from '../fixtures/hall.js';

/** By how many pixels the page can be pushed sideways. */
const overhang = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

test('no screen is wider than its window', async ({ page }) => {
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Thursday Mixed', exact: true }).click();
  await page.locator('[data-row]').first().waitFor();
  const ofClass = new URL(page.url()).pathname.replace(/\/fitting$/, '');
  const addresses = [
    ...['fitting', 'fitting?view=everyone', 'plan', 'room', 'handover', 'after', 'teach'].map(
      (screen) => `${ofClass}/${screen}`,
    ),
    '/classes',
    '/classes/new',
    '/people',
    '/atlas',
    '/atlas/supine-twist',
    '/atlas/downward-facing-dog/own?base=downward-facing-dog.full',
    '/atlas/compare?a=plough.feet-on-chair&b=legs-up-the-wall.full',
    '/rulebook',
    '/rulebook/pregnancy',
    '/rulebook/what-if',
    '/house-view',
    '/hall',
    '/about',
  ];
  const tooWide: string[] = [];
  for (const address of addresses) {
    await page.goto(address);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await page.waitForLoadState('networkidle');
    for (const width of [390, 820, 1280]) {
      await page.setViewportSize({ width, height: 844 });
      if ((await overhang(page)) > 0) tooWide.push(`${address} at ${width}`);
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
