import type { ReadySequence } from '../../src/authoring/frameWords.js';

/** Ready to teach on and behind a chair. */
export const CHAIR: readonly ReadySequence[] = [
  {
    id: 'everyone-sits',
    frame: 'open-seated',
    about: 'A quarter of an hour for everybody, wherever they sit.',
    source: `# Everyone sits
minutes: 15
- Seated breath, 10 breaths
> Feet on something: floor, plates, cushion or books.
- Cat and cow on a chair, 5 rounds
- Seated twist, small, 5 breaths each side
> Back through the middle with a whole breath.
- Side bend on a chair, 4 breaths each side
- Chest lift on a chair, hands on the seat, 3 breaths
- Shoulder roll, 6 rounds
- Wrist circles, 6 rounds
- Foot pump, 12 rounds
- Crossed arms, 4 breaths each side
- Chair fold, half, 5 breaths
- Final rest, on a chair, 6 min
`,
  },
  {
    id: 'legs-that-carry',
    frame: 'older-chair',
    about: 'Half an hour for legs and balance, on and behind the chair.',
    source: `# Legs that carry
minutes: 30
## On the chair
- Seated breath, 8 breaths
- Shoulder roll, 8 rounds
- Cat and cow on a chair, 8 rounds
- Seated twist, 5 breaths each side
- Heel slide, 12 rounds each side
- Chair leg stretch, 4 breaths each side
- Seated leg lift, a hand under the thigh, 8 rounds each side
- Figure four, ankles crossed, 4 breaths each side
- Seated march, 10 rounds each side
- Sit to stand, with hands, 8 rounds
## Behind the chair
- Half forward fold, hands on a chair back, 4 breaths
- Heel raise, chair back, 8 rounds
- Side leg lift, 6 rounds each side
- One leg back, 4 breaths each side
- Tandem stand, chair back, 4 breaths each side
- Calf stretch, chair back, 6 breaths each side
## Quiet
- Crossed arms, 4 breaths each side
- Neck side stretch, 3 breaths each side
- Final rest, on a chair, 7 min
`,
  },
  {
    id: 'head-to-toe',
    frame: 'older-chair',
    about: 'From the head to the toes, everything a little, on a chair.',
    source: `# From head to toe
minutes: 20
- Seated breath, 6 breaths
- Neck turn, 2 breaths each side
- Elbow circles, 5 rounds
- Wrist circles, 6 rounds
- Opposite arm and leg on a chair, 3 rounds each side
- Cat and cow on a chair, 5 rounds
- Side bend on a chair, 2 breaths each side
- Crossed arms, 3 breaths each side
- Wide-leg twist, 3 breaths each side
- Knee across, 5 breaths each side
- Heel slide, 10 rounds each side
- Chair leg stretch, 5 breaths each side
- Figure four, ankles crossed, 5 breaths each side
- Foot pump, 14 rounds
- Final rest, on a chair, 7 min
`,
  },
  {
    id: 'brakes-on',
    frame: 'wheelchair',
    about: 'Half an hour in the wheelchair, with the weight off the seat in between.',
    source: `# Brakes on
minutes: 25
- Seated breath, 10 breaths
> Brakes on, feet on the plates. Straps lie flat.
- Shoulder roll, 6 rounds
- Neck side stretch, 3 breaths each side
- Arms up with the breath, on a chair, 6 rounds
- Cat and cow on a chair, 6 rounds
- Side bend on a chair, 4 breaths each side
- Chair fold, half, 2 min
> Two minutes forward take the weight off the seat.
- Seated twist, 4 breaths each side
- Elbow circles, 8 rounds
- Shoulder blade squeeze, 5 breaths
- Chest lift on a chair, 4 breaths
- Wrist circles, 10 rounds
- Finger spread, 12 rounds
- Cow-face arms, 6 breaths each side
- Opposite arm and leg on a chair, 5 rounds each side
- Wide-leg twist, 4 breaths each side
- Crossed arms, 5 breaths each side
- Humming breath, on a chair, 8 breaths
- Final rest, on a chair, 6 min
`,
  },
  {
    id: 'down-once',
    frame: 'older-mat',
    about: 'From 65: on the chair, behind it, and once down to the mat.',
    source: `# Down once, up once
minutes: 35
## On the chair
- Seated breath, 10 breaths
- Shoulder roll, 6 rounds
- Neck side stretch, 3 breaths each side
- Cat and cow on a chair, 6 rounds
- Seated twist, 5 breaths each side
- Heel slide, 10 rounds each side
- Figure four, 5 breaths each side
## Behind the chair
- Half forward fold, hands on a chair back, 4 breaths
- Heel raise, chair back, 8 rounds
- Side leg lift, 6 rounds each side
- Tandem stand, chair back, 4 breaths each side
- One leg back, 4 breaths each side
- Tree, a hand on the wall, foot low, 6 breaths each side
- Calf stretch, chair back, 6 breaths each side
## On the mat
- Cat and cow, 10 rounds
- Opposite arm and leg, leg only, 4 breaths each side
- Child's pose, arms on a chair, 8 breaths
- Knees to chest, one, 6 breaths
- Bridge with the breath, 8 rounds
- Supine figure four, foot down, 6 breaths each side
- Supine leg stretch, 6 breaths each side
- Supine twist, 8 breaths each side
## Rest
- Final rest, knees over a bolster, 7 min
> Roll to the side, wait for three breaths, then up by way of the chair.
`,
  },
  {
    id: 'warm-hands',
    frame: 'joints',
    about: 'For arthritis: warm first, padded, nothing to the end of its way.',
    source: `# Warm hands, warm knees
minutes: 35
## On the chair
- Long out-breath, on a chair, 2 min
- Wrist circles, 8 rounds
- Shoulder roll, 6 rounds
- Foot pump, 12 rounds
- Heel slide, 8 rounds each side
- Cat and cow on a chair, 6 rounds
- Side bend on a chair, hands down, 4 breaths each side
- Seated twist, small, 4 breaths each side
- Chair leg stretch, 5 breaths each side
- Figure four, ankles crossed, 5 breaths each side
- Opposite arm and leg on a chair, 5 rounds each side
- Heel raise, sitting on a chair, 10 rounds
- Sit to stand, 6 rounds
## At the wall
- Mountain, 5 breaths
- Standing hip circles, 6 rounds
- Calf stretch, 6 breaths each side
- Shaking out, 5 breaths
## On the back
- Pelvic tilt, 10 rounds
- Heel slide, lying, 8 rounds each side
- Open and close the knees, 10 rounds
- Bridge with the breath, 8 rounds
- Supine leg stretch, 6 breaths each side
## Rest
- Final rest, knees over a bolster, 9 min
`,
  },
];
