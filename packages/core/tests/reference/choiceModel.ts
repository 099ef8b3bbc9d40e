/**
 * Choosing a class as a mixed-integer model: the reference that the best paths and the lanes weighed
 * together are held against, in tests and in the benchmark.
 */
import fc from 'fast-check';
import {
  BUILT_IN,
  NO_SUMS,
  PACE,
  parseSequence,
  POSES,
  readPeople,
  stagePerson,
  USUAL_HOUSE_VIEW,
} from '../builtIn.js';
import { asked, cheaper } from '../../src/fitting/person/candidates.js';
import { pathOf, startLabels, extendLabels, type Label } from '../../src/fitting/path/choosePath.js';
import { laneTable, type LaneTable } from '../../src/fitting/person/lane.js';
import { narrowed, optionsOf, type Option } from '../../src/fitting/person/options.js';
import { together } from '../../src/fitting/together/together.js';
import { Walk } from '../../src/fitting/path/walk.js';
import { WEIGHTS } from '../../src/fitting/weights.js';
import type { Solver } from './timeModel.js';
import type { Path } from '../../src/fitting/path/choosePath.js';

/** A small class: at most twelve options a step for each lane. */
export interface ChoiceProblem {
  lanes: readonly {
    table: LaneTable;
    steps: readonly { ask: ReturnType<typeof asked>; options: readonly Option[] }[];
  }[];
}

const ON = '2026-12-01';
const OPTIONS_MOST = 12;
/**
 * People in whose rules nothing adds up over the class: what does is held against trying everything, in the
 * path tests.
 */
const PEOPLE: readonly Record<string, unknown>[] = [
  {},
  { conditions: [{ condition: 'hypertension', control: 'uncontrolled' }] },
  { conditions: [{ condition: 'lumbar disc', phase: 'acute' }] },
  { can: { kneel: false } },
  { can: { floor: false } },
  { conditions: ['wheelchair'] },
  { conditions: ['glaucoma'] },
  { conditions: [{ condition: 'knee arthritis', side: 'right' }] },
  { born: '1947-01-01', screening: { fallsLastYear: 1 } },
  { conditions: ['low bone density'] },
  { conditions: ['carpal tunnel'] },
  { conditions: ['sciatica'] },
  { conditions: ['spinal stenosis'] },
];

/** Generated classes of 6 to 10 steps for 1 to 3 people. */
export function choiceProblems(count: number, seed: number): ChoiceProblem[] {
  const tables = PEOPLE.map((person) =>
    laneTable(
      stagePerson(readPeople([{ name: 'A', ...person }], ON).people[0]!, ON, USUAL_HOUSE_VIEW),
      BUILT_IN,
      USUAL_HOUSE_VIEW,
      ON,
      PACE,
    ),
  ).filter(({ sums }) => !sums.length);
  const classes = fc.record({
    poses: fc.array(fc.constantFrom(...POSES), { minLength: 6, maxLength: 10 }),
    people: fc.array(fc.constantFrom(...tables), { minLength: 1, maxLength: 3 }),
  });
  return fc.sample(classes, { numRuns: count, seed }).map(({ poses, people }) => {
    const { steps } = parseSequence(poses.map(({ name }) => `- ${name}`).join('\n')).sequence;
    return {
      lanes: people.map((table) => ({
        table,
        steps: steps.map((step) => {
          const ask = asked(step.pose, step.variant, table.asked(step), step.sides);
          const first = ({ sides }: Option) => ({ variant: sides[0]!.candidate?.variant ?? step.variant });
          return {
            ask,
            options: [...optionsOf(ask, table)]
              .sort((a, b) => cheaper({ ...first(a), cost: a.cost }, { ...first(b), cost: b.cost }))
              .slice(0, OPTIONS_MOST),
          };
        }),
      })),
    };
  });
}

/** The lanes as the engine takes them: each for itself. */
export const pathsOf = ({ lanes }: ChoiceProblem): Path[] =>
  lanes.map(({ table, steps }) =>
    new Walk(table).through(
      steps.map(({ ask, options }, i) => ({
        key: i,
        options: () => ({ ask, options: narrowed(options, table) }),
      })),
    ),
  );

/** The lanes weighed together for fewer versions, as the engine does it: what they cost in all. */
export function coupledOf(problem: ChoiceProblem): number {
  const { lanes } = problem;
  const steps = lanes[0]!.steps.length;
  const paths = together({
    lanes: lanes.map(({ table }) => table),
    paths: pathsOf(problem),
    steps,
    fewerVersions: true,
    solve: (lane, weigh) => {
      const { table, steps: own } = lanes[lane]!;
      const dearer = new Map<Option, { option: Option; more: number }>();
      const trail: Label[][] = [startLabels()];
      own.forEach(({ ask, options }, i) =>
        trail.push(
          extendLabels(trail[i]!, table, () => ({
            ask,
            options: narrowed(
              options.map((option) => {
                const more = weigh(i)?.extra(option) ?? 0;
                const copy = { ...option, cost: option.cost + more };
                dearer.set(copy, { option, more });
                return copy;
              }),
              table,
            ),
          })),
        ),
      );
      const path = pathOf(trail, table);
      return {
        choices: path.choices.map((choice) => ({ ...choice, option: dearer.get(choice.option)!.option })),
        cost: path.cost - path.choices.reduce((sum, { option }) => sum + dearer.get(option)!.more, 0),
      };
    },
  });
  const versions = Array.from(
    { length: steps },
    (_, i) => new Set(paths.flatMap(({ choices }) => variantsOf(choices[i]!.option))).size,
  );
  return (
    paths.reduce((sum, { cost }) => sum + cost, 0) +
    WEIGHTS.version * versions.reduce((sum, size) => sum + size - 1, 0)
  );
}

const variantsOf = ({ sides }: Option): string[] => [
  ...new Set(sides.map(({ candidate }) => candidate?.variant.id ?? 'sits out')),
];

/**
 * The least cost by the solver: a flow through the options of each lane; `coupled` adds what each version
 * of a step beyond the first costs.
 */
export function solveChoice(highs: Solver, { lanes }: ChoiceProblem, coupled: boolean): number {
  const objective: [number, string][] = [];
  const rows: string[] = [];
  const binaries: string[] = [];
  const steps = lanes[0]!.steps.length;
  let constant = 0;
  lanes.forEach(({ table, steps: own }, lane) => {
    const into = new Map<string, string[]>();
    const out = new Map<string, string[]>();
    const push = (map: Map<string, string[]>, key: string, name: string): void => {
      map.set(key, [...(map.get(key) ?? []), name]);
    };
    const arc = (name: string, cost: number, from: string | undefined, to: string | undefined): void => {
      objective.push([cost, name]);
      if (from) push(out, from, name);
      if (to) push(into, to, name);
    };
    const costs = (from: Label, ask: ReturnType<typeof asked>, to: Option): number =>
      extendLabels([from], table, () => ({ ask, options: [to] }))[0]!.cost;
    own.forEach(({ ask, options }, i) =>
      options.forEach((option, j) => {
        const node = `l${lane}s${i}o${j}`;
        if (!i) arc(`in_${node}`, costs(startLabels()[0]!, ask, option), undefined, node);
        else
          own[i - 1]!.options.forEach((before, k) =>
            arc(`f_${node}_${k}`, costs(placeOf(before), ask, option), `l${lane}s${i - 1}o${k}`, node),
          );
        if (i === own.length - 1)
          arc(
            `out_${node}`,
            pathOf([startLabels(), [{ ...placeOf(option), option, ask, back: 0 }]], table).cost,
            node,
            undefined,
          );
      }),
    );
    own.forEach(({ options }, i) => {
      rows.push(` one_${lane}_${i}: ${options.map((_, j) => `+ 1 x_l${lane}s${i}o${j}`).join(' ')} = 1`);
      options.forEach((_, j) => {
        const node = `l${lane}s${i}o${j}`;
        binaries.push(`x_${node}`);
        rows.push(
          ` into_${node}: ${into
            .get(node)!
            .map((name) => `+ 1 ${name}`)
            .join(' ')} - 1 x_${node} = 0`,
          ` out_${node}: ${out
            .get(node)!
            .map((name) => `+ 1 ${name}`)
            .join(' ')} - 1 x_${node} = 0`,
        );
      });
    });
  });
  if (coupled) {
    for (let i = 0; i < steps; i++) {
      const users = new Map<string, string[]>();
      lanes.forEach(({ steps: own }, lane) =>
        own[i]!.options.forEach((option, j) => {
          for (const id of variantsOf(option))
            users.set(id, [...(users.get(id) ?? []), `x_l${lane}s${i}o${j}`]);
        }),
      );
      let n = 0;
      for (const names of users.values()) {
        const version = `y_${i}_${n++}`;
        objective.push([WEIGHTS.version, version]);
        for (const name of names) rows.push(` v_${version}_${name}: 1 ${version} - 1 ${name} >= 0`);
      }
      constant -= WEIGHTS.version;
    }
  }
  const found = highs.solve(
    [
      'Minimize',
      ` obj: ${objective.map(([by, name]) => `${by < 0 ? '-' : '+'} ${Math.abs(by)} ${name}`).join(' ')}`,
      'Subject To',
      ...rows,
      'Binary',
      ` ${binaries.join(' ')}`,
      'End',
    ].join('\n'),
  );
  if (found.Status !== 'Optimal') throw new Error(found.Status);
  return found.ObjectiveValue + constant;
}

const placeOf = ({ exit, propsInHand, counterNeed }: Option): Label => ({
  cost: 0,
  back: 0,
  level: exit,
  propsInHand,
  counterNeed: counterNeed,
  sums: NO_SUMS,
});
