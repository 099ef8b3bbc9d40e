import { keep } from '../cache.js';
import type { Pose, Variant } from '../poses/types.js';
import type { Side } from '../side.js';
import { fold } from './fold.js';
import { isChat, isHeading, isSectionWords, isWay, KEYS, readMinutes } from './phrases.js';
import { readCount, type AskedHold } from './readCount.js';
import { bare, NAME_MOST, readStep, takeApart, type ReadStep } from './readStep.js';
import { readRepeat, type Repeat } from './readRepeat.js';
import { resolvePose } from './resolvePose.js';
import { tableRows } from './tableRows.js';

/** One step of a sequence. */
export interface Step {
  /** Counts the steps from 1. */
  number: number;
  /** What was written, without its bullet. */
  text: string;
  /** The line it stands in, from 1. */
  line: number;
  section?: string;
  note?: string;
  pose: Pose;
  variant: Variant;
  hold: AskedHold;
  /** Empty for a pose that is the same both sides. */
  sides: readonly Side[];
}

/**
 * What became of a piece of the text. `unsure` is asked about; `note` is kept and no step; `way` is how one gets from
 * shape to shape; `repeat` is steps that were written before.
 */
export type PartKind = 'title' | 'section' | 'minutes' | 'step' | 'repeat' | 'way' | 'note' | 'unsure';

/** A piece of the text and what was understood of it: every letter that is seen belongs to one. */
export interface PlanPart {
  kind: PartKind;
  line: number;
  /** Where it stands in the whole text, from the first letter to behind the last. */
  from: number;
  to: number;
  text: string;
  /** Numbers of the steps that came of it. */
  steps: readonly number[];
  /** Of what is unsure: what to do about it, and the names that come nearest. */
  message?: string;
  nearest?: readonly string[];
}

/** A plan as it was understood. */
export interface Plan {
  title: string;
  minutes: number;
  steps: readonly Step[];
  parts: readonly PlanPart[];
  /** The first line that is not read any more: more than any class has. */
  beyond?: number;
}

/** Length of a class when the plan does not say. */
const USUAL_MINUTES = 60;
/** More steps than any class has, and more unsure lines than anyone goes through. */
const STEPS_MOST = 200;

const MARKS = '[-–—*•◦▪▫‣●○·✓✔➤►▶❖★☆]|\\p{Extended_Pictographic}\\uFE0F?';
const NUMBERING = '\\(?\\d{1,3}[a-z]?[.)](?!\\d)|\\(\\d{1,3}\\)|step\\s+\\d+\\s*[:.)-]';
const BULLET = new RegExp(`^\\s*(?:(?:${MARKS}|${NUMBERING})\\s*)+(?=\\S)`, 'iu');

/** Marks between pieces of a line, the strongest first. */
const CUTS: readonly RegExp[] = [
  /\s*(?:→|⇒|=>|->|>)\s*|(?<=[\p{L}\d)])[.;!?]\s+/giu,
  /\s*,?\s*\b(?:and then|then|followed by|into)\b\s*/giu,
  /\s*,\s*(?:and\s+)?/giu,
  /\s+(?:\+|&|and)\s+/giu,
];
/** "Balance: tree": what a step is for. */
const LABEL = /^([\p{L} -]{3,24}):\s*(\S.*)$/u;
const ARROW = /→|⇒|->|=>|>/u;
const OR = /\s+(?:or)\s+/iu;

interface Piece {
  from: number;
  to: number;
  text: string;
}

/** Pieces of a text between marks, each with its place. */
function cut({ from, text }: Piece, mark: RegExp): Piece[] {
  const pieces: Piece[] = [];
  let at = 0;
  const push = (end: number): void => {
    const raw = text.slice(at, end);
    const trimmed = raw.trim();
    const start = from + at + raw.indexOf(trimmed);
    if (trimmed) pieces.push({ from: start, to: start + trimmed.length, text: trimmed });
  };
  for (const match of text.matchAll(mark)) {
    push(match.index);
    at = match.index + match[0].length;
  }
  push(text.length);
  return pieces;
}

/** What a section is called: its heading without marks, and without how often it is done. */
export const sectionName = (heading: string): string =>
  readCount(heading, false)
    .rest.replace(/[:*_#\s]+$/u, '')
    .replace(/^[*_#\s]+/u, '')
    .replace(/\(\s*\)/gu, '')
    .trim() || heading.trim();

/** What a piece of a line turned out to be. */
type Read =
  | { kind: 'step'; piece: Piece; step: ReadStep; note?: string }
  | { kind: 'repeat'; piece: Piece; repeat: Repeat }
  | { kind: 'way' | 'note'; piece: Piece; isLabel?: true }
  | { kind: 'unsure'; piece: Piece; name: string; nearest?: readonly string[] };

const folded = new WeakMap<readonly Pose[], ReadonlySet<string>>();
/** All that poses are called, folded. */
const namesOf = (poses: readonly Pose[]): ReadonlySet<string> =>
  folded.get(poses) ??
  keep(folded, poses, new Set(poses.flatMap((pose) => [pose.name, ...pose.aliases].map(fold))));

/** Reads plans with the poses of one catalogue. */
class Reader {
  readonly steps: Step[] = [];
  readonly parts: PlanPart[] = [];
  title: string | undefined;
  minutes = USUAL_MINUTES;
  private section: string | undefined;
  private heading: { line: number; piece: Piece } | undefined;
  private sectionTimes = 1;
  private sectionFrom = 0;
  private unsure = 0;
  private beyond = false;

  constructor(private readonly poses: readonly Pose[]) {}

  /** Puts a part down; what it says of steps comes with it. */
  part(kind: PartKind, line: number, { from, to, text }: Piece, more: Partial<PlanPart> = {}): void {
    this.parts.push({ kind, line, from, to, text, steps: [], ...more });
  }

  startSection(line: number, piece: Piece): void {
    this.endSection();
    const { times, hold } = takeApart(piece.text, false);
    const isRepeated = hold?.unit === undefined || hold.unit === 'rounds';
    this.sectionTimes = times ?? (isRepeated ? (hold?.count ?? 1) : 1);
    this.section = sectionName(piece.text);
    this.heading = { line, piece };
    this.part('section', line, piece);
  }

  /** A section that is done several times: its steps again. */
  endSection(): void {
    const own = this.steps.slice(this.sectionFrom);
    const again: number[] = [];
    for (let time = 1; time < Math.min(this.sectionTimes, 20); time++)
      for (const step of own) {
        const number = this.put(step);
        if (number) again.push(number);
      }
    if (again.length && this.heading)
      this.part('repeat', this.heading.line, this.heading.piece, { steps: again });
    this.sectionFrom = this.steps.length;
    this.sectionTimes = 1;
  }

  private put(step: Omit<Step, 'number'>): number | undefined {
    if (this.steps.length >= STEPS_MOST) {
      this.beyond = true;
      return undefined;
    }
    this.steps.push({ ...step, number: this.steps.length + 1 });
    return this.steps.length;
  }

  /** Whether there is more than is read. */
  get isBeyond(): boolean {
    return this.beyond || this.unsure > STEPS_MOST;
  }

  /** Whether there is room for no more. */
  get isFull(): boolean {
    return this.steps.length >= STEPS_MOST || this.unsure >= STEPS_MOST;
  }

  /** How long the class is. */
  length(line: number, piece: Piece, value: string): void {
    const minutes = readMinutes(value);
    if (minutes !== undefined && minutes >= 5 && minutes <= 240) {
      this.minutes = minutes;
      this.part('minutes', line, piece);
    } else
      this.part('unsure', line, piece, {
        nearest: [],
        message: `Line ${line}: minutes are between 5 and 240.`,
      });
  }

  /** Reads the words of a line; `isList` where it stands as one of a list, so that each is meant to be a step. */
  readLine(line: number, piece: Piece, isList: boolean): void {
    const reads = merged(this.readPiece(piece, 0, isList));
    const before = this.steps.length;
    for (const read of reads) this.take(line, read, before);
    this.chainTimes(piece, reads, before, line);
  }

  private take(line: number, read: Read, lineFrom: number): void {
    const { piece } = read;
    switch (read.kind) {
      case 'step':
        this.takeStep(line, read);
        return;
      case 'repeat': {
        const again = this.again(read.repeat, lineFrom);
        if (again.length) this.part('repeat', line, piece, { steps: again });
        else if (!this.hasBothSides(read.repeat))
          this.ask(line, piece, `nothing before it could be done again`);
        else this.part('note', line, piece);
        return;
      }
      case 'unsure':
        if (++this.unsure > STEPS_MOST) return;
        this.askName(line, read);
        return;
      default:
        this.part(read.kind, line, piece);
        if (!read.isLabel) this.noteToLast(read);
    }
  }

  /** Whether the other side is said of a step that has both already. */
  private hasBothSides({ side }: Repeat): boolean {
    return side !== undefined && (this.steps.at(-1)?.sides.length ?? 0) > 1;
  }

  /** Asks which pose is meant, with the names that come nearest. */
  private askName(line: number, { piece, name, nearest }: Read & { kind: 'unsure' }): void {
    const isName = /\p{L}/u.test(name) && name.length <= NAME_MOST;
    const found = isName ? resolvePose(name, this.poses) : undefined;
    const near = found && ('nearest' in found ? found.nearest : [found.pose.name]);
    const names = nearest ?? near ?? [];
    this.part('unsure', line, piece, {
      nearest: names,
      message: unsureText(line, name || piece.text, names),
    });
  }

  private ask(line: number, piece: Piece, why: string, nearest: readonly string[] = []): void {
    if (++this.unsure > STEPS_MOST) return;
    this.part('unsure', line, piece, { nearest, message: `Line ${line}: "${piece.text}": ${why}.` });
  }

  /** What is said under or beside a step goes with it. */
  private noteToLast({ kind, piece }: { kind: 'way' | 'note'; piece: Piece }): void {
    const last = this.steps.at(-1);
    if (kind === 'note' && last) last.note = [last.note, piece.text].filter(Boolean).join(' ');
  }

  private takeStep(line: number, { piece, step, note }: Read & { kind: 'step' }): void {
    const { pose, variant, hold, sides, times } = step;
    if (hold.count <= 0 || hold.count > 3600) {
      this.unsure++;
      this.part('unsure', line, piece, {
        nearest: [],
        message: `Line ${line}: a hold of ${hold.count} cannot be right.`,
      });
      return;
    }
    const numbers: number[] = [];
    for (let time = 0; time < Math.min(times, 20); time++) {
      const number = this.put({
        text: piece.text,
        line,
        ...(this.section === undefined ? {} : { section: this.section }),
        ...(note ? { note } : {}),
        pose,
        variant,
        hold,
        sides,
      });
      if (number) numbers.push(number);
    }
    this.part('step', line, piece, { steps: numbers });
  }

  /** Steps that are done again: the other side of what was one-sided, the last ones, or all of the section. */
  private again({ side, scope, times }: Repeat, lineFrom: number): number[] {
    const numbers: number[] = [];
    const copy = (steps: readonly Step[], sides?: readonly Side[]): void => {
      for (const step of steps) {
        const number = this.put({ ...step, sides: sides && step.sides.length ? sides : step.sides });
        if (number) numbers.push(number);
      }
    };
    if (side) {
      const run = oneSidedRun(this.steps.slice(this.sectionFrom), side);
      if (run.length) {
        const done = run.find(({ sides }) => sides.length === 1)!.sides[0]!;
        copy(run, [done === 'right' ? 'left' : 'right']);
      }
      return numbers;
    }
    const lastLine = this.steps.at(-1)?.line;
    const from = ((): number => {
      if (scope === 'section') return this.sectionFrom;
      if (lineFrom < this.steps.length) return lineFrom;
      return this.steps.findIndex(({ line }) => line === lastLine);
    })();
    if (from < 0) return numbers;
    const own = this.steps.slice(from);
    for (let time = 1; time < times; time++) copy(own);
    return numbers;
  }

  /** "Half lift → fold × 3": all of the chain so often. */
  private chainTimes(piece: Piece, reads: readonly Read[], from: number, line: number): void {
    const steps = reads.filter((read) => read.kind === 'step');
    const last = steps.at(-1);
    if (steps.length < 2 || !ARROW.test(piece.text) || !last || last.step.isHeld === false) return;
    const { hold } = takeApart(last.piece.text, false);
    if (!hold || hold.unit !== undefined) return;
    const { pose } = last.step;
    const own = this.steps.slice(from);
    own.at(-1)!.hold = { unit: pose.hold.unit, count: pose.hold.usual };
    const numbers: number[] = [];
    for (let time = 1; time < Math.min(hold.count, 20); time++)
      for (const step of own) {
        const number = this.put(step);
        if (number) numbers.push(number);
      }
    if (numbers.length) this.part('repeat', line, last.piece, { steps: numbers });
  }

  private readPiece(piece: Piece, level: number, isList: boolean): Read[] {
    const repeat = readRepeat(piece.text);
    if (repeat) return [{ kind: 'repeat', piece, repeat }];
    const isNamed = this.isNamed(piece.text);
    if (!isNamed && isWay(piece.text)) return [{ kind: 'way', piece }];
    const label = LABEL.exec(piece.text);
    if (label && isSectionWords(label[1]!)) {
      const said = { from: piece.from, to: piece.from + label[1]!.length + 1, text: `${label[1]!}:` };
      const at = piece.from + label[0].length - label[2]!.length;
      const rest = { from: at, to: piece.to, text: label[2]! };
      return [{ kind: 'note', piece: said, isLabel: true }, ...this.readPiece(rest, level, isList)];
    }
    const either = this.readEither(piece);
    if (either) return [either];
    const whole = readStep(piece.text, this.poses);
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

  /** Poses that are only breathed in. */
  private breaths(): string[] {
    return this.poses
      .filter(({ id }) => ['seated-breath', 'three-part-breath', 'long-out-breath'].includes(id))
      .map(({ name }) => name);
  }

  /** Whether a piece is the name of a pose and no more: "lie down" is both a pose and a way. */
  private isNamed(text: string): boolean {
    const { name } = takeApart(text, true);
    return namesOf(this.poses).has(fold(name));
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
    // Breaths and no more: where and how is asked.
    if (!name && onlyCounts(piece.text)) return { kind: 'unsure', piece, name: '', nearest: this.breaths() };
    if (isChat(piece.text, isList, this.poses)) return { kind: 'note', piece };
    return { kind: 'unsure', piece, name };
  }
}

/** Whether a piece after a comma is a step of its own: it has its own side or count. */
const standsAlone = ({ piece, step }: Read & { kind: 'step' }): boolean =>
  step.isHeld || takeApart(piece.text, true).sides !== undefined;

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
  { to }: Piece,
): Read {
  const { step, piece } = read;
  const { pose } = step;
  return {
    ...read,
    piece: { ...piece, to, text: `${piece.text}, ${''}`.trim() },
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

/** The same on the right and then on the left, in one line: one step with both. */
function merged(reads: readonly Read[]): Read[] {
  const out: Read[] = [];
  for (const read of reads) {
    const last = out.at(-1);
    if (
      read.kind === 'step' &&
      last?.kind === 'step' &&
      last.step.variant === read.step.variant &&
      last.step.sides.length === 1 &&
      read.step.sides.length === 1 &&
      last.step.sides[0] !== read.step.sides[0] &&
      (!last.step.isHeld || !read.step.isHeld || sameHold(last.step.hold, read.step.hold))
    ) {
      const { hold, isHeld } = read.step.isHeld ? read.step : last.step;
      const { from, text } = last.piece;
      out[out.length - 1] = {
        ...last,
        piece: { from, to: read.piece.to, text: `${text}, ${read.piece.text}` },
        step: { ...last.step, hold, isHeld, sides: [...last.step.sides, ...read.step.sides] },
      };
    } else out.push(read);
  }
  return out;
}

const sameHold = (a: AskedHold, b: AskedHold): boolean => a.unit === b.unit && a.count === b.count;

/** The steps at the end of a section of which the sided ones were done on one side only. */
function oneSidedRun(steps: readonly Step[], wanted: Repeat['side']): Step[] {
  let from = steps.length;
  let first = steps.length;
  let side: Side | undefined;
  while (from > 0) {
    const { sides } = steps[from - 1]!;
    if (sides.length > 1 || (sides.length && side && sides[0] !== side)) break;
    if (sides.length && wanted !== 'other' && sides[0] === wanted) break;
    from--;
    if (sides.length) {
      side = sides[0];
      first = from;
    }
  }
  return side ? steps.slice(first) : [];
}

function unsureText(line: number, name: string, nearest: readonly string[]): string {
  if (name.length > NAME_MOST)
    return `Line ${line}: ${name.length} letters are too long for the name of a pose.`;
  return nearest.length
    ? `Line ${line}: "${name}" is not a pose we know for sure. Nearest: ${nearest.join(', ')}.`
    : `Line ${line}: "${name}" is not understood.`;
}

/** Lines of a text with where they begin. */
function linesOf(source: string): Piece[] {
  const lines: Piece[] = [];
  let from = 0;
  for (const raw of source.split('\n')) {
    const text = raw.replace(/\r$/, '');
    lines.push({ from, to: from + text.length, text });
    from += raw.length + 1;
  }
  return lines;
}

const trimmed = ({ from, text }: Piece): Piece => {
  const body = text.trim();
  const at = from + text.indexOf(body);
  return { from: at, to: at + body.length, text: body };
};

/**
 * Reads a plan as it was written: lists with any bullets, tables, headings in any style, speech. Everything that is
 * seen becomes a part, so that nothing is dropped: a step where it is sure, a question where it is not.
 *
 * @param poses of the catalogue with the hall's own
 */
export function readPlan(source: string, poses: readonly Pose[]): Plan {
  const reader = new Reader(poses);
  const lines = linesOf(source.replace(/^\uFEFF/, ' '));
  const rows = tableRows(lines.map(({ text }) => text));
  let beyond: number | undefined;
  lines.forEach((raw, i) => {
    if (!raw.text.trim()) return;
    if (reader.isBeyond || (reader.isFull && beyond === undefined)) {
      beyond ??= i + 1;
      return;
    }
    readLine(reader, raw, i + 1, { row: rows[i], isFirst: !reader.parts.length, lines, poses });
  });
  reader.endSection();
  return {
    title: reader.title ?? 'Untitled class',
    minutes: reader.minutes,
    steps: reader.steps,
    parts: reader.parts,
    ...(beyond === undefined ? {} : { beyond }),
  };
}

interface Around {
  row: ReturnType<typeof tableRows>[number];
  isFirst: boolean;
  lines: readonly Piece[];
  poses: readonly Pose[];
}

function readLine(reader: Reader, raw: Piece, line: number, { row, isFirst, poses }: Around): void {
  const whole = trimmed(raw);
  const { text } = whole;
  if (row === 'head') return reader.part('note', line, whole);
  if (row) {
    const piece = { ...whole, text: row.text };
    reader.readLine(line, piece, true);
    if (row.note) {
      const last = reader.steps.at(-1);
      if (last?.line === line) last.note = [last.note, row.note].filter(Boolean).join(' ');
      reader.part('note', line, { ...whole, text: row.note });
    }
    return;
  }
  if (/^#(?!#)/.test(text)) {
    reader.title = text.replace(/^#+\s*/, '') || reader.title;
    return reader.part('title', line, whole);
  }
  if (text.startsWith('##')) return reader.startSection(line, whole);
  if (text.startsWith('>') && !/^>\s*>/.test(text)) {
    const note = text.replace(/^>\s*/, '');
    const last = reader.steps.at(-1);
    if (last) last.note = [last.note, note].filter(Boolean).join(' ');
    return reader.part('note', line, whole);
  }
  if (/^[-–—=_*~\s]+$/.test(text)) return reader.part('note', line, whole);
  if (!reader.steps.length && ONLY_LENGTH.test(text)) return reader.length(line, whole, text);
  if (readKey(reader, whole, line)) return;
  const bullet = /^(\*\*|__)/.test(text) ? null : BULLET.exec(text);
  const body = bullet
    ? trimmed({ ...whole, from: whole.from + bullet[0].length, text: text.slice(bullet[0].length) })
    : whole;
  if (isHeading(text, body.text, bullet !== null, poses))
    return reader.startSection(line, text.startsWith('##') ? whole : body);
  if (isFirst && !bullet && isTitle(body.text, poses)) {
    reader.title = bare(body.text);
    return reader.part('title', line, whole);
  }
  reader.readLine(line, body, bullet !== null || !isSpeech(body.text));
}

/** Whether a line is spoken, so that what stands between its commas may be anything. */
const isSpeech = (text: string): boolean =>
  /[.!?]\s/u.test(text) || /\bthen\b/iu.test(text) || text.split(/\s+/u).length > 16;

/** A line over the first step that only says how long the class is. */
const ONLY_LENGTH = new RegExp(
  '^\\(?\\s*(?:\\d+(?:[.,]\\d+)?\\s*(?:h|hrs?|hours?)\\s*(?:\\d{1,2}\\s*(?:m|min|mins|minutes)?)?|' +
    "\\d{2,3}\\s*(?:m|min|mins|minutes|['’′]))\\s*\\)?\\.?$",
  'iu',
);

/** The first line of a plan that is no step is what the class is called. */
const isTitle = (text: string, poses: readonly Pose[]): boolean =>
  text.length <= 60 &&
  !/[.,;→]/.test(text) &&
  !('step' in readStep(text, poses)) &&
  !isWay(text) &&
  !readRepeat(text);

/** "minutes: 60", "for: backs": a few words that are known. */
function readKey(reader: Reader, whole: Piece, line: number): boolean {
  const match =
    /^[-*•\s]*([\p{L} ]{2,20}?)\s*[:=]\s*(.*)$/u.exec(whole.text) ??
    /^(duration|length)\s+(.+)$/iu.exec(whole.text);
  const kind = match && KEYS[match[1]!.trim().toLowerCase()];
  if (!match || !kind) return false;
  const value = match[2]!.trim();
  if (kind === 'minutes') {
    reader.length(line, whole, value);
    return true;
  }
  if (kind === 'title') reader.title = value || reader.title;
  reader.part(kind === 'title' ? 'title' : 'note', line, whole);
  return true;
}
