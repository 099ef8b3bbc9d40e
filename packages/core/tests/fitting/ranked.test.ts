/** What is given instead, against what a teacher would accept. */
import { BUILT_IN, PACE, parseSequence, readPeople, stagePerson, USUAL_HOUSE_VIEW } from '../builtIn.js';
import { asked } from '../../src/fitting/person/candidates.js';
import { laneTable } from '../../src/fitting/person/lane.js';
import { othersOf } from '../../src/fitting/person/options.js';
import { serves } from '../../src/fitting/person/serves.js';
import { similarity } from '../../src/fitting/person/similarity.js';
import { RANKED, RANKED_PEOPLE } from '../cases/ranked.js';

const ON = '2026-12-01';
const named = (list: string): string[] => list.split(' ');

test.each(
  RANKED.map(({ asked: pose, who, accept, must, because }) => [pose, who, because, accept, must] as const),
)('%s, %s: %s', (pose, who, _because, accept, must) => {
  const { sequence, errors } = parseSequence(`- ${pose}`);
  const { people, errors: problems } = readPeople([{ name: 'A', ...RANKED_PEOPLE[who] }], ON);
  expect([...errors, ...problems]).toEqual([]);
  const lane = laneTable(stagePerson(people[0]!, ON, USUAL_HOUSE_VIEW), BUILT_IN, USUAL_HOUSE_VIEW, ON, PACE);
  const [step] = sequence.steps;
  const three = othersOf(asked(step!.pose, step!.variant, lane.asked(step!), step!.sides), lane, {
    side: step!.sides[0],
    candidate: undefined,
  }).map(({ pose: own, variant }) => [own.id, variant.id]);
  expect(three.length).toBeGreaterThan(0);
  expect(
    three.filter((ids) => !named(accept).some((one) => ids.includes(one))).map(([, variant]) => variant),
  ).toEqual([]);
  for (const one of must ? named(must) : []) expect(three.flat()).toContain(one);
});

test('every accepted name is in the catalogue, and there are forty cases and more', () => {
  const known = new Set(BUILT_IN.rows.flatMap(({ pose, variant }) => [pose.id, variant.id]));
  expect(
    RANKED.flatMap(({ accept, must }) => [...named(accept), ...(must ? named(must) : [])]).filter(
      (id) => !known.has(id),
    ),
  ).toEqual([]);
  expect(RANKED.length).toBeGreaterThanOrEqual(40);
});

test('a pose serves itself wholly, a stranger nothing, and what shares a primary purpose at least half', () => {
  for (const a of BUILT_IN.poses)
    for (const b of BUILT_IN.poses) {
      const share = serves(a, b);
      expect(share).toBeGreaterThanOrEqual(0);
      expect(share).toBeLessThanOrEqual(1 + 1e-9);
      if (a === b) expect(share).toBeCloseTo(1, 9);
      if (similarity(a, b) === 0) expect(share).toBeLessThan(0.5);
      if (similarity(a, b) === 1) expect(share).toBeGreaterThanOrEqual(0.37);
    }
});
