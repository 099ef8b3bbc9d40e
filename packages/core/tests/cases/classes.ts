/** Whole classes as they are found, with the people they are to be fitted to. */
const weeks = (n: number) => ({
  conditions: [
    {
      condition: 'pregnancy',
      dueDate: new Date(Date.UTC(2026, 11, 1) + (280 - 7 * n) * 86_400_000).toISOString().slice(0, 10),
    },
  ],
});

export const CLASS_TEXTS = {
  /** Twelve steps; PRACTICE 2 has the prenatal re-cut of them. */
  salute:
    '# Salute\nminutes: 10\n- Mountain, 2 breaths\n- Chest lift, 1 breath\n- Standing forward fold, 2 breaths\n- Low lunge, 1 breath, right\n- Downward-facing dog, 2 breaths\n- Plank, 1 breath\n- Four-limbed staff, 1 breath\n- Cobra, 1 breath\n- Downward-facing dog, 2 breaths\n- Low lunge, 1 breath, right\n- Standing forward fold, 2 breaths\n- Mountain, 2 breaths',
  /** PRACTICE 2: a prenatal standing flow as found, 24 minutes. */
  prenatalFlow:
    '# Prenatal flow\nminutes: 24\n- Mountain, 5 breaths\n- Standing forward fold, 3 breaths\n- Plank, 3 breaths\n- Downward-facing dog, 5 breaths\n- Hop and freeze, 3 rounds\n- Standing forward fold, 3 breaths\n- One-legged chair, free, 3 breaths each side\n- Plank, 3 breaths\n- Downward-facing dog, 5 breaths\n- Lunge twist, 3 breaths each side\n- Hop and freeze, 3 rounds\n- Standing forward fold, 3 breaths\n- Plank, 3 breaths\n- Downward-facing dog, 5 breaths\n- Hop and freeze, 3 rounds\n- Standing forward fold, 3 breaths\n- Plank, 3 breaths\n- Downward-facing dog, 5 breaths\n- Downward-facing dog, 5 breaths\n- Bridge, 5 breaths\n- Supine twist, 5 breaths each side\n- Final rest, 6 min',
  /** PRACTICE 2: a sequence for high blood pressure as found, 13 minutes. */
  pressure:
    '# For pressure\nminutes: 13\n- Long out-breath, 6 breaths\n- Head to knee, 3 breaths each side\n- Hip cradle, 2 breaths each side\n- Half-lotus fold, 3 breaths each side\n- Half-hero fold, 3 breaths each side\n- Child’s pose, 5 breaths\n- Seated forward fold, 5 breaths\n- Plough, arms overhead, 75 s\n- Final rest, 3 min',
  /** PRACTICE 2: disc-friendly class. */
  disc: '# Disc\nminutes: 14\n- Chest lift, arms crossed, 4 breaths\n- Prone opposite arm and leg, 3 breaths each side\n- Locust, 20 s\n- Locust, 20 s\n- Crocodile, 60 s\n- Final rest on the belly, 3 min',
  /** A mat class, to be taken on chairs. */
  mat: '# Mat\nminutes: 40\n- Easy seat, 6 breaths\n- Cat and cow, 6 rounds\n- Downward-facing dog, 4 breaths\n- Warrior two, 4 breaths each side\n- Tree, 20 s each side\n- Triangle, 4 breaths each side\n- Cobra, 3 breaths\n- Bridge, 4 breaths\n- Supine twist, 5 breaths each side\n- Final rest, 6 min',
  /** An adult class, to be taken with children. */
  adult:
    '# Adult\nminutes: 30\n- Mountain, 5 breaths\n- Tree, 40 s each side\n- Warrior two, 6 breaths each side\n- Plank, 5 breaths\n- Shoulder stand, 8 breaths\n- Supine twist, 5 breaths each side\n- Final rest, 5 min',
  /** PRACTICE 1 and DESIGN 1: everyone at once. */
  mixed:
    '# Thursday Mixed\nminutes: 75\n- Seated breath, 8 breaths\n- Cat and cow, 6 rounds\n- Downward-facing dog, 4 breaths\n- Locust, 4 breaths\n- Tree, 30 s each side\n- Standing forward fold, 3 breaths\n- Bridge, 4 breaths\n- Supine twist, 5 breaths each side\n- Final rest, 6 min',
} as const;

export const CLASS_PEOPLE: Readonly<Record<string, Record<string, unknown>>> = {
  anyone: {},
  week24: weeks(24),
  week27: weeks(27),
  week30: weeks(30),
  pressure: { conditions: [{ condition: 'high-blood-pressure', control: 'uncontrolled' }] },
  disc: { conditions: [{ condition: 'lumbar-disc', phase: 'acute' }] },
  settled: { conditions: [{ condition: 'lumbar-disc', phase: 'settled' }] },
  wheelchair: { conditions: ['wheelchair'] },
  chair: { conditions: ['chair user'], can: { floor: false } },
  child: { born: '2019-06-01', heightCm: 118 },
  older: { born: '1948-10-05', screening: { fallsLastYear: 1 } },
  old: { born: '1950-12-17', screening: { fallsLastYear: 0 } },
  arm: { ranges: { shoulderFlexionRight: 120 } },
  knees: { can: { kneel: false } },
  bone: { conditions: ['low-bone-density'] },
};
