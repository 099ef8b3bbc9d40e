/** The front page: the next class and what to know for it, records that are missing, whom to ask again. */
import { expect } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { TODAY, test } from '../fixtures/hall.js';

test('the day at a glance; a class that is over asks how it was, somebody is asked again', async ({
  page,
}) => {
  const morning = new Date(`${TODAY}T07:00:00`);
  await page.clock.setFixedTime(morning);
  await page.goto('/');
  const next = page.getByRole('region', { name: 'The next class' });
  await expect(next.getByRole('heading', { name: 'Steady Backs' })).toBeVisible();
  await expect(next.getByRole('heading', { name: 'To ask at the door' })).toBeVisible();
  await expect(
    page
      .getByRole('region', { name: 'Changes within a week' })
      .getByText(/^From /)
      .first(),
  ).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'The next seven days' }).getByText('Thursday Mixed'),
  ).toBeVisible();
  await expect(page.getByRole('heading', { name: 'How was it?' })).toHaveCount(0);
  await expectAccessible(page);

  await page.clock.setFixedTime(new Date(`${TODAY}T21:00:00`));
  await page.reload();
  await expect(next.getByRole('heading', { name: 'Chairs by the Window' })).toBeVisible();
  await page.getByRole('region', { name: 'How was it?' }).getByRole('link', { name: 'Steady Backs' }).click();
  await page.getByRole('button', { name: 'What was different, Edda Wick' }).click();
  await page.getByLabel('Note on Edda Wick').fill('Slept badly.');
  await page.getByRole('button', { name: 'Save the record' }).click();
  await expect(page).toHaveURL(/fitting$/);
  await page.getByRole('link', { name: 'Today', exact: true }).first().click();
  await expect(next.getByRole('heading', { name: 'Chairs by the Window' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'How was it?' })).toHaveCount(0);
});
