import { breathsOf, shapeOf } from './flowStep.js';
import type { Piece } from './pieces.js';
import type { InFlow, Step } from './plan.js';
import type { AskedHold } from './readCount.js';
import type { ReadShape } from './readFlow.js';
import { ARROW, type Read } from './readPieces.js';
import { takeApart } from './readStep.js';

/** A step of a line as it was read. */
export type StepRead = Read & { kind: 'step' };

/** Whether what is said of a shape is how long it is stayed in, and not how often. */
const isBreaths = (unit: AskedHold['unit'] | undefined): boolean => unit === 'breaths' || unit === 'seconds';

const otherBreath = (on: InFlow['on']): InFlow['on'] => on && (on === 'in' ? 'out' : 'in');

/** How often a chain is done, by what its last shape says: "fold × 3", "dog 5 breaths × 3". */
export function roundsOf({ piece, step }: StepRead): number | undefined {
  const { hold, times } = takeApart(piece.text, false);
  if (times !== undefined) return times;
  if (!step.isHeld) return undefined;
  // Rounds of what is held in breaths are of all of the chain, though a comma stands before them.
  const ofAll = step.hold.unit === 'rounds' && step.pose.hold.unit !== 'rounds';
  return ofAll || (hold && hold.unit === undefined) ? step.hold.count : undefined;
}

/** The shapes of a chain: what its last one says of how often is said of all. */
export function inRounds(piece: Piece, reads: readonly Read[]): readonly Read[] {
  const last = reads.at(-1);
  if (last?.kind !== 'step' || last.step.times < 2 || reads.length < 2 || !ARROW.test(piece.text))
    return reads;
  return [...reads.slice(0, -1), { ...last, step: { ...last.step, times: 1 } }];
}

/** What a line calls its chain: "Hip flow: lunge → dog × 3". */
export function labelOf([first]: readonly Read[]): string | undefined {
  const isLabel = first?.kind === 'note' && first.isLabel;
  return isLabel ? first.piece.text.replace(/\s*:$/u, '') : undefined;
}

/** A step as the shape it is of a chain: its breath, and how long it is stayed in. */
export function shapeInChain(step: Step, reads: readonly StepRead[], at: number): ReadShape {
  const { step: read, piece, on: own } = reads[at]!;
  // Of two, one breath says the other's.
  const on = own ?? otherBreath(reads.length === 2 ? reads[1 - at]!.on : undefined);
  // "Fold × 3" is three rounds of it all; "dog 5 breaths × 3" stays five breaths each time.
  const isHeld = read.isHeld && isBreaths(takeApart(piece.text, false).hold?.unit);
  return {
    ...shapeOf(step),
    ...(on ? { on } : {}),
    ...(isHeld ? { breaths: breathsOf(read.hold) } : {}),
  };
}
