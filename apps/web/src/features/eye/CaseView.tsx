import type { Verdict } from '@lotus-steady/core';
import { Timer } from 'lucide-react';
import { useState } from 'react';
import type { EyeCase } from '../../data/types.js';
import { Figure } from '../../domain/figure/Figure.js';
import { VERDICT_WORDS } from '../../domain/marks/VerdictMark.js';
import { Button } from '../../ui/Button.js';
import { OneOf } from '../../ui/OneOf.js';
import { useCountdown } from './useCountdown.js';

/** A case has so long, seconds. */
const LONG = 120;
/** From here on the time that is left needs an eye. */
const SOON = 20;

const CHOICES = (['as-written', 'eased', 'swapped', 'rest'] as const).map(
  (verdict) => [verdict, VERDICT_WORDS[verdict]] as const,
);

export type Marks = Readonly<Record<number, Verdict>>;

/** A made-up person and a plan for her: what would you change, and how? */
export function CaseView({
  of,
  isTimed,
  busy,
  onAnswer,
}: {
  of: EyeCase;
  isTimed: boolean;
  busy: boolean;
  onAnswer: (marks: Marks) => void;
}) {
  const [marks, setMarks] = useState<Marks>({});
  const left = useCountdown(LONG, isTimed && !busy, () => onAnswer(marks));
  return (
    <section aria-labelledby="case">
      <div className="mb-4 flex flex-wrap justify-between gap-4 rounded-2xl border border-teal bg-teal-wash p-5">
        <div>
          <h2 id="case" className="text-2xl">
            {of.person.name}
            {of.age !== undefined && `, ${of.own ? 'about ' : ''}${of.age}`}
          </h2>
          <ul className="text-lg">
            {of.stages.map((stage) => (
              <li key={stage}>{stage}</li>
            ))}
          </ul>
          <p className="text-soft">
            {of.own ? 'About ' : ''}
            {of.person.heightCm} cm. {sayLastTime(of)}
          </p>
        </div>
        {isTimed && (
          <p
            role="timer"
            className={`flex items-center gap-2 text-2xl tabular-nums ${left <= SOON ? 'font-semibold text-clay' : ''}`}
          >
            <Timer aria-hidden size={24} />
            {Math.floor(left / 60)}:{String(left % 60).padStart(2, '0')}
          </p>
        )}
      </div>
      <h3 className="mb-2 text-xl">What would you change, and how?</h3>
      <ol className="mb-5 space-y-3">
        {of.steps.map(({ step, text, variant }) => (
          <li
            key={step}
            className="flex flex-wrap items-center gap-x-5 gap-y-2 rounded-2xl border border-line bg-paper p-3"
          >
            <Figure variant={variant} decorative className="w-28 shrink-0" />
            <span className="min-w-48 flex-1 font-semibold">{text}</span>
            <OneOf
              label={text}
              of={CHOICES}
              value={marks[step] ?? 'as-written'}
              onChange={(verdict) => setMarks({ ...marks, [step]: verdict })}
            />
          </li>
        ))}
      </ol>
      <Button look="main" disabled={busy} onClick={() => onAnswer(marks)}>
        This is what I would do
      </Button>
    </section>
  );
}

function sayLastTime({ own, stoppedIn }: EyeCase): string {
  if (own) return 'One of your classes of the last year; what happened is told afterwards.';
  return stoppedIn
    ? `The last time stopped in ${stoppedIn.toLowerCase()}.`
    : 'Nothing was written down the last time.';
}
