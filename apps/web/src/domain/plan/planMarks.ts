import { RangeSetBuilder, type EditorState, type Extension } from '@codemirror/state';
import {
  Decoration,
  EditorView,
  gutter,
  GutterMarker,
  WidgetType,
  type DecorationSet,
} from '@codemirror/view';
import { askedSeconds, PACE, sayAsked, type Plan, type Step } from '@lotus-steady/core';
import { scenesOf } from '../figure/scenesOf.js';
import { storedPicture } from '../figure/storedPicture.js';
import { PICTURE_SIZES, pictureOf } from '@lotus-steady/figure/pictures';
import palette from '@lotus-steady/figure/palette.css?raw';
import { atEasel } from '../../workers/easel.js';
import { frameIn } from '../figure/frameIn.js';
import { nameOfStep, saySides } from '../words/nameOfStep.js';
import { sayClock } from '../words/say.js';
import { takeHold } from './planDrag.js';
import { planOf } from './planField.js';

const WIDTH = 52;
const HEIGHT = 40;

/** Steps by the line they stand in. */
function byLine({ steps }: Plan): Map<number, Step[]> {
  const lines = new Map<number, Step[]>();
  for (const step of steps) lines.set(step.line, [...(lines.get(step.line) ?? []), step]);
  return lines;
}

/** Seconds of some steps at the usual pace, with the changes of side. */
const secondsOf = (steps: readonly Step[]): number =>
  steps.reduce((sum, step) => {
    const sides = Math.max(1, step.sides.length);
    return sum + askedSeconds(step, {}, '2000-01-01') * sides + (sides > 1 ? PACE.changeSide : 0);
  }, 0);

/**
 * What a line was understood as, as far as it does not say it in these words itself: the name, the hold, the sides; and
 * how long it takes.
 *
 * @example sayLine(steps of 'trik 5b e/s', 'trik 5b e/s') // 'Triangle · 5 breaths each side · 1:00'
 */
export function sayLine(steps: readonly Step[], written: string): string {
  const [first] = steps;
  if (!first) return '';
  const text = written.toLowerCase();
  const clock = sayClock(Math.round(secondsOf(steps)));
  const said = ((): string[] => {
    if (first.flow) return [`${first.flow.name}, ${steps.length} shapes × ${first.flow.rounds}`];
    if (steps.length > 1) return [`${steps.length} steps`];
    return [nameOfStep(first), `${sayAsked(first.hold)}${saySides(first)}`];
  })();
  return [...said.filter((words) => !text.includes(words.toLowerCase())), clock].join(' · ');
}

class Understood extends WidgetType {
  constructor(private readonly words: string) {
    super();
  }
  override eq(other: Understood): boolean {
    return other.words === this.words;
  }
  toDOM(): HTMLElement {
    const element = document.createElement('span');
    element.className = 'cm-understood';
    element.textContent = this.words;
    return element;
  }
}

/** Pieces that are asked about are underlined; ways, notes and headings look like what they are. */
const LOOKS: Partial<Record<Plan['parts'][number]['kind'], Decoration>> = {
  unsure: Decoration.mark({ class: 'cm-unsure' }),
  note: Decoration.mark({ class: 'cm-note' }),
  way: Decoration.mark({ class: 'cm-note' }),
  title: Decoration.mark({ class: 'cm-title' }),
  section: Decoration.mark({ class: 'cm-section' }),
  repeat: Decoration.mark({ class: 'cm-repeat' }),
};

/** A line with a figure beside it is as high as that. */
const STEP = Decoration.line({ class: 'cm-step' });

function marksIn(state: EditorState): DecorationSet {
  const plan = planOf(state);
  const builder = new RangeSetBuilder<Decoration>();
  const lines = byLine(plan);
  const parts = [...plan.parts].sort((a, b) => a.from - b.from || a.to - b.to);
  let at = 0;
  for (let number = 1; number <= state.doc.lines; number++) {
    const line = state.doc.line(number);
    const steps = lines.get(number);
    if (steps) builder.add(line.from, line.from, STEP);
    for (; at < parts.length && parts[at]!.from <= line.to; at++) {
      const { kind, from, to } = parts[at]!;
      const look = LOOKS[kind];
      if (look && from >= line.from && from < to) builder.add(from, Math.min(to, line.to), look);
    }
    if (steps)
      builder.add(
        line.to,
        line.to,
        Decoration.widget({ widget: new Understood(sayLine(steps, line.text)), side: 1 }),
      );
  }
  return builder.finish();
}

/** A variant's picture in an image: the stored one, or one that is drawn for it. */
function showIn(image: HTMLImageElement, variant: Step['variant'], frame: number | 'move'): void {
  const stored = storedPicture({ variant: variant.id, frame, left: false, build: 'adult' }, WIDTH);
  if (stored) {
    image.src = stored;
    return;
  }
  const scenes = scenesOf(variant, {});
  const shown = frame === 'move' ? scenes : [scenes[frame]!];
  const { list } = PICTURE_SIZES;
  void atEasel()
    .draw(shown, list, 'f', [])
    .then((markup) => {
      image.src = `data:image/svg+xml,${encodeURIComponent(pictureOf(markup, list, palette))}`;
    });
}

class Shown extends GutterMarker {
  constructor(private readonly step: Step) {
    super();
  }
  override eq(other: Shown): boolean {
    return other.step.variant === this.step.variant && other.step.number === this.step.number;
  }
  override toDOM(): HTMLElement {
    const { variant, number, flow } = this.step;
    const element = document.createElement('span');
    element.className = 'cm-shown';
    const image = document.createElement('img');
    const frame = frameIn({ variant: variant.id, ...(flow ? { flow } : {}) });
    showIn(image, variant, frame);
    image.alt = '';
    image.draggable = false;
    image.width = WIDTH;
    image.height = HEIGHT;
    const count = document.createElement('span');
    count.textContent = String(number);
    element.append(count, image);
    return element;
  }
}

/** By which a section is taken hold of. */
class Grip extends GutterMarker {
  override eq(other: GutterMarker): boolean {
    return other instanceof Grip;
  }
  override toDOM(): HTMLElement {
    const element = document.createElement('span');
    element.className = 'cm-grip';
    element.textContent = '⠿';
    return element;
  }
}
const GRIP = new Grip();

/**
 * Beside each line its figure, by which it is taken hold of, and what was understood of it; what is asked about is
 * underlined.
 */
export const planMarks: Extension = [
  EditorView.decorations.compute(['doc'], marksIn),
  gutter({
    class: 'cm-figures',
    lineMarker: (view, line) => {
      const number = view.state.doc.lineAt(line.from).number;
      const { steps, parts } = planOf(view.state);
      const step = steps.find((one) => one.line === number);
      if (step) return new Shown(step);
      return parts.some(({ kind, line: at }) => kind === 'section' && at === number) ? GRIP : null;
    },
    lineMarkerChange: (update) => update.docChanged,
    domEventHandlers: {
      pointerdown: (view, line, event) =>
        takeHold(view, view.state.doc.lineAt(line.from).number, event as PointerEvent),
    },
  }),
];
