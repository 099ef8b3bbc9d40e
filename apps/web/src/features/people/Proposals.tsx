import { sayPlace, type Proposal } from '@lotus-steady/core';
import { useState } from 'react';
import { poseName } from '../../data/catalogue.js';
import { useDecide, useProposals } from '../../data/people/useProposals.js';
import { sayOwnLimit } from '../../domain/person/personWords.js';
import { sayDate } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { Problem } from '../../ui/states.js';

/** What her classes propose for the next: taken over, changed, or declined with a reason. */
export function Proposals({ id, version, name }: { id: string; version: number; name: string }) {
  const { data } = useProposals(id);
  if (!data?.proposals.length && !data?.decided.length) return null;
  const first = name.split(' ')[0]!;
  return (
    <section aria-labelledby="proposed" className="mb-8">
      <h2 id="proposed" className="mb-2 text-xl">
        From {first}’s classes
      </h2>
      <ul className="space-y-3">
        {data.proposals.map((proposal) => (
          <One key={proposal.key} id={id} version={version} proposal={proposal} />
        ))}
      </ul>
      {data.decided.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-6 content-center text-teal">Decided before</summary>
          <ul className="mt-1 space-y-1">
            {data.decided.map(({ on, answer, limit, reason }, i) => (
              <li key={i}>
                <b>{sayDate(on)}</b>: {sayOwnLimit(limit)}, {answer === 'taken' ? 'taken over' : 'declined'}
                {reason && <span className="text-soft"> ({reason})</span>}
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

const HEADS = { limit: 'A limit', further: 'A little further', 'ease-in': 'Less for a while' } as const;

function One({ id, version, proposal }: { id: string; version: number; proposal: Proposal }) {
  const { key, what, limit, instead } = proposal;
  const decide = useDecide(id, version);
  const [most, setMost] = useState(limit.most?.toString() ?? '');
  const [reason, setReason] = useState('');
  const [isDeclining, setDeclining] = useState(false);
  const number = Number(most);
  const isNumber = limit.most === undefined || (most.trim() !== '' && number >= 0);
  const take = (): void =>
    decide.mutate({
      key,
      answer: 'taken',
      ...(limit.most === undefined || number === limit.most ? {} : { most: number }),
      ...(reason.trim() ? { reason: reason.trim() } : {}),
    });
  return (
    <li className="rounded-2xl border border-indigo bg-paper p-4">
      <h3 className="text-lg">
        {HEADS[what]}: {sayOwnLimit(limit)}
        {instead?.most !== undefined && what === 'further' && (
          <span className="text-soft"> (now {instead.most})</span>
        )}
      </h3>
      <Why proposal={proposal} />
      {decide.error && <Problem error={decide.error} />}
      <div className="mt-3 flex flex-wrap items-end gap-3">
        {limit.most !== undefined && !isDeclining && (
          <TextField
            label={what === 'ease-in' || limit.kind === 'hold' ? 'Up to, seconds' : 'Up to, degrees'}
            className="w-36"
            inputMode="numeric"
            value={most}
            {...(isNumber ? {} : { error: 'A number is needed.' })}
            onChange={(event) => setMost(event.target.value)}
          />
        )}
        <TextField
          label={isDeclining ? 'Why not' : 'A word, if you like'}
          className="min-w-64 flex-1"
          maxLength={300}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
        {isDeclining ? (
          <>
            <Button
              look="main"
              disabled={decide.isPending || !reason.trim()}
              onClick={() => decide.mutate({ key, answer: 'declined', reason: reason.trim() })}
            >
              Decline
            </Button>
            <Button onClick={() => setDeclining(false)}>Back</Button>
          </>
        ) : (
          <>
            <Button look="main" disabled={decide.isPending || !isNumber} onClick={take}>
              Take over
            </Button>
            <Button onClick={() => setDeclining(true)}>Decline …</Button>
          </>
        )}
      </div>
    </li>
  );
}

/** What speaks for it, how sure it is, and what else it may be. */
function Why({ proposal: { what, seen, easy = [], away = 0, limit } }: { proposal: Proposal }) {
  const until = limit.until ? `; it stands until ${sayDate(limit.until)}` : '';
  if (what === 'ease-in')
    return (
      <p>
        {Math.floor(away / 7)} weeks since the last class{until}.
      </p>
    );
  if (what === 'further')
    return (
      <p>
        Three easy times right up to it: {easy.map(sayDate).reverse().join(', ')}
        {until}.
      </p>
    );
  const { place, flares, sure, others } = seen!;
  const poses = [...new Set(flares.flatMap(({ pose }) => (pose ? poseName(pose) : [])))];
  const days = [...new Set(flares.map(({ on }) => on))].sort();
  const shown = sayPlace(place);
  return (
    <>
      <p>
        {shown[0]!.toUpperCase() + shown.slice(1)} hurt{' '}
        {poses.length > 0 && (
          <>
            in <b>{poses.join(', ')}</b>:{' '}
          </>
        )}
        {days.slice(-SHOWN_DAYS).map(sayDate).join(', ')}
        {days.length > SHOWN_DAYS && ` and ${days.length - SHOWN_DAYS} times before`}. What did not go so far
        was well.
      </p>
      <p className="text-soft">
        {saySure(sure)}
        {others.length > 0 &&
          `; it may also be: ${others
            .slice(0, 2)
            .map(
              ({ kind, side, sure: other }) =>
                `${sayOwnLimit({ kind, by: '', ...(side ? { side } : {}) })} (${inTen(other)})`,
            )
            .join(', ')}`}
        {until}.
      </p>
    </>
  );
}

/** So many days are named. */
const SHOWN_DAYS = 4;

const inTen = (sure: number): string => `${Math.floor(sure * 10)} of 10`;

function saySure(sure: number): string {
  if (sure >= 0.8) return `This fits best by far (${inTen(sure)})`;
  if (sure >= 0.5) return `This fits best (${inTen(sure)})`;
  return `Not sure that it is this (${inTen(sure)}): another class will tell more`;
}
