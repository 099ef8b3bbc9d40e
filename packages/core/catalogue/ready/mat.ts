import type { ReadySequence } from '../../src/authoring/frameWords.js';

/** Ready to teach on the mat. */
export const MAT: readonly ReadySequence[] = [
  {
    id: 'harbour-walk',
    frame: 'mixed',
    about: 'From the floor up to standing and down again, with time to rest.',
    source: `# Harbour walk
minutes: 45
## Arrive
- Long out-breath, cross-legged, 2 min
> Nothing to do yet. Let the out-breath grow a little longer than the in-breath.
- Neck side stretch, cross-legged, 3 breaths each side
- Seated circles, 5 rounds
## Wake the spine
- Cat and cow, 10 rounds
- Opposite arm and leg, 5 breaths each side
- Hip circles on all fours, 5 rounds
- Downward-facing dog, knees bent, 5 breaths
- Child's pose, 6 breaths
## Standing
- Mountain, 5 breaths
- Side bend, 4 breaths each side
- Chair pose, small, hands on a chair back, 4 breaths
- Warrior one, hands on the hips, 4 breaths each side
- Warrior two, 6 breaths each side
- Triangle, 6 breaths each side
- Tree, a hand on the wall, foot low, 6 breaths each side
- Half forward fold, 4 breaths
- Wide-legged forward fold, hands on blocks, 5 breaths
- Heel raise, 8 rounds
- Shaking out, 5 breaths
## Floor
- Butterfly, 8 breaths
- Half lord of the fishes, open, 5 breaths each side
- Head to knee, upright, 6 breaths each side
- Low chest lifts, 6 rounds
- Locust, chest only, 4 breaths
- Child's pose, 5 breaths
- Bridge, 6 breaths
- Knees to chest, 5 breaths
- Supine figure four, 6 breaths each side
- Supine leg stretch, 6 breaths each side
- Supine twist, 8 breaths each side
## Rest
- Final rest, knees over a bolster, 10 min
`,
  },
  {
    id: 'wide-sky',
    frame: 'mixed',
    about: 'Nearly an hour for hips and legs, with a salute to begin the standing.',
    source: `# Wide sky
minutes: 55
## Arrive
- Three-part breath, cross-legged, 3 min
- Circles from the seat, 8 rounds
- Side bend, cross-legged, 4 breaths each side
## On hands and knees
- Cat and cow, 12 rounds
- Hip circles on all fours, 6 rounds
- Opposite arm and leg, 6 breaths each side
- Downward-facing dog, pedalling, 8 breaths
- Child's pose, 8 breaths
## Standing
- Mountain, 6 breaths
- Half salute, 6 rounds
- Side bend, 5 breaths each side
- Warrior one, hands on the hips, 5 breaths each side
- Warrior two, 7 breaths each side
- Reverse warrior, 4 breaths each side
- Triangle, 6 breaths each side
- Goddess, hands on the thighs, 5 breaths
- Wide-legged forward fold, hands on blocks, 6 breaths
- Tree, a hand on the wall, foot low, 8 breaths each side
- Standing thigh stretch, 6 breaths each side
- Shaking out, 6 breaths
## Floor
- Ninety-ninety, 7 rounds
- Butterfly, 12 breaths
- Hip cradle, 6 breaths each side
- Half lord of the fishes, open, 7 breaths each side
- Wide-legged seat, 8 breaths
- Low chest lifts, 8 rounds
- Locust, chest only, 5 breaths
- Child's pose, 8 breaths
- Bridge, 8 breaths
- Knees to chest, 8 breaths
- Supine figure four, 8 breaths each side
- Supine leg stretch, 10 breaths each side
- Windscreen wipers, 10 rounds
- Supine twist, 10 breaths each side
## Rest
- Final rest, knees over a bolster, 8 min
`,
  },
  {
    id: 'slow-tide',
    frame: 'restorative',
    about: 'Six shapes, long and held; bolsters, blankets and quiet.',
    source: `# Slow tide
minutes: 50
## Arrive
- Constructive rest, 3 min
> Let the floor have the weight of the legs.
## Held
- Child's pose over a bolster, 6 min
> Turn the head to the other side half way.
- Crocodile, 4 min
- Side-lying rest, hugging a bolster, 4 min each side
- Reclined butterfly, 8 min
- Legs up the wall, calves on a chair, 6 min
- Supine twist, 90 s each side
## Rest
- Final rest, knees over a bolster, 9 min
`,
  },
  {
    id: 'long-lines',
    frame: 'scoliosis',
    about: 'Length before movement, the same on both sides, nothing to its end.',
    source: `# Long lines
minutes: 35
## Length
- Constructive rest, 2 min
> Which places touch the floor? No need to change them.
- Full body stretch, knees bent, 3 breaths
- Rib breath, lying, 8 breaths
> Breathe into the side that moves less, without pushing.
- Pelvic tilt, 8 rounds
## On hands and knees
- Cat and cow, flat back to a small hollow, 8 rounds
- Opposite arm and leg, 5 breaths each side
- Hip circles on all fours, 5 rounds
- Puppy, hands on a chair seat, 5 breaths
- Child's pose, arms on a chair, 6 breaths
## Standing
- Mountain, 5 breaths
- Arms up with the breath, 6 rounds
- Half forward fold, 5 breaths
- Warrior two, short, 6 breaths each side
- Standing hip circles, 6 rounds
- Chest opener at the wall, 5 breaths each side
- Tree, a hand on the wall, foot low, 6 breaths each side
- Calf stretch, 6 breaths each side
- Heel raise, 8 rounds
## Floor
- Low chest lifts, 5 rounds
- Prone opposite arm and leg, leg only, 3 breaths each side
- Crocodile, 8 breaths
- Bridge with the breath, 8 rounds
- Supine leg stretch, 6 breaths each side
- Supine figure four, 6 breaths each side
- Windscreen wipers, 8 rounds
- Reclined butterfly, 8 breaths
## Rest
- Final rest, knees over a bolster, 7 min
`,
  },
  {
    id: 'full-moon-comfort',
    frame: 'monthly',
    about: 'Twenty quiet minutes for days of cramps.',
    source: `# Comfort at home
minutes: 20
- Butterfly, 10 breaths
> Still or rocking, as you like it.
- Seated circles, 6 rounds
- Child's pose, knees wide, forehead on a block, 12 breaths
- Waves on the forearms, 10 rounds
- Hip circles on all fours, 6 rounds
- Half frog, 14 breaths each side
- Knees to chest, wide, 6 breaths
- Supine twist, 8 breaths each side
- Reclined butterfly, 20 breaths
> Hands on the belly.
- Final rest, hands on the belly, 7 min
`,
  },
  {
    id: 'soft-jaw',
    frame: 'pelvic-ease',
    about: 'For pelvic pain: open, let go, and a soft jaw all the way.',
    source: `# Soft jaw, soft floor
minutes: 25
## Arrive
- Constructive rest, 2 min
> Tongue wide, teeth apart. What the jaw does, the pelvic floor does.
- Belly breath, lying, 10 breaths
## Open
- Reclined butterfly, 20 breaths
- Open and close the knees, 10 rounds
- Pelvic tilt, 10 rounds
- Pelvic clock, 6 rounds
- Happy baby, one leg, 8 breaths
- Happy baby, 10 breaths
- Hip circles on all fours, 6 rounds
- Supine figure four, foot down, 8 breaths each side
- Cat and cow, 8 rounds
- Child's pose, knees wide, forehead on a block, 10 breaths
- Waves on the forearms, 8 rounds
- Knees to chest, wide, 8 breaths
- Windscreen wipers, 10 rounds
## Rest
- Final rest, hands on the belly, 5 min
`,
  },
  {
    id: 'kept-level',
    frame: 'eyes',
    about: 'For glaucoma and fragile retinas: nothing with the head low.',
    source: `# Eyes level
minutes: 35
## On the chair
- Long out-breath, on a chair, 2 min
- Shoulder roll, 6 rounds
- Neck turn, 3 breaths each side
- Cat and cow on a chair, 6 rounds
- Seated twist, 5 breaths each side
- Chair leg stretch, 5 breaths each side
- Figure four, 5 breaths each side
## Standing
- Mountain, 5 breaths
- Arms up with the breath, 6 rounds
- Side bend, 4 breaths each side
- Warrior two, 5 breaths each side
- Chest opener at the wall, 5 breaths each side
- Tree, a hand on the wall, foot low, 5 breaths each side
- Side leg lift, 8 rounds each side
- Heel raise, 10 rounds
- Standing thigh stretch, 5 breaths each side
- Calf stretch, 6 breaths each side
- Half forward fold, 5 breaths
## Floor
- Butterfly, 10 breaths
- Side bend in straddle, 5 breaths each side
- Half lord of the fishes, open, 4 breaths each side
- Clam, 8 rounds each side
- Open book, half, 4 breaths each side
## Rest
- Final rest, propped up, half sitting, 8 min
`,
  },
  {
    id: 'strong-bones',
    frame: 'bones',
    about: 'For osteoporosis: legs, back and balance, the spine long throughout.',
    source: `# Strong bones
minutes: 35
## On the chair
- Rib breath, on a chair, 2 min
- Shoulder blade squeeze, 4 breaths
- Arms up with the breath, on a chair, 6 rounds
- Sit to stand, hands on the thighs, 8 rounds
- Chest lift on a chair, 4 breaths
## Standing
- Mountain, 5 breaths
- Heel raise, chair back, 10 rounds
- Side leg lift, 8 rounds each side
- One leg back, 4 breaths each side
- Warrior two, short, 5 breaths each side
- Chair pose, small, hands on a chair back, 4 breaths
- Tandem stand, chair back, 5 breaths each side
- Calf stretch, 6 breaths each side
- Tree, a hand on the wall, foot low, 5 breaths each side
- Half forward fold, 5 breaths
- Side bend, 5 breaths each side
## Floor
- Cat and cow, round back to flat, no hollow, 8 rounds
- Opposite arm and leg, 5 breaths each side
- Low chest lifts, 6 rounds
- Prone opposite arm and leg, leg only, 3 breaths each side
- Crocodile, 8 breaths
- Bridge, 6 breaths
- Supine leg stretch, 6 breaths each side
- Open and close the knees, 8 rounds
## Rest
- Final rest, knees over a bolster, 8 min
`,
  },
  {
    id: 'head-up',
    frame: 'pressure',
    about: 'For pressure that is not under control: head up, breath free.',
    source: `# Head up, breath free
minutes: 35
## On the chair
- Long out-breath, on a chair, 3 min
> The breath is never held; where it hurries, stop.
- Shoulder roll, 6 rounds
- Neck side stretch, 3 breaths each side
- Heel slide, 8 rounds each side
- Seated twist, 4 breaths each side
- Chest lift on a chair, 4 breaths
- Figure four, 5 breaths each side
## Standing
- Mountain, 5 breaths
- Standing hip circles, 6 rounds
- Side bend, 3 breaths each side
- Warrior two, short, 3 breaths each side
- Tree, a hand on the wall, foot low, 4 breaths each side
- Side leg lift, 8 rounds each side
- Calf stretch, 6 breaths each side
- Heel raise, 10 rounds
- Half forward fold, 5 breaths
## Floor
- Butterfly, 10 breaths
- Side bend in straddle, 3 breaths each side
- Open and close the knees, 8 rounds
- Supine leg stretch, 5 breaths each side
- Bridge with the breath, 8 rounds
- Supine figure four, 6 breaths each side
- Supine twist, 8 breaths each side
## Rest
- Final rest, knees over a bolster, 6 min
> Roll to the side and stay there for five breaths before you sit up.
`,
  },
];
