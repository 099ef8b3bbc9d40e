import { MEASURING_PLACES, type RangeToMeasure } from '@lotus-steady/core';
import type { FigureScene } from '@lotus-steady/figure/scene';
import { variantById } from '../../data/catalogue.js';
import { scenesOf } from '../../domain/figure/scenesOf.js';
import type { PersonBody } from '../../domain/fitting/bodies.js';

/** From where each range is seen best: round the body and up, degrees; from the side unless said. */
const SEEN_FROM: Readonly<Partial<Record<RangeToMeasure['range'], readonly [number, number]>>> = {
  neckRotation: [90, 55],
  thoracicTwist: [90, 55],
  neckSideBend: [90, 4],
  sideBend: [90, 4],
  shoulderAbduction: [90, 4],
  shoulderRotationOut: [55, 12],
  shoulderRotationIn: [55, 12],
  hipAbduction: [90, 60],
  hipAdduction: [90, 60],
  hipRotationOut: [90, 8],
  hipRotationIn: [90, 8],
};

/** Somebody at so many degrees of a range, as one measures it. */
export function measuringScene(
  { range, place, shape }: RangeToMeasure,
  degrees: number,
  side: 'right' | 'left',
  { heightCm, build, look }: PersonBody,
): FigureScene {
  const [scene] = scenesOf(variantById(MEASURING_PLACES[place]).variant, { heightCm, build, look });
  const view = SEEN_FROM[range];
  return {
    ...scene!,
    posture: { ...scene!.posture, ...shape(degrees, side === 'right' ? 'R' : 'L') },
    ...(view ? { view } : {}),
  };
}
