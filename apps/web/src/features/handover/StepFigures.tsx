import type { Fitting, LaneStep } from '@lotus-steady/core';
import { useMemo } from 'react';
import { variantById } from '../../data/catalogue.js';
import { DrawnFigure } from '../../domain/figure/DrawnFigure.js';
import { Figure } from '../../domain/figure/Figure.js';
import { figureLabel } from '../../domain/figure/figureLabel.js';
import { marksFor } from '../../domain/figure/marksFor.js';
import { scenesOf } from '../../domain/figure/scenesOf.js';
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
  const entries = lanes.flatMap(({ personId, person, steps }) =>
    steps.filter((entry) => entry.step === step).map((entry) => ({ id: personId, person, entry })),
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
      {[...others.values()].map(({ id, person, entry }) => (
        <figure key={entry.variant} className="w-20 text-center text-xs text-soft">
          <Theirs entry={entry} body={bodies[id] ?? SOME_BODY} />
          <figcaption>{person.split(' ')[0]}</figcaption>
        </figure>
      ))}
    </div>
  );
}

/** What someone does, on a body like theirs, with the first rule that has a place on it marked. */
function Theirs({ entry, body }: { entry: LaneStep; body: PersonBody }) {
  const { pose, variant } = variantById(entry.variant);
  const side = entry.sides.length === 1 ? entry.sides[0] : undefined;
  const scenes = useMemo(
    () => scenesOf(variant, { ...body, left: side === 'left' }).slice(-1),
    [variant, body, side],
  );
  const marks = useMemo(() => {
    const places = entry.findings.map(({ measure, value, on }) =>
      on === 'chosen' && typeof value === 'number' ? marksFor(measure, value) : [],
    );
    return places.find((list) => list.length) ?? [];
  }, [entry]);
  return (
    <DrawnFigure
      scenes={scenes}
      marks={marks}
      label={figureLabel(pose, variant, variant.frames.length - 1, side)}
      width={WIDTH}
      height={HEIGHT}
      className="h-auto w-full"
    />
  );
}
