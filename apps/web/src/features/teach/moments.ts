import { type Fitting, type LaneStep } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';

/** One thing to teach now: a step, on one side if it has sides. */
export interface Moment {
  step: Fitting['steps'][number];
  side?: 'right' | 'left';
  /** The longest hold in the room on this side. */
  seconds: number;
  differing: readonly { name: string; entry: LaneStep }[];
  /** What those who need it do after the step, while the others rest. */
  then?: true;
}

/** The class as moments in order. Right comes first, as written. */
export function momentsOf({ steps, lanes }: Pick<Fitting, 'steps' | 'lanes'>): Moment[] {
  return steps
    .filter(({ leftOut }) => !leftOut)
    .flatMap((step) => {
      const entries = lanes.flatMap((lane) =>
        lane.steps.filter((entry) => entry.step === step.step).map((entry) => ({ name: lane.person, entry })),
      );
      const sides = variantById(step.variant).pose.side
        ? [...new Set(entries.flatMap(({ entry }) => (entry.pose === entry.askedPose ? entry.sides : [])))]
        : [];
      const order = (['right', 'left'] as const).filter((side) => sides.includes(side));
      return (order.length ? order : [undefined])
        .map((side): Moment => {
          const here = entries.filter(
            ({ entry }) => !side || !entry.sides.length || entry.sides.includes(side),
          );
          return {
            step,
            ...(side ? { side } : {}),
            seconds: Math.max(0, ...here.map(({ entry }) => entry.hold.seconds)),
            differing: here.filter(({ entry }) => entry.verdict !== 'as-written' || entry.override),
          };
        })
        .concat(thenOf(step, entries));
    });
}

/** A moment of its own for counter-poses: each does what suits, the others rest. */
function thenOf(step: Fitting['steps'][number], entries: Moment['differing']): Moment[] {
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
