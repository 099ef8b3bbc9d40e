import { expect, type Page } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

/** By how many pixels the page can be pushed sideways. */
const overhang = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

/** Every screen by its address; those of a class by Thursday Mixed. */
async function everyAddress(page: Page): Promise<string[]> {
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Thursday Mixed', exact: true }).click();
  await page.locator('[data-row]').first().waitFor();
  const ofClass = new URL(page.url()).pathname.replace(/\/fitting$/, '');
  return [
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
}

async function settled(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.waitForLoadState('networkidle');
}

test('no screen is wider than its window, nor with text twice as large', async ({ page }) => {
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

test('every screen is accessible, light and dark, and its targets can be hit', async ({ page }) => {
  const small: string[] = [];
  for (const address of await everyAddress(page)) {
    await settled(page, address);
    await expectAccessible(page);
    small.push(...(await smallTargets(page)).map((target) => `${address}: ${target}`));
  }
  expect(small).toEqual([]);
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
