import {
  sayPlace,
  whereOfTask,
  type AskProposal,
  type LimitProposal,
  type Proposal,
  type PropTask,
} from '@lotus-steady/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { poseName } from '../../data/catalogue.js';
import { useDecide, useProposals } from '../../data/people/useProposals.js';
import type { Decided } from '../../data/types.js';
import { sayOwnLimit } from '../../domain/person/personWords.js';
import { sayProposed } from '../../domain/person/proposalWords.js';
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
            {data.decided.map((one, i) => (
              <li key={i}>
                <b>{sayDate(one.on)}</b>: {sayDecided(one)}
                {one.reason && <span className="text-soft"> ({one.reason})</span>}
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

const ANSWERED = { taken: 'taken over', declined: 'declined', asked: 'asked' } as const;

/** "right arm up to 145°, taken over". */
function sayDecided({ answer, limit, isLetGo, task, heightCm, place }: Decided): string {
  let what = place ? `the ${sayPlace(place)}` : 'where it hurt';
  if (limit) what = `${isLetGo ? 'without ' : ''}${sayOwnLimit(limit)}`;
  if (task) what = `${heightCm} cm ${whereOfTask(task as PropTask)}`;
  return `${what}, ${ANSWERED[answer]}`;
}

/** The number that a proposal sets, if it sets one. */
function numberOf(proposal: Proposal): number | undefined {
  if (proposal.what === 'lower-prop') return proposal.to;
  return proposal.what === 'ask' || proposal.what === 'again' ? undefined : proposal.limit.most;
}

function unitOf(proposal: Proposal): string {
  if (proposal.what === 'lower-prop') return 'Height, cm';
  return proposal.what === 'ease-in' || (proposal.what !== 'ask' && proposal.limit.kind === 'hold')
    ? 'Up to, seconds'
    : 'Up to, degrees';
}

/** Whether a number goes as far as what hurt. */
const hasHurt = (proposal: Proposal, number: number): boolean =>
  proposal.what === 'limit' && proposal.seen!.flares.some(({ far }) => number >= far);

function One({ id, version, proposal }: { id: string; version: number; proposal: Proposal }) {
  const { key, what } = proposal;
  const decide = useDecide(id, version);
  const proposed = numberOf(proposal);
  const [most, setMost] = useState(proposed?.toString() ?? '');
  const [reason, setReason] = useState('');
  const [isDeclining, setDeclining] = useState(false);
  const number = Number(most);
  const isNumber = proposed === undefined || (most.trim() !== '' && number >= 0);
  const take = (): void =>
    decide.mutate({
      key,
      answer: 'taken',
      ...(proposed === undefined || number === proposed ? {} : { most: number }),
      ...(reason.trim() ? { reason: reason.trim() } : {}),
    });
  const answer = (given: 'declined' | 'asked'): void =>
    decide.mutate({ key, answer: given, reason: reason.trim() });
  const saysWhy = what === 'ask' || isDeclining;
  return (
    <li className="rounded-2xl border border-indigo bg-paper p-4">
      <h3 className="text-lg">{sayProposed(proposal)}</h3>
      <Why proposal={proposal} />
      {decide.error && <Problem error={decide.error} />}
      <div className="mt-3 flex flex-wrap items-end gap-3">
        {proposed !== undefined && !isDeclining && (
          <TextField
            label={unitOf(proposal)}
            className="w-36"
            inputMode="numeric"
            value={most}
            {...(isNumber ? {} : { error: 'A number is needed.' })}
            onChange={(event) => setMost(event.target.value)}
          />
        )}
        <TextField
          label={labelOf(what, isDeclining)}
          className="min-w-64 flex-1"
          maxLength={300}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
        {saysWhy ? (
          <>
            <Button
              look="main"
              disabled={decide.isPending || !reason.trim()}
              onClick={() => answer(isDeclining ? 'declined' : 'asked')}
            >
              {isDeclining ? 'Decline' : 'Keep the answer'}
            </Button>
            {isDeclining && <Button onClick={() => setDeclining(false)}>Back</Button>}
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
      {!saysWhy && isNumber && hasHurt(proposal, number) && (
        <p role="status" className="mt-2 font-semibold text-clay">
          It has hurt at this number before.
        </p>
      )}
    </li>
  );
}

function labelOf(what: Proposal['what'], isDeclining: boolean): string {
  if (isDeclining) return 'Why not';
  return what === 'ask' ? 'What the answer was' : 'A word, if you like';
}

/** What speaks for it. */
function Why({ proposal }: { proposal: Proposal }) {
  switch (proposal.what) {
    case 'ask':
      return <WhyAsk ask={proposal} />;
    case 'lower-prop':
      return <p>Three easy times with it: {sayDays(proposal.easy)}.</p>;
    case 'ease-in':
      return (
        <p>
          {Math.floor(proposal.away! / 7)} weeks since the last class{untilOf(proposal)}.
        </p>
      );
    case 'further':
      return (
        <p>
          Three easy times right up to it: {sayDays(proposal.easy!)}
          {untilOf(proposal)}.
        </p>
      );
    case 'again':
      return (
        <p>
          Three easy times, and nothing of the kind has hurt for eight weeks: {sayDays(proposal.easy!)}. The
          next version may be tried, once and short.
        </p>
      );
    case 'limit':
      return <WhyHurt proposal={proposal} />;
  }
}

const sayDays = (days: readonly string[]): string => [...days].reverse().map(sayDate).join(', ');

const untilOf = ({ limit: { until } }: LimitProposal): string =>
  until ? `; it stands until ${sayDate(until)}` : '';

/** What hurt, where nothing known explains it. */
function WhyAsk({ ask }: { ask: AskProposal }) {
  const { flares } = ask;
  const days = flares.slice(0, SHOWN_DAYS).map(({ on, classId, pose }) => (
    <li key={on + pose}>
      {classId ? (
        <Link to={`/classes/${classId}/after`} className="text-teal underline">
          {sayDate(on)}
        </Link>
      ) : (
        sayDate(on)
      )}
      {pose && `, ${poseName(pose)}`}
    </li>
  ));
  return (
    <>
      <p>{whyAsk(ask)}</p>
      <ul className="list-disc pl-5">{days}</ul>
      {flares.length > SHOWN_DAYS && (
        <p className="text-soft">and {flares.length - SHOWN_DAYS} times before</p>
      )}
    </>
  );
}

function whyAsk({ place, by, atHome }: AskProposal): string {
  if (atHome)
    return 'It hurt more after practice at home. Ask in what, and end it or change it until that is known.';
  return place
    ? 'No one measure of these shapes explains it: others that go as far were well. Ask how it feels, and set a ' +
        'limit by hand where one is needed.'
    : `Pain was up by ${by} after class, and nobody said where: said in its record, it can be learned from.`;
}

/** What hurt, how sure it is that this is why, and what else it may be. */
function WhyHurt({ proposal }: { proposal: LimitProposal }) {
  const until = untilOf(proposal);
  const { seen } = proposal;
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
