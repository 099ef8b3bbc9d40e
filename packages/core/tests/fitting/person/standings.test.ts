/** How variants stand for a person before the class is known: the same as judging each by itself. */
import fc from 'fast-check';
import {
  BUILT_IN,
  judge,
  NO_SUMS,
  PACE,
  readPeople,
  stagePerson,
  SUMS,
  USUAL_HOUSE_VIEW,
  type StagedPerson,
} from '../../builtIn.js';
import { asked } from '../../../src/fitting/person/candidates.js';
import { trialOf } from '../../../src/fitting/explain/trial.js';
import { laneTable } from '../../../src/fitting/person/lane.js';
import { optionsOf } from '../../../src/fitting/person/options.js';
import { isSoft } from '../../../src/rules/isSoft.js';
import { CONDITION_PEOPLE } from '../../cases/conditions.js';

const ON = '2026-12-01';
const VARIANTS = BUILT_IN.poses.flatMap((pose) => pose.ladder.map((variant) => ({ pose, variant })));
const staged = (person: Record<string, unknown>): StagedPerson =>
  stagePerson(readPeople([{ name: 'A', ...person }], ON).people[0]!, ON, USUAL_HOUSE_VIEW);

const BOTH = ['right', 'left'] as const;

test('what is offered breaks no hard rule, held as long as it is offered; what is asked and passes is offered', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...Object.values(CONDITION_PEOPLE)),
      fc.constantFrom(...VARIANTS),
      fc.integer({ min: 5, max: 200 }),
      fc.constantFrom(0, 40, 250),
      (person, { pose, variant }, holdSeconds, already) => {
        const lane = laneTable(staged(person), BUILT_IN, USUAL_HOUSE_VIEW, ON, PACE);
        const before = Object.fromEntries(SUMS.map((sum) => [sum, already])) as typeof NO_SUMS;
        const hard = lane.staged.rules.filter((active) => !isSoft(active));
        const ask = { ...asked(pose, variant, holdSeconds, pose.side ? ['right', 'left'] : []), before };
        const options = optionsOf(ask, lane);
        for (const { sides } of options)
          for (const { side, candidate } of sides) {
            if (!candidate) continue;
            // What changes legs half way is held against both.
            for (const on of candidate.variant.alternates ? BOTH : [side])
              expect(
                judge(
                  hard,
                  trialOf(lane, ask, candidate.row, candidate.holdSeconds, on),
                  lane.staged.person.ranges,
                ).map(({ rule }) => rule.id),
              ).toEqual([]);
          }
        for (const side of pose.side ? BOTH : [undefined]) {
          const broken = (variant.alternates ? BOTH : [side]).flatMap((on) =>
            judge(
              lane.staged.rules.filter(({ rule }) => rule.level !== 'watch'),
              trialOf(lane, ask, lane.body.table.rowOf.get(variant)!, holdSeconds, on),
              lane.staged.person.ranges,
            ),
          );
          const { entry, exit } = lane.body.ends(lane.body.table.rowOf.get(variant)!);
          if (!broken.length && lane.isReached(entry) && lane.isReached(exit))
            expect(
              options.every(({ sides }) =>
                sides.some((choice) => choice.side === side && choice.candidate?.verdict === 'as-written'),
              ),
            ).toBe(true);
        }
      },
    ),
    { numRuns: 1500 },
  );
});
