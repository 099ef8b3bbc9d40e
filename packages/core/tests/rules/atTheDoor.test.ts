/** What is told at the door, and what answers change: where it hurts closes nothing; limits close, and never open. */
import fc from 'fast-check';
import {
  answersThatMatter,
  BUILT_IN,
  fitClass,
  openPoses,
  parseSequence,
  placeOf,
  placeOn,
  poseChanges,
  readPeople,
  RULEBOOK,
  sayPlace,
  settingsOf,
  stagePerson,
  USUAL_HOUSE_VIEW,
} from '../builtIn.js';
import { BODY_PLACES, PAIN_PLACES } from '../../src/people/bodyPlaces.js';
import type { Person } from '../../src/people/types.js';

const ON = '2026-12-01';
const settings = settingsOf(ON);
const read = (person: Record<string, unknown>): Person => {
  const { people, errors } = readPeople([{ name: 'A', ...person }], ON);
  expect(errors).toEqual([]);
  return people[0]!;
};

describe('where it hurts', () => {
  test('every place names conditions of the rulebook, and is said and read back', () => {
    for (const { conditions } of BODY_PLACES)
      for (const id of conditions) expect(RULEBOOK.condition(id).id).toBe(id);
    for (const kept of PAIN_PLACES) {
      const { place, side } = placeOf(kept)!;
      expect(placeOn(place, side ?? 'right')).toBe(kept);
    }
    expect(sayPlace('knee-left')).toBe('left knee');
    expect(placeOf('tail')).toBeUndefined();
  });

  test('is watched and closes nothing, wherever it is', () =>
    fc.assert(
      fc.property(fc.constantFrom(...PAIN_PLACES), (place) => {
        const well = read({ born: '1980-01-01' });
        const hurts = read({ born: '1980-01-01', today: { pain: 4, painAt: [place] } });
        const { rules, alerts } = stagePerson(hurts, ON, USUAL_HOUSE_VIEW);
        const own = rules.filter(({ rule }) => rule.id.startsWith('today.hurts'));
        expect(own.length).toBeGreaterThan(0);
        expect(own.every(({ rule }) => rule.level === 'watch')).toBe(true);
        expect(alerts.map(({ text }) => text)).toContain(`Hurts today: ${sayPlace(place)}.`);
        expect(poseChanges(well, hurts, settings, BUILT_IN)).toEqual({ opens: [], closes: [] });
      }),
      { numRuns: 12 },
    ));

  test('is said where the pose asks something of it, on the side that hurts', () => {
    const { sequence } = parseSequence('# A\n- Child’s pose, 5 breaths\n- Mountain, 5 breaths');
    const { lanes } = fitClass({
      sequence,
      people: [read({ today: { painAt: ['knee-left'], news: 'slipped on the stairs' } })],
      on: ON,
      houseView: USUAL_HOUSE_VIEW,
    });
    const [child, mountain] = lanes[0]!.steps;
    expect(child!.cues.join(' ')).toContain('Only as far as the left knee stays quiet.');
    expect(mountain!.cues.join(' ')).not.toContain('left knee');
    expect(lanes[0]!.alerts.map(({ text }) => text)).toContain('New: slipped on the stairs');
  });

  test.each([
    [{ painAt: ['tail'] }, 'people[0].today.painAt'],
    [{ painAt: 'knee-left' }, 'people[0].today.painAt'],
    [{ news: 'x'.repeat(301) }, 'people[0].today.news'],
    [{ asked: 'yes' }, 'people[0].today.asked'],
  ])('%j is asked about', (today, field) => {
    const { errors } = readPeople([{ name: 'A', today }], ON);
    expect(errors.map((error) => error.field)).toEqual([field]);
  });
});

describe('what something newly known changes', () => {
  test('a measured range closes what asks more and opens nothing; the other way round it opens it again', () => {
    const well = read({ born: '1980-01-01' });
    const stiff = read({ born: '1980-01-01', ranges: { shoulderFlexionRight: 90, shoulderFlexionLeft: 90 } });
    const { opens, closes } = poseChanges(well, stiff, settings, BUILT_IN);
    expect([opens, closes.length > 0]).toEqual([[], true]);
    expect(poseChanges(stiff, well, settings, BUILT_IN)).toEqual({ opens: closes, closes: [] });
    expect([...openPoses(stiff, settings, BUILT_IN)].some((pose) => closes.includes(pose))).toBe(false);
  });

  test('a detail is asked where an answer changes something, and its counts are those of the catalogue', () => {
    const person = read({ conditions: [{ condition: 'hip-replacement' }] });
    const matters = answersThatMatter(person, settings, BUILT_IN);
    const fields = RULEBOOK.condition('hip-replacement').fields.map(({ key }) => key);
    expect(matters.length).toBeGreaterThan(0);
    for (const { key, answers } of matters) {
      expect(fields).toContain(key);
      for (const { value, opens, closes } of answers) {
        const then = {
          ...person,
          conditions: [{ condition: 'hip-replacement', details: { [key]: value } }],
        };
        const changes = poseChanges(person, then, settings, BUILT_IN);
        expect([opens, closes]).toEqual([changes.opens.length, changes.closes.length]);
      }
    }
  });
});

test('who says that she does not stand on one leg is read as unsteady; ten seconds and more as is usual', () => {
  const oneLeg = (can: object, screening = {}) =>
    stagePerson(read({ born: '1980-01-01', can, screening }), ON, USUAL_HOUSE_VIEW).abilities.oneLeg;
  expect(oneLeg({ oneLeg: 'no' })).toMatchObject({ value: 0, from: 'told' });
  expect(oneLeg({ oneLeg: 'long' })).toMatchObject({ value: 40, from: 'told' });
  expect(oneLeg({ oneLeg: 'no' }, { oneLegSeconds: 12 })).toMatchObject({ value: 12, from: 'measured' });
});
