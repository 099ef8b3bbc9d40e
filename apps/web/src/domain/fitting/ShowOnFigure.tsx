import type { Finding } from '@lotus-steady/core';
import { marksFor } from '../figure/marksFor.js';

/** Which finding is marked on the figures, and how another is. */
export interface Marking {
  marked: Finding | undefined;
  onMark: (finding: Finding | undefined) => void;
}

/** Has what a rule is about marked on the figures; nothing for what is no place. */
export function ShowOnFigure({ finding, marked, onMark }: { finding: Finding } & Marking) {
  if (typeof finding.value !== 'number' || !marksFor(finding.measure, finding.value).length) return null;
  const pressed = marked === finding;
  return (
    <button
      type="button"
      aria-pressed={pressed}
      onClick={() => onMark(pressed ? undefined : finding)}
      className={`no-print min-h-9 text-sm underline decoration-dotted underline-offset-4 ${
        pressed ? 'font-bold text-clay' : 'text-teal'
      }`}
    >
      {pressed ? 'Shown on the figure' : 'Show on the figure'}
    </button>
  );
}
