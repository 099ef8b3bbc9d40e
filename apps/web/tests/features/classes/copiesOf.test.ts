/** A class on other days. */
import { NO_CHOICES } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { showCatalogue } from '../../../src/data/catalogue.js';
import { setToday } from '../../../src/data/today.js';
import type { ClassWhole } from '../../../src/data/types.js';
import { copiesOf } from '../../../src/features/classes/copiesOf.js';

showCatalogue(BUILT_IN);
setToday('2026-11-23');

const chosen = (personId: string) => ({
  personId,
  step: 1,
  variant: 'tree.hand-on-wall',
  reason: 'She asked',
});
const KNOWN = {
  id: 'class',
  title: 'Thursday Mixed',
  on: '2026-11-26',
  time: '18:00',
  place: 'Saltmarsh Hall',
  sequenceId: 'sequence',
  sequenceText: '- Tree, 5 breaths each side',
  houseView: { eyes: 'closed', 'rest-side': 'either' },
  choices: { ...NO_CHOICES, fewerVersions: true, overrides: [chosen('a'), chosen('b')] },
  people: [
    { id: 'a', name: 'Ines', today: { pain: 6 } },
    { id: 'b', name: 'Tam', today: {} },
  ],
  records: [],
  fitting: null,
  version: 3,
} as unknown as ClassWhole;
const HALL = { eyes: 'own-choice', 'rest-side': 'either' };

test('each day has the plan, the place and the choices; how people are is asked again', () => {
  const days = ['2026-12-03', '2026-12-10'];
  const copies = copiesOf(KNOWN, { days, time: '17:30', people: new Set(['a', 'b']), hall: HALL });
  expect(copies.map(({ on }) => on)).toEqual(days);
  expect(copies[1]).toMatchObject({
    title: 'Thursday Mixed',
    time: '17:30',
    place: 'Saltmarsh Hall',
    sequenceId: 'sequence',
    sequenceText: KNOWN.sequenceText,
    people: [
      { id: 'a', today: {} },
      { id: 'b', today: {} },
    ],
    // Only what the class decided for itself.
    houseView: { eyes: 'closed' },
    choices: { fewerVersions: true, overrides: [chosen('a'), chosen('b')] },
  });
});

test('who does not come, or is no longer in the list, takes their choices with them', () => {
  const [copy] = copiesOf(KNOWN, { days: ['2026-12-03'], time: '', people: new Set(['b']), hall: HALL });
  expect(copy).toMatchObject({ people: [{ id: 'b' }], choices: { overrides: [chosen('b')] } });
  expect(copy).not.toHaveProperty('time');
  const [empty] = copiesOf(KNOWN, { days: ['2026-12-03'], time: '', people: new Set(), hall: HALL });
  expect(empty).toMatchObject({ people: [], choices: { overrides: [] } });
});
