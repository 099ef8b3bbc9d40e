import type { Flow } from '../poses/flows.js';
import { inFlows } from '../reading/inFlows.js';
import { readCount } from '../reading/readCount.js';
import type { Known, Plan, Step } from '../reading/plan.js';
import { sectionName } from '../reading/planReader.js';
import { readPlan } from '../reading/readPlan.js';
import type { Choices } from './choices.js';
import type { Side } from '../side.js';
import { flowLine } from './flowLine.js';
import { lineOf } from './lineFor.js';

/** One change to a written sequence. Steps count from 1; `after: 0` is the beginning. */
export type SequenceEdit =
  | { kind: 'add'; after: number; line: string }
  | { kind: 'remove'; step: number }
  | { kind: 'move'; step: number; after: number }
  /** The hold as it is said: "5 breaths", "30 s". */
  | { kind: 'hold'; step: number; hold: string }
  /** Another version of the same pose, by id. */
  | { kind: 'version'; step: number; variant: string }
  /** On these sides; what has none stays as it is. */
  | { kind: 'sides'; step: number; sides: readonly Side[] };

/** Lines of the text that hold steps, with the notes under them: one step, or all of a flow. */
interface Block {
  from: number;
  to: number;
  steps: readonly number[];
}

/** Where steps stand in the text, block after block. */
function blocksOf(lines: readonly string[], steps: Plan['steps']): Block[] {
  const blocks: Block[] = [];
  for (const { line, number } of steps) {
    const last = blocks.at(-1);
    if (last?.from === line - 1) blocks[blocks.length - 1] = { ...last, steps: [...last.steps, number] };
    else {
      let to = line;
      while (lines[to]?.trim().startsWith('>')) to++;
      blocks.push({ from: line - 1, to, steps: [number] });
    }
  }
  return blocks;
}

/** Whether every line holds one step, or one flow and all of it. */
function isPlain(blocks: readonly Block[], steps: Plan['steps']): boolean {
  const isOne = ({ steps: own }: Block): boolean => {
    const flows = new Set(own.map((number) => steps[number - 1]!.flow?.number));
    return own.length === 1 || (flows.size === 1 && !flows.has(undefined));
  };
  return new Set(blocks.map(({ from }) => from)).size === blocks.length && blocks.every(isOne);
}

/** A step or a flow as one line. */
const groupLine = (group: readonly Step[], flows: readonly Flow[]): string =>
  group[0]!.flow ? flowLine(group, flows) : lineOf(group[0]!);

/**
 * A plan with one step or one flow a line: what stood several in a line, and what was only said to be done again,
 * written out.
 */
export function writtenOut({ parts, steps }: Plan, flows: readonly Flow[]): string {
  const written = new Set<number>();
  return parts
    .flatMap(({ kind, text, steps: numbers }): string[] => {
      // A flow whose shapes were written a line each is one line.
      const own = numbers
        .map((number) => steps[number - 1]!)
        .flatMap((step) =>
          step.flow ? steps.filter(({ flow }) => flow?.number === step.flow!.number) : [step],
        )
        .filter(({ number }) => !written.has(number) && written.add(number));
      switch (kind) {
        case 'step':
        case 'repeat':
          return inFlows(own, ({ flow }) => flow).flatMap((group) => [
            `- ${groupLine(group, flows)}`,
            ...(kind === 'step' && group[0]!.note?.startsWith(text) ? [`> ${text}`] : []),
          ]);
        case 'title':
          return [`# ${text.replace(/^#+\s*/, '')}`];
        case 'section':
          return [`## ${sectionName(text)}`];
        case 'unsure':
          return [`- ${text}`];
        case 'way':
        case 'note':
          return [text.startsWith('>') ? text : `> ${text}`];
        default:
          return [text];
      }
    })
    .join('\n');
}

/**
 * A plan in which no line holds more than one step, or one flow: as it stands where it is written so already, else
 * written out.
 */
export function oneALine(source: string, known: Known): string {
  const plan = readPlan(source, known);
  return isPlain(blocksOf(source.split('\n'), plan.steps), plan.steps)
    ? source
    : writtenOut(plan, known.flows);
}

/** A step's line with another hold in place of what it says, or beside it where it says none. */
function heldFor(line: string, step: Plan['steps'][number], hold: string): string {
  const { rest } = readCount(line, false);
  const counted = Array.from(line, (_, i) => i).filter((i) => line[i] !== rest[i]);
  if (!counted.length) return `${line.trimEnd()}, ${hold}`;
  const from = counted[0]!;
  const to = counted.at(-1)! + 1;
  const isOnePlace = !rest.slice(from, to).trim();
  return isOnePlace ? `${line.slice(0, from)}${hold}${line.slice(to)}` : `- ${lineOf(step, hold)}`;
}

/** Where a block goes that is asked to go by one: a flow goes past what stands before or behind all of it. */
function beyond(
  { step, after }: SequenceEdit & { kind: 'move' },
  block: Block,
  blocks: readonly Block[],
): number {
  const at = blocks.indexOf(block);
  if (after === step + 1 && block.steps.includes(after)) return blocks[at + 1]?.steps.at(-1) ?? after;
  const isBack = after === step - 2 && block.steps.includes(step - 1);
  return isBack && at > 0 ? (blocks[at - 2]?.steps.at(-1) ?? 0) : after;
}

/**
 * A flow done so many rounds, or with one of its shapes stayed in for so many breaths; undefined where neither is said.
 */
function flowHeld(
  steps: readonly Step[],
  { step: number, hold }: SequenceEdit & { kind: 'hold' },
  flows: readonly Flow[],
): string | undefined {
  const said = readCount(hold, false).hold;
  if (said?.unit === 'rounds') return `- ${flowLine(steps, flows, said.count)}`;
  if (said?.unit !== 'breaths') return undefined;
  const held = steps.map((step) =>
    step.number === number ? { ...step, flow: { ...step.flow!, breaths: said.count } } : step,
  );
  return `- ${flowLine(held, flows)}`;
}

/** A step in another version, or on other sides; undefined where it is that already, or cannot be. */
function changedStep(step: Step, edit: SequenceEdit & { kind: 'version' | 'sides' }): Step | undefined {
  if (edit.kind === 'sides') {
    const isSame = edit.sides.join() === step.sides.join();
    return isSame || !step.pose.side || !edit.sides.length ? undefined : { ...step, sides: edit.sides };
  }
  const variant = step.pose.ladder.find(({ id }) => id === edit.variant);
  if (!variant || variant === step.variant) return undefined;
  // Where breath and rest are done is said then.
  const { isOpen: _open, ...said } = step;
  return { ...said, variant };
}

/**
 * Changes one thing in a sequence as it is written and leaves everything else as it stands: headings,
 * notes, other lines. Where several steps stand in one line, or some are only said to be done again, it is written
 * out first. A flow is moved, and added to, as a whole; a shape of it that goes, or is held otherwise, leaves it
 * written shape by shape.
 *
 * @returns the new text, and where each of the old steps went: `moved[3]` is the new number of the third,
 * undefined where it is gone
 */
export function editSequence(
  source: string,
  known: Known,
  edit: SequenceEdit,
): { source: string; moved: (number | undefined)[] } {
  const plan = readPlan(source, known);
  const text = oneALine(source, known);
  const { steps } = text === source ? plan : readPlan(text, known);
  const lines = text.split('\n');
  const blocks = blocksOf(lines, steps);
  const count = steps.length;
  const numbers = Array.from({ length: count }, (_, i) => i + 1);
  const moved = (order: readonly number[]): (number | undefined)[] => [
    undefined,
    ...numbers.map((step) => {
      const at = order.indexOf(step);
      return at < 0 ? undefined : at + 1;
    }),
  ];
  const blockOf = (step: number): Block | undefined => blocks.find((block) => block.steps.includes(step));
  const same = { source: text, moved: moved(numbers) };
  /** The last step of what stands before a place, and the line behind it. */
  const placeAfter = (step: number): { step: number; line: number } => {
    const block = step > 0 ? blockOf(Math.min(step, count)) : undefined;
    return block
      ? { step: block.steps.at(-1)!, line: block.to }
      : { step: 0, line: blocks[0]?.from ?? lines.length };
  };
  /** The text with other lines in place of some. */
  const withLines = (from: number, to: number, own: readonly string[]): string =>
    [...lines.slice(0, from), ...own, ...lines.slice(to)].join('\n');
  switch (edit.kind) {
    case 'add': {
      const { step, line } = placeAfter(edit.after);
      const order = [...numbers];
      order.splice(step, 0, 0);
      return { source: withLines(line, line, [`- ${edit.line}`]), moved: moved(order) };
    }
    case 'remove': {
      const block = blockOf(edit.step);
      if (!block) return same;
      const left = block.steps.filter((step) => step !== edit.step).map((step) => steps[step - 1]!);
      const order = moved(numbers.filter((step) => step !== edit.step));
      if (!left.length) return { source: withLines(block.from, block.to, []), moved: order };
      const line = left.length > 1 ? flowLine(left, known.flows) : lineOf(left[0]!);
      return { source: withLines(block.from, block.from + 1, [`- ${line}`]), moved: order };
    }
    case 'move': {
      const block = blockOf(edit.step);
      const place = placeAfter(block ? beyond(edit, block, blocks) : edit.after);
      if (!block || block.steps.includes(place.step) || place.step === block.steps[0]! - 1) return same;
      const own = lines.slice(block.from, block.to);
      const order = numbers.filter((step) => !block.steps.includes(step));
      order.splice(order.filter((step) => step <= place.step).length, 0, ...block.steps);
      const at = place.line;
      const next =
        at >= block.to
          ? [...lines.slice(0, block.from), ...lines.slice(block.to, at), ...own, ...lines.slice(at)]
          : [...lines.slice(0, at), ...own, ...lines.slice(at, block.from), ...lines.slice(block.to)];
      return { source: next.join('\n'), moved: moved(order) };
    }
    case 'hold': {
      const block = blockOf(edit.step);
      if (!block) return same;
      const own = block.steps.map((number) => steps[number - 1]!);
      const changed =
        own.length > 1 ? flowHeld(own, edit, known.flows) : heldFor(lines[block.from]!, own[0]!, edit.hold);
      return changed
        ? { source: withLines(block.from, block.from + 1, [changed]), moved: moved(numbers) }
        : same;
    }
    case 'version':
    case 'sides': {
      const block = blockOf(edit.step);
      const changed = changedStep(steps[edit.step - 1]!, edit);
      if (!block || !changed) return same;
      const own = block.steps.map((number) => (number === edit.step ? changed : steps[number - 1]!));
      const line = `- ${groupLine(own, known.flows)}`;
      return { source: withLines(block.from, block.from + 1, [line]), moved: moved(numbers) };
    }
  }
}

/**
 * A teacher's choices after an edit: each goes where its step went; those of a step that is gone go with
 * it.
 */
export function movedChoices(
  { overrides, swaps, fewerVersions }: Choices,
  moved: readonly (number | undefined)[],
): Choices {
  const go = <T extends { step: number }>(list: readonly T[]): T[] =>
    list.flatMap((one) => (moved[one.step] === undefined ? [] : [{ ...one, step: moved[one.step]! }]));
  return { overrides: go(overrides), swaps: go(swaps), fewerVersions };
}

/**
 * A teacher's choices after the sequence was written anew: each follows its step by what the step says;
 * where it is said no more, it goes.
 */
export function followedChoices(
  choices: Choices,
  before: readonly string[],
  after: readonly string[],
): Choices {
  const taken = new Set<number>();
  return movedChoices(choices, [
    undefined,
    ...before.map((text) => {
      const at = after.findIndex((other, i) => other === text && !taken.has(i));
      if (at < 0) return undefined;
      taken.add(at);
      return at + 1;
    }),
  ]);
}
