import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { lineFor, nextHold, sayCost, sayHeld, type SequenceEdit } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { ArrowDown, ArrowUp, Minus, Pencil, Plus, Trash2, Undo2, UsersRound } from 'lucide-react';
import { useState } from 'react';
import { forgetDraft, keepDraft, readDraft } from '../../data/drafts/drafts.js';
import { catalogue, variantById } from '../../data/catalogue.js';
import { Figure } from '../figure/Figure.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { PoseDialog } from './PoseDialog.js';
import { sayOf } from '../words/sayOf.js';
import type { StepDrawn } from './groupLanes.js';
import { StepNumber, usePlace } from './places.js';
import type { Live } from './live.js';

interface Props {
  /** Of its row. */ id: string;
  step: StepDrawn;
  live: Live;
}

/** What can be done with one step of the class. */
export function StepTools({ id, step, live }: Props) {
  const [asking, setAsking] = useState<'add' | 'swap'>();
  return (
    <>
      <span hidden id={`change-${id}`}>
        Change step <StepNumber id={id} />, {variantById(step.variant).pose.name}
      </span>
      <Popover className="relative">
        <PopoverButton
          className="inline-flex min-h-11 min-w-11 items-center justify-center rounded-lg text-teal hover:bg-teal-wash"
          aria-labelledby={`change-${id}`}
        >
          <Pencil aria-hidden size={18} />
        </PopoverButton>
        <PopoverPanel
          anchor="bottom start"
          className="z-30 w-104 max-w-full rounded-2xl border border-line bg-paper p-3 shadow-xl [--anchor-gap:4px]"
        >
          {({ close }) => (
            <Tools
              id={id}
              step={step}
              live={live}
              onClose={close}
              onAsk={(what) => {
                close();
                setAsking(what);
              }}
            />
          )}
        </PopoverPanel>
      </Popover>
      {asking === 'add' && <AddDialog id={id} live={live} onClose={() => setAsking(undefined)} />}
      {asking === 'swap' && (
        <SwapDialog id={id} step={step} live={live} onClose={() => setAsking(undefined)} />
      )}
    </>
  );
}

/** Another variant at a step for everybody, in place of any chosen before. */
const swap = (live: Live, step: number, variant: string, reason: string): void =>
  live.choose((choices) => ({
    ...choices,
    swaps: [...choices.swaps.filter((one) => one.step !== step), { step, variant, reason }],
  }));

/** The open list of what can be done. */
function Tools({
  id,
  step,
  live,
  onClose,
  onAsk,
}: Props & { onClose: () => void; onAsk: (what: 'add' | 'swap') => void }) {
  const { number, of } = usePlace(id);
  const hold = (by: 1 | -1): string | undefined => nextHold(live.planNow().source, number, by, catalogue());
  const edit = (change: SequenceEdit): void => live.edit(change);
  return (
    <>
      <div className="flex items-center gap-2">
        <span className="flex-1 font-semibold">{step.flow ? 'Rounds' : 'Hold'}</span>
        <Button
          aria-label={step.flow ? 'A round less' : 'Shorter'}
          disabled={!hold(-1)}
          onClick={() => edit({ kind: 'hold', step: number, hold: hold(-1)! })}
        >
          <Minus aria-hidden size={18} />
        </Button>
        <span className="min-w-24 text-center">
          {step.flow ? sayHeld({ rounds: step.flow.rounds, seconds: 0 }) : sayOf(step) || 'as usual'}
        </span>
        <Button
          aria-label={step.flow ? 'A round more' : 'Longer'}
          onClick={() => edit({ kind: 'hold', step: number, hold: hold(1)! })}
        >
          <Plus aria-hidden size={18} />
        </Button>
      </div>
      <div className="mt-1 grid grid-cols-2 gap-1">
        <Button
          look="quiet"
          className="justify-start"
          disabled={number === 1}
          onClick={() => edit({ kind: 'move', step: number, after: number - 2 })}
        >
          <ArrowUp aria-hidden size={18} />
          Earlier
        </Button>
        <Button
          look="quiet"
          className="justify-start"
          disabled={number === of}
          onClick={() => edit({ kind: 'move', step: number, after: number + 1 })}
        >
          <ArrowDown aria-hidden size={18} />
          Later
        </Button>
        <Button look="quiet" className="justify-start" onClick={() => onAsk('add')}>
          <Plus aria-hidden size={18} />
          Step after this
        </Button>
        <Button
          look="quiet"
          className="justify-start"
          onClick={() => {
            onClose();
            edit({ kind: 'remove', step: number });
          }}
        >
          <Trash2 aria-hidden size={18} />
          Remove
        </Button>
      </div>
      <div className="mt-2 border-t border-line pt-2">
        {step.insteadOf && (
          <Button
            look="quiet"
            className="w-full justify-start"
            onClick={() => {
              onClose();
              live.choose((choices) => ({
                ...choices,
                swaps: choices.swaps.filter((one) => one.step !== number),
              }));
            }}
          >
            <Undo2 aria-hidden size={18} />
            Back to {step.insteadOf.text}
          </Button>
        )}
        <ForAll
          number={number}
          step={step}
          live={live}
          onTake={(variant) => {
            onClose();
            swap(live, number, variant, 'One version for everybody');
          }}
        />
        <Button look="quiet" className="w-full justify-start" onClick={() => onAsk('swap')}>
          <UsersRound aria-hidden size={18} />
          Another pose for everybody
        </Button>
      </div>
    </>
  );
}

/** One version of the step that everyone may take, with what it costs. */
function ForAll({
  number,
  step,
  live,
  onTake,
}: {
  number: number;
  step: StepDrawn;
  live: Live;
  onTake: (variant: string) => void;
}) {
  const { data, isPending } = useQuery({
    queryKey: ['one-for-all', live.planNow(), number],
    queryFn: () => live.oneForAll(number),
    staleTime: Infinity,
    enabled: step.versions > 1,
  });
  if (step.versions <= 1) return <p className="px-2 text-soft">Everyone does the same here.</p>;
  return (
    <div>
      <p className="px-2 font-semibold">One version safe for all</p>
      {isPending && <p className="px-2 text-soft">Looking …</p>}
      {data && !data.length && (
        <p className="px-2 text-soft">There is none: what suits one breaks a limit of another.</p>
      )}
      <ul>
        {data?.map(({ variant, pose, leaving, cost }) => (
          <li key={variant}>
            <button
              type="button"
              onClick={() => onTake(variant)}
              className="flex w-full items-center gap-2 rounded-lg p-1 text-left hover:bg-teal-wash"
            >
              <Figure variant={variant} className="w-16 shrink-0" decorative />
              <span className="leading-tight">
                <b>{variantById(variant).pose.name}</b>, {variantById(variant).variant.name}
                <span className="block text-soft">
                  {leaving.length
                    ? `${leaving.length} do something other than planned`
                    : 'nobody does anything other than planned'}
                  {pose === step.pose ? '' : ', another pose'} · in all {sayCost(cost)}
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}

function AddDialog({ id, live, onClose }: Pick<Props, 'id' | 'live'> & { onClose: () => void }) {
  const { number } = usePlace(id);
  return (
    <PoseDialog
      title={`After step ${number}`}
      onClose={onClose}
      onTake={(pose) => {
        live.edit({ kind: 'add', after: number, line: lineFor(pose) });
        onClose();
      }}
    />
  );
}

function SwapDialog({ id, step, live, onClose }: Props & { onClose: () => void }) {
  const draft = `swap:${window.location.pathname}:${step.text}`;
  const [reason, setReason] = useState(() => readDraft(draft, { reason: '' })?.values.reason ?? '');
  // Not a form of many fields: what draws those is not fetched for it.
  const type = (typed: string): void => {
    setReason(typed);
    keepDraft(draft, { reason: typed }, undefined);
  };
  const { number } = usePlace(id);
  return (
    <PoseDialog
      title={`For everybody instead of ${step.text}`}
      onClose={onClose}
      onTake={(pose) => {
        swap(live, number, pose.usual, reason.trim() || 'Suits this class better');
        forgetDraft(draft);
        onClose();
      }}
    >
      <TextField
        label="Why"
        className="mb-3"
        placeholder="Suits this class better"
        value={reason}
        onChange={(event) => type(event.target.value)}
      />
    </PoseDialog>
  );
}
