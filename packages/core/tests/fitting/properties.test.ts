/** What holds whatever the class and whoever comes. */
import fc from 'fast-check';
import { readPeople, stagePerson, USUAL_HOUSE_VIEW, POSES } from '../builtIn.js';
import { ON, fit, one } from './one.js';
import { weeks, uncontrolled, acute, settled, wheelchair, chair } from '../cases/verdicts.js';

describe('properties', () => {
  const CONDITIONS = [
    weeks(8),
    weeks(18),
    weeks(29),
    uncontrolled,
    acute,
    settled,
    wheelchair,
    chair,
  ].flatMap((person) => person.conditions as unknown[]);
  const someConditions = fc.uniqueArray(fc.constantFrom(...CONDITIONS), {
    maxLength: 3,
    selector: (entry) => (typeof entry === 'string' ? entry : (entry as { condition: string }).condition),
  });
  const someone = fc.record({
    conditions: someConditions,
    heightCm: fc.constantFrom(145, 158, 167.5, 181, 195),
    born: fc.constantFrom('1948-01-01', '1970-01-01', '1995-01-01'),
    can: fc.record({ kneel: fc.boolean(), floor: fc.boolean() }),
    today: fc.constantFrom({}, { pain: 8 }, { dizzy: true }),
  });
  const pose = fc.constantFrom(...POSES);
  const steps = fc
    .array(pose, { minLength: 1, maxLength: 6 })
    .map((poses) => poses.map((item) => `- ${item.name}`).join('\n'));

  test('the engine never chooses a never or an unmet limit or need', () => {
    fc.assert(
      fc.property(steps, someone, (source, person) => {
        for (const entry of fit(source, [person]).lanes[0]!.steps) {
          if (entry.verdict === 'rest') continue;
          expect(
            entry.findings.filter(
              (finding) => finding.on === 'chosen' && finding.level !== 'watch' && !finding.met,
            ),
          ).toEqual([]);
        }
      }),
      { numRuns: 150 },
    );
  });

  test.each([
    ['Legs up the wall, 3 min', 'Turn onto the side while you wait.'],
    ['Downward dog, 20 breaths', 'Bring the head up while you wait.'],
    ['Standing forward fold, 20 breaths', undefined],
  ] as const)('%s: who is done early because it adds up does not wait in it', (line, out) => {
    const [her, him] = fit(`- ${line}`, [weeks(22), {}]).lanes.map(({ steps }) => steps[0]!);
    expect(her!.waits).toBeGreaterThan(30);
    expect(her!.waitOut).toBe(out);
    expect(him!.waitOut).toBeUndefined();
  });

  test('what adds up over a lane, counter-poses included, keeps within every limit on it', () => {
    const lying = fc.constantFrom(
      'Legs up the wall, 90 s',
      'Constructive rest, 80 s',
      'Bridge, 6 breaths',
      'Downward dog, 8 breaths',
      'Locust, 5 breaths',
      'Standing forward fold, 6 breaths',
      'Cat and cow, 6 rounds',
      'Supine twist, 6 breaths each side',
      'Happy baby, 40 s',
    );
    fc.assert(
      fc.property(
        fc.array(lying, { minLength: 2, maxLength: 8 }),
        fc.constantFrom<Record<string, unknown>>(
          weeks(18),
          weeks(29),
          { today: { bleeding: true } },
          { conditions: ['reflux'] },
        ),
        (lines, person) => {
          const source = lines.map((line) => `- ${line}`).join('\n');
          const { sums } = fit(source, [person]).lanes[0]!;
          const { rules } = stagePerson(
            readPeople([{ name: 'A', ...person }], ON).people[0]!,
            ON,
            USUAL_HOUSE_VIEW,
          );
          for (const { rule } of rules) {
            const [bound] = rule.all;
            if (rule.level !== 'limit' || rule.all.length > 1 || !('sum' in bound)) continue;
            const name = bound.sum.replace(/Unbroken|Total/, '') as 'supine' | 'headDown' | 'pelvisUp';
            expect(sums[name][bound.sum.endsWith('Total') ? 'total' : 'longest']).toBeLessThanOrEqual(
              bound.over,
            );
          }
        },
      ),
      { numRuns: 200 },
    );
  });

  test('adding a condition never turns a finding about the asked way off', () => {
    fc.assert(
      fc.property(pose, someone, fc.constantFrom(...CONDITIONS), (item, person, extra) => {
        const name = (entry: unknown): string =>
          typeof entry === 'string' ? entry : (entry as { condition: string }).condition;
        if (person.conditions.some((entry) => name(entry) === name(extra))) return;
        const rules = (conditions: unknown[]): string[] => {
          const { findings, verdict } = one(item.name, { ...person, conditions });
          return (
            findings
              .filter(
                (finding) =>
                  finding.level !== 'watch' && (finding.on !== 'chosen' || verdict === 'as-written'),
              )
              .map((finding) => finding.rule)
              // Said only where nothing else is.
              .filter((rule) => rule !== 'own.no-way')
          );
        };
        expect(rules([...person.conditions, extra])).toEqual(
          expect.arrayContaining(rules(person.conditions)),
        );
      }),
      { numRuns: 300 },
    );
  });

  test('same input, same output', () => {
    fc.assert(
      fc.property(steps, someone, (source, person) => {
        expect(fit(source, [person])).toEqual(fit(source, [person]));
      }),
      { numRuns: 30 },
    );
  });

  test('every step is there for everyone, times run on, sides are equal, and other people change nobody', () => {
    fc.assert(
      fc.property(steps, someone, someone, (source, a, b) => {
        const both = fit(source, [a, b]);
        const alone = fit(source, [a]);
        expect(
          both.lanes[0]!.steps.map(({ clock: _clock, waits: _waits, waitOut: _out, ...entry }) => entry),
        ).toEqual(
          alone.lanes[0]!.steps.map(({ clock: _clock, waits: _waits, waitOut: _out, ...entry }) => entry),
        );
        both.steps.reduce((end, step) => {
          expect(step.start).toBe(end);
          expect(step.end).toBeGreaterThan(step.start);
          return step.end;
        }, 0);
        expect(Math.abs(both.minutes.planned - both.steps[both.steps.length - 1]!.end / 60)).toBeLessThan(
          0.06,
        );
        for (const lane of both.lanes)
          expect(new Set(lane.steps.map((entry) => entry.step)).size).toBe(both.steps.length);
      }),
      { numRuns: 60 },
    );
  });

  test('mirrored people get mirrored results', () => {
    const ranges = fc.record({
      shoulderFlexionRight: fc.integer({ min: 60, max: 180 }),
      hipAbductionLeft: fc.integer({ min: 10, max: 60 }),
    });
    fc.assert(
      fc.property(pose, ranges, (item, { shoulderFlexionRight, hipAbductionLeft }) => {
        if (!item.side) return;
        const bySide = (person: Record<string, unknown>): Record<string, string> =>
          Object.fromEntries(
            fit(`- ${item.name} each side`, [person]).lanes[0]!.steps.flatMap((entry) =>
              (entry.sides.length ? entry.sides : (['right', 'left'] as const)).map((side) => [
                side,
                `${entry.variant} ${entry.hold.seconds}`,
              ]),
            ),
          );
        const one = bySide({ ranges: { shoulderFlexionRight, hipAbductionLeft } });
        const other = bySide({
          ranges: { shoulderFlexionLeft: shoulderFlexionRight, hipAbductionRight: hipAbductionLeft },
        });
        expect(one.right).toBe(other.left);
        expect(one.left).toBe(other.right);
      }),
      { numRuns: 100 },
    );
  });
});
