/** What is safe alone at home: held for everybody, with everything that can be in a class. */
import {
  BUILT_IN,
  chosenAtHome,
  fitClass,
  homeDraft,
  homeMinutes,
  HOUSE_PROPS,
  parseSequence,
  POSES,
  sayOften,
  stagePerson,
  USUAL_HOUSE,
  USUAL_HOUSE_VIEW,
  variantById,
  type HomeDraft,
  type HouseProp,
} from '../builtIn.js';
import { readPeople } from '../builtIn.js';

const ON = '2026-11-23';

/** Everybody that these tests know, as written. */
const PEOPLE: readonly Record<string, unknown>[] = [
  { name: 'Able', born: '1990-01-01', can: { practised: 'years' } },
  { name: 'Unknown' },
  { name: 'Old', born: '1941-01-01', screening: { fallsLastYear: 1 } },
  { name: 'Back', born: '1982-01-01', conditions: [{ condition: 'lumbar-disc' }] },
  { name: 'Eyes', born: '1970-01-01', conditions: [{ condition: 'glaucoma' }] },
  { name: 'Child', born: '2018-01-01' },
  { name: 'Late', born: '1991-01-01', conditions: [{ condition: 'pregnancy', due: '2027-02-01' }] },
];

/** Classes that together ask for every pose of the catalogue. */
const CLASSES = Array.from({ length: Math.ceil(POSES.length / 30) }, (_, i) =>
  POSES.slice(30 * i, 30 * i + 30)
    .map(({ name }) => `- ${name}`)
    .join('\n'),
);

function draftFor(
  written: Record<string, unknown>,
  text: string,
  has: readonly HouseProp[] = USUAL_HOUSE,
): HomeDraft {
  const { people } = readPeople([{ id: 'her', ...written }], ON);
  const { sequence } = parseSequence(`# Class\nminutes: 120\n${text}`);
  const fitting = fitClass({ sequence, people, on: ON, houseView: USUAL_HOUSE_VIEW });
  return homeDraft(fitting, stagePerson(people[0]!, ON, USUAL_HOUSE_VIEW), {
    catalogue: BUILT_IN,
    on: ON,
    has,
  });
}

describe.each(PEOPLE)('$name', (written) => {
  const drafts = CLASSES.map((text) => draftFor(written, text));
  const steps = drafts.flatMap((draft) => draft.steps);

  test('nothing is upside down, hops, holds the breath, or takes months of practice', () => {
    expect(steps.length + drafts.filter(({ refused }) => refused).length).toBeGreaterThan(0);
    for (const { variant: id } of steps) {
      const { variant } = variantById(id);
      expect([id, variant.level]).not.toEqual([id, 'inverted']);
      expect(['held', 'rapid']).not.toContain(variant.breath);
      expect(variant.declared.impact).not.toBe('jumping');
      expect(variant.skill ?? 1).toBeLessThan(3);
    }
  });
  test('each step is there once, for home or not, and says why it is not', () => {
    for (const { steps: own, notAtHome } of drafts) {
      const all = [...own, ...notAtHome].map(({ step }) => step);
      expect(new Set(all).size).toBe(all.length);
      for (const { why } of notAtHome) expect(why).not.toBe('');
    }
  });
  test('what is proposed is among it, without what is to be watched, and no more than six', () => {
    for (const draft of drafts) {
      const chosen = chosenAtHome(draft, (id) => variantById(id).pose.purposes[0].action === 'rest');
      expect(chosen.length).toBeLessThanOrEqual(6);
      for (const step of chosen) expect(draft.steps.find((one) => one.step === step)?.eye).toEqual([]);
    }
  });
  test('with an empty house nothing needs anything', () => {
    for (const text of CLASSES)
      for (const { house } of draftFor(written, text, []).steps) expect(house).toEqual([]);
  });
});

test('who is unsteady balances with a hand on something, or not at home', () => {
  const text = '- Tree\n- Warrior three\n- Mountain, 20 s\n';
  const unsteady = { name: 'Old', born: '1950-01-01', screening: { fallsLastYear: 2, oneLegSeconds: 3 } };
  for (const { variant: id } of draftFor(unsteady, text).steps) {
    const { variant } = variantById(id);
    const { oneLeg } = BUILT_IN.measures(id, 165);
    expect([id, oneLeg > 0 && variant.support === 'none']).toEqual([id, false]);
  }
});

test('with back pain what turns the spine is done three to four times a day', () => {
  const text = '- Supine twist, 5 breaths\n- Bridge, 5 breaths\n- Final rest, 5 min\n';
  const often = ({ steps }: HomeDraft) =>
    Object.fromEntries(
      steps.map(({ variant, often: times }) => [variantById(variant).pose.id, sayOften(times)]),
    );
  expect(often(draftFor(PEOPLE[3]!, text))).toMatchObject({ 'open-book': '3 to 4 times a day' });
  expect(often(draftFor(PEOPLE[0]!, text))).toMatchObject({
    'supine-twist': 'once a day',
    bridge: 'once a day',
  });
});

test('where nothing may be practised nothing is for home; a child practises with a grown-up', () => {
  const stopped = {
    name: 'Waits',
    conditions: [{ condition: 'high-blood-pressure', control: 'uncontrolled' }],
  };
  const today = draftFor({ ...stopped, today: { bp: '200/120' } }, '- Mountain, 20 s\n');
  expect([today.steps, today.refused]).toEqual([[], expect.any(String)]);
  expect(draftFor(PEOPLE[5]!, '- Mountain, 20 s\n').withWhom).toContain('grown-up');
});

test.each<[HouseProp, string]>([
  ['book', '- Triangle (hand on a block), 5 breaths\n'],
  ['chair', '- Seated breath, 10 breaths\n'],
])('without a %s in the house what needs it is not for home', (missing, text) => {
  const has = HOUSE_PROPS.filter((prop) => prop !== missing);
  const [whole, less] = [draftFor(PEOPLE[0]!, text), draftFor(PEOPLE[0]!, text, has)];
  expect(whole.steps.length).toBe(1);
  expect(less.steps.length).toBe(0);
  expect(less.notAtHome[0]!.why).toContain('house');
});

test('minutes: both sides, and getting from one to the next', () => {
  const hold = { breaths: 10, seconds: 50 };
  expect(
    homeMinutes([
      { hold, sides: ['right', 'left'] },
      { hold, sides: [] },
    ]),
  ).toBe(3);
});
