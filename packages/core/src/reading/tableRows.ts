/** A row of a table as one line, with its part of the class and what stands under notes; or the row of headings. */
export type TableRow = { text: string; section?: string; note?: string } | 'head';

const NAME = /^(?:pose|poses|asana|asanas|posture|exercise|movement|step|what|sequence|shape)$/iu;
const COUNT =
  /^(?:time|hold|holds|duration|breaths?|rounds?|reps?|min|mins|minutes|sec|secs|seconds|how long|count|times)$/iu;
const SECTION = /^(?:section|part|phase|block)$/iu;
const SIDES = /^(?:sides?|r\/l|l\/r)$/iu;
const NUMBER = /^(?:#|no|nr|n|number|order)\.?$/iu;
const UNITS: Readonly<Record<string, string>> = {
  breath: 'breaths',
  breaths: 'breaths',
  round: 'rounds',
  rounds: 'rounds',
  rep: 'rounds',
  reps: 'rounds',
  times: 'rounds',
  min: 'min',
  mins: 'min',
  minutes: 'min',
  sec: 's',
  secs: 's',
  seconds: 's',
};

const cellsOf = (line: string): string[] | undefined => {
  const isPiped = /^\s*\|.*\|\s*$/u.test(line) || (line.match(/\|/g)?.length ?? 0) >= 2;
  if (!isPiped && !line.includes('\t')) return undefined;
  const inner = isPiped ? line.trim().replace(/^\||\|$/gu, '') : line;
  return inner.split(isPiped ? '|' : '\t').map((cell) => cell.trim());
};

/**
 * Rows of tables among the lines of a text, pasted with tabs or drawn with pipes; undefined where a line is none. Under
 * headings each cell is what its heading says; without, all of a row is read as one line.
 */
export function tableRows(lines: readonly string[]): (TableRow | undefined)[] {
  let heads: string[] | undefined;
  return lines.map((line) => {
    const cells = cellsOf(line);
    if (!cells) {
      if (line.trim()) heads = undefined;
      return undefined;
    }
    if (cells.every((cell) => /^:?-*:?$/u.test(cell))) return 'head';
    if (cells.some((cell) => NAME.test(cell)) && cells.every((cell) => !/\d/.test(cell))) {
      heads = cells.map((cell) => cell.toLowerCase());
      return 'head';
    }
    return heads ? underHeads(cells, heads) : { text: cells.filter(Boolean).join(', ') };
  });
}

function underHeads(cells: readonly string[], heads: readonly string[]): TableRow {
  const said: string[] = [];
  const notes: string[] = [];
  let section: string | undefined;
  cells.forEach((cell, i) => {
    const head = heads[i] ?? '';
    if (!cell || NUMBER.test(head)) return;
    if (COUNT.test(head))
      said.push(/^\d+(?:[.,]\d+)?$/.test(cell) ? `${cell} ${UNITS[head] ?? ''}`.trim() : cell);
    else if (NAME.test(head)) said.unshift(cell);
    else if (SIDES.test(head)) said.push(cell);
    else if (SECTION.test(head)) section = cell;
    else notes.push(cell);
  });
  return {
    text: said.join(', '),
    ...(section ? { section } : {}),
    ...(notes.length ? { note: notes.join(' ') } : {}),
  };
}
