import type { ReadySequence } from '../../src/authoring/frameWords.js';

/** Ready to teach for backs. */
export const BACKS: readonly ReadySequence[] = [
  {
    id: 'steady-backs',
    frame: 'backs',
    about: 'Small waves, strength all round, knees bent.',
    source: `# Steady backs, small waves
minutes: 40
## Arrive
- Constructive rest, 2 min
- Pelvic tilt, 8 rounds
- Knees to chest, one, 5 breaths
- Windscreen wipers, 8 rounds
## Strength
- Cat and cow, 8 rounds
- Opposite arm and leg, 5 breaths each side
- Table, 4 breaths
- Child's pose, head and arms on a chair seat, 8 breaths
- Low chest lifts, 6 rounds
- Prone opposite arm and leg, leg only, 4 breaths each side
- Locust, chest only, 4 breaths
- Crocodile, 10 breaths
## Standing
- Mountain, 5 breaths
- Half forward fold, 6 breaths
- Standing hip circles, 6 rounds
- Side bend, 5 breaths each side
- Low lunge, hands on a chair, 5 breaths each side
- Chair pose, hands on the thighs, 4 breaths
- Tree, a hand on the wall, foot low, 6 breaths each side
- Calf stretch, 6 breaths each side
## Loosen
- Bridge with the breath, 10 rounds
- Knee lift into the hand, 6 rounds each side
- Supine figure four, 6 breaths each side
- Supine leg stretch, 6 breaths each side
- Supine twist, 10 breaths each side
- Reclined butterfly, 10 breaths
## Rest
- Final rest, knees over a bolster, 10 min
`,
  },
  {
    id: 'back-break',
    frame: 'backs',
    about: 'A quarter of an hour on the floor, for a back that has sat all day.',
    source: `# After a day of sitting
minutes: 15
- Constructive rest, 60 s
- Pelvic tilt, 8 rounds
- Knees to chest, 4 breaths
- Cat and cow, 8 rounds
- Opposite arm and leg, 4 breaths each side
- Child's pose, head and arms on a chair seat, 6 breaths
- Bridge with the breath, 6 rounds
- Supine twist, 8 breaths each side
- Final rest, knees over a bolster, 6 min
`,
  },
  {
    id: 'neither-nor',
    frame: 'disc',
    about: 'For a disc: the back neither rounds nor turns, on the way down and up too.',
    source: `# Neither round nor turn
minutes: 20
## Standing
- Mountain, 5 breaths
- Chest lift, arms crossed, 5 breaths
> The hips stay where they are, the chin comes in.
- Arms up with the breath, 6 rounds
- Side leg lift, 6 rounds each side
- Standing thigh stretch, 4 breaths each side
- Calf stretch, 5 breaths each side
- Heel raise, chair back, 10 rounds
## Down through the lunge
- One knee down and up, 2 rounds each side
- Opposite arm and leg, 4 breaths each side
- Low chest lifts, 5 rounds
- Prone opposite arm and leg, leg only, 3 breaths each side
- Half frog, 8 breaths each side
- Heel kicks, 12 rounds
- Crocodile, chin in the palms, 10 breaths
## Rest
- Final rest on the belly, hands behind the neck, 5 min
> Up the way you came: hands, knees, one foot forward.
`,
  },
];
