/** Somebody new is asked, measured, fills in her own form, and is asked again at the door. */
import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';
import { linkOn } from '../fixtures/linkOn.js';

test('all of it is asked in order, by keyboard, saved as it is typed, and gone on with later', async ({
  page,
}) => {
  await page.goto('/people/new');
  await page.getByLabel('Name', { exact: true }).fill('Juna Weir');
  await page.getByLabel('Date of birth').fill('1951-03-02');
  await page.getByLabel('Norms for').selectOption('women');
  // Enter in a field is the same as the button: who it is is kept, and the next group stands there.
  await page.getByLabel('Name', { exact: true }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Why', exact: true })).toBeVisible();
  await page.getByLabel('What brings you here?').fill('My knee, and to sleep.');
  await page.getByRole('button', { name: 'Next: health' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Health', exact: true })).toBeFocused();
  await page.getByLabel('Several at once').fill('high blood pressure, left frozen shoulder, glass ankles');
  await expect(page.getByText('something else: “glass ankles”')).toBeVisible();
  await page.getByLabel('Several at once').press('Enter');
  await expect(page.getByRole('list', { name: 'What there is' }).getByRole('listitem')).toHaveCount(3);
  await expectAccessible(page);

  await page.getByRole('button', { name: 'Next: dates and details' }).click();
  const pressure = page.locator('section').filter({ hasText: 'High blood pressure' });
  await expect(pressure.getByText(/controlled: /).first()).toBeVisible();
  await pressure.getByLabel('Known from').selectOption('a letter or report');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Next: body' }).click();
  await page.getByRole('button', { name: 'Next: what hurts' }).click();
  await page.getByRole('button', { name: 'right knee' }).first().click();
  await page.getByRole('button', { name: 'Knee arthritis' }).click();
  await expect(page.getByRole('button', { name: 'Knee arthritis: noted' })).toBeDisabled();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Next: what they can do' }).click();
  await page.getByRole('group', { name: 'On one leg' }).getByText('a moment').click();
  await expectAccessible(page);
  await expect(page.getByText('All changes saved')).toBeVisible();

  await page.goto('/people');
  await page.getByRole('link', { name: 'Juna Weir' }).click();
  const now = page.getByRole('region', { name: 'What matters now' });
  await expect(now).toContainText('My knee, and to sleep.');
  await expect(now).toContainText('Marked: left shoulder, right knee');
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Go on asking' }).click();
  await page.getByRole('button', { name: 'Next: hopes' }).click();
  await page.getByLabel('sleep and settle').check();
  await expect(page.getByText(/^Serves it, and is open today:/)).toBeVisible();
  await page.getByRole('button', { name: 'Next: consent' }).click();
  await page.getByRole('checkbox').check();
  await expect(page.getByText(/^Agreed on .*, taken down by Maren Tolliver$/)).toBeVisible();
  await page.getByRole('button', { name: 'Finish' }).click();
  await expect(page.getByRole('heading', { name: 'Juna Weir', level: 1 })).toBeVisible();
  await expect(now).toContainText('Good for that');
  await expect(page.getByRole('link', { name: 'Change', exact: true })).toBeVisible();
});

test('a range is measured on both sides and says what it closes; tests have clocks and norms', async ({
  page,
}) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Greta Loom' }).click();
  await page.getByRole('link', { name: 'Measure and test' }).click();
  await page.getByRole('button', { name: /arm lifts/ }).click();
  await page.getByLabel('Right, degrees').fill('95');
  await page.getByLabel('Left, degrees').fill('100');
  await expect(page.getByText(/^Closes /)).toBeVisible();
  await expect(page.getByRole('img', { name: 'the arm lifts, 100 degrees' })).toBeVisible();
  await page.getByRole('button', { name: /head turns/ }).click();
  await page.getByLabel('To the right, degrees').fill('62');
  await page.getByLabel('To the left, degrees').fill('48');
  await expect(page.getByRole('button', { name: /head turns/ })).toContainText('48°');
  await expectAccessible(page);

  const stands = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: 'Chair stands' }) })
    .last();
  await stands.getByLabel('Stands in 30 s').fill('14');
  await expect(stands.getByRole('status')).toContainText('10 or more are usual for women of 78.');
  const stages = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: 'Four stages of balance' }) })
    .last();
  await stages.getByRole('button', { name: 'Start' }).click();
  // A tenth of a second at least: of nothing there is nothing to take.
  await page.waitForTimeout(200);
  await stages.getByRole('button', { name: 'Stop' }).click();
  await stages.getByRole('button', { name: /^Take/ }).click();
  // Who cannot hold the first stage does not hold the third.
  await expect(stages.getByLabel('Heel to toe, seconds')).toHaveValue('0');
  await expect(stages.getByRole('status')).toContainText('Below:');
  await expect(page.getByText('All changes saved')).toBeVisible();

  await page.goto('/people');
  await page.getByRole('link', { name: 'Greta Loom' }).click();
  await page.getByRole('link', { name: 'Measure and test' }).click();
  await page.getByRole('button', { name: /head turns/ }).click();
  await expect(page.getByLabel('To the right, degrees')).toHaveValue('62');
});

test('a range is read off the phone that lies on the limb', async ({ page, browser }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Selma Quist' }).click();
  await page.getByRole('link', { name: 'Measure and test' }).click();
  await page.waitForURL(/measure/);
  const address = page.url();
  const context = await browser.newContext({
    hasTouch: true,
    storageState: await page.context().storageState(),
  });
  const phone = await context.newPage();
  const browserOf = await context.newCDPSession(phone);
  const lie = (beta: number) =>
    browserOf.send('DeviceOrientation.setDeviceOrientationOverride', { alpha: 0, beta, gamma: 0 });
  await phone.goto(address);
  await phone.getByRole('button', { name: /arm lifts/ }).click();
  await lie(10);
  await phone.getByRole('button', { name: 'Measure with this phone' }).first().click();
  await expect(phone.getByRole('button', { name: 'Take 0°' })).toBeVisible();
  await lie(-85);
  await phone.getByRole('button', { name: 'Take 95°' }).click();
  await expect(phone.getByLabel('Right, degrees')).toHaveValue('95');
  await context.close();
});

test('what she fills in herself waits until it is looked at, and is taken over point by point', async ({
  page,
  browser,
}) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Rowan Tidewell' }).click();
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = await linkOn(page);
  const own = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await own.goto(link);
  await own.getByRole('button', { name: 'Fill in my form' }).click();
  await own.getByRole('textbox', { name: 'What brings you here?' }).fill('The shoulder again.');
  await own.getByRole('button', { name: 'Next' }).click();
  await own.getByLabel('Several at once').fill('migraine');
  await own.getByLabel('Several at once').press('Enter');
  await expect(own.getByText('Kept. Your teacher sees it.')).toBeVisible();
  await expectAccessible(own);
  await own.context().close();

  await page.reload();
  const sent = page.getByRole('region', { name: 'Rowan has filled in the form' });
  await expect(sent.getByText('The shoulder again.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'What matters now' })).not.toContainText('Migraine');
  await expectAccessible(page);
  await sent.getByLabel(/Why they come/).uncheck();
  await sent.getByRole('button', { name: 'Take over what is ticked' }).click();
  await expect(sent).toBeHidden();
  const now = page.getByRole('region', { name: 'What matters now' });
  await expect(now).toContainText('Migraine');
  await expect(now).not.toContainText('The shoulder again.');
});

test('at the door: as usual is one tap; what is new changes the class, and it says what', async ({
  page,
}) => {
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Thursday Mixed', exact: true }).click();
  await page.getByRole('link', { name: 'At the door' }).click();
  await expect(page.getByText(/0 of \d+ asked/)).toBeVisible();
  await page.getByRole('region', { name: 'Tam Orrin' }).getByRole('button', { name: 'As usual' }).click();
  await expect(page.getByText(/1 of \d+ asked/)).toBeVisible();
  const ines = page.getByRole('region', { name: 'Ines Fallow' });
  await ines.getByRole('button', { name: 'Something is new' }).click();
  await ines.getByRole('group', { name: 'Pain, 0 to 10' }).getByRole('button', { name: '8' }).click();
  await ines.getByRole('button', { name: 'low back' }).click();
  await expect(ines.getByText(/changes? in the class/)).toBeVisible();
  await expectAccessible(page);
  const hollis = page.getByRole('region', { name: 'Hollis Penny' });
  await hollis.getByLabel('Blood pressure today, Hollis Penny').fill('150/96');
  await expect(hollis.getByRole('alert')).toContainText('must not practise today');
  // A reading is no complaint.
  await expect(hollis.getByRole('button', { name: 'As usual' })).toHaveAttribute('aria-pressed', 'true');

  await expect(page.getByText('Fitting …')).toHaveCount(0);
  // What was still on its way when the window closed is there a moment later.
  await expect(async () => {
    await page.reload();
    await expect(page.getByText(/3 of \d+ asked/)).toBeVisible({ timeout: 5000 });
  }).toPass();
  await expect(hollis.getByLabel('Blood pressure today, Hollis Penny')).toHaveValue('150/96');
});

test('all that is kept of somebody is on one page, and in one file', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Greta Loom' }).click();
  await page.getByRole('link', { name: 'All that is kept' }).click();
  await expect(page.getByRole('heading', { name: 'All that is kept of Greta Loom' })).toBeVisible();
  await expect(page.getByText('I fell on the ferry steps', { exact: false })).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file (JSON)' }).click(),
  ]);
  // The name of a file says nothing of anybody.
  expect(file.suggestedFilename()).toBe('everything.json');

  const kept = JSON.parse(readFileSync(await file.path(), 'utf8')) as { person: { name: string } };
  expect(kept.person.name).toBe('Greta Loom');
});
