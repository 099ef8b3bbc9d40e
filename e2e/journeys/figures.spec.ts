/** Figures: pictures in lists, a movement that plays, what is asked marked, and people drawn as they are. */
import { expect } from '@playwright/test';
import { test } from '../fixtures/hall.js';
import { expectAccessible } from '../fixtures/axe.js';

test('lists show pictures of the build; a movement plays, is paused, turned, and seen from elsewhere', async ({
  page,
}) => {
  await page.goto('/atlas');
  const pictures = page.locator('main img[src*="/figures/"]');
  await expect(pictures.first()).toBeVisible();
  await expect
    .poll(() => pictures.first().evaluate((image: HTMLImageElement) => image.naturalWidth))
    .toBeGreaterThan(0);
  await page.goto('/atlas/cat-cow');
  const figure = page.getByRole('region', { name: 'The figure' }).getByRole('img').first();
  await expect(figure).toHaveAccessibleName('Cat and cow, on all fours, from start to end');
  await expect(figure.locator('path')).not.toHaveCount(0);
  await page.getByRole('button', { name: 'Play the movement' }).click();
  const canvas = page.locator('canvas');
  const painted = async (): Promise<number> => Number(await canvas.getAttribute('data-painted'));
  await expect.poll(painted).toBeGreaterThan(20);
  const pixels = (): Promise<string> =>
    canvas.evaluate((one: HTMLCanvasElement) => one.toDataURL().slice(-4000));
  const moving = await pixels();
  await expect.poll(pixels).not.toBe(moving);
  await page.getByRole('button', { name: 'Pause' }).click();
  await expectAccessible(page);
  await page.getByRole('group', { name: 'Part of the movement' }).getByRole('button', { name: '2' }).click();
  await expect(figure).toHaveAccessibleName(/part 2 of 2/);
  const first = await figure.innerHTML();
  await page.getByRole('button', { name: 'Second view' }).click();
  await expect(page.getByRole('button', { name: 'First view' })).toBeVisible();
  await expect.poll(() => figure.innerHTML()).not.toBe(first);
});

test('where motion is not wanted nothing plays by itself', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto('/atlas/cat-cow');
  await expect(page.getByRole('button', { name: 'Second view' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Play the movement' })).toBeHidden();
});

test('what is asked is marked: in the atlas, and in the why', async ({ page }) => {
  await page.goto('/atlas/warrior-two');
  const figure = page.getByRole('region', { name: 'The figure' }).getByRole('img').first();
  const bends = page.getByRole('button', { name: 'Right knee bends' });
  await bends.click();
  const degrees = /(\d+)°/.exec(await page.getByRole('row', { name: /Right knee bends/ }).innerText())![0];
  await expect(figure.locator('text')).toHaveText(degrees);
  await bends.click();
  await expect(figure.locator('text')).toHaveCount(0);

  await page.goto('/classes');
  await page.getByRole('link', { name: 'Thursday Mixed', exact: true }).click();
  const fold = page.locator('[data-row]').filter({ hasText: 'Standing forward fold' });
  await fold.getByRole('button', { name: /Perrin/ }).click();
  const why = page.getByTestId('why');
  await why.getByRole('button', { name: 'Show on the figure' }).first().click();
  await expect(why.getByRole('img').locator('text').first()).toBeVisible();
});

test('people are drawn as they are: on their page, on cards for them, in ink', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Odile Farrow' }).click();
  await expect(page.getByRole('img', { name: /^Seated breath/ }).locator('path')).not.toHaveCount(0);
  await page.goto('/atlas/cards?ids=tree');
  await page.getByRole('searchbox', { name: 'Draw them for somebody' }).fill('Greta');
  await page.getByRole('button', { name: 'Greta Loom' }).click();
  await expect(page.getByRole('heading', { name: 'Cards for Greta Loom' })).toBeVisible();
  await expect(page.locator('main li svg path').first()).toBeAttached();
  await page.getByRole('checkbox', { name: 'In ink, for black and white' }).check();
  const paper = await page
    .locator('.fig-ink')
    .evaluate((list) => getComputedStyle(list).getPropertyValue('--fig-skin').trim());
  expect(paper).toBe('#fff');
  await expectAccessible(page);
});
