import { sayProps, type Fitting } from '@lotus-steady/core';
import type { Block } from '../paper/columns.js';
import type { Paper } from '../paper/paper.js';
import type { Run } from '../paper/text.js';
import { CAUTION, CLAY, SOFT, TEAL, type Sheet } from '../sheet.js';

/** How wide the margins of a sheet are, points. */
export const MARGIN = 34;
/** Kept free for the line at the foot. */
export const FOOT = 16;
const FOOT_SIZE = 7.5;
const STATIONS = { wall: 'By the wall', chair: 'Chairs', mat: 'Mats' } as const;

/** A paragraph that flows with the rest. */
export const words = (
  paper: Paper,
  runs: readonly Run[],
  size: number,
  { tag = 'P', after }: { tag?: 'P' | 'LI'; after?: number } = {},
): Block => ({
  height: (width) => paper.heightOf(runs, width, size),
  draw: (x, y, width) => {
    paper.text(tag, runs, { x, y, width }, size);
  },
  ...(after === undefined ? {} : { after }),
});

export function heading(paper: Paper, text: string, size: number): Block {
  const runs: Run[] = [{ text, face: 'head', colour: TEAL }];
  const before = size * 0.4;
  return {
    height: (width) => before + paper.heightOf(runs, width, size),
    draw: (x, y, width) => {
      paper.text('H2', runs, { x, y: y + before, width }, size);
    },
    keeps: true,
    after: size * 0.25,
  };
}

/** What the class is, on top of the first page. */
export function headOf(
  { paper, title, when }: Pick<Sheet, 'paper' | 'title' | 'when'>,
  facts: readonly string[],
  size: number,
): Block {
  const large: Run[] = [{ text: title, face: 'head' }];
  const under: Run[] = [{ text: [when, ...facts].join(' · '), colour: SOFT }];
  return {
    height: (width) =>
      paper.heightOf(large, width, size * 2) + paper.heightOf(under, width, size) + size * 0.6,
    draw: (x, y, width) => {
      const tall = paper.text('H1', large, { x, y, width }, size * 2);
      paper.text('P', under, { x, y: y + tall, width }, size);
    },
  };
}

/** At the foot of each page: whose doctor comes first, and which page it is. */
export function drawFeet(
  { paper, title }: Pick<Sheet, 'paper' | 'title'>,
  width: number,
  bottom: number,
): void {
  const y = bottom - MARGIN - FOOT_SIZE * 2;
  paper.onEachPage(() => [{ text: CAUTION, colour: SOFT }], { x: MARGIN, y, width }, FOOT_SIZE);
  paper.onEachPage(
    (page, pages) => [{ text: `${title} · page ${page} of ${pages}`, colour: SOFT }],
    { x: MARGIN, y: y + FOOT_SIZE * 1.3, width },
    FOOT_SIZE,
  );
}

/** What must be in the room, and where who lies with what beside them. */
export function roomBlocks(
  paper: Paper,
  { room, places }: Pick<Fitting, 'room' | 'places'>,
  short: (name: string) => string,
  size: number,
): Block[] {
  const needed = room.length ? sayProps(room) : 'no props';
  const missing = room.filter((one) => one.short);
  return [
    heading(paper, 'Room and props', size * 1.2),
    words(paper, [{ text: needed, face: 'bold' }], size, { after: size * 0.3 }),
    ...missing.map((one) =>
      words(paper, [{ text: `${one.short} ${one.prop} short`, face: 'bold', colour: CLAY }], size),
    ),
    ...(['wall', 'chair', 'mat'] as const).flatMap((station) => {
      const here = places.filter((one) => one.station === station);
      if (!here.length) return [];
      const runs = here.flatMap(({ place, person, props }, i): Run[] => [
        { text: `${i ? '; ' : ''}${place} ` },
        { text: short(person), face: 'bold' },
        ...(props.length ? [{ text: ` ${sayProps(props)}` }] : []),
      ]);
      return words(paper, [{ text: `${STATIONS[station]}: `, colour: TEAL, face: 'bold' }, ...runs], size, {
        after: size * 0.3,
      });
    }),
  ];
}
