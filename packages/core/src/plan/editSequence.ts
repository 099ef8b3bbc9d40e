import type { Choices } from './choices.js';

/** One change to a written sequence. Steps count from 1; `after: 0` is the beginning. */
export type SequenceEdit =
  | { kind: 'add'; after: number; line: string }
  | { kind: 'remove'; step: number }
  | { kind: 'move'; step: number; after: number }
  /** The hold as it is said: "5 breaths", "30 s". */
  | { kind: 'hold'; step: number; hold: string };

const BULLET = /^\s*(?:[-–—*•·]|\d+[.)])\s+/;
const HOLD =
  /(\d+(?:[.,]\d+)?)\s*(breaths?|rounds?|times|x|seconds?|secs?|s|minutes?|mins?|m)\b\.?|[x×]\s*\d+\b/i;

/** Where each step stands in the text: its line and the notes under it. */
function blocksOf(lines: readonly string[]): { from: number; to: number }[] {
  const blocks: { from: number; to: number }[] = [];
  lines.forEach((line, i) => {
    if (BULLET.test(line)) blocks.push({ from: i, to: i + 1 });
    else if (line.trim().startsWith('>') && blocks.length && blocks[blocks.length - 1]!.to === i)
      blocks[blocks.length - 1]!.to = i + 1;
  });
  return blocks;
}

/**
 * Changes one thing in a sequence as it is written and leaves everything else as it stands: headings,
 * notes, other lines.
 *
 * @returns the new text, and where each of the old steps went: `moved[3]` is the new number of the third,
 * undefined where it is gone
 */
export function editSequence(
  source: string,
  edit: SequenceEdit,
): { source: string; moved: (number | undefined)[] } {
  const lines = source.split('\n');
  const blocks = blocksOf(lines);
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
    step > 0 ? blocks[Math.min(step, count) - 1]!.to : (blocks[0]?.from ?? lines.length);
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
      if (!block) return { source, moved: moved(numbers) };
      return {
        source: [...lines.slice(0, block.from), ...lines.slice(block.to)].join('\n'),
        moved: moved(numbers.filter((step) => step !== edit.step)),
      };
    }
    case 'move': {
      const block = blocks[edit.step - 1];
      if (!block || edit.after === edit.step || edit.after === edit.step - 1)
        return { source, moved: moved(numbers) };
      const own = lines.slice(block.from, block.to);
      const at = lineAfter(edit.after);
      const order = numbers.filter((step) => step !== edit.step);
      order.splice(edit.after > edit.step ? edit.after - 1 : edit.after, 0, edit.step);
      const text =
        at >= block.to
          ? [...lines.slice(0, block.from), ...lines.slice(block.to, at), ...own, ...lines.slice(at)]
          : [...lines.slice(0, at), ...own, ...lines.slice(at, block.from), ...lines.slice(block.to)];
      return { source: text.join('\n'), moved: moved(order) };
    }
    case 'hold': {
      const block = blocks[edit.step - 1];
      if (!block) return { source, moved: moved(numbers) };
      const line = lines[block.from]!;
      const changed = HOLD.test(line) ? line.replace(HOLD, edit.hold) : `${line.trimEnd()}, ${edit.hold}`;
      return {
        source: lines.map((text, i) => (i === block.from ? changed : text)).join('\n'),
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
