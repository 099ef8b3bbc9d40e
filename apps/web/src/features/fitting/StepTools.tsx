import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { lineFor, parseSequence, sayCost, type Fitting } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { ArrowDown, ArrowUp, Minus, Pencil, Plus, Trash2, Undo2, UsersRound } from 'lucide-react';
import { useState } from 'react';
import { catalogue, variantById } from '../../catalogue.js';
import { Figure } from '../../figure/Figure.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { PoseDialog } from './PoseDialog.js';
import type { Live } from './FittingView.js';
import type { LivePlan } from './useLivePlan.js';

/** A step longer or shorter: breaths and rounds one at a time, seconds five at a time. */
export function nextHold(source: string, step: number, by: 1 | -1): string | undefined {
  const found = parseSequence(source, catalogue().poses).sequence.steps[step - 1];
  if (!found) return undefined;
  const { unit, count } = found.hold, size = unit === 'seconds' ? (count >= 120 ? 30 : 5) : 1, next = Math.round((count + by * size) * 10) / 10;
  if (next < size) return undefined;
  return unit === 'seconds' ? (next >= 120 && next % 60 === 0 ? `${next / 60} min` : `${next} s`) : `${next} ${next === 1 ? unit.slice(0, -1) : unit}`;
}

interface Props { step: Fitting['steps'][number]; of: number; live: Live }

/** What can be done with one step of the class. */
export function StepTools({ step, of, live }: Props) {
  const [adding, setAdding] = useState(false), [swapping, setSwapping] = useState(false), n = step.step, hold = (by: 1 | -1): string | undefined => live.current && nextHold(live.current.planNow().source, n, by);
  const edit: LivePlan['edit'] = (change) => live.current?.edit(change), choose: LivePlan['choose'] = (change) => live.current?.choose(change);
  const swap = (variant: string, reason: string): void => choose((choices) => ({ ...choices, swaps: [...choices.swaps.filter((one) => one.step !== n), { step: n, variant, reason }] }));
  return (
    <>
      <Popover className="relative">
        <PopoverButton className="inline-flex min-h-11 min-w-11 items-center justify-center rounded-lg text-teal hover:bg-teal-wash" aria-label={`Change step ${n}, ${variantById(step.variant).pose.name}`}><Pencil aria-hidden size={18} /></PopoverButton>
        <PopoverPanel anchor="bottom start" className="z-30 w-88 rounded-2xl border border-line bg-paper p-3 shadow-xl [--anchor-gap:4px]">
          {({ close }) => (
            <>
              <div className="flex items-center gap-2"><span className="flex-1 font-semibold">Hold</span>
                <Button className="px-2" aria-label="Shorter" disabled={!hold(-1)} onClick={() => edit({ kind: 'hold', step: n, hold: hold(-1)! })}><Minus aria-hidden size={18} /></Button>
                <span className="min-w-24 text-center">{step.text.replace(/^[^,]*,?\s*/, '') || 'as usual'}</span>
                <Button className="px-2" aria-label="Longer" onClick={() => edit({ kind: 'hold', step: n, hold: hold(1)! })}><Plus aria-hidden size={18} /></Button>
              </div>
              <div className="mt-1 grid grid-cols-2 gap-1">
                <Button look="quiet" className="justify-start px-2" disabled={n === 1} onClick={() => edit({ kind: 'move', step: n, after: n - 2 })}><ArrowUp aria-hidden size={18} />Earlier</Button>
                <Button look="quiet" className="justify-start px-2" disabled={n === of} onClick={() => edit({ kind: 'move', step: n, after: n + 1 })}><ArrowDown aria-hidden size={18} />Later</Button>
                <Button look="quiet" className="justify-start px-2" onClick={() => { close(); setAdding(true); }}><Plus aria-hidden size={18} />Step after this</Button>
                <Button look="quiet" className="justify-start px-2" onClick={() => { close(); edit({ kind: 'remove', step: n }); }}><Trash2 aria-hidden size={18} />Take it out</Button>
              </div>
              <div className="mt-2 border-t border-line pt-2">
                {step.insteadOf && <Button look="quiet" className="w-full justify-start px-2" onClick={() => { close(); choose((choices) => ({ ...choices, swaps: choices.swaps.filter((one) => one.step !== n) })); }}><Undo2 aria-hidden size={18} />Back to {step.insteadOf.text}</Button>}
                <ForAll step={step} live={live} onTake={(variant) => { close(); swap(variant, 'One version for everybody'); }} />
                <Button look="quiet" className="w-full justify-start px-2" onClick={() => { close(); setSwapping(true); }}><UsersRound aria-hidden size={18} />Another pose for everybody</Button>
              </div>
            </>
          )}
        </PopoverPanel>
      </Popover>
      {adding && <PoseDialog title={`After step ${n}`} onClose={() => setAdding(false)} onTake={(pose) => { edit({ kind: 'add', after: n, line: lineFor(pose) }); setAdding(false); }} />}
      {swapping && <SwapDialog step={step} onClose={() => setSwapping(false)} onTake={(variant, reason) => { swap(variant, reason); setSwapping(false); }} />}
    </>
  );
}

/** One version of the step that everyone may take, with what it costs. */
function ForAll({ step, live, onTake }: { step: Fitting['steps'][number]; live: Live; onTake: (variant: string) => void }) {
  const { data, isPending } = useQuery({ queryKey: ['one-for-all', live.current?.plan, step.step], queryFn: () => live.current?.oneForAll(step.step) ?? [], staleTime: Infinity, enabled: step.versions > 1 });
  if (step.versions <= 1) return <p className="px-2 text-soft">Everyone does the same here.</p>;
  return (
    <div>
      <p className="px-2 font-semibold">One version safe for all</p>
      {isPending && <p className="px-2 text-soft">Looking …</p>}
      {data && !data.length && <p className="px-2 text-soft">There is none: what suits one breaks a limit of another.</p>}
      <ul>{data?.map(({ variant, pose, leaving, cost }) => (
        <li key={variant}><button type="button" onClick={() => onTake(variant)} className="flex w-full items-center gap-2 rounded-lg p-1 text-left hover:bg-teal-wash">
          <Figure variant={variant} className="w-16 shrink-0" decorative />
          <span className="leading-tight"><b>{variantById(variant).pose.name}</b>, {variantById(variant).variant.name}
            <span className="block text-soft">{leaving.length ? `${leaving.length} leave what was asked` : 'nobody leaves what was asked'}{pose === step.pose ? '' : ', another pose'} · in all {sayCost(cost)}</span></span>
        </button></li>
      ))}</ul>
    </div>
  );
}

function SwapDialog({ step, onTake, onClose }: { step: Fitting['steps'][number]; onTake: (variant: string, reason: string) => void; onClose: () => void }) {
  const [reason, setReason] = useState('');
  return (
    <PoseDialog title={`For everybody instead of ${step.text}`} onClose={onClose} onTake={(pose) => onTake(pose.usual, reason.trim() || 'Suits this class better')}>
      <TextField label="Why" className="mb-3" value={reason} placeholder="Suits this class better" onChange={(event) => setReason(event.target.value)} />
    </PoseDialog>
  );
}
