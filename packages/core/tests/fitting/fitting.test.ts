/** What one person gets for one step. */
import { BUILT_IN, variantById } from '../builtIn.js';
import { fit, one } from './one.js';
import { weeks, VERDICTS } from '../cases/verdicts.js';
import { CONDITION_PEOPLE } from '../cases/conditions.js';

test.each(VERDICTS)('%s, %j: %s (%s)', (step, person, verdict, rule) => {
  const entry = one(step, person);
  expect({ verdict: entry.verdict, variant: entry.variant }).toMatchObject({ verdict });
  if (rule)
    expect(
      entry.findings.filter((finding) => finding.on !== 'chosen').map((finding) => finding.rule),
    ).toContain(rule);
  else expect(entry.findings.filter((finding) => finding.level !== 'watch')).toEqual([]);
});

test('locust at 22 weeks becomes opposite arm and leg or a back opener, never prone', () => {
  const entry = one('Locust, 4 breaths', weeks(22));
  expect(['opposite-arm-and-leg', 'chest-lift']).toContain(entry.pose);
  expect(entry.alternatives.every((other) => variantById(other.variant).variant.level !== 'prone')).toBe(
    true,
  );
});

test('nobody is led into a jump or a hop that was not asked for', () => {
  const people = Object.entries(CONDITION_PEOPLE).map(([name, person]) => ({ name, ...person }));
  for (const { lanes } of [fit('- Step back and forward, 4 rounds\n- Frog hop', people)])
    for (const { person, steps } of lanes)
      for (const { step, variant } of steps) {
        if (step === 1)
          expect([person, BUILT_IN.variant(variant).variant.declared.impact]).not.toEqual([
            person,
            'jumping',
          ]);
      }
});

test('who must not practise today sits out every step, said once', () => {
  const { alerts, steps } = fit('- Tree\n- Bridge', [{ today: { bp: '190/100' } }]).lanes[0]!;
  expect(steps.every((entry) => entry.verdict === 'rest')).toBe(true);
  expect(alerts.filter((alert) => alert.kind === 'stop')).toHaveLength(1);
});

test('where nothing suits she sits out, and a chair that breaks a limit is not called met', () => {
  const entry = one('Tree, 20 s each side', {
    ranges: {
      kneeFlexionRight: 1,
      kneeFlexionLeft: 1,
      hipFlexionRight: 1,
      hipFlexionLeft: 1,
      ankleFlexionRight: 0,
      ankleFlexionLeft: 0,
    },
    can: { floor: false, stand: false },
  });
  expect(entry.verdict).toBe('rest');
  expect(entry.findings.some((finding) => finding.rule.startsWith('own.') && !finding.met)).toBe(true);
});

test('nobody is swapped upside down, into a jump, or as a grown person into a game', () => {
  for (const asked of [
    'Tree, 3 breaths',
    'Mountain, 3 breaths',
    'Downward-facing dog, 3 breaths',
    'Heel raise, 3 rounds',
  ]) {
    const entry = one(asked, { can: { stand: false, kneel: false } });
    for (const id of [entry.variant, ...entry.alternatives.map((other) => other.variant)]) {
      const { pose, variant } = variantById(id);
      expect([
        asked,
        pose.family === 'inverted' || pose.family === 'children',
        variant.declared.impact ?? 'still',
      ]).toEqual([asked, false, 'still']);
    }
  }
});

test('the house view decides: nothing head-down, short, or as usual', () => {
  const person = {
    conditions: [
      { condition: 'high-blood-pressure', control: 'controlled', reading: '128/78', readingOn: '2026-11-28' },
    ],
  };
  expect(one('Downward-facing dog, 5 breaths', person).verdict).toBe('as-written');
  expect(
    one('Downward-facing dog, 5 breaths', person, { 'controlled-pressure': 'nothing-head-down' }).verdict,
  ).toBe('eased');
  expect(
    one('Downward-facing dog, 9 breaths', person, { 'controlled-pressure': 'as-usual-no-holding' }).verdict,
  ).toBe('as-written');
});
