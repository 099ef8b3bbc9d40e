import { bodySeen, dateAfter, sayHeld, sayOften, type WarningSign } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { ownCatalogue, type OwnVariants } from '../own-variants/ownCatalogue.js';
import type { PersonLineDto } from '../people/person.dto.js';
import { Figures } from '../sheets/figures.js';
import { drawFeet, FOOT, heading, headOf, MARGIN, words } from '../sheets/kinds/parts.js';
import { setColumns, type Block } from '../sheets/paper/columns.js';
import { PAGE, Paper } from '../sheets/paper/paper.js';
import type { Run } from '../sheets/paper/text.js';
import { CLAY, SOFT, TEAL } from '../sheets/sheet.js';
import type { HomePracticeDto } from './home.dto.js';

/** What a sheet for home is written from. */
export interface HomeSheetTask {
  practice: HomePracticeDto;
  on: string;
  name: string;
  hall: string;
  teacher: string;
  body: Pick<PersonLineDto, 'sex' | 'born' | 'heightCm' | 'weightKg' | 'conditions' | 'can'>;
  own: OwnVariants;
}

const SIZE = 11.5;
/** Points that a figure is wide and tall, and what is free beside it. */
const FIGURE = { width: 150, height: 118 };
const BESIDE = 16;

/** "3 December 2026". */
const DAY = new Intl.DateTimeFormat('en-GB', {
  ...{ day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' },
});
const sayDay = (on: string): string => DAY.format(new Date(`${on}T12:00:00Z`));

/** Writes what somebody practises at home. @returns it as a PDF */
export async function writeHomeSheet(task: HomeSheetTask): Promise<Uint8Array> {
  const { practice, on, name, hall, teacher, own } = task;
  const catalogue = ownCatalogue(own);
  const figures = new Figures(catalogue, { her: bodySeen(task.body, on) }, bodySeen(task.body, on), 'colour');
  const title = `Practice at home: ${name}`;
  const paper = new Paper(title, on, false);
  const facts = [`until ${sayDay(practice.until)}`, `about ${practice.minutes} minutes`];
  const when = `${sayDay(on)} · ${hall}${teacher ? `, ${teacher}` : ''}`;
  const blocks: Block[] = [
    headOf({ paper, title, when }, facts, SIZE),
    ...(practice.words ? [words(paper, [{ text: practice.words }], SIZE, { after: SIZE })] : []),
    ...(practice.withWhom
      ? [words(paper, [{ text: `Together with ${practice.withWhom}.`, face: 'bold' }], SIZE, { after: SIZE })]
      : []),
    ...practice.steps.map((step, i): Block => {
      const { pose, variant: whole } = catalogue.variant(step.partOf ?? step.variant);
      const sides = step.sides.length === 1 ? `, ${step.sides[0]} side only` : '';
      const each = step.sides.length > 1 ? ' on each side' : '';
      const lines: Run[][] = [
        [
          { text: `${i + 1}. ${pose.name}`, face: 'head' },
          {
            text: whole.id === pose.usual ? sides : `  ${whole.name}${sides}`,
            colour: TEAL,
          },
        ],
        [
          { text: `${sayHeld(step.hold)}${each}, ${sayOften(step.often)}`, face: 'bold' },
          ...(step.says ? [{ text: `. ${step.says}` }] : []),
        ],
        ...(step.house.length ? [[{ text: `You need: ${step.house.join('; ')}`, colour: SOFT }]] : []),
        [{ text: pose.guide.setUp }],
        ...step.cues.map((cue): Run[] => [{ text: `– ${cue}` }]),
        [{ text: pose.guide.comeOut, colour: SOFT }],
        ...(step.note ? [[{ text: step.note, face: 'bold' as const, colour: TEAL }]] : []),
      ];
      const beside = (width: number): number => width - FIGURE.width - BESIDE;
      const tall = (width: number): number =>
        lines.reduce((sum, runs) => sum + paper.heightOf(runs, beside(width), SIZE), 0);
      return {
        height: (width) => Math.max(FIGURE.height, tall(width)),
        draw: (x, y, width) => {
          const side = step.sides[0];
          const figure = { variant: step.variant, personId: 'her', ...(side && pose.side ? { side } : {}) };
          paper.figure(figures.draw(figure, true), { x, y, width: FIGURE.width }, FIGURE.height);
          let at = y;
          const place = { x: x + FIGURE.width + BESIDE, width: beside(width) };
          lines.forEach((runs, row) => {
            at += paper.text(row === 0 ? 'H2' : 'P', runs, { ...place, y: at }, SIZE);
          });
        },
        after: SIZE * 1.2,
      };
    }),
    heading(paper, 'When to stop', SIZE * 1.2),
    words(paper, [{ text: STOP, face: 'bold', colour: CLAY }], SIZE, { after: SIZE * 0.4 }),
    ...stopSigns().map(({ asks, who }) =>
      words(paper, [{ text: `– ${asks}: ` }, { text: who, face: 'bold' }], SIZE * 0.92, { tag: 'LI' }),
    ),
    ...(practice.whom
      ? [words(paper, [{ text: 'Ask: ', face: 'bold' }, { text: practice.whom }], SIZE, { after: SIZE })]
      : []),
    words(
      paper,
      [
        {
          text: `From ${sayDay(dateAfter(practice.until, 1))} on it is to be looked at again.`,
          colour: SOFT,
        },
      ],
      SIZE,
    ),
  ];
  paper.turn();
  setColumns(paper, blocks, { margin: MARGIN, columns: 1, gap: 0, foot: FOOT * 1.6 }, MARGIN);
  drawFeet({ paper, title }, PAGE.width - 2 * MARGIN, PAGE.height);
  return paper.done();
}

const STOP =
  'Nothing may hurt more, now or the next morning. Breath that no longer comes easily, or pain that is sharp: ' +
  'come out slowly and rest. Leave out that day what hurt.';

/** The rulebook's signs for everyone. */
const stopSigns = (): WarningSign[] =>
  Object.values<WarningSign>(RULEBOOK.warningSigns).filter(({ everyone }) => everyone);
