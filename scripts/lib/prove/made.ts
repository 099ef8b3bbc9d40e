/** People and classes made from a seed. */
import fc from 'fast-check';
import {
  dateAfter,
  FROM_CHAIR,
  FROM_FLOOR,
  LIMB_STATES,
  LIMBS,
  PRACTISED,
  trialDetails,
  WALKS,
  type Catalogue,
  type Rulebook,
} from '@lotus-steady/core';

/** The day they all come. */
export const PROVE_DAY = '2026-12-01';

const aged = (years: number): string => dateAfter(PROVE_DAY, -Math.round(years * 365.25) - 10);

/** Someone as they are written down: any age, height, conditions with details, abilities, and how they are today. */
export function somebody({ conditions }: Rulebook): fc.Arbitrary<Record<string, unknown>> {
  const entries = conditions.flatMap((condition) =>
    trialDetails(condition, PROVE_DAY)
      .slice(0, 40)
      .map((details) => ({ condition: condition.id, ...details })),
  );
  const seconds = fc.integer({ min: 0, max: 40 });
  return fc.record(
    {
      born: fc.integer({ min: 4, max: 98 }).map(aged),
      sex: fc.constantFrom('woman', 'man'),
      heightCm: fc.constantFrom(145, 152, 158, 163, 167.5, 172, 180, 195),
      conditions: fc.uniqueArray(fc.constantFrom(...entries), {
        maxLength: 3,
        selector: ({ condition }) => condition,
      }),
      can: fc.record(
        {
          stand: fc.boolean(),
          kneel: fc.boolean(),
          floor: fc.constantFrom(...FROM_FLOOR),
          chair: fc.constantFrom(...FROM_CHAIR),
          walks: fc.constantFrom(...WALKS),
          practised: fc.constantFrom(...PRACTISED),
          hands: fc.boolean(),
          overhead: fc.boolean(),
          flat: fc.boolean(),
          sits: fc.boolean(),
          limbs: fc.dictionary(fc.constantFrom(...LIMBS), fc.constantFrom(...LIMB_STATES), { maxKeys: 2 }),
        },
        { requiredKeys: [] },
      ),
      screening: fc.record(
        {
          fallsLastYear: fc.integer({ min: 0, max: 3 }),
          chairStands: fc.integer({ min: 0, max: 22 }),
          tugSeconds: seconds,
          oneLegSeconds: seconds,
        },
        { requiredKeys: [] },
      ),
      today: fc.constantFrom({}, {}, {}, { pain: 8 }, { dizzy: true }, { bleeding: true }),
    },
    { requiredKeys: ['born', 'heightCm'] },
  );
}

/** A class of a few lines, each a pose of the catalogue as it is usually held. */
export function someClass({ poses, flows }: Catalogue): fc.Arbitrary<string> {
  const pose = fc.constantFrom(...poses.map(({ name }) => name));
  const rounds = fc.integer({ min: 1, max: 8 });
  const flow = fc.oneof(
    fc.tuple(fc.constantFrom(...flows.map(({ name }) => name)), rounds),
    fc.tuple(
      fc.array(pose, { minLength: 2, maxLength: 4 }).map((chain) => chain.join(' → ')),
      rounds,
    ),
  );
  const line = fc.oneof(
    { weight: 12, arbitrary: pose },
    { weight: 1, arbitrary: flow.map(([name, times]) => `${name} × ${times}`) },
  );
  return fc
    .array(line, { minLength: 3, maxLength: 6 })
    .map((lines) => `# Proof\n${lines.map((one) => `- ${one}`).join('\n')}`);
}
