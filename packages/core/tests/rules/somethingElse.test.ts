/** What is in no list is taken in its own words, and carefully. */
import { readPeople } from '../builtIn.js';
import { fit } from '../fitting/one.js';

const something = (details: Record<string, unknown> = {}) => ({
  conditions: [{ condition: 'something else', words: 'Nail patella syndrome', ...details }],
});
const given = (line: string, details?: Record<string, unknown>) =>
  fit(`- ${line}`, [something(details)]).lanes[0]!.steps[0]!;

test('a name that nobody knows is refused with a way to say it all the same', () => {
  const { errors } = readPeople([{ name: 'A', conditions: ['Nail patella syndrome'] }]);
  expect(errors[0]!.message).toContain('"something else"');
});

test('its words are said, and what is not known is asked', () => {
  const { alerts } = fit('- Mountain, 5 breaths', [something()]).lanes[0]!;
  expect(alerts.map(({ text }) => text).join(' ')).toContain(
    'Nail patella syndrome: not in the rulebook. Read carefully',
  );
  const told = fit('- Mountain, 5 breaths', [something({ cleared: true, teamSaid: 'Keep moving.' })])
    .lanes[0]!;
  expect(told.alerts.map(({ text }) => text)).toEqual(['Nail patella syndrome: Keep moving.']);
});

test('until somebody has said yes nothing hard, nothing upside down; then all but what is out', () => {
  expect(given('Plank, 4 breaths').variant).not.toBe('plank.full');
  expect(given('Shoulder stand, 10 breaths').verdict).not.toBe('as-written');
  expect(given('Warrior two, 4 breaths').verdict).toBe('as-written');
  expect(given('Plank, 4 breaths', { cleared: true }).verdict).toBe('as-written');
  expect(given('Plank, 4 breaths', { cleared: true, noHands: true }).verdict).not.toBe('as-written');
});

test.each([
  ['noHeadDown', 'Downward-facing dog, 5 breaths'],
  ['noFloor', 'Bridge, 5 breaths'],
  ['noBalance', 'Tree, 20 s'],
  ['noRounding', 'Seated forward fold, 5 breaths'],
  ['noHollowing', 'Cobra, 4 breaths'],
  ['noTurning', 'Supine twist, 5 breaths'],
  ['noFlat', 'Final rest, 5 min'],
  ['noKnees', 'Cat and cow, 6 rounds'],
  ['noEffort', 'Chair pose, 4 breaths'],
])('%s: %s is not as written', (key, line) => {
  expect(given(line, { cleared: true }).verdict).toBe('as-written');
  expect(given(line, { cleared: true, [key]: true }).verdict).not.toBe('as-written');
});
