/**
 * Practice that a variant takes beyond a first class: 2 some weeks, 3 months, 4 years. Common practice, no published
 * source.
 */
export const SKILL: Readonly<Record<string, 2 | 3 | 4>> = {
  'headstand.full': 4,
  'headstand.feet-down': 3,
  'shoulder-stand.unsupported': 4,
  'shoulder-stand.blankets': 3,
  'shoulder-stand.wall': 2,
  'plough.arms-overhead': 4,
  'plough.feet-on-chair': 3,
  'wall-half-handstand.wall': 3,
  'four-limbed-staff.full': 3,
  'four-limbed-staff.knees': 2,
  'side-plank.full': 3,
  'three-legged-dog.full': 2,
  'upward-facing-dog.full': 2,
  'step-back.jump': 3,
  'warrior-three.full': 3,
  'warrior-three.hands-on-hips': 2,
  'half-moon.block': 3,
  'half-moon.chair': 2,
  'dancer.full': 3,
  'one-legged-chair.free': 2,
  'standing-big-toe.strap': 3,
  'eagle.toe-down': 2,
  'revolved-triangle.block': 2,
  'bow.full': 2,
  'camel.heels': 2,
  'boat.full': 2,
};
