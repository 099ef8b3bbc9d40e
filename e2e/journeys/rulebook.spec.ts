/**
 * The rulebook through the real interface: look up, ask what if, move a limit, take a position, personal limits,
 * a stop today.
 */
import { expect } from '@playwright/test';
import { test } from '../fixtures/hall.js';
import { expectAccessible } from '../fixtures/axe.js';
import { pick } from '../fixtures/pick.js';

test(
  'a condition is found by another name; its rules show what they touch; a limit is loosened, marked ' +
    'everywhere and taken back',
  async ({ page }) => {
    await page.goto('/rulebook');
    await page.getByRole('searchbox').pressSequentially('osteopenia', { delay: 5 });
    await page.getByRole('link', { name: /Low bone density/ }).click();
    await expect(page.getByText('59 women with spinal osteoporosis', { exact: false }).first()).toBeVisible();
    await expect(page.getByText(/Affects \d+ versions?/).first()).toBeVisible();
    await expectAccessible(page);

    await page.goto('/rulebook/high-blood-pressure');
    const rule = page
      .getByRole('article')
      .filter({ hasText: 'High blood pressure not under control: the head stays level' });
    await rule.getByRole('button', { name: 'Move this limit' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel(/Limit \(the rulebook says/).fill('60');
    await expect(dialog.getByText('This loosens the rule.')).toBeVisible();
    await dialog.getByLabel('Yes, this is meant').check();
    await dialog.getByRole('button', { name: 'Save this limit' }).click();
    await expect(dialog.getByText('A reason is needed.')).toBeVisible();
    await dialog.getByLabel('Reason').fill('Her doctor measured in class.');
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Save this limit' }).click();
    await expect(rule.getByText('Loosened here')).toBeVisible();

    await page.goto('/classes/new');
    await page.getByLabel('Sequence', { exact: true }).fill('# Loosened\n- Downward-facing dog, 4 breaths');
    await page.getByRole('checkbox', { name: 'Perrin Ashlode' }).check();
    await page.getByRole('button', { name: 'Fit this class' }).click();
    await expect(page.getByText('loosened here', { exact: true }).first()).toBeVisible();
    await page.locator('[data-cell]').first().click();
    await expect(
      page
        .getByTestId('why')
        .getByText(/Loosened here by Maren Tolliver/)
        .first(),
    ).toBeVisible();

    await page.goto('/rulebook/high-blood-pressure');
    await rule.getByRole('button', { name: /take back/ }).click();
    await page.getByRole('button', { name: 'As the rulebook has it' }).click();
    await expect(rule.getByText('Loosened here')).toBeHidden();
  },
);

test('what if: the atlas is marked again as stages are chosen, and contradictions are asked about', async ({
  page,
}) => {
  await page.goto('/rulebook/what-if?with=glaucoma');
  const limited = page.getByRole('button', { name: /limited/ });
  const count = async (): Promise<number> => Number(/\d+/.exec(await limited.innerText())![0]);
  await expect(limited).toBeVisible();
  const alone = await count();
  expect(alone).toBeGreaterThan(20);
  await page.getByLabel('Somebody with').fill('bone dens');
  await page.getByRole('option', { name: 'Low bone density' }).click();
  await expect.poll(count).toBeGreaterThan(alone);
  await page.getByLabel('Grade').selectOption('osteopenia');
  await page.getByLabel('T-score').fill('-2.8');
  await expect(page.getByText('Called osteopenia, but', { exact: false })).toBeVisible();
  await limited.click();
  await expect(
    page.getByRole('region', { name: 'The atlas, marked' }).getByRole('listitem').first(),
  ).toContainText('limited');
  await expectAccessible(page);
});

test(
  'positions are taken for the hall, also while it answers slowly; shown in the why, and other for ' +
    'one class',
  async ({ page }) => {
    await page.route('**/api/hall', async (route) => {
      await new Promise((done) => {
        setTimeout(done, 700);
      });
      await route.continue();
    });
    await page.goto('/house-view');
    const topic = page.locator('#controlled-pressure');
    const eyes = page.locator('#eyes');
    await topic.getByRole('radio', { name: /As usual, breath free/ }).check();
    await kept();
    await page.reload();
    await eyes.getByRole('radio', { name: /^Closed/ }).check();
    await eyes.getByRole('radio', { name: /Own choice/ }).check();
    await eyes.getByRole('radio', { name: /^Closed/ }).check();
    await kept();
    await expectAccessible(page);
    await page.reload();
    await expect(topic.getByRole('radio', { name: /As usual, breath free/ })).toBeChecked();
    await expect(eyes.getByRole('radio', { name: /^Closed/ })).toBeChecked();
    await page.unroute('**/api/hall');

    await page.goto('/classes/new');
    await page.getByLabel('Sequence', { exact: true }).fill('# View\n- Downward-facing dog, 4 breaths');
    await page.getByRole('checkbox', { name: 'Bertil Shaw' }).check();
    await page.getByText('House view, for this class').click();
    await page.getByLabel('High pressure under control').selectOption('nothing-head-down');
    await expect(page.getByText('for this class: 1 other than the hall')).toBeVisible();
    await topicBack();

    async function kept(): Promise<void> {
      await expect(page.getByRole('status').filter({ hasText: 'Saved.' })).toBeVisible();
    }
    async function topicBack(): Promise<void> {
      await page.goto('/house-view');
      await eyes.getByRole('radio', { name: /Own choice/ }).check();
      await topic.getByRole('radio', { name: /Nothing head-down/ }).check();
      await kept();
      await page.reload();
      await expect(eyes.getByRole('radio', { name: /Own choice/ })).toBeChecked();
      await expect(topic.getByRole('radio', { name: /Nothing head-down/ })).toBeChecked();
    }
  },
);

test('a personal limit and a clearance are kept with the person; a reading today stops, and says what to do', async ({
  page,
}) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Ilse Farthing' }).click();
  await page.getByRole('link', { name: 'Go on asking' }).click();
  const form = page.locator('form');
  await page.getByRole('button', { name: 'Body', exact: true }).click();
  await form.getByRole('button', { name: 'A personal limit' }).click();
  await pick(form, 'What', 'arm forward');
  await form.getByLabel('Degrees').fill('400');
  await expect(form.getByText('Degrees are between 0 and 180.').first()).toBeVisible();
  await form.getByLabel('Degrees').fill('120');
  await form.getByLabel('Side', { exact: true }).last().selectOption('right');
  await form.getByLabel('Set by').fill('physiotherapist');
  await page.getByRole('button', { name: 'Dates and details' }).click();
  await form.getByRole('button', { name: 'A medical clearance' }).click();
  await expect(form.getByText('Say who gave it', { exact: false }).first()).toBeVisible();
  await pick(form, 'For', 'no rotation for a disc');
  await form.getByLabel('Given by').fill('physiotherapist');
  await form.getByLabel('On', { exact: true }).fill('2026-11-02');
  await expectAccessible(page);
  await expect(page.getByText('All changes saved')).toBeVisible();
  await page.getByRole('link', { name: 'Ilse Farthing' }).click();
  await expect(page.getByText('right: arm forward and up to 120 degrees (physiotherapist)')).toBeVisible();
  await expect(
    page.getByText('Medical clearance by physiotherapist', { exact: false }).first(),
  ).toBeVisible();

  await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'People' }).click();
  await page.getByRole('link', { name: 'Hollis Penny' }).click();
  await expect(page.getByRole('heading', { name: 'What changes next' })).toBeVisible();
  await expect(
    page.getByText('In the third trimester head-down shapes move to a chair or the wall.'),
  ).toBeVisible();
  await expectAccessible(page);

  await page.goto('/classes/new');
  await page.getByRole('checkbox', { name: 'Hollis Penny' }).check();
  await page.getByLabel('Blood pressure today, Hollis Penny').fill('146/92');
  await expect(page.getByRole('alert')).toContainText('Hollis Penny must not practise today.');
  await expect(page.getByRole('alert')).toContainText('midwife or doctor today');
  await page.getByText('Warning signs').click();
  await page.getByLabel(/The baby moves less/).check();
  await expect(page.getByRole('alert')).toContainText('the midwife or maternity unit today');
  await expectAccessible(page);
});
