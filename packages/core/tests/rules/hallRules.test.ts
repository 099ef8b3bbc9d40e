/** What a hall changes about the rulebook. */
import fc from 'fast-check';
import {
  BUILT_IN,
  compileRules,
  CONDITIONS,
  isLoosened,
  judgeAll,
  measureTable,
  movableBound,
  readHallRules,
  ruleById,
  SOMEBODY,
  stagePerson,
  trialDetails,
  USUAL_HOUSE_VIEW,
  type HallRules,
} from '../builtIn.js';
import { ON, allRules, fit } from './people.js';

describe('what a hall changes', () => {
  const signed = { reason: 'after talking to her physiotherapist', by: 'Maren', on: ON };
  const hall = (moved: HallRules['moved'], own: HallRules['own'] = []): HallRules => ({ moved, own });
  const glaucoma = { conditions: [{ condition: 'glaucoma', advanced: false }] };
  test('a tightened limit bites sooner, a loosened one later and is marked everywhere', () => {
    const tight = fit(
      glaucoma,
      'Downward-facing dog, 4 breaths',
      USUAL_HOUSE_VIEW,
      hall([{ rule: 'glaucoma.head-down', to: 2, ...signed }]),
    );
    const loose = fit(
      glaucoma,
      'Downward-facing dog, 4 breaths',
      USUAL_HOUSE_VIEW,
      hall([{ rule: 'glaucoma.head-down', to: 60, ...signed }]),
    );
    expect(tight.steps[0]!.findings.find(({ rule }) => rule === 'glaucoma.head-down')!.changed).toMatchObject(
      { how: 'tightened', from: 10 },
    );
    expect(loose.steps[0]!.verdict).toBe('as-written');
    expect(loose.steps[0]!.findings.find(({ rule }) => rule === 'glaucoma.head-down.loosened')).toMatchObject(
      { level: 'watch', changed: { how: 'loosened', by: 'Maren' } },
    );
    expect(loose.alerts.some(({ text }) => text.startsWith('Loosened here by Maren'))).toBe(true);
  });
  test('tightening any limit never frees a way', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...allRules.filter((rule) => movableBound(rule) !== undefined)),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        (rule, share) => {
          const { value, tighter } = movableBound(rule)!;
          const condition = ruleById(rule.id)!.condition;
          const to = tighter === 'lower' ? value * share : value / share;
          const move = { rule: rule.id, to, ...signed };
          expect(isLoosened(rule, to)).toBe(false);
          for (const details of trialDetails(
            CONDITIONS.find(({ id }) => id === condition)!,
            ON,
          ).slice(0, 6)) {
            const person = { ...SOMEBODY, conditions: [{ condition, details }] };
            const marks = (changed?: HallRules) =>
              judgeAll(
                compileRules(stagePerson(person, ON, USUAL_HOUSE_VIEW, changed)),
                measureTable(BUILT_IN, person, ON),
              );
            const before = marks();
            const after = marks(hall([move]));
            expect([...before].every((code, row) => code <= after[row]!)).toBe(true);
          }
        },
      ),
      { numRuns: 40 },
    );
  });
  test('an own rule holds for its condition and says whose it is', () => {
    const own = {
      id: 'hall.glaucoma-still',
      condition: 'glaucoma',
      measure: 'isometric' as const,
      over: 1,
      ...signed,
    };
    expect(
      fit(glaucoma, 'Warrior two, 4 breaths', USUAL_HOUSE_VIEW, hall([], [own])).steps[0]!.findings.find(
        ({ rule }) => rule === own.id,
      ),
    ).toMatchObject({ changed: { how: 'own', by: 'Maren' } });
    expect(fit({}, 'Warrior two, 4 breaths', USUAL_HOUSE_VIEW, hall([], [own])).steps[0]!.verdict).toBe(
      'as-written',
    );
  });
  test('every change needs a reason, a name and something to change', () => {
    const { errors } = readHallRules({
      moved: [
        { rule: 'glaucoma.head-down', to: 10 },
        { rule: 'glaucoma.head-down', to: 4, reason: 'no', by: '', on: '' },
        { rule: 'x', to: 1 },
      ],
      own: [{ id: 'y', condition: 'glaucoma', measure: 'charm', over: 1 }],
    });
    expect(errors.map(({ field }) => field)).toEqual([
      'moved[0].to',
      'moved[1].reason',
      'moved[1].by',
      'moved[1].on',
      'moved[2].rule',
      'own[0].measure',
    ]);
  });
});
