/** The best path of a lane: equal to trying everything, over ways that the person may take. */
import fc from 'fast-check';
import { BUILT_IN, fitClass, parseSequence, readPeople, stagePerson, USUAL_HOUSE_VIEW, type Level, type StagedPerson } from '../src/index.js';
import { choosePath, optionsOf } from '../src/fitting/choosePath.js';
import { levelDistance } from '../src/fitting/levelDistance.js';
import { passagesFor } from '../src/fitting/waysBetween.js';
import { askedSeconds } from '../src/timing/pace.js';
import type { Sum } from '../src/rules/types.js';

const ON = '2026-12-01';
const staged = (person: Record<string, unknown>): StagedPerson => {
  const { people, errors } = readPeople([{ name: 'A', ...person }], ON);
  expect(errors).toEqual([]);
  return stagePerson(people[0]!, ON, USUAL_HOUSE_VIEW);
};
const pregnant = { conditions: [{ condition: 'pregnancy', dueDate: '2027-02-23' }] };

/** Every way through, tried one by one: the least cost. */
function leastCost(steps: ReturnType<typeof parseSequence>['sequence']['steps'], person: StagedPerson): number {
  const passage = passagesFor(person, BUILT_IN), adds = person.rules.some(({ rule }) => rule.all.some((bound) => 'sum' in bound));
  const from = (i: number, level: Level | undefined, sums: Record<Sum, number>): number => {
    const step = steps[i];
    if (!step) return 0;
    const ask = { catalogue: BUILT_IN, view: USUAL_HOUSE_VIEW, pose: step.pose, variant: step.variant, holdSeconds: askedSeconds(step, person.person, ON), sides: step.sides, on: ON, before: sums };
    return Math.min(...optionsOf(ask, person).map((option) => option.cost + (level === undefined ? 0 : passage(level, option.entry).cost)
      + from(i + 1, option.exit, adds ? { supineUnbroken: option.onBack ? sums.supineUnbroken + option.supine : 0, supineTotal: sums.supineTotal + option.supine } : sums)));
  };
  return from(0, undefined, { supineUnbroken: 0, supineTotal: 0 });
}

const PEOPLE = [{}, pregnant, { conditions: [{ condition: 'hypertension', control: 'uncontrolled' }] }, { conditions: [{ condition: 'lumbar disc', phase: 'acute' }] }, { can: { kneel: false } }, { conditions: [{ condition: 'knee arthritis', side: 'right' }] }, { born: '1947-01-01', screening: { fallsLastYear: 1 } }];
const STEPS = ['Locust, 4 breaths', 'Plough, 5 breaths', 'Reclined butterfly, 90 s', 'Seated twist, 4 breaths', 'Child’s pose, 5 breaths', 'Downward-facing dog, 4 breaths', 'Bridge, 8 breaths', 'Tree, 20 s', 'Final rest, 3 min'];

test('no other way through costs less, with seconds on the back adding up', () => {
  fc.assert(fc.property(fc.constantFrom(...PEOPLE), fc.array(fc.constantFrom(...STEPS), { minLength: 1, maxLength: 3 }), (person, lines) => {
    const who = staged(person), { steps } = parseSequence(lines.map((line) => `- ${line}`).join('\n')).sequence;
    const cost = choosePath(steps, who, BUILT_IN, USUAL_HOUSE_VIEW, ON).reduce((sum, choice) => sum + choice.cost, 0);
    expect(cost).toBeCloseTo(leastCost(steps, who), 6);
  }), { numRuns: 40 });
}, 120_000);

describe('ways between', () => {
  const ids = (person: Record<string, unknown>, from: Level, to: Level): string[] => passagesFor(staged(person), BUILT_IN)(from, to).moves.map(({ way }) => way.id);
  test('the usual way where nothing speaks against it', () => expect(ids({}, 'standing', 'all-fours')).toEqual(['way-fold-down']));
  // PRACTICE 2, disc class: no flexion anywhere, getting down included: half-kneeling through a lunge.
  test('a disc that must not round goes down through a half-kneel, and says why', () => {
    const disc = { conditions: [{ condition: 'lumbar disc', phase: 'acute' }] }, passage = passagesFor(staged(disc), BUILT_IN)('standing', 'all-fours');
    expect(ids(disc, 'standing', 'all-fours')).toEqual(['way-half-kneel', 'way-hands-forward']);
    expect(passage.instead.map(({ rule }) => rule.id)).toContain('lumbar-disc.flexion');
    for (const to of ['prone', 'lying', 'kneeling'] as const) for (const { way } of passagesFor(staged(disc), BUILT_IN)('standing', to).moves) expect(BUILT_IN.measures(way.id, 165).lumbarFlexion).toBeLessThanOrEqual(5);
  });
  test('who must not lie on the belly does not roll over it', () => {
    for (const from of ['standing', 'all-fours', 'sitting'] as const) {
      const { moves, none } = passagesFor(staged(pregnant), BUILT_IN)(from, 'lying');
      expect([none, moves.some(({ way }) => way.from === 'prone' || way.to === 'prone')]).toEqual([false, false]);
    }
  });
  test('who puts no weight on the knees sits down through the squat', () => expect(ids({ can: { kneel: false } }, 'standing', 'sitting')).toEqual(['way-squat-down', 'way-squat-to-sit']));
  test('where no way suits it says so, and it is the last thing taken', () => {
    const passage = passagesFor(staged({ limits: [{ kind: 'no-kneeling', by: 'herself' }, { kind: 'knee-bend', most: 60, by: 'physiotherapist' }] }), BUILT_IN)('standing', 'lying');
    expect([passage.none, passage.cost > 300]).toEqual([true, true]);
  });
  test('levels are as far apart as the moves between them', () => expect([levelDistance('prone', 'prone'), levelDistance('prone', 'all-fours'), levelDistance('prone', 'lying')]).toEqual([0, 1, 2]));
});

test('a step says how one gets there, and the cue of who goes slowly', () => {
  const lane = fitClass({ sequence: parseSequence('- Mountain, 5 breaths\n- Cat and cow, 6 rounds\n- Cat and cow, 6 rounds').sequence, people: [staged({ born: '1947-01-01' }).person], on: ON, houseView: USUAL_HOUSE_VIEW }).lanes[0]!;
  expect(lane.steps.map(({ way }) => way?.moves.map(({ id }) => id))).toEqual([undefined, ['way-fold-down'], undefined]);
  expect(lane.steps[1]!.way!.pause).toMatch(/slowly/);
});
