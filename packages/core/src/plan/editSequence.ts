import type { Pose } from '../poses/types.js';
import { readCount } from '../reading/readCount.js';
import type { Plan } from '../reading/plan.js';
import { sectionName } from '../reading/planReader.js';
import { readPlan } from '../reading/readPlan.js';
import type { Choices } from './choices.js';
import { lineOf } from './lineFor.js';

/** One change to a written sequence. Steps count from 1; `after: 0` is the beginning. */
export type SequenceEdit =
  | { kind: 'add'; after: number; line: string }
  | { kind: 'remove'; step: number }
  | { kind: 'move'; step: number; after: number }
  /** The hold as it is said: "5 breaths", "30 s". */
  | { kind: 'hold'; step: number; hold: string };

/** Where each step stands in the text: its line and the notes under it. */
function blocksOf(lines: readonly string[], steps: Plan['steps']): { from: number; to: number }[] {
  return steps.map(({ line }) => {
    let to = line;
    while (lines[to]?.trim().startsWith('>')) to++;
    return { from: line - 1, to };
  });
}

/** A plan with one step a line: what stood several in a line, and what was only said to be done again, written out. */
export function writtenOut({ parts, steps }: Plan): string {
  return parts
    .flatMap(({ kind, text, steps: numbers }): string[] => {
      const own = numbers.map((number) => steps[number - 1]!);
      switch (kind) {
        case 'step':
        case 'repeat':
          return own.flatMap((step) => [
            `- ${lineOf(step)}`,
            ...(kind === 'step' && step.note?.startsWith(text) ? [`> ${text}`] : []),
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

/**
 * Changes one thing in a sequence as it is written and leaves everything else as it stands: headings,
 * notes, other lines. Where several steps stand in one line, or some are only said to be done again, it is written
 * out first.
 *
 * @returns the new text, and where each of the old steps went: `moved[3]` is the new number of the third,
 * undefined where it is gone
 */
export function editSequence(
  source: string,
  poses: readonly Pose[],
  edit: SequenceEdit,
): { source: string; moved: (number | undefined)[] } {
  const plan = readPlan(source, poses);
  const isPlain = new Set(plan.steps.map(({ line }) => line)).size === plan.steps.length;
  const text = isPlain ? source : writtenOut(plan);
  const { steps } = isPlain ? plan : readPlan(text, poses);
  const lines = text.split('\n');
  const blocks = blocksOf(lines, steps);
  const count = blocks.length;
  const numbers = Array.from({ length: count }, (_, i) => i + 1);
  const moved = (order: readonly number[]): (number | undefined)[] => [
    undefined,
    ...numbers.map((step) => {
      const at = order.indexOf(step);
      return at < 0 ? undefined : at + 1;
    }),
  ];
  const lineAfter = (step: number): number =>
    step > 0 && count ? blocks[Math.min(step, count) - 1]!.to : (blocks[0]?.from ?? lines.length);
  switch (edit.kind) {
    case 'add': {
      const at = lineAfter(edit.after);
      const order = [...numbers];
      order.splice(Math.min(edit.after, count), 0, 0);
      return {
        source: [...lines.slice(0, at), `- ${edit.line}`, ...lines.slice(at)].join('\n'),
        moved: moved(order),
      };
    }
    case 'remove': {
      const block = blocks[edit.step - 1];
      if (!block) return { source: text, moved: moved(numbers) };
      return {
        source: [...lines.slice(0, block.from), ...lines.slice(block.to)].join('\n'),
        moved: moved(numbers.filter((step) => step !== edit.step)),
      };
    }
    case 'move': {
      const block = blocks[edit.step - 1];
      if (!block || edit.after === edit.step || edit.after === edit.step - 1)
        return { source: text, moved: moved(numbers) };
      const own = lines.slice(block.from, block.to);
      const at = lineAfter(edit.after);
      const order = numbers.filter((step) => step !== edit.step);
      order.splice(edit.after > edit.step ? edit.after - 1 : edit.after, 0, edit.step);
      const next =
        at >= block.to
          ? [...lines.slice(0, block.from), ...lines.slice(block.to, at), ...own, ...lines.slice(at)]
          : [...lines.slice(0, at), ...own, ...lines.slice(at, block.from), ...lines.slice(block.to)];
      return { source: next.join('\n'), moved: moved(order) };
    }
    case 'hold': {
      const block = blocks[edit.step - 1];
      if (!block) return { source: text, moved: moved(numbers) };
      const changed = heldFor(lines[block.from]!, steps[edit.step - 1]!, edit.hold);
      return {
        source: lines.map((line, i) => (i === block.from ? changed : line)).join('\n'),
        moved: moved(numbers),
      };
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
