import type { Build, Way } from '@lotus-steady/core';
import { ArrowRight } from 'lucide-react';
import { Fragment, useMemo } from 'react';
import { DrawnFigure } from './DrawnFigure.js';
import { Moving, Played } from './Played.js';
import { scenesOf } from './scenesOf.js';
import { storedPicture } from './storedPicture.js';

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
  const scenes = useMemo(() => {
    const all = scenesOf(variant, { heightCm, build });
    return backwards ? all.reverse() : all;
  }, [variant, heightCm, build, backwards]);
  return (
    <div data-way={variant.id}>
      <span className="flex flex-wrap items-center gap-1">
        {(backwards ? frames.reverse() : frames).map((frame, at) => {
          const stored = storedPicture({ variant: variant.id, frame, left: false, build }, WIDTH);
          return (
            <Fragment key={frame}>
              {at > 0 && <ArrowRight aria-hidden className="size-4 shrink-0 text-soft" />}
              {stored ? (
                <img
                  src={stored}
                  width={WIDTH}
                  height={HEIGHT}
                  alt=""
                  className="rounded-lg bg-(--fig-paper)"
                  draggable={false}
                />
              ) : (
                <DrawnFigure
                  scenes={[scenesOf(variant, { heightCm, build })[frame]!]}
                  label=""
                  width={WIDTH}
                  height={HEIGHT}
                  className="rounded-lg bg-(--fig-paper)"
                />
              )}
            </Fragment>
          );
        })}
      </span>
      {scenes.length > 1 && (
        <Played>
          <Moving label={`${variant.name}, moving`} scenes={scenes} />
        </Played>
      )}
    </div>
  );
}
