/** A class on paper: seen as it will be, printed when all of it is drawn, saved as a PDF. */
import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

test('a sheet is chosen, seen, and printed only when every page of it is drawn', async ({ page }) => {
  await page.addInitScript(() => {
    window.print = () => {
      const pages = [...document.querySelectorAll('.sheet-page')];
      const drawn = pages.map((one) => one.querySelector('canvas')?.width ?? 0);
      document.body.dataset.printed = JSON.stringify(drawn);
    };
  });
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Steady Backs' }).first().click();
  await page.getByRole('link', { name: 'Sheets' }).click();
  await expect(page.getByText(/^Drawing the class sheet/)).toBeVisible();
  const sheet = page.getByRole('region', { name: 'Class sheet' });
  // The first sheet of a server is drawn while everything else is made ready.
  await expect(sheet).toContainText('Before anyone begins', { timeout: 90_000 });
  await expect(sheet.getByRole('img', { name: 'Class sheet, page 1 of 2' })).toBeVisible();
  await expectAccessible(page);
  await page.getByText('Mat cards', { exact: true }).click();
  await expect(page.getByRole('radio', { name: 'Mat cards' })).toBeChecked();
  await page.getByRole('checkbox', { name: 'In ink, for black and white' }).click();
  await expect(page).toHaveURL(/sheets\?sheet=mats&ink=yes$/);
  const cards = page.getByRole('region', { name: 'Mat cards' });
  for (const name of ['Bram Sedgely', 'Edda Wick']) await expect(cards).toContainText(name);
  await page.getByRole('button', { name: 'Print' }).click();
  await expect(page.locator('body')).toHaveAttribute(
    'data-printed',
    /^\[(1[5-9]|2)\d\d+(,(1[5-9]|2)\d\d+)*\]$/,
  );
  const saving = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save as PDF' }).click();
  const saved = await saving;
  expect(saved.suggestedFilename()).toBe('Mat cards.pdf');
  expect(
    readFileSync(await saved.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
});

test('a plan that was just changed is on its sheet', async ({ page }) => {
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Steady Backs' }).first().click();
  await page.getByRole('button', { name: /^Move step 2,/ }).focus();
  await page.keyboard.press('Delete');
  await page.getByRole('link', { name: 'Sheets' }).click();
  const sheet = page.getByRole('region', { name: 'Class sheet' });
  await expect(sheet).toContainText('1. Final rest', { timeout: 90_000 });
  await expect(sheet).not.toContainText('2. Cat and cow');
  await page.goBack();
  await page.locator('[data-row]').first().waitFor();
  await page.keyboard.press('Control+z');
});
