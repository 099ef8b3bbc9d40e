import { Prec, StateEffect, StateField, type Extension } from '@codemirror/state';
import { Decoration, EditorView, keymap, type Command } from '@codemirror/view';
import { blockAt, placeBeyond, placeFor, withMoved, type Block } from './planBlocks.js';
import { planOf } from './planField.js';
import { smallestChange } from './smallestChange.js';

/** Before which line what is held would go; nothing is held where it is undefined. */
const holdOver = StateEffect.define<number | undefined>();

const BEFORE = Decoration.line({ class: 'cm-drop' });
const AT_END = Decoration.line({ class: 'cm-drop-end' });

/** A line is drawn where what is held would go. */
const dropLine = StateField.define<number | undefined>({
  create: () => undefined,
  update(line, { effects, docChanged }) {
    const held = effects.find((effect) => effect.is(holdOver));
    if (held) return held.value as number | undefined;
    return docChanged ? undefined : line;
  },
  provide: (field) =>
    EditorView.decorations.compute([field], (state) => {
      const line = state.field(field);
      if (line === undefined) return Decoration.none;
      const isEnd = line > state.doc.lines;
      return Decoration.set([
        (isEnd ? AT_END : BEFORE).range(state.doc.line(isEnd ? state.doc.lines : line).from),
      ]);
    }),
});

const linesOf = (view: EditorView): string[] => view.state.doc.toString().split('\n');

/** Where a block would go that is held at a height of the page. */
function placeAt(view: EditorView, block: Block, clientY: number): number {
  const { contentDOM, documentTop, state } = view;
  const { bottom } = contentDOM.getBoundingClientRect();
  const height = Math.min(clientY, bottom - 1) - documentTop;
  const shown = view.lineBlockAtHeight(height);
  const over = state.doc.lineAt(shown.from).number;
  return placeFor(planOf(state), linesOf(view), block, over, height > shown.top + shown.height / 2);
}

/**
 * Takes hold of what stands at a line and follows the pointer until it is let go; Escape puts it back. One undo takes
 * the move back.
 *
 * @returns whether there is something to take hold of
 */
export function takeHold(view: EditorView, line: number, event: PointerEvent): boolean {
  const block = blockAt(planOf(view.state), linesOf(view), line);
  if (!block || event.button !== 0) return false;
  const page = view.dom.ownerDocument;
  let place: number | undefined;
  const follow = ({ clientY }: PointerEvent): void => {
    place = placeAt(view, block, clientY);
    view.dispatch({ effects: holdOver.of(place) });
  };
  const end = (): void => {
    page.removeEventListener('pointermove', follow);
    page.removeEventListener('pointerup', letGo);
    page.removeEventListener('pointercancel', end);
    page.removeEventListener('keydown', onKey, true);
    view.dispatch({ effects: holdOver.of(undefined) });
  };
  const letGo = (): void => {
    end();
    if (place !== undefined) move(view, block, place);
  };
  const onKey = (key: KeyboardEvent): void => {
    if (key.key !== 'Escape') return;
    key.stopPropagation();
    end();
  };
  page.addEventListener('pointermove', follow);
  page.addEventListener('pointerup', letGo);
  page.addEventListener('pointercancel', end);
  page.addEventListener('keydown', onKey, true);
  return true;
}

/** The text with a block of it before another line, as one change that one undo takes back. */
function move(view: EditorView, block: Block, before: number): void {
  const text = withMoved(linesOf(view), block, before).join('\n');
  const changes = smallestChange(view.state.doc.toString(), text);
  if (!changes) return;
  const length = block.last - block.first + 1;
  view.dispatch({ changes, userEvent: 'move.line' });
  const line = before > block.last ? before - length : before;
  view.dispatch({ selection: { anchor: view.state.doc.line(line).to }, scrollIntoView: true });
}

/** Moves the step or the section in which the cursor stands by one, with its notes. */
const moveBy =
  (by: 1 | -1): Command =>
  (view) => {
    const { state } = view;
    const { main } = state.selection;
    const block = main.empty
      ? blockAt(planOf(state), linesOf(view), state.doc.lineAt(main.head).number)
      : undefined;
    // What is selected, and what is no step, is moved line by line.
    if (!block) return false;
    const before = placeBeyond(planOf(state), linesOf(view), block, by);
    if (before !== undefined) move(view, block, before);
    return true;
  };

/** Steps and sections are moved as a whole: by Alt and the arrows, and by what stands beside them. */
export const planDrag: Extension = [
  dropLine,
  Prec.high(
    keymap.of([
      { key: 'Alt-ArrowUp', run: moveBy(-1) },
      { key: 'Alt-ArrowDown', run: moveBy(1) },
    ]),
  ),
];
