/**
 * The atlas walked through the real interface: find, filter, look, compare, print, make one's own, size a
 * prop.
 */
import { expect } from '@playwright/test';
import { test } from '../fixtures/hall.js';
import { expectAccessible } from '../fixtures/axe.js';
import { pick } from '../fixtures/pick.js';

test('found however it is written, and quickly; filters are kept in the address', async ({ page }) => {
  await page.goto('/atlas');
  await expect(page.getByRole('status')).toContainText('poses and movements');
  const find = page.getByRole('searchbox');
  for (const [typed, name] of [
    ['vrksasana', 'Tree'],
    ['adho mukha', 'Downward-facing dog'],
    ['legs up the wal', 'Legs up the wall'],
  ]) {
    await find.fill(typed!);
    await expect(page.locator('main li').first()).toContainText(name!);
  }
  await find.fill('');
  await pick(page, 'Suitable for', 'pregnancy');
  await page.getByLabel('Where the body is').selectOption('prone');
  await expect(page.getByText('Nothing answers to that.')).toBeVisible();
  await page.getByLabel('Where the body is').selectOption('chair');
  await page.reload();
  await expect(page.getByLabel('Suitable for')).toHaveValue('Pregnancy');
  await expect(page.locator('main li').first()).toBeVisible();
  await expectAccessible(page);
});

test('a pose: ladder, camera by keyboard, a short body and what it needs, who takes care', async ({
  page,
}) => {
  await page.goto('/atlas/shoulder-stand');
  await expect(page.getByRole('heading', { name: 'Shoulder stand', level: 1 })).toBeVisible();
  await expect(page.getByText('No head or shoulder stands for children.')).toBeVisible();
  const figure = page.getByRole('img', { name: /Shoulder stand, shoulders on folded blankets/ }).last();
  const before = await figure.innerHTML();
  await page.getByLabel('Turn').focus();
  await page.keyboard.press('ArrowRight');
  await expect.poll(() => figure.innerHTML()).not.toBe(before);
  await page.getByRole('button', { name: /feet on the wall/ }).click();
  await expect(page).toHaveURL(/variant=shoulder-stand\.wall/);
  // The left side's numbers are the left side's.
  await page.goto('/atlas/seated-leg-lift?variant=seated-leg-lift.hand-under');
  const knee = (side: string) => page.getByRole('row', { name: new RegExp(`${side} knee bends`) });
  await expect(knee('Left')).toBeVisible();
  await expect(knee('Right')).toBeHidden();
  await page.getByRole('button', { name: 'left', exact: true }).click();
  await expect(knee('Right')).toBeVisible();
  await expect(knee('Left')).toBeHidden();
  await page.goto('/atlas/seated-breath');
  await page.getByLabel('Height').selectOption('150');
  await expect(page.getByText(/put about \d+ cm under the feet/)).toBeVisible();
  await expectAccessible(page);
});

test('two compared, and cards printed', async ({ page }) => {
  await page.goto('/atlas/tree');
  await page.getByRole('link', { name: 'Compare' }).click();
  await pick(page, 'with this', 'warrior three');
  await expect(page.getByRole('heading', { name: /Warrior three/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Right hip bends/ })).toBeVisible();
  await page.goto('/atlas?find=bridge');
  await page.getByRole('checkbox', { name: 'Bridge on a card' }).click();
  await expect(page.getByRole('checkbox', { name: 'Bridge on a card' })).toBeChecked();
  await page.getByRole('link', { name: 'Cards of 1' }).click();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('heading', { name: 'Bridge' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
});

test('a variant of one’s own: sliders, live figure, kept on the ladder, taken away again', async ({
  page,
}) => {
  await page.goto('/atlas/tree/own?base=tree.foot-low');
  await expect(page.getByText('This position holds:', { exact: false })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save it' })).toBeDisabled();
  await page.getByRole('slider', { name: 'knee, bend' }).fill('150');
  await expect(page.getByText('This position does not hold', { exact: false })).toBeVisible({
    timeout: 15_000,
  });
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('slider', { name: 'head turned' }).fill('20');
  await page.getByLabel('What you call it').fill('looking aside');
  await expect(page.getByRole('button', { name: 'Save it' })).toBeEnabled();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save it' }).click();
  await expect(page.getByRole('button', { name: /looking aside/ })).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Delete my variant' }).click();
  await expect(page.getByRole('button', { name: /looking aside/ })).toBeHidden();
});

test('props sized to a person, and what worked is kept', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Ines Fallow' }).click();
  await page.getByRole('button', { name: 'Work out heights' }).click();
  const stand = page.getByRole('listitem').filter({ hasText: 'Shoulder stand: under the shoulders' });
  await stand.getByLabel('neck bends forward, degrees').fill('50');
  await expect(stand.getByText(/\d folded blankets, edges stepped/)).toBeVisible();
  await expect(stand.getByText('From the measured range', { exact: false })).toBeVisible();
  await stand.getByRole('button', { name: 'This worked' }).click();
  await expect(stand.getByText('What worked on', { exact: false })).toBeVisible();
});
