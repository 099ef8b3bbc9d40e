/** What single steps come to for single people, and why it is expected. */
import type { LaneStep } from '../builtIn.js';

export const weeks = (n: number): Record<string, unknown> => ({
  conditions: [
    {
      condition: 'pregnancy',
      dueDate: new Date(Date.UTC(2026, 11, 1) + (280 - 7 * n) * 86400000).toISOString().slice(0, 10),
    },
  ],
});
export const uncontrolled = { conditions: [{ condition: 'high-blood-pressure', control: 'uncontrolled' }] };
export const acute = { conditions: [{ condition: 'lumbar-disc', phase: 'acute' }] };
export const settled = { conditions: [{ condition: 'lumbar-disc', phase: 'settled' }] };
export const older = { born: '1955-03-01' };
export const unsteady = { born: '1949-03-01', screening: { fallsLastYear: 1 } };
export const wheelchair = { conditions: ['wheelchair'] };
export const chair = { conditions: ['chair user'] };
export const child = { born: '2019-06-01', heightCm: 118 };

/** Step, person, verdict, deciding rule, and where the expectation comes from. */
export const VERDICTS: readonly (readonly [
  string,
  Record<string, unknown>,
  LaneStep['verdict'],
  string | null,
  string,
])[] = [
  // Pregnancy (PRACTICE 4; CLINICAL 1b)
  ['Cobra, 4 breaths', weeks(10), 'as-written', null, 'no belly-down from week 14, c'],
  ['Cobra, 4 breaths', weeks(14), 'swapped', 'pregnancy.prone', 'no belly-down from week 14, c'],
  ['Locust, 4 breaths', weeks(22), 'swapped', 'pregnancy.prone', 'DESIGN: locust at 22 weeks'],
  ['Bridge, 5 breaths', weeks(17), 'as-written', null, 'CLINICAL row 16: a 17-week bridge stays'],
  ['Bridge, 5 breaths', weeks(26), 'as-written', null, 'CLINICAL row 14: brief is not long'],
  ['Final rest, 5 min', weeks(18), 'as-written', null, 'flat lying from week 20, ACOG CO 804'],
  ['Final rest, 5 min', weeks(24), 'eased', 'pregnancy.flat-lying', 'flat lying from week 20, ACOG CO 804'],
  ['Downward-facing dog, 4 breaths', weeks(10), 'as-written', null, 'CLINICAL row 71: dog is no inversion'],
  [
    'Downward-facing dog, 5 breaths',
    weeks(22),
    'eased',
    'pregnancy.head-down-wide',
    'head-down short and wide, c',
  ],
  ['Downward-facing dog, 5 breaths', weeks(30), 'eased', 'pregnancy.head-down-late', 'chair or wall late, c'],
  ['Shoulder stand, 10 breaths', weeks(10), 'swapped', 'pregnancy.inverted', 'full inversions out, c'],
  ['Seated twist, 4 breaths', weeks(16), 'eased', 'pregnancy.closed-twist', 'no closed twist, c'],
  ['Plank, 4 breaths', weeks(10), 'as-written', null, 'abdominal load from week 14, c'],
  ['Plank, 4 breaths', weeks(20), 'eased', 'pregnancy.plank', 'house view step-knees-down'],
  ['Tree, 30 s', weeks(12), 'as-written', null, 'support from trimester 2'],
  ['Tree, 30 s', weeks(20), 'eased', 'pregnancy.balance', 'support from trimester 2'],
  ['Warrior two, 5 breaths', weeks(20), 'as-written', null, 'over-restriction is a failure'],
  ['Mountain, 5 breaths', weeks(38), 'as-written', null, 'over-restriction is a failure'],
  ['Mountain, 15 breaths', weeks(20), 'eased', 'pregnancy.standing-still', 'standing still short, CO 804'],
  [
    'Garland, 5 breaths',
    weeks(30),
    'as-written',
    null,
    'CLINICAL row 19: squats have no evidence against them',
  ],
  ["Child's pose, 8 breaths", weeks(24), 'eased', 'pregnancy.kneeling-wide', 'room for the belly, c'],
  [
    'Standing forward fold, 4 breaths',
    weeks(24),
    'eased',
    'pregnancy.fold',
    'house view short-hands-on-blocks',
  ],
  // High blood pressure
  [
    'Downward-facing dog, 5 breaths',
    uncontrolled,
    'eased',
    'high-blood-pressure.head-down',
    'no head below heart',
  ],
  [
    'Standing forward fold, 4 breaths',
    uncontrolled,
    'eased',
    'high-blood-pressure.head-down',
    'no head below heart',
  ],
  [
    "Child's pose, 8 breaths",
    uncontrolled,
    'eased',
    'high-blood-pressure.head-down',
    'CLINICAL row 5: forehead on the floor',
  ],
  [
    'Plough, 8 breaths',
    uncontrolled,
    'swapped',
    'high-blood-pressure.inverted',
    'PRACTICE 2: plough is found in a pressure sequence',
  ],
  ['Half forward fold, 4 breaths', uncontrolled, 'as-written', null, 'level head stays'],
  ['Final rest, 5 min', uncontrolled, 'as-written', null, 'lying is level'],
  [
    'Legs up the wall, 10 breaths',
    uncontrolled,
    'as-written',
    null,
    'head is level (eyes are another matter)',
  ],
  ['Warrior two, 5 breaths', uncontrolled, 'as-written', null, 'CLINICAL row 76'],
  ['Plank, 4 breaths', uncontrolled, 'as-written', null, 'strong holds up to 30 s'],
  ['Plank, 8 breaths', uncontrolled, 'eased', 'high-blood-pressure.strong-hold', 'strong holds up to 30 s'],
  [
    'Seated forward fold, 6 breaths',
    uncontrolled,
    'as-written',
    null,
    'judged by the measure, CLINICAL row 31',
  ],
  // Disc
  ['Cat and cow, 6 rounds', acute, 'eased', 'lumbar-disc.flexion', 'no flexion anywhere'],
  ['Seated twist, 4 breaths', acute, 'swapped', 'lumbar-disc.rotation-low-back', 'no rotation anywhere'],
  ['Standing forward fold, 4 breaths', acute, 'swapped', 'lumbar-disc.flexion', 'no flexion anywhere'],
  ['Locust, 4 breaths', acute, 'as-written', null, 'PRACTICE 2: disc-friendly class'],
  ['Opposite arm and leg, 4 breaths', acute, 'as-written', null, 'PRACTICE 2: disc-friendly class'],
  ['Mountain, 5 breaths', acute, 'as-written', null, 'neutral spine'],
  ['Half forward fold, 4 breaths', settled, 'as-written', null, 'hip hinge'],
  ['Supine twist, 6 breaths', settled, 'eased', 'lumbar-disc.rotation-small', 'house view: slow and small'],
  ['Cat and cow, 6 rounds', settled, 'as-written', null, 'settled: no deep flexion (use 0.55)'],
  // Older adults
  [
    'Tree, 30 s',
    older,
    'eased',
    'older-adult.support-in-reach',
    'CLINICAL row 57: age adds support within reach',
  ],
  ['Tree, 30 s', unsteady, 'eased', 'older-adult.hand-support', 'after a fall a hand on something'],
  ['Triangle, 5 breaths', older, 'as-written', null, 'CLINICAL row 57: function, not birthday'],
  ['Downward-facing dog, 5 breaths', older, 'as-written', null, 'CLINICAL row 57'],
  ['Warrior two, 5 breaths', unsteady, 'as-written', null, 'a wide base'],
  ['Shoulder stand, 8 breaths', older, 'swapped', 'older-adult.neck-load', 'no weight on the neck, c'],
  ['Plough, 8 breaths', acute, 'swapped', 'lumbar-disc.inverted', 'hidden flexion on the way in'],
  // Chair
  ['Downward-facing dog, 5 breaths', wheelchair, 'swapped', 'wheelchair-user.level', 'everything seated'],
  ['Seated breath, 10 breaths', wheelchair, 'as-written', null, 'everything seated'],
  ['Seated twist, 4 breaths', wheelchair, 'as-written', null, 'everything seated'],
  ['Tree, 30 s', wheelchair, 'eased', 'wheelchair-user.level', 'chair form of tree'],
  ['Downward-facing dog, 5 breaths', chair, 'eased', 'chair-user.level', 'seated or behind the chair'],
  ['Half forward fold, 4 breaths', chair, 'as-written', null, 'behind the chair'],
  // Children
  ['Tree, 30 s', child, 'eased', 'child.hold-6-to-8', 'holds up to 15 s at 6 to 8'],
  ['Cat and cow, 8 rounds', child, 'as-written', null, 'a movement is no hold'],
  ['Tree, 10 s', child, 'as-written', null, 'holds up to 15 s at 6 to 8'],
  ['Walking round the room, 2 min', child, 'as-written', null, 'walking is no hold'],
  ['Star, 40 s', child, 'eased', 'child.hold-6-to-8', 'holds up to 15 s at 6 to 8'],
  ['Final rest, 3 min', child, 'as-written', null, 'rest is exempt'],
  ['Shoulder stand, 4 breaths', child, 'swapped', 'child.neck', 'no head or shoulder stands'],
  ['Cobra, 3 breaths', child, 'as-written', null, 'over-restriction is a failure'],
];
