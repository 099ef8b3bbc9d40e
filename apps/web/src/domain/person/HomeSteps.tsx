import { sayHeld, sayOften, type HomeStep } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';
import { Figure } from '../figure/Figure.js';
import type { PersonBody } from '../fitting/bodies.js';
import { nameOfHomeStep } from './nameOfHomeStep.js';

interface Props {
  steps: readonly HomeStep[];
  /** Whose body shows it; somebody's unless given. */
  body?: PersonBody;
  /** To whoever practises it: one below the other, and what she needs is said to her. */
  toHerself?: boolean;
}

/** What is practised at home. */
export const HomeSteps = ({ steps, body, toHerself }: Props) => (
  <ol className={toHerself ? 'my-3 space-y-3' : 'grid gap-3 sm:grid-cols-2'}>
    {steps.map((step) => {
      const { pose } = variantById(step.variant);
      return (
        <li key={step.step} className="flex gap-3 rounded-xl border border-line bg-paper p-3">
          <Figure
            variant={step.variant}
            side={pose.side ? step.sides[0] : undefined}
            {...(body ? { heightCm: body.heightCm, build: body.build } : {})}
            decorative
            className="w-28 shrink-0"
          />
          <div>
            <b>{nameOfHomeStep(step)}</b>
            <span className="block">
              {sayHeld(step.hold)}
              {step.sides.length > 1 && ' each side'}, {sayOften(step.often)}
            </span>
            {step.says && <span className="block">{step.says}</span>}
            {step.house.length > 0 && (
              <span className="block text-soft">
                {toHerself && 'You need '}
                {step.house.join('; ')}
              </span>
            )}
            {step.note && <span className="block text-teal">{step.note}</span>}
          </div>
        </li>
      );
    })}
  </ol>
);
