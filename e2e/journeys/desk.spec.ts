/** A sequence written at the desk: as text and as a list, tried on people, kept, and made a class of. */
import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

test('a sequence is written as text and as a list, which are one document, and is there again', async ({
  page,
}) => {
  await page.goto('/sequences');
  await page.getByRole('button', { name: 'New sequence' }).first().click();
  const text = page.getByRole('textbox', { name: 'The sequence as text' });
  await text.click();
  await page.keyboard.press('Control+End');
  await page.keyboard.type('## Warm\ncat cow x6\nblargh flop, 5 breaths\ntrik 5b e/s\nsavasana 5 min');
  await expect(text).toContainText('Triangle · 5 breaths each side');
  await expect(page.getByText('One line is asked about')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Keep as a note' }).click();
  await expect(page.getByText('One line is asked about')).toBeHidden();

  // What it comes to, and whom it suits, follow what is written.
  await expect(page.getByRole('region', { name: 'What it comes to' })).toContainText('of 60 minutes');
  const tried = page.getByRole('region', { name: 'Tried on' });
  await expect(tried).toContainText('Week 30 of pregnancy');
  await tried.getByLabel('Child of 8').check();
  await expect(tried.getByRole('listitem').filter({ hasText: 'Child of 8' })).toBeVisible();

  await page.getByRole('button', { name: 'List', exact: true }).click();
  await page.getByRole('button', { name: 'Longer, step 1' }).click();
  await page.getByRole('button', { name: 'Later, step 1' }).click();
  await expect(page.locator('[data-step="2"]')).toContainText('7 rounds');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('[data-step="1"]')).toContainText('7 rounds');
  await expectAccessible(page);
  await expect(page.getByText('All changes saved')).toBeVisible();

  await page.reload();
  await expect(text).toContainText('cat cow 7 rounds');
  await page.getByRole('link', { name: 'New class from it' }).click();
  await expect(page.getByLabel('Sequence', { exact: true })).toHaveValue(/cat cow 7 rounds/);
});

test('lines are moved by keyboard, a section is folded, and an earlier version comes back', async ({
  page,
}) => {
  await page.goto('/sequences');
  await page.getByRole('link', { name: 'Thursday Mixed', exact: true }).click();
  const text = page.getByRole('textbox', { name: 'The sequence as text' });
  await text.click();
  await page.keyboard.press('Control+Home');
  await page.keyboard.type('Tree 3b\n');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Alt+ArrowDown');
  await expect(text).toContainText(/# Thursday Mixed\s*Tree 3b/);
  await expect(page.getByText('All changes saved')).toBeVisible();
  // Who leaves a moment after a change finds it, and is not told that somebody else has made it.
  await page.keyboard.press('Control+End');
  await page.keyboard.type('\nBridge 3b');
  await page.getByRole('link', { name: 'Sequences', exact: true }).last().click();
  await page.getByRole('link', { name: 'Thursday Mixed', exact: true }).click();
  await text.click();
  await page.keyboard.press('Control+End');
  await expect(text).toContainText('Bridge 3b');
  await page.keyboard.type('\nBoat 3b');
  await expect(page.getByText('All changes saved')).toBeVisible();
  await page.getByRole('button', { name: 'Earlier versions' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('group', { name: 'Compared with now' })).toContainText('Tree 3b');
  await dialog.getByRole('button', { name: 'Use this version' }).click();
  await expect(text).not.toContainText('Tree 3b');
});

test('the library finds by pose and tag, copies, and puts away', async ({ page }) => {
  await page.goto('/sequences');
  const row = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('link', { name: 'Steady Backs', exact: true }) });
  await row.getByLabel('Add a tag').fill('evening');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'evening', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Thursday Mixed', exact: true })).toBeHidden();
  await page.getByRole('button', { name: 'Copy, Steady Backs' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Steady Backs, copy');
  await page.goto('/sequences');
  await page.getByRole('searchbox', { name: 'Find a sequence' }).fill('backs copy');
  await page.getByRole('button', { name: 'Archive, Steady Backs, copy' }).click();
  await expect(page.getByRole('link', { name: 'Steady Backs, copy' })).toBeHidden();
  await page.getByRole('button', { name: /Archive \(\d+\)/ }).click();
  await expect(page.getByRole('link', { name: 'Steady Backs, copy' })).toBeVisible();
  await expectAccessible(page);
});

const plan = (name: string): string => new URL(`../fixtures/plans/${name}`, import.meta.url).pathname;

test('a plan is opened from Word, a spreadsheet and a table; what was understood stands beside it', async ({
  page,
}) => {
  await page.goto('/sequences');
  await page.getByRole('button', { name: 'Paste or open' }).click();
  const dialog = page.getByRole('dialog');
  const file = dialog.locator('input[type=file]');
  const understood = dialog.getByRole('group').filter({ hasText: 'What was understood' });
  await file.setInputFiles(plan('morning.xlsx'));
  await expect(understood).toContainText('Warrior two · 5 breaths each side');
  await file.setInputFiles(plan('noon.csv'));
  await expect(understood).toContainText('Tree, foot at the shin, hands on the hips · 4 breaths each side');
  await file.setInputFiles({ name: 'film.mov', mimeType: 'video/quicktime', buffer: Buffer.from('x') });
  await expect(dialog.getByRole('alert')).toContainText('cannot be opened');
  await file.setInputFiles({ name: 'broken.docx', mimeType: '', buffer: Buffer.from('x') });
  await expect(dialog.getByRole('alert')).toContainText('no Word document');
  await file.setInputFiles(plan('evening.docx'));
  await expect(understood).toContainText('Triangle · 5 breaths each side');
  await expect(understood).toContainText('Warm up');
  await expectAccessible(page);
  await page.keyboard.press('Control+Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Evening Tide');

  // Saved as a file, it is opened as the same.
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as JSON' }).click(),
  ]);
  const path = await saved.path();
  await page.goto('/sequences');
  await page.getByRole('button', { name: 'Paste or open' }).click();
  await file.setInputFiles({
    name: 'evening.json',
    mimeType: 'application/json',
    buffer: readFileSync(path),
  });
  await expect(understood).toContainText('Triangle · 5 breaths each side');
});
