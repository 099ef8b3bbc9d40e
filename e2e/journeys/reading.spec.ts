/** A plan as it is jotted down, and exercises that a team has ordered by name. */
import { expect } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';
import { pick } from '../fixtures/pick.js';

const JOTTED = [
  'Thursday backs',
  '75 min',
  'start seated, three big breaths, then cat cow five or six times, come onto the knees, child’s pose',
  'STANDING',
  'W2 R 5b',
  'same again left',
  'Tree 30s e/s, wobbly twist',
  'Savasana 5’',
  'Remember to breathe!',
].join('\n');

test('a plan is read as it is jotted down: what is understood is shown, and what is not is asked about', async ({
  page,
}) => {
  await page.goto('/classes/new');
  await page.getByLabel('Sequence', { exact: true }).fill(JOTTED);
  const understood = page.getByRole('group').filter({ hasText: 'What was understood' });
  await expect(understood).toContainText('5 steps');
  await expect(understood.getByRole('listitem')).toContainText([
    'On the way: start seated',
    'Asked about: three big breaths',
    'Cat and cow · 5 rounds',
    'On the way: come onto the knees',
    "Child's pose · 8 breaths",
    'STANDING',
    'Warrior two · 5 breaths right',
    'Warrior two · 5 breaths left',
    'Asked about: Tree 30s e/s, wobbly twist',
    'Final rest · 5 min',
    'Note: Remember to breathe!',
  ]);
  await expectAccessible(page);
  const asked = page.getByRole('alert');
  await asked.getByRole('button', { name: 'Seated breath' }).click();
  await asked.getByRole('button', { name: 'Tree', exact: true }).click();
  await expect(asked).toBeHidden();
  await expect(page.getByLabel('Sequence', { exact: true })).toHaveValue(/Seated breath, three big breaths/);
  await expect(page.getByLabel('Sequence', { exact: true })).toHaveValue(/Tree, 30s e\/s/);
  await expect(understood).toContainText('Tree · 30 s each side');
  await page.getByRole('checkbox', { name: 'Hollis Penny' }).check();
  await page.getByRole('button', { name: 'Fit this class' }).click();
  await expect(page.getByRole('heading', { name: 'Thursday backs' })).toBeVisible();
});

test('exercises that a team ordered are said with the person, and are no yes', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('button', { name: 'Add a person' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Perrin Vale');
  await page.getByRole('button', { name: 'Next: why' }).click();
  await page.getByRole('button', { name: 'Health', exact: true }).click();
  const form = page.locator('form');
  await pick(form, 'A condition, an operation, a stage of life', 'hip replacement');
  await page.getByRole('button', { name: 'Next: dates and details' }).click();
  await form.getByLabel('Operated on').fill('2026-11-02');
  await form.getByRole('button', { name: 'A medical clearance' }).click();
  await pick(form, 'For', 'Hip replacement: may come to class');
  await form.getByLabel('Given by').fill('surgeon');
  await form.getByLabel('On', { exact: true }).fill('2026-11-20');
  await form.getByLabel('They said').selectOption('only what they ordered:');
  await pick(form, 'Exercises they ordered', 'heel raise');
  await expectAccessible(page);
  await expect(page.getByText('All changes saved')).toBeVisible();
  await page.getByRole('link', { name: 'Perrin Vale' }).click();
  await expect(page.getByRole('heading', { name: 'Perrin Vale' })).toBeVisible();
  await expect(page.getByText('ordered: heel raise', { exact: false })).toBeVisible();
  await expect(page.getByText('no medical clearance yet', { exact: false })).toBeVisible();
});

test('a salute is written by its name, shown with its breath and rounds, and a round is added by hand', async ({
  page,
}) => {
  await page.goto('/classes/new');
  await page
    .getByLabel('Sequence', { exact: true })
    .fill('Salutes\n45 min\nCat cow x6\nSun salutations x3\nDog to plank x5\nSavasana 6 min');
  const understood = page.getByRole('group').filter({ hasText: 'What was understood' });
  // Which salute is asked; the answer takes its place in the line.
  await page.getByRole('alert').getByRole('button', { name: 'Sun salutation A', exact: true }).click();
  await expect(page.getByLabel('Sequence', { exact: true })).toHaveValue(
    /^Sun salutation A, x3$|Sun salutation A/m,
  );
  await expect(understood.getByRole('listitem')).toContainText([
    'Cat and cow · 6 rounds',
    'Sun salutation A · 3 rounds',
    'Arms up with the breath · breathing in',
    'Standing forward fold · breathing out',
  ]);
  await expect(understood).toContainText('Downward-facing dog and plank · 5 rounds');
  await expectAccessible(page);
  await page.getByRole('checkbox', { name: 'Hollis Penny' }).check();
  await page.getByRole('button', { name: 'Fit this class' }).click();
  await expect(page.getByText('Sun salutation A · 3 rounds')).toBeVisible();
  await page.getByRole('button', { name: 'Save class' }).click();
  await page.getByRole('button', { name: 'Change step 4, Half forward fold' }).click();
  await page.getByRole('button', { name: 'A round more' }).click();
  await expect(page.getByText('Sun salutation A · 4 rounds')).toBeVisible();
  await page.keyboard.press('Escape');
  await expectAccessible(page);
});
