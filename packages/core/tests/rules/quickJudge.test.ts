/** The quick judge says what the slow one says. */
import fc from 'fast-check';
import { strengthenedBy } from '../../src/rules/measureTable.js';
import { skillOf } from '../../src/poses/skillOf.js';
import { mirrorMeasures } from '../../src/poses/measures.js';
import {
  countSeconds,
  BUILT_IN,
  compileRules,
  CONDITIONS,
  decidingRule,
  judge,
  judgeAll,
  markOf,
  measureTable,
  NO_SUMS,
  SOMEBODY,
  stagePerson,
  trialDetails,
  USUAL_HOUSE_VIEW,
  type StagedPerson,
  type Trial,
} from '../builtIn.js';
import { ON } from './people.js';

describe('the quick judge', () => {
  const anyone = fc.record({
    conditions: fc
      .uniqueArray(
        fc.constantFrom(...CONDITIONS.filter(({ id }) => !['child', 'older-adult', 'teenager'].includes(id))),
        { maxLength: 4 },
      )
      .chain((chosen) =>
        fc.tuple(
          ...chosen.map((condition) =>
            fc
              .constantFrom(...trialDetails(condition, ON))
              .map((details) => ({ condition: condition.id, details })),
          ),
        ),
      ),
    heightCm: fc.constantFrom(148, 165, 172.5, 190),
    ranges: fc.constantFrom({}, { neckFlexion: 40 }, { shoulderFlexionRight: 100 }),
  });
  /** The slow way: every rule against a trial of its own, on both sides. */
  const slow = (staged: StagedPerson, row: ReturnType<typeof measureTable>['rows'][number]): number => {
    const { pose, variant } = row;
    const { person } = staged;
    const holdSeconds = pose.hold.usual * countSeconds(pose, variant.breath, person, ON);
    const measures = BUILT_IN.measures(variant.id, person.heightCm, staged.build);
    const supine = measures.supine > 0 ? holdSeconds * (pose.side ? 2 : 1) : 0;
    const code = [measures, mirrorMeasures(measures)].map((side) => {
      const trial: Trial = {
        measures: side,
        level: variant.level,
        breath: variant.breath,
        support: variant.support,
        skill: skillOf(variant),
        holdSeconds,
        moving: pose.hold.unit === 'rounds',
        action: pose.purposes[0].action,
        family: pose.family,
        strengthens: strengthenedBy(pose),
        pose: pose.id,
        sums: { ...NO_SUMS, supineUnbroken: supine, supineTotal: supine },
      };
      return Math.max(
        0,
        ...judge(staged.rules, trial, person.ranges).map(({ rule }) => {
          if (rule.level === 'never') return 3;
          if (rule.level === 'watch' || (rule.level === 'need' && rule.adds)) return 1;
          return 2;
        }),
      );
    });
    return Math.max(...code);
  };
  test('says of every variant what judging it by itself says', () => {
    fc.assert(
      fc.property(anyone, ({ conditions, heightCm, ranges }) => {
        const staged = stagePerson(
          { ...SOMEBODY, conditions: [...conditions], heightCm, ranges },
          ON,
          USUAL_HOUSE_VIEW,
        );
        const table = measureTable(BUILT_IN, staged.person, ON);
        const compiled = compileRules(staged);
        const codes = judgeAll(compiled, table);
        for (let row = 0; row < table.rows.length; row += 7) {
          expect([table.rows[row]!.variant.id, codes[row]]).toEqual([
            table.rows[row]!.variant.id,
            slow(staged, table.rows[row]!),
          ]);
          if (codes[row]) expect(decidingRule(compiled, table, row, codes[row]!)).toBeDefined();
        }
      }),
      { numRuns: 60 },
    );
  });
  test('the order of conditions does not matter, and one more never frees anything', () => {
    fc.assert(
      fc.property(anyone, ({ conditions, heightCm }) => {
        const staging = (list: typeof conditions): StagedPerson =>
          stagePerson({ ...SOMEBODY, heightCm, conditions: [...list] }, ON, USUAL_HOUSE_VIEW);
        const marks = (list: typeof conditions): Uint8Array => {
          const staged = staging(list);
          return judgeAll(compileRules(staged), measureTable(BUILT_IN, staged.person, ON));
        };
        const all = marks(conditions);
        const fewer = marks(conditions.slice(1) as typeof conditions);
        expect([...marks([...conditions].reverse() as typeof conditions)]).toEqual([...all]);
        // What one condition implies is read carefully where it is not named: naming it says more of it.
        const { stages } = staging(conditions);
        const isNamed = staging(conditions.slice(1) as typeof conditions).stages.every((one) =>
          stages.some(({ condition, label }) => condition === one.condition && label === one.label),
        );
        if (isNamed) expect([...fewer].every((code, row) => code <= all[row]!)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
  test('marks are words', () =>
    expect([0, 1, 2, 3].map(markOf)).toEqual(['allowed', 'with-care', 'limited', 'never']));
});
