import type { Pose, Variant } from '../poses/types.js';
import type { Side } from '../side.js';
import { holdOf, readCount, type AskedHold, type Count } from './readCount.js';
import { readLastSide, readSides, type Sides } from './readSides.js';
import { surePose } from './resolvePose.js';
import { isOpenName } from './whereTheyAre.js';
import { writtenName } from './writtenNames.js';

/** A step as it was read from a piece of a line. */
export interface ReadStep {
  pose: Pose;
  variant: Variant;
  /** Breath or rest of which nobody said where. */
  isOpen?: true;
  hold: AskedHold;
  /** Whether a hold was said. */
  isHeld: boolean;
  sides: readonly Side[];
  /** The one side that was said of a version that takes one after the other. */
  oneSide?: Side;
  /** So often, one after the other. */
  times: number;
}

type Shape = Pick<ReadStep, 'pose' | 'variant'>;

/** A piece of a line taken apart: the name, what is said of count and sides; the name is not resolved yet. */
export interface Piece extends Count, Sides {
  name: string;
}

/** Small words and marks round a name. */
const SMALL =
  /\bheld?\b|\bholding\b|\bfor\b|\bw\/|[,;:()[\]“”"+=–—→>]|(?<=\s)[-/](?=\s)|^[-/\s]+|[-/.!\s]+$/giu;

/** More letters than any name: looking them up would only take time. */
export const NAME_MOST = 160;

/** A name with the small words and marks round it gone. */
export const bare = (text: string): string => text.replace(SMALL, ' ').replace(/\s+/g, ' ').trim();

/**
 * @param withBare see {@link readCount}
 * @param sidesIn how sides are taken out: all that is said of them, only what is said last, or nothing
 */
export function takeApart(text: string, withBare: boolean, sidesIn = readSides): Piece {
  const { rest: unsided, ...sides } = sidesIn(text);
  const { rest, ...count } = readCount(unsided, withBare);
  return { ...sides, ...count, name: bare(rest) };
}

/**
 * A step as written without what is said of holds and sides.
 *
 * @example bareName('Low lunge, 4 breaths right') // 'Low lunge'
 */
export const bareName = (text: string): string => takeApart(text, false).name;

/** Verbs that lead into a pose: "come into", "push back to", "take". */
const FIRST = 'slowly|gently|now|then|and|next|finally|carefully|finish|end|start|begin|let’s|lets';
const GOES =
  'come|push|press|move|go|step|walk|lower|lift|float|flow|return|rise|ease|shift|turn|transition|start|begin|' +
  'find|take|do|practi[sc]e|hold|stay|rest|sit|settle|finish|end|enter|melt|roll|drop|hop|sink|release|swing|' +
  'slide|reach|open|fold|work';
const LEADS_IN = new RegExp(
  `^(?:(?:${FIRST})\\s+)*(?:(?:${GOES})\\s+)` +
    '(?:(?:back|up|down|forward|forwards|over|out|off|through|straight|all|the way)\\s+)*' +
    '(?:(?:in|into|to|onto|on|with|through|for)\\s+)*(?:(?:the|your|a|an|some)\\s+)*',
  'iu',
);

/** The name as it stands, or without the verb that leads into it. */
function resolveEither(name: string, poses: readonly Pose[]): ReturnType<typeof surePose> {
  const found = surePose(name, poses);
  if (found) return found;
  const after = name.replace(LEADS_IN, '');
  if (after === name || !after) return undefined;
  const led = surePose(after, poses);
  return led?.beside.length === 0 ? led : undefined;
}

/**
 * Reads one piece of a line as one step. A number that stands alone is part of the name where a name has it ("warrior
 * 2"), and a count where none does ("happy baby, 5").
 *
 * @returns the step, with what was said beside the name; or the name that is none for sure
 */
export function readStep(
  text: string,
  poses: readonly Pose[],
): { step: ReadStep; beside: readonly string[] } | { name: string } {
  const exact = writtenName(text, poses) && surePose(text, poses);
  if (exact) return { step: stepOf({ name: text }, exact), beside: [] };
  let unknown: string | undefined;
  // "Warrior 2 - 45 s" is no range.
  const dashed = text.replace(/\s[-–—]\s/gu, ' , ');
  const isSided = readSides(text).sides !== undefined;
  const ahead = text.replace(SIDE_AHEAD, (_, side: string, limb: string) => `${limb}, ${side},`);
  for (const [written, withBare, sidesIn] of [
    [text, false, readSides],
    [text, true, readSides],
    ...(dashed === text
      ? []
      : ([
          [dashed, false, readSides],
          [dashed, true, readSides],
        ] as const)),
    // "R knee to chest": the limb is part of the name, the side is not.
    ...(ahead === text ? [] : ([[ahead, false, readSides]] as const)),
    // "Both hands down, left": a side may be part of the name.
    ...(isSided
      ? ([
          [text, false, readLastSide],
          [text, false, noSides],
        ] as const)
      : []),
  ] as const) {
    const piece = takeApart(written, withBare, sidesIn);
    const { name } = piece;
    if (!/\p{L}/u.test(name) || name.length > NAME_MOST) return { name };
    const found = resolveEither(name, poses);
    const meant = found && isOfLimb(piece, found.pose) ? onSide(piece, found) : undefined;
    if (meant) return { step: stepOf(piece, meant), beside: meant.beside };
    if (unknown === undefined || (withBare && piece.hold && written === text)) unknown = name;
  }
  return { name: unknown! };
}

const LEG = /leg|foot|knee|hip|thigh|heel|ankle|toe/iu;
const ARM = /arm|hand|elbow|shoulder/iu;
/** Whether a limb that was named is one that the pose has sides by: "hug the right knee" is no hug of the arms. */
const isOfLimb = ({ limb }: Piece, { side }: Pose): boolean =>
  !limb ||
  (side !== undefined && (limb === 'leg' ? LEG : ARM).test(side)) ||
  !/leg|foot|knee|arm|hand/iu.test(side ?? limb);

/**
 * What is meant where one side is said of a pose that has none: its version that takes one limb after the other, on the
 * level on which it usually is done. Where there is none the side says something else: "on the right side".
 */
function onSide<M extends Shape>({ sides, inTurn }: Piece, meant: M): M | undefined {
  const { pose } = meant;
  if (pose.side || sides === undefined || sides === 'other') return meant;
  if (sides.length > 1 && !inTurn) return meant;
  if (meant.variant.alternates) return meant;
  const usual = pose.ladder.find(({ id }) => id === pose.usual)!;
  const one = pose.ladder.find(({ level, alternates }) => alternates && level === usual.level);
  return one && { ...meant, variant: one };
}

/** A side before its limb. */
const SIDE_AHEAD = /(?<![\p{L}\d])(right|left|R|L)\s+((?:leg|arm|foot|hand|knee)s?)\b/u;

const noSides = (text: string): ReturnType<typeof readSides> => ({ rest: text });

function stepOf(piece: Piece, { pose, variant }: Shape): ReadStep {
  const { name, hold, times = 1, sides } = piece;
  // What is counted in rounds and said as so long, so often, is done that often.
  const asRounds = times > 1 && pose.hold.unit === 'rounds' && hold?.unit === 'breaths';
  return {
    pose,
    variant,
    ...(isOpenName(name, pose, variant) ? { isOpen: true } : {}),
    hold: asRounds ? { unit: 'rounds', count: times } : holdOf(hold, pose),
    isHeld: hold !== undefined,
    sides: pose.side ? sidesOf(sides) : [],
    ...(!pose.side && Array.isArray(sides) && sides.length === 1 ? { oneSide: sides[0] as Side } : {}),
    times: asRounds ? 1 : times,
  };
}

const sidesOf = (sides: Sides['sides']): readonly Side[] =>
  sides === undefined || sides === 'other' ? ['right', 'left'] : sides;
