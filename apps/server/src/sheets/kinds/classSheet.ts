import {
  handover,
  sayClock,
  shortNames,
  type HandoverOther,
  type HandoverStep,
  type SheetFigure,
} from '@lotus-steady/core';
import { PAGE } from '../paper/paper.js';
import { scaleFor, setColumns, type Block, type Frame } from '../paper/columns.js';
import type { Run } from '../paper/text.js';
import { drawMark } from '../marks.js';
import { SOFT, TEAL, type Sheet } from '../sheet.js';
import { drawFeet, FOOT, heading, headOf, MARGIN, roomBlocks, words } from './parts.js';

/** How a sheet of the whole class is set. */
export interface ClassSetting {
  /** Of its words at full size, points. */
  size: number;
  columns: number;
  /** Beside the words of a step, points wide; of those who do something else; 0 draws none. */
  figure: number;
  otherFigure: number;
  /** As many pages as it is made to fit; none where it may have as many as it takes. */
  pages?: number;
}

/** Two pages at the most in one hand; as large as it is read from the floor; one page for another teacher. */
export const CLASS_SETTINGS: Readonly<Record<'class' | 'large' | 'handover', ClassSetting>> = {
  class: { size: 9.5, columns: 2, figure: 56, otherFigure: 38, pages: 2 },
  large: { size: 18, columns: 1, figure: 132, otherFigure: 92 },
  handover: { size: 9, columns: 2, figure: 0, otherFigure: 0, pages: 1 },
};

/** A figure is as tall as this of its width. */
const TALL = 0.85;
/** A figure that is wider on the paper than this is drawn finer, points. */
const FINE_FROM = 80;

/** The whole class: what to know, the room, and each step with who differs and how. */
export function writeClassSheet(sheet: Sheet, setting: ClassSetting): void {
  const { paper, fitting, catalogue } = sheet;
  const page = handover(fitting, catalogue);
  const names = shortNames(fitting.lanes.map(({ person }) => person));
  const short = (name: string): string => names.get(name) ?? name;
  const width = PAGE.width - 2 * MARGIN;
  const at = (scale: number) => {
    const size = setting.size * scale;
    const frame: Frame = { margin: MARGIN, columns: setting.columns, gap: size * 1.6, foot: FOOT };
    const know = page.know.map(({ person, text }) =>
      words(paper, [{ text: `${short(person)}: `, face: 'bold' }, { text }], size, {
        tag: 'LI',
        after: size * 0.15,
      }),
    );
    const blocks: Block[] = [
      ...(know.length ? [heading(paper, 'Before anyone begins', size * 1.2), ...know] : []),
      ...roomBlocks(paper, fitting, short, size),
      ...page.sections.flatMap(({ name, steps }) => [
        ...(name ? [heading(paper, name, size * 1.2)] : []),
        ...steps.flatMap((step) => stepBlocks(sheet, step, { ...setting, size, scale }, short)),
      ]),
    ];
    const head = headOf(sheet, page.facts, size);
    return { head, blocks, frame, top: MARGIN + head.height(width) };
  };
  const scale = setting.pages ? scaleFor(setting.pages, at) : 1;
  const { head, blocks, frame, top } = at(scale);
  paper.turn();
  head.draw(MARGIN, MARGIN, width);
  setColumns(paper, blocks, frame, top);
  drawFeet(sheet, width, PAGE.height);
}

interface At extends ClassSetting {
  scale: number;
}

/** A step in its line, and those who do something else, each with their figure. */
function stepBlocks(sheet: Sheet, step: HandoverStep, at: At, short: (name: string) => string): Block[] {
  const { size } = at;
  const says: Run[] = [
    { text: `${step.step}. ${step.says}`, face: 'bold' },
    { text: `  ${sayClock(step.start)}`, colour: SOFT },
    ...(step.note ? [{ text: `  ${step.note}`, colour: SOFT }] : []),
  ];
  const others = step.others.map((other, i) => ({
    ...otherBlock(sheet, other, at, short),
    after: i === step.others.length - 1 ? size * 0.5 : size * 0.12,
  }));
  return [
    {
      ...withFigures(sheet, step.figures.slice(0, 1), says, at.figure * at.scale, size),
      keeps: others.length > 0,
      after: others.length ? size * 0.12 : size * 0.5,
    },
    ...others,
  ];
}

function otherBlock(
  sheet: Sheet,
  { people, says, verdict, figure }: HandoverOther,
  at: At,
  short: (name: string) => string,
): Block {
  const { size } = at;
  const indent = size * 1.5;
  const runs: Run[] = [
    { text: `${people.map(short).join(', ')}: `, face: 'bold', colour: TEAL },
    { text: says },
  ];
  const block = withFigures(sheet, figure ? [figure] : [], runs, at.otherFigure * at.scale, size);
  return {
    height: (width) => block.height(width - indent),
    draw: (x, y, width) => {
      if (verdict)
        sheet.paper.besides((doc) =>
          drawMark(doc, verdict, {
            x: x + size * 0.6,
            y: y + Math.max(size * 0.7, figure && at.otherFigure ? block.height(width - indent) / 2 : 0),
            size: size * 0.72,
            colour: sheet.paper.inkOf(TEAL),
          }),
        );
      block.draw(x + indent, y, width - indent);
    },
  };
}

/** Words with a figure before them; nothing is kept free where none is drawn. */
function withFigures(
  { paper, figures }: Sheet,
  shown: readonly SheetFigure[],
  runs: readonly Run[],
  wide: number,
  size: number,
): Block {
  const [figure] = wide ? shown : [];
  const beside = figure ? wide + size * 0.5 : 0;
  const tall = figure ? wide * TALL : 0;
  return {
    height: (width) => Math.max(tall, paper.heightOf(runs, width - beside, size)),
    draw: (x, y, width) => {
      const text = paper.heightOf(runs, width - beside, size);
      // The words come first for whoever has them read aloud, and the figure after them.
      const middle = y + Math.max(0, (tall - text) / 2);
      paper.text('P', runs, { x: x + beside, y: middle, width: width - beside }, size);
      if (figure) paper.figure(figures.draw(figure, wide > FINE_FROM), { x, y, width: wide }, tall);
    },
  };
}
