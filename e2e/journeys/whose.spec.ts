/** Whose data it is: who has looked is told, somebody is erased with proof, and how long people are kept is said. */
import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

test('who has looked is read, and the chain looked through; for one person too', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Ines Fallow' }).click();
  await expect(page.getByRole('heading', { name: 'Ines Fallow', level: 1 })).toBeVisible();
  await page.getByRole('link', { name: 'Who has looked' }).click();
  await expect(page.getByRole('row').nth(1)).toContainText('Maren Tolliver');
  await expect(
    page.getByRole('row').filter({ hasText: 'read what is known of Ines Fallow' }).first(),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Show everybody' }).click();
  await page.getByRole('button', { name: 'See whether it is whole' }).click();
  await expect(page.getByText(/^Whole: \d+ entries, none changed, none missing\.$/)).toBeVisible();
  await expectAccessible(page);
});

test('somebody is erased, not by a slip; the proof counts what there was, and the others stay', async ({
  page,
}) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Wren Addleby' }).click();
  await page.getByRole('link', { name: 'All that is kept' }).click();
  await page.getByRole('button', { name: 'Erase all of it' }).click();
  const erase = page.getByRole('button', { name: 'Erase for good' });
  await expect(erase).toBeDisabled();
  await page.getByLabel(/^Type/).fill('Wren Addlebee');
  await expect(erase).toBeDisabled();
  await page.getByLabel(/^Type/).fill('Wren Addleby');
  await expectAccessible(page);
  await erase.click();
  await expect(
    page.getByRole('heading', { name: 'All that was kept of Wren Addleby is erased' }),
  ).toBeVisible();
  await expect(page.getByText('Classes, taken out of each')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Back to the people' }).click();
  await expect(page.getByRole('link', { name: 'Selma Quist' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Wren Addleby' })).toHaveCount(0);
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Bump and Breathe' }).first().click();
  await expect(page.getByRole('heading', { name: 'Bump and Breathe' })).toBeVisible();
  await expect(page.getByText('Wren')).toHaveCount(0);
  await page.goto('/hall/trail');
  await expect(page.getByRole('row').filter({ hasText: 'erased all that is kept' })).toContainText(
    'of somebody who is no longer kept',
  );
});

test('how long people are kept is set, and all that is encrypted opens', async ({ page }) => {
  await page.goto('/hall');
  await page.getByLabel('People are kept').selectOption('2 years after they last came');
  await page.reload();
  await expect(page.getByLabel('People are kept')).toHaveValue('24');
  await page.getByRole('button', { name: 'See whether all of it opens' }).click();
  await expect(page.getByText(/^All \d+ values open, with the key/)).toBeVisible();
  await expectAccessible(page);
});

test('a letter is kept with somebody, saved again as it came, removed and brought back', async ({ page }) => {
  const letter = Buffer.from('%PDF-1.4\n% a letter\n%%EOF\n');
  await page.goto('/people');
  await page.getByRole('link', { name: 'Ines Fallow' }).click();
  const documents = page.getByRole('region', { name: 'Documents' });
  await documents.getByRole('button', { name: 'Add a document' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('Still needed: the file.')).toBeVisible();
  const file = page.getByLabel('File', { exact: true });
  await file.setInputFiles({ name: 'x.txt', mimeType: 'text/plain', buffer: Buffer.from('x') });
  await expect(page.getByText('A document is a PDF, or a picture (JPEG, PNG).')).toBeVisible();
  await file.setInputFiles({ name: 'Shoulder report.pdf', mimeType: 'application/pdf', buffer: letter });
  await page.getByLabel('From whom').fill('the physiotherapist');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Keep it' }).click();
  const link = documents.getByRole('link', { name: /report/ });
  await expect(documents.getByText('from the physiotherapist')).toBeVisible();
  const saving = page.waitForEvent('download');
  await link.click();
  const saved = await saving;
  expect(saved.suggestedFilename()).toBe('document.pdf');
  expect(readFileSync(await saved.path()).equals(letter)).toBe(true);
  await documents.getByRole('button', { name: /^Remove/ }).click();
  await expect(link).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(link).toBeVisible();
});
