import type { ReadySequence } from '../../src/authoring/frameWords.js';

/** Ready to teach around a birth. */
export const PREGNANCY: readonly ReadySequence[] = [
  {
    id: 'first-weeks',
    frame: 'prenatal-1',
    about: 'First trimester: steady, never hot or breathless.',
    source: `# Two heartbeats
minutes: 35
## Arrive
- Three-part breath, cross-legged, 2 min
- Neck side stretch, cross-legged, 3 breaths each side
- Shoulder roll, cross-legged, 6 rounds
- Seated circles, 5 rounds
## On hands and knees
- Cat and cow, 8 rounds
- Hip circles on all fours, 4 rounds
- Opposite arm and leg, 4 breaths each side
- Child's pose, knees wide, forehead on a block, 6 breaths
## Standing
- Mountain, wide, 5 breaths
- Side bend, 4 breaths each side
- Warrior two, 5 breaths each side
- Goddess, hands on the thighs, 4 breaths
- Extended side angle, a hand on the hip, 4 breaths each side
- Tree, a hand on the wall, foot low, 6 breaths each side
- Calf stretch, 6 breaths each side
- Half forward fold, 5 breaths
- Heel raise, 8 rounds
## Floor
- Butterfly, 10 breaths
- Hip cradle, 5 breaths each side
- Seated straddle, 6 breaths
- Side bend in straddle, 4 breaths each side
- Pelvic floor breath, on the side, 6 breaths
- Clam, 8 rounds each side
- Open book, half, 5 breaths each side
## Rest
- Side-lying rest, hugging a bolster, 8 min left
> Either side; the one that is easier today.
`,
  },
  {
    id: 'room-to-grow',
    frame: 'prenatal-2',
    about: 'Second trimester: wide feet, open twists, rest on the side.',
    source: `# Room to grow
minutes: 35
## Arrive
- Long out-breath, cross-legged, 2 min
- Neck turn, cross-legged, 2 breaths each side
- Arms up with the breath, cross-legged, 5 rounds
## On hands and knees
- Cat and cow, round to flat, 8 rounds
- Hip circles on all fours, 4 rounds
- Opposite arm and leg, leg only, 4 breaths each side
- Downward-facing dog, wide and short, 4 breaths
- Waves on the forearms, forearms on a chair, 6 rounds
## Standing
- Mountain, wide, 5 breaths
- Side bend, 4 breaths each side
- Warrior two, 5 breaths each side
- Chest lift, 4 breaths
- Chair pose, small, hands on a chair back, 4 breaths
- Tree, a hand on the wall, foot low, 5 breaths each side
- Calf stretch, 6 breaths each side
- Standing hip circles, hands on a chair back, 6 rounds
- Side leg lift, 6 rounds each side
## Floor
- Butterfly, 10 breaths
- Hip cradle, 5 breaths each side
- Wide-legged seat, 6 breaths
- Side bend in straddle, 4 breaths each side
- Clam, 8 rounds each side
- Open book, half, 5 breaths each side
- Pelvic floor breath, on the side, 8 breaths
## Rest
- Final rest, on the side, 8 min
`,
  },
  {
    id: 'late-summer',
    frame: 'prenatal-3',
    about: 'Third trimester: a chair to hold, short holds, both feet wide.',
    source: `# Near the shore
minutes: 35
## On the chair
- Long out-breath, on a chair, 3 min
- Shoulder roll, 6 rounds
- Neck side stretch, 3 breaths each side
- Foot pump, 10 rounds
- Side bend on a chair, 3 breaths each side
- Open and close the knees, on a chair, 8 rounds
- Figure four, 5 breaths each side
- Chair leg stretch, 4 breaths each side
## With the chair
- Half forward fold, hands on a chair back, 4 breaths
- Standing hip circles, hands on a chair back, 5 rounds
- Calf stretch, chair back, 4 breaths each side
- Heel raise, chair back, 8 rounds
- Side leg lift, hands on a chair back, 6 rounds each side
- Chair pose, small, hands on a chair back, 4 breaths
## Floor
- Cat and cow, round to flat, 8 rounds
- Hip circles on all fours, 4 rounds
- Waves on the forearms, forearms on a chair, 6 rounds
- Butterfly, 10 breaths
- Hip cradle, 4 breaths each side
- Wide-legged seat, 6 breaths
- Pelvic floor breath, on the side, 6 breaths
- Clam, 8 rounds each side
- Open book, half, 4 breaths each side
## Rest
- Final rest, on the side, 10 min
`,
  },
  {
    id: 'baby-beside',
    frame: 'after-birth-early',
    about: 'The first weeks: the deepest layer, and the baby beside the mat.',
    source: `# Baby beside the mat
minutes: 12
- Constructive rest, 60 s
- Belly breath, lying, 8 breaths
> Set it down for the baby and take it up again whenever you like.
- Pelvic floor breath, lying, 5 breaths
- Pelvic tilt, 6 rounds
- Open and close the knees, 6 rounds
- Foot pump, lying, 10 rounds
- Arms up with the breath, lying, 6 rounds
- Final rest, knees over a bolster, 6 min
`,
  },
  {
    id: 'from-inside',
    frame: 'after-birth',
    about: 'Cleared: from the deepest layer outwards; nothing domes.',
    source: `# From the inside out
minutes: 25
## The deepest layer
- Rib breath, lying, 10 breaths
- Pelvic floor breath, lying, 8 breaths
- Pelvic tilt, 10 rounds
- Roll between the thighs, 8 breaths
- Heel slide, lying, 8 rounds each side
- Shins level, one leg, 6 breaths
- Bridge with the breath, roll between the thighs, 10 rounds
## Outwards
- Cat and cow, 10 rounds
- Opposite arm and leg, leg only, 5 breaths each side
- Hip circles on all fours, 6 rounds
- Child's pose, 8 breaths
- Mountain, 5 breaths
- Chair pose, hands on the thighs, 4 breaths
- Calf stretch, 5 breaths each side
- Clam, 10 rounds each side
- Open book, half, 4 breaths each side
- Supine figure four, foot down, 5 breaths each side
## Rest
- Final rest, knees over a bolster, 5 min
`,
  },
];
