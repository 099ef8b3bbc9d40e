import { type Fitting, type LaneStep } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';

type Step = Fitting['steps'][number];
type Side = 'right' | 'left';
/** What someone does at a step. */
interface Doing {
  name: string;
  entry: LaneStep;
}

/** One thing to teach now: a step, on one side if it has sides; or a round of a flow. */
export interface Moment {
  step: Step;
  side?: Side;
  /** The longest hold in the room on this side; of a round all of its shapes. */
  seconds: number;
  differing: readonly Doing[];
  /** What those who need it do after the step, while the others rest. */
  then?: true;
  /** A round of a flow: which one, and its shapes in their order. */
  round?: { at: number; shapes: readonly { step: Step; side?: Side }[] };
}

const SIDES: readonly Side[] = ['right', 'left'];

/** The class as moments in order. Right comes first, as written; a flow is a moment for each of its rounds. */
export function momentsOf({ steps, lanes }: Pick<Fitting, 'steps' | 'lanes'>): Moment[] {
  const doing = (step: Step): Doing[] =>
    lanes.flatMap((lane) =>
      lane.steps.filter((entry) => entry.step === step.step).map((entry) => ({ name: lane.person, entry })),
    );
  const kept = steps.filter(({ leftOut }) => !leftOut);
  return kept.flatMap((step, i) => {
    const { flow } = step;
    if (!flow) return sidesOf(step, doing(step));
    if (kept[i - 1]?.flow?.number === flow.number) return [];
    return roundsOf(
      kept.filter((one) => one.flow?.number === flow.number).map((one) => ({ step: one, doing: doing(one) })),
    );
  });
}

/** Sides on which a step is done. */
function sidesDone(step: Step, entries: readonly Doing[]): Side[] {
  if (!variantById(step.variant).pose.side) return [];
  const done = entries.flatMap(({ entry }) => (entry.pose === entry.askedPose ? entry.sides : []));
  return SIDES.filter((side) => done.includes(side));
}

const isOn = ({ entry }: Doing, side: Side | undefined): boolean =>
  !side || !entry.sides.length || entry.sides.includes(side);
const differs = ({ entry }: Doing): boolean => entry.verdict !== 'as-written' || entry.override !== undefined;

/** A step on each of its sides. */
function sidesOf(step: Step, entries: readonly Doing[]): Moment[] {
  const order = sidesDone(step, entries);
  return (order.length ? order : [undefined])
    .map((side): Moment => {
      const here = entries.filter((one) => isOn(one, side));
      return {
        step,
        ...(side ? { side } : {}),
        seconds: Math.max(0, ...here.map(({ entry }) => entry.hold.seconds)),
        differing: here.filter(differs),
      };
    })
    .concat(thenOf(step, entries));
}

/** The rounds of a flow: sides that take turns are right in the first and left in the second. */
function roundsOf(all: readonly { step: Step; doing: readonly Doing[] }[]): Moment[] {
  const { rounds } = all[0]!.step.flow!;
  const last = all[all.length - 1]!;
  return Array.from({ length: rounds }, (_, round): Moment => {
    let seconds = 0;
    const differing = new Map<string, Doing>();
    const shapes = all.map(({ step, doing }) => {
      const done = sidesDone(step, doing);
      const side = done.length > 1 ? SIDES[round % 2] : done[0];
      const here = doing.filter((one) => isOn(one, side));
      seconds += Math.max(0, ...here.map(({ entry }) => entry.hold.seconds / (entry.hold.rounds ?? rounds)));
      // The same shape may come twice in a round.
      for (const one of here.filter(differs))
        differing.set(`${one.name}|${one.entry.askedVariant}|${one.entry.variant}`, one);
      return { step, ...(side ? { side } : {}) };
    });
    return {
      step: all[0]!.step,
      seconds,
      differing: [...differing.values()],
      round: { at: round + 1, shapes },
    };
  }).concat(thenOf(last.step, last.doing));
}

/** A moment of its own for counter-poses: each does what suits, the others rest. */
function thenOf(step: Step, entries: readonly Doing[]): Moment[] {
  const differing = entries.flatMap(({ name, entry: { then, ...entry } }) =>
    then
      ? [
          {
            name,
            entry: {
              ...entry,
              pose: then.pose,
              variant: then.variant,
              hold: then.hold,
              sides: then.sides,
              props: then.props,
              cues: then.cues,
              verdict: 'swapped' as const,
            },
          },
        ]
      : [],
  );
  return differing.length
    ? [
        {
          step,
          seconds: Math.max(
            ...differing.map(({ entry }) => entry.hold.seconds * Math.max(1, entry.sides.length)),
          ),
          differing,
          then: true,
        },
      ]
    : [];
}
