/** Groups and the week: who comes when, who waits, what changes by then, and a class planned with who comes. */
import { expect } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

test('who stays away makes room, who waits is asked and comes; the next class is planned with them', async ({
  page,
}) => {
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Groups', exact: true }).click();
  await expect(page.getByText('2 waiting')).toBeVisible();
  await page.getByRole('link', { name: 'Steady Backs' }).click();
  const cells = page.getByRole('region', { name: 'Who comes when' });
  const caspar = cells.getByRole('button', { name: /^Caspar Dunmore/ }).nth(1);
  await expect(caspar).toHaveText('comes');
  await caspar.click();
  await expect(caspar).toHaveText('away');
  await expect(cells.getByText('room: ask Rowan Tidewell')).toBeVisible();
  await cells
    .getByRole('button', { name: /^Rowan Tidewell/ })
    .nth(1)
    .click();
  await expect(cells.getByText('for once')).toBeVisible();
  await expect(cells.getByText('room: ask')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Before the next time' })).toBeVisible();
  await expectAccessible(page);

  await cells
    .getByRole('link', { name: /^plan it/ })
    .first()
    .click();
  await expect(page.getByLabel('Title')).toHaveValue('Steady Backs');
  // Other journeys in this hall know one class of that name.
  await page.getByLabel('Title').fill('Backs, a week later');
  await expect(page.getByText('6 chosen')).toBeVisible();
  await expect(page.getByRole('checkbox', { name: 'Rowan Tidewell' })).toBeChecked();
  await page.getByRole('button', { name: 'Fit this class' }).click();
  await page
    .getByRole('button', { name: /^(Keep|Save)/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'Backs, a week later', level: 1 })).toBeVisible();
});

test('the week shows classes and the times of groups that have none yet; it stays in the address', async ({
  page,
}) => {
  await page.goto('/classes');
  await page.getByRole('button', { name: 'Week', exact: true }).click();
  await expect(page).toHaveURL(/view=week/);
  await expect(page.getByRole('link', { name: 'Thursday Mixed', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'The week after' }).click();
  await page.getByRole('button', { name: 'The week after' }).click();
  await expect(page.getByRole('link', { name: /^Plan it/ })).toHaveCount(5);
  await expectAccessible(page);
  const address = page.url();
  await page.reload();
  expect(page.url()).toBe(address);
  await expect(page.getByRole('link', { name: /^Plan it/ })).toHaveCount(5);
  await page.getByRole('button', { name: 'List', exact: true }).click();
  await page.getByLabel('Place').selectOption('Saltmarsh Hall, the long room');
  await expect(page.getByRole('link', { name: 'Chairs by the Window', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Thursday Mixed', exact: true })).toHaveCount(0);
  await page.reload();
  await expect(page.getByLabel('Place')).toHaveValue('Saltmarsh Hall, the long room');
});

test('a group is made and changed; its sequence and who waits are kept', async ({ page }) => {
  await page.goto('/groups/new');
  await page.getByLabel('Title').fill('Quiet Sundays');
  await page.getByLabel('Day of the week').selectOption('Sunday');
  await page.getByLabel('How many have room').fill('1');
  await page.getByLabel('Its classes begin from').selectOption('Steady Backs');
  await page.getByLabel('Find somebody for the group').fill('Ines');
  await page.getByRole('button', { name: 'Add Ines Fallow' }).click();
  await page.getByLabel('Find somebody for the group').fill('Tam');
  await page.getByRole('button', { name: 'Add Tam Orrin' }).click();
  await page.getByRole('checkbox', { name: 'Tam Orrin waits for a place' }).check();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save the group' }).click();
  await expect(page.getByRole('heading', { name: 'Quiet Sundays', level: 1 })).toBeVisible();
  await expect(page.getByText('waits for a place')).toBeVisible();
  await page.getByRole('link', { name: 'Change', exact: true }).click();
  await expect(page.getByLabel('Its classes begin from')).not.toHaveValue('');
  await page.getByLabel('Time').fill('17:00');
  await page.getByRole('button', { name: 'Save the group' }).click();
  await expect(page.getByText('Sundays, 17:00')).toBeVisible();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(page).toHaveURL(/\/groups$/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Quiet Sundays' })).toBeVisible();
});

test('what is in a place is said, and a class there is fitted within it', async ({ page }) => {
  await page.goto('/hall');
  await page.getByRole('button', { name: 'Add a place' }).click();
  await page.getByLabel('Name', { exact: true }).fill('The boathouse');
  await page.getByRole('dialog').getByLabel('Chairs').fill('2');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save the place' }).click();
  await expect(page.getByText('2 chairs', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Change The boathouse' }).click();
  await page.getByRole('dialog').getByLabel('Chairs').fill('-1');
  await page.getByRole('button', { name: 'Save the place' }).click();
  await expect(
    page
      .getByRole('dialog')
      .getByText(/whole number|0 or more|count/i)
      .first(),
  ).toBeVisible();
});

test('people are narrowed to a group and ordered, and it stays in the address', async ({ page }) => {
  await page.goto('/people');
  await page.getByLabel('Group').selectOption('Rockpool Club');
  await expect(page.getByRole('link', { name: 'Pip Sandell' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Ines Fallow' })).toHaveCount(0);
  await page.getByLabel('Order').selectOption('last changed first');
  await page.reload();
  await expect(page.getByLabel('Group')).not.toHaveValue('');
  await expect(page.getByLabel('Order')).toHaveValue('changed');
  await expect(page.getByRole('link', { name: 'Pip Sandell' })).toBeVisible();
});

test('words that people are looked for by are in no address, and there again on the way back', async ({
  page,
}) => {
  const asked: string[] = [];
  page.on('request', (request) => asked.push(request.url()));
  await page.goto('/people');
  const words = page.getByRole('searchbox', { name: 'Find a person' });
  await words.pressSequentially('slipped disc', { delay: 10 });
  await page.getByLabel('Order').selectOption('last changed first');
  await expect(page.getByRole('link', { name: 'Ilse Farthing' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Hollis Penny' })).toHaveCount(0);
  await page.reload();
  await expect(words).toHaveValue('slipped disc');
  await page.getByRole('link', { name: 'Ilse Farthing' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Ilse Farthing' })).toBeVisible();
  await page.goBack();
  await expect(words).toHaveValue('slipped disc');
  await expect(page.getByRole('link', { name: 'Hollis Penny' })).toHaveCount(0);
  expect([...asked, page.url()].filter((url) => /slip|disc/i.test(url))).toEqual([]);
});

test('a calendar reads the classes at a private address, until it is taken back', async ({ page }) => {
  await page.goto('/you');
  const mine = page.getByRole('region', { name: 'Your calendar' });
  await mine.getByRole('button', { name: 'Make an address' }).click();
  const address = (await mine.getByText(/\/api\/calendar\/.*\.ics$/).textContent())!;
  const read = () => page.request.get(address);
  expect(await (await read()).text()).toContain('SUMMARY:Steady Backs');
  await expectAccessible(page);
  await mine.getByRole('button', { name: 'Take it back' }).click();
  await expect(mine.getByRole('button', { name: 'Make an address' })).toBeVisible();
  await expect(mine.getByText(/\.ics$/)).toBeHidden();
  expect((await read()).status()).toBe(404);
});
