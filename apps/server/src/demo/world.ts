import { dateAfter, type Can, type Details, type OwnLimit } from '@lotus-steady/core';

/** An invented person of an invented hall. */
export interface DemoPerson {
  name: string;
  born: string;
  sex?: 'woman' | 'man';
  pronoun?: 'she' | 'he' | 'they';
  heightCm: number;
  can?: Partial<Can>;
  ranges?: Record<string, number>;
  screening?: Record<string, number>;
  conditions?: readonly (Details & { condition: string })[];
  limits?: readonly OwnLimit[];
}

export interface DemoClass {
  title: string;
  inDays: number;
  time: string;
  place: string;
  sequence: string;
  people: readonly string[];
}

/** A day in the week after `today` on which a weekday falls: 0 Sunday to 6 Saturday. */
export const daysUntil = (today: string, weekday: number): number => {
  const now = new Date(`${today}T12:00:00Z`).getUTCDay();
  return (weekday - now + 7) % 7;
};

/**
 * Nobody here is anybody. Dates are set from the day the demo is loaded, so that it is alive whenever it
 * starts.
 */
export function demoPeople(today: string): readonly DemoPerson[] {
  const inDays = (days: number): string => dateAfter(today, days);
  return [
    { name: 'Ines Fallow', born: '1984-05-19', sex: 'woman', pronoun: 'she', heightCm: 167 },
    { name: 'Tam Orrin', born: '1991-09-02', sex: 'man', pronoun: 'he', heightCm: 181 },
    { name: 'Lio Marchbank', born: '1979-01-23', sex: 'man', pronoun: 'he', heightCm: 176 },
    { name: 'Rowan Tidewell', born: '1988-11-30', heightCm: 172, ranges: { shoulderFlexionRight: 120 } },
    {
      name: 'Hollis Penny',
      born: '1994-03-08',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 168,
      conditions: [{ condition: 'pregnancy', dueDate: inDays(88) }],
    },
    {
      name: 'Perrin Ashlode',
      born: '1969-07-14',
      sex: 'man',
      pronoun: 'he',
      heightCm: 178,
      conditions: [{ condition: 'high-blood-pressure', reading: '152/94', readingOn: inDays(-36) }],
    },
    {
      name: 'Bram Sedgely',
      born: '1982-02-11',
      sex: 'man',
      pronoun: 'he',
      heightCm: 184,
      conditions: [{ condition: 'lumbar-disc', phase: 'settled', since: inDays(-58) }],
    },
    {
      name: 'Greta Loom',
      born: '1948-10-05',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 158,
      can: { floor: 'chair', practised: 'years' },
      screening: { fallsLastYear: 1, chairStands: 9 },
    },
    {
      name: 'Edda Wick',
      born: '1950-12-17',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 162,
      can: { floor: 'alone', practised: 'years' },
      screening: { fallsLastYear: 0, chairStands: 13, tandemSeconds: 10, oneLegSeconds: 18 },
    },
    {
      name: 'Odile Farrow',
      born: '1976-04-27',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 165,
      can: { stand: false, floor: 'no', kneel: false },
      conditions: [{ condition: 'wheelchair-user' }],
    },
    {
      name: 'Jory Pell',
      born: '1973-08-09',
      sex: 'man',
      pronoun: 'he',
      heightCm: 175,
      limits: [
        { kind: 'no-kneeling', by: 'Jory himself', why: 'a flare of the left knee', until: inDays(40) },
      ],
    },
    {
      name: 'Anselm Reed',
      born: '1944-01-31',
      sex: 'man',
      pronoun: 'he',
      heightCm: 170,
      can: { floor: 'no' },
      screening: { tugSeconds: 13.5 },
    },
    {
      name: 'Maud Carrow',
      born: '1941-06-12',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 154,
      can: { floor: 'no' },
      conditions: [{ condition: 'chair-user' }],
    },
    {
      name: 'Bertil Shaw',
      born: '1939-09-22',
      sex: 'man',
      pronoun: 'he',
      heightCm: 168,
      can: { floor: 'no' },
      conditions: [
        { condition: 'chair-user' },
        { condition: 'high-blood-pressure', control: 'controlled', reading: '134/82', readingOn: inDays(-6) },
      ],
    },
    {
      name: 'Selma Quist',
      born: '1947-03-03',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 160,
      screening: { fallsLastYear: 0, chairStands: 12 },
    },
    {
      name: 'Nell Harbin',
      born: '1992-12-01',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 163,
      conditions: [{ condition: 'pregnancy', dueDate: inDays(176) }],
    },
    {
      name: 'Petra Vane',
      born: '1989-07-07',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 171,
      conditions: [{ condition: 'pregnancy', dueDate: inDays(41) }],
    },
    {
      name: 'Wren Addleby',
      born: '1996-10-18',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 159,
      conditions: [{ condition: 'pregnancy', dueDate: inDays(133) }],
    },
    {
      name: 'Caspar Dunmore',
      born: '1970-05-05',
      sex: 'man',
      pronoun: 'he',
      heightCm: 180,
      conditions: [{ condition: 'lumbar-disc', phase: 'acute', since: inDays(-9) }],
    },
    {
      name: 'Ilse Farthing',
      born: '1963-11-11',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 166,
      conditions: [{ condition: 'lumbar-disc', phase: 'settled', since: inDays(-200) }],
    },
    { name: 'Pip Sandell', born: dateAfter(today, -365 * 7 - 40), heightCm: 122 },
    { name: 'Otti Brook', born: dateAfter(today, -365 * 5 - 20), heightCm: 110 },
    { name: 'Finn Larkin', born: dateAfter(today, -365 * 9 - 100), heightCm: 134 },
    { name: 'Juno Marsh', born: dateAfter(today, -365 * 8 - 10), heightCm: 128 },
  ];
}

const THURSDAY = `# Thursday Mixed
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
- Legs up the wall, 5 min
- Supine twist, 8 breaths each side
- Reclined butterfly, 4 min
- Final rest, 10 min
`;
const BACKS = `# Steady Backs
minutes: 45
## Arrive
- Final rest with knees over a bolster, 2 min
- Cat and cow, 8 rounds
## Work
- Opposite arm and leg, 4 breaths each side
- Cobra on the forearms, 5 breaths
- Locust, 4 breaths
- Child's pose, 5 breaths
- Low lunge, 4 breaths each side
- Half forward fold, 4 breaths
## Close
- Bridge, 5 breaths
- Supine twist, 6 breaths each side
- Final rest, 5 min
`;
const CHAIRS = `# Chairs by the Window
minutes: 40
- Seated breath, 10 breaths
- Cat and cow on a chair, 6 rounds
- Side bend on a chair, 3 breaths each side
- Seated twist, 3 breaths each side
- Chair leg stretch, 4 breaths each side
- Figure four, 4 breaths each side
- Chair fold, 4 breaths
- Chest lift on a chair, 3 breaths
- Half forward fold, 4 breaths
- Tree with a hand on the wall, 15 s each side
- Final rest on a chair, 5 min
`;
const BUMP = `# Bump and Breathe
minutes: 50
- Seated breath, 12 breaths
- Cat and cow, 8 rounds
- Downward-facing dog, 4 breaths
- Child's pose, 6 breaths
- Warrior two, 4 breaths each side
- Garland, 5 breaths
- Tree, 20 s each side
- Side bend, 4 breaths each side
- Bridge, 5 breaths
- Reclined butterfly, 1 min
- Final rest on the side, 8 min
`;
const ROCKPOOL = `# Rockpool Club
minutes: 30
- Seated breath, 6 breaths
- Cat and cow, 5 rounds
- Downward-facing dog, 4 breaths
- Cobra, 3 breaths
- Locust, 3 breaths
- Tree, 10 s each side
- Warrior two, 3 breaths each side
- Plank, 3 breaths
- Child's pose, 5 breaths
- Final rest, 3 min
`;

export const DEMO_SEQUENCES: readonly string[] = [THURSDAY, BACKS, CHAIRS, BUMP, ROCKPOOL];

const named = (people: readonly DemoPerson[], ...first: string[]): string[] =>
  first.map((name) => people.find((person) => person.name.startsWith(name))!.name);

/** This week's classes at Saltmarsh Hall. */
export function demoClasses(today: string): readonly DemoClass[] {
  const people = demoPeople(today);
  const place = 'Saltmarsh Hall';
  return [
    {
      title: 'Thursday Mixed',
      inDays: daysUntil(today, 4),
      time: '18:00',
      place,
      sequence: THURSDAY,
      people: named(
        people,
        'Ines',
        'Tam',
        'Lio',
        'Rowan',
        'Hollis',
        'Perrin',
        'Bram',
        'Greta',
        'Edda',
        'Odile',
        'Jory',
      ),
    },
    {
      title: 'Steady Backs',
      inDays: daysUntil(today, 1),
      time: '10:00',
      place,
      sequence: BACKS,
      people: named(people, 'Bram', 'Caspar', 'Ilse', 'Ines', 'Jory', 'Edda'),
    },
    {
      title: 'Chairs by the Window',
      inDays: daysUntil(today, 2),
      time: '11:00',
      place: 'Saltmarsh Hall, the long room',
      sequence: CHAIRS,
      people: named(people, 'Anselm', 'Maud', 'Bertil', 'Selma', 'Greta', 'Odile'),
    },
    {
      title: 'Bump and Breathe',
      inDays: daysUntil(today, 6),
      time: '09:30',
      place,
      sequence: BUMP,
      people: named(people, 'Hollis', 'Nell', 'Petra', 'Wren'),
    },
    {
      title: 'Rockpool Club',
      inDays: daysUntil(today, 3),
      time: '15:30',
      place,
      sequence: ROCKPOOL,
      people: named(people, 'Pip', 'Otti', 'Finn', 'Juno'),
    },
  ];
}
