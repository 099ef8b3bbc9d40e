import type { Level, Pose } from '../poses/types.js';
import type { Side } from '../side.js';
import { nameOf } from './nameOf.js';
import { readMinutes } from './phrases.js';
import type { Piece } from './pieces.js';
import {
  ROUNDS_MOST,
  STEPS_MOST,
  TIMES_MOST,
  type Known,
  type PartKind,
  type PlanPart,
  type Step,
} from './plan.js';
import { readCount } from './readCount.js';
import { inRounds, labelOf, roundsOf, shapeInChain, type StepRead } from './chains.js';
import { flowAnew, flowStep, shapeOf } from './flowStep.js';
import { oneSidedRun } from './oneSidedRun.js';
import { flowName, plainName, type ReadFlow } from './readFlow.js';
import { ARROW, readPieces, type Read } from './readPieces.js';
import type { Repeat } from './readRepeat.js';
import { NAME_MOST, takeApart } from './readStep.js';
import { resolvePose } from './resolvePose.js';

/** Length of a class when the plan does not say. */
const USUAL_MINUTES = 60;

/** How often a heading says that its section is done: once where it does not say. */
function timesSaid({ times, hold }: Pick<ReturnType<typeof readCount>, 'times' | 'hold'>): number {
  const isRepeated = hold?.unit === undefined || hold.unit === 'rounds';
  return times ?? (isRepeated ? (hold?.count ?? 1) : 1);
}

/** What a section is called: its heading without marks, and without how often it is done. */
export function sectionName(heading: string): string {
  const read = readCount(heading, false);
  const isOnce = timesSaid(read) === 1 && read.hold?.unit !== 'seconds';
  return (
    (isOnce ? heading : read.rest)
      .replace(/[:*_#\s]+$/u, '')
      .replace(/^[*_#\s]+/u, '')
      .replace(/\(\s*\)/gu, '')
      .replace(/\s+/gu, ' ')
      .trim() || heading.trim()
  );
}

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

  /** Flows so far. */
  private flows = 0;
  /** Where shapes begin that are written a line each, with their breath, as long as they go on; and these. */
  private breathedFrom: number | undefined;
  private breathed: StepRead[] = [];
  /** Flows of this plan, by their names in small letters. */
  private readonly named = new Map<string, ReadFlow>();
  /** What the chain of this line is called. */
  private label: string | undefined;
  private readonly poses: readonly Pose[];

  constructor(private readonly known: Known) {
    this.poses = known.poses;
  }

  /** Puts a part down; what it says of steps comes with it. */
  part(kind: PartKind, line: number, { from, to, text }: Piece, more: Partial<PlanPart> = {}): void {
    this.parts.push({ kind, line, from, to, text, steps: [], ...more });
  }

  startSection(line: number, piece: Piece): void {
    this.endSection();
    const said = timesSaid(takeApart(piece.text, false));
    this.sectionTimes = said > TIMES_MOST ? 1 : said;
    this.section = sectionName(piece.text);
    this.heading = { line, piece };
    this.part('section', line, piece);
    if (said > TIMES_MOST) this.ask(line, piece, tooOften(said));
  }

  /** Begins a section where it is another than the one that goes on: each row of a table says its own. */
  keepSection(line: number, piece: Piece): void {
    if (sectionName(piece.text) !== this.section) this.startSection(line, piece);
  }

  /** A section that is done several times: its steps again. */
  endSection(): void {
    const own = this.steps.slice(this.sectionFrom);
    const again: number[] = [];
    // A section that is all breath and shapes is a flow of so many rounds.
    if (this.sectionTimes > 1 && own.length && own.every(({ flow }) => flow?.rounds === 1)) {
      const flow = { number: own[0]!.flow!.number, name: this.section!, rounds: this.sectionTimes };
      own.forEach((step, i) => (this.steps[this.sectionFrom + i] = flowAnew(step, flow)));
      this.keepNamed(flow.name, this.sectionFrom);
    } else for (let time = 1; time < this.sectionTimes; time++) again.push(...this.putAgain(own));
    if (again.length && this.heading)
      this.part('repeat', this.heading.line, this.heading.piece, { steps: again });
    this.sectionFrom = this.steps.length;
    this.sectionTimes = 1;
    this.breathedFrom = undefined;
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

  /** Where people are after the last step. */
  private get level(): Level | undefined {
    const last = this.steps.at(-1)?.variant;
    return last && (last.exit ?? last.level);
  }

  /** Reads the words of a line; `isList` where it stands as one of a list, so that each is meant to be a step. */
  readLine(line: number, piece: Piece, isList: boolean): void {
    const reads = inRounds(piece, readPieces(piece, isList, this.known, this.level));
    const again = this.flowAgain(piece);
    if (again) {
      this.takeFlow(line, { kind: 'flow', piece, flow: again });
      return;
    }
    const before = this.steps.length;
    this.label = labelOf(reads);
    for (const read of reads) this.take(line, read, before);
    this.chain(piece, reads, before, line);
  }

  private take(line: number, read: Read, lineFrom: number): void {
    const { piece } = read;
    switch (read.kind) {
      case 'step':
        this.takeStep(line, read);
        return;
      case 'flow':
        this.takeFlow(line, read);
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

  /** "Hip flow × 2": a flow that was written before, by its name. */
  private flowAgain({ text }: Piece): ReadFlow | undefined {
    const { name, hold, times } = takeApart(text, true);
    const flow = this.named.get(plainName(name));
    const isRounds = hold === undefined || hold.unit === undefined || hold.unit === 'rounds';
    return flow && isRounds ? { ...flow, rounds: times ?? hold?.count ?? 1 } : undefined;
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
    const { pose, variant, isOpen, hold, sides, times } = step;
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
        ...this.here(line, piece.text),
        ...(note ? { note } : {}),
        pose,
        variant,
        ...(isOpen ? { isOpen } : {}),
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
      numbers.push(
        ...this.putAgain(steps, (step) => (sides && step.sides.length ? { ...step, sides } : step)),
      );
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

  /** All shapes of a flow, its name for a heading. */
  private takeFlow(line: number, { piece, flow }: Read & { kind: 'flow' }): void {
    const { name, rounds, shapes } = flow;
    if (rounds > ROUNDS_MOST) {
      this.ask(line, piece, tooOften(rounds, ROUNDS_MOST));
      return;
    }
    const own = { number: ++this.flows, name: this.label ?? name, rounds };
    this.breathedFrom = undefined;
    const numbers: number[] = [];
    for (const shape of shapes) {
      const step = this.here(line, nameOf(shape));
      const number = this.put(flowStep(step, shape, own));
      if (number) numbers.push(number);
    }
    this.part('step', line, piece, { steps: numbers });
  }

  /** What steps of a line have in common. */
  private here(line: number, text: string): Pick<Step, 'text' | 'line' | 'section'> {
    return { text, line, ...(this.section === undefined ? {} : { section: this.section }) };
  }

  /**
   * Steps of a line that follow each other in rounds: "half lift → fold × 3", "inhale arms up, exhale fold". Lines of
   * which each says its breath go on with the one before; one alone is a step like any other.
   */
  private chain(piece: Piece, reads: readonly Read[], from: number, line: number): void {
    const steps = reads.filter((read) => read.kind === 'step');
    const last = steps.at(-1);
    const goesOn = this.breathedFrom;
    if (this.steps.length > from) this.breathedFrom = undefined;
    if (!last || steps.length !== this.steps.length - from) return;
    // Of two, one breath says the other's: "cobra, then child's pose on the out-breath".
    const isBreathed =
      steps.length === 2 ? steps.some(({ on }) => on) : steps.every(({ on }) => on !== undefined);
    const said = roundsOf(last);
    if (steps.length > 1 && (isBreathed || (ARROW.test(piece.text) && said !== undefined))) {
      if (said !== undefined && said > ROUNDS_MOST) this.ask(line, last.piece, tooOften(said, ROUNDS_MOST));
      else this.makeFlow(from, steps, said ?? 1);
    } else if (isBreathed && said === undefined) {
      // Its shape is kept as it will be, should the next line go on.
      this.breathed.push(...steps);
      if (goesOn !== undefined) this.makeFlow(goesOn, this.breathed, 1);
      else this.breathed = [...steps];
      this.breathedFrom = goesOn ?? from;
    }
  }

  /** Makes the last steps, from one on, into a flow. */
  private makeFlow(from: number, reads: readonly StepRead[], rounds: number): void {
    const own = this.steps.slice(from);
    const number = own[0]!.flow?.number ?? ++this.flows;
    const flow = { number, name: this.label ?? flowName(own), rounds };
    own.forEach((step, i) => {
      const { flow: _made, ...plain } = step;
      const shape = shapeInChain(plain, reads, i);
      this.steps[from + i] = flowStep(plain, shape, flow);
    });
    this.keepNamed(flow.name, from);
  }

  /** A flow that has a name can be asked for again by it. */
  private keepNamed(name: string, from: number): void {
    const steps = this.steps.slice(from);
    this.named.set(plainName(name), { name, rounds: 1, shapes: steps.map(shapeOf) });
  }

  /** Puts steps down again; flows among them are flows of their own. */
  private putAgain(steps: readonly Step[], change: (step: Step) => Step = (step) => step): number[] {
    const numbers: number[] = [];
    const anew = new Map<number, number>();
    for (const step of steps) {
      const { flow } = step;
      if (flow && !anew.has(flow.number)) anew.set(flow.number, ++this.flows);
      const number = this.put(
        change(flow ? { ...step, flow: { ...flow, number: anew.get(flow.number)! } } : step),
      );
      if (number) numbers.push(number);
    }
    return numbers;
  }
}

const tooOften = (times: number, most = TIMES_MOST): string =>
  `${times} times is more than we believe, ${most} at most`;

function unsureText(line: number, name: string, nearest: readonly string[]): string {
  if (name.length > NAME_MOST)
    return `Line ${line}: ${name.length} letters are too long for the name of a pose.`;
  return nearest.length
    ? `Line ${line}: "${name}" is not a pose we know for sure. Nearest: ${nearest.join(', ')}.`
    : `Line ${line}: "${name}" is not understood.`;
}
