/** What someone can do: assumed until it is asked, and what nobody has heard of taken in its own words. */
import { expect } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

test('what is not known is said to be assumed, is worth asking, and counts once it is told', async ({
  page,
}) => {
  await page.goto('/people');
  await page.getByRole('button', { name: 'Add a person' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Orla Fennimore');
  await page.getByLabel('Date of birth').fill('1939-05-02');
  await page.getByLabel('Falls in the last year').fill('2');
  await page.getByLabel('Add one').fill('Nail patella');
  await page.getByRole('option', { name: 'Something else: “Nail patella”' }).click();
  await expect(page.getByLabel('What it is')).toHaveValue('Nail patella');
  await page.getByRole('button', { name: 'Save person' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();

  const floor = page.getByRole('row', { name: /Up from the floor/ });
  await expect(floor).toContainText('assumed');
  await expect(page.getByText('Nail patella: not in the rulebook.')).toBeVisible();
  const asked = page.getByText(/If Orla Fennimore gets up from the floor alone: \d+ more poses/);
  await expect(asked).toBeVisible();
  await expectAccessible(page);

  await page.getByRole('button', { name: 'Change' }).click();
  await page.getByLabel('Gets up from the floor').selectOption('alone');
  await page.getByLabel('Left leg').selectOption('weak');
  await page.getByRole('button', { name: 'Save person' }).click();
  await expect(floor).toContainText('told: gets up from the floor alone');
  await expect(page.getByText('Left leg: weak')).toBeVisible();
  await expect(asked).toBeHidden();
});
