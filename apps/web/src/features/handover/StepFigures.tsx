import { rangesOn, type BodyRanges, type Fitting, type LaneStep } from '@lotus-steady/core';
import { useMemo } from 'react';
import { variantById } from '../../data/catalogue.js';
import { ExactFigure } from '../../domain/figure/ExactFigure.js';
import { Figure } from '../../domain/figure/Figure.js';
import { marksFor } from '../../domain/figure/marksFor.js';
import { SOME_BODY, type PersonBody } from '../../domain/fitting/bodies.js';

const WIDTH = 112;
const HEIGHT = 96;

/** The figure of a step, and of each who does something else, with what their rule is about marked on it. */
export function StepFigures({
  step,
  fitting: { lanes },
  bodies,
}: {
  step: number;
  fitting: Pick<Fitting, 'lanes'>;
  bodies: Readonly<Record<string, PersonBody>>;
}) {
  const entries = lanes.flatMap(({ personId, person, ranges, steps }) =>
    steps.filter((entry) => entry.step === step).map((entry) => ({ id: personId, person, ranges, entry })),
  );
  const [first] = entries;
  // Those who do the same are drawn once.
  const others = new Map<string, (typeof entries)[number]>();
  for (const one of entries)
    if (one.entry.verdict !== 'as-written')
      others.set(one.entry.variant, others.get(one.entry.variant) ?? one);
  if (!first) return null;
  return (
    <div className="flex flex-wrap items-end gap-1">
      <Figure variant={first.entry.askedVariant} className="w-20" decorative />
      {[...others.values()].map(({ id, person, ranges, entry }) => (
        <figure key={entry.variant} className="w-20 text-center text-xs text-soft">
          <Theirs entry={entry} body={bodies[id] ?? SOME_BODY} ranges={ranges} />
          <figcaption>{person.split(' ')[0]}</figcaption>
        </figure>
      ))}
    </div>
  );
}

/** What someone does, on their body and as far as they go, with the first rule that has a place on it marked. */
function Theirs({ entry, body, ranges }: { entry: LaneStep; body: PersonBody; ranges: BodyRanges }) {
  const { variant, asFarAs } = entry;
  const side = entry.sides.length === 1 ? entry.sides[0] : undefined;
  const own = useMemo(
    () => ({ ranges: rangesOn(side, ranges), ...(asFarAs ? { share: asFarAs.share } : {}) }),
    [side, ranges, asFarAs],
  );
  const marks = useMemo(() => {
    const places = entry.findings.map(({ measure, value, on }) =>
      on === 'chosen' && typeof value === 'number' ? marksFor(measure, value) : [],
    );
    return places.find((list) => list.length) ?? [];
  }, [entry]);
  return (
    <ExactFigure
      {...body}
      variant={variant}
      frame={variantById(variant).variant.frames.length - 1}
      side={side}
      own={own}
      marks={marks}
      width={WIDTH}
      height={HEIGHT}
      className="h-auto w-full"
    />
  );
}
