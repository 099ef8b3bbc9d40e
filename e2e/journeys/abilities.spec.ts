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
  await page.getByRole('button', { name: 'Next: why' }).click();
  await page.getByLabel('What brings you here?').fill('Stairs.');
  await page.getByRole('button', { name: 'Next: health' }).click();
  await page.getByLabel('A condition, an operation, a stage of life').fill('Nail patella');
  await page.getByRole('option', { name: 'Something else: “Nail patella”' }).click();
  await page.getByRole('button', { name: 'Next: dates and details' }).click();
  await expect(page.getByLabel('What it is')).toHaveValue('Nail patella');
  await page.getByRole('button', { name: 'Next: body' }).click();
  await page.getByLabel('Falls in the last year').fill('2');
  await expect(page.getByText('All changes saved')).toBeVisible();
  await page.getByRole('link', { name: 'Orla Fennimore' }).click();

  const floor = page.getByRole('row', { name: /Up from the floor/ });
  await expect(floor).toContainText('assumed');
  await expect(page.getByText('Nail patella: not in the rulebook.')).toBeVisible();
  const asked = page.getByText(/If Orla Fennimore gets up from the floor alone: \d+ more poses/);
  await expect(asked).toBeVisible();
  await expectAccessible(page);

  // Gone on with where it was left.
  await page.getByRole('link', { name: 'Go on asking' }).click();
  await expect(page.getByRole('heading', { name: 'Body', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'What they can do', exact: true }).click();
  await page.getByRole('group', { name: 'Up from the floor' }).getByText('alone').click();
  await page.getByLabel('Left leg').selectOption('weak');
  await expect(page.getByText('All changes saved')).toBeVisible();
  await page.getByRole('link', { name: 'Orla Fennimore' }).click();
  await expect(floor).toContainText(/told .*: gets up from the floor alone/);
  await expect(page.getByText('Left leg: weak')).toBeVisible();
  await expect(asked).toBeHidden();
});

test('only as far: said with its number, drawn as it is, and seen in the atlas', async ({ page }) => {
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Thursday Mixed', exact: true }).click();
  const fold = page.locator('[data-row]').filter({ hasText: 'Standing forward fold' });
  await fold.getByRole('button', { name: /Perrin/ }).click();
  const why = page.getByTestId('why');
  await expect(
    why.getByRole('heading', { name: /Standing forward fold, about .* of the way/ }),
  ).toBeVisible();
  await expect(
    why.getByText(/^Fold .* of the way, \d+ of \d+ degrees at the hips.*; the back stays long\.$/),
  ).toBeVisible();
  await expect(why.getByRole('img', { name: /^Standing forward fold, half way/ })).toBeVisible();
  await expectAccessible(page);

  await page.goto('/atlas/standing-forward-fold');
  const hips = page.getByRole('row').filter({ hasText: 'Right hip bends' });
  const bends = async (): Promise<number> => Number(/(\d+)°/.exec(await hips.innerText())![1]);
  await expect.poll(bends).toBeGreaterThan(90);
  await page.getByRole('group', { name: 'How far' }).getByRole('button', { name: '½' }).click();
  await expect.poll(bends).toBeLessThan(60);
});
