/** Choosing against a solver: each lane exact, and lanes weighed together never worse than each for itself. */
import { choiceProblems, coupledOf, pathsOf, solveChoice } from '../reference/choiceModel.js';
import { solver } from '../reference/timeModel.js';
import { WEIGHTS } from '../../src/fitting/weights.js';

test('every lane’s best path costs what a mixed-integer solver finds, on 200 generated classes', async () => {
  const highs = await solver();
  const problems = choiceProblems(200, 11);
  for (const problem of problems) {
    const mine = pathsOf(problem).reduce((sum, { cost }) => sum + cost, 0);
    expect(mine).toBeCloseTo(solveChoice(highs, problem, false), 4);
  }
  // What is compared is worth comparing: options to choose from, and two lanes or three.
  expect(
    problems.filter(({ lanes }) => lanes.some(({ steps }) => steps.some(({ options }) => options.length > 6)))
      .length,
  ).toBeGreaterThan(150);
  expect(problems.filter(({ lanes }) => lanes.length > 1).length).toBeGreaterThan(80);
});

test('lanes weighed together cost no more than each for itself, and seldom more than the solver’s best', async () => {
  const highs = await solver();
  const problems = choiceProblems(200, 13)
    .filter(({ lanes }) => lanes.length > 1)
    .slice(0, 60);
  let gaps = 0;
  for (const problem of problems) {
    const paths = pathsOf(problem);
    const versions = problem.lanes[0]!.steps.reduce(
      (sum, _, i) =>
        sum +
        new Set(
          paths.flatMap(({ choices }) =>
            choices[i]!.option.sides.map(({ candidate }) => candidate?.variant.id ?? 'sits out'),
          ),
        ).size -
        1,
      0,
    );
    const alone = paths.reduce((sum, { cost }) => sum + cost, 0) + WEIGHTS.version * versions;
    const mine = coupledOf(problem);
    const best = solveChoice(highs, problem, true);
    expect(mine).toBeLessThanOrEqual(alone + 1e-6);
    expect(mine).toBeGreaterThanOrEqual(best - 1e-4);
    if (mine > best + 1e-4) gaps++;
  }
  expect(gaps).toBeLessThan(problems.length / 4);
});
