import type { PlanPart, Sequence, Step } from '@lotus-steady/core';
import { LazyFigure } from '../../domain/figure/LazyFigure.js';

const sayStep = ({ pose, variant, hold, sides }: Step): string => {
  const { unit, count } = hold;
  const minutes = unit === 'seconds' && count >= 120 && count % 60 === 0;
  const held = minutes ? `${count / 60} min` : `${count} ${unit === 'seconds' ? 's' : unit}`;
  const side = sides.length > 1 ? ' each side' : sides.map((one) => ` ${one}`).join('');
  return `${pose.name}${variant.id === pose.usual ? '' : `, ${variant.name}`} · ${held}${side}`;
};

/** What was understood of a text, piece by piece in its order: steps, ways between them, notes. */
export function Understood({ parts, sequence }: { parts: readonly PlanPart[]; sequence: Sequence }) {
  return (
    <details className="rounded-xl border border-line bg-paper" open>
      <summary className="cursor-pointer px-4 py-2 font-semibold">
        What was understood: {sequence.steps.length} {sequence.steps.length === 1 ? 'step' : 'steps'}
      </summary>
      <ol
        tabIndex={0}
        aria-label="What was understood"
        className="max-h-104 overflow-y-auto border-t border-line px-4 py-2"
      >
        {parts.map(({ kind, text, from, steps }, i) => {
          if (kind === 'title' || kind === 'minutes') return null;
          if (kind === 'section')
            return (
              <li key={`${from} ${i}`} className="pt-3 pb-1 font-display">
                {sequence.steps.find(({ section }) => section && text.includes(section))?.section ?? text}
              </li>
            );
          if (kind === 'step' || kind === 'repeat')
            return steps.map((number) => (
              <li key={`${from} ${i} ${number}`} className="flex items-center gap-3 py-0.5">
                <span className="w-6 text-right text-soft tabular-nums">{number}</span>
                <LazyFigure
                  variant={sequence.steps[number - 1]!.variant.id}
                  width={56}
                  height={44}
                  className="w-14 shrink-0"
                  decorative
                />
                <span>{sayStep(sequence.steps[number - 1]!)}</span>
              </li>
            ));
          return (
            <li
              key={`${from} ${i}`}
              className={`py-0.5 pl-9 ${kind === 'unsure' ? 'text-clay' : 'text-soft'}`}
            >
              {KINDS[kind]} {text.replace(/^>\s*/, '')}
            </li>
          );
        })}
      </ol>
    </details>
  );
}

const KINDS = { way: 'On the way:', note: 'Note:', unsure: 'Asked about:' } as const;
