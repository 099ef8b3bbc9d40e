import { keep } from '../../cache.js';
import type { Variant } from '../../poses/types.js';
import { addedUp, KINDS_MOST, propOf, type Taken, type LaneTable, type Option } from '../person/index.js';
import { WEIGHTS } from '../weights.js';
import type { Path } from '../path/index.js';

/** What lanes share: the hall's props, and how many different things happen at once. */
export interface SharedInput {
  lanes: readonly LaneTable[];
  steps: number;
  fewerVersions: boolean;
  /** What the hall owns, by prop. */
  stock?: Readonly<Record<string, number>>;
}

/** What options cost beside themselves at a step. The same `key`, the same costs. */
export interface Weight {
  key: string;
  extra: (option: Option) => number;
}

const NOTHING: readonly Taken[] = [];
const merged = new WeakMap<Option, readonly Taken[]>();
/** What an option takes out of the cupboard: the most that one side needs. */
function takenBy(option: Option, { body }: LaneTable): readonly Taken[] {
  const [first, second] = option.sides;
  const row = first!.candidate?.row;
  const other = second ? second.candidate?.row : row;
  if (row === other || other === undefined) return row === undefined ? NOTHING : body.taken(row);
  if (row === undefined) return body.taken(other);
  return (
    merged.get(option) ?? keep(merged, option, addedUp([...body.taken(row), ...body.taken(other)], Math.max))
  );
}

/** What is seen of an option in the room; `undefined` is someone who sits out. */
const versionsOf = ({ sides }: Option): (Variant | undefined)[] => {
  const [first, second] = sides;
  const variant = first!.candidate?.variant;
  return second && second.candidate?.variant !== variant ? [variant, second.candidate?.variant] : [variant];
};

/** How many people do what at each step, which props they use, and what that costs beside the lanes. */
export class Shared {
  private readonly versions: readonly Map<Variant | undefined, number>[];
  /** By step and kind of prop. */
  private readonly used: Int32Array;
  /** What the hall owns by kind, looked up when it is first asked for. */
  private readonly owned = new Int32Array(KINDS_MOST).fill(-1);

  constructor(
    private readonly input: SharedInput,
    paths: readonly Path[],
  ) {
    const { steps, fewerVersions, stock } = input;
    this.versions = Array.from(
      { length: fewerVersions ? steps : 0 },
      () => new Map<Variant | undefined, number>(),
    );
    this.used = new Int32Array(stock ? steps * KINDS_MOST : 0);
    paths.forEach((path, lane) => this.add(lane, path, 1));
  }

  add(lane: number, { choices }: Path, by: 1 | -1): void {
    const { fewerVersions, stock, lanes } = this.input;
    const table = lanes[lane]!;
    for (let step = 0; step < choices.length; step++) {
      const { option } = choices[step]!;
      if (stock)
        for (const { kind, count } of takenBy(option, table))
          this.used[step * KINDS_MOST + kind]! += by * count;
      if (!fewerVersions) continue;
      const there = this.versions[step]!;
      for (const variant of versionsOf(option)) {
        const now = (there.get(variant) ?? 0) + by;
        if (now) there.set(variant, now);
        else there.delete(variant);
      }
    }
  }

  /** What a lane's option would add to the cost of the room, given everyone who is in it. */
  extra(lane: number, step: number, option: Option): number {
    const { fewerVersions, stock, lanes } = this.input;
    let cost = 0;
    if (fewerVersions) {
      const there = this.versions[step]!;
      const more = versionsOf(option).reduce((count, variant) => count + Number(!there.has(variant)), 0);
      cost += WEIGHTS.version * (Math.max(0, there.size + more - 1) - Math.max(0, there.size - 1));
    }
    if (stock)
      for (const { kind, count } of takenBy(option, lanes[lane]!))
        cost +=
          WEIGHTS.missing *
          Math.min(count, Math.max(0, this.used[step * KINDS_MOST + kind]! + count - this.owns(kind)));
    return cost;
  }

  /** What a lane's options would add at a step; undefined where none of them can add anything. */
  weight(lane: number, step: number): Weight | undefined {
    const { fewerVersions, stock, lanes } = this.input;
    let key = fewerVersions
      ? `versions ${[...this.versions[step]!.keys()]
          .map((variant) => variant?.id ?? '')
          .sort()
          .join()}`
      : '';
    if (stock)
      for (const { kind, count } of lanes[lane]!.body.takenMost()) {
        const free = Math.max(0, this.owns(kind) - this.used[step * KINDS_MOST + kind]!);
        if (free < count) key += ` ${kind} ${free}`;
      }
    return key ? { key, extra: (option) => this.extra(lane, step, option) } : undefined;
  }

  /** A prop that an option takes and that is short at a step. */
  shortFor(lane: number, step: number, option: Option): string | undefined {
    if (!this.input.stock) return undefined;
    for (const { kind } of takenBy(option, this.input.lanes[lane]!))
      if (this.used[step * KINDS_MOST + kind]! > this.owns(kind)) return propOf(kind);
    return undefined;
  }

  /** Whether not everyone does the same at a step, where that is looked at. */
  differs(step: number): boolean {
    return this.input.fewerVersions && this.versions[step]!.size > 1;
  }

  /** What the room costs: versions beyond the first at each step, and props beyond the stock. */
  cost(): number {
    let cost = 0;
    for (const { size } of this.versions) cost += WEIGHTS.version * Math.max(0, size - 1);
    this.used.forEach((count, at) => {
      if (count) cost += WEIGHTS.missing * Math.max(0, count - this.owns(at % KINDS_MOST));
    });
    return cost;
  }

  private owns(kind: number): number {
    if (this.owned[kind]! < 0) this.owned[kind] = this.input.stock?.[propOf(kind)] ?? 0;
    return this.owned[kind]!;
  }
}
