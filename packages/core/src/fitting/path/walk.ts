import { keep } from '../../cache.js';
import { pathOf, startLabels, extendLabels, type Label, type StepOptions } from './choosePath.js';
import type { LaneTable } from '../person/index.js';
import type { Path } from './choosePath.js';

/**
 * A step as a walk comes to it. `key`, a whole number from 0, names all that its options depend on: the
 * same key, the same options.
 */
export interface Stage {
  key: number;
  options: StepOptions;
}

/**
 * Labels after a step, their costs counted from the cheapest, which costs `more`; whatever follows depends
 * on their `state` alone.
 */
interface Reached {
  labels: readonly Label[];
  more: number;
  state: number;
}

/**
 * Steps, and states between them, remembered at once: a class of thirty steps takes thirty, and as many
 * again for each way in which it is weighed.
 */
const CACHED_MOST = 600;
/** More than there will be stages for one lane: a state and a stage make one number. */
const STAGES = 2 ** 24;

/**
 * Best paths of one lane through one class after another: exact over every option of every step, the ways
 * between levels, the props in hand, what must be answered, and the seconds that add up. From the same
 * state through the same step leads to the same labels, so an edit, another lane's change or a smaller
 * cupboard is worked out only as far as it makes a difference.
 */
export class Walk {
  private readonly states = new Map<string, number>();
  private readonly cache = new Map<number, Reached>();
  /** Numbers given to states so far; a state that was forgotten is given another. */
  private last = 0;

  constructor(private readonly lane: LaneTable) {}

  through(stages: readonly Stage[]): Path {
    const trail: (readonly Label[])[] = [startLabels()];
    let more = 0;
    let state = this.stateOf(trail[0]!);
    for (const stage of stages) {
      const reached = this.step(trail[trail.length - 1]!, state, stage);
      trail.push(reached.labels);
      more += reached.more;
      state = reached.state;
    }
    const { choices, cost } = pathOf(trail, this.lane);
    return { choices, cost: cost + more };
  }

  private step(from: readonly Label[], state: number, { key, options }: Stage): Reached {
    const own = state * STAGES + key;
    return this.cache.get(own) ?? keep(this.cache, own, this.reach(from, options), CACHED_MOST);
  }

  private reach(from: readonly Label[], options: StepOptions): Reached {
    const labels = extendLabels(from, this.lane, options);
    const more = labels.reduce((least, { cost }) => Math.min(least, cost), Infinity);
    const counted = labels.map((label): Label => ({ ...label, cost: label.cost - more }));
    return { labels: counted, more, state: this.stateOf(counted) };
  }

  /**
   * A number for everything that what follows depends on; costs that differ by less than a millionth are
   * the same.
   */
  private stateOf(labels: readonly Label[]): number {
    const { sums } = this.lane;
    const key = labels
      .map(
        ({ cost, level, propsInHand, counterNeed = '', sums: added }) =>
          `${Math.round(cost * 1e6)} ${level} ${propsInHand} ${counterNeed}` +
          sums.map((sum) => ` ${added[sum]}`).join(''),
      )
      .join('|');
    return this.states.get(key) ?? keep(this.states, key, this.last++, CACHED_MOST);
  }
}
