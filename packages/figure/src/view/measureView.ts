import { DEGREES, dot, length, rotate, sub, unit, type SideLetter, type Vec3 } from '@lotus-steady/core/body';
import { wipe } from '../raster/buffer.js';
import { render } from '../raster/render.js';
import { cameraOf, pageFor } from '../room/page.js';
import type { FigureScene, Stage } from '../room/stage.js';
import { REGIONS, type Region } from './regions.js';
import { seenOf, type Seen } from './seen.js';
import { differenceOf, silhouetteOf } from './silhouette.js';

/** The frame that views are measured in: a list's. */
const SIZE = { width: 96, height: 84, margin: 4 };
/** Coarser than a list's drawing: areas are counted, not shown. */
const SCALE = 1.2;

/** What speaks for a view, each 0 to 1. */
export interface ViewMeasure {
  /** How much is seen of head, hands, feet and knees. */
  seen: number;
  /** How long arms, legs and trunk look beside how long they are. */
  long: number;
  /** How near the bends of knees, hips, elbows and trunk look to what they are. */
  bends: number;
  /** How large the silhouette is beside that of a standing figure from the front. */
  open: number;
  /** How much of the picture changes from the start of a movement to its end; 1 for a held shape. */
  changes: number;
  /** Of all of these. */
  total: number;
  /** Of each region the least that a key frame shows. */
  regions: Seen;
}

/** Limbs that should not be seen end-on, and how much each counts. */
const SEGMENTS: readonly (readonly [string, string, number])[] = [
  ['pelvis', 'C7', 2],
  ...(['R', 'L'] as const).flatMap((side: SideLetter): (readonly [string, string, number])[] => [
    [`upperArm${side}`, `forearm${side}`, 0.7],
    [`forearm${side}`, `hand${side}`, 0.7],
    [`thigh${side}`, `shank${side}`, 1.2],
    [`shank${side}`, `foot${side}`, 1],
  ]),
];

/** A part that looks as long as this share of itself is long enough. */
const LONG_ENOUGH = 0.6;

function longOf({ body }: Stage, camera: ReturnType<typeof cameraOf>): number {
  let sum = 0;
  let all = 0;
  for (const [from, to, weight] of SEGMENTS) {
    const along = sub(body.frames[to]!.origin, body.frames[from]!.origin);
    const depth = camera[2] * along[0] + camera[5] * along[1] + camera[8] * along[2];
    const whole = length(along);
    const shown = Math.sqrt(Math.max(0, whole * whole - depth * depth)) / whole;
    sum += weight * Math.min(1, shown / LONG_ENOUGH);
    all += weight;
  }
  return sum / all;
}

/** Bends that tell a pose: at the middle one of three places, and how much each counts. */
const BENDS: readonly (readonly [string, string, string, number])[] = [
  ...(['R', 'L'] as const).flatMap((side: SideLetter): (readonly [string, string, string, number])[] => [
    ['T12', `thigh${side}`, `shank${side}`, 1.2],
    [`thigh${side}`, `shank${side}`, `foot${side}`, 1],
    [`upperArm${side}`, `forearm${side}`, `hand${side}`, 0.5],
    ['pelvis', `upperArm${side}`, `forearm${side}`, 0.7],
  ]),
  ['pelvis', 'T12', 'C7', 1],
];

/** A bend that looks this much other than it is, degrees, tells nothing. */
const MISLEADS = 50;

function bendsOf({ body }: Stage, camera: ReturnType<typeof cameraOf>): number {
  const at = (name: string): Vec3 => body.frames[name]!.origin;
  const flat = (place: Vec3): Vec3 => {
    const [x, y] = rotate(camera, place);
    return [x, y, 0];
  };
  const angle = (a: Vec3, b: Vec3): number =>
    Math.acos(Math.max(-1, Math.min(1, dot(unit(a), unit(b))))) * DEGREES;
  let sum = 0;
  let all = 0;
  for (const [from, by, to, weight] of BENDS) {
    const a = sub(at(from), at(by));
    const b = sub(at(to), at(by));
    const off = Math.abs(angle(a, b) - angle(flat(a), flat(b)));
    sum += weight * Math.max(0, 1 - off / MISLEADS);
    all += weight;
  }
  return sum / all;
}

/** Share of a standing figure's height squared that its silhouette fills, about. */
const STANDING_SHARE = 0.16;

/**
 * How well one view tells a pose.
 *
 * @param stages its key frames
 */
export function measureView(stages: readonly Stage[], view: FigureScene['view']): ViewMeasure {
  const camera = cameraOf(view);
  const page = pageFor(stages, camera, SIZE);
  let seen = 0;
  let long = 0;
  let bends = 0;
  let open = 0;
  const masks: Uint8Array[] = [];
  const least = Object.fromEntries(REGIONS.map((region) => [region, 1])) as Record<Region, number>;
  for (const stage of stages) {
    const rendered = render(stage, page, SCALE);
    const regions = seenOf(rendered);
    seen += seenShare(regions);
    for (const region of REGIONS) least[region] = Math.min(least[region], regions[region]);
    long += longOf(stage, camera);
    bends += bendsOf(stage, camera);
    const mask = silhouetteOf(rendered);
    masks.push(mask);
    const area = mask.reduce((a, b) => a + b, 0) / (page.pixels * SCALE) ** 2;
    open += Math.min(1, area / (STANDING_SHARE * stage.body.heightCm ** 2));
    wipe(rendered.buffers);
  }
  const n = stages.length;
  const changes = n > 1 ? Math.min(1, differenceOf(masks[0]!, masks[n - 1]!) / 0.35) : 1;
  const measure = { seen: seen / n, long: long / n, bends: bends / n, open: open / n, changes };
  return {
    ...measure,
    regions: least,
    total:
      0.28 * measure.seen + 0.2 * measure.long + 0.26 * measure.bends + 0.08 * measure.open + 0.18 * changes,
  };
}

/** Of a region that is seen this much all is said. */
const ENOUGH = 0.6;

/** How much is seen of head and of each pair: the better of two counts most, for the far one of a pair is guessed. */
function seenShare(seen: Seen): number {
  const share = (region: Region): number => Math.min(1, seen[region] / ENOUGH);
  const pair = (of: 'hand' | 'foot' | 'knee'): number => {
    const both = [share(`${of}R`), share(`${of}L`)];
    return 0.6 * Math.max(...both) + 0.4 * Math.min(...both);
  };
  return (1.3 * share('head') + pair('hand') + pair('foot') + pair('knee')) / 4.3;
}
