/** Practice at home: from a class, on paper, by mail, and on her phone, also where there is no network. */
import { expect } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test, TODAY } from '../fixtures/hall.js';

test('exercises from a class are kept for home, and play on a phone without a network; what is tapped arrives', async ({
  page,
  browser,
  hall,
}) => {
  await page.clock.setFixedTime(new Date(`${TODAY}T12:00:00`));
  await page.goto('/people');
  await page.getByRole('link', { name: 'Caspar Dunmore' }).click();
  await page.getByRole('link', { name: 'Practice at home' }).click();
  await expect(page.getByText('has come to no class lately')).toBeVisible();
  const id = /people\/([^/]+)/.exec(page.url())![1]!;
  // He comes to a class, and it is recorded.
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Steady Backs' }).first().click();
  await page.getByRole('link', { name: 'After class' }).click();
  await page.getByRole('button', { name: /^Save/ }).click();
  await expect(page.getByText(/saved/i).first()).toBeVisible();
  await page.goto(`/people/${id}/home`);

  const keep = page.getByRole('button', { name: /^Keep it: \d exercises/ });
  await expect(keep).toBeVisible();
  await expectAccessible(page);
  const before = await page
    .getByRole('listitem')
    .filter({ has: page.getByRole('checkbox') })
    .count();
  await page.getByRole('checkbox', { name: 'thick books' }).uncheck();
  await page.getByRole('checkbox', { name: 'blankets' }).uncheck();
  await expect
    .poll(() =>
      page
        .getByRole('listitem')
        .filter({ has: page.getByRole('checkbox') })
        .count(),
    )
    .toBeLessThan(before);
  await page.getByLabel('Words to Caspar').fill('A little, and often.');
  await page.reload();
  await expect(page.getByLabel('Words to Caspar')).toHaveValue('A little, and often.');
  await keep.click();
  await expect(page.getByRole('heading', { name: /^Caspar practises, until/ })).toBeVisible();
  await expectAccessible(page);

  await page.getByRole('button', { name: 'A private page for Caspar' }).click();
  const link = (await page
    .getByText(/\/mine#/)
    .first()
    .textContent())!.trim();
  await page.getByLabel('To', { exact: true }).fill('caspar@example.org');
  await page.getByRole('checkbox', { name: /wants it by mail/ }).check();
  await page.getByRole('button', { name: 'Put it into the outbox' }).click();
  await page.getByRole('link', { name: 'See the outbox' }).click();
  await expect(page.getByRole('heading', { name: 'Your practice at home' })).toBeVisible();
  await expect(page.getByText('/mine#')).toBeVisible();
  await expectAccessible(page);

  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, locale: 'en-GB' });
  const her = await phone.newPage();
  await her.clock.install({ time: new Date(`${TODAY}T18:00:00`) });
  await her.goto(link);
  await expect(her.getByText('A little, and often.')).toBeVisible();
  await expectAccessible(her);
  await her.evaluate(() => navigator.serviceWorker.ready.then(() => true));
  await phone.setOffline(true);
  await her.goto(`${hall}/mine`);
  await her.getByRole('button', { name: 'Practise now' }).click();
  for (let last = false; !last;) {
    await her.getByRole('button', { name: 'I am there' }).click();
    await expect(her.getByRole('timer')).toBeVisible();
    await her.clock.fastForward('15:00');
    await expect(her.getByText('Come out slowly')).toBeVisible();
    const next = her.getByRole('button', { name: /^(Next|Done)$/ });
    last = (await next.textContent()) === 'Done';
    await next.click();
  }
  for (const tap of ['All', 'Just right', 'More'])
    await her.getByRole('button', { name: tap, exact: true }).click();
  await expect(her.getByText('Written down for your teacher.')).toBeVisible();
  await phone.setOffline(false);
  await her.clock.fastForward('00:30');
  await page.goto(`/people/${id}`);
  await expect(async () => {
    await page.reload();
    await expect(page.getByText('practised all of it, just right, pain more after')).toBeVisible({
      timeout: 3000,
    });
  }).toPass();
  await expect(page.getByRole('heading', { name: 'Ask about practice at home' })).toBeVisible();
  await phone.close();
});

test('a letter is begun from what is known, edited, kept, and saved as it was edited', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Bram Sedgely' }).click();
  await page.getByRole('link', { name: 'Letter', exact: true }).click();
  await page.getByRole('button', { name: 'The physiotherapist' }).click();
  const letter = page.getByLabel('The letter');
  await expect(letter).toHaveValue(/^To the physiotherapist of Bram Sedgely/);
  await expectAccessible(page);
  await letter.fill('Dear colleague,\n\nhow far may he bend?\n');
  await page.reload();
  await expect(letter).toHaveValue(/how far may he bend/);
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  expect((await saving).suggestedFilename()).toBe('Letter.pdf');
});
