/** What a device has to send: whatever is lost on the way, each change is made once, and in order. */
import fc from 'fast-check';
import { Store } from './inBrowser.js';
import { jest } from '@jest/globals';
import { marksWith, markSent, markTakenBack } from '../../src/data/classes/useMarks.js';
import { deliver, forgetOutbox, sendSoon, takeOut, waiting } from '../../src/data/outbox/outbox.js';
import { setOwner } from '../../src/data/session/owner.js';
import { sayWaiting } from '../../src/domain/outbox/sayWaiting.js';

const CLASS = '00000000-0000-4000-8000-000000000001';
const mark = (i: number) => ({
  id: `00000000-0000-4000-9000-${String(i).padStart(12, '0')}`,
  personId: 'p',
  step: i + 1,
  given: 'rest' as const,
  at: i,
});

/** What becomes of a request: it never gets there, its answer is lost, it is put off, refused, or answered. */
type Fate = 'lost' | 'answer lost' | 'put off' | 'signed out' | 'answered';

/** A server as ours is: what comes under a key that it knows is answered, and not done again. */
class Hall {
  readonly done: string[] = [];
  private readonly keys = new Set<string>();
  constructor(private readonly fates: Fate[]) {}

  readonly fetch = (path: string, init: RequestInit): Promise<Response> => {
    const fate = this.fates.shift() ?? 'answered';
    if (fate === 'lost') return Promise.reject(new TypeError('nothing answers'));
    if (fate === 'put off' || fate === 'signed out')
      return Promise.resolve(new Response('{}', { status: fate === 'put off' ? 503 : 401 }));
    const key = new Headers(init.headers).get('Idempotency-Key')!;
    if (!this.keys.has(key)) this.done.push(`${init.method} ${path}`);
    this.keys.add(key);
    return fate === 'answer lost'
      ? Promise.reject(new TypeError('nothing answers'))
      : Promise.resolve(new Response(null, { status: 204 }));
  };
}

beforeEach(() => {
  globalThis.localStorage = new Store() as unknown as Storage;
  setOwner('ada.hall');
  jest.useFakeTimers();
});
afterEach(() => {
  forgetOutbox();
  jest.useRealTimers();
});

test('whatever is lost or put off, each change is made once, in the order in which it was done', async () => {
  const fates = fc.array(fc.constantFrom<Fate>('lost', 'answer lost', 'put off', 'signed out', 'answered'), {
    maxLength: 30,
  });
  await fc.assert(
    fc.asyncProperty(fates, fc.integer({ min: 1, max: 8 }), async (all, count) => {
      const hall = new Hall([...all]);
      globalThis.fetch = hall.fetch as typeof fetch;
      const sent = Array.from({ length: count }, (_, i) => sendSoon(markSent(CLASS, mark(i)), i));
      await Promise.all(sent);
      for (let i = 0; i < 40; i++) await deliver();
      expect(hall.done).toEqual(
        Array.from({ length: count }, (_, i) => `PUT /api/classes/${CLASS}/marks/${mark(i).id}`),
      );
      expect(waiting()).toEqual([]);
    }),
    { numRuns: 60 },
  );
});

test('what was refused holds nothing up, says why, and is sent no more', async () => {
  const said: string[] = [];
  globalThis.fetch = ((path: string) => {
    said.push(path);
    return Promise.resolve(
      said.length === 1
        ? new Response('{"message":"This class is not in the list."}', { status: 404 })
        : new Response(null, { status: 204 }),
    );
  }) as typeof fetch;
  await sendSoon(markSent(CLASS, mark(0)));
  await sendSoon(markSent(CLASS, mark(1)));
  await deliver();
  expect(said).toHaveLength(2);
  expect(waiting()).toMatchObject([{ refused: { status: 404, message: 'This class is not in the list.' } }]);
  takeOut(waiting()[0]!);
  expect(waiting()).toEqual([]);
});

test('it is asked again by itself, later each time', async () => {
  let asked = 0;
  globalThis.fetch = (() => {
    asked++;
    return Promise.reject(new TypeError('nothing answers'));
  }) as typeof fetch;
  await sendSoon(markSent(CLASS, mark(0)));
  const after: number[] = [];
  for (let i = 0; i < 5; i++) {
    await jest.advanceTimersByTimeAsync(15_000);
    after.push(asked);
  }
  expect(after[0]).toBeGreaterThan(3);
  expect(after[4]! - after[3]!).toBeLessThanOrEqual(2);
});

test('another who signs in here neither sees nor sends it', async () => {
  globalThis.fetch = (() => Promise.reject(new TypeError('nothing answers'))) as typeof fetch;
  await sendSoon(markSent(CLASS, mark(0)));
  setOwner('bo.hall');
  const hall = new Hall([]);
  globalThis.fetch = hall.fetch as typeof fetch;
  await deliver();
  expect([waiting(), hall.done]).toEqual([[], []]);
  setOwner('ada.hall');
  await deliver();
  expect(hall.done).toHaveLength(1);
});

test('marks are those of the server as what waits will leave them', () => {
  const waits = [markTakenBack(CLASS, mark(0).id), markSent(CLASS, mark(2)), markSent('another', mark(3))];
  expect(marksWith([mark(1), mark(0)], CLASS, waits)).toEqual([mark(1), mark(2)]);
  expect(sayWaiting(waits)).toBe('3 notes');
  expect(sayWaiting([{ what: 'note' }, { what: 'record' }])).toBe('a note and a record');
});
