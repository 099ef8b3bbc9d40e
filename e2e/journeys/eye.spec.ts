/** The teacher's eye: a case is looked at, marked, and held beside the fitting; the clock ends it. */
import { expect } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

test('a case is marked, the fitting says why, and how it went is counted', async ({ page }) => {
  await page.goto('/rulebook');
  await page.getByRole('link', { name: 'The teacher’s eye' }).click();
  await expect(page.getByText('You have looked at 0 of the first 40 cases.')).toBeVisible();
  await page.getByRole('checkbox', { name: /^Two minutes/ }).uncheck();
  await page.getByRole('button', { name: 'Look at a case' }).click();
  const steps = page
    .getByRole('main')
    .getByRole('listitem')
    .filter({ has: page.getByRole('group') });
  await expect(steps.first()).toBeVisible();
  await expect(page.getByRole('timer')).toHaveCount(0);
  await expectAccessible(page);
  await steps.first().getByRole('button', { name: 'swapped' }).click();
  await page.getByRole('button', { name: 'This is what I would do' }).click();
  await expect(page.getByRole('heading', { name: /\d steps: \d as the fitting/ })).toBeVisible();
  await expect(page.getByText('You: swapped.').first()).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Enough for today' }).click();
  await expect(page.getByText('You have looked at 1 of the first 40 cases.')).toBeVisible();
  await expect(page.getByRole('rowheader', { name: 'Pregnancy' })).toBeVisible();
  await expectAccessible(page);
});

test('after two minutes it counts as it stands', async ({ page }) => {
  await page.clock.install();
  await page.goto('/eye');
  await page.getByRole('button', { name: /^Look at/ }).click();
  await expect(page.getByRole('timer')).toBeVisible();
  await page.clock.runFor(121_000);
  await expect(page.getByRole('button', { name: 'Another case' })).toBeVisible();
  await expect(page.getByText('missed', { exact: true }).first()).toBeVisible();
});
