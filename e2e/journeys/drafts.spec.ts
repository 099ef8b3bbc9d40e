/** Nothing typed is lost: it is back after a reload, Escape, leaving, and while nothing answers. */
import { expect, type Page } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

const notice = (page: Page) => page.getByRole('status').filter({ hasText: 'Not saved yet: what you typed' });

test('a plan, a person and a record that were not saved are back, and can be begun again', async ({
  page,
}) => {
  await page.goto('/classes/new');
  await page.getByLabel('Sequence', { exact: true }).fill('# Slow\n- Tree, 5 breaths');
  await page.getByLabel('Place').fill('Garden room');
  await page.getByRole('checkbox', { name: 'Hollis Penny' }).check();
  await page.reload();
  await expect(page.getByLabel('Place')).toHaveValue('Garden room');
  await expect(page.getByLabel('Sequence', { exact: true })).toHaveValue('# Slow\n- Tree, 5 breaths');
  await expect(page.getByRole('checkbox', { name: 'Hollis Penny' })).toBeChecked();
  await expect(notice(page)).toBeVisible();
  await expectAccessible(page);
  await notice(page).getByRole('button', { name: 'Start again' }).click();
  await expect(page.getByLabel('Place')).toHaveValue('');

  await page.goto('/people');
  await page.getByRole('link', { name: 'Hollis Penny' }).click();
  await page.getByRole('link', { name: 'Go on asking' }).click();
  await page.getByRole('button', { name: 'Body', exact: true }).click();
  // What cannot be right is not saved, and is back all the same.
  await page.getByLabel('Height in cm').fill('17');
  await expect(page.getByText('Height in cm is a number between 80 and 220.').first()).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Height in cm')).toHaveValue('17');
  await expect(notice(page)).toBeVisible();
  await page.getByLabel('Height in cm').fill('174');
  await expect(page.getByText('All changes saved')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Height in cm')).toHaveValue('174');
  await expect(notice(page)).toBeHidden();

  await page.goto('/classes');
  await page.getByRole('link', { name: 'After class, Steady Backs' }).click();
  await page.getByLabel('Pain before, Bram Sedgely').fill('4');
  await page.getByRole('link', { name: 'People', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'People', level: 1 })).toBeVisible();
  await page.goBack();
  await expect(page.getByLabel('Pain before, Bram Sedgely')).toHaveValue('4');
  await expect(notice(page)).toBeVisible();
});

test('an edit to a class that nothing answered to is back in the next window, and saved there', async ({
  page,
  context,
}) => {
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Steady Backs', exact: true }).first().click();
  await page.locator('[data-row]').first().waitFor();
  const second = (within: Page) => within.locator('[data-row] h2').nth(1);
  const gone = await second(page).textContent();
  await page.route('**/api/classes/*/plan', (route) => route.abort());
  await page.getByRole('button', { name: /^Move step 2,/ }).focus();
  await page.keyboard.press('Delete');
  await expect(page.getByText('does not answer', { exact: false })).toBeVisible();
  // Whatever became of this window: another finds what was done in it.
  const next = await context.newPage();
  await next.goto(page.url());
  await expect(notice(next)).toBeVisible();
  await expectAccessible(next);
  await expect(next.getByText('All changes saved')).toBeVisible();
  await expect(second(next)).not.toHaveText(gone!);
  await next.reload();
  await next.locator('[data-row]').first().waitFor();
  await expect(notice(next)).toBeHidden();
});

test('teaching goes on where it was', async ({ page }) => {
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Teach, Steady Backs' }).first().click();
  await expect(page.getByText(/^1 of/)).toBeVisible();
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/^4 of/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^4 of/)).toBeVisible();
  await page.getByRole('button', { name: 'From the beginning' }).click();
  await expect(page.getByText(/^1 of/)).toBeVisible();
});
