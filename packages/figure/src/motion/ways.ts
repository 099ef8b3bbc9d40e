import { buildBody, length, sub, type Posture, type Vec3 } from '@lotus-steady/core/body';
import type { FigureScene } from '../room/stage.js';
import { postureBetween } from './postureBetween.js';

/** Places whose way is shown, without a side. */
const SHOWN = ['palmMid', 'ball', 'knee', 'crown', 'chest', 'lowBack', 'elbow', 'tips'] as const;

/** The way of one place through a movement. */
export interface Way {
  name: string;
  places: Vec3[];
  /** From its start to its farthest, cm. */
  cm: number;
}

/** The ways of the places that can be shown, the farthest first. */
export function waysOf(scenes: readonly FigureScene[]): Way[] {
  const { heightCm, build } = scenes[0]!;
  const bodies = [0, 0.25, 0.5, 0.75, 1].map((share) => {
    const along = share * (scenes.length - 1);
    const i = Math.min(scenes.length - 2, Math.floor(along));
    const posture = postureBetween(scenes[i]!.posture, scenes[i + 1]!.posture, along - i, {
      heightCm,
      build,
    });
    return buildBody(posture, heightCm, {}, build);
  });
  const names = SHOWN.flatMap((name) =>
    name + 'R' in bodies[0]!.points ? [`${name}R`, `${name}L`] : [name],
  );
  return names
    .map((name): Way => {
      const places = bodies.map(({ points }) => points[name]!);
      return { name, places, cm: Math.max(...places.map((place) => length(sub(place, places[0]!)))) };
    })
    .sort((a, b) => b.cm - a.cm);
}

/** Of a small movement, the place that says it, by the joint that turns most; of like ones the first. */
const SAYS: readonly (readonly [place: string, joints: readonly (keyof Posture)[]])[] = [
  ['lowBack', ['lumbar', 'thorax', 'side', 'twist']],
  ['crown', ['neck', 'neckSide', 'neckTwist']],
  ['tipsR', ['wristR', 'forearmR']],
  ['tipsL', ['wristL', 'forearmL']],
  ['ballR', ['ankleR', 'inversionR']],
  ['ballL', ['ankleL', 'inversionL']],
  ['kneeR', ['kneeR', 'hipR']],
  ['kneeL', ['kneeL', 'hipL']],
  ['elbowR', ['elbowR', 'shoulderR', 'girdleR', 'protractionR']],
  ['elbowL', ['elbowL', 'shoulderL', 'girdleL', 'protractionL']],
];

/** One place says a movement unless another's joints turn so many times as far. */
const CLEARLY_MORE = 1.5;

/** The place that says a small movement. */
export function turnsMost(from: Posture, to: Posture): string {
  const turned = (joint: keyof Posture): number => {
    const a = [from[joint]].flat();
    const b = [to[joint]].flat();
    return Math.max(...a.map((v, i) => Math.abs(v - b[i]!)));
  };
  const turns = SAYS.map(([place, joints]) => ({ place, degrees: Math.max(...joints.map(turned)) }));
  return turns.reduce((a, b) => (b.degrees > a.degrees * CLEARLY_MORE ? b : a)).place;
}
