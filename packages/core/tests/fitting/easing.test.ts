/** Easing is easing: what is given in place of what was asked asks no more, and is worth doing. */
import fc from 'fast-check';
import { asksAnew, asksMore } from '../../src/fitting/person/asksMore.js';
import { skillOf } from '../../src/poses/skillOf.js';
import type { Judged } from '../../src/poses/measures.js';
import { dateAfter, measuresFor, POSES, variantById, type LaneStep } from '../builtIn.js';
import { fit, ON } from './one.js';

const judged = (id: string): Judged => {
  const { variant } = variantById(id);
  const { level, breath, support } = variant;
  return { measures: measuresFor(id, 165), level, breath, support, skill: skillOf(variant) };
};

const aged = (years: number): string => dateAfter(ON, -Math.round(years * 365.25) - 10);
/** People of many kinds, of usual height, so that what they are given is measured as what was asked. */
const somebody = fc.record(
  {
    born: fc.integer({ min: 18, max: 95 }).map(aged),
    sex: fc.constantFrom('woman', 'man'),
    can: fc.record(
      {
        floor: fc.constantFrom('alone', 'chair', 'no'),
        chair: fc.constantFrom('free', 'hands'),
        hands: fc.boolean(),
        kneel: fc.boolean(),
        practised: fc.constantFrom('new', 'months', 'years'),
        limbs: fc.constantFrom({ rightLeg: 'weak' }, { leftArm: 'still' }),
      },
      { requiredKeys: [] },
    ),
    conditions: fc.constantFrom(
      [],
      ['knee arthritis'],
      ['glaucoma'],
      [{ condition: 'lumbar disc', phase: 'acute' }],
      [{ condition: 'high blood pressure', control: 'uncontrolled' }],
      [{ condition: 'hip replacement', operatedOn: '2026-09-20', cleared: true }],
      [{ condition: 'pregnancy', dueDate: '2027-03-01' }],
      ['carpal tunnel'],
      ['low bone density'],
    ),
    screening: fc.record(
      { fallsLastYear: fc.integer({ min: 0, max: 2 }), chairStands: fc.integer({ min: 3, max: 18 }) },
      { requiredKeys: [] },
    ),
  },
  { requiredKeys: ['born', 'sex'] },
);
const pose = fc.constantFrom(...POSES);
const lines = fc
  .array(pose, { minLength: 1, maxLength: 4 })
  .map((poses) => poses.map(({ name }) => `- ${name}`).join('\n'));

/** So long is the least that is worth it: ten seconds, or half of what the pose usually takes, for each side. */
const askedSeconds = (id: string): number => {
  const { hold } = variantById(id).pose;
  return hold.unit === 'breaths' ? Math.min(9.99, (hold.usual * 3.5) / 2) : 5;
};

/** What is given in place of what was asked, with what was asked. */
const changed = (source: string, person: Record<string, unknown>): { asked: string; given: LaneStep }[] =>
  fit(source, [person]).lanes[0]!.steps.flatMap((given) =>
    given.verdict === 'eased' || given.verdict === 'swapped' ? [{ asked: given.askedVariant, given }] : [],
  );

test('a fuller rung is given only where it asks no more; another pose asks for nothing new', () => {
  fc.assert(
    fc.property(lines, somebody, (source, person) => {
      for (const { asked, given } of changed(source, person)) {
        const { pose: own, variant } = variantById(asked);
        const taken = variantById(given.variant);
        if (taken.pose !== own) {
          expect([asked, given.variant, asksAnew(judged(asked), judged(given.variant))]).toEqual([
            asked,
            given.variant,
            false,
          ]);
        } else if (own.ladder.indexOf(taken.variant) > own.ladder.indexOf(variant)) {
          expect([asked, given.variant, asksMore(judged(asked), judged(given.variant))]).toEqual([
            asked,
            given.variant,
            false,
          ]);
        }
      }
    }),
    { numRuns: 120 },
  );
});

test('another pose is held ten seconds or done three rounds, unless less was asked; a chair stays a chair', () => {
  fc.assert(
    fc.property(lines, somebody, (source, person) => {
      for (const { asked, given } of changed(source, person)) {
        const { variant } = variantById(asked);
        const taken = variantById(given.variant);
        if (variant.level === 'chair')
          expect([given.variant, taken.variant.level]).toEqual([given.variant, 'chair']);
        if (given.verdict === 'swapped' && taken.pose.hold.unit === 'breaths')
          expect(given.hold.seconds).toBeGreaterThanOrEqual(askedSeconds(asked));
        if (given.verdict === 'swapped' && variantById(asked).pose.purposes[0].action === 'strengthen')
          expect(taken.pose.purposes.some(({ action }) => action === 'strengthen')).toBe(true);
      }
    }),
    { numRuns: 120 },
  );
});

test('both sides of a step are on one level, unless one of them is as written', () => {
  fc.assert(
    fc.property(fc.constantFrom(...POSES.filter(({ side }) => side)), somebody, ({ name }, person) => {
      const { steps } = fit(`- ${name}, each side`, [person]).lanes[0]!;
      const sides = steps.filter(({ verdict }) => verdict !== 'rest');
      if (sides.length < 2 || sides.some(({ verdict }) => verdict === 'as-written')) return;
      expect(new Set(sides.map(({ variant }) => variantById(variant).variant.level)).size).toBe(1);
    }),
    { numRuns: 120 },
  );
});

test.each([
  ['goddess.full', 'Goddess, 4 breaths', 'kneeFlexion'],
  ['downward-facing-dog.full', 'Downward-facing dog, 5 breaths', 'shoulderFlexion'],
] as const)(
  '%s: past a measured range by less than can be measured it stays, and is watched',
  (id, line, joint) => {
    const most = (side: 'Right' | 'Left', past: number): number =>
      measuresFor(id, 165)[`${joint}${side}`] - past;
    const given = (past: number): LaneStep =>
      fit(`- ${line}`, [
        { ranges: { [`${joint}Right`]: most('Right', past), [`${joint}Left`]: most('Left', past) } },
      ]).lanes[0]!.steps[0]!;
    const near = given(2);
    expect(near.verdict).toBe('as-written');
    const watched = near.findings.filter(({ rule }) => rule.endsWith('-near'));
    expect(watched.length).toBeGreaterThan(0);
    expect(watched.every(({ level }) => level === 'watch')).toBe(true);
    expect(near.cues.join(' ')).toContain('comfortable');
    expect(given(4).verdict).not.toBe('as-written');
  },
);
