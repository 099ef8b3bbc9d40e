import { keep } from '../../cache.js';
import type { Level } from '../../poses/types.js';
import type { Step } from '../../reading/parseSequence.js';

/** What a shape of a flow is asked within. */
export interface FlowAsk {
  rounds: number;
  /** So often it comes on each side, each time as long. */
  passes: number;
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
    const all = steps.filter((other) => other.flow?.number === flow.number);
    found.set(step, {
      rounds: flow.rounds,
      passes: Math.max(1, Math.round(hold.count / flow.breaths)),
      levels: new Set(
        all.flatMap(({ variant: { level, entry = level, exit = level } }) => [entry, level, exit]),
      ),
      props: new Set(all.flatMap(({ variant }) => variant.props.map(({ kind }) => kind))),
      isFirst: steps[i - 1]?.flow?.number !== flow.number,
      isLast: steps[i + 1]?.flow?.number !== flow.number,
    });
  });
  return found;
}

/** Names all of it that options depend on. */
export const flowKey = ({ rounds, passes, levels, props, isFirst, isLast }: FlowAsk): string =>
  `${rounds} ${passes} ${[...levels].join()} ${[...props].join()} ${isFirst} ${isLast}`;

/** Seconds of one stay, of a hold that may be that of several. */
export const staySeconds = (holdSeconds: number, flow: FlowAsk | undefined): number =>
  flow ? holdSeconds / flow.passes : holdSeconds;
