/** A class taught while the network goes and the server is killed: it goes on, and no note of it is lost or doubled. */
import { expect, test as base, type Page } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { startHall, type HallServer } from '../fixtures/hall.js';

/** A hall whose server is killed: of this file alone. */
const test = base.extend<object, { server: HallServer }>({
  server: [
    async ({}, use, { workerIndex }) => {
      const server = await startHall(`lotus_steady_cut_${workerIndex}`);
      await use(server);
      await server.stop();
    },
    { scope: 'worker' },
  ],
  baseURL: ({ server }, use) => use(server.url),
  context: async ({ context, server }, use) => {
    await context.request.post(`${server.url}/api/session/demo`);
    await use(context);
  },
});

interface Known {
  id: string;
  people: { id: string; name: string }[];
}

/** Opens a class to be taught, and waits until this device keeps it. */
async function open(page: Page, title: string): Promise<Known> {
  const classes = (await (await page.request.get('/api/classes?when=coming')).json()) as {
    id: string;
    title: string;
  }[];
  const { id } = classes.find((one) => one.title === title)!;
  await page.goto(`/classes/${id}/teach`);
  await page.getByText('How it runs').click();
  await expect(page.getByText(/Kept on this device until the class is over/)).toBeVisible({
    timeout: 60_000,
  });
  await page.getByText('How it runs').click();
  return (await (await page.request.get(`/api/classes/${id}`)).json()) as Known;
}

/** Two taps for one person; the first name is how the screen calls her. */
async function changeFor(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Change for one' }).click();
  await page.getByRole('dialog').getByRole('button', { name, exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: /^Rest/ }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

/** What has not left this device. */
const unsent = (page: Page): Promise<number> =>
  page.evaluate(
    () => Object.keys(localStorage).filter((key) => key.startsWith('lotus-steady.outbox.')).length,
  );

/** Numbers that are the same each time, from 0 to 1. */
function numbers(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1_103_515_245 + 12_345) % 2 ** 31;
    return state / 2 ** 31;
  };
}

test('five times the network is cut or the server killed: no note is lost or doubled', async ({
  page,
  server,
}) => {
  // Five starts of a server, on a machine that may be busy.
  test.slow();
  const { id, people } = await open(page, 'Chairs by the Window');
  const random = numbers(19);
  const noted: [personId: string, step: number][] = [];
  const step = async (): Promise<number> =>
    Number(/^(\d+) of/.exec((await page.getByText(/^\d+ of \d+$/).textContent())!)![1]);
  const note = async (): Promise<void> => {
    const { id: who, name } = people[Math.floor(random() * people.length)]!;
    await changeFor(page, name.split(' ')[0]!);
    noted.push([who, await step()]);
    await page.keyboard.press('ArrowRight');
  };
  await page.keyboard.press('ArrowRight');
  for (let round = 0; round < 5; round++) {
    const isKilled = round % 2 === 0;
    await note();
    // At any moment: with the last note on its way, or answered.
    await page.waitForTimeout(random() * 60);
    if (isKilled) await server.kill();
    else await page.context().setOffline(true);
    await note();
    if (random() < 0.5) await note();
    const at = await step();
    await page.reload();
    await expect(page.getByText('Gone on where you were.')).toBeVisible();
    expect(await step()).toBe(at);
    await expect(page.getByText(/Kept on this device until it does, and sent by itself: /)).toBeVisible();
    await expect(page.locator('main canvas, main svg[role="img"]').first()).toBeVisible();
    if (round === 0) await expectAccessible(page);
    await note();
    if (isKilled) await server.start();
    else await page.context().setOffline(false);
    await expect(page.getByText(/Arrived at the hall’s computer: /).first()).toBeVisible();
    expect(await unsent(page)).toBe(0);
  }
  const marks = (await (await page.request.get(`/api/classes/${id}/marks`)).json()) as {
    id: string;
    personId: string;
    at: number;
  }[];
  expect(marks.map(({ personId }) => personId)).toEqual(noted.map(([who]) => who));
  expect(new Set(marks.map((mark) => mark.id)).size).toBe(noted.length);
  expect(marks.map(({ at }) => at)).toEqual([...marks.map(({ at }) => at)].sort((a, b) => a - b));
});

test('nothing answers: the hold goes on to the second, the record is written, and arrives once', async ({
  page,
  server,
}) => {
  const { id, people } = await open(page, 'Steady Backs');
  await page.keyboard.press('ArrowRight');
  await page.getByRole('button', { name: 'Start' }).click();
  const begun = Date.now();
  await server.kill();
  await page.goto('about:blank');
  await page.waitForTimeout(1500);
  await page.goto(`/classes/${id}/teach`);
  await expect(page.getByText(/^2 of/)).toBeVisible();
  await expect(
    page.getByText(/does not answer: the class goes on with what this device keeps/),
  ).toBeVisible();
  const passed = await page.evaluate((name) => {
    const key = Object.keys(localStorage).find((one) => one.endsWith(name))!;
    const { teaching } = (
      JSON.parse(localStorage.getItem(key)!) as { values: { teaching: { since: number; passed: number } } }
    ).values;
    return Date.now() - teaching.since + teaching.passed;
  }, `class:${id}:teaching`);
  expect(Math.abs(passed - (Date.now() - begun))).toBeLessThan(1500);
  const [first] = people;
  await changeFor(page, first!.name.split(' ')[0]!);

  await page.goto(`/classes/${id}/after`);
  await expect(page.getByText('eased', { exact: false }).first()).toBeVisible();
  await page.getByLabel(`Note on ${first!.name}`).fill('slept badly');
  await page.getByRole('button', { name: 'Save the record' }).click();
  await expect(page.getByText(/sent by itself: a note and a record/)).toBeVisible();
  await server.start();
  await expect(page.getByText('Arrived at the hall’s computer: a note and a record.')).toBeVisible();
  const { records } = (await (await page.request.get(`/api/classes/${id}`)).json()) as {
    records: { personId: string; word: string; changes: object[] }[];
  };
  expect(records).toHaveLength(people.length);
  expect(records.find(({ personId }) => personId === first!.id)).toMatchObject({
    word: 'slept badly',
    changes: [{ what: 'eased' }],
  });
  expect(await (await page.request.get(`/api/classes/${id}/marks`)).json()).toEqual([]);
  expect(await unsent(page)).toBe(0);
  // What was typed is no draft any more.
  await page.goto(`/classes/${id}/after`);
  await expect(page.getByLabel(`Note on ${first!.name}`)).toHaveValue('slept badly');
  await expect(page.getByText(/Not saved yet/)).toHaveCount(0);
});

test('signed out, this device keeps nothing of anybody', async ({ page }) => {
  await open(page, 'Bump and Breathe');
  await page.goto('/you');
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await page.waitForURL(/sign-in/);
  const kept = await page.evaluate(async () => {
    const names = (await indexedDB.databases()).map(({ name }) => name!);
    const rows = await Promise.all(
      names.map(
        (name) =>
          new Promise<number>((resolve) => {
            const opening = indexedDB.open(name);
            opening.onsuccess = () => {
              const store = opening.result.transaction('readings').objectStore('readings').count();
              store.onsuccess = () => resolve(store.result);
            };
          }),
      ),
    );
    const files = await Promise.all(
      (await caches.keys()).map(async (name) =>
        (await (await caches.open(name)).keys()).map(({ url }) => url),
      ),
    );
    return { rows, api: files.flat().filter((url) => url.includes('/api/')), local: { ...localStorage } };
  });
  expect(kept.rows).toEqual([0]);
  expect(kept.api).toEqual([]);
  expect(Object.keys(kept.local).filter((key) => /draft|outbox/.test(key))).toEqual([]);
});
