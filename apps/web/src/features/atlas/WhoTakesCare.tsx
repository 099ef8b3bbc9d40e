import { whoTakesCare, type Breach, type Pose, type Variant } from '@lotus-steady/core';
import { useMemo } from 'react';
import { catalogue } from '../../data/catalogue.js';
import { today } from '../../data/today.js';
import { useStaging } from '../../domain/person/useStaging.js';
import { Cited } from '../../domain/words/Cited.js';
import { measureWords } from '../../domain/words/measureWords.js';

const LEVEL = { never: 'not', limit: 'avoid', need: 'with help', watch: 'with a cue' } as const;

/** Every condition that a variant says something to, with the rules that it meets. */
export function WhoTakesCare({ pose, variant }: { pose: Pose; variant: Variant }) {
  const staging = useStaging(today());
  const care = useMemo(() => whoTakesCare(catalogue(), pose, variant, staging), [pose, variant, staging]);
  return (
    <section>
      <h2 className="mb-2 text-xl">Who takes care, and why</h2>
      <p className="mb-2 text-sm text-soft">
        Each at the most cautious stage, for the usual hold. The person’s own doctor, midwife or
        physiotherapist comes first.
      </p>
      {!care.length && <p>No rule speaks against it.</p>}
      <ul className="space-y-2">
        {care.map(({ condition, name, breaches }) => (
          <li key={condition} className="rounded-xl border border-line bg-paper p-3">
            <strong>{name}</strong>
            <ul className="mt-1 space-y-1">
              {breaches.map((breach) => (
                <Met key={breach.rule.id} breach={breach} />
              ))}
            </ul>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** One rule that is met: what to do, why, the number beside its limit, and where it comes from. */
function Met({ breach: { rule, measure, value, limit } }: { breach: Breach }) {
  const { words, unit, drawn } = measureWords(measure, value, limit);
  return (
    <li>
      <span className="font-semibold text-clay">{LEVEL[rule.level]}</span>: {rule.reason}
      {drawn && (
        <span className="text-soft">
          {' '}
          {words}: {Math.round(Number(value) * 100) / 100}
          {unit}, limit {limit}
          {unit}.
        </span>
      )}{' '}
      <span className="text-sm text-soft">
        <Cited evidence={rule.evidence} />
      </span>
    </li>
  );
}
