/** What every form owes: errors summed up and led to, nothing picked by an arrow key, two editors both shown. */
import { expect, type Browser, type Page } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';
import { pick } from '../fixtures/pick.js';

/** A second window of someone else's. */
const secondPage = async (browser: Browser, page: Page): Promise<Page> => {
  const baseURL = new URL(page.url()).origin;
  const context = await browser.newContext({ baseURL });
  await context.request.post(`${baseURL}/api/session/demo`);
  return context.newPage();
};

test('errors of a long form are summed up, and each leads to its field', async ({ page }) => {
  await page.goto('/classes/new');
  await page.getByLabel('Sequence', { exact: true }).fill('- Zebra crossing, 3 breaths');
  await page.getByRole('button', { name: 'Fit this class' }).click();
  const summary = page.getByRole('alert').filter({ hasText: '2 things to mend' });
  await expect(summary).toBeFocused();
  await expectAccessible(page);
  await summary.getByRole('button', { name: 'Fix the marked line of the sequence.' }).click();
  await expect(page.getByLabel('Sequence', { exact: true })).toBeFocused();
  // What is left changes as one types; the hand stays where it types.
  await page.keyboard.press('Control+A');
  await page.keyboard.type('- Tree, 5 breaths');
  await expect(page.getByLabel('Sequence', { exact: true })).toBeFocused();
  await expect(page.getByLabel('Sequence', { exact: true })).toHaveValue('- Tree, 5 breaths');
  await page.getByRole('button', { name: 'Still needed: who is coming.' }).click();
  await expect(page.getByText('Still needed: who is coming.').first()).toBeFocused();
  await page.getByRole('checkbox', { name: 'Hollis Penny' }).check();
  await page.getByText('Warning signs').first().click();
  await expectAccessible(page);
});

test('arrow keys look through a list of many; only Enter picks', async ({ page }) => {
  await page.goto('/atlas/compare?a=tree.full&b=plank.full');
  const field = page.getByRole('combobox', { name: 'with this' });
  await field.focus();
  await field.press('ArrowDown');
  await field.press('ArrowDown');
  await expect(page).toHaveURL(/b=plank\.full/);
  await field.press('Escape');
  await expect(field).toHaveValue(/^Plank/);
  await pick(page, 'with this', 'vrksasana');
  await expect(page).toHaveURL(/b=tree\./);
});

test('of two who change one person the later is shown both, and neither loses a word', async ({
  page,
  browser,
}) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Hollis Penny' }).click();
  await page.getByRole('link', { name: 'Go on asking' }).click();
  await page.getByRole('button', { name: 'Body', exact: true }).click();
  await expect(page.getByLabel('Height in cm')).toBeVisible();
  const other = await secondPage(browser, page);
  await other.goto(page.url());
  await other.getByLabel('Height in cm').fill('169');
  await other.getByLabel('Falls in the last year').fill('0');
  await expect(other.getByText('All changes saved')).toBeVisible();

  // What only one has changed is brought together; what both have is asked.
  await page.getByLabel('Weight in kg').fill('71');
  await page.getByLabel('Height in cm').fill('171');
  const both = page.getByRole('alert').filter({ hasText: 'Someone else has changed this person' });
  await expect(both.getByRole('group', { name: 'Height in cm' })).toBeVisible();
  await expect(both.getByRole('group')).toHaveCount(1);
  await expectAccessible(page);
  // What is typed while it is asked is not lost.
  await page.getByLabel('Weight in kg').fill('72');
  await both.getByLabel('Theirs: 169').check();
  await both.getByRole('button', { name: 'Save it so' }).click();
  await expect(page.getByLabel('Height in cm')).toHaveValue('169');
  await expect(page.getByText('All changes saved')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Height in cm')).toHaveValue('169');
  await expect(page.getByLabel('Weight in kg')).toHaveValue('72');
  await expect(page.getByLabel('Falls in the last year')).toHaveValue('0');
  await other.context().close();
});

test('the same for the pace and the props of the hall, and for the plan of a class', async ({
  page,
  browser,
}) => {
  await page.goto('/hall');
  const other = await secondPage(browser, page);
  await other.goto('/hall');
  await page.getByLabel('One relaxed breath').fill('5');
  await page.getByLabel('chairs in the hall').fill('9');
  await other.getByLabel('One relaxed breath').fill('6');
  await other.getByRole('button', { name: 'Save the pace' }).click();
  await expect(other.getByText('Saved.')).toBeVisible();
  await other.getByLabel('chairs in the hall').fill('7');
  await other.getByRole('button', { name: 'Save the counts' }).click();
  await expect(other.getByText('Saved. Open the fitting')).toBeVisible();

  await page.getByRole('button', { name: 'Save the pace' }).click();
  const pace = page.getByRole('alert').filter({ hasText: 'Someone else has changed the hall' });
  await expect(pace.getByRole('row', { name: 'One relaxed breath 5 6' })).toBeVisible();
  await pace.getByRole('button', { name: 'Save mine' }).click();
  await expect(page.getByText('Saved.', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Save the counts' }).click();
  const props = page.getByRole('alert').filter({ hasText: 'the props of the hall' });
  await expect(props.getByRole('row', { name: 'chairs 9 7' })).toBeVisible();
  await props.getByRole('button', { name: 'Take theirs' }).click();
  await expect(page.getByLabel('chairs in the hall')).toHaveValue('7');

  await page.goto('/classes');
  await page.getByRole('link', { name: 'Steady Backs', exact: true }).first().click();
  await page.waitForURL(/\/fitting/);
  const plan = page.url().replace('/fitting', '/plan');
  for (const [window, place] of [
    [page, 'Upper room'],
    [other, 'Garden room'],
  ] as const) {
    await window.goto(plan);
    await window.getByLabel('Place').fill(place);
    await window.getByRole('button', { name: 'Fit this class' }).click();
    await expect(window.getByText('not saved yet', { exact: false })).toBeVisible();
  }
  await other.getByRole('button', { name: 'Save class' }).click();
  await expect(other).toHaveURL(/\/fitting$/);
  await page.getByRole('button', { name: 'Save class' }).click();
  const classes = page.getByRole('alert').filter({ hasText: 'Someone else has changed this class' });
  await expect(classes.getByRole('row', { name: 'Place Upper room Garden room' })).toBeVisible();
  await classes.getByRole('button', { name: 'Save mine' }).click();
  await expect(page).toHaveURL(/\/fitting$/);
  await expect(page.getByText('Upper room', { exact: false })).toBeVisible();
  await other.context().close();
});

test('a limit moved by two: the numbers side by side', async ({ page, browser }) => {
  await page.goto('/rulebook/high-blood-pressure');
  const other = await secondPage(browser, page);
  await other.goto('/rulebook/high-blood-pressure');
  for (const [window, to] of [
    [page, '3'],
    [other, '4'],
  ] as const) {
    const rule = window
      .getByRole('listitem')
      .filter({ hasText: 'High blood pressure not under control: the head stays level' });
    await rule.getByRole('button', { name: /Move/ }).first().click();
    await window.getByLabel(/^Limit/).fill(to);
    await window.getByLabel('Reason').fill('Agreed at the door.');
    await window.getByLabel('Decided by').fill('Wren');
  }
  // A looser number is asked about.
  await other.getByLabel(/^Limit/).fill('40');
  await other.getByRole('button', { name: 'Save this limit' }).click();
  await expect(other.getByText('Say that it is meant, or take a tighter number.')).toBeVisible();
  await other.getByLabel(/^Limit/).fill('4');
  await other.getByRole('button', { name: 'Save this limit' }).click();
  await expect(other.getByRole('dialog')).toBeHidden();
  await page.getByRole('button', { name: 'Save this limit' }).click();
  const both = page.getByRole('alert').filter({ hasText: 'the hall’s rules' });
  await expect(both.getByRole('row', { name: 'Limit 3 4' })).toBeVisible();
  await both.getByRole('button', { name: 'Save mine' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.getByRole('button', { name: /take back/ }).click();
  await page.getByRole('button', { name: 'As the rulebook has it' }).click();
  await expect(page.getByRole('button', { name: /take back/ })).toBeHidden();
  await other.context().close();
});
