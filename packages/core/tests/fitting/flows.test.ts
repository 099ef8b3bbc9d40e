/** Flows fitted to people: each shape judged as it is stayed in, rounds added up, nobody sent up and down. */
import fc from 'fast-check';
import {
  BUILT_IN,
  NO_SUMS,
  PACE,
  parseSequence,
  readPeople,
  stagePerson,
  USUAL_HOUSE_VIEW,
} from '../builtIn.js';
import { extendLabels, pathOf, startLabels, type Label } from '../../src/fitting/path/choosePath.js';
import { Walk } from '../../src/fitting/path/walk.js';
import { flowAsks } from '../../src/fitting/person/flowAsk.js';
import { laneTable } from '../../src/fitting/person/lane.js';
import { optionsOf, type Option } from '../../src/fitting/person/options.js';
import { handover } from '../../src/fitting/explain/handover.js';
import { fit, ON } from './one.js';

const PRESSURE = { born: '1960-01-01', conditions: [{ condition: 'hypertension', control: 'uncontrolled' }] };
const OLD = { born: '1941-01-01' };
const FIT = { born: '1995-01-01', can: { practised: 'years' } };
const chosen = (plan: string, person: Record<string, unknown>): string[] =>
  fit(plan, [person]).lanes[0]!.steps.map(({ variant }) => variant);

test('who is well does all of a salute as it is written, and it takes its breaths so many times', () => {
  const { lanes, steps } = fit('- Cat and cow, 6 rounds\n- Sun salutation A × 4', [FIT]);
  expect(lanes[0]!.steps.every(({ verdict }) => verdict === 'as-written')).toBe(true);
  const [, ...salute] = lanes[0]!.steps;
  // Nine shapes of half a breath, and the dog for five breaths, four times.
  expect(salute.reduce((sum, { hold }) => sum + hold.seconds, 0)).toBeCloseTo(
    4 * (9 / 2 + 5) * PACE.breath,
    5,
  );
  expect(salute.map(({ hold }) => [hold.rounds, hold.breaths])[5]).toEqual([4, 5]);
  expect(steps[1]!.flow).toMatchObject({ name: 'Sun salutation A', rounds: 4, on: 'in' });
  // Once on all fours, and then in every round.
  expect(lanes[0]!.sums.floorVisits).toBe(1 + 4);
});

test('who goes slowly is not sent up and down in every round; once is no hurry', () => {
  for (const person of [PRESSURE, OLD]) {
    const { steps, sums } = fit('- Sun salutation A × 4', [person]).lanes[0]!;
    expect(new Set(steps.map(({ level }) => level))).toEqual(new Set(['standing']));
    expect(sums.floorVisits).toBe(0);
  }
  expect(chosen('- Sun salutation A × 1', OLD)).toContain('upward-facing-dog.full');
});

test('in mid-flow nobody lies down, sits or turns over for one shape while there is another way', () => {
  const people = [
    { conditions: [{ condition: 'pregnancy', dueDate: '2027-02-20' }] },
    { conditions: ['carpal tunnel'] },
    { conditions: [{ condition: 'lumbar disc', phase: 'acute' }] },
    { conditions: ['glaucoma'] },
    PRESSURE,
  ];
  for (const person of people)
    for (const { level, variant } of fit('- Sun salutation A × 3', [person]).lanes[0]!.steps)
      expect([variant, ['standing', 'all-fours', 'prone'].includes(level)]).toEqual([variant, true]);
  for (const { level } of fit('- Sun salutation A × 3', [{ conditions: ['wheelchair'] }]).lanes[0]!.steps)
    expect(level).toBe('chair');
});

describe('what adds up', () => {
  // In mid-pregnancy no run on the back is longer than a minute, and no hold either.
  const MIDDLE = { born: '1994-01-01', conditions: [{ condition: 'pregnancy', dueDate: '2027-03-25' }] };
  const runOnBack = (plan: string): number => fit(plan, [MIDDLE]).lanes[0]!.sums.supine.longest;
  test('on the back all the time, ten rounds are one run', () => {
    expect(runOnBack('- Bridge → knees to chest × 30')).toBeLessThanOrEqual(60);
    expect(runOnBack('- Bridge 5 breaths → knees to chest 5 breaths × 3')).toBeLessThanOrEqual(60);
  });
  test('where every round comes up again, each run is that of a round, and all of them add up', () => {
    const { sums } = fit('- Bridge → mountain × 20', [FIT]).lanes[0]!;
    expect(sums.supine.longest).toBeLessThanOrEqual(3);
    expect(sums.supine.total).toBeCloseTo(20 * 0.5 * PACE.breath, 0);
  });
  test('what ends a round goes on in the next, and fewer rounds are said as they are done', () => {
    const { steps, sums } = fit('- Knees to chest 5 breaths → mountain → bridge 5 breaths × 5', [MIDDLE])
      .lanes[0]!;
    expect(sums.supine.longest).toBeGreaterThan(0);
    expect(sums.supine.longest).toBeLessThanOrEqual(60);
    for (const { hold } of steps)
      expect(hold.seconds).toBeCloseTo(hold.rounds! * (hold.breaths ?? 0.5) * PACE.breath, 0);
    expect(steps.some(({ hold }) => hold.rounds! < 5)).toBe(true);
  });
  test('a hold is that of one stay: many dogs of five breaths are no dog of a minute', () => {
    // In pregnancy the head hangs for half a minute at most.
    const early = {
      ...MIDDLE,
      can: { practised: 'years' },
      conditions: [{ condition: 'pregnancy', dueDate: '2027-06-01' }],
    };
    const dog = (plan: string) =>
      fit(plan, [early]).lanes[0]!.steps.find(({ pose }) => pose === 'downward-facing-dog')!;
    expect(dog('- Downward-facing dog, 12 breaths').hold.seconds).toBeLessThanOrEqual(30);
    expect(dog('- Table → downward-facing dog 5 breaths × 4').hold).toMatchObject({
      rounds: 4,
      breaths: 5,
    });
    expect(dog('- Table → downward-facing dog 9 breaths × 4').hold.breaths).toBe(5);
  });
});

test('the best way through a flow is the best of all ways, also for who takes every way in every round', () => {
  const tables = [PRESSURE, OLD, FIT, { conditions: ['carpal tunnel'], born: '1950-01-01' }].map((person) =>
    laneTable(
      stagePerson(readPeople([{ name: 'A', ...person }], ON).people[0]!, ON, USUAL_HOUSE_VIEW),
      BUILT_IN,
      USUAL_HOUSE_VIEW,
      ON,
      PACE,
    ),
  );
  const simple = tables.filter(({ sums }) => !sums.length);
  const shapes = [
    'mountain',
    'upward-facing dog',
    'downward-facing dog',
    'low lunge R',
    'half lift',
    'plank',
  ];
  fc.assert(
    fc.property(
      fc.nat({ max: simple.length - 1 }),
      fc.array(fc.constantFrom(...shapes), { minLength: 2, maxLength: 4 }),
      fc.integer({ min: 1, max: 5 }),
      (who, chain, rounds) => {
        const table = simple[who]!;
        const plan = `- Mountain\n- ${chain.join(' → ')} × ${rounds}\n- Tree`;
        const { steps } = parseSequence(plan).sequence;
        const asks = flowAsks(steps);
        const stages = steps.map((step) => {
          const flow = asks.get(step);
          const ask = {
            pose: step.pose,
            variant: step.variant,
            holdSeconds: table.asked(step),
            sides: step.sides,
            before: NO_SUMS,
            ...(flow ? { flow } : {}),
          };
          return { ask, options: optionsOf(ask, table).slice(0, 4) };
        });
        const walked = new Walk(table).through(stages.map((at, key) => ({ key, options: () => at })));
        let least = Infinity;
        const tryAll = (trail: Label[][], at: number): void => {
          if (at === stages.length) {
            least = Math.min(least, pathOf(trail, table).cost);
            return;
          }
          const { ask, options } = stages[at]!;
          for (const option of options as readonly Option[])
            tryAll([...trail, extendLabels(trail[at]!, table, () => ({ ask, options: [option] }))], at + 1);
        };
        tryAll([startLabels()], 0);
        expect(walked.cost).toBeCloseTo(least, 6);
      },
    ),
    { numRuns: 200 },
  );
});

test('within a flow the breath leads from side to side: no time is counted for it', () => {
  const seconds = (plan: string, people: Record<string, unknown>[]): number => {
    const { start, end } = fit(plan, people).steps[0]!;
    return end - start;
  };
  // Two shapes of half a breath, four rounds, and what is said of the first shape.
  for (const people of [[FIT], []])
    expect(seconds('- Warrior two → mountain × 4', people)).toBeCloseTo(2 * PACE.breath + PACE.talkNew, 1);
});

test('a leading leg that leads once more than the other is said, and a round more settles it', () => {
  const notes = (plan: string) =>
    fit(`${plan}\n- Final rest, 5 min`, [FIT]).notes.filter(({ kind }) => kind === 'pair');
  expect(notes('- Sun salutation, twelve steps × 4')).toEqual([]);
  const [odd] = notes('- Sun salutation, twelve steps × 3');
  expect(odd).toMatchObject({ fix: { says: 'Make it 4 rounds', edit: { kind: 'hold', hold: '4 rounds' } } });
  expect(notes('- Sun salutation B × 3')).toEqual([]);
});

test('a handover says a flow once, with its rounds, and who does otherwise at which of its shapes', () => {
  const page = handover(fit('- Sun salutation A × 3\n- Tree', [FIT, PRESSURE]), BUILT_IN);
  const [flow, tree] = page.sections[0]!.steps;
  expect(flow!.says).toMatch(/^Sun salutation A, 3 rounds: Arms up with the breath → .* → Mountain$/);
  expect(flow!.says).toContain('Downward-facing dog, 5 breaths');
  expect(flow!.others.map(({ people }) => people)).toEqual([['P1']]);
  expect(flow!.others[0]!.says).toContain('Downward-facing dog: hands on the wall');
  expect(tree!.step).toBe(11);
});
