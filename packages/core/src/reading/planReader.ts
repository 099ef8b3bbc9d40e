import type { Pose } from '../poses/types.js';
import type { Side } from '../side.js';
import { readMinutes } from './phrases.js';
import type { Piece } from './pieces.js';
import { STEPS_MOST, TIMES_MOST, type PartKind, type PlanPart, type Step } from './plan.js';
import { readCount } from './readCount.js';
import { ARROW, readPieces, type Read } from './readPieces.js';
import type { Repeat } from './readRepeat.js';
import { NAME_MOST, takeApart } from './readStep.js';
import { resolvePose } from './resolvePose.js';

/** Length of a class when the plan does not say. */
const USUAL_MINUTES = 60;

/** What a section is called: its heading without marks, and without how often it is done. */
export const sectionName = (heading: string): string =>
  readCount(heading, false)
    .rest.replace(/[:*_#\s]+$/u, '')
    .replace(/^[*_#\s]+/u, '')
    .replace(/\(\s*\)/gu, '')
    .trim() || heading.trim();

/** Puts a plan together, line by line: its steps, what is done again, and what became of each piece. */
export class PlanReader {
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
    const said = times ?? (isRepeated ? (hold?.count ?? 1) : 1);
    this.sectionTimes = said > TIMES_MOST ? 1 : said;
    this.section = sectionName(piece.text);
    this.heading = { line, piece };
    this.part('section', line, piece);
    if (said > TIMES_MOST) this.ask(line, piece, tooOften(said));
  }

  /** A section that is done several times: its steps again. */
  endSection(): void {
    const own = this.steps.slice(this.sectionFrom);
    const again: number[] = [];
    for (let time = 1; time < this.sectionTimes; time++)
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
    const reads = readPieces(piece, isList, this.poses);
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
        if (read.repeat.times > TIMES_MOST) {
          this.ask(line, piece, tooOften(read.repeat.times));
          return;
        }
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
      this.ask(line, piece, `a hold of ${hold.count} cannot be right`);
      return;
    }
    if (times > TIMES_MOST) {
      this.ask(line, piece, tooOften(times));
      return;
    }
    const numbers: number[] = [];
    for (let time = 0; time < times; time++) {
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
    if (hold.count > TIMES_MOST) {
      this.ask(line, last.piece, tooOften(hold.count));
      return;
    }
    const { pose } = last.step;
    const own = this.steps.slice(from);
    own.at(-1)!.hold = { unit: pose.hold.unit, count: pose.hold.usual };
    const numbers: number[] = [];
    for (let time = 1; time < hold.count; time++)
      for (const step of own) {
        const number = this.put(step);
        if (number) numbers.push(number);
      }
    if (numbers.length) this.part('repeat', line, last.piece, { steps: numbers });
  }
}

const tooOften = (times: number): string => `${times} times is more than we believe, ${TIMES_MOST} at most`;

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
