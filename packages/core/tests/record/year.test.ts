/** A year of classes with people whose true limit nobody knows: what the record finds, and that it does no harm. */
import { chanceFrom, dateAfter, daysBetween } from '../../src/index.js';
import { FROM_CLASSES, LIMIT_KINDS, limitsSeen, proposals, type Done, type RecordOf } from '../builtIn.js';
import type { OwnLimit, Side } from '../../src/index.js';
import { everyVariantDone } from './howFarOf.js';

const EVERY = everyVariantDone();
const FIRST = '2026-01-05';

/** What limits somebody in truth. */
interface Hidden {
  place: string;
  kind: string;
  side?: Side;
  /** What goes further hurts; of kinds without a number anything of it does. */
  limit: number;
}

const farOf = ({ far }: Done, kind: string, side?: Side): number => {
  const value = far[kind] ?? 0;
  if (typeof value === 'number') return value;
  return side ? value[side === 'right' ? 0 : 1] : Math.max(...value);
};

/** What may hurt where, in the shares in which it does. */
const HIDDEN: readonly (readonly [place: string, kind: string, least: number, most: number])[] = [
  ['shoulder', 'arm-raise', 70, 150],
  ['shoulder', 'arm-out', 40, 90],
  ['shoulder', 'no-hands', 0, 0],
  ['wrist', 'no-hands', 0, 0],
  ['knee', 'knee-bend', 70, 120],
  ['knee', 'no-kneeling', 0, 0],
  ['hip', 'hip-bend', 60, 110],
  ['low-back', 'low-back-rounds', 10, 30],
  ['low-back', 'low-back-hollows', 5, 20],
  ['neck', 'head-back', 15, 40],
];
const PAIRED = ['shoulder', 'wrist', 'knee', 'hip'];

function somebody(chance: () => number): Hidden {
  const [at, kind, least, most] = HIDDEN[Math.floor(chance() * HIDDEN.length)]!;
  const either = chance() < 0.5 ? 'right' : 'left';
  const side = PAIRED.includes(at) ? either : undefined;
  return {
    place: side ? `${at}-${side}` : at,
    kind,
    ...(side && LIMIT_KINDS[kind]?.sided ? { side } : {}),
    limit: least + Math.round(chance() * (most - least)),
  };
}

/** Whether something is within the limits of hers that stand. */
const isWithin = (done: Done, limits: readonly OwnLimit[], on: string): boolean =>
  limits.every(({ kind, side, most = 0, until = on }) => until < on || farOf(done, kind, side) <= most);

/** A class of hers: what was within her limits, and what of it hurt. */
function classOf(hidden: Hidden, limits: readonly OwnLimit[], on: string, chance: () => number): RecordOf {
  const did: Done[] = [];
  for (let tries = 0; did.length < 9 && tries < 200; tries++) {
    const one = EVERY[Math.floor(chance() * EVERY.length)]!;
    if (isWithin(one, limits, on)) did.push({ ...one, step: did.length + 1 });
  }
  const changes = did
    .filter((done) => {
      const over = farOf(done, hidden.kind, hidden.side) - hidden.limit;
      return over > 5 || (over > 0 && chance() < 0.7) || chance() < 0.005;
    })
    .map(({ step }) => ({ step, what: 'stopped' as const, where: hidden.place }));
  return { on, came: true, painBefore: 2, painAfter: 2, effort: 2, changes, did };
}

test('after three flares at most, at least eight of ten true limits are the first that is named', () => {
  let found = 0;
  const people = 500;
  for (let seed = 1; seed <= people; seed++) {
    const chance = chanceFrom(seed);
    const hidden = somebody(chance);
    const records: RecordOf[] = [];
    for (let week = 0; week < 52; week++) {
      records.push(classOf(hidden, [], dateAfter(FIRST, 7 * week), chance));
      // Three classes that hurt.
      if (records.filter(({ changes }) => changes.length).length === 3) break;
    }
    const [seen] = limitsSeen(records, LIMIT_KINDS);
    if (seen?.kind === hidden.kind && seen.side === hidden.side) found++;
  }
  expect(found / people).toBeGreaterThanOrEqual(0.8);
});

test('in ten thousand runs nothing that is proposed is dangerous, whatever is taken over', () => {
  const wrong: string[] = [];
  const made = { limit: 0, further: 0, again: 0, 'ease-in': 0 };
  for (let seed = 1; seed <= 10_000; seed++) {
    const chance = chanceFrom(seed * 7919);
    const hidden = somebody(chance);
    const isPaced = chance() < 0.8;
    const letter: OwnLimit = { kind: 'head-back', most: 20, by: 'the physiotherapist' };
    let limits: readonly OwnLimit[] = [letter];
    const records: RecordOf[] = [];
    let on = FIRST;
    let isNew = false;
    for (let week = 0; week < 12; week++) {
      on = dateAfter(on, chance() < 0.05 ? 56 : 7);
      const who = { limits, conditions: isPaced ? ['low-back-pain'] : ['after-effort-crash'] };
      // The teacher looks after something hurt, and now and then.
      const looks = isNew || week % 2 === 0;
      for (const proposal of looks ? proposals(records, who, LIMIT_KINDS, on) : []) {
        if (!('limit' in proposal)) continue;
        const { what, limit, instead } = proposal;
        made[what]++;
        const hurt = records
          .filter(({ on: then }) => daysBetween(then, on) <= 56)
          .flatMap(({ did = [], changes }) =>
            did.filter(({ step }) => changes.some((change) => change.step === step)),
          )
          .map((done) => farOf(done, limit.kind, limit.side))
          .filter((far) => far > 0);
        const stands = instead && (instead.until ?? on) >= on;
        const isLoosened = stands && (limit.most ?? 0) > (instead.most ?? 0);
        if (instead && instead.by !== FROM_CLASSES) wrong.push(`${seed}: moves what a letter says`);
        if (limit.most !== undefined && what !== 'ease-in' && hurt.some((far) => far <= limit.most!))
          wrong.push(`${seed}: ${what} ${limit.kind} ${limit.most} has hurt`);
        if (isLoosened && what !== 'further') wrong.push(`${seed}: ${what} loosens`);
        if (what === 'further' && !isPaced) wrong.push(`${seed}: paced up`);
        if (what === 'further' && limit.kind === hidden.kind && limit.most! > hidden.limit + 10)
          wrong.push(`${seed}: ${limit.most} is far over ${hidden.limit}`);
        if (what === 'again') {
          if (!isPaced) wrong.push(`${seed}: tried again`);
          if (hurt.length) wrong.push(`${seed}: ${limit.kind} has hurt`);
        }
        limits = [...limits.filter((one) => one !== instead), ...(what === 'again' ? [] : [limit])];
      }
      records.push(classOf(hidden, limits, on, chance));
      isNew = records.at(-1)!.changes.length > 0;
    }
  }
  expect(wrong).toEqual([]);
  // Of each kind there was much to be wrong about.
  expect(Math.min(...Object.values(made))).toBeGreaterThan(300);
});
