/** Teaching live, in simulated time: a whole class by itself, by hand, a change for one, a stop, and ending on time. */
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { momentsOf, type Fitting, type Teaching } from '@lotus-steady/core';
import { expect, type Page } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

const SIX = new Date('2026-11-23T18:00:00');

/** Opens a class to be taught, with a clock that goes only where the test lets it. */
async function open(page: Page, title: string): Promise<{ id: string; fitting: Fitting }> {
  await page.clock.install({ time: SIX });
  await page.emulateMedia({ reducedMotion: 'reduce' });
  const classes = (await (await page.request.get('/api/classes?when=coming')).json()) as {
    id: string;
    title: string;
  }[];
  const { id } = classes.find((one) => one.title === title)!;
  await page.goto(`/classes/${id}/teach`);
  await expect(page.getByText(/^1 of/)).toBeVisible();
  return (await (await page.request.get(`/api/classes/${id}`)).json()) as { id: string; fitting: Fitting };
}

/** What this device keeps of a class that is being taught. */
const kept = (page: Page, id: string): Promise<Teaching> =>
  page.evaluate((name) => {
    const key = Object.keys(localStorage).find((one) => one.endsWith(name))!;
    return (JSON.parse(localStorage.getItem(key)!) as { values: { teaching: Teaching } }).values.teaching;
  }, `class:${id}:teaching`);

test('an hour’s class runs by itself: order, sides and every time are the plan’s', async ({ page }) => {
  // An hour of a page's clock takes minutes on a busy machine.
  test.slow();
  const { id, fitting } = await open(page, 'Thursday Mixed');
  const planned = momentsOf(fitting, BUILT_IN);
  const total = planned.reduce((sum, { lead, seconds }) => sum + lead + seconds, 0);
  expect(total).toBeGreaterThan(55 * 60);
  await page.getByText('How it runs').click();
  await page.getByLabel('Goes on by itself').check();
  await page.getByText('How it runs').click();
  // Each moment as it is shown, with the time at which it is first seen.
  await page.evaluate(() => {
    const seen: [at: number, text: string][] = [];
    (window as unknown as { seen: typeof seen }).seen = seen;
    const look = (): void => {
      const text = document.querySelector('[aria-label="Now"] [aria-live]')?.textContent ?? '';
      const at = document.querySelector('header .tabular-nums')?.textContent ?? '';
      if (seen[seen.length - 1]?.[1] !== `${at}|${text}`) seen.push([Date.now(), `${at}|${text}`]);
    };
    look();
    new MutationObserver(look).observe(document.body, {
      subtree: true,
      childList: true,
      characterData: true,
    });
  });
  const begins = await page.evaluate(() => Date.now());
  await page.getByRole('button', { name: 'Begin' }).click();
  for (let minute = 0; minute * 60 < total; minute++) await page.clock.runFor(60_000);
  await expect(page.getByRole('main').getByText('Come out slowly')).toBeVisible();

  const seen = await page.evaluate(() => (window as unknown as { seen: [number, string][] }).seen);
  let at = 0;
  const expected = planned.map(({ lead, seconds, side, then, step, round }) => {
    const begun = at;
    at += lead + seconds;
    const name = BUILT_IN.variant(step.variant).pose.name;
    const own = then ? `After ${name.toLowerCase()}` : name;
    return { begun, name: round ? step.flow!.name : own, side };
  });
  expect(seen).toHaveLength(expected.length);
  expected.forEach(({ begun, name, side }, i) => {
    const [when, text] = seen[i]!;
    expect(text).toContain(`${i + 1} of ${expected.length}|${name}`);
    if (side) expect(text).toContain(`Their ${side} on your ${side === 'right' ? 'left' : 'right'}`);
    else expect(text).not.toContain('Their ');
    // To the second: the screen looks five times in one, and is drawn when a busy machine comes to it.
    expect(Math.abs((when - begins) / 1000 - begun)).toBeLessThan(1);
  });
  await expect(page.getByText('on time', { exact: true })).toBeVisible();
  // Its own clock has not drifted: all that was held and waited is the plan to the tenth of a second.
  await page.keyboard.press('r');
  await page.clock.runFor(400);
  const { begun, spent } = await kept(page, id);
  expect(begun! - begins).toBeLessThan(450);
  const held = spent.filter(({ phase }) => phase !== 'done').reduce((sum, { ms }) => sum + ms, 0);
  expect(Math.abs(held - total * 1000)).toBeLessThan(100);
});

test('by hand: Space does what has the focus, pedals and swipes go on, a reload is where it was to the second', async ({
  page,
}) => {
  await open(page, 'Steady Backs');
  const count = page.getByRole('timer');
  await page.keyboard.press('Space');
  await page.clock.runFor(10_000);
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
  await page.keyboard.press('Space');
  const label = await count.getAttribute('aria-label');
  await page.clock.runFor(30_000);
  await expect(count).toHaveAttribute('aria-label', label!);
  await page.reload();
  await expect(page.getByText('Gone on where you were.')).toBeVisible();
  await expect(count).toHaveAttribute('aria-label', label!);

  await page.getByRole('button', { name: 'Next' }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(/^2 of/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Start' })).toBeVisible();
  await page.locator('body').click({ position: { x: 400, y: 300 } });
  await page.keyboard.press('PageDown');
  await expect(page.getByText(/^3 of/)).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByText(/^2 of/)).toBeVisible();
  await page.getByRole('main').evaluate((main) => {
    const touch = (clientX: number) => new Touch({ identifier: 1, target: main, clientX, clientY: 300 });
    const fire = (type: string, x: number, touches: Touch[]): boolean =>
      main.dispatchEvent(new TouchEvent(type, { bubbles: true, touches, changedTouches: [touch(x)] }));
    fire('touchstart', 700, [touch(700)]);
    fire('touchend', 400, []);
  });
  await expect(page.getByText(/^3 of/)).toBeVisible();
  await page.keyboard.press('r');
  await page.keyboard.press('m');
  await page.clock.runFor(400);
  const left = Number(/\d+/.exec((await count.getAttribute('aria-label'))!)![0]);
  expect(left).toBeGreaterThan(60);
  await page.keyboard.press('m');
  await page.keyboard.press('u');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(count).not.toHaveAttribute('aria-label', `${left} seconds left`);
  await page.keyboard.press('s');
  await expect(page.getByText(/^4 of/)).toBeVisible();
  await page.keyboard.press('f');
  await expect.poll(() => page.evaluate(() => document.fullscreenElement !== null)).toBe(true);
  await page.keyboard.press('f');
  await expect.poll(() => page.evaluate(() => document.fullscreenElement)).toBeNull();
});

test('two taps give one person something easier; who stops is noted with the signs; the record has both', async ({
  page,
}) => {
  const { id } = await open(page, 'Steady Backs');
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.getByRole('button', { name: 'Change for one' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Caspar', exact: true }).click();
  await expectAccessible(page);
  await page.getByRole('dialog').getByLabel('Where it hurts').selectOption('wrist-left');
  await page.getByRole('dialog').getByRole('button', { name: /^Rest/ }).click();
  const differs = page.getByRole('region', { name: 'Who differs' });
  await expect(differs.getByRole('button', { name: 'Caspar, a change' })).toBeVisible();
  await expect(differs.getByText('rests')).toBeVisible();

  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('x');
  const card = page.getByRole('dialog');
  await card.getByRole('button', { name: 'Bram Sedgely' }).click();
  await expect(card.getByRole('heading', { name: 'At once: the emergency services now' })).toBeVisible();
  // A sign of his own condition, beside those of everybody.
  await expect(card.getByText(/Pain, numbness or weakness in both legs/)).toBeVisible();
  await expectAccessible(page);
  await card.getByRole('button', { name: 'Note that Bram Sedgely has stopped' }).click();
  await expect(differs.getByText('has stopped')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(differs.getByText('has stopped')).toBeVisible();

  await page.goto(`/classes/${id}/after`);
  const person = (name: string) =>
    page
      .getByRole('listitem')
      .filter({ has: page.getByText(name, { exact: true }) })
      .first();
  await expect(person('Caspar Dunmore').getByText('eased', { exact: false }).first()).toBeVisible();
  await expect(person('Caspar Dunmore').getByRole('combobox', { name: /^Where it hurt/ })).toHaveValue(
    'wrist-left',
  );
  await expect(person('Bram Sedgely').getByText('stopped', { exact: false }).first()).toBeVisible();
});

test('behind time, the rest is fitted again: shorter, and the final rest stays', async ({ page }) => {
  await open(page, 'Steady Backs');
  await page.keyboard.press('Space');
  await page.clock.runFor(1000);
  await page.clock.fastForward(12 * 60_000);
  await page.clock.runFor(1000);
  await expect(page.getByText(/min behind/)).toBeVisible();
  const before = await page.getByLabel('Time left in the class').textContent();
  await page.keyboard.press('e');
  await expect(page.getByRole('dialog').getByText('The class is to end at', { exact: false })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'End on time' }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Fit the rest into it' }).click();
  await expect(page.getByText('the rest fits the time')).toBeVisible({ timeout: 60_000 });
  expect(await page.getByLabel('Time left in the class').textContent()).not.toBe(before);
  await expect(page.getByText('on time', { exact: true })).toBeVisible();
  for (let i = 0; i < 80; i++) await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('heading', { name: /rest/i }).first()).toBeVisible();
  await expect(page.getByRole('link', { name: 'After class' })).toBeVisible();
});

test('a screen for the class: figure, breath and count go along, and nobody is on it', async ({
  page,
  browser,
}) => {
  const { fitting } = await open(page, 'Steady Backs');
  await page.getByText('How it runs').click();
  await page.getByRole('button', { name: /A screen for the class/ }).click();
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = (await page.getByRole('dialog').locator('.font-mono').textContent())!;
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Close' }).click();
  // Another device: nobody is signed in there.
  const other = await browser.newContext({ reducedMotion: 'reduce' });
  const screen = await other.newPage();
  const told: string[] = [];
  screen.on('response', async (answer) => {
    if (answer.url().includes('/api/')) told.push(await answer.text().catch(() => ''));
  });
  await screen.goto(link);
  await expect(screen.getByRole('img').first()).toBeVisible();
  await expect(screen.getByText('to hold')).toBeVisible();
  await expectAccessible(screen);
  await page.keyboard.press('ArrowRight');
  await expect(screen.getByText('rounds', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(screen.getByText('rounds left')).toBeVisible();
  // What is counted there is what is counted here.
  await page.clock.runFor(30_000);
  await page.getByRole('button', { name: 'Pause' }).click();
  const count = (on: Page) => on.getByRole('timer').textContent();
  await expect.poll(async () => (await count(screen)) === (await count(page))).toBe(true);
  const all = told.join() + (await screen.locator('body').innerText());
  expect(told.length).toBeGreaterThan(2);
  for (const { person, personId } of fitting.lanes) {
    expect(all).not.toContain(personId);
    for (const name of person.split(' ')) expect(all).not.toContain(name);
  }
  expect(await screen.evaluate(() => document.cookie + JSON.stringify({ ...localStorage }))).toBe('{}');
  await page.getByText('How it runs').click();
  await page.getByRole('button', { name: /A screen for the class/ }).click();
  await page.getByRole('button', { name: 'Switch it off' }).click();
  await expect(screen.getByText(/This link has expired, was taken back, or was used/)).toBeVisible();
  await other.close();
});

test('how long a class really took is said where the next is planned', async ({ page }) => {
  const { id } = await open(page, 'Steady Backs');
  const moments = Number(/of (\d+)/.exec((await page.getByText(/^1 of/).textContent())!)![1]);
  await page.keyboard.press('Space');
  for (let i = 1; i < moments; i++) {
    await page.clock.runFor(i % 2 ? 400 : 800);
    await page.clock.fastForward(150_000);
    await page.keyboard.press('ArrowRight');
    await page.clock.runFor(400);
    await page.clock.fastForward(40_000);
    await page.keyboard.press('Space');
  }
  await page.clock.runFor(400);
  await page.goto(`/classes/${id}/after`);
  await page.getByRole('button', { name: 'Save the record' }).click();
  await expect(page).toHaveURL(/fitting$/);
  await expect(page.getByText(/about \d+ as your classes go/)).toBeVisible();
  await page.goto('/hall');
  const facts = page.getByRole('region', { name: 'From your classes' });
  await expect(facts.getByText(/One class took \d+% longer than planned/)).toBeVisible();
  await facts.getByRole('button', { name: 'Plan with these' }).click();
  // The clock of the page goes on while a busy machine presses keys: some seconds more are right too.
  await expect(page.getByLabel('Change of side')).toHaveValue(/^4\d$/);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save the pace' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await expect(facts.getByText(/Change of side/)).toHaveCount(0);
  // As the hall was: other journeys are in it too.
  for (const name of ['Change of side', 'Getting up or down', 'Explaining a new pose', 'Naming a known pose'])
    await page.getByLabel(name, { exact: true }).fill('');
  await page.getByLabel('Fetching props').fill('');
  await page.getByRole('button', { name: 'Save the pace' }).click();
  await expect(facts.getByText(/Change of side/)).toBeVisible();
});

test('with the children: chime, countdown, hops, quiet, and a number to balance on', async ({ page }) => {
  await open(page, 'Rockpool Club');
  await page.keyboard.press('k');
  const games = page.getByRole('dialog');
  await expectAccessible(page);
  await games.getByRole('button', { name: 'Sound the chime' }).click();
  await expect(games.getByText('Hand up while you hear it.')).toBeVisible();
  await expect(games.getByText('1. eyes open')).toBeVisible();
  await page.clock.runFor(8100);
  await expect(games.getByText('Hands down: who heard it longest?')).toBeVisible();

  await games.getByRole('tab', { name: 'Countdown' }).click();
  const number = games.getByRole('timer');
  const from = Number(await number.textContent());
  expect([5, 10, 15]).toContain(from);
  await games.getByRole('button', { name: 'Count down' }).click();
  await page.clock.runFor(2100);
  await expect(number).toHaveText(String(from - 2));
  await page.clock.runFor(from * 1000);
  await expect(number).toHaveText(String(from));
  await expectAccessible(page);

  await games.getByRole('tab', { name: 'Hops and quiet' }).click();
  for (let i = 0; i < 5; i++) await games.getByRole('button', { name: 'Hop', exact: true }).click();
  await expect(games.getByText('Freeze: who landed the most softly?')).toBeVisible();
  await games.getByRole('button', { name: 'Quiet from now' }).click();
  await page.clock.runFor(12_300);
  await expect(games.getByRole('timer')).toHaveText('12');
  await games.getByRole('button', { name: 'I heard something' }).click();
  await expect(games.getByText('longest today: 12 seconds')).toBeVisible();

  await games.getByRole('tab', { name: 'Balance on' }).click();
  for (const parts of ['2', '3', '4', '2']) {
    await expect(games.getByText(parts, { exact: true })).toBeVisible();
    await games.getByRole('button', { name: 'Another number' }).click();
  }
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await expect(games).toHaveCount(0);
  await page.getByRole('button', { name: 'With the children' }).click();
  await expect(games.getByRole('tab', { name: 'Chime' })).toBeVisible();
});
