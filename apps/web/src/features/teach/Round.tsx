import { shapeAt, type Moment, type Phase } from '@lotus-steady/core';
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

const SHAPE = 'w-28 shrink-0 rounded-xl p-1 text-center leading-tight';

const intoView = (shape: HTMLElement | null): void =>
  shape?.scrollIntoView({ inline: 'center', block: 'nearest' });

/** A round of a flow: its shapes in their order, each with its breath; the one that is being done is marked. */
export function Round({ moment, phase, passed }: Props) {
  const shapes = moment.round?.shapes ?? [];
  const now = phase === 'hold' ? shapeAt(shapes, passed).at : -1;
  return (
    <section aria-label="Shapes of the round" tabIndex={0} className="order-3 shrink-0 overflow-x-auto">
      <ol className="flex gap-2 p-1">
        {shapes.map(({ step, side }, i) => (
          <li
            key={i}
            aria-current={i === now ? 'step' : undefined}
            ref={i === now ? intoView : undefined}
            className={`${SHAPE} ${i === now ? 'bg-teal-wash ring-2 ring-teal' : ''}`}
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
    </section>
  );
}
