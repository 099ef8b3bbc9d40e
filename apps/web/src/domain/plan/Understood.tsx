import { sayAsked, sayHeld, type PlanPart, type Sequence, type Step } from '@lotus-steady/core';
import { frameIn } from '../figure/frameIn.js';
import { LazyFigure } from '../figure/LazyFigure.js';
import { nameOfStep, saySides } from '../words/nameOfStep.js';
import { sayOf } from '../words/sayOf.js';

const sayStep = (step: Step): string => {
  const { hold, sides, flow } = step;
  const name = nameOfStep(step);
  if (flow)
    return [name, sayOf({ text: '', flow }), sides.length === 1 ? sides[0] : ''].filter(Boolean).join(' · ');
  return `${name} · ${sayAsked(hold)}${saySides(step)}`;
};

/** What was understood of a text, piece by piece in its order: steps, ways between them, notes. */
export function Understood({
  parts,
  sequence,
  heading = 'What was understood',
}: {
  parts: readonly PlanPart[];
  sequence: Sequence;
  heading?: string;
}) {
  return (
    <details className="rounded-xl border border-line bg-paper" open>
      <summary className="cursor-pointer px-4 py-2 font-semibold">
        {heading}: {sequence.steps.length} {sequence.steps.length === 1 ? 'step' : 'steps'}
      </summary>
      <ol
        tabIndex={0}
        aria-label={heading}
        className="max-h-104 overflow-y-auto border-t border-line px-4 py-2"
      >
        {parts.map(({ kind, text, from, steps }, i) => {
          if (kind === 'section')
            return (
              <li key={`${from} ${i}`} className="pt-3 pb-1 font-display">
                {sequence.steps.find(({ section }) => section && text.includes(section))?.section ?? text}
              </li>
            );
          if (kind === 'step' || kind === 'repeat')
            return steps.map((number) => (
              <StepOf
                key={`${from} ${i} ${number}`}
                step={sequence.steps[number - 1]!}
                before={sequence.steps[number - 2]}
              />
            ));
          return (
            <li
              key={`${from} ${i}`}
              className={`py-0.5 pl-9 ${kind === 'unsure' ? 'text-clay' : 'text-soft'}`}
            >
              {KINDS[kind]} {saidOf(kind, text, sequence)}
            </li>
          );
        })}
      </ol>
    </details>
  );
}

/** A step as it was understood; over the first shape of a flow its name and its rounds. */
function StepOf({ step, before }: { step: Step; before: Step | undefined }) {
  const { flow, number, variant } = step;
  return (
    <>
      {flow && flow.number !== before?.flow?.number && (
        <li className="pt-1 font-semibold text-indigo">
          {flow.name} · {sayHeld({ rounds: flow.rounds, seconds: 0 })}
        </li>
      )}
      <li className={`flex items-center gap-3 py-0.5 ${flow ? 'border-l-4 border-indigo' : ''}`}>
        <span className="w-6 text-right text-soft tabular-nums">{number}</span>
        <LazyFigure
          variant={variant.id}
          frame={frameIn({ variant: variant.id, ...(flow ? { flow } : {}) })}
          width={56}
          height={44}
          className="w-14 shrink-0"
          decorative
        />
        <span>
          {sayStep(step)}
          <NoteOf step={step} />
        </span>
      </li>
    </>
  );
}

/** What stands behind the word for its kind: what the class is called and how long it is, else the text itself. */
function saidOf(kind: PlanPart['kind'], text: string, { title, minutes }: Sequence): string {
  if (kind === 'title') return title;
  return kind === 'minutes' ? `${minutes} min` : text.replace(/^>\s*/, '');
}

/** What is kept beside a step, where the list does not say it by itself. */
function NoteOf({ step: { note, text } }: { step: Step }) {
  if (!note || !(note === text || note.startsWith('or '))) return null;
  return <span className="block text-soft">{note}</span>;
}

const KINDS = {
  title: 'Name of the class:',
  minutes: 'Length:',
  way: 'On the way:',
  note: 'Note:',
  unsure: 'Asked about:',
} as const;
