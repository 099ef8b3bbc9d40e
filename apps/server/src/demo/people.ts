import { dateAfter, type Can, type Details, type Intake, type OwnLimit } from '@lotus-steady/core';

/** An invented person of an invented hall. */
export interface DemoPerson {
  name: string;
  born: string;
  sex?: 'woman' | 'man';
  pronoun?: 'she' | 'he' | 'they';
  heightCm: number;
  weightKg?: number;
  can?: Partial<Can>;
  ranges?: Record<string, number>;
  screening?: Record<string, number>;
  conditions?: readonly (Details & { condition: string })[];
  limits?: readonly OwnLimit[];
  intake?: Intake;
}

/**
 * Nobody here is anybody. Dates are set from the day the demo is loaded, so that it is alive whenever it
 * starts.
 */
export function demoPeople(today: string): readonly DemoPerson[] {
  const told = toldOnComing(today);
  return knownPeople(today).map((person) => ({
    ...person,
    ...(told[person.name] ? { intake: told[person.name] } : {}),
  }));
}

/** What some of them told when they first came, and since when things are known of them. */
function toldOnComing(today: string): Readonly<Record<string, Intake>> {
  const ago = (days: number, from: 'said' | 'measured' | 'letter') => ({ on: dateAfter(today, -days), from });
  return {
    'Greta Loom': {
      why: 'I fell on the ferry steps and want to trust my feet again.',
      hopes: ['balance', 'strength'],
      dated: {
        'can.floor': ago(410, 'said'),
        'screening.fallsLastYear': ago(40, 'said'),
        'screening.chairStands': ago(40, 'measured'),
      },
      asked: ['who', 'why', 'health', 'dates', 'body', 'hurts', 'can', 'hopes', 'consent'],
      consent: {
        words: 'What I have told is kept so that classes can be fitted to me.',
        on: dateAfter(today, -410),
        by: 'Maren Tolliver',
      },
    },
    'Edda Wick': {
      why: 'To go on walking the dyke.',
      hopes: ['move-easily', 'balance'],
      dated: {
        'screening.chairStands': ago(395, 'measured'),
        'screening.oneLegSeconds': ago(395, 'measured'),
      },
    },
    'Hollis Penny': {
      why: 'A first child, and a back that wants to move.',
      hopes: ['pelvic-floor', 'breath', 'back'],
      dated: { 'conditions.pregnancy': ago(96, 'letter') },
      asked: ['who', 'why', 'health', 'dates'],
    },
    'Rowan Tidewell': {
      why: 'The right shoulder, since the boat yard.',
      hopes: ['neck-shoulders'],
      dated: { 'ranges.shoulderFlexionRight': ago(62, 'measured') },
    },
    'Bram Sedgely': {
      why: 'The back, and sitting at a desk again.',
      hopes: ['back', 'strength'],
      dated: { 'conditions.lumbar-disc': ago(58, 'letter') },
    },
    'Perrin Ashlode': {
      why: 'The doctor said: move.',
      hopes: ['calm', 'lively'],
      dated: { 'conditions.high-blood-pressure': ago(36, 'said') },
    },
    'Odile Farrow': { why: 'Strong arms and a quiet head.', hopes: ['strength', 'calm'] },
    'Selma Quist': {
      hopes: ['balance'],
      dated: { 'screening.chairStands': ago(20, 'measured'), 'screening.fallsLastYear': ago(20, 'said') },
    },
  };
}

function knownPeople(today: string): readonly DemoPerson[] {
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
      weightKg: 97,
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
      weightKg: 74,
      can: { floor: 'chair', practised: 'years' },
      screening: { fallsLastYear: 1, chairStands: 9 },
    },
    {
      name: 'Edda Wick',
      born: '1950-12-17',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 162,
      weightKg: 63,
      can: { floor: 'alone', practised: 'years' },
      screening: { fallsLastYear: 0, chairStands: 13, tandemSeconds: 10, oneLegSeconds: 18 },
    },
    {
      name: 'Odile Farrow',
      born: '1976-04-27',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 165,
      weightKg: 66,
      can: { stand: false, floor: 'no', kneel: false },
      conditions: [{ condition: 'wheelchair-user' }],
    },
    {
      name: 'Jory Pell',
      born: '1973-08-09',
      sex: 'man',
      pronoun: 'he',
      heightCm: 175,
      weightKg: 84,
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
      weightKg: 58,
      can: { floor: 'no' },
      conditions: [{ condition: 'chair-user' }],
    },
    {
      name: 'Bertil Shaw',
      born: '1939-09-22',
      sex: 'man',
      pronoun: 'he',
      heightCm: 168,
      weightKg: 86,
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
      weightKg: 81,
      conditions: [{ condition: 'lumbar-disc', phase: 'settled', since: inDays(-200) }],
    },
    {
      name: 'Linnet Sallow',
      born: '1991-04-02',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 169,
      weightKg: 71,
      can: { floor: 'alone', chair: 'free', practised: 'months', flat: true, hands: true, oneLeg: 'long' },
      conditions: [
        {
          condition: 'after-birth',
          gaveBirth: inDays(-97),
          birthKind: 'vaginal',
          cleared: true,
          separationFingers: 2,
        },
        { condition: 'pelvic-organ-prolapse' },
        { condition: 'migraine', between: true },
      ],
    },
    {
      name: 'Corin Thrale',
      born: '1958-02-20',
      sex: 'man',
      pronoun: 'he',
      heightCm: 174,
      weightKg: 92,
      can: {
        floor: 'no',
        chair: 'hands',
        walks: 'stick',
        oneLeg: 'no',
        overhead: false,
        practised: 'months',
      },
      screening: { fallsLastYear: 1, tugSeconds: 14.2, tandemSeconds: 6 },
      conditions: [
        { condition: 'glaucoma', advanced: false },
        { condition: 'diabetes', insulin: false, numbFeet: true },
        { condition: 'neck-arthritis' },
      ],
    },
    {
      name: 'Merle Kestin',
      born: '1968-08-30',
      sex: 'woman',
      pronoun: 'she',
      heightCm: 161,
      weightKg: 68,
      can: { floor: 'chair', kneel: false, hands: false, sits: false, oneLeg: 'moment', practised: 'years' },
      ranges: { shoulderFlexionLeft: 110 },
      conditions: [
        { condition: 'rheumatoid-arthritis', phase: 'settled', years: 9 },
        { condition: 'frozen-shoulder', side: 'left' },
        { condition: 'knee-arthritis', side: 'right', phase: 'settled' },
      ],
    },
    {
      name: 'Tobin Ashgrove',
      born: '1953-01-16',
      sex: 'man',
      pronoun: 'he',
      heightCm: 177,
      weightKg: 79,
      can: {
        floor: 'help',
        chair: 'help',
        walks: 'frame',
        flat: false,
        practised: 'new',
        limbs: { leftArm: 'still', leftLeg: 'weak' },
      },
      conditions: [
        { condition: 'stroke', since: inDays(-900), side: 'left', left: 'weakness', cleared: true },
        { condition: 'hearing-loss' },
      ],
    },
    {
      name: 'Runa Thorne',
      born: dateAfter(today, -365 * 15 - 70),
      sex: 'woman',
      pronoun: 'she',
      heightCm: 164,
      weightKg: 54,
      can: { floor: 'alone', limbs: { rightArm: 'missing' }, practised: 'new' },
      conditions: [
        { condition: 'scoliosis', severity: 'mild', cobb: 18, curve: 'Thoracic, to the right' },
        { condition: 'limb-loss', limb: 'arm' },
      ],
    },
    { name: 'Pip Sandell', born: dateAfter(today, -365 * 7 - 40), heightCm: 122 },
    { name: 'Otti Brook', born: dateAfter(today, -365 * 5 - 20), heightCm: 110 },
    { name: 'Finn Larkin', born: dateAfter(today, -365 * 9 - 100), heightCm: 134 },
    { name: 'Juno Marsh', born: dateAfter(today, -365 * 8 - 10), heightCm: 128 },
  ];
}
