import type { EyeStep, Finding, OtherHouse } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import type { ReactNode } from 'react';
import { variantById } from '../../data/catalogue.js';
import type { EyeAnswered, EyeCase, OwnEyeAnswered } from '../../data/types.js';
import { Figure } from '../../domain/figure/Figure.js';
import { LimitBar } from '../../domain/marks/LimitBar.js';
import { VERDICT_WORDS, VerdictMark } from '../../domain/marks/VerdictMark.js';
import { Cited } from '../../domain/words/Cited.js';
import { measureWords } from '../../domain/words/measureWords.js';
import { sayDate } from '../../domain/words/say.js';
import { SEEN_WORDS, saySeen } from './seenWords.js';

/** What the fitting does with a case, beside what the teacher would do, and why. */
export function Revealed({
  of,
  answer: { steps, others = [], again, happened },
  children,
}: {
  of: EyeCase;
  answer: Pick<EyeAnswered, 'steps'> & Partial<EyeAnswered & OwnEyeAnswered>;
  children: ReactNode;
}) {
  return (
    <section aria-labelledby="seen">
      <h2 id="seen" className="text-2xl">
        {of.person.name}: {saySeen(steps)}
      </h2>
      <p className="mb-4 text-soft">
        {of.stages.length > 0 && `${of.stages.join('; ')}. `}
        {again && `Again on ${sayDate(again)}.`}
      </p>
      {happened && (
        <p className="mb-4 rounded-xl bg-teal-wash p-4">
          <b>What happened then:</b>{' '}
          {happened.length ? `${happened.join('; ')}.` : 'nothing was written down.'}
        </p>
      )}
      <ol className="mb-5 space-y-3">
        {steps.map((step) => (
          <Step
            key={step.step}
            step={step}
            text={of.steps.find((one) => one.step === step.step)!.text}
            others={others.filter((one) => one.step === step.step)}
          />
        ))}
      </ol>
      {children}
    </section>
  );
}

function Step({ step, text, others }: { step: EyeStep; text: string; others: readonly OtherHouse[] }) {
  const { chosen, marked, given, seen, because } = step;
  const { pose, variant } = variantById(chosen);
  return (
    <li
      className={`rounded-2xl border p-4 ${seen === 'right' ? 'border-line bg-paper' : 'border-clay bg-paper'}`}
    >
      <div className="flex flex-wrap items-start gap-5">
        <Figure variant={chosen} className="w-36 shrink-0" />
        <div className="min-w-60 flex-1">
          <p className="text-lg font-semibold">{text}</p>
          <p className="flex flex-wrap items-center gap-x-3">
            The fitting: <VerdictMark verdict={given} />
            {given !== 'as-written' && (
              <span>
                {pose.name}, {variant.name}
              </span>
            )}
          </p>
          <p>
            You: {VERDICT_WORDS[marked]}.{' '}
            <b className={seen === 'right' ? 'text-teal' : 'text-clay'}>{SEEN_WORDS[seen]}</b>
          </p>
          {because.slice(0, REASONS).map((finding) => (
            <Reason key={finding.rule + finding.measure} of={finding} />
          ))}
          {others.length > 0 && <Others of={others} />}
        </div>
      </div>
    </li>
  );
}

/** So many reasons of a step are told: the first are those that matter most. */
const REASONS = 3;

function Reason({ of }: { of: Finding }) {
  const { words, unit, most, drawn } = measureWords(of.measure, of.value, of.limit);
  return (
    <div className="mt-3">
      <p>{of.reason}</p>
      {drawn && (
        <LimitBar
          label={`${words}, asked`}
          value={of.value as number}
          limit={of.limit as number}
          unit={unit}
          met={false}
          most={most}
        />
      )}
      <p className="text-sm text-soft">
        <Cited evidence={of.evidence} /> · {RULEBOOK.conditionName(of.condition)}
      </p>
    </div>
  );
}

const Others = ({ of }: { of: readonly OtherHouse[] }) => (
  <p className="mt-3 text-indigo">
    Where houses differ:{' '}
    {of
      .map(({ topic, position, verdict }) => {
        const { name, positions } = RULEBOOK.houseViewTopics[topic]!;
        const says = positions.find(({ id }) => id === position)!.name.toLowerCase();
        return `${name}, “${says}”: ${VERDICT_WORDS[verdict]}`;
      })
      .join('; ')}
    .
  </p>
);
