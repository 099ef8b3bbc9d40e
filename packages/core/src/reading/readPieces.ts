import { keep } from '../cache.js';
import type { Level, Pose } from '../poses/types.js';
import { fold, words } from './fold.js';
import { matters } from './matters.js';
import { isChat, isSectionWords, isWay } from './phrases.js';
import { cut, type Piece } from './pieces.js';
import type { Known } from './plan.js';
import type { AskedHold } from './readCount.js';
import {
  countedFirst,
  flowsLike,
  readBreathed,
  readNamedFlow,
  readTwoShapes,
  type ReadFlow,
} from './readFlow.js';
import { readRepeat, type Repeat } from './readRepeat.js';
import { bare, readStep, takeApart, type ReadStep } from './readStep.js';
import { writtenNames } from './writtenNames.js';

/** Marks between pieces of a line, the strongest first. */
const CUTS: readonly RegExp[] = [
  /\s*(?:→|⇒|=>|->|>)\s*|(?<=[\p{L}\d)])[.;!?]\s+/giu,
  /\s*,?\s*\b(?:and then|then|followed by|into)\b\s*/giu,
  /\s*,\s*(?:and\s+)?/giu,
  /\s+(?:\+|&|and)\s+/giu,
];
/** "Balance: tree": what a step is for. */
const LABEL = /^([\p{L} -]{3,24}):\s*(\S.*)$/u;
/** What chains steps together. */
export const ARROW = /→|⇒|->|=>|>/u;
/** A fold of which nobody says which, and what it is by where people are. */
const FOLD = /^(?:forward\s+)?fold$/iu;
const FOLDS: Readonly<Partial<Record<Level, string>>> = {
  standing: 'standing forward fold',
  sitting: 'seated forward fold',
  chair: 'chair fold',
};
const OR = /\s+(?:or)\s+/iu;

/** What a piece of a line turned out to be. */
export type Read =
  /** `on`: the breath it is gone into on. */
  | { kind: 'step'; piece: Piece; step: ReadStep; note?: string; on?: 'in' | 'out' }
  | { kind: 'flow'; piece: Piece; flow: ReadFlow }
  | { kind: 'repeat'; piece: Piece; repeat: Repeat }
  | { kind: 'way' | 'note'; piece: Piece; isLabel?: true }
  | { kind: 'unsure'; piece: Piece; name: string; nearest?: readonly string[] };

const folded = new WeakMap<readonly Pose[], ReadonlySet<string>>();
/** All that poses are called, folded. */
const foldedNames = (poses: readonly Pose[]): ReadonlySet<string> =>
  folded.get(poses) ?? keep(folded, poses, new Set([...writtenNames(poses).keys()].map(fold)));

/** A shape that is gone into on a breath is named by so many words at most; with more it is talk. */
const SHAPE_WORDS = 3;
/** Whether all words of a text could be of a pose. */
const isAllOfPoses = (text: string, poses: readonly Pose[]): boolean => {
  const said = words(text);
  return said.length > 0 && said.every((word) => matters(word, poses));
};

/** Reads the words of a line, piece by piece, with the poses of one catalogue. */
class PieceReader {
  private readonly poses: readonly Pose[];
  constructor(
    private readonly known: Known,
    /** Where people are when the piece begins. */
    private level: Level | undefined,
  ) {
    this.poses = known.poses;
  }

  /** A piece as a step; "fold" is that of where people are. */
  private readStep(text: string): ReturnType<typeof readStep> {
    const read = readStep(text, this.poses);
    const own = 'step' in read || !this.level || !FOLD.test(read.name) ? undefined : FOLDS[this.level];
    const found = own ? readStep(text.replace(/\b(?:forward\s+)?fold\b/iu, own), this.poses) : read;
    if ('step' in found) this.level = found.step.variant.exit ?? found.step.variant.level;
    return found;
  }

  readPiece(piece: Piece, level: number, isList: boolean): Read[] {
    const repeat = readRepeat(piece.text);
    if (repeat) return [{ kind: 'repeat', piece, repeat }];
    const flow = readNamedFlow(piece.text, this.known);
    if (flow) return [{ kind: 'flow', piece, flow }];
    const isNamed = this.isNamed(piece.text);
    if (!isNamed && isWay(piece.text)) return [{ kind: 'way', piece }];
    const label = LABEL.exec(piece.text);
    // "Hip flow: lunge → dog → plank": what stands before a chain is what it is called.
    if (label && (isSectionWords(label[1]!) || ARROW.test(label[2]!))) {
      const said = { from: piece.from, to: piece.from + label[1]!.length + 1, text: `${label[1]!}:` };
      const at = piece.from + label[0].length - label[2]!.length;
      const rest = { from: at, to: piece.to, text: label[2]! };
      return [{ kind: 'note', piece: said, isLabel: true }, ...this.readPiece(rest, level, isList)];
    }
    const either = this.readEither(piece);
    if (either) return [either];
    // "Knee to chest" is a pose, "mountain to chair" a movement of two.
    const moving = isNamed ? undefined : (this.readBreathedStep(piece) ?? this.readMoving(piece));
    if (moving) return [moving];
    const whole = this.readStep(piece.text);
    if ('step' in whole && !ARROW.test(piece.text)) {
      const note = whole.beside.length ? { note: piece.text } : {};
      return [{ kind: 'step', piece, step: whole.step, ...note }];
    }
    for (let at = level; at < CUTS.length; at++) {
      const pieces = cut(piece, CUTS[at]!);
      if (pieces.length < 2) continue;
      const reads = this.joined(
        pieces.map((one) => this.readPiece(one, at + 1, isList && at > 1)),
        isList && at > 1,
      );
      if (reads) return reads;
      break;
    }
    return [this.readRest(piece, 'step' in whole ? bare(piece.text) : whole.name, isList)];
  }

  /** "Inhale: arms up", "fold on the out-breath". */
  private readBreathedStep(piece: Piece): Read | undefined {
    const breathed = readBreathed(piece.text);
    const read = breathed && this.readStep(breathed.rest);
    if (!read || !('step' in read) || ARROW.test(piece.text)) return undefined;
    const note = read.beside.length ? { note: piece.text } : {};
    return { kind: 'step', piece, step: read.step, on: breathed.on, ...note };
  }

  /** "Dog to plank × 5". */
  private readMoving(piece: Piece): Read | undefined {
    const flow = readTwoShapes(piece.text, this.known);
    return flow && { kind: 'flow', piece, flow };
  }

  /** Poses that are only breathed in. */
  private breaths(): string[] {
    return this.poses
      .filter(({ id }) => ['seated-breath', 'three-part-breath', 'long-out-breath'].includes(id))
      .map(({ name }) => name);
  }

  /** Whether a piece is the name of a pose and no more: "lie down" is both a pose and a way. */
  private isNamed(text: string): boolean {
    const { name } = takeApart(text, true);
    return foldedNames(this.poses).has(fold(name));
  }

  /** "Cobra or sphinx": the first, and the other is kept beside it. */
  private readEither(piece: Piece): Read | undefined {
    const parts = cut(piece, new RegExp(OR.source, 'giu'));
    if (parts.length !== 2) return undefined;
    const [first, second] = parts.map(({ text }) => readStep(text, this.poses));
    if (!('step' in first!) || !('step' in second!)) return undefined;
    if (first.step.variant === second.step.variant) return undefined;
    const step = first.step.isHeld ? first.step : { ...first.step, ...heldAs(second.step, first.step) };
    return { kind: 'step', piece, step, note: `or ${parts[1]!.text}` };
  }

  /**
   * Pieces put together again: counts and sides go to the step before them. In a list a piece that is no step by
   * itself makes the whole unsure.
   */
  private joined(pieces: readonly (readonly Read[])[], isList: boolean): Read[] | undefined {
    const reads: Read[] = [];
    for (const read of pieces.flat()) {
      const last = reads.at(-1);
      if (read.kind === 'unsure' && last?.kind === 'step') {
        const more = onlyCounts(read.piece.text);
        if (more) {
          reads[reads.length - 1] = withCounts(last, more, read.piece);
          continue;
        }
      }
      if ((read.kind === 'unsure' || (read.kind === 'way' && last?.kind === 'step')) && isList)
        return undefined;
      // In a list a word after a comma tells more about the step; it is another step only where it says so itself.
      if (read.kind === 'step' && isList && last?.kind === 'step' && !standsAlone(read)) return undefined;
      reads.push(read);
    }
    return reads.some(({ kind }) => kind !== 'unsure') ? reads : undefined;
  }

  private readRest(piece: Piece, name: string, isList: boolean): Read {
    if (isWay(piece.text)) return { kind: 'way', piece };
    const salutes = flowsLike(countedFirst(name).name, this.known.flows);
    if (salutes.length) return { kind: 'unsure', piece, name, nearest: salutes };
    // Breaths and no more: where and how is asked.
    if (!name && onlyCounts(piece.text)) return { kind: 'unsure', piece, name: '', nearest: this.breaths() };
    // "Exhale fold" is no talk of the breath: what is gone into is asked about.
    const into = readBreathed(piece.text)?.rest;
    const isShape =
      into !== undefined && into.split(/\s+/u).length <= SHAPE_WORDS && isAllOfPoses(into, this.poses);
    if (isShape) return { kind: 'unsure', piece, name: bare(into) };
    if (isChat(piece.text, isList, this.poses)) return { kind: 'note', piece };
    return { kind: 'unsure', piece, name };
  }
}

/**
 * What a line says, in its order: steps, ways between them, talk, and what is unsure.
 *
 * @param isList whether it stands as one of a list, so that each is meant to be a step
 * @param level where people are before it
 */
export const readPieces = (piece: Piece, isList: boolean, known: Known, level?: Level): Read[] =>
  merged(new PieceReader(known, level).readPiece(piece, 0, isList));

/** Whether a piece after a comma is a step of its own: it has its own side or count. */
const standsAlone = ({ piece, step, on }: Read & { kind: 'step' }): boolean =>
  step.isHeld || on !== undefined || takeApart(piece.text, true).sides !== undefined;

/** Counts and sides alone: "5 breaths", "R + L". */
function onlyCounts(text: string): ReturnType<typeof takeApart> | undefined {
  const piece = takeApart(text, true);
  const says = piece.hold ?? piece.times ?? piece.sides;
  return says !== undefined && !/[\p{L}\d]/u.test(piece.name) ? piece : undefined;
}

const heldAs = (from: ReadStep, to: ReadStep): Partial<ReadStep> =>
  from.isHeld && from.hold.unit !== 'rounds' ? { hold: from.hold, isHeld: true } : { hold: to.hold };

function withCounts(
  read: Read & { kind: 'step' },
  { hold, times, sides }: ReturnType<typeof takeApart>,
  { to, text }: Piece,
): Read {
  const { step, piece } = read;
  const { pose } = step;
  return {
    ...read,
    piece: { ...piece, to, text: `${piece.text}, ${text}` },
    step: {
      ...step,
      ...(hold && !step.isHeld
        ? { hold: { unit: hold.unit ?? pose.hold.unit, count: hold.count }, isHeld: true }
        : {}),
      ...(times ? { times } : {}),
      ...(sides && sides !== 'other' && pose.side ? { sides } : {}),
    },
  };
}

/** Whether two steps are the two sides of the same. */
function isOtherSide(a: ReadStep, b: ReadStep): boolean {
  if (a.variant !== b.variant) return false;
  if (a.isHeld && b.isHeld && !sameHold(a.hold, b.hold)) return false;
  if (a.oneSide && b.oneSide) return a.oneSide !== b.oneSide;
  return a.sides.length === 1 && b.sides.length === 1 && a.sides[0] !== b.sides[0];
}

/** The same on the right and then on the left, in one line: one step with both. */
function merged(reads: readonly Read[]): Read[] {
  const out: Read[] = [];
  for (const read of reads) {
    const last = out.at(-1);
    if (read.kind === 'step' && last?.kind === 'step' && isOtherSide(last.step, read.step)) {
      const { hold, isHeld } = read.step.isHeld ? read.step : last.step;
      const { oneSide: _done, ...step } = last.step;
      const { from, text } = last.piece;
      out[out.length - 1] = {
        ...last,
        piece: { from, to: read.piece.to, text: `${text}, ${read.piece.text}` },
        step: { ...step, hold, isHeld, sides: [...step.sides, ...read.step.sides] },
      };
    } else out.push(read);
  }
  return out;
}

const sameHold = (a: AskedHold, b: AskedHold): boolean => a.unit === b.unit && a.count === b.count;
