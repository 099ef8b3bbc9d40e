/** What Maren Tolliver teaches this week, each as long as its class. */
export const THURSDAY = `# Thursday Mixed
minutes: 60
## Arrive
- Seated breath on a chair, 3 min
- Seated twist, 6 breaths each side
## Floor
- Cat and cow, 12 rounds
- Opposite arm and leg, 5 breaths each side
- Downward-facing dog, 6 breaths
- Child's pose, 12 breaths
- Locust, 5 breaths
> rest on the hands before you go on
- Plank, 4 breaths
- Child's pose, 8 breaths
## Standing
- Mountain, 8 breaths
- Tree, 40 s each side
> wall for anyone who wants it
- Triangle, 6 breaths each side
- Warrior two, 6 breaths each side
- Standing forward fold, 5 breaths
## Close
- Bridge, 8 breaths
- Knees to chest, 6 breaths
- Supine leg stretch, 8 breaths each side
- Supine figure four, 8 breaths each side
- Windscreen wipers, 10 rounds
- Full body stretch, 3 breaths
- Legs up the wall, 6 min
- Supine twist, 12 breaths each side
- Reclined butterfly, 5 min
- Final rest, 10 min
`;

export const BACKS = `# Steady Backs
minutes: 45
## Arrive
- Final rest with knees over a bolster, 2 min
- Cat and cow, 12 rounds
- Pelvic tilt, 10 rounds
- Windscreen wipers, 8 rounds
## Work
- Opposite arm and leg, 5 breaths each side
- Cobra on the forearms, 6 breaths
- Locust, 4 breaths
> twice, with a rest between
- Crocodile, 8 breaths
- Child's pose, 10 breaths
- Hip circles on all fours, 6 rounds
## Standing
- Mountain, 6 breaths
- Side bend, 5 breaths each side
- Half forward fold, 6 breaths
- Low lunge, 5 breaths each side
- Chair pose, hands on the thighs, 4 breaths
- Tree, a hand on the wall, foot low, 6 breaths each side
- Calf stretch, 6 breaths each side
- Heel raise, 10 rounds
## Close
- Bridge with the breath, 10 rounds
- Knee lift into the hand, 6 rounds each side
- Supine figure four, 8 breaths each side
- Supine leg stretch, 8 breaths each side
- Supine twist, 10 breaths each side
- Reclined butterfly, 16 breaths
- Final rest, 9 min
`;

export const CHAIRS = `# Chairs by the Window
minutes: 40
## Arrive
- Seated breath, 3 min
- Shoulder roll, 8 rounds
- Neck side stretch, 3 breaths each side
- Wrist circles, 8 rounds
- Elbow circles, 6 rounds
## On the chair
- Cat and cow on a chair, 8 rounds
- Side bend on a chair, 4 breaths each side
- Seated twist, 5 breaths each side
- Opposite arm and leg on a chair, 5 rounds each side
- Heel slide, 10 rounds each side
- Chair leg stretch, 6 breaths each side
- Figure four, 6 breaths each side
- Knee across, 5 breaths each side
- Foot pump, 14 rounds
- Seated march, 10 rounds each side
- Wide-leg twist, 3 breaths each side
- Chest lift on a chair, 4 breaths
- Sit to stand, with hands, 8 rounds
## Behind the chair
- Half forward fold, 5 breaths
- Heel raise, chair back, 10 rounds
- Side leg lift, 6 rounds each side
- Calf stretch, chair back, 5 breaths each side
- Tree with a hand on the wall, 20 s each side
## Quiet
- Cow-face arms, 4 breaths each side
- Crossed arms, 4 breaths each side
- Chair fold, 5 breaths
- Humming breath, on a chair, 6 breaths
- Final rest on a chair, 6 min
`;

export const BUMP = `# Bump and Breathe
minutes: 50
## Arrive
- Seated breath, 3 min
- Shoulder roll, 6 rounds
- Neck side stretch, 3 breaths each side
- Side bend, 4 breaths each side
- Chair leg stretch, 5 breaths each side
- Foot pump, 12 rounds
## On hands and knees
- Cat and cow, 10 rounds
- Hip circles on all fours, 6 rounds
- Opposite arm and leg, 4 breaths each side
- Downward-facing dog, 4 breaths
- Child's pose, 8 breaths
- Waves on the forearms, forearms on a chair, 8 rounds
## Standing
- Mountain, 5 breaths
- Warrior two, 5 breaths each side
- Garland, 5 breaths
> a block under the seat, or the chair
- Tree, 20 s each side
- Calf stretch, 6 breaths each side
- Standing hip circles, 6 rounds
- Half forward fold, 5 breaths
- Side leg lift, 6 rounds each side
## Floor
- Butterfly, 12 breaths
- Hip cradle, 5 breaths each side
- Wide-legged seat, 8 breaths
- Side bend in straddle, 5 breaths each side
- Bridge, 5 breaths
- Seated back bend, 4 breaths
- Clam, 10 rounds each side
- Open book, 5 breaths each side
- Pelvic floor breath, on the side, 8 breaths
- Reclined butterfly, 90 s
- Final rest on the side, 9 min
`;

export const ROCKPOOL = `# Rockpool Club
minutes: 30
## Arriving
- Listening, 60 s
> When the chime sounds, put one hand up and listen until you cannot hear it any more.
> We play it three times: first with eyes open, then looking down, then guessing when it ends.
- Walking round the room, 3 min
> Walk round the room as if the floor were sand, then ice, then warm mud. At the chime: stand still where you are.
## Agreements and helpers
- Listening, 60 s
> Everybody has a place, and keeps to it.
> When the chime sounds we stop and listen.
> We try, and nobody laughs at a wobble.
> Whoever wants a rest may curl up on the mat at any time, and come back when ready.
> One child plays the chime.
> Another child shows the cards.
> A third child leads the breath with the ball.
> Today we try what looks difficult, and see how strong we are already.
## Breath game
- Balloon breath, sitting on the floor, 3 breaths
> Hands in front of the mouth. Breathe in and blow up a balloon as big as your arms: three times.
> At the third, let it fly.
## Story: rock pool
- Listening, 60 s
> The tide has gone out and left a pool between the rocks. What lives in it?
- Star, 4 breaths
> Starfish. Stretch all five arms and stay as still as the water.
- Stork, 4 breaths each side
> Heron. Stand on one leg and wait for a fish. Shake it out between the sides.
- Downward-facing dog, 4 breaths
> Rock arch. Let a small fish swim through.
- Plank, 4 breaths
> Driftwood. Float, straight and strong, and breathe.
- Child's pose, 4 breaths
> Whelk. Pull into your shell and breathe inside.
- Locust, 4 breaths
> Flying fish. Lift out of the water, count three, slide back in.
- Cobra, 4 breaths
> Sea snake. Hiss quietly and look round.
- Child's pose, 4 breaths
> Rest shape: curl up small and breathe into the back.
- Reverse table, 4 breaths
> Crab. Click your claws: clack, clack, and breathe.
- Boat, 4 breaths
> Little boat. Balance on the waves.
- Butterfly, 4 breaths
> Mussel. Open and close your shell with the breath.
- Rowing boat, 4 rounds
> Rowing boat. Row across the pool: heave, ho.
- Bridge, 4 breaths
> Stone bridge. Hold still while the tide runs under.
## The story once more
- Star, 4 breaths
> Starfish: who shows it?
- Stork, 4 breaths each side
> Heron: who shows it? Shake it out between the sides.
- Downward-facing dog, 4 breaths
> Rock arch: who shows it?
- Plank, 4 breaths
> Driftwood: who shows it?
- Child's pose, 4 breaths
> Whelk: who shows it?
- Locust, 4 breaths
> Flying fish: who shows it?
- Cobra, 4 breaths
> Sea snake: who shows it?
- Child's pose, 4 breaths
> Rest shape: curl up small and breathe into the back.
- Reverse table, 4 breaths
> Crab: who shows it?
- Boat, 4 breaths
> Little boat: who shows it?
- Butterfly, 4 breaths
> Mussel: who shows it?
- Rowing boat, 4 rounds
> Rowing boat: who shows it?
- Bridge, 4 breaths
> Stone bridge: who shows it?
## Balance game
- Balance on body parts, two: both feet, low, 3 breaths
> Easier: a hand on the wall, or a toe that helps.
> Harder: look at one spot and do not blink while we count down.
- Balance on body parts, 3 breaths
- Balance on body parts, four: hands and knees, 3 breaths
- Balance on body parts, two: both feet, low, 3 breaths
## Quiet contest
- Hop and freeze, 5 rounds
> Hop five times, then freeze: who lands the most softly?
- Listening, 30 s
> Now the quiet contest: who is still so quiet that we hear the clock?
## Rest
- Final rest, flat on the back, 5 min
> Let the mat carry you. Feet are heavy, hands are heavy, the face is soft.
> Listen to the farthest sound. Then to the nearest: your own breath.
> Stay like this until the chime brings you back.
## Looking back
- Listening, 60 s
> Where did you feel it in the body? Show it with a hand.
> Courage. I may be afraid, and try it all the same.
> For home: Do one thing that you have put off, and tell somebody about it.
`;
