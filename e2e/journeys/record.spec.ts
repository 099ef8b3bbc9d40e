/** After class: what happened is written down, proposes something, and is there when the next class is planned. */
import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';
import { pick } from '../fixtures/pick.js';

async function classCalled(page: Page, title: string): Promise<string> {
  const classes = (await (await page.request.get('/api/classes?when=coming')).json()) as {
    id: string;
    title: string;
  }[];
  return classes.find((one) => one.title === title)!.id;
}

/** Writes down of a class that Ines’s low back hurt in its ninth step. */
async function backHurt(page: Page, id: string): Promise<void> {
  await page.goto(`/classes/${id}/after`);
  await page.getByLabel('How hard it was, for all').selectOption('2');
  await expect(page.getByLabel('How hard it was, Bram Sedgely')).toHaveValue('2');
  await page.getByRole('button', { name: 'What was different, Ines Fallow' }).click();
  await pick(page, 'Add a step stopped, Ines Fallow', '9.');
  await page.getByLabel(/^Where it hurt: 9\. .* stopped, Ines Fallow$/).selectOption('low-back');
  await page.getByLabel(/^A word: 9\. .* stopped, Ines Fallow$/).fill('at once');
  await page.getByLabel('Pressure after, Ines Fallow').fill('142');
  await page.getByRole('button', { name: 'Save the record' }).click();
  await expect(page.getByText('Two numbers, the higher first: 142/88.')).toBeVisible();
  await page.getByLabel('Pressure after, Ines Fallow').fill('132/84');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save the record' }).click();
  await expect(page).toHaveURL(/fitting$/);
}

test('what hurt proposes a limit, the teacher decides, and the next class keeps to it and remembers', async ({
  page,
}) => {
  const today = await classCalled(page, 'Steady Backs');
  await backHurt(page, today);

  await page.goto('/people');
  await page.getByRole('link', { name: 'Ines Fallow' }).click();
  const proposed = page.getByRole('region', { name: 'From Ines’s classes' });
  await expect(
    proposed.getByRole('heading', { name: /A limit: low back rounds to \d+ degrees/ }),
  ).toBeVisible();
  await expect(proposed.getByText(/Low back hurt/)).toBeVisible();
  await expectAccessible(page);
  await proposed.getByRole('button', { name: 'Decline …' }).click();
  await expect(proposed.getByRole('button', { name: 'Decline', exact: true })).toBeDisabled();
  await proposed.getByRole('button', { name: 'Back' }).click();
  await proposed.getByLabel('A word, if you like').fill('she agrees');
  await proposed.getByRole('button', { name: 'Take over' }).click();
  await expect(
    page.getByText(/low back rounds to \d+ degrees, low back hurt in Child's pose .* she agrees/).first(),
  ).toBeVisible();
  await proposed.getByText('Decided before').click();
  await expect(proposed.getByText(/taken over/)).toBeVisible();
  await expect(
    page.getByRole('row', { name: /Steady Backs.*132\/84.*low back hurt: at once/ }),
  ).toBeVisible();

  await page.getByRole('link', { name: 'Progress', exact: true }).click();
  const attended = page.getByRole('region', { name: 'Attended' });
  await expect(attended.getByText('Came to 1 of 1 classes in 1 month.')).toBeVisible();
  await expect(attended.locator('svg path').first()).toBeAttached();
  await expectAccessible(page);
  const saved = async (how: string): Promise<Buffer> => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      attended.getByRole('button', { name: `Save as ${how}, Attended` }).click(),
    ]);
    return readFileSync(await download.path());
  };
  expect((await saved('CSV')).toString()).toContain('Month,Came,Down for\r\n2026-11,1,1');
  expect((await saved('PNG')).subarray(1, 4).toString()).toBe('PNG');

  const next = await classCalled(page, 'Thursday Mixed');
  await page.goto(`/classes/${next}/fitting`);
  await expect(page.getByText('Last time: Ines, low back hurt: at once').first()).toBeVisible();
  await page.goto(`/classes/${next}/after`);
  await expect(page.getByText('This class is still to come: it is recorded when it has been.')).toBeVisible();
});

test('an incident is written down, asked after again, and closed', async ({ page }) => {
  const today = await classCalled(page, 'Steady Backs');
  await page.goto(`/classes/${today}/after`);
  await page.getByRole('link', { name: 'Write an incident down' }).click();
  await page.getByLabel('Find somebody').fill('Edda');
  await page.getByRole('button', { name: 'Edda Wick' }).click();
  await page.getByLabel('What happened').fill('Felt faint getting up from the floor.');
  await page.getByLabel('Time').fill('18:40');
  await page.reload();
  await expect(page.getByLabel('What happened')).toHaveValue('Felt faint getting up from the floor.');
  await expectAccessible(page);
  await page.getByLabel('Ask again on').fill('2026-11-23');
  await page.getByRole('button', { name: 'Save the incident' }).click();
  await expect(page.getByText('ask again on Monday 23 November')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: /^Edda Wick/ }).click();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByText('Date, name, signature')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save the incident' })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.getByLabel('How it went on').fill('Well the same evening.');
  await page.getByRole('checkbox', { name: /^Closed/ }).check();
  await page.getByRole('button', { name: 'Save the incident' }).click();
  await expect(page.getByRole('heading', { name: 'Closed' })).toBeVisible();
});

test('a report says what was done, and gives its numbers to a spreadsheet', async ({ page }) => {
  const id = await classCalled(page, 'Steady Backs');
  await page.goto(`/classes/${id}/after`);
  await page.getByRole('button', { name: 'Save the record' }).click();
  await expect(page).toHaveURL(/fitting$/);
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Reports' }).click();
  await expect(page.getByText(/^1 class, .* taught/)).toBeVisible();
  const whole = page.getByRole('region', { name: 'Who came' });
  await expect(whole.locator('svg path').first()).toBeAttached();
  const done = page.getByRole('region', { name: 'What was done for whom' }).first();
  await expect(done.getByRole('row', { name: /^Ines Fallow 1 of 1/ })).toBeVisible();
  await expectAccessible(page);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    done.getByRole('button', { name: 'Save as CSV, What was done for whom' }).click(),
  ]);
  expect(readFileSync(await download.path()).toString()).toContain('\r\nInes Fallow,1 of 1,');
  // A period without a class, and one that ends before it begins.
  await page.getByRole('button', { name: 'From … to' }).click();
  await page.getByLabel('First day').fill('2020-01-01');
  await expect(page.getByText('A report is of five years at most.')).toBeVisible();
  await page.getByLabel('Last day').fill('2020-02-01');
  await expect(page.getByText(/^No class of these days is recorded/)).toBeVisible();
  await page.getByRole('button', { name: 'Three months' }).click();
  await page.getByLabel('Group').selectOption({ label: 'Rockpool Club' });
  await expect(page.getByText(/^No class of these days is recorded/)).toBeVisible();
});
