import type { Plan } from '@lotus-steady/core';

/** Lines of a text that go together, from the first to the last, counted from 1. */
export interface Block {
  first: number;
  last: number;
}

const isNote = (line: string | undefined): boolean => line?.trimStart().startsWith('>') ?? false;

/** Lines of headings. */
const headsOf = ({ parts }: Plan): number[] =>
  parts.filter(({ kind }) => kind === 'section').map(({ line }) => line);

/** The last line of what a plan calls itself and how long it is; 0 where it says neither. */
const endOfHead = ({ parts }: Plan): number =>
  Math.max(0, ...parts.filter(({ kind }) => kind === 'title' || kind === 'minutes').map(({ line }) => line));

/**
 * What is moved when a line is taken hold of: a step with the notes under it, a heading with its whole section;
 * undefined for any other line.
 */
export function blockAt(plan: Plan, lines: readonly string[], line: number): Block | undefined {
  const heads = headsOf(plan);
  if (heads.includes(line)) {
    const next = heads.find((head) => head > line);
    return { first: line, last: next ? next - 1 : lines.length };
  }
  if (!plan.steps.some((step) => step.line === line)) return undefined;
  let last = line;
  while (isNote(lines[last])) last++;
  return { first: line, last };
}

/**
 * Before which line a block would be put that is let go over a line: a section goes between sections, a step never
 * between another one and its notes, nor before the title. One more than there are lines is the end.
 *
 * @param after the lower half of the line
 */
export function placeFor(
  plan: Plan,
  lines: readonly string[],
  { first }: Block,
  over: number,
  after: boolean,
): number {
  const heads = headsOf(plan);
  const wanted = over + (after ? 1 : 0);
  if (heads.includes(first)) return heads.find((head) => head >= wanted) ?? lines.length + 1;
  let place = Math.max(wanted, endOfHead(plan) + 1);
  while (place <= lines.length && isNote(lines[place - 1])) place++;
  return place;
}

/** Lines with a block of them put before another line; the same ones where it stands there already. */
export function withMoved(
  lines: readonly string[],
  { first, last }: Block,
  before: number,
): readonly string[] {
  if (before >= first && before <= last + 1) return lines;
  const block = lines.slice(first - 1, last);
  const rest = [...lines.slice(0, first - 1), ...lines.slice(last)];
  const at = before > last ? before - 1 - block.length : before - 1;
  return [...rest.slice(0, at), ...block, ...rest.slice(at)];
}

/**
 * Before which line a block goes that is moved by one: past the step or the section before it, or behind it; undefined
 * where it is the first, or the last.
 */
export function placeBeyond(
  plan: Plan,
  lines: readonly string[],
  block: Block,
  by: 1 | -1,
): number | undefined {
  const heads = headsOf(plan);
  if (heads.includes(block.first)) {
    if (by < 0) return heads.findLast((head) => head < block.first);
    const next = blockAt(plan, lines, block.last + 1);
    return next && next.last + 1;
  }
  if (by > 0) {
    if (block.last >= lines.length) return undefined;
    return (blockOf(plan, lines, block.last + 1)?.last ?? block.last + 1) + 1;
  }
  let before = block.first - 1;
  while (isNote(lines[before - 1])) before--;
  return before > endOfHead(plan) ? before : undefined;
}

/** The step that stands at a line, with its notes: past a heading one goes line by line. */
const blockOf = (plan: Plan, lines: readonly string[], line: number): Block | undefined =>
  headsOf(plan).includes(line) ? undefined : blockAt(plan, lines, line);
