/** The whole job walked once through the real interface: plan, fit, why, save, print, teach, after class. */
import { expect, type Page } from '@playwright/test';
import { test } from '../fixtures/hall.js';
import { expectAccessible } from '../fixtures/axe.js';
import { pick } from '../fixtures/pick.js';

const open = async (page: Page, title: string): Promise<void> => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Classes', exact: true }).first().click();
  await expect(page).toHaveURL(/\/classes$/);
  await page.getByRole('link', { name: title, exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: title })).toBeVisible();
};

test('land on the demo classes, open Thursday Mixed, see why', async ({ page }) => {
  await open(page, 'Thursday Mixed');
  await expect(page.getByText('Perrin: Last reading is', { exact: false })).toBeVisible();
  const dog = page.locator('[data-row]').filter({ hasText: 'Downward-facing dog' });
  await dog.getByRole('button', { name: /Perrin/ }).click();
  const why = page.getByTestId('why');
  await expect(why.getByText('the head stays level with the heart').first()).toBeVisible();
  await expect(why.getByRole('heading', { name: 'Getting there' })).toBeVisible();
  await expect(why.getByRole('img', { name: /Head below heart, asked: .*limit 5 cm/ })).toBeVisible();
  await expect(why.getByRole('img', { name: /Head below heart, chosen/ })).toBeVisible();
  await expect(why.getByRole('img', { name: 'Downward-facing dog, full' })).toBeVisible();
  await expect(why.getByRole('img', { name: 'Downward-facing dog, hands on a chair back' })).toBeVisible();
  await expect(why.getByText('common practice', { exact: true }).first()).toBeVisible();
  await expect(
    why
      .getByRole('list', { name: 'Also possible' })
      .getByText(/as close|slightly|clearly|very different/)
      .first(),
  ).toBeVisible();
  await expectAccessible(page);
});

test('the fitting works by keyboard: arrows move, Enter opens, Escape closes and gives the place back', async ({
  page,
}) => {
  await open(page, 'Thursday Mixed');
  const cells = page.locator('[data-cell]');
  await cells.first().focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowRight');
  const here = await page.evaluate(() => document.activeElement?.textContent ?? '');
  expect(here).toContain('eased');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('why')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('why')).toBeHidden();
  expect(await page.evaluate(() => document.activeElement?.textContent ?? '')).toBe(here);
});

test('everyone, step by step', async ({ page }) => {
  await open(page, 'Chairs by the Window');
  await page.getByRole('button', { name: 'Everyone, step by step' }).click();
  await expect(page.getByRole('columnheader', { name: 'Maud' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Only who differs' }).click();
  await expect(page.getByRole('columnheader')).toHaveCount(0);
});

test('a new class from paste to record', async ({ page }) => {
  await page.goto('/classes');
  await page.getByRole('link', { name: 'New class' }).click();
  await expect(page.getByRole('checkbox', { name: 'Ines Fallow' })).toBeVisible();
  await page.getByRole('button', { name: 'Fit this class' }).click();
  await expect(page.getByRole('alert')).toContainText('Still needed: a sequence.');
  await page
    .getByLabel('Sequence', { exact: true })
    .fill(
      '# Small Hours\nminutes: 20\n- Tree, 20 s each side\n- Zebra crossing, 3 breaths\n- Final rest, 5 min',
    );
  await expect(page.getByText(/Line 4: "Zebra crossing" is not a pose we know/)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Sequence', { exact: true })).toHaveValue(/Zebra crossing/);
  await page
    .getByLabel('Sequence', { exact: true })
    .fill(
      '# Small Hours\nminutes: 20\n- Tree, 20 s each side\n- Downward-facing dog, 5 breaths\n- Final rest, 5 min',
    );
  await expectAccessible(page);

  await page.getByRole('button', { name: 'Add a person' }).click();
  const form = page.getByRole('dialog');
  await form.getByLabel('Name').fill('Orla Finch');
  await form.getByLabel('Height in cm').fill('17');
  await form.getByLabel('Add one').fill('pregn');
  await form.getByRole('option', { name: 'Pregnancy', exact: true }).click();
  await form.getByLabel('Due date').fill('2027-02-01');
  await form.getByLabel('First day of the last period').fill('2026-03-01');
  await form.getByRole('button', { name: 'Save person' }).click();
  await expect(form.getByText('Height in cm is a number between 80 and 220.').first()).toBeVisible();
  await expect(form.getByText(/days apart/).first()).toBeVisible();
  await expect(form.getByLabel('Name')).toHaveValue('Orla Finch');
  await expectAccessible(page);
  await form.getByLabel('Height in cm').fill('164');
  await form.getByRole('button', { name: 'Save person' }).click();
  await expect(form.getByText(/days apart/).first()).toBeVisible();
  await expect(form.getByText(/between 80 and 220/).first()).toBeHidden();
  await form.getByLabel('First day of the last period').fill('');
  await form.getByRole('button', { name: 'Save person' }).click();
  await expect(form).toBeHidden();
  await expect(page.getByRole('checkbox', { name: 'Orla Finch' })).toBeChecked();

  await page.getByRole('checkbox', { name: 'Ines Fallow' }).check();
  await page.getByLabel('Pain today, Ines Fallow').fill('2');
  await page.getByLabel('Date', { exact: true }).fill('2026-11-23');
  await page.getByRole('button', { name: 'Fit this class' }).click();
  await expect(page.getByText('not saved yet', { exact: false })).toBeVisible();
  await expect(page.getByRole('button', { name: /eased.*Orla/ }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Save class' }).click();
  await expect(page).toHaveURL(/\/classes\/[\w-]+\/fitting$/);
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: 'Small Hours' })).toBeVisible();

  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('link', { name: 'Teach', exact: true })).toBeHidden();
  await expect(page.getByText('own doctor, midwife or physiotherapist', { exact: false })).toBeVisible();
  expect((await page.pdf({ format: 'A4' })).byteLength).toBeGreaterThan(20_000);
  await page.emulateMedia({ media: 'screen' });

  await page.getByRole('link', { name: 'Teach', exact: true }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Tree' })).toBeVisible();
  await expect(page.getByText('Their right')).toBeVisible();
  await expect(page.getByText('on your left as you face them')).toBeVisible();
  await expect(page.getByText('Next: Tree, left side', { exact: false })).toBeVisible();
  await expectAccessible(page);
  const timer = page.getByRole('timer');
  const before = await timer.getAttribute('aria-label');
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
  await expect(timer).not.toHaveAttribute('aria-label', before!, { timeout: 5000 });
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('Their left')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('heading', { level: 2, name: 'Downward-facing dog' })).toBeVisible();
  await expect(page.getByLabel('Who differs').getByText('Orla')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await page.getByRole('link', { name: 'After class' }).click();

  await expect(page.getByLabel('Pain before, Ines Fallow')).toHaveValue('2');
  await page.getByLabel('Pain after, Ines Fallow').fill('5');
  await expect(page.getByText('up by 3: ease next time')).toBeVisible();
  await page.getByRole('button', { name: 'What was different, Ines Fallow' }).click();
  await pick(page, 'Add a step stopped, Ines Fallow', '2.');
  await page.getByLabel('Note on Ines Fallow').fill('Wrists were sore.');
  await page.getByRole('checkbox', { name: 'Orla Finch attended' }).uncheck();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save the record' }).click();
  await expect(page).toHaveURL(/\/fitting$/);
  await page.getByRole('link', { name: 'People', exact: true }).click();
  await page.getByRole('link', { name: 'Ines Fallow' }).click();
  await expect(
    page.getByRole('row', { name: /Small Hours.*yes 2 5 – – step 2 stopped Wrists were sore/ }),
  ).toBeVisible();
  await expectAccessible(page);
});

test('lists, the about page and a wrong address are accessible', async ({ page }) => {
  for (const [path, heading] of [
    ['/classes', 'Classes'],
    ['/people', 'People'],
    ['/about', 'About'],
    ['/nowhere', 'Nothing here'],
  ] as const) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1, name: heading })).toBeVisible();
    await expect(page.getByRole('status')).toHaveCount(0);
    await expectAccessible(page);
  }
});
