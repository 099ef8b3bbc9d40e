/** What every screen owes, whatever it shows. */
import { expect, type Page } from '@playwright/test';
import { everyAddress, settled } from '../fixtures/addresses.js';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

/** Targets of less than 24 by 24 px that are neither in a line of text nor covered by a larger label. */
const smallTargets = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('a[href], button, input, select, summary, [role=option]')]
      .filter((target) => {
        const { width, height } = (target.closest('label') ?? target).getBoundingClientRect();
        const inText = target.matches('a') && getComputedStyle(target).display === 'inline';
        const skips = target.matches('.sr-only, .sr-only *') || !target.checkVisibility();
        return !skips && !inText && width > 0 && (width < 24 || height < 24);
      })
      .map((target) => target.outerHTML.slice(0, 120)),
  );

/** Every screen twice through axe takes its time, and longer on a busy machine, ms. */
const ALL_SCREENS = 900_000;

test('every screen is accessible, light and dark, its targets can be hit, and it keeps to our own files', async ({
  page,
}) => {
  test.setTimeout(ALL_SCREENS);
  const small: string[] = [];
  const refused: string[] = [];
  page.on('console', (said) => {
    if (said.text().includes('Content Security Policy')) refused.push(said.text());
  });
  for (const address of await everyAddress(page)) {
    await settled(page, address);
    await expectAccessible(page);
    small.push(...(await smallTargets(page)).map((target) => `${address}: ${target}`));
  }
  expect(small).toEqual([]);
  expect(refused).toEqual([]);
  const headers = (await page.request.get('/classes')).headers();
  expect(headers['content-security-policy']).toContain(
    "default-src 'none'; script-src 'self'; style-src 'self'",
  );
  expect(headers['permissions-policy']).toContain('camera=()');
  expect(headers['cross-origin-opener-policy']).toBe('same-origin');
});

test('with forced colours every mark and state is still told', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Thursday Mixed', exact: true }).click();
  await page.locator('[data-row]').first().waitFor();
  // What is drawn by a background alone is gone under forced colours: a mark has a border, or is a shape.
  const lost = await page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('main *')]
      .filter((each) => {
        const { backgroundColor, borderTopWidth, forcedColorAdjust } = getComputedStyle(each);
        const { width, height } = each.getBoundingClientRect();
        const isMark = width > 2 && width < 24 && height > 2 && height < 24;
        return (
          each instanceof HTMLElement &&
          isMark &&
          !each.textContent?.trim() &&
          !each.querySelector('svg, input') &&
          !each.matches('input') &&
          backgroundColor !== 'rgba(0, 0, 0, 0)' &&
          borderTopWidth === '0px' &&
          forcedColorAdjust === 'auto'
        );
      })
      .map((each) => each.outerHTML.slice(0, 160)),
  );
  expect(lost).toEqual([]);
});
