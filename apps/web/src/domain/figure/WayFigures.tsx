import type { Build, Way } from '@lotus-steady/core';
import { ArrowRight } from 'lucide-react';
import { Fragment } from 'react';
import { figureImage } from './figureImage.js';

const WIDTH = 84;
const HEIGHT = 72;

/** How one gets from one level to another, drawn from shape to shape; the words beside it say what it is. */
export function WayFigures({
  way: { variant },
  backwards = false,
  heightCm = 165,
  build = 'adult',
}: {
  way: Pick<Way, 'variant'>;
  backwards?: boolean;
  heightCm?: number;
  build?: Build;
}) {
  const frames = variant.frames.map((_, frame) => frame);
  return (
    <span className="flex flex-wrap items-center gap-1" data-way={variant.id}>
      {(backwards ? frames.reverse() : frames).map((frame, at) => (
        <Fragment key={frame}>
          {at > 0 && <ArrowRight aria-hidden className="size-4 shrink-0 text-soft" />}
          <img
            src={figureImage(variant, frame, false, heightCm, build, WIDTH, HEIGHT)}
            width={WIDTH}
            height={HEIGHT}
            alt=""
            className="rounded-lg bg-(--fig-paper)"
            draggable={false}
          />
        </Fragment>
      ))}
    </span>
  );
}
