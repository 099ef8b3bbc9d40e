import { StateEffect, StateField, type EditorState, type Extension } from '@codemirror/state';
import { readPlan, type Known, type Plan } from '@lotus-steady/core';

/** What a text is read with has changed: it is read again. */
export const readAgain = StateEffect.define<Known>();

interface Read {
  known: Known;
  plan: Plan;
}

const field = StateField.define<Read>({
  create: () => {
    throw new Error('A plan is read with a catalogue: use planField.');
  },
  update(read, transaction) {
    const known = transaction.effects.find((effect) => effect.is(readAgain))?.value as Known | undefined;
    if (!transaction.docChanged && !known) return read;
    const catalogue = known ?? read.known;
    return { known: catalogue, plan: readPlan(transaction.state.doc.toString(), catalogue) };
  },
});

/** The text as it is understood, read anew with every change. */
export const planField = (known: Known): Extension =>
  field.init((state) => ({ known, plan: readPlan(state.doc.toString(), known) }));

/** What the text of an editor says. */
export const planOf = (state: EditorState): Plan => state.field(field).plan;

/** What it is read with. */
export const knownOf = (state: EditorState): Known => state.field(field).known;
