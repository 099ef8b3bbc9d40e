/** From a frame or a ready sequence to a class, a course and the same class again. */
import { expect } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

test('a class is begun from a frame, put otherwise by hand, and tried on the people of a class', async ({
  page,
}) => {
  await page.goto('/sequences');
  await page.getByRole('link', { name: 'Start from a frame' }).click();
  await page.locator('label').filter({ hasText: 'Pregnancy, second trimester' }).click();
  await page.getByLabel('Aim').selectOption('Hips');
  const shown = page.getByRole('region', { name: 'The class' });
  await expect(shown).toContainText('Pregnancy, second trimester: hips');
  await expect(shown).toContainText('Week 15; Week 26');
  const steps = shown.getByRole('list', { name: 'Step by step' });
  const first = await steps.textContent();
  await page.getByRole('button', { name: 'Another one' }).click();
  await expect(steps).not.toHaveText(first!);
  await expectAccessible(page);
  // The address says which it is: it is there again.
  const second = await steps.textContent();
  await page.reload();
  await expect(steps).toHaveText(second!);

  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Pregnancy, second trimester: hips');
  const text = page.getByRole('textbox', { name: 'The sequence as text' });
  const lines = async (): Promise<string[]> =>
    (await text.locator('.cm-line').allTextContents()).map((line) => line.replace(/ · .*/, ''));
  const before = await lines();
  const figures = page.locator('.cm-shown');
  await figures.nth(1).hover();
  await page.mouse.down();
  await figures.nth(3).hover();
  await figures.nth(3).hover({ position: { x: 10, y: 30 } });
  await page.mouse.up();
  await expect.poll(lines).not.toEqual(before);
  expect([...(await lines())].sort()).toEqual([...before].sort());
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(lines).toEqual(before);

  await page.getByRole('button', { name: 'List', exact: true }).click();
  const name = (step: number) => page.locator(`[data-step="${step}"] b`);
  const third = await name(3).textContent();
  const grip = (step: number) => page.getByRole('button', { name: `Move step ${step}`, exact: true });
  const [from, onto] = [(await grip(3).boundingBox())!, (await grip(2).boundingBox())!];
  await page.mouse.move(from.x + 8, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(onto.x + 8, onto.y + 4, { steps: 12 });
  // It is let go once the list has made room for it.
  await expect
    .poll(() => page.locator('[data-step="2"]').evaluate((row) => row.style.transform))
    .toContain('translate');
  await page.mouse.up();
  await expect(name(2)).toHaveText(third!);

  const tried = page.getByRole('region', { name: 'Tried on' });
  await tried
    .getByLabel('Try the plan on')
    .selectOption('The people of Bump and Breathe, Saturday 28 November');
  await expect(tried.getByRole('listitem').filter({ hasText: 'Petra Vane' }).first()).toBeVisible();
});

test('a round of her own is made of a plan, named, and put into another', async ({ page }) => {
  await page.goto('/sequences');
  await page.getByRole('link', { name: 'Thursday Mixed', exact: true }).click();
  await page.getByRole('button', { name: 'Rounds', exact: true }).click();
  const dialog = page.getByRole('dialog');
  const make = dialog.getByRole('region', { name: 'Make one' });
  await make.getByLabel('From').selectOption({ index: 9 });
  await make.getByLabel('To').selectOption({ index: 9 });
  await make.getByRole('button', { name: 'Keep as a round' }).click();
  await expect(make).toContainText('Still needed: a name.');
  await make.getByLabel('Name').fill('Tide salute');
  await make.getByRole('button', { name: 'Keep as a round' }).click();
  await expect(make).toContainText('at least two steps');
  await make.getByLabel('To').selectOption({ index: 12 });
  await expectAccessible(page);
  await make.getByRole('button', { name: 'Keep as a round' }).click();
  await expect(dialog.getByRole('button', { name: 'Add Tide salute' })).toBeVisible();
  await page.goto('/sequences');
  await page.getByRole('link', { name: 'Steady Backs', exact: true }).click();
  await page.getByRole('button', { name: 'Rounds', exact: true }).click();
  await dialog.getByLabel('It goes after').selectOption({ index: 3 });
  await dialog.getByRole('button', { name: 'Add Tide salute' }).click();
  const text = page.getByRole('textbox', { name: 'The sequence as text' });
  await expect(text).toContainText('Tide salute, 4 shapes × 2');
});

test('a lesson for children has the words to say', async ({ page }) => {
  await page.goto('/sequences/start?for=children-6-8');
  await page.getByLabel('Story', { exact: true }).selectOption('Night garden');
  await page.getByLabel('Aim').selectOption('A breath for worries');
  const shown = page.getByRole('region', { name: 'The class' });
  await expect(shown).toContainText('Night garden: a breath for worries, 6 to 8 years');
  await expect(shown).toContainText('When the chime sounds, put one hand up');
  await expect(shown).toContainText('For home:');
});

test('a ready sequence becomes hers, a class of it is taught every week, and it says where it is used', async ({
  page,
}) => {
  await page.goto('/sequences/ready');
  await page.getByRole('button', { name: /Legs that carry/ }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Copy to yours' }).click();
  await page.getByRole('link', { name: 'New class from it' }).click();
  await page.getByLabel('Date').fill('2026-12-01');
  await page.getByLabel('Maud Carrow').check();
  await page.getByRole('button', { name: 'Fit this class' }).click();
  await page.getByRole('button', { name: /^Save/ }).click();
  await page.getByRole('link', { name: 'Teach it again' }).click();
  await expect(page.getByRole('region', { name: 'Its sequence' })).toContainText('is the same still');
  await page.getByRole('button', { name: 'Every week' }).click();
  await page.getByLabel('How many').fill('3');
  await expect(page.getByText('3 classes, Tuesday 8 December to Tuesday 22 December')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Put it in the diary' }).click();
  await expect(page).toHaveURL(/\/classes$/);
  await page.goto('/sequences');
  const row = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('link', { name: 'Legs that carry', exact: true }) });
  await expect(row).toContainText('4 classes from it, the last on Tuesday 22 December');
});

test('the sequence of a class is saved in the library', async ({ page }) => {
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Steady Backs', exact: true }).first().click();
  await page.getByRole('button', { name: /^Move step 2,/ }).focus();
  await page.keyboard.press('+');
  await expect(page.getByText('All changes saved')).toBeVisible();
  await page.getByRole('link', { name: 'Teach it again' }).click();
  const own = page.getByRole('region', { name: 'Its sequence' });
  await expect(own).toContainText('has changed since');
  await own.getByRole('button', { name: 'Save as a new sequence' }).click();
  await expect(page).toHaveURL(/\/sequences\/[0-9a-f-]+$/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Steady Backs');
  // The class counts as begun from it, and has not changed since.
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Steady Backs', exact: true }).first().click();
  await page.getByRole('link', { name: 'Teach it again' }).click();
  await expect(own).toContainText('is the same still');
});

test('a course: its weeks move up, its people change on their dates, and its classes are made', async ({
  page,
}) => {
  await page.goto('/sequences/ready');
  await page.getByRole('button', { name: 'Begin Six weeks with room to grow' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Weeks').fill('3');
  await dialog.getByRole('button', { name: 'Make the course' }).click();
  await expect(dialog).toContainText('4 to 12 weeks');
  await dialog.getByLabel('Weeks').fill('6');
  await dialog.getByLabel('First day').fill('2026-11-24');
  await dialog.getByRole('button', { name: 'Make the course' }).click();
  const weeks = page.getByRole('list', { name: 'The weeks' }).locator('[data-week]');
  await expect(weeks).toHaveCount(6);
  await expect(weeks.nth(1)).toContainText('A few steps move up');
  await expect(weeks.nth(3)).toContainText('Lighter');
  await page.getByLabel('Find somebody to enrol').fill('Hollis');
  await page.getByRole('button', { name: 'Hollis Penny', exact: true }).click();
  await expect(page.getByRole('list', { name: 'The weeks' })).toContainText(
    'Hollis Penny (Pregnancy: week 28)',
  );
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Put 6 classes in the diary' }).click();
  await expect(page.getByRole('button', { name: 'All classes are in the diary' })).toBeDisabled();
  await expect(weeks.nth(5)).toContainText('In the diary');
  // What a week is, is changed at the desk like any sequence.
  await page.getByRole('link', { name: 'Week 2', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Room to grow, week 2');
});
