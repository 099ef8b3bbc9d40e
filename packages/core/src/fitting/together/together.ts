import type { Path } from '../path/index.js';
import { Shared, type SharedInput, type Weight } from './shared.js';

/** What weighing lanes together needs of a class. */
export interface TogetherInput extends SharedInput {
  paths: readonly Path[];
  /**
   * A lane's best path where options cost something more at some steps; `open`: steps at which other ways
   * are looked at though what was asked passes.
   */
  solve: (lane: number, weigh: (step: number) => Weight | undefined, open: ReadonlySet<number>) => Path;
}

/** So often every lane is looked at again; in practice it is still after two or three. */
const ROUNDS_MOST = 8;

/**
 * Weighs the lanes of a class against each other: fewer different things at once where that is asked for,
 * and no more of a prop than the hall has. One lane at a time takes its best path given what the others do,
 * the lane that gains most first, until no single change helps; so the class never costs more than where
 * each took the best for itself.
 */
export function together({ solve, ...input }: TogetherInput): Path[] {
  const paths = [...input.paths];
  const room = new Shared(input, paths);
  const attempt = (lane: number): { path: Path; gain: number } => {
    const path = paths[lane]!;
    const short = new Set<number>();
    path.choices.forEach(({ option }, step) => {
      if (room.shortFor(lane, step, option)) short.add(step);
    });
    if (!short.size && !path.choices.some((_, step) => room.differs(step))) return { path, gain: 0 };
    room.add(lane, path, -1);
    const extras = ({ choices }: Path): number =>
      choices.reduce((sum, { option }, step) => sum + room.extra(lane, step, option), 0);
    const now = path.cost + extras(path);
    const other = solve(lane, (step) => room.weight(lane, step), short);
    const then = other.cost + extras(other);
    room.add(lane, path, 1);
    return { path: other, gain: now - then };
  };
  const take = (lane: number, path: Path): void => {
    room.add(lane, paths[lane]!, -1);
    room.add(lane, path, 1);
    paths[lane] = path;
  };
  for (let round = 0; round < ROUNDS_MOST; round++) {
    const gains = paths
      .map((_, lane) => ({ lane, gain: attempt(lane).gain }))
      .filter(({ gain }) => gain > 1e-6)
      .sort((a, b) => b.gain - a.gain || a.lane - b.lane);
    if (!gains.length) break;
    // What one lane gives up may be what the next needed: each is looked at afresh in its turn.
    for (const { lane } of gains) {
      const { path, gain } = attempt(lane);
      if (gain > 1e-6) take(lane, path);
    }
  }
  return paths;
}
