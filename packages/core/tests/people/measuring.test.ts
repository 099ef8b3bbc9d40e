/** Ranges and tests as they are measured, held against published values. */
import { RULEBOOK } from '../../builtIn/rulebook.js';
import { buildBody, completePosture } from '../../src/body.js';
import { JOINT_LIMITS, USUAL_RANGE } from '../../src/body/ranges.js';
import { limitedPlaces } from '../../src/people/bodyPlaces.js';
import { RANGES_TO_MEASURE, usualRange } from '../../src/people/measuring.js';
import { keptOfStages, sayScreening } from '../../src/people/screeningTests.js';
import { readPeople } from '../../src/people/readPeople.js';
import { jointAngles } from '../../src/body/kinematics.js';

const { norms } = RULEBOOK;

describe('ranges', () => {
  test('each is one that a person may have, once; what no one can measure in a room is left out', () => {
    const names = RANGES_TO_MEASURE.map(({ range }) => range);
    expect(new Set(names).size).toBe(names.length);
    // The low back turns nine degrees: no goniometer tells that.
    expect(Object.keys(USUAL_RANGE).filter((range) => !names.includes(range as 'hipFlexion'))).toEqual([
      'lumbarTwist',
    ]);
    for (const { range, sides } of RANGES_TO_MEASURE) {
      const ranges = sides === 'limb' ? { [`${range}Right`]: 20 } : { [range]: 20 };
      expect(readPeople([{ name: 'A', ranges }], RULEBOOK).errors).toEqual([]);
    }
  });

  /** The joint that the shape moves, read back from the body it makes. */
  const READ: Readonly<Record<string, (posture: ReturnType<typeof completePosture>) => number>> = {
    hipFlexion: (posture) => jointAngles(buildBody(posture, 165), 'R').hip[0],
    hipAbduction: (posture) => jointAngles(buildBody(posture, 165), 'R').hip[1],
    hipRotationOut: (posture) => jointAngles(buildBody(posture, 165), 'R').hip[2],
    shoulderFlexion: (posture) => jointAngles(buildBody(posture, 165), 'R').shoulder[0],
    shoulderExtension: (posture) => -jointAngles(buildBody(posture, 165), 'R').shoulder[0],
    kneeFlexion: ({ kneeR }) => kneeR,
    ankleFlexion: ({ ankleR }) => ankleR,
    neckFlexion: ({ neck }) => neck,
    neckExtension: ({ neck }) => -neck,
    lumbarFlexion: ({ lumbar }) => lumbar,
  };
  test.each(Object.keys(READ))('the picture of %s shows the degrees that were measured', (range) => {
    const { shape } = RANGES_TO_MEASURE.find((one) => one.range === range)!;
    for (const degrees of [10, 25, 40])
      expect(READ[range]!({ ...completePosture({}), ...shape(degrees, 'R') })).toBeCloseTo(degrees, 6);
  });

  test('no picture bends a knee the wrong way, or much beyond what a body can', () => {
    for (const { range, shape } of RANGES_TO_MEASURE) {
      const posture = { ...completePosture({}), ...shape(USUAL_RANGE[range], 'L') };
      const [low, high] = JOINT_LIMITS.knee;
      expect(posture.kneeL).toBeGreaterThanOrEqual(low);
      expect(posture.kneeL).toBeLessThanOrEqual(high + 5);
    }
  });

  // Youdas 1992, from memory: the neck's turn and extension lose about a third by 80.
  test.each<[number, number]>([
    [20, 60],
    [50, 50],
    [80, 40],
    [95, 40],
  ])('a neck of %d turns %d degrees', (age, degrees) => {
    expect(usualRange('neckRotation', age, norms).middle).toBe(degrees);
  });
  test('what is known by age says so; the rest says that it is not', () => {
    expect(usualRange('shoulderFlexion', 80, norms)).toEqual({ middle: 152, careful: 135, says: 'at 80' });
    expect(usualRange('hipAdduction', 80, norms)).toEqual({
      middle: 30,
      says: 'for grown people of any age',
    });
  });
});

describe('tests', () => {
  // CDC STEADI, below average is fewer than; from memory: see REFERENCE 3 and 4.
  test.each<[Parameters<typeof sayScreening>, boolean]>([
    [['chairStands', 9, 82, 'woman', norms], false],
    [['chairStands', 8, 82, 'woman', norms], true],
    [['chairStands', 9, 82, 'man', norms], true],
    [['chairStands', 13, 62, 'man', norms], true],
    [['chairStands', 14, 62, 'man', norms], false],
    [['chairStands', 3, 45, 'man', norms], false],
    [['chairStands', 3, 96, 'woman', norms], false],
    [['tugSeconds', 11.9, 70, 'woman', norms], false],
    [['tugSeconds', 12, 70, 'woman', norms], true],
    [['tandemSeconds', 9.9, 70, undefined, norms], true],
    [['tandemSeconds', 10, 70, undefined, norms], false],
    [['oneLegSeconds', 4.9, 70, undefined, norms], true],
    [['oneLegSeconds', 5, undefined, undefined, norms], false],
    [['fallsLastYear', 0, 70, 'woman', norms], false],
    [['fallsLastYear', 1, 70, 'woman', norms], true],
  ])('%j', (args, low) => {
    expect(sayScreening(...args).low).toBe(low);
  });
  test('where nothing is published no judgement is made', () => {
    expect(sayScreening('chairStands', 3, 45, 'man', norms).says).toMatch(/nothing is published/);
  });
  test('who cannot hold the first stages does not hold the third', () => {
    expect(keptOfStages({ 'side-by-side': 10, instep: 9.9 })).toEqual({ tandemSeconds: 0 });
    expect(keptOfStages({ 'side-by-side': 10, instep: 10, tandem: 7.5 })).toEqual({ tandemSeconds: 7.5 });
    expect(keptOfStages({ 'side-by-side': 10, instep: 10, tandem: 10, 'one-leg': 6 })).toEqual({
      tandemSeconds: 10,
      oneLegSeconds: 6,
    });
    expect(keptOfStages({ 'side-by-side': 10 })).toEqual({});
  });
});

test('where somebody is limited is told by what they have, what was measured short, and limbs', () => {
  const { people } = readPeople(
    [
      {
        name: 'A',
        conditions: [{ condition: 'frozen-shoulder', side: 'left' }, { condition: 'neck-pain' }],
        ranges: { hipFlexionRight: 80, hipFlexionLeft: 115, neckRotation: 59 },
        can: { limbs: { rightLeg: 'weak' } },
      },
    ],
    RULEBOOK,
  );
  expect(limitedPlaces(people[0]!)).toEqual(['shoulder-left', 'neck', 'hip-right', 'knee-right']);
});
