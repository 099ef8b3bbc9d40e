/** What stands in for a pose leads the thighs no further apart than was asked, or than anyone's go. */
import { POSES } from '../builtIn.js';
import { fit } from './one.js';

const BUTTERFLY = '- Butterfly, 5 breaths\n- Final rest, 5 min';
/** People for whom much of the floor is replaced. */
const PEOPLE = [
  ...['acute', 'settled'].map((phase) => ({ conditions: [{ condition: 'disc', phase }] })),
  { conditions: ['sciatica'] },
  { born: '1946-04-02', can: { kneel: false } },
];

test('nobody is given a frog on the forearms for a butterfly', () => {
  const frogs = POSES.find(({ id }) => id === 'frog')!.ladder.map(({ id }) => id);
  expect(frogs).toContain('frog.forearms');
  const given = fit(BUTTERFLY, PEOPLE).lanes.map(({ steps }) => steps[0]!.variant);
  expect(given).not.toContain('frog.forearms');
  // Those of whom it was asked do it.
  expect(fit('- Frog, 5 breaths\n- Final rest, 5 min', [{}]).lanes[0]!.steps[0]!.pose).toBe('frog');
});
