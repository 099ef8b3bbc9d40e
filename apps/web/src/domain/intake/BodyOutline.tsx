import { BODY_PLACES, placeOn, sayPlace, type BodyPlace } from '@lotus-steady/core';
import { useMemo } from 'react';
import { DrawnFigure } from '../figure/DrawnFigure.js';
import { scenesOf } from '../figure/scenesOf.js';
import { variantById } from '../../data/catalogue.js';

const WIDTH = 220;
const HEIGHT = 400;

/** Where each place is on the standing figure, shares of the picture's width (from its middle) and height. */
const AT: Readonly<Record<string, readonly [out: number, down: number]>> = {
  head: [0, 0.06],
  neck: [0, 0.145],
  shoulder: [0.155, 0.2],
  elbow: [0.215, 0.35],
  wrist: [0.245, 0.53],
  'upper-back': [0, 0.25],
  'low-back': [0, 0.4],
  belly: [0, 0.38],
  pelvis: [0, 0.47],
  hip: [0.13, 0.47],
  thigh: [0.09, 0.6],
  knee: [0.085, 0.72],
  ankle: [0.09, 0.94],
};

/**
 * The body from the front and from behind: a place is pointed at, and pointed at again to take it back; on paper it is
 * only drawn.
 */
export function BodyOutline({
  places = [],
  onChange,
  label,
}: {
  places?: readonly string[];
  onChange?: (places: string[]) => void;
  label: string;
}) {
  const toggle = (place: string): void =>
    onChange?.(places.includes(place) ? places.filter((one) => one !== place) : [...places, place]);
  return (
    <div role="group" aria-label={label} className="flex flex-wrap gap-4">
      {(['front', 'back'] as const).map((seen) => (
        <Standing key={seen} seen={seen} places={places} onToggle={onChange && toggle} />
      ))}
    </div>
  );
}

function Standing({
  seen,
  places,
  onToggle,
}: {
  seen: 'front' | 'back';
  places: readonly string[];
  onToggle: ((place: string) => void) | undefined;
}) {
  const scenes = useMemo(
    () =>
      scenesOf(variantById('mountain.full').variant, {}).map((scene) => ({
        ...scene,
        view: [seen === 'front' ? 90 : -90, 0] as const,
      })),
    [seen],
  );
  return (
    <figure className="text-center">
      <div className="relative rounded-2xl bg-(--fig-paper)" style={{ width: WIDTH, height: HEIGHT }}>
        <DrawnFigure scenes={scenes} label="" width={WIDTH} height={HEIGHT} className="absolute inset-0" />
        {(onToggle ? BODY_PLACES : [])
          .filter((place) => place.seen === 'both' || place.seen === seen)
          .flatMap((place) =>
            spotsOf(place, seen).map(({ kept, left, top }) => {
              const chosen = places.includes(kept);
              return (
                <button
                  key={kept}
                  type="button"
                  aria-label={sayPlace(kept)}
                  aria-pressed={chosen}
                  title={sayPlace(kept)}
                  onClick={() => onToggle?.(kept)}
                  style={{ left: `${left * 100}%`, top: `${top * 100}%` }}
                  className={
                    'absolute size-8 -translate-1/2 cursor-pointer rounded-full border-2 ' +
                    (chosen
                      ? 'border-clay bg-clay/70'
                      : 'border-strong-line/60 bg-paper/20 hover:border-clay hover:bg-clay/25')
                  }
                />
              );
            }),
          )}
      </div>
      <figcaption className="text-soft">{seen === 'front' ? 'from the front' : 'from behind'}</figcaption>
    </figure>
  );
}

/** Where a place's spots are in the picture: seen from the front, somebody's right is on the left. */
function spotsOf(place: BodyPlace, seen: 'front' | 'back'): { kept: string; left: number; top: number }[] {
  const [out, top] = AT[place.id]!;
  if (!place.sided) return [{ kept: place.id, left: 0.5, top }];
  const right = seen === 'front' ? -1 : 1;
  return (['right', 'left'] as const).map((side) => ({
    kept: placeOn(place, side),
    left: 0.5 + out * (side === 'right' ? right : -right),
    top,
  }));
}
