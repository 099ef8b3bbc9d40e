/** Coming in: the demo, a hall of one's own, an assistant, a person with her private link. */
import { expect, type Browser, type Page } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';
import { linkOn } from '../fixtures/linkOn.js';

const PASSWORD = 'a tide table for november';

/** A window in which nobody is signed in. */
const stranger = async (browser: Browser, baseURL: string, phone = false): Promise<Page> =>
  (
    await browser.newContext({
      baseURL,
      locale: 'en-GB',
      ...(phone ? { viewport: { width: 390, height: 844 } } : {}),
    })
  ).newPage();

/** Every test begins as the demo's teacher or as nobody; the last ones come to a hall that the first has begun. */
test.describe.configure({ mode: 'serial' });

test('whoever is not signed in sees no hall; the demo opens with one click, where she wanted to go', async ({
  browser,
  hall,
}) => {
  const page = await stranger(browser, hall);
  await page.goto('/people');
  await expect(page.getByRole('heading', { level: 1, name: 'Welcome' })).toBeVisible();
  await expect(page.getByText('made up: try what you like')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Open the demo' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'People' })).toBeVisible();
  await page.getByRole('link', { name: 'You: Maren Tolliver' }).click();
  await expect(page.getByText('this one')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Open the demo' })).toBeVisible();
  await page.goto('/classes');
  await expect(page.getByRole('heading', { level: 1, name: 'Welcome' })).toBeVisible();
});

test('a person’s page opens by her link, shows what she does, and takes what she writes', async ({
  page,
  browser,
  hall,
}) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Hollis Penny' }).click();
  await page.getByRole('button', { name: 'Make a link' }).click();
  await expect(page.getByText('It opens on this computer alone')).toBeVisible();
  const phone = await stranger(browser, hall, true);
  await phone.goto(await linkOn(page));
  await expect(phone.getByRole('heading', { level: 1, name: 'Hollis Penny' })).toBeVisible();
  // The secret is neither in the address that stays, nor is anything of her.
  expect(new URL(phone.url()).hash).toBe('');
  await expect(
    phone
      .getByRole('listitem')
      .filter({ hasText: /breaths|rounds|min/ })
      .first(),
  ).toBeVisible();
  await expectAccessible(phone);
  await phone.getByRole('button', { name: '4', exact: true }).click();
  await phone.getByLabel('A few words, if you like').fill('Stiff after the tide walk');
  await phone.getByRole('button', { name: 'Write it down' }).click();
  await expect(phone.getByText('Your teacher sees it.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Stiff after the tide walk')).toBeVisible();
  await page.getByRole('button', { name: 'End it' }).click();
  await expect(page.getByRole('button', { name: 'Make a link' })).toBeVisible();
  await phone.reload();
  await expect(phone.getByText('This page is closed.', { exact: false })).toBeVisible();
});

test('a hall of one’s own begins empty beside the demo; an assistant sees what, and not why', async ({
  page,
  browser,
  hall,
}) => {
  await page.goto('/hall');
  await page.getByRole('button', { name: 'Begin with your own hall' }).click();
  await page.getByLabel('What the hall is called').fill('Curlew House');
  await page.getByLabel('Your name').fill('Wren Addleby');
  await page.getByLabel('What you sign in with').fill('wren');
  await page.getByLabel('Password', { exact: true }).fill('short');
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await expect(page.getByText('Take 12 characters or more', { exact: false })).toBeVisible();
  await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await expect(page.getByText('No class yet.', { exact: false })).toBeVisible();

  await page.goto('/classes/new');
  await page.getByRole('button', { name: 'Add a person' }).click();
  const form = page.getByRole('dialog');
  await form.getByLabel('Name').fill('Perrin Lake');
  await form.getByLabel('Add one').fill('glaucoma');
  await form.getByRole('option', { name: 'Glaucoma' }).first().click();
  await form.getByRole('button', { name: 'Save person' }).click();
  await expect(page.getByRole('checkbox', { name: 'Perrin Lake' })).toBeChecked();
  await page
    .getByLabel('Sequence', { exact: true })
    .fill('# Two steps\n- Standing forward fold, 5 breaths\n- Final rest, 5 min');
  await page.getByLabel('Date', { exact: true }).fill('2026-11-30');
  await page.getByRole('button', { name: 'Fit this class' }).click();
  await page.getByRole('button', { name: 'Save class' }).click();
  await page.waitForURL(/\/fitting$/);
  await expect(page.locator('[data-row]').first()).toBeVisible();
  const ofClass = new URL(page.url()).pathname;

  await page.goto('/hall');
  await page.getByLabel('Name', { exact: true }).fill('Ash Weir');
  await page.getByLabel('As', { exact: true }).selectOption('assistant');
  await page.getByRole('button', { name: 'Make a link' }).click();
  const assistant = await stranger(browser, hall);
  await assistant.goto(await linkOn(page));
  await expectAccessible(page);
  await expect(assistant.getByRole('heading', { level: 1, name: 'Curlew House invites you' })).toBeVisible();
  await expectAccessible(assistant);
  await assistant.getByLabel('What you sign in with').fill('ash');
  await assistant.getByLabel('Password', { exact: true }).fill('herring gulls at dawn');
  await assistant.getByRole('button', { name: 'Join' }).click();
  await assistant.getByRole('link', { name: 'Two steps', exact: true }).click();
  const row = assistant.locator('[data-row]').first();
  await row.getByRole('button', { name: /Perrin/ }).click();
  await expect(assistant.getByTestId('why').getByRole('heading', { name: 'To say' })).toBeVisible();
  await expect(assistant.getByTestId('why').getByRole('heading', { name: 'Why' })).toHaveCount(0);
  await expect(assistant.locator('body')).not.toContainText(/glaucoma|eye pressure/i);
  await expectAccessible(assistant);
  await assistant.goto('/people');
  await expect(assistant.getByRole('heading', { level: 1, name: 'Classes' })).toBeVisible();
  for (const screen of ['room', 'sheets']) {
    await assistant.goto(ofClass.replace('fitting', screen));
    await expect(assistant.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(assistant.locator('body')).not.toContainText(/glaucoma|eye pressure/i);
  }

  // Out at once, wherever she is.
  await page.goto('/hall');
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Ash Weir' })
    .getByRole('button', { name: 'Take out' })
    .click();
  await expect(page.getByText('Ash Weir', { exact: false })).toHaveCount(0);
  await assistant.getByRole('link', { name: 'Classes', exact: true }).first().click();
  await expect(assistant.getByRole('heading', { level: 1, name: 'Sign in' })).toBeVisible();
});

test('signing in says what is wrong; what was typed is there again after a session has ended', async ({
  browser,
  hall,
}) => {
  const page = await stranger(browser, hall);
  await page.goto('/');
  await page.getByLabel('Name to sign in with').fill('wren');
  await page.getByLabel('Password').fill('not the right one');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toContainText('The name or the password is not right.');
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('link', { name: 'People' }).first().click();
  await page.getByRole('button', { name: 'Add a person' }).click();
  const name = page.getByLabel('Name', { exact: true });
  await name.fill('Half Typed');
  await page.context().clearCookies();
  await page.getByRole('button', { name: 'Next: why' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Sign in' })).toBeVisible();
  await page.getByLabel('Name to sign in with').fill('wren');
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'A new person' })).toBeVisible();
  await expect(name).toHaveValue('Half Typed');
  await page.getByRole('link', { name: 'You: Wren Addleby' }).click();
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(page.getByRole('dialog')).toContainText('not saved');
  await page.getByRole('button', { name: 'Sign out and forget it' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Sign in' })).toBeVisible();
  expect(await page.evaluate(() => JSON.stringify(localStorage))).not.toContain('Half Typed');
});

test('the door for other devices explains itself, and shows what it is known by', async ({ page }) => {
  await page.goto('/hall');
  await page.getByRole('checkbox', { name: 'Let other devices in' }).check();
  await expect(page.getByRole('img', { name: /to be scanned/ })).toBeVisible();
  await expect(page.getByText(/([0-9A-F]{2}:){31}[0-9A-F]{2}/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('checkbox', { name: 'Let other devices in' }).uncheck();
  await expect(page.getByRole('img', { name: /to be scanned/ })).toHaveCount(0);
});
