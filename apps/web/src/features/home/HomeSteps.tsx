import { sayHeld, sayOften } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';
import type { HomePractice } from '../../data/types.js';
import { nameOfHomeStep } from '../../domain/person/nameOfHomeStep.js';
import { Figure } from '../../domain/figure/Figure.js';

/** What is practised, one beside the other. */
export const HomeSteps = ({ steps }: { steps: HomePractice['steps'] }) => (
  <ol className="grid gap-3 sm:grid-cols-2">
    {steps.map((step) => {
      const { pose } = variantById(step.variant);
      return (
        <li key={step.step} className="flex gap-3 rounded-xl border border-line bg-paper p-3">
          <Figure
            variant={step.variant}
            side={pose.side ? step.sides[0] : undefined}
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
            {step.house.length > 0 && <span className="block text-soft">{step.house.join('; ')}</span>}
            {step.note && <span className="block text-teal">{step.note}</span>}
          </div>
        </li>
      );
    })}
  </ol>
);
