/** Which limbs a movement asks to be moved. */
import { BUILT_IN, POSES } from '../builtIn.js';

const moves = (id: string): [armRight: number, armLeft: number, legRight: number, legLeft: number] => {
  const { armMovesRight, armMovesLeft, legMovesRight, legMovesLeft } = BUILT_IN.measures(id, 165);
  return [armMovesRight, armMovesLeft, legMovesRight, legMovesLeft];
};

test('a heel that slides is one leg; arms that lift are both; a waving spine is neither', () => {
  expect(moves('heel-slide.lying').map((degrees) => degrees > 15)).toEqual([false, false, true, false]);
  expect(moves('arm-raise.chair').map((degrees) => degrees > 30)).toEqual([true, true, false, false]);
  expect(moves('cat-cow.all-fours').map((degrees) => degrees > 15)).toEqual([false, false, false, false]);
});

test('a held shape moves nothing', () => {
  const held = POSES.flatMap(({ ladder }) => ladder).filter(({ frames }) => frames.length === 1);
  expect(held.length).toBeGreaterThan(300);
  for (const { id } of held) expect([id, ...moves(id)]).toEqual([id, 0, 0, 0, 0]);
});
