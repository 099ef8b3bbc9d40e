/** What an assistant sees of a fitting, and what somebody does in it: held against the whole. */
import { BUILT_IN, ownSheet, RULEBOOK, withoutHealth } from '../../builtIn.js';
import { fit, named, PEOPLE } from '../mixedClass.js';

const fitting = fit(named(PEOPLE));
const seen = withoutHealth(fitting, BUILT_IN);

test('what each does, for how long, on which side and with what is the same', () => {
  const done = ({ lanes }: typeof fitting) =>
    lanes.map(({ personId, steps }) => [
      personId,
      steps.map(({ step, variant, verdict, hold, sides, props, clock }) => ({
        step,
        variant,
        verdict,
        hold,
        sides,
        props,
        clock,
      })),
    ]);
  expect(done(seen)).toEqual(done(fitting));
  expect([seen.room, seen.places]).toEqual([fitting.room, fitting.places]);
});

test('no condition, stage, reason, number or alert of anybody is in it', () => {
  const text = JSON.stringify(seen);
  const said = fitting.lanes.flatMap(({ stages, alerts, steps }) => [
    ...stages.flatMap(({ condition, label }) => [`"${condition}"`, ...(label.length > 10 ? [label] : [])]),
    ...alerts.map((alert) => alert.text),
    ...steps.flatMap(({ findings }) => findings.flatMap(({ rule, reason }) => [`"${rule}"`, reason])),
  ]);
  expect(said.length).toBeGreaterThan(100);
  expect(said.filter((words) => text.includes(words))).toEqual([]);
  for (const { id } of RULEBOOK.conditions) expect(text).not.toContain(`"${id}"`);
  // Two who do the same for different reasons look the same.
  expect(new Set(seen.lanes.map(({ ranges }) => JSON.stringify(ranges))).size).toBe(1);
});

test('somebody’s own sheet has her steps alone, each with what she does', () => {
  for (const { personId, steps } of fitting.lanes) {
    const sheet = ownSheet(fitting, personId);
    expect(sheet.map(({ variant }) => variant)).toEqual(steps.map(({ variant }) => variant));
    expect(JSON.stringify(sheet)).not.toContain('"findings"');
  }
  expect(ownSheet(fitting, 'nobody')).toEqual([]);
});
