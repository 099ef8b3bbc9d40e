import type { FigureScene } from '@lotus-steady/figure/scene';
import type { BodyRanges } from '@lotus-steady/core';
import type { PersonWhole } from '../../data/types.js';
import { ExactFigure } from '../../domain/figure/ExactFigure.js';
import type { PersonBody } from '../../domain/fitting/bodies.js';
import { useOwnBody } from '../../domain/person/useOwnBody.js';

/** What someone is drawn in: as they stand or sit, and folding as far as they go. */
interface Shapes {
  variant: string;
  caption: string;
  view?: FigureScene['view'];
}

const STANDING: readonly Shapes[] = [
  { variant: 'mountain.full', caption: 'standing', view: [32, 8] },
  { variant: 'standing-forward-fold.full', caption: 'folding as far as the hips go' },
];
const SITTING: readonly Shapes[] = [
  { variant: 'seated-breath.chair', caption: 'sitting' },
  { variant: 'chair-fold.full', caption: 'folding as far as the hips go' },
];

/** Someone drawn with their own height, build and ranges, so that a figure of theirs is known again. */
export function PersonFigures({
  person: { records: _records, propNotes: _notes, ...line },
}: {
  person: PersonWhole;
}) {
  const { body, ranges } = useOwnBody(line);
  if (!body || !ranges) return null;
  const shapes = line.can.stand && !body.look?.onWheels ? STANDING : SITTING;
  return (
    <div className="mb-6 flex flex-wrap gap-3">
      {shapes.map((shape) => (
        <Shown key={shape.variant} {...shape} body={body} ranges={ranges} />
      ))}
    </div>
  );
}

const Shown = ({
  variant,
  caption,
  view,
  body: { heightCm, build, look },
  ranges,
}: Shapes & { body: PersonBody; ranges: BodyRanges }) => (
  <figure className="w-52 rounded-2xl bg-(--fig-paper)">
    <ExactFigure
      variant={variant}
      heightCm={heightCm}
      build={build}
      look={look}
      view={view}
      own={{ ranges }}
      width={210}
      height={180}
      className="h-auto w-full"
    />
    <figcaption className="pb-2 text-center text-soft">{caption}</figcaption>
  </figure>
);
