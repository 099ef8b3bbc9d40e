import type { Vec3 } from '@lotus-steady/core/body';
import { LIMBS } from '../body/bones.js';
import { LABEL, TONES } from '../body/labels.js';
import { isInList } from '../room/listSize.js';
import type { Page } from '../room/page.js';
import type { Stage } from '../room/stage.js';
import { mixed, short, type Paint } from './paint.js';

/** One arm or leg as the camera has it. */
interface Limb {
  root: Vec3;
  middle: Vec3;
  /** The mean of its joints, towards the eye. */
  depth: number;
}

const JOINTS: Readonly<Record<string, readonly string[]>> = {
  arm: ['upperArm', 'forearm', 'hand'],
  leg: ['thigh', 'shank', 'foot'],
};

/** How much paler the farther of two arms or legs is at its end: percent of paper, by limb; 0 where it is near. */
function palenessOf(limbs: readonly Limb[], inList: boolean): number[] {
  return limbs.map((limb, i) => {
    const away = limbs[i ^ 1]!.depth - limb.depth;
    const shown = Math.hypot(limb.middle[0] - limb.root[0], limb.middle[1] - limb.root[1]);
    if (away < 5 || shown < 5) return 0;
    return inList ? Math.min(38, 16 + away * 0.45) : Math.min(28, 12 + away * 0.34);
  });
}

/** How far limbs are painted: which are paler, by how much, and the paint of every area of the body. */
export function farLimbs(
  { body }: Stage,
  page: Page,
  idPrefix: string,
): { far: Uint8Array; paints: Paint[]; paleness: number[] } {
  const limbs = LIMBS.slice(1).map((limb): Limb => {
    const side = limb.slice(-1);
    const joints = JOINTS[limb.slice(0, 3)]!.map((joint) => page.look(body.frames[joint + side]!.origin));
    return {
      root: joints[0]!,
      middle: joints[1]!,
      depth: joints.reduce((sum, joint) => sum + joint[2], 0) / joints.length,
    };
  });
  const pale = palenessOf(limbs, isInList(page));
  const paints = LIMBS.flatMap((_, number) =>
    Object.values(LABEL).map((label): Paint => {
      const tone = TONES[label];
      const percent = number ? pale[number - 1]! : 0;
      if (!percent || tone === 'hair') return { fill: `var(--fig-${tone})` };
      return gradient(tone, percent, limbs[number - 1]!, page, `${idPrefix}${number}${label}`);
    }),
  );
  const far = Uint8Array.from([0, ...pale.map((percent, i) => (percent ? i + 1 : 0))]);
  return { far, paints, paleness: pale };
}

/** From the limb's root, in its own tone, to its middle joint, paler. */
function gradient(tone: string, percent: number, { root, middle }: Limb, page: Page, id: string): Paint {
  const [x1, y1, x2, y2] = [root, middle].flatMap(([x, y]) => [
    short(x * page.pixels + page.left),
    short(y * page.pixels + page.top),
  ]);
  return {
    fill: `url(#${id})`,
    gradient:
      `<linearGradient id="${id}" gradientUnits="userSpaceOnUse" x1="${x1}" y1="${y1}" x2="${x2}" y2="${y2}">` +
      `<stop offset=".1" stop-color="var(--fig-${tone})"/>` +
      `<stop offset=".8" stop-color="${mixed(tone, 'paper', percent)}"/></linearGradient>`,
  };
}
