import type { Completion, CompletionContext, CompletionResult } from '@codemirror/autocomplete';
import type { Known } from '@lotus-steady/core';
import { knownOf } from './planField.js';

/** What stands before a name on its line: a bullet, a number. */
const BEFORE = /^\s*(?:[-–—*•◦▪]\s*|\(?\d{1,3}[.)]\s*)?/u;
/** A name is asked for from so many letters on. */
const LETTERS_LEAST = 2;

const lists = new WeakMap<Known['poses'], readonly Completion[]>();

/** Poses by their names, and each of their versions. */
function namesOf({ poses }: Known): readonly Completion[] {
  const known = lists.get(poses);
  if (known) return known;
  const list = poses.flatMap((pose): Completion[] => [
    { label: pose.name, type: 'pose', boost: 50, ...(pose.sanskrit ? { detail: pose.sanskrit } : {}) },
    ...pose.aliases.map((alias) => ({
      label: alias,
      apply: pose.name,
      detail: pose.name,
      type: 'alias',
      boost: -50,
    })),
    ...pose.ladder
      .filter(({ id }) => id !== pose.usual)
      .map(({ name }) => ({ label: `${pose.name}, ${name}`, type: 'version' })),
  ]);
  lists.set(poses, list);
  return list;
}

/** Names of poses and versions for what is being typed at the beginning of a line. */
export function planNames(context: CompletionContext): CompletionResult | null {
  const line = context.state.doc.lineAt(context.pos);
  const lead = BEFORE.exec(line.text)![0].length;
  const from = line.from + lead;
  const typed = line.text.slice(lead, context.pos - line.from);
  if (context.pos < from || /[\d#>]/.test(typed)) return null;
  if (typed.trim().length < LETTERS_LEAST && !context.explicit) return null;
  return { from, options: [...namesOf(knownOf(context.state))], validFor: /^[^\d#>]*$/u };
}
