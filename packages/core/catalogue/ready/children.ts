import type { ReadySequence } from '../../src/authoring/frameWords.js';

/** Lessons for children, ready to teach. */
export const CHILDREN: readonly ReadySequence[] = [
  {
    id: 'pebbles',
    frame: 'children-3-5',
    about: 'A quarter of an hour in the rock pool for the small ones.',
    source: `# Rock pool: becoming calm, 3 to 5 years
minutes: 15
## Arriving
- Listening, 60 s
> When the chime sounds, put one hand up and listen until you cannot hear it any more. We play it three times: first with eyes open, then looking down, then guessing when it ends.
- Walking round the room, 60 s
> Walk round the room as if the floor were sand, then ice, then warm mud. At the chime: stand still where you are.
## Agreements and helpers
- Listening, 60 s
> We stay on our own mat.
> We listen when the chime sings.
> We are kind with hands and words.
> Whoever wants a rest may curl up on the mat at any time, and come back when ready.
> One child plays the chime.
> Another child shows the cards.
> A third child leads the breath with the ball.
> Today we find out how to become calm when everything whirls.
## Breath game
- Balloon breath, sitting on the floor, 3 breaths
> Hands in front of the mouth. Breathe in and blow up a balloon as big as your arms: three times. At the third, let it fly.
## Story: rock pool
- Listening, 30 s
> The tide has gone out and left a pool between the rocks. What lives in it?
- Side bend, 2 breaths each side
> Seaweed. Sway one way and then the other. Shake it out between the sides.
- Tree, 2 breaths each side
> Lighthouse. Turn your head slowly and shine. Shake it out between the sides.
- Plank, 2 breaths
> Driftwood. Float, straight and strong, and breathe.
- Downward-facing dog, 2 breaths
> Rock arch. Let a small fish swim through.
- Child's pose, 2 breaths
> Whelk. Pull into your shell and breathe inside.
- Crocodile, 2 breaths
> Seal. Rest on the warm rock and look about.
- Butterfly, 2 breaths
> Mussel. Open and close your shell with the breath.
- Reverse table, 2 breaths
> Crab. Click your claws: clack, clack, and breathe.
- Rowing boat, 2 rounds
> Rowing boat. Row across the pool: heave, ho.
## Balance game
- Balance on body parts, four: hands and knees, 2 breaths
> Easier: a hand on the wall, or a toe that helps.
> Harder: look at one spot and do not blink while we count down.
- Balance on body parts, 2 breaths
- Balance on body parts, four: hands and knees, 2 breaths
## Quiet contest
- Hop and freeze, 5 rounds
> Hop five times, then freeze: who lands the most softly?
- Listening, 30 s
> Now the quiet contest: who is still so quiet that we hear the clock?
## Rest
- Final rest, flat on the back, 2 min
> Let the mat carry you. Feet are heavy, hands are heavy, the face is soft.
> Listen to the farthest sound. Then to the nearest: your own breath.
> Stay like this until the chime brings you back.
## Looking back
- Listening, 30 s
> Where did you feel it in the body? Show it with a hand.
> Calm. Even a storm goes quiet in the end, and so can I.
> For home: Breathe like today, three times, before you go to sleep.
`,
  },
  {
    id: 'lanterns',
    frame: 'children-6-8',
    about: 'Half an hour in the night garden, with a breath to keep in the pocket.',
    source: `# Night garden: a breath for worries, 6 to 8 years
minutes: 30
## Arriving
- Listening, 60 s
> When the chime sounds, put one hand up and listen until you cannot hear it any more. We play it three times: first with eyes open, then looking down, then guessing when it ends.
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
> Everybody worries sometimes. Today we learn a breath that you can keep in your pocket.
## Breath game
- Balloon breath, sitting on the floor, 3 breaths
> Hands in front of the mouth. Breathe in and blow up a balloon as big as your arms: three times. At the third, let it fly.
## Story: night garden
- Listening, 60 s
> When everybody sleeps, the garden wakes up. We tiptoe in with a lantern.
- Rag doll, 4 breaths
> Willow. Let your branches hang.
- Half moon, 4 breaths each side
> Half moon. Hang in the sky. Shake it out between the sides.
- Heel raise, 4 rounds
> Tiptoe to the gate. So quietly that the gate does not hear.
- Tall and small, 4 rounds
> Moonflower. Open as slowly as you can.
- Garland, 4 breaths
> Toad. Sit under the fern: croak once.
- Thread the needle, 4 breaths each side
> Spider. Spin one thread under the web. Shake it out between the sides.
- Downward-facing dog, 4 breaths
> Fox. Sniff the ground.
- Child's pose, 4 breaths
> Hedgehog. Curl up until the footsteps are gone.
- Cobra, 4 breaths
> Slow worm. Look over the edge of the leaf.
- Child's pose, 4 breaths
> Rest shape: curl up small and breathe into the back.
- Butterfly, 4 breaths
> Moth. Flutter softly towards the lantern.
- Knees to chest, 4 breaths
> Snail. Pull in and rock a little.
- Supine twist, 4 breaths each side
> Rolling hill. Roll one way, then the other. Shake it out between the sides.
## The story once more
- Rag doll, 4 breaths
> Willow: who shows it?
- Half moon, 4 breaths each side
> Half moon: who shows it? Shake it out between the sides.
- Heel raise, 4 rounds
> Tiptoe to the gate: who shows it?
- Tall and small, 4 rounds
> Moonflower: who shows it?
- Garland, 4 breaths
> Toad: who shows it?
- Thread the needle, 4 breaths each side
> Spider: who shows it? Shake it out between the sides.
- Downward-facing dog, 4 breaths
> Fox: who shows it?
- Child's pose, 4 breaths
> Hedgehog: who shows it?
- Cobra, 4 breaths
> Slow worm: who shows it?
- Child's pose, 4 breaths
> Rest shape: curl up small and breathe into the back.
- Butterfly, 4 breaths
> Moth: who shows it?
- Knees to chest, 4 breaths
> Snail: who shows it?
- Supine twist, 4 breaths each side
> Rolling hill: who shows it? Shake it out between the sides.
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
- Final rest, flat on the back, 3 min
> Let the mat carry you. Feet are heavy, hands are heavy, the face is soft.
> Listen to the farthest sound. Then to the nearest: your own breath.
> Stay like this until the chime brings you back.
## Looking back
- Listening, 60 s
> Where did you feel it in the body? Show it with a hand.
> Trust. A worry gets smaller when I breathe, and when I tell somebody.
> For home: When a worry or anger comes: blow up the balloon three times, then tell someone you trust.
`,
  },
  {
    id: 'market-day',
    frame: 'children-9-12',
    about: 'A long lesson on the market square: strength, balance, and helping each other.',
    source: `# Market morning: doing it together, 9 to 12 years
minutes: 35
## Arriving
- Listening, 60 s
> When the chime sounds, put one hand up and listen until you cannot hear it any more. We play it three times: first with eyes open, then looking down, then guessing when it ends.
- Walking round the room, 2 min
> Walk round the room as if the floor were sand, then ice, then warm mud. At the chime: stand still where you are.
## Agreements and helpers
- Listening, 60 s
> My mat is my place, yours is yours.
> At the chime: pause, breathe, listen.
> We look after our own body and say when it is enough.
> Whoever wants a rest may curl up on the mat at any time, and come back when ready.
> One child plays the chime.
> Another child shows the cards.
> A third child leads the breath with the ball.
> Today we do things that go better when we look after each other.
## Breath game
- Blow out the candles, sitting on the floor, 3 rounds
> Five candles in a row. Turn your head slowly and blow them out, one after the other; so softly that the wax does not splash.
## Story: market morning
- Listening, 60 s
> It is early. The carts are coming and the stalls go up in the square.
- Side bend, 5 breaths each side
> Scales. Tip one side, then the other. Shake it out between the sides.
- Tall and small, 5 rounds
> Bread rising. Small dough, big loaf.
- Arms up with the breath, 5 rounds
> Putting up the awning. Pull it up: and down.
- Warrior two, 5 breaths each side
> Market stall. A long, strong table with both arms. Shake it out between the sides.
- Stork, 5 breaths each side
> Weathercock. Turn to the wind. Shake it out between the sides.
- Triangle, 5 breaths each side
> Ramp. Let the barrels roll down. Shake it out between the sides.
- Chair pose, 5 breaths
> Stool. Sit without one and count the coins.
- Mountain, 5 breaths
> Market tower. Stand tall, the whole square can see you.
- Bear, 5 rounds
> Delivery dog. Trot round the stalls.
- Table, 5 breaths
> Table. Carry a tray of eggs on your back.
- Circles from the seat, 5 rounds
> Millstone. Grind the flour, round and round.
- Wide-legged seat, 5 breaths
> Wheel of cheese. Wide and round.
- Boat, 5 breaths
> Fruit bowl. Hold all the apples.
- Seated twist, 5 breaths each side
> Busy seller. What is over there? And there? Shake it out between the sides.
- Bridge, 5 breaths
> Bridge to the square. Let the carts go over.
- Legs up the wall, 5 breaths
> Feet up. The market is over. Put your feet up.
## The story once more
- Side bend, 5 breaths each side
> Scales: who shows it? Shake it out between the sides.
- Tall and small, 5 rounds
> Bread rising: who shows it?
- Arms up with the breath, 5 rounds
> Putting up the awning: who shows it?
- Warrior two, 5 breaths each side
> Market stall: who shows it? Shake it out between the sides.
- Stork, 5 breaths each side
> Weathercock: who shows it? Shake it out between the sides.
- Triangle, 5 breaths each side
> Ramp: who shows it? Shake it out between the sides.
- Chair pose, 5 breaths
> Stool: who shows it?
- Mountain, 5 breaths
> Market tower: who shows it?
- Bear, 5 rounds
> Delivery dog: who shows it?
- Table, 5 breaths
> Table: who shows it?
- Circles from the seat, 5 rounds
> Millstone: who shows it?
- Wide-legged seat, 5 breaths
> Wheel of cheese: who shows it?
- Boat, 5 breaths
> Fruit bowl: who shows it?
- Seated twist, 5 breaths each side
> Busy seller: who shows it? Shake it out between the sides.
- Bridge, 5 breaths
> Bridge to the square: who shows it?
- Legs up the wall, 5 breaths
> Feet up: who shows it?
## Balance game
- Balance on body parts, two: both feet, low, 3 breaths
> Easier: a hand on the wall, or a toe that helps.
> Harder: look at one spot and do not blink while we count down.
- Balance on body parts, 3 breaths
- Balance on body parts, four: hands and knees, 3 breaths
- Balance on body parts, one: one foot, 3 breaths
## Quiet contest
- Hop and freeze, 5 rounds
> Hop five times, then freeze: who lands the most softly?
- Listening, 30 s
> Now the quiet contest: who is still so quiet that we hear the clock?
## Rest
- Final rest, flat on the back, 4 min
> Let the mat carry you. Feet are heavy, hands are heavy, the face is soft.
> Listen to the farthest sound. Then to the nearest: your own breath.
> Stay like this until the chime brings you back.
## Looking back
- Listening, 60 s
> Where did you feel it in the body? Show it with a hand.
> Friendship. I see how the others are, and help where I can.
> For home: Help somebody today before they ask.
`,
  },
];
