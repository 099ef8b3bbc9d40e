import { posesOf } from '@lotus-steady/core';
import type { Place } from '../paper/paper.js';
import type { Run } from '../paper/text.js';
import { SOFT, TEAL, type Sheet } from '../sheet.js';
import { layCards } from './cards.js';

const NAME = 22;
const SANSKRIT = 13;
const SIZE = 10;
const GAP = 8;
/** Of the height of a card, what its picture takes. */
const PICTURE = 0.46;

/** A picture for each pose, its name below where words are wanted: two on a page, for children to hold up. */
export function writePictureCards(sheet: Sheet): void {
  const { paper, figures, catalogue, isWordless } = sheet;
  layCards(sheet, posesOf(sheet.fitting), { columns: 1, rows: 2 }, (id, { x, y, width }, height) => {
    const picture = figures.draw({ variant: id }, true);
    if (isWordless) return paper.figure(picture, { x, y, width }, height);
    const { pose } = catalogue.variant(id);
    const runs = [{ text: pose.name, face: 'head' as const }];
    const tall = paper.heightOf(runs, width, NAME * 1.4);
    const wide = paper.widthOf(pose.name, 'head', NAME * 1.4);
    const left = Math.max(0, (width - wide) / 2);
    paper.figure(picture, { x, y, width }, height - tall - GAP);
    paper.text('H2', runs, { x: x + left, y: y + height - tall, width: width - left }, NAME * 1.4);
  });
}

/** A card for each pose: its picture, names, how it is set up, breathed and left. */
export function writePoseCards(sheet: Sheet): void {
  layCards(sheet, posesOf(sheet.fitting), { columns: 2, rows: 2 }, (id, place, height) =>
    drawPose(sheet, id, place, height),
  );
}

function drawPose({ paper, figures, catalogue }: Sheet, id: string, place: Place, height: number): void {
  const { pose, variant } = catalogue.variant(id);
  const { guide } = pose;
  const { x, width } = place;
  let { y } = place;
  const put = (runs: readonly Run[], size: number, tag: 'H2' | 'P' = 'P'): void => {
    y += paper.text(tag, runs, { x, y, width }, size);
  };
  put([{ text: pose.name, face: 'head' }], NAME * 0.8, 'H2');
  if (pose.sanskrit) put([{ text: pose.sanskrit, face: 'sanskrit', colour: SOFT }], SANSKRIT);
  if (id !== pose.usual) put([{ text: variant.name, colour: TEAL, face: 'bold' }], SIZE);
  const said = [
    [{ text: guide.setUp }],
    ...(guide.in ? [[{ text: 'In: ', face: 'bold' as const }, { text: guide.in }]] : []),
    ...(guide.out ? [[{ text: 'Out: ', face: 'bold' as const }, { text: guide.out }]] : []),
    [{ text: `Feel it: ${guide.feel} ${guide.notHere}`, colour: SOFT }],
  ];
  const tall = said.reduce((sum, runs) => sum + paper.heightOf(runs, width, SIZE), 0);
  // The words are whole; the picture takes what they leave.
  const picture = Math.max(40, Math.min(height * PICTURE, place.y + height - y - tall - GAP));
  paper.figure(figures.draw({ variant: id }, true), { x, y, width }, picture);
  y += picture + GAP;
  for (const runs of said) put(runs, SIZE);
}
