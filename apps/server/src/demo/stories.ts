import { chanceFrom, dateAfter, type Chance, type Today } from '@lotus-steady/core';
import { demoPeople, type DemoPerson } from './people.js';

/** Pressure in mmHg: systolic, diastolic. */
type Pressure = readonly [number, number];

/** What an invented person's time at the hall was like. All days are days before the demo is loaded. */
interface Story {
  /** She came for the first time. */
  since: number;
  /** How she was known until a day, where that was otherwise than today; the earliest first. */
  earlier?: readonly { until: number; was: Partial<DemoPerson> }[];
  /** In which groups, from when, and until when where she no longer is. */
  comes: Readonly<Record<string, { from: number; until?: number }>>;
  /** 0 to 10, when she first came and today. */
  pain?: { from: number; to: number };
  pressure?: { from: Pressure; to: Pressure };
  /** What she eases now and then: poses as a plan calls them. */
  eases?: readonly string[];
  /** Where it hurts when she does. */
  hurts?: string;
  /** What has hurt each time since so many days ago. */
  flares?: { since: number; where: string; poses: readonly string[] };
  /** What the teacher writes down now and then. */
  words?: readonly string[];
}

/** Somebody as she was known from a day on. */
export interface PersonSince {
  on: string;
  person: DemoPerson;
}

/** How somebody was on a day in the past, and what was written down of her after class. */
export interface Visit {
  /** In which of her versions she was known: 1 is the first. */
  version: number;
  person: DemoPerson;
  today: Today;
  came: boolean;
  painBefore: number | null;
  painAfter: number | null;
  effort: number | null;
  pressureAfter: string | null;
  /** Poses as a plan calls them, and where they hurt. */
  eases: readonly { pose: string; where?: string }[];
  word: string;
}

const THURSDAY = 'Thursday Mixed';
const BACKS = 'Steady Backs';
const CHAIRS = 'Chairs by the Window';
const BUMP = 'Bump and Breathe';
const ROCKPOOL = 'Rockpool Club';

const storiesOn = (today: string): Readonly<Record<string, Story>> => {
  const ago = (days: number): string => dateAfter(today, -days);
  const pressureOf = (reading: string, days: number, more = {}) => ({
    conditions: [{ condition: 'high-blood-pressure', reading, readingOn: ago(days), ...more }],
  });
  const controlled = { control: 'controlled' };
  return {
    'Ines Fallow': { since: 400, comes: { [THURSDAY]: { from: 400 }, [BACKS]: { from: 300 } } },
    'Tam Orrin': {
      since: 700,
      comes: { [THURSDAY]: { from: 700 } },
      words: ['Stiff after the rowing season.', 'Triangle steady without the wall.'],
    },
    'Lio Marchbank': { since: 520, comes: { [THURSDAY]: { from: 520 } } },
    'Rowan Tidewell': {
      since: 330,
      earlier: [
        { until: 180, was: { ranges: { shoulderFlexionRight: 95 } } },
        { until: 62, was: { ranges: { shoulderFlexionRight: 108 } } },
      ],
      comes: { [THURSDAY]: { from: 330 } },
      pain: { from: 5, to: 1 },
      eases: ['Downward-facing dog', 'Plank'],
      hurts: 'shoulder-right',
      words: ['The right shoulder pinched in dog.', 'Dog on the chair back: no pinch.'],
    },
    'Hollis Penny': {
      since: 620,
      earlier: [{ until: 96, was: { conditions: [] } }],
      comes: { [THURSDAY]: { from: 620 }, [BUMP]: { from: 90 } },
      words: ['Tired, rested on the side early.', 'Slept better after the last class.'],
    },
    'Perrin Ashlode': {
      since: 250,
      earlier: [
        { until: 150, was: pressureOf('164/98', 250) },
        { until: 36, was: pressureOf('158/96', 150) },
      ],
      comes: { [THURSDAY]: { from: 250 } },
      pressure: { from: [162, 98], to: [150, 92] },
      words: ['Held the breath in plank; counted aloud with him.'],
    },
    'Bram Sedgely': {
      since: 640,
      earlier: [
        { until: 80, was: { conditions: [] } },
        { until: 58, was: { conditions: [{ condition: 'lumbar-disc', phase: 'acute', since: ago(80) }] } },
      ],
      comes: { [THURSDAY]: { from: 640 }, [BACKS]: { from: 640 } },
      pain: { from: 3, to: 2 },
      eases: ['Standing forward fold', 'Cobra on the forearms'],
      hurts: 'low-back',
      words: ['The back spoke up in the forward fold.', 'Bridge feels good.'],
    },
    'Greta Loom': {
      since: 410,
      earlier: [
        { until: 220, was: { screening: { fallsLastYear: 2, chairStands: 7 } } },
        { until: 40, was: { screening: { fallsLastYear: 1, chairStands: 8 } } },
      ],
      comes: { [CHAIRS]: { from: 410 }, [THURSDAY]: { from: 380 } },
      eases: ['Tree', 'Sit to stand, with hands'],
      words: ['Stood up eight times without a rest.', 'A little afraid in Tree; wall at hand.'],
    },
    'Edda Wick': {
      since: 730,
      earlier: [{ until: 395, was: { screening: { fallsLastYear: 0, chairStands: 12 } } }],
      comes: { [THURSDAY]: { from: 730 }, [BACKS]: { from: 500 } },
      flares: { since: 20, where: 'low-back', poses: ["Child's pose", 'Standing forward fold'] },
    },
    'Odile Farrow': {
      since: 560,
      comes: { [CHAIRS]: { from: 560 }, [THURSDAY]: { from: 420 } },
      words: ['Shoulders tired from the week; fewer rounds.'],
    },
    'Jory Pell': {
      since: 480,
      earlier: [{ until: 20, was: { limits: [] } }],
      comes: { [THURSDAY]: { from: 480 }, [BACKS]: { from: 260 } },
      pain: { from: 2, to: 3 },
      eases: ['Cat and cow', 'Low lunge'],
      words: ['The left knee is warm again.'],
    },
    'Anselm Reed': {
      since: 390,
      earlier: [
        { until: 190, was: { screening: { tugSeconds: 16.2 } } },
        { until: 25, was: { screening: { tugSeconds: 14.8 } } },
      ],
      comes: { [CHAIRS]: { from: 390 } },
      words: ['Walked to the window and back without his stick.'],
    },
    'Maud Carrow': { since: 720, comes: { [CHAIRS]: { from: 720 } }, words: ['Sang along while humming.'] },
    'Bertil Shaw': {
      since: 700,
      earlier: [
        {
          until: 270,
          was: {
            conditions: [{ condition: 'chair-user' }, ...pressureOf('146/88', 700, controlled).conditions],
          },
        },
        {
          until: 6,
          was: {
            conditions: [{ condition: 'chair-user' }, ...pressureOf('138/84', 270, controlled).conditions],
          },
        },
      ],
      comes: { [CHAIRS]: { from: 700 } },
      pressure: { from: [146, 88], to: [134, 82] },
    },
    'Selma Quist': {
      since: 240,
      earlier: [{ until: 20, was: { screening: { fallsLastYear: 0, chairStands: 11 } } }],
      comes: { [CHAIRS]: { from: 240 } },
    },
    'Nell Harbin': { since: 60, comes: { [BUMP]: { from: 60 } } },
    'Petra Vane': { since: 150, comes: { [BUMP]: { from: 150 } }, words: ['Heartburn lying down; sat up.'] },
    'Wren Addleby': { since: 90, comes: { [BUMP]: { from: 90 } } },
    'Caspar Dunmore': {
      since: 200,
      earlier: [{ until: 9, was: { conditions: [] } }],
      comes: { [BACKS]: { from: 200 } },
      pain: { from: 2, to: 6 },
      words: ['Came straight from the boat yard, stiff.'],
    },
    'Ilse Farthing': {
      since: 190,
      comes: { [BACKS]: { from: 190 } },
      pain: { from: 5, to: 2 },
      eases: ['Locust', 'Half forward fold'],
      words: ['No pain in the leg this week.', 'Twist to both sides alike.'],
    },
    'Pip Sandell': {
      since: 700,
      earlier: [
        { until: 360, was: { heightCm: 110 } },
        { until: 170, was: { heightCm: 116 } },
      ],
      comes: { [ROCKPOOL]: { from: 700 } },
      words: ['Won the quietest contest.'],
    },
    'Otti Brook': {
      since: 300,
      earlier: [{ until: 150, was: { heightCm: 105 } }],
      comes: { [ROCKPOOL]: { from: 300 } },
    },
    'Finn Larkin': {
      since: 690,
      earlier: [{ until: 200, was: { heightCm: 128 } }],
      comes: { [ROCKPOOL]: { from: 690 } },
      words: ['Rang the arrival chime.'],
    },
    'Juno Marsh': {
      since: 420,
      earlier: [{ until: 200, was: { heightCm: 122 } }],
      comes: { [ROCKPOOL]: { from: 420 } },
    },
    'Linnet Sallow': {
      since: 320,
      earlier: [
        { until: 97, was: { conditions: [{ condition: 'pregnancy', dueDate: ago(95) }] } },
        {
          until: 50,
          was: {
            conditions: [
              { condition: 'after-birth', gaveBirth: ago(97), birthKind: 'vaginal', separationFingers: 4 },
              { condition: 'migraine', between: true },
            ],
          },
        },
      ],
      comes: { [BUMP]: { from: 280, until: 110 } },
    },
    'Corin Thrale': {
      since: 460,
      earlier: [{ until: 120, was: { screening: { fallsLastYear: 2, tugSeconds: 15.6, tandemSeconds: 4 } } }],
      comes: { [CHAIRS]: { from: 460 } },
    },
    'Merle Kestin': {
      since: 590,
      comes: { [THURSDAY]: { from: 590 } },
      pain: { from: 4, to: 3 },
      eases: ['Plank', 'Cat and cow'],
      words: ['Fists instead of flat hands.', 'A flare in the fingers; all on the chair.'],
    },
    'Tobin Ashgrove': { since: 130, comes: { [CHAIRS]: { from: 130 } } },
    'Runa Thorne': { since: 170, comes: { [THURSDAY]: { from: 170 } } },
  };
};

/** Of those who are down for a class so many come, of 1. */
const COMES = 0.86;
/** So often a word is written down of somebody who came, and a step eased, of 1. */
const WRITES = 0.14;
const EASES = 0.3;
/** Pain is up and down by this much from one class to the next, points. */
const PAIN_MOVES = 1.4;
/** A reading is up and down by this much, mmHg. */
const PRESSURE_MOVES = 7;

/** What was known of somebody by a day: since when a fact is known is told of what was known by then. */
const knownBy = (person: DemoPerson, on: string): DemoPerson =>
  person.intake?.dated
    ? {
        ...person,
        intake: {
          ...person.intake,
          dated: Object.fromEntries(
            Object.entries(person.intake.dated).filter(([, { on: since }]) => since <= on),
          ),
        },
      }
    : person;

/** As whom each was known from when, the earliest first. @returns by name */
export function demoVersions(today: string): ReadonlyMap<string, readonly PersonSince[]> {
  const stories = storiesOn(today);
  return new Map(
    demoPeople(today).map((person) => {
      const { since, earlier = [] } = stories[person.name]!;
      const from = [since, ...earlier.map(({ until }) => until)];
      return [
        person.name,
        [...earlier.map(({ was }) => ({ ...person, ...was })), person].map((known, i) => {
          const on = dateAfter(today, -from[i]!);
          // What an intake tells without a date was told when she first came.
          return { on, person: i < earlier.length ? knownBy(known, on) : known };
        }),
      ];
    }),
  );
}

const seedOf = (words: string): number =>
  [...words].reduce((seed, letter) => Math.imul(seed, 31) + letter.charCodeAt(0), 7);
const between = (from: number, to: number, part: number): number => from + (to - from) * part;
const moved = (by: number, chance: Chance): number => (chance() * 2 - 1) * by;
const painOf = (points: number): number => Math.min(10, Math.max(0, Math.round(points)));

/**
 * Who was down for a class of a group on a day in the past, and how it was for each.
 *
 * @param on `YYYY-MM-DD`, before `today`
 * @returns by name; nobody where the group did not meet
 */
export function demoVisits(title: string, on: string, today: string): ReadonlyMap<string, Visit> {
  const days = (Date.parse(today) - Date.parse(on)) / 86_400_000;
  const stories = storiesOn(today);
  const visits = new Map<string, Visit>();
  if (isHoliday(title, on)) return visits;
  for (const [name, versions] of demoVersions(today)) {
    const { since, comes, pain, pressure, eases = [], hurts: hurtsAt, flares, words = [] } = stories[name]!;
    const member = comes[title];
    if (!member || days > member.from || days < (member.until ?? 0)) continue;
    const chance = chanceFrom(seedOf(`${name} ${days}`));
    const version = versions.filter((known) => known.on <= on).length;
    const part = 1 - days / since;
    const came = chance() < COMES;
    const hurts = pain && came ? between(pain.from, pain.to, part) + moved(PAIN_MOVES, chance) : undefined;
    const mmHg = [0, 1].map(
      (i) =>
        pressure &&
        Math.round(between(pressure.from[i]!, pressure.to[i]!, part) + moved(PRESSURE_MOVES, chance)),
    );
    visits.set(name, {
      version,
      person: versions[version - 1]!.person,
      today: {
        ...(hurts === undefined ? {} : { pain: painOf(hurts) }),
        ...(pressure && came ? { bp: mmHg.join('/') } : {}),
        ...(came ? { asked: true } : {}),
      },
      came,
      painBefore: hurts === undefined ? null : painOf(hurts),
      painAfter: hurts === undefined ? null : painOf(hurts - 0.7 + moved(PAIN_MOVES / 2, chance)),
      eases: came
        ? [...eases.filter(() => chance() < EASES).map(hurtingAt(hurtsAt)), ...flaredUp(flares, days)]
        : [],
      word: came && chance() < WRITES ? (words[Math.floor(chance() * words.length)] ?? '') : '',
      effort: came ? 2 + Math.round(chance() * 1.4) : null,
      pressureAfter:
        pressure && came ? mmHg.map((reading) => Math.round(reading! - 3 - chance() * 6)).join('/') : null,
    });
  }
  return visits;
}

const hurtingAt = (where: string | undefined) => (pose: string) => ({ pose, ...(where ? { where } : {}) });

const flaredUp = (flares: Story['flares'], days: number) =>
  flares && days <= flares.since ? flares.poses.map(hurtingAt(flares.where)) : [];

/** Between the years nobody meets; children do not in their summer. */
function isHoliday(title: string, on: string): boolean {
  const day = on.slice(5);
  return day >= '12-22' || day <= '01-03' || (title === ROCKPOOL && day >= '07-20' && day <= '08-31');
}
