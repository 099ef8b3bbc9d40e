/** What is written is saved a moment later, one save after another, and nothing is lost on the way. */
import { jest } from '@jest/globals';
import { smallestChange } from '../../../src/domain/plan/smallestChange.js';
import { Autosave, type Saving } from '../../../src/data/drafts/Autosave.js';
import fc from 'fast-check';

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

/** What the server says is wrong. */
const problem = (message: string, status: number, current?: object): Error =>
  Object.assign(new Error(message), { status, current });
interface Text {
  source: string;
}
interface Theirs extends Text {
  version: number;
}
/** A text that is saved so. */
const saving = (
  version: number,
  save: (what: Text, version: number) => Promise<{ version: number }>,
  more: Partial<Saving<Text, Theirs>> = {},
) => new Autosave<Text, Theirs>(version, { save, ...more });
const settle = (ms: number) => jest.advanceTimersByTimeAsync(ms);

test('a burst of keys is one save, on the version that the last save gave', async () => {
  const sent: [string, number][] = [];
  const autosave = saving(4, ({ source }, version) => {
    sent.push([source, version]);
    return Promise.resolve({ version: version + 1 });
  });
  for (const text of ['T', 'Tr', 'Tree']) autosave.change({ source: text });
  expect(autosave.now().saved).toBe('waiting');
  await settle(2000);
  autosave.change({ source: 'Tree, 5 breaths' });
  await settle(2000);
  expect(sent).toEqual([
    ['Tree', 4],
    ['Tree, 5 breaths', 5],
  ]);
  expect([autosave.now().saved, autosave.unsaved()]).toEqual(['saved', undefined]);
});

test('what is typed while a save is on its way is saved after it', async () => {
  const sent: string[] = [];
  const autosave = saving(1, async ({ source }, version) => {
    sent.push(source);
    await new Promise((resolve) => {
      setTimeout(resolve, 3000);
    });
    return { version: version + 1 };
  });
  autosave.change({ source: 'one' });
  await settle(1500);
  autosave.change({ source: 'two' });
  await settle(10_000);
  expect(sent).toEqual(['one', 'two']);
  expect(autosave.now().saved).toBe('saved');
});

test('who leaves while a save is on its way leaves when the rest is saved too', async () => {
  const sent: string[] = [];
  const autosave = saving(1, async ({ source }, version) => {
    await new Promise((resolve) => {
      setTimeout(resolve, 3000);
    });
    sent.push(source);
    return { version: version + 1 };
  });
  autosave.change({ source: 'one' });
  await settle(1500);
  autosave.change({ source: 'two' });
  let left = false;
  void autosave.flush().then(() => (left = true));
  await settle(2900);
  expect([sent, left]).toEqual([['one'], false]);
  await settle(3500);
  expect([sent, left]).toEqual([['one', 'two'], true]);
});

test('what is not answered is sent again; what is refused waits for another key', async () => {
  let tries = 0;
  const lost = saving(1, (_, version) => {
    tries++;
    return tries < 3 ? Promise.reject(problem('No answer.', 0)) : Promise.resolve({ version: version + 1 });
  });
  lost.change({ source: 'Tree' });
  await settle(1500);
  expect(lost.now()).toMatchObject({ saved: 'not-saved', problem: 'No answer.' });
  await settle(20_000);
  expect([tries, lost.now().saved]).toEqual([3, 'saved']);

  let refusals = 0;
  const refused = saving(1, () => {
    refusals++;
    return Promise.reject(problem('Too long.', 400));
  });
  refused.change({ source: 'Tree' });
  await settle(30_000);
  expect(refusals).toBe(1);
});

test('an empty page is not saved over what was written', async () => {
  const save = jest.fn(() => Promise.resolve({ version: 2 }));
  const autosave = saving(1, save, { refuse: ({ source }) => (source.trim() ? undefined : 'Empty.') });
  autosave.change({ source: '  ' });
  await settle(5000);
  expect(save).not.toHaveBeenCalled();
  expect(autosave.now().saved).toBe('not-saved');
});

test('somebody else’s version is shown, and either of the two goes on', async () => {
  const theirs = { id: 'x', source: 'Theirs', version: 9 };
  const sent: number[] = [];
  const save = (_: { source: string }, version: number) => {
    sent.push(version);
    return version < 9
      ? Promise.reject(problem('Changed.', 409, theirs))
      : Promise.resolve({ version: version + 1 });
  };
  const mine = saving(1, save);
  mine.change({ source: 'Mine' });
  await settle(1500);
  expect(mine.now()).toMatchObject({ saved: 'conflict', theirs: { source: 'Theirs' } });
  mine.settle({ source: 'Mine' });
  await settle(1500);
  expect([sent, mine.now().saved]).toEqual([[1, 9], 'saved']);
  const given = saving(1, save);
  given.change({ source: 'Mine' });
  await settle(1500);
  given.settle(undefined);
  expect([given.now().saved, given.unsaved()]).toEqual(['saved', undefined]);
});

test('what can be brought together with theirs is, and saved on their version', async () => {
  const sent: [string, number][] = [];
  const save = ({ source }: Text, version: number) => {
    sent.push([source, version]);
    return version < 9
      ? Promise.reject(problem('Changed.', 409, { source: 'Theirs', version: 9 }))
      : Promise.resolve({ version: version + 1 });
  };
  const both = saving(1, save, {
    merge: (mine, theirs) => ({ source: `${theirs.source} and ${mine.source}` }),
  });
  both.change({ source: 'mine' });
  await settle(3000);
  expect(sent).toEqual([
    ['mine', 1],
    ['Theirs and mine', 9],
  ]);
  expect(both.now().saved).toBe('saved');
});

test('the smallest change makes the one text of the other', () => {
  fc.assert(
    fc.property(
      fc.string({ unit: fc.constantFrom('a', 'b', '\n') }),
      fc.string({ unit: fc.constantFrom('a', 'b', '\n') }),
      (a, b) => {
        const change = smallestChange(a, b);
        const made = change ? a.slice(0, change.from) + change.insert + a.slice(change.to) : a;
        expect(made).toBe(b);
        if (change)
          expect(change.insert.length + change.to - change.from).toBeLessThanOrEqual(a.length + b.length);
      },
    ),
  );
});
