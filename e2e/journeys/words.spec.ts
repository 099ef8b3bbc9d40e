/** Words to say: suggested, written anew by the teacher, on her screen in class and read aloud. */
import { expect } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

test('own words for a pose are kept, said in class, and read aloud; what a rule asks for stays', async ({
  page,
}) => {
  // No voice is installed here: what the page would have said is written down.
  await page.addInitScript(() => {
    const said: string[] = [];
    Object.assign(window, { said });
    window.speechSynthesis.speak = (one) => void said.push(one.text);
  });
  const classes = (await (await page.request.get('/api/classes?when=coming')).json()) as {
    id: string;
    title: string;
  }[];
  const { id } = classes.find(({ title }) => title === 'Thursday Mixed')!;
  await page.goto(`/classes/${id}/fitting`);
  await page.getByRole('link', { name: 'Words' }).click();
  const step = (name: string) =>
    page.getByRole('listitem').filter({ has: page.getByRole('heading', { name, exact: true }) });
  const breath = step('Seated breath');
  await expect(breath.getByText('When you are ready, come to seated breath.')).toBeVisible();
  await expectAccessible(page);
  const safety = 'Sit forward; lean back whenever you tire.';
  await expect(breath.getByText(safety)).toBeVisible();

  await breath.getByRole('button', { name: 'Write your own: Seated breath' }).click();
  const words = breath.getByLabel('Your words for seated breath');
  await expect(words).toHaveValue(/When you are ready/);
  await words.fill('Arrive. The chair has you.');
  await page.reload();
  await breath.getByRole('button', { name: 'Write your own: Seated breath' }).click();
  await expect(words).toHaveValue('Arrive. The chair has you.');
  await breath.getByRole('button', { name: 'Save your words' }).click();
  await expect(breath.getByText('Arrive. The chair has you.')).toBeVisible();
  await expect(breath.getByText('When you are ready, come to seated breath.')).toHaveCount(0);
  await expect(breath.getByText(safety)).toBeVisible();

  await page.goto(`/classes/${id}/teach`);
  await page.getByText('How it runs').click();
  await page.getByLabel('Words to say; with the voice, read aloud').check();
  await page.getByLabel('Counts aloud').check();
  await page.getByText('How it runs').click();
  const script = page.getByRole('region', { name: 'Words to say' });
  await expect(script.getByText('Arrive. The chair has you.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Start' }).click();
  const said = () => page.evaluate(() => (window as unknown as { said: string[] }).said);
  await expect.poll(said).toContain('Arrive. The chair has you.');
  expect(await said()).toContain(safety);
  // What is for one person alone is not said to the room.
  await page.keyboard.press('ArrowRight');
  await expect(script.getByText('Bram:', { exact: false }).first()).toBeVisible();
  await expect.poll(said).toContain('Your right.');
  expect((await said()).join()).not.toMatch(
    /No further than it is comfortable today|half way, the breastbone/,
  );

  await page.goto(`/classes/${id}/words`);
  await breath.getByRole('button', { name: 'Change your words: Seated breath' }).click();
  await breath.getByRole('button', { name: 'The usual words again' }).click();
  await expect(breath.getByText('When you are ready, come to seated breath.')).toBeVisible();
});
