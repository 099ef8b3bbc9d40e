import { breathOf, eased, shapeAt, type Moment, type Phase } from '@lotus-steady/core';
import type { FigureScene } from '@lotus-steady/figure/scene';
import { useEffect, useMemo, useState } from 'react';
import { variantById, wayById } from '../../data/catalogue.js';
import { Figure } from '../../domain/figure/Figure.js';
import { MotionCanvas } from '../../domain/figure/MotionCanvas.js';
import { frameIn } from '../../domain/figure/frameIn.js';
import { scenesOf, type Drawn } from '../../domain/figure/scenesOf.js';
import { wantsMotion } from '../../ui/wantsMotion.js';

const WIDTH = 560;
const HEIGHT = 420;
/** So long the way from one shape to the next is drawn, seconds; then it rests before it is drawn again. */
const WAY_SECONDS = 2.4;
const WAY_RESTS = 1.6;

interface Props {
  moment: Moment;
  before: Moment | undefined;
  phase: Phase;
  /** Whether its clock runs; a class that has not begun stands still. */
  runs: boolean;
  /** Seconds of the phase that have passed, at any instant. */
  passed: () => number;
  body: Pick<Drawn, 'heightCm' | 'build'>;
}

/**
 * What is done now, drawn large: on the way there it moves from the shape before through the ways between levels, in
 * the hold it breathes, and a movement goes with the breath.
 */
export function Stage({ moment, before, phase, runs, passed, body }: Props) {
  const isWay = phase === 'lead' && before !== undefined && !moment.then;
  const scenes = useMemo(
    () => (isWay ? wayScenes(before, moment, body) : holdScenes(moment, body)),
    [isWay, before, moment, body],
  );
  const name = variantById(shapeOf(moment).step.variant).pose.name;
  const moves = runs && phase !== 'done' && wantsMotion() && scenes.length > 0;
  if (!moves) return <StillStage moment={moment} body={body} />;
  return (
    <Film
      label={isWay ? `the way to ${name.toLowerCase()}, moving` : `${name}, with the breath`}
      scenes={scenes}
      at={() => (isWay ? onTheWay(passed(), scenes.length) : inHold(moment, passed()))}
    />
  );
}

function StillStage({ moment, body }: Pick<Props, 'moment' | 'body'>) {
  const { step, side } = shapeOf(moment);
  const variant = moment.then ? moment.differing[0]!.entry.variant : step.variant;
  return (
    <Figure
      variant={variant}
      side={moment.then ? undefined : side}
      {...body}
      width={WIDTH}
      height={HEIGHT}
      className="h-full min-h-0 w-full"
    />
  );
}

/** A film that is looked at for every picture of the screen. */
function Film({ label, scenes, at }: { label: string; scenes: readonly FigureScene[]; at: () => number }) {
  const [shown, setShown] = useState(at);
  useEffect(() => {
    let asked = requestAnimationFrame(function look() {
      setShown(at());
      asked = requestAnimationFrame(look);
    });
    return () => cancelAnimationFrame(asked);
  }, [at]);
  return (
    <MotionCanvas
      label={label}
      scenes={scenes}
      at={shown}
      view={scenes[0]!.view}
      width={WIDTH}
      height={HEIGHT}
      className="h-full max-h-full min-h-0 w-full object-contain"
    />
  );
}

/** The shape that a moment begins with. */
const shapeOf = ({ round, step, side }: Moment): Pick<Moment, 'step' | 'side'> =>
  round?.shapes[0] ?? { step, side };

const drawnOn = ({ step, side }: Pick<Moment, 'step' | 'side'>, body: Props['body']): FigureScene[] => {
  const { pose, variant } = variantById(step.variant);
  return scenesOf(variant, { ...body, left: side === 'left' && Boolean(pose.side) });
};

/** What is held is one shape that breathes; a movement is all of its key frames; a round all of its shapes. */
function holdScenes(moment: Moment, body: Props['body']): FigureScene[] {
  if (moment.then) return [];
  if (!moment.round) return drawnOn(moment, body);
  const shapes = moment.round.shapes.map((shape) => {
    const scenes = drawnOn(shape, body);
    const frame = frameIn(shape.step);
    return scenes[frame === 'move' ? scenes.length - 1 : frame]!;
  });
  return shapes.map((scene) => ({ ...scene, view: shapes[0]!.view }));
}

/** From the last of what was done, through the ways between levels, to the first of what comes; all seen alike. */
function wayScenes(before: Moment, moment: Moment, body: Props['body']): FigureScene[] {
  const last = before.round?.shapes[before.round.shapes.length - 1] ?? before;
  const from = drawnOn(last, body);
  const to = drawnOn(shapeOf(moment), body);
  const plain = moment.doing.find(({ entry }) => entry.verdict === 'as-written') ?? moment.doing[0];
  const ways = (before.step.step === moment.step.step ? [] : (plain?.entry.way?.moves ?? [])).flatMap(
    ({ id, backwards }) => {
      const scenes = scenesOf(wayById(id).variant, body);
      return backwards ? scenes.reverse() : scenes;
    },
  );
  const view = to[0]!.view;
  return [from[from.length - 1]!, ...ways, to[0]!].map((scene) => ({ ...scene, view }));
}

/** Where on the way one is: it is gone once, rested on, and gone again. */
function onTheWay(passed: number, scenes: number): number {
  const takes = WAY_SECONDS * Math.max(1, scenes - 1);
  return eased(Math.min(1, (passed % (takes + WAY_RESTS)) / takes));
}

/** Where a hold is in its film. */
function inHold(moment: Moment, passed: number): number {
  if (moment.round) return inRound(moment.round.shapes, passed);
  const { variant } = variantById(moment.step.variant);
  const { full } = breathOf(moment, passed);
  return variant.frames.length > 1 && variant.inBreathTo === 'first' ? 1 - full : full;
}

/** Each shape is come into in the first half of its time, and stayed in. */
function inRound(shapes: NonNullable<Moment['round']>['shapes'], passed: number): number {
  const { at, into } = shapeAt(shapes, passed);
  const come = at ? eased(Math.min(1, into / (shapes[at]!.seconds / 2 || 1))) : 1;
  return Math.max(0, at - 1 + come) / Math.max(1, shapes.length - 1);
}
