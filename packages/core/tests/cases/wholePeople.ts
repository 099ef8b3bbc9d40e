/**
 * Whole people, invented, and what a class may and may not bring them. `keeps`: steps by number that stay as they are
 * written. `never`: ways that must not be chosen anywhere in the class. `floor`: down to the floor or not at all.
 * `is`: what must be chosen at a step. Common practice, no published source, unless said.
 */
export interface WholePerson {
  who: string;
  person: Record<string, unknown>;
  keeps?: readonly number[];
  never?: RegExp;
  floor?: false;
  is?: Readonly<Record<number, RegExp>>;
  /** Someone helps where there is no way down or up alone. */
  helped?: true;
  /** Stays away: every step is rest. */
  away?: true;
}

/** The class they all come to. */
export const WHOLE_CLASS = `# Whole
- Mountain, 5 breaths
- Cat and cow, 6 rounds
- Downward-facing dog, 5 breaths
- Plank, 4 breaths
- Locust, 4 breaths
- Tree, 30 s each side
- Warrior two, 5 breaths each side
- Chair pose, 4 breaths
- Garland, 4 breaths
- Standing forward fold, 4 breaths
- Half moon, 4 breaths each side
- Bow, 4 breaths
- Boat, 4 breaths
- Bridge, 5 breaths
- Knees to chest, 6 breaths
- Supine twist, 6 breaths each side
- Sit to stand, 6 rounds
- Final rest, 6 min`;

const EVERYTHING = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18];
/** On the floor or down to it. */
const ON_HANDS =
  /^(plank\.(full|knees)|downward-facing-dog\.(full|bent-knees|wide-short)|four-limbed|side-plank|table|opposite-arm|half-moon\.block)/;
/** Alone on one leg, no hand on anything. */
const FREE_ON_ONE_LEG =
  /^(tree\.(full|foot-low)|half-moon\.block|warrior-three\.(full|hands)|stork\.free|side-leg-lift\.free|body-part-balance\.one|dancer\.full|one-legged-chair\.free|eagle\.toe)/;
const HELD_UPSIDE_DOWN = /^(shoulder-stand|headstand|plough|wall-half)/;

const all = (...patterns: RegExp[]): RegExp => new RegExp(patterns.map(({ source }) => source).join('|'));

const years = { practised: 'years' };

export const WHOLE_PEOPLE: readonly WholePerson[] = [
  {
    who: 'healthy, 30, a year of practice: everything',
    person: { born: '1996-05-01', sex: 'woman', can: { floor: 'alone', practised: 'years' } },
    keeps: EVERYTHING,
  },
  {
    who: 'healthy man of 45, nothing known of his practice: everything',
    person: { born: '1981-05-01', sex: 'man', heightCm: 182 },
    keeps: EVERYTHING,
  },
  {
    who: 'nobody knows anything of her',
    person: {},
    keeps: EVERYTHING,
  },
  {
    who: 'a first class at 38: nothing that takes weeks',
    person: { born: '1988-02-01', can: { practised: 'new' } },
    keeps: [1, 2, 3, 4, 6, 7, 8, 10, 14, 15, 16, 17, 18],
    never: /^(bow\.full|boat\.full|half-moon\.block)/,
  },
  {
    who: 'fit at 70, tested well, practised for years: all but a chair within reach',
    person: {
      born: '1956-03-01',
      sex: 'woman',
      can: { floor: 'alone', ...years },
      screening: { fallsLastYear: 0, chairStands: 15, tugSeconds: 7, oneLegSeconds: 20 },
    },
    keeps: [1, 2, 3, 4, 5, 7, 8, 9, 10, 13, 14, 15, 16, 17, 18],
    is: { 6: /^tree\.full/, 11: /^half-moon\.block/ },
  },
  {
    who: 'fit man of 76, tested well',
    person: {
      born: '1950-03-01',
      sex: 'man',
      can: { floor: 'alone', ...years },
      screening: { fallsLastYear: 0, chairStands: 16, tugSeconds: 8, oneLegSeconds: 15 },
    },
    keeps: [1, 2, 3, 4, 5, 7, 8, 9, 10, 13, 14, 16, 17, 18],
    is: { 6: /^tree\.full/ },
  },
  {
    who: '68, nothing tested: the balance stays, with something within reach (CLINICAL 57)',
    person: { born: '1958-03-01' },
    keeps: [1, 2, 3, 4, 5, 7, 10, 14, 15, 16, 17, 18],
    is: { 6: /^tree\.full/ },
    never: /^(bow\.full|camel\.heels)/,
  },
  {
    who: '77, a fall last year: a hand in every balance, down with a chair',
    person: { born: '1949-03-01', sex: 'woman', screening: { fallsLastYear: 1 } },
    never: all(FREE_ON_ONE_LEG, /^(bow\.full|camel\.heels)/, HELD_UPSIDE_DOWN),
    keeps: [1, 2, 7, 17],
  },
  {
    who: '84, two falls, up-and-go 17 s, 5 chair stands: chair and standing, a hand on something',
    person: {
      born: '1942-03-01',
      sex: 'woman',
      screening: { fallsLastYear: 2, tugSeconds: 17, chairStands: 5 },
    },
    floor: false,
    never: all(ON_HANDS, FREE_ON_ONE_LEG, /^(bow|boat\.(full|shins)|garland\.full|bridge)/),
    keeps: [1, 7],
  },
  {
    who: '84, the same, but gets up from the floor alone: the floor is hers',
    person: {
      born: '1942-03-01',
      sex: 'woman',
      can: { floor: 'alone' },
      screening: { fallsLastYear: 2, tugSeconds: 17, chairStands: 5 },
    },
    never: all(FREE_ON_ONE_LEG, /^(plank\.full|bow\.full|boat\.full|garland\.full)/),
    keeps: [1, 14, 18],
  },
  {
    who: '95, and nothing else is known',
    person: { born: '1931-03-01' },
    floor: false,
    never: all(ON_HANDS, FREE_ON_ONE_LEG, /^(bow|boat\.(full|shins)|garland\.full)/),
  },
  {
    who: '88, practises every day, all told: what she can do is not taken away',
    person: {
      born: '1938-03-01',
      sex: 'woman',
      can: { floor: 'alone', chair: 'free', ...years },
      screening: { fallsLastYear: 0, chairStands: 13, tugSeconds: 9, oneLegSeconds: 12 },
    },
    keeps: [1, 2, 5, 7, 10, 14, 15, 16, 17, 18],
    is: { 6: /^tree\.full/ },
  },
  {
    who: 'rises from a chair with the hands',
    person: { born: '1955-03-01', can: { chair: 'hands', floor: 'chair' } },
    never: /^(sit-to-stand\.chair|chair-pose\.full|garland\.full|goddess\.full)$/,
  },
  {
    who: 'walks with a frame: stands with a hand on something',
    person: { born: '1944-03-01', can: { walks: 'frame', chair: 'hands' } },
    floor: false,
    never: all(
      ON_HANDS,
      FREE_ON_ONE_LEG,
      /^(warrior-two\.(full|short)|chair-pose\.full|mountain\.(full|wide))/,
    ),
  },
  {
    // Getting down without hands is not in the catalogue: someone helps.
    who: 'no weight on the hands',
    helped: true,
    person: { born: '1980-03-01', can: { hands: false } },
    never: all(ON_HANDS, /^(cobra\.full|upward-facing)/),
    keeps: [1, 6, 7, 8, 9, 13, 15, 18],
  },
  {
    who: 'does not reach overhead',
    person: { born: '1975-03-01', can: { overhead: false } },
    never: /^(downward-facing-dog\.|tree\.full|chair-pose\.full|puppy)/,
  },
  {
    who: 'does not lie flat',
    person: { born: '1975-03-01', can: { flat: false } },
    never: /^(bridge\.full|final-rest\.flat|supine-twist|knees-to-chest\.both)/,
    keeps: [1, 2, 3, 4, 5, 6, 7, 8],
  },
  {
    who: 'right leg does not move by itself',
    person: { born: '1980-03-01', can: { limbs: { rightLeg: 'still' } } },
    floor: false,
    never: all(
      ON_HANDS,
      FREE_ON_ONE_LEG,
      /^(warrior-two\.(full|short)|chair-pose|garland\.(full|block)|bow|boat)/,
    ),
  },
  {
    who: 'left arm does not move by itself',
    person: { born: '1980-03-01', can: { limbs: { leftArm: 'still' } } },
    never: /^(plank|downward-facing-dog\.|bow|four-limbed|table\.hands)/,
    keeps: [1, 18],
  },
  {
    who: 'right leg weak: no real strength is asked of it',
    person: { born: '1970-03-01', can: { limbs: { rightLeg: 'weak' } } },
    never: /^(chair-pose\.full|garland\.full)$/,
    keeps: [1, 2, 18],
  },
  {
    who: 'hip replaced five days ago: not in class',
    person: { born: '1958-03-01', conditions: [{ condition: 'hip replacement', operatedOn: '2026-11-26' }] },
    away: true,
  },
  {
    who: 'hip replaced three years ago, cleared: warrior as written',
    person: {
      born: '1966-03-01',
      conditions: [{ condition: 'hip replacement', operatedOn: '2023-10-01', cleared: true }],
    },
    keeps: [1, 2, 7, 14, 18],
  },
  {
    who: 'heart attack three weeks ago, no clearance: breath, small joints, rest',
    person: { born: '1960-03-01', conditions: [{ condition: 'heart attack', since: '2026-11-10' }] },
    floor: false,
    never: all(ON_HANDS, /^(warrior|chair-pose|bridge|boat|bow|locust|tree)/),
  },
  {
    who: '22 weeks pregnant, practised before: standing stays',
    person: {
      born: '1994-03-01',
      sex: 'woman',
      can: { floor: 'alone', ...years },
      conditions: [{ condition: 'pregnancy', dueDate: '2027-04-06' }],
    },
    keeps: [1, 7, 8, 9],
    never: /^(locust|bow|boat\.(full|shins)|final-rest\.(flat|prone))/,
  },
  {
    who: 'pressure controlled at 128/78: the dog is hers',
    person: {
      born: '1972-03-01',
      conditions: [
        {
          condition: 'high blood pressure',
          control: 'controlled',
          reading: '128/78',
          readingOn: '2026-11-25',
        },
      ],
    },
    keeps: [1, 3, 6, 7, 8, 10, 14, 18],
    never: HELD_UPSIDE_DOWN,
  },
  {
    who: 'acute disc: no rounding, no turning',
    person: { born: '1980-03-01', conditions: [{ condition: 'lumbar disc', phase: 'acute' }] },
    never:
      /^(standing-forward-fold\.full|supine-twist\.|boat\.(full|shins)|seated-forward|knees-to-chest\.both)/,
  },
  {
    who: 'settled disc, practised for years',
    person: {
      born: '1980-03-01',
      can: years,
      conditions: [{ condition: 'lumbar disc', phase: 'settled', since: '2026-05-01' }],
    },
    keeps: [1, 3, 4, 6, 7, 14, 18],
  },
  {
    who: 'osteoporosis, 72, tested well: no loaded rounding; strong standing stays',
    person: {
      born: '1954-03-01',
      sex: 'woman',
      can: { floor: 'alone', ...years },
      screening: { fallsLastYear: 0, chairStands: 14, oneLegSeconds: 18 },
      conditions: [{ condition: 'low bone density', tScore: '-2.8' }],
    },
    keeps: [1, 7, 8, 14, 17],
    never: /^(seated-forward-fold\.full$|standing-forward-fold\.full$|boat\.full|plough)/,
  },
  {
    who: 'a child of 7',
    person: { born: '2019-06-01', heightCm: 122 },
    never: HELD_UPSIDE_DOWN,
  },
  {
    who: 'uses a wheelchair: a chair class',
    person: {
      born: '1976-04-27',
      can: { stand: false, floor: 'no', kneel: false },
      conditions: ['wheelchair'],
    },
    floor: false,
    never: all(ON_HANDS, FREE_ON_ONE_LEG, /^(warrior-two\.(full|short)|sit-to-stand|mountain\.(full|wide))/),
  },
  {
    who: 'glaucoma: no head below the heart for long',
    person: { born: '1968-03-01', conditions: ['glaucoma'] },
    never: all(HELD_UPSIDE_DOWN, /^(downward-facing-dog\.full|standing-forward-fold\.full)$/),
    keeps: [1, 6, 7, 9, 14],
  },
];
