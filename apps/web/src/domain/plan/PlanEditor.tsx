import { autocompletion, completionKeymap } from '@codemirror/autocomplete';
import { defaultKeymap, history, historyKeymap, redo, undo } from '@codemirror/commands';
import { EditorState } from '@codemirror/state';
import { drawSelection, EditorView, highlightActiveLine, keymap, placeholder } from '@codemirror/view';
import type { Known } from '@lotus-steady/core';
import { useEffect, useImperativeHandle, useRef, type Ref } from 'react';
import { planDrag } from './planDrag.js';
import { planField, readAgain } from './planField.js';
import { planFolds } from './planFolds.js';
import { planLook } from './planLook.js';
import { planMarks } from './planMarks.js';
import { planNames } from './planNames.js';
import { smallestChange } from './smallestChange.js';

/** What others do to the text beside who types: all of it can be undone. */
export interface PlanEditorHandle {
  /** The text is now this one: only what differs is changed, so that the cursor stays. */
  write(source: string): void;
  /** Shows a piece of the text, selected. */
  show(from: number, to: number): void;
  undo(): void;
  redo(): void;
}

interface Props {
  /** What it begins with. */
  source: string;
  known: Known;
  label: string;
  onChange: (source: string) => void;
  ref?: Ref<PlanEditorHandle>;
}

/**
 * A plan written as text. It lives in a shadow tree of its own, because its styles are made as it runs and pages of
 * ours allow none that stand in the page.
 */
export function PlanEditor({ source, known, label, onChange, ref }: Props) {
  const host = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | undefined>(undefined);
  const told = useRef(onChange);
  useEffect(() => {
    told.current = onChange;
  }, [onChange]);
  const start = useRef({ source, known, label });

  useEffect(() => {
    const root = host.current!.shadowRoot ?? host.current!.attachShadow({ mode: 'open' });
    const first = start.current;
    const editor = new EditorView({
      root,
      parent: root,
      state: EditorState.create({
        doc: first.source,
        extensions: [
          planField(first.known),
          planMarks,
          planFolds,
          planDrag,
          planLook,
          history(),
          drawSelection(),
          highlightActiveLine(),
          EditorView.lineWrapping,
          // Enter is a new line until a name is chosen with the arrows.
          autocompletion({
            override: [planNames],
            icons: false,
            selectOnOpen: false,
            maxRenderedOptions: 40,
          }),
          // Tab leaves the editor: who writes by keyboard alone is not held in it.
          keymap.of([...completionKeymap, ...historyKeymap, ...defaultKeymap]),
          placeholder('One step a line: cat cow 6 rounds, tree 30 s each side, final rest 5 min'),
          EditorView.contentAttributes.of({ 'aria-label': first.label, spellcheck: 'false', tabindex: '0' }),
          EditorView.updateListener.of((update) => {
            if (update.docChanged) told.current(update.state.doc.toString());
          }),
        ],
      }),
    });
    view.current = editor;
    return () => editor.destroy();
  }, []);

  useEffect(() => {
    view.current?.dispatch({ effects: readAgain.of(known) });
  }, [known]);

  useImperativeHandle(
    ref,
    () => ({
      write(next) {
        const editor = view.current!;
        const changes = smallestChange(editor.state.doc.toString(), next);
        if (changes) editor.dispatch({ changes, userEvent: 'input' });
      },
      show(from, to) {
        const editor = view.current!;
        editor.focus();
        editor.dispatch({ selection: { anchor: from, head: to }, scrollIntoView: true });
      },
      undo: () => undo(view.current!),
      redo: () => redo(view.current!),
    }),
    [],
  );

  return <div ref={host} className="h-full overflow-hidden rounded-xl border border-line bg-paper" />;
}
