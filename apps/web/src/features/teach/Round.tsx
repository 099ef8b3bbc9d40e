import type { Moment, Phase } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';
import { Figure } from '../../domain/figure/Figure.js';
import { frameIn } from '../../domain/figure/frameIn.js';
import { sayOf } from '../../domain/words/sayOf.js';

interface Props {
  moment: Moment;
  phase: Phase;
  /** Seconds of the phase that have passed. */
  passed: number;
}

/** A round of a flow: its shapes in their order, each with its breath; the one that is being done is marked. */
export function Round({ moment, phase, passed }: Props) {
  const shapes = moment.round?.shapes ?? [];
  const ends = shapes.map((_, i) => shapes.slice(0, i + 1).reduce((sum, { seconds }) => sum + seconds, 0));
  const now = phase === 'hold' ? ends.findIndex((end) => passed < end) : -1;
  return (
    <ol className="grid grid-cols-[repeat(auto-fill,minmax(6.5rem,1fr))] gap-x-2 gap-y-2">
      {shapes.map(({ step, side }, i) => (
        <li
          key={i}
          aria-current={i === now ? 'step' : undefined}
          className={`rounded-xl p-1 text-center leading-tight ${i === now ? 'bg-teal-wash ring-2 ring-teal' : ''}`}
        >
          <Figure
            variant={step.variant}
            frame={frameIn(step)}
            side={side}
            width={112}
            height={80}
            className="mx-auto"
            decorative
          />
          <b className="block">
            {variantById(step.variant).pose.name}
            {side && <span className="text-teal">, their {side}</span>}
          </b>
          <span className="block text-soft">
            {sayOf({ text: '', ...(step.flow ? { flow: step.flow } : {}) })}
          </span>
        </li>
      ))}
    </ol>
  );
}
