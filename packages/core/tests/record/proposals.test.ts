/** What the record proposes: worked cases. */
import {
  CONDITIONS,
  FROM_CLASSES,
  LIMIT_KINDS,
  limitsSeen,
  NOT_PACED_UP,
  PAIN_PLACES,
  proposals,
  type Done,
  type RecordOf,
} from '../builtIn.js';
import type { LimitProposal, OwnLimit } from '../../src/index.js';
import { everyVariantDone } from './howFarOf.js';

const EVERY = new Map(everyVariantDone().map((done) => [done.variant, done]));
const does = (...variants: string[]): Done[] =>
  variants.map((variant, i) => ({ ...EVERY.get(variant)!, step: i + 1 }));
const record = (on: string, did: Done[], more: Partial<RecordOf> = {}): RecordOf => ({
  ...{ on, came: true, painBefore: 1, painAfter: 1, effort: 2, changes: [], did },
  ...more,
});
const hurts = (step: number, where: string) => ({ changes: [{ step, what: 'stopped' as const, where }] });
/** Those of the proposals that are about a limit. */
const limitsOf = (...of: Parameters<typeof proposals>): LimitProposal[] =>
  proposals(...of).filter((one): one is LimitProposal => 'limit' in one);
const nobody = { limits: [] as OwnLimit[], conditions: ['low-back-pain'] };

test('how far is kept side by side, of both sides alike where both were done, and of what was there only', () => {
  const tree = EVERY.get('tree.full')!;
  expect(tree.far['no-balance']).toBe(1);
  expect(tree.far['no-inversion']).toBeUndefined();
  const [right, left] = tree.far['hip-bend'] as readonly [number, number];
  expect(right).toBe(left);
  expect(EVERY.get('downward-facing-dog.full')!.far).toMatchObject({ 'no-head-down': 1, 'no-hands': [1, 1] });
  expect(EVERY.get('easy-seat.blankets')!.far['no-head-down'] ?? 0).toBe(0);
});

describe('a shoulder that hurts in dog', () => {
  const plain = ['mountain.full', 'tree.hand-on-wall', 'bridge.full', 'easy-seat.blankets'];
  const dog = (on: string): RecordOf =>
    record(on, does('downward-facing-dog.full', ...plain), hurts(1, 'shoulder-right'));
  test('once: arm or hands, it is not known which', () => {
    const [seen] = limitsSeen([dog('2026-10-01')], LIMIT_KINDS);
    expect(seen!.sure).toBeLessThan(0.7);
    expect(seen!.others.length).toBeGreaterThan(0);
  });
  test('and never in a plank: it is how far the arm goes, less far than hurt', () => {
    const plank = record('2026-10-15', does('plank.full', 'cat-cow.all-fours', ...plain));
    const [proposal] = limitsOf(
      [dog('2026-10-01'), plank, dog('2026-10-22')],
      nobody,
      LIMIT_KINDS,
      '2026-10-23',
    );
    const [far] = EVERY.get('downward-facing-dog.full')!.far['arm-raise'] as readonly [number, number];
    expect(proposal).toMatchObject({
      what: 'limit',
      limit: { kind: 'arm-raise', side: 'right', by: FROM_CLASSES, until: '2027-01-15' },
      seen: { place: 'shoulder-right', flares: [{ on: '2026-10-22' }, { on: '2026-10-01' }] },
    });
    expect(proposal!.limit.most).toBeLessThan(far);
    expect(proposal!.seen!.sure).toBeGreaterThan(0.6);
  });
  test('what stands already is not proposed again; a letter’s limit is left alone', () => {
    const records = [dog('2026-10-01'), dog('2026-10-08')];
    const [first] = limitsOf(records, nobody, LIMIT_KINDS, '2026-10-09');
    const known = { ...first!.limit, by: 'the physiotherapist' };
    expect(proposals(records, { ...nobody, limits: [known] }, LIMIT_KINDS, '2026-10-09')).toEqual([]);
  });
});

describe('three easy times', () => {
  const limit: OwnLimit = { kind: 'knee-bend', side: 'left', most: 70, by: FROM_CLASSES };
  const upTo = (degrees: number): Done => ({
    ...{ step: 1, pose: 'chair', variant: 'chair.full', seconds: 30 },
    far: { 'knee-bend': [degrees, degrees] },
  });
  const times = (...degrees: number[]): RecordOf[] =>
    degrees.map((far, i) => record(`2026-10-0${i + 1}`, [upTo(far)]));
  const of = (records: RecordOf[], more: Partial<typeof nobody> = {}) =>
    proposals(records, { limits: [limit], conditions: [], ...more }, LIMIT_KINDS, '2026-10-05');

  test('right up to it: five degrees further', () => {
    expect(of(times(69, 70, 70))).toMatchObject([
      {
        what: 'further',
        limit: { ...limit, most: 75 },
        instead: limit,
        easy: ['2026-10-03', '2026-10-02', '2026-10-01'],
      },
    ]);
  });
  test.each<[string, RecordOf[], Partial<typeof nobody>?]>([
    ['only two', times(70, 70)],
    ['far from it', times(40, 70, 70)],
    ['one was hard', [...times(70, 70), record('2026-10-04', [upTo(70)], { effort: 5 })]],
    ['nobody said how hard it was', [...times(70, 70), record('2026-10-04', [upTo(70)], { effort: null })]],
    ['pain was up after one', [...times(70, 70), record('2026-10-04', [upTo(70)], { painAfter: 3 })]],
    [
      'one was eased',
      [...times(70, 70), record('2026-10-04', [upTo(70)], { changes: [{ step: 1, what: 'eased' }] })],
    ],
    [
      'it hurt there last month',
      [record('2026-09-10', [upTo(74)], hurts(1, 'knee-left')), ...times(70, 70, 70)],
    ],
    ['nothing of hers is paced up', times(70, 70, 70), { conditions: ['after-effort-crash'] }],
    ['her physiotherapist set it', times(70, 70, 70), { limits: [{ ...limit, by: 'the physiotherapist' }] }],
    ['it no longer stands', times(70, 70, 70), { limits: [{ ...limit, until: '2026-10-04' }] }],
  ])('but not: %s', (_, records, more = {}) => {
    expect(of(records, more).filter(({ what }) => what === 'further')).toEqual([]);
  });
});

describe('a limit without a number', () => {
  const limit: OwnLimit = { kind: 'no-hands', side: 'left', by: FROM_CLASSES };
  const easy = ['2026-10-01', '2026-10-08', '2026-10-15'].map((on) => record(on, does('mountain.full')));
  const hurt = (on: string) => record(on, does('plank.full'), hurts(1, 'wrist-left'));
  const of = (records: RecordOf[], more: Partial<typeof nobody> = {}) =>
    proposals(records, { limits: [limit], conditions: [], ...more }, LIMIT_KINDS, '2026-10-16').filter(
      ({ what }) => what === 'again',
    );

  test('three easy times, and it has not hurt for eight weeks: tried again without', () => {
    expect(of([hurt('2026-08-01'), ...easy])).toMatchObject([{ limit, instead: limit }]);
  });
  test.each<[string, RecordOf[], Partial<typeof nobody>?]>([
    ['it hurt within eight weeks', [hurt('2026-09-01'), ...easy]],
    ['only two', easy.slice(1)],
    ['nothing of hers is paced up', easy, { conditions: ['after-effort-crash'] }],
    ['a letter set it', easy, { limits: [{ ...limit, by: 'the surgeon' }] }],
  ])('but not: %s', (_, records, more = {}) => {
    expect(of(records, more)).toEqual([]);
  });
});

describe('a block under the knee of a lying twist', () => {
  const twist = (on: string, more: Partial<RecordOf> = {}) =>
    record(on, does('supine-twist.knees-on-block'), more);
  const easy = ['2026-10-01', '2026-10-08', '2026-10-15'].map((on) => twist(on));
  const of = (records: RecordOf[], heightCm = 15, conditions: string[] = []) =>
    proposals(
      records,
      { limits: [], conditions, worked: [{ task: 'twist-knees', heightCm, on: '2026-10-01' }] },
      LIMIT_KINDS,
      '2026-10-16',
    ).filter(({ what }) => what === 'lower-prop');

  test('from 15 to 10 cm after three easy times; the last one goes', () => {
    expect(of(easy)).toMatchObject([{ task: 'twist-knees', from: 15, to: 10 }]);
    expect(of(easy, 3)).toMatchObject([{ to: 0 }]);
  });
  test.each<[string, RecordOf[], number?, string[]?]>([
    ['only two since it is that high', [twist('2026-09-20'), ...easy.slice(1)]],
    ['in one of three there was no twist', [...easy.slice(1), record('2026-10-16', does('mountain.full'))]],
    ['one was hard', [...easy.slice(1), twist('2026-10-16', { effort: 6 })]],
    ['it is on the floor', easy, 0],
    ['nothing of hers is paced up', easy, 15, ['spinal-fusion']],
  ])('but not: %s', (_, records, heightCm = 15, conditions = []) => {
    expect(of(records, heightCm, conditions)).toEqual([]);
  });
});

describe('what nothing explains is asked about', () => {
  const of = (records: RecordOf[], today = '2026-10-20') =>
    proposals(records, nobody, LIMIT_KINDS, today).filter(({ what }) => what === 'ask');

  test('a shoulder that hurts in what goes no further than what was well', () => {
    const seat = (on: string, more: Partial<RecordOf> = {}) =>
      record(on, does('easy-seat.blankets', 'plank.full', 'downward-facing-dog.full'), more);
    const found = of([
      ...['2026-10-01', '2026-10-05', '2026-10-12'].map((on) => seat(on)),
      seat('2026-10-15', hurts(1, 'shoulder-right')),
    ]);
    expect(found).toMatchObject([
      { place: 'shoulder-right', flares: [{ on: '2026-10-15', pose: 'easy-seat' }] },
    ]);
  });
  test('practice at home after which it hurt more, in the last weeks', () => {
    const known = { ...nobody, worseAtHome: ['2026-10-18', '2026-08-01'] };
    expect(proposals([], known, LIMIT_KINDS, '2026-10-20')).toMatchObject([
      { what: 'ask', key: 'ask home 2026-10-18', atHome: true, flares: [{ on: '2026-10-18' }] },
    ]);
  });
  test('pain that is up, and nobody said where; a month later nobody knows any more', () => {
    const worse = record('2026-10-15', does('plank.full'), { painAfter: 4, classId: 'c' });
    expect(of([worse])).toMatchObject([{ by: 3, flares: [{ on: '2026-10-15', classId: 'c' }] }]);
    expect(of([worse], '2026-11-20')).toEqual([]);
    expect(of([record('2026-10-15', does('plank.full'), { painAfter: 2 })])).toEqual([]);
  });
});

test('six weeks away: shorter holds for three weeks; who never came much has nothing to come back to', () => {
  const came = ['2026-08-01', '2026-08-08', '2026-08-15'].map((on) => record(on, []));
  const [back] = proposals(came, nobody, LIMIT_KINDS, '2026-09-26');
  expect(back).toMatchObject({
    what: 'ease-in',
    away: 42,
    limit: { kind: 'hold', most: 20, until: '2026-10-17' },
  });
  expect(proposals(came.slice(1), nobody, LIMIT_KINDS, '2026-09-26')).toEqual([]);
  expect(proposals(came, nobody, LIMIT_KINDS, '2026-09-01')).toEqual([]);
});

test('every condition in which nothing is paced up is one that somebody can have', () => {
  const known = new Set(CONDITIONS.map(({ id }) => id));
  expect(NOT_PACED_UP.filter((id) => !known.has(id))).toEqual([]);
});

test.each(PAIN_PLACES)('what hurts at the %s names kinds of limits that there are', (place) => {
  const seen = limitsSeen(
    [record('2026-10-01', [...EVERY.values()].slice(0, 40), hurts(1, place))],
    LIMIT_KINDS,
  );
  for (const { kind, others } of seen)
    for (const one of [kind, ...others.map((other) => other.kind)]) expect(LIMIT_KINDS[one]).toBeDefined();
});
