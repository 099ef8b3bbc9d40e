/** Easing is easing: what is given in place of what was asked asks no more, and is worth doing. */
import fc from 'fast-check';
import { brokenPromises } from '../../../../scripts/lib/prove/promises.js';
import { BUILT_IN, dateAfter, measuresFor, POSES, readPeople, type LaneStep } from '../builtIn.js';
import { fit, ON } from './one.js';

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

test('nothing asks more or is too short; a chair stays a chair, strength is for strength', () => {
  fc.assert(
    fc.property(lines, somebody, (source, written) => {
      const { people } = readPeople([{ name: 'A', ...written }], ON);
      expect(brokenPromises(fit(source, [written]).lanes[0]!, people[0]!, ON, BUILT_IN, () => false)).toEqual(
        [],
      );
    }),
    { numRuns: 300 },
  );
});

test.each([
  ['goddess.full', 'Goddess, 4 breaths', 'kneeFlexion'],
  ['plank.full', 'Plank, 3 breaths', 'wristExtension'],
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
