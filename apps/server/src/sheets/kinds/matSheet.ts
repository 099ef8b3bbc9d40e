import { matCards, sayProps, type MatCard } from '@lotus-steady/core';
import type { Paper, Place } from '../paper/paper.js';
import type { Run } from '../paper/text.js';
import { SOFT, TEAL, type Sheet } from '../sheet.js';
import { layCards } from './cards.js';

const STATIONS = { wall: 'By the wall', chair: 'Chair', mat: 'Mat' } as const;
const SIZE = 10;
const NAME = 20;
/** How tall a figure is of its width. */
const TALL = 0.8;
const GAP = 8;
/** Words under a figure. */
const SMALL = 7.5;

/** A version with the steps that it is for. */
type Shown = Pick<MatCard['does'][number], 'steps' | 'says' | 'figure'>;

/** A card for each mat: who, where, with what; what they do otherwise, and what to say. */
export function writeMatCards(sheet: Sheet): void {
  const cards = matCards(sheet.fitting, sheet.catalogue);
  layCards(sheet, cards, { columns: 2, rows: 2 }, (card, place, height) =>
    drawCard(sheet, card, place, height),
  );
}

function drawCard(sheet: Sheet, card: MatCard, place: Place, height: number): void {
  const { paper } = sheet;
  const { x, width } = place;
  let { y } = place;
  const put = (runs: readonly Run[], size: number, tag: 'H2' | 'P' | 'LI' = 'P'): void => {
    y += paper.text(tag, runs, { x, y, width }, size);
  };
  put([{ text: card.person, face: 'head' }], NAME, 'H2');
  put([{ text: `${STATIONS[card.station]} ${card.place} · ${sheet.title}`, colour: SOFT }], SIZE);
  put(
    [
      { text: 'Beside you: ', face: 'bold', colour: TEAL },
      { text: card.props.length ? sayProps(card.props) : 'a mat is enough' },
    ],
    SIZE,
  );
  y += GAP;
  if (!card.does.length) {
    put([{ text: 'Everything as it is said.' }], SIZE);
    const shown = card.cues.map(({ step, ...cue }) => ({ ...cue, steps: [step] }));
    return drawDoes(sheet, shown, { x, y: y + GAP, width }, place.y + height - y);
  }
  const cues = card.cues.map(({ says }): Run[] => [{ text: `– ${says}` }]);
  const cuesTall = cues.reduce((sum, runs) => sum + paper.heightOf(runs, width, SIZE), 0);
  const foot = place.y + height - cuesTall;
  drawDoes(sheet, card.does, { x, y, width }, foot - GAP - y);
  y = foot;
  for (const runs of cues) put(runs, SIZE, 'LI');
}

/** What somebody does otherwise, as many as have room, the others named: a card leaves none out. */
function drawDoes(
  { paper, figures }: Sheet,
  does: readonly Shown[],
  { x, y, width }: Place,
  room: number,
): void {
  const [large, small] = [2, 3].map((beside) => laidOut(paper, does, { width, beside, room })) as [
    Laid,
    Laid,
  ];
  const { rows, wide, shown, top } = large.shown >= does.length ? large : small;
  for (const row of rows)
    row.shown.forEach((one, i) => {
      const at = { x: x + i * (wide + GAP), y: y + row.top, width: wide };
      paper.figure(figures.draw(one.figure), at, wide * TALL);
      paper.text('P', sayOf(one), { ...at, y: at.y + wide * TALL }, SMALL);
    });
  const rest = restOf(does.slice(shown), paper, width);
  if (rest.runs.length) paper.text('P', rest.runs, { x, y: y + top, width }, SMALL);
}

/** Figures in rows. */
interface Laid {
  rows: { top: number; shown: readonly Shown[] }[];
  /** Points that a figure is wide. */
  wide: number;
  /** How many have room. */
  shown: number;
  /** Points that they take. */
  top: number;
}

function laidOut(
  paper: Paper,
  does: readonly Shown[],
  { width, beside, room }: { width: number; beside: number; room: number },
): Laid {
  const wide = (width - GAP * (beside - 1)) / beside;
  const rows: Laid['rows'] = [];
  let top = 0;
  let shown = 0;
  for (; shown < does.length; shown += beside) {
    const row = does.slice(shown, shown + beside);
    const tall = wide * TALL + Math.max(...row.map((one) => paper.heightOf(sayOf(one), wide, SMALL))) + GAP;
    const rest = restOf(does.slice(shown + beside), paper, width);
    if (top + tall + rest.tall > room && (rows.length || beside === 2)) break;
    rows.push({ top, shown: row });
    top += tall;
  }
  return { rows, wide, shown: Math.min(shown, does.length), top };
}

const sayOf = ({ steps, says }: Shown): Run[] => [
  { text: `${steps.join(', ')} `, face: 'bold', colour: TEAL },
  { text: says },
];

function restOf(does: readonly Shown[], paper: Paper, width: number): { runs: Run[]; tall: number } {
  const runs = does.flatMap((one, i): Run[] => [...(i ? [{ text: '; ' }] : []), ...sayOf(one)]);
  return { runs, tall: runs.length ? paper.heightOf(runs, width, SMALL) : 0 };
}
