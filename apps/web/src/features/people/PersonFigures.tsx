import { placeOf } from '@lotus-steady/core';
import type { FigureScene, Mark } from '@lotus-steady/figure/scene';
import { useMemo } from 'react';
import type { PersonLine } from '../../data/types.js';
import { ExactFigure } from '../../domain/figure/ExactFigure.js';
import { usePainted } from '../../workers/usePainted.js';
import { useOwnBody } from '../../domain/person/useOwnBody.js';

/** What someone is drawn in: as they stand or sit, and folding as far as they go. */
interface Shape {
  variant: string;
  caption: string;
  view?: FigureScene['view'];
  /** What is limited is marked on it. */
  marked?: true;
}

const STANDING: readonly Shape[] = [
  { variant: 'mountain.full', caption: 'standing', view: [32, 8], marked: true },
  { variant: 'standing-forward-fold.full', caption: 'as far as the hips go' },
];
const SITTING: readonly Shape[] = [
  { variant: 'seated-breath.chair', caption: 'sitting', view: [32, 8], marked: true },
  { variant: 'chair-fold.full', caption: 'as far as the hips go' },
];

/** Where each place is on a body, by its landmark; of one on either side without the side. */
const LANDMARKS: Readonly<Record<string, string>> = {
  head: 'crown',
  neck: 'neckBack',
  shoulder: 'shoulderJ',
  elbow: 'elbow',
  wrist: 'wrist',
  'upper-back': 'midBack',
  'low-back': 'lowBack',
  belly: 'belly',
  pelvis: 'sacrum',
  hip: 'hipJ',
  thigh: 'thighMid',
  knee: 'knee',
  ankle: 'ankle',
};

const markOf = (kept: string): Mark[] => {
  const found = placeOf(kept);
  if (!found) return [];
  const side = found.side && (found.side === 'right' ? 'R' : 'L');
  return [{ kind: 'spot', at: `${LANDMARKS[found.place.id]}${side ?? ''}` }];
};

/** Someone drawn with their own height, build and ranges, so that a figure of theirs is known again. */
export function PersonFigures({ person, limited }: { person: PersonLine; limited: readonly string[] }) {
  const { body, ranges } = useOwnBody(person);
  const isPainted = usePainted();
  const places = limited.join();
  const marks = useMemo(() => places.split(',').flatMap(markOf), [places]);
  if (!body || !ranges) return null;
  const shapes = person.can.stand && !body.look?.onWheels ? STANDING : SITTING;
  return (
    <div className="flex flex-wrap gap-3 lg:flex-col">
      {shapes.map(({ variant, caption, view, marked }) => (
        <figure key={variant} className="w-52 rounded-2xl bg-(--fig-paper)">
          <div className="aspect-7/6">
            {isPainted && (
              <ExactFigure
                variant={variant}
                heightCm={body.heightCm}
                build={body.build}
                look={body.look}
                view={view}
                own={{ ranges }}
                marks={marked ? marks : undefined}
                width={210}
                height={180}
                className="h-auto w-full"
              />
            )}
          </div>
          <figcaption className="pb-2 text-center text-soft">{caption}</figcaption>
        </figure>
      ))}
    </div>
  );
}
