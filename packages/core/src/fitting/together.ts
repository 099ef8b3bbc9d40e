import type { Choice } from './choosePath.js';
import type { LaneTable } from './lane.js';
import type { Option } from './options.js';
import { WEIGHTS } from './weights.js';

export interface Path { choices: Choice[]; /** Of the lane by itself. */ cost: number }

/** What weighing lanes together needs of a class. */
export interface TogetherInput {
  lanes: readonly LaneTable[];
  paths: readonly Path[];
  steps: number;
  fewerVersions: boolean;
  stock?: Readonly<Record<string, number>>;
  /** A lane's best path where options cost something more at some steps; `open`: steps at which other ways are looked at though what was asked passes. */
  solve: (lane: number, weigh: (step: number) => Weight | undefined, open: ReadonlySet<number>) => Path;
}

/** What options cost beside themselves at a step. The same `key`, the same costs. */
export interface Weight { key: string; extra: (option: Option) => number }

const NOTHING: ReadonlyMap<string, number> = new Map();
/** What an option takes out of the cupboard: for each prop, the most that one side needs. */
export function propsTaken({ sides }: Pick<Option, 'sides'>, { body }: LaneTable): ReadonlyMap<string, number> {
  const [first, ...others] = sides, taken = first?.candidate ? body.taken(first.candidate.row) : NOTHING;
  if (others.every(({ candidate }) => candidate?.row === first?.candidate?.row)) return taken;
  const most = new Map(taken);
  for (const { candidate } of others) if (candidate) for (const [prop, count] of body.taken(candidate.row)) most.set(prop, Math.max(most.get(prop) ?? 0, count));
  return most;
}

const variantsOf = ({ sides }: Option): string[] => [...new Set(sides.map(({ candidate }) => candidate?.variant.id ?? 'sits out'))];

/** How many people do what at each step, and which props they use. */
class Room {
  private readonly versions: Map<string, number>[];
  private readonly props: Map<string, number>[];

  constructor(private readonly input: TogetherInput) {
    this.versions = Array.from({ length: input.steps }, () => new Map());
    this.props = Array.from({ length: input.steps }, () => new Map());
    input.paths.forEach((path, lane) => this.add(lane, path, 1));
  }

  add(lane: number, { choices }: Path, by: 1 | -1): void {
    choices.forEach(({ option }, step) => {
      const versions = this.versions[step]!, props = this.props[step]!;
      for (const id of variantsOf(option)) if (!versions.set(id, (versions.get(id) ?? 0) + by).get(id)) versions.delete(id);
      if (this.input.stock) for (const [prop, count] of propsTaken(option, this.input.lanes[lane]!)) props.set(prop, (props.get(prop) ?? 0) + by * count);
    });
  }

  /** What a lane's option would add to the cost of the room, given everyone who is in it. */
  extra(lane: number, step: number, option: Option): number {
    const { fewerVersions, stock, lanes } = this.input;
    let cost = 0;
    if (fewerVersions) {
      const there = this.versions[step]!, more = variantsOf(option).filter((id) => !there.has(id)).length;
      cost += WEIGHTS.version * (Math.max(0, there.size + more - 1) - Math.max(0, there.size - 1));
    }
    if (stock) for (const [prop, count] of propsTaken(option, lanes[lane]!)) cost += WEIGHTS.missing * Math.min(count, Math.max(0, (this.props[step]!.get(prop) ?? 0) + count - (stock[prop] ?? 0)));
    return cost;
  }

  /** What a lane's options would add at a step; undefined where none of them can add anything. */
  weight(lane: number, step: number): Weight | undefined {
    const { fewerVersions, stock, lanes } = this.input, keys = fewerVersions ? [[...this.versions[step]!.keys()].sort().join()] : [], used = this.props[step]!;
    if (stock) for (const [prop, most] of lanes[lane]!.body.takenMost()) {
      const free = Math.max(0, (stock[prop] ?? 0) - (used.get(prop) ?? 0));
      if (free < most) keys.push(`${prop} ${free}`);
    }
    return keys.length ? { key: keys.join(' '), extra: (option) => this.extra(lane, step, option) } : undefined;
  }

  /** Steps at which some prop of a path is short. */
  short(lane: number, { choices }: Path): Set<number> {
    const { stock, lanes } = this.input;
    return new Set(!stock ? [] : choices.flatMap(({ option }, step) => ([...propsTaken(option, lanes[lane]!).keys()].some((prop) => this.props[step]!.get(prop)! > (stock[prop] ?? 0)) ? [step] : [])));
  }

  /** Steps at which not everyone does the same. */
  differing = (step: number): boolean => this.versions[step]!.size > 1;
}

/** So often every lane is looked at again; in practice it is still after two or three. */
const ROUNDS_MOST = 8;

/**
 * Weighs the lanes of a class against each other: fewer different things at once where that is asked for, and no more of a
 * prop than the hall has. One lane at a time takes its best path given what the others do, the lane that gains most first,
 * until no single change helps; so the class never costs more than where each took the best for itself.
 */
export function together(input: TogetherInput): Path[] {
  const paths = [...input.paths], room = new Room(input);
  const attempt = (lane: number): { path: Path; gain: number } => {
    const path = paths[lane]!, short = room.short(lane, path);
    if (!short.size && !(input.fewerVersions && path.choices.some((_, step) => room.differing(step)))) return { path, gain: 0 };
    room.add(lane, path, -1);
    const extras = ({ choices }: Path): number => choices.reduce((sum, { option }, step) => sum + room.extra(lane, step, option), 0);
    const now = path.cost + extras(path), other = input.solve(lane, (step) => room.weight(lane, step), short), then = other.cost + extras(other);
    room.add(lane, path, 1);
    return { path: other, gain: now - then };
  };
  const take = (lane: number, path: Path): void => {
    room.add(lane, paths[lane]!, -1);
    room.add(lane, path, 1);
    paths[lane] = path;
  };
  for (let round = 0; round < ROUNDS_MOST; round++) {
    const gains = paths.map((_, lane) => ({ lane, gain: attempt(lane).gain })).filter(({ gain }) => gain > 1e-6).sort((a, b) => b.gain - a.gain || a.lane - b.lane);
    if (!gains.length) break;
    // What one lane gives up may be what the next needed: each is looked at afresh in its turn.
    for (const { lane } of gains) {
      const { path, gain } = attempt(lane);
      if (gain > 1e-6) take(lane, path);
    }
  }
  return paths;
}

/** What the room costs beside the lanes: versions beyond the first at each step, and props beyond the stock. */
export function roomCost({ lanes, steps, fewerVersions, stock }: Pick<TogetherInput, 'lanes' | 'steps' | 'fewerVersions' | 'stock'>, paths: readonly Path[]): number {
  let cost = 0;
  if (!fewerVersions && !stock) return cost;
  for (let step = 0; step < steps; step++) {
    const versions = new Set(paths.flatMap(({ choices }) => variantsOf(choices[step]!.option)));
    if (fewerVersions) cost += WEIGHTS.version * Math.max(0, versions.size - 1);
    if (!stock) continue;
    const used = new Map<string, number>();
    paths.forEach(({ choices }, lane) => { for (const [prop, count] of propsTaken(choices[step]!.option, lanes[lane]!)) used.set(prop, (used.get(prop) ?? 0) + count); });
    for (const [prop, count] of used) cost += WEIGHTS.missing * Math.max(0, count - (stock[prop] ?? 0));
  }
  return cost;
}
