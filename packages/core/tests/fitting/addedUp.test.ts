/** What adds up over a class: time on the back and upside down, trips to the floor. */
import { fit, one } from './one.js';
import { weeks, older } from '../cases/verdicts.js';

test('seconds on the back add up over the class and reset when she sits up', () => {
  const lane = fit(
    '- Bridge, 5 breaths\n- Bridge, 5 breaths\n- Bridge, 5 breaths\n- Mountain\n- Bridge, 5 breaths',
    [weeks(24)],
  ).lanes[0]!.steps;
  expect(lane[0]!.verdict).toBe('as-written');
  expect(lane[2]!.findings.map((finding) => finding.rule)).toContain('pregnancy.flat-lying');
  expect(lane[4]!.findings.map((finding) => finding.rule)).not.toContain('pregnancy.flat-lying');
});

test('seconds with the head down and the pelvis up add up against their limits too', () => {
  const dogs = fit('- Downward-facing dog, 25 s\n- Downward-facing dog, 25 s\n- Downward-facing dog, 25 s', [
    weeks(20),
  ]).lanes[0]!;
  expect(dogs.sums.headDown.longest).toBeLessThanOrEqual(60);
  expect(
    dogs.steps.some((entry) => entry.findings.some((finding) => finding.rule === 'pregnancy.head-down-sum')),
  ).toBe(true);
  const bleeding = fit(
    '- Shoulder stand, 25 s\n- Shoulder stand, 25 s\n- Shoulder stand, 25 s\n- Shoulder stand, 25 s\n- ' +
      'Shoulder stand, 25 s\n- Shoulder stand, 25 s',
    [{ today: { bleeding: true } }],
    { 'bleeding-inversion': 'few-breaths' },
  ).lanes[0]!;
  expect(bleeding.sums.pelvisUp.total).toBeGreaterThan(60);
  expect(bleeding.sums.pelvisUp.total).toBeLessThanOrEqual(120);
  const still = fit('- Mountain, 5 breaths\n- Mountain, 5 breaths\n- Bridge, 4 breaths', [{}]).lanes[0]!.sums;
  expect([still.standingStill.longest, still.floorVisits]).toEqual([55, 1]);
});

test('who may not lie flat for long settles propped up and stays, rather than lying flat for a breath or two', () => {
  // PRACTICE 4: in pregnancy on a side, or reclined 30 to 45 degrees.
  const { variant, hold, measures } = one('Reclined butterfly, 4 min', weeks(28));
  expect([variant, hold.seconds, measures.trunkIncline > 30 && measures.trunkIncline < 50]).toEqual([
    'reclined-butterfly.propped',
    240,
    true,
  ]);
  expect(one('Reclined butterfly, 4 min', weeks(10)).variant).toBe('reclined-butterfly.blocks');
});

test('the floor is counted: twice is plenty for an older adult', () => {
  const source = '- Bridge\n- Mountain\n- Bridge\n- Mountain\n- Bridge';
  expect(fit(source, [older]).lanes[0]!.alerts.some((alert) => alert.text.startsWith('3 times down'))).toBe(
    true,
  );
  expect(fit(source, [{}]).lanes[0]!.alerts).toEqual([]);
});
