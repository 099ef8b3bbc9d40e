/** People come in from files, and go out as files: bad lines are told, the good ones can go in alone. */
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { expect } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

const file = (name: string): string => fileURLToPath(new URL(`../fixtures/people/${name}`, import.meta.url));

test('a table: bad lines are told with their reason, the good ones come in, and go out again', async ({
  page,
}) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Bring in from a file' }).click();
  await page.getByLabel('Open a file').setInputFiles(file('list.csv'));
  await expect(page.getByText('2 people of 4 can come in.')).toBeVisible();
  const row = (name: string) => page.getByRole('row').filter({ hasText: name });
  await expect(row('Corin Vale')).toContainText('can be read as a day in more than one way');
  await expect(row('Ines Fallow')).toContainText('There is already someone named "Ines Fallow"');
  await expect(row('Tern Marsh')).toContainText('something else: “brittle ears”');
  await expect(row('Sorrel Weir')).toContainText('High blood pressure · Frozen shoulder');
  await expect(row('Sorrel Weir')).toContainText('"Telephone" is not kept here.');
  await expectAccessible(page);
  await page.getByLabel('Take Tern Marsh').uncheck();
  await page.getByRole('button', { name: 'Bring in 1 person' }).click();
  await expect(page.getByText('1 person came in.')).toBeVisible();
  await page.getByLabel('Take Tern Marsh').check();
  await page.getByRole('button', { name: 'Bring in 1 person' }).click();
  await expect(page.getByText('2 people came in.')).toBeVisible();
  await page.getByRole('link', { name: 'To the people' }).click();
  await page.getByRole('link', { name: 'Sorrel Weir' }).click();
  await expect(page.getByText('158 cm')).toBeVisible();
});

test('cards, and FHIR that was saved here; what is no list of people is said', async ({ page }) => {
  await page.goto('/people/bring');
  await page.getByLabel('Open a file').setInputFiles(file('cards.vcf'));
  await expect(page.getByRole('row').filter({ hasText: 'Wader Sound' })).toContainText('born 1951-03-02');
  const plover = page.getByRole('row').filter({ hasText: 'Plover Moor' });
  await expect(plover).toContainText('the year or the day is not said');
  await expect(plover).toContainText('Not kept here: e-mail.');
  await page.getByRole('button', { name: 'Bring in 2 people' }).click();
  await expect(page.getByText('2 people came in.')).toBeVisible();
  await page.getByRole('button', { name: 'Take them out again' }).click();
  await expect(page.getByText('2 people of 2 can come in.')).toBeVisible();

  await page.goto('/people');
  await page.getByRole('link', { name: 'Ines Fallow' }).click();
  await page.getByRole('link', { name: 'All that is kept' }).click();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save for a clinic (FHIR)' }).click();
  const saved = await (await saving).path();
  const bundle = readFileSync(saved, 'utf8').replaceAll('Ines Fallow', 'Ines Marsh');
  await page.goto('/people/bring');
  const opened = page.getByLabel('Open a file');
  await opened.setInputFiles({
    name: 'ines.json',
    mimeType: 'application/json',
    buffer: Buffer.from(bundle),
  });
  await expect(page.getByRole('row').filter({ hasText: 'Ines Marsh' })).toContainText('yes');
  await opened.setInputFiles({ name: 'no.json', mimeType: 'application/json', buffer: Buffer.from('{') });
  await expect(page.getByRole('alert')).toContainText('This is no JSON that can be read.');
});

test('everybody is saved as a table that comes back whole', async ({ page }) => {
  await page.goto('/people');
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a table (CSV)' }).click();
  const text = readFileSync(await (await saving).path(), 'utf8');
  expect(text).toContain('Ines Fallow');
  const lines = text.trim().split('\r\n').length - 1;
  await page.goto('/people/bring');
  await page.getByLabel('Open a file').setInputFiles({
    name: 'people.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(text.replace(/^([A-Z][a-z]+ )/gm, 'New $1')),
  });
  await expect(page.getByText(`${lines} people of ${lines} can come in.`)).toBeVisible();
});
