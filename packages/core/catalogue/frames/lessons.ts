/** Children's lessons: their parts, and the words to say. Common practice, no published source; the words are our own. */
import type { BreathGame, LessonAim, LessonBand, LessonWords } from '../../src/authoring/frameWords.js';

const BALLOON: BreathGame = {
  variant: 'balloon-breath.cross-legged',
  says: 'Hands in front of the mouth. Breathe in and blow up a balloon as big as your arms: three times. At the third, let it fly.',
};
const CANDLES: BreathGame = {
  variant: 'candle-breath.floor',
  rounds: true,
  says: 'Five candles in a row. Turn your head slowly and blow them out, one after the other; so softly that the wax does not splash.',
};
const HUM: BreathGame = {
  variant: 'humming-breath.cross-legged',
  says: 'Breathe in through the nose, and hum on one note until the air is gone. Feel with your hands where it tickles.',
};

export const LESSON_BANDS: readonly LessonBand[] = [
  {
    id: '3-5',
    name: '3 to 5 years',
    years: [4, 5],
    heightCm: 106,
    minutes: { least: 10, usual: 15, most: 20 },
    breaths: 2,
    shapes: 10,
    agreements: ['We stay on our own mat.', 'We listen when the chime sings.', 'We are kind with hands and words.'],
    balances: ['body-part-balance.four', 'body-part-balance.three', 'body-part-balance.four'],
    rest: 120,
  },
  {
    id: '6-8',
    name: '6 to 8 years',
    years: [6, 8],
    heightCm: 124,
    minutes: { least: 15, usual: 30, most: 30 },
    breaths: 4,
    shapes: 12,
    agreements: ['Everybody has a place, and keeps to it.', 'When the chime sounds we stop and listen.', 'We try, and nobody laughs at a wobble.'],
    balances: ['body-part-balance.two-feet', 'body-part-balance.three', 'body-part-balance.four', 'body-part-balance.two-feet'],
    rest: 180,
  },
  {
    id: '9-12',
    name: '9 to 12 years',
    years: [9, 12],
    heightCm: 142,
    minutes: { least: 20, usual: 40, most: 40 },
    breaths: 5,
    shapes: 18,
    agreements: ['My mat is my place, yours is yours.', 'At the chime: pause, breathe, listen.', 'We look after our own body and say when it is enough.'],
    balances: ['body-part-balance.two-feet', 'body-part-balance.three', 'body-part-balance.four', 'body-part-balance.one'],
    rest: 240,
  },
];

export const LESSON_AIMS: readonly LessonAim[] = [
  {
    id: 'calm',
    name: 'Becoming calm',
    actions: ['settle', 'breathe'],
    energy: 'settling',
    told: 'Today we find out how to become calm when everything whirls.',
    value: 'Calm. Even a storm goes quiet in the end, and so can I.',
    home: 'Breathe like today, three times, before you go to sleep.',
    breaths: [BALLOON, HUM],
  },
  {
    id: 'attention',
    name: 'Paying attention',
    actions: ['balance'],
    told: 'Today we practise looking and listening for one thing at a time.',
    value: 'Attention. I do one thing, and I do it with all of me.',
    home: 'Find three sounds on the way home that nobody else has heard.',
    breaths: [CANDLES, HUM],
  },
  {
    id: 'courage',
    name: 'Courage',
    actions: ['strengthen'],
    energy: 'lifting',
    told: 'Today we try what looks difficult, and see how strong we are already.',
    value: 'Courage. I may be afraid, and try it all the same.',
    home: 'Do one thing that you have put off, and tell somebody about it.',
    breaths: [BALLOON, CANDLES],
  },
  {
    id: 'worry',
    name: 'A breath for worries',
    actions: ['breathe', 'settle'],
    energy: 'settling',
    told: 'Everybody worries sometimes. Today we learn a breath that you can keep in your pocket.',
    value: 'Trust. A worry gets smaller when I breathe, and when I tell somebody.',
    home: 'When a worry or anger comes: blow up the balloon three times, then tell someone you trust.',
    breaths: [BALLOON],
  },
  {
    id: 'together',
    name: 'Doing it together',
    actions: ['mobilise', 'balance'],
    told: 'Today we do things that go better when we look after each other.',
    value: 'Friendship. I see how the others are, and help where I can.',
    home: 'Help somebody today before they ask.',
    breaths: [CANDLES, BALLOON],
  },
];

export const LESSON_WORDS: LessonWords = {
  signal:
    'When the chime sounds, put one hand up and listen until you cannot hear it any more. We play it three times: first with eyes open, then looking down, then guessing when it ends.',
  walk: 'Walk round the room as if the floor were sand, then ice, then warm mud. At the chime: stand still where you are.',
  helpers: ['plays the chime', 'shows the cards', 'leads the breath with the ball'],
  restShape: 'Whoever wants a rest may curl up on the mat at any time, and come back when ready.',
  ownStory: 'Today the story is yours: each of you puts one shape in, and says what happens there.',
  between: 'Shake it out between the sides.',
  curlUp: 'Rest shape: curl up small and breathe into the back.',
  balance: {
    easier: 'Easier: a hand on the wall, or a toe that helps.',
    harder: 'Harder: look at one spot and do not blink while we count down.',
  },
  quiet: {
    hop: 'Hop five times, then freeze: who lands the most softly?',
    still: 'Now the quiet contest: who is still so quiet that we hear the clock?',
  },
  rest: [
    'Let the mat carry you. Feet are heavy, hands are heavy, the face is soft.',
    'Listen to the farthest sound. Then to the nearest: your own breath.',
    'Stay like this until the chime brings you back.',
  ],
  felt: 'Where did you feel it in the body? Show it with a hand.',
};
