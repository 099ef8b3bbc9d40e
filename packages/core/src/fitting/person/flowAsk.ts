import { packSet } from '../../bitSet.js';
import { keep } from '../../cache.js';
import type { Level, Variant } from '../../poses/types.js';
import type { Step } from '../../reading/parseSequence.js';
import { isUnbroken } from '../../rules/sums.js';
import { SUMS } from '../../rules/types.js';
import type { BodyTable } from './bodyTable.js';

/** What a shape of a flow is asked within. */
export interface FlowAsk {
  rounds: number;
  /** So often it comes on each side, each time as long. */
  passes: number;
  /** All shapes of the flow, as they were asked. */
  variants: readonly Variant[];
  /** Levels on which the flow is done, and kinds of props that it stands on. */
  levels: ReadonlySet<Level>;
  props: ReadonlySet<string>;
  /** Whether the flow begins with it. */
  isFirst: boolean;
  /** Whether it ends with it: what a flow leaves to be answered is answered behind it. */
  isLast: boolean;
}

const asks = new WeakMap<readonly Step[], ReadonlyMap<Step, FlowAsk>>();

/** What each step of a class that is a shape of a flow is asked within. */
export const flowAsks = (steps: readonly Step[]): ReadonlyMap<Step, FlowAsk> =>
  asks.get(steps) ?? keep(asks, steps, findAsks(steps));

function findAsks(steps: readonly Step[]): Map<Step, FlowAsk> {
  const found = new Map<Step, FlowAsk>();
  steps.forEach((step, i) => {
    const { flow, hold } = step;
    if (!flow) return;
    const variants = steps
      .filter((other) => other.flow?.number === flow.number)
      .map(({ variant }) => variant);
    found.set(step, {
      rounds: flow.rounds,
      passes: Math.max(1, Math.round(hold.count / flow.breaths)),
      variants,
      levels: new Set(variants.flatMap(({ level, entry = level, exit = level }) => [entry, level, exit])),
      props: new Set(variants.flatMap(({ props }) => props.map(({ kind }) => kind))),
      isFirst: steps[i - 1]?.flow?.number !== flow.number,
      isLast: steps[i + 1]?.flow?.number !== flow.number,
    });
  });
  return found;
}

/** Names all of it that options depend on. */
export const flowKey = ({ rounds, passes, variants, isFirst, isLast }: FlowAsk): string =>
  `${rounds} ${passes} ${variants.map(({ id }) => id).join()} ${isFirst} ${isLast}`;

/** Seconds of one stay, of a hold that may be that of several. */
export const staySeconds = (holdSeconds: number, flow: FlowAsk | undefined): number =>
  flow ? holdSeconds / flow.passes : holdSeconds;

/** What is asked, where a shape of a flow is done in so many rounds: fewer where more would add up to too much. */
export const inRounds = <A extends { flow?: FlowAsk }>(ask: A, rounds: number | undefined): A =>
  ask.flow && rounds !== undefined && rounds !== ask.flow.passes
    ? { ...ask, flow: { ...ask.flow, passes: rounds } }
    : ask;

const broken = new WeakMap<FlowAsk, WeakMap<BodyTable, number>>();

/**
 * The set of {@link SUMS} of which a run ends in every round of a flow: those towards which its first or its last shape
 * does not count. On the back all the time, ten rounds are one run; and what ends one round may go on in the next.
 */
export function runsThatEnd(flow: FlowAsk, body: BodyTable): number {
  const byBody = broken.get(flow) ?? keep(broken, flow, new WeakMap<BodyTable, number>());
  const find = (): number => {
    const { rowOf } = body.table;
    const [first, last] = [flow.variants[0]!, flow.variants.at(-1)!].map((variant) =>
      body.towards(rowOf.get(variant)!),
    ) as [number, number];
    return packSet(SUMS, isUnbroken) & ~(first & last);
  };
  return byBody.get(body) ?? keep(byBody, body, find());
}
