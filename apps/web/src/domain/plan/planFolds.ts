import { codeFolding, foldGutter, foldKeymap, foldService } from '@codemirror/language';
import type { Extension } from '@codemirror/state';
import { keymap } from '@codemirror/view';
import { planOf } from './planField.js';

/** A section is folded to its heading: from its end to before the next one. */
const sections = foldService.of((state, lineFrom, lineTo) => {
  const number = state.doc.lineAt(lineFrom).number;
  const heads = planOf(state).parts.filter(({ kind }) => kind === 'section');
  const at = heads.findIndex(({ line }) => line === number);
  if (at < 0) return null;
  const next = heads[at + 1];
  let last = next ? next.line - 1 : state.doc.lines;
  while (last > number && !state.doc.line(last).text.trim()) last--;
  return last > number ? { from: lineTo, to: state.doc.line(last).to } : null;
});

export const planFolds: Extension = [
  sections,
  codeFolding({ placeholderText: 'folded' }),
  foldGutter({ openText: '▾', closedText: '▸' }),
  keymap.of(foldKeymap),
];
