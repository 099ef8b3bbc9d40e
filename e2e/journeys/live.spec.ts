/**
 * The fitting changed on the fitting itself: edits, undo, the teacher's own choices, fewer versions, the
 * room, half a page.
 */
import { expect, type Page } from '@playwright/test';
import { test } from '../fixtures/hall.js';
import { expectAccessible } from '../fixtures/axe.js';

/** Back to a class, by the way at the top of the screen. */
const back = (page: Page, title: string): Promise<void> =>
  page
    .getByRole('navigation', { name: 'Where this is' })
    .getByRole('link', { name: title, exact: true })
    .click();

const open = async (page: Page, title: string): Promise<void> => {
  await page.goto('/classes');
  await page.getByRole('link', { name: title, exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: title })).toBeVisible();
  // The rows below the first screen follow a moment later.
  await expect(page.locator('[data-row]').last().getByRole('heading', { name: 'Final rest' })).toBeVisible();
};
const kept = (page: Page) => expect(page.getByText('All changes saved')).toBeVisible();
const names = (page: Page): Promise<string[]> => page.locator('[data-row] h2').allTextContents();

test(
  'steps are added, moved, held longer and taken out by keyboard and by hand; all of it can be undone ' +
    'and is kept',
  async ({ page }) => {
    await open(page, 'Bump and Breathe');
    const before = await names(page);
    const second = page.getByRole('button', { name: new RegExp(`^Move step 2, ${before[1]}`) });
    await second.focus();
    await page.keyboard.press('Alt+ArrowDown');
    await expect.poll(() => names(page)).toEqual([before[0], before[2], before[1], ...before.slice(3)]);
    await page.keyboard.press('Control+z');
    await expect.poll(() => names(page)).toEqual(before);
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect.poll(() => names(page)).toEqual([before[0], before[2], before[1], ...before.slice(3)]);
    await page.keyboard.press('Control+z');
    await expect.poll(() => names(page)).toEqual(before);

    const row = page.locator('[data-row]').nth(1);
    const held = await row.textContent();
    await second.focus();
    await page.keyboard.press('+');
    await page.keyboard.press('+');
    await expect(row).not.toHaveText(held!);

    const handle = await page.getByRole('button', { name: /^Move step 3,/ }).boundingBox();
    const onto = await page.getByRole('button', { name: /^Move step 1,/ }).boundingBox();
    await page.mouse.move(handle!.x + 10, handle!.y + 15);
    await page.mouse.down();
    await page.mouse.move(onto!.x + 10, onto!.y + 60, { steps: 8 });
    await page.mouse.move(onto!.x + 10, onto!.y + 5, { steps: 8 });
    await page.mouse.up();
    await expect.poll(() => names(page)).toEqual([before[2], before[0], before[1], ...before.slice(3)]);

    await page.getByRole('button', { name: /^Change step 1,/ }).click();
    await page.getByRole('button', { name: 'Step after this' }).click();
    await page.getByLabel('Find a pose').fill('garudasana');
    await page.keyboard.press('Enter');
    await expect
      .poll(() => names(page))
      .toEqual([before[2], 'Eagle', before[0], before[1], ...before.slice(3)]);
    await kept(page);
    await page.reload();
    await expect
      .poll(() => names(page))
      .toEqual([before[2], 'Eagle', before[0], before[1], ...before.slice(3)]);
    await page.getByRole('button', { name: /^Move step 2, Eagle/ }).focus();
    await page.keyboard.press('Delete');
    await expect.poll(async () => (await names(page)).includes('Eagle')).toBe(false);

    // What is odd about the order is said with what settles it.
    await page
      .getByRole('button', { name: /, Final rest$/ })
      .and(page.getByRole('button', { name: /^Move/ }))
      .focus();
    await page.keyboard.press('Delete');
    await page.getByRole('button', { name: 'Add 5 minutes of rest' }).click();
    await expect.poll(async () => (await names(page)).at(-1)).toBe('Final rest');
    await expect(page.getByText('The class ends without a rest.')).toBeHidden();
    await kept(page);
    await expectAccessible(page);
  },
);

test(
  'keys faster than the page mean what they mean, the hand stays in the list, and who leaves at once ' +
    'finds the edit where they go',
  async ({ page }) => {
    await open(page, 'Steady Backs');
    const before = await names(page);
    await page.getByRole('button', { name: /^Move step 2,/ }).focus();
    // Twice in one breath, before the page has drawn the first.
    await page.evaluate(() => {
      for (let i = 0; i < 2; i++)
        document.activeElement!.dispatchEvent(
          new KeyboardEvent('keydown', { key: 'ArrowDown', altKey: true, bubbles: true, cancelable: true }),
        );
    });
    await expect
      .poll(() => names(page))
      .toEqual([before[0], before[2], before[3], before[1], ...before.slice(4)]);
    await expect(page.getByRole('button', { name: `Move step 4, ${before[1]}`, exact: true })).toBeFocused();
    await page.keyboard.press('Delete');
    await expect.poll(() => names(page)).toEqual([before[0], before[2], before[3], ...before.slice(4)]);
    await expect(page.getByRole('button', { name: `Move step 4, ${before[4]}`, exact: true })).toBeFocused();

    await page.keyboard.press('Control+z');
    await expect.poll(() => names(page)).toHaveLength(before.length);
    await page.getByRole('link', { name: 'Change the plan' }).click();
    await expect(page.getByLabel('Sequence')).toHaveValue(
      new RegExp(`${before[3]}[^]*${before[1]}[^]*${before[4]}`),
    );
  },
);

test('who leaves while the server does not answer finds the edit when it answers again', async ({ page }) => {
  const plan = '**/api/classes/*/plan';
  await page.route(plan, (route) => route.abort());
  await open(page, 'Steady Backs');
  const before = await names(page);
  await page.getByRole('button', { name: /^Move step 2,/ }).focus();
  await page.keyboard.press('Alt+ArrowDown');
  await expect(
    page.getByText('Not saved: The program on this computer does not answer.', { exact: false }),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Sheets' }).click();
  await expect(page.getByRole('alert')).toContainText('does not answer');
  await page.unroute(plan);
  await page.getByRole('button', { name: 'Try again' }).click();
  await back(page, 'Steady Backs');
  await expect.poll(() => names(page)).toEqual([before[0], before[2], before[1], ...before.slice(3)]);
  await page.reload();
  await expect.poll(() => names(page)).toEqual([before[0], before[2], before[1], ...before.slice(3)]);
});

test('the teacher chooses against a limit: the reason is asked, and the cell looks chosen everywhere', async ({
  page,
}) => {
  await open(page, 'Thursday Mixed');
  const dog = page.locator('[data-row]').filter({ hasText: 'Downward-facing dog' });
  await dog.getByRole('button', { name: /Perrin/ }).click();
  const why = page.getByTestId('why');
  await why.getByRole('button', { name: 'As written', exact: true }).click();
  await why.getByRole('button', { name: 'Use this' }).click();
  await expect(why.getByText('Say why, so that it can be understood later.')).toBeVisible();
  await why.getByLabel('Why', { exact: true }).fill('His doctor watches it');
  await expectAccessible(page);
  await why.getByRole('button', { name: 'Use this' }).click();
  await expect(dog.getByText('your choice, against a limit')).toBeVisible();
  await expect(why.getByText('His doctor watches it')).toBeVisible();
  await kept(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Everyone, step by step' }).click();
  await expect(page.getByText('your choice, against a limit')).toBeVisible();
  await page.getByRole('link', { name: 'Sheets' }).click();
  await page.getByText('Handover', { exact: true }).click();
  await expect(page.getByText('the teacher’s choice, His doctor watches it')).toBeAttached();
  await expectAccessible(page);
  await back(page, 'Thursday Mixed');
  await page.getByRole('link', { name: 'Teach', exact: true }).click();
  const here = page.getByRole('region', { name: 'Now' }).getByRole('heading', { level: 2 });
  await expect(here).toHaveText('Seated breath');
  while ((await here.textContent()) !== 'Downward-facing dog') await page.keyboard.press('ArrowRight');
  await expect(page.getByText('your choice, against a limit')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/\/fitting$/);
  await dog.getByRole('button', { name: /your choice/ }).click();
  await why.getByRole('button', { name: 'Back to what is fitted' }).click();
  await expect(dog.getByText('your choice')).toBeHidden();
  await kept(page);
});

test('fewer versions, and one for all, with what it costs', async ({ page }) => {
  await open(page, 'Thursday Mixed');
  const tiles = page.locator('[data-row] li [data-cell]');
  await expect.poll(() => tiles.count()).toBeGreaterThan(10);
  const apart = await tiles.count();
  await page.getByLabel('Fewer versions in the room').check();
  await expect.poll(() => tiles.count()).toBeLessThan(apart);
  await page.getByRole('button', { name: 'One version safe for all' }).click();
  await expect(page.getByText(/steps would be one for everybody; .* your plan/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Apply' }).click();
  await expect(page.getByText('for everybody, instead of', { exact: false }).first()).toBeVisible();
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect.poll(() => tiles.count()).toBe(apart);
  await kept(page);
});

test('the room: places, props against the stock; a smaller cupboard changes the class and says so', async ({
  page,
}) => {
  await open(page, 'Thursday Mixed');
  await page.getByRole('link', { name: 'Room' }).click();
  await expect(page.getByRole('heading', { name: /By the wall/ })).toBeVisible();
  const blocks = page.getByLabel('blocks in the hall');
  const before = await blocks.inputValue();
  await blocks.fill('few');
  await page.getByRole('button', { name: 'Save the counts' }).click();
  await expect(page.getByText('A whole number from 0 to 999 is needed.')).toBeVisible();
  await blocks.fill('3');
  await page.getByRole('button', { name: 'Save the counts' }).click();
  await expect(page.getByText('Saved.', { exact: false })).toBeVisible();
  await expectAccessible(page);
  await back(page, 'Thursday Mixed');
  const since = page.getByRole('region', { name: 'Changed since' });
  await expect(since.getByText(/changed since you planned this/)).toBeVisible();
  await expectAccessible(page);
  await since.getByRole('button', { name: 'Take it over' }).click();
  await expect(since).toBeHidden();
  await expect(page.getByText('not enough blocks').first()).toBeVisible();
  await page.getByRole('link', { name: 'Room' }).click();
  await blocks.fill(before);
  await page.getByRole('button', { name: 'Save the counts' }).click();
  await expect(page.getByText('Saved.', { exact: false })).toBeVisible();
  await back(page, 'Thursday Mixed');
  await since.getByRole('button', { name: 'Take it over' }).click();
  await expect(since).toBeHidden();
});

test('the teacher’s own pace', async ({ page }) => {
  await page.goto('/hall');
  await page.getByLabel('One relaxed breath').fill('90');
  await page.getByRole('button', { name: 'Save the pace' }).click();
  await expect(page.getByText('Between 3 and 18 seconds.')).toBeVisible();
  await page.getByLabel('One relaxed breath').fill('7');
  await page.getByRole('button', { name: 'Save the pace' }).click();
  await expect(page.getByText('Saved.', { exact: true })).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('One relaxed breath').fill('');
  await page.getByRole('button', { name: 'Save the pace' }).click();
  await expect(page.getByText('Saved.', { exact: true })).toBeVisible();
});
