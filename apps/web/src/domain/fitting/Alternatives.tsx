import { sayCost, type Build, type LaneStep } from '@lotus-steady/core';
import type { Look } from '@lotus-steady/figure/scene';
import { variantById } from '../../data/catalogue.js';
import { Figure } from '../figure/Figure.js';
import { sayHold } from '../words/say.js';
import { VERDICT_WORDS } from '../marks/VerdictMark.js';

interface Props {
  entry: LaneStep;
  heightCm?: number;
  build?: Build;
  /** Whose looks they are drawn with. */
  look?: Look;
  /** Where one of them may be chosen. */ onTake?: (variant: string) => void;
}

/** The next best ways to do a step, and how much further each is from what was asked. */
export function Alternatives({ entry, heightCm, build, look: person, onTake }: Props) {
  if (!entry.alternatives.length) return null;
  return (
    <>
      <ul className="mt-2 grid grid-cols-3 gap-2" aria-label="Also possible">
        {entry.alternatives.map((other) => {
          const { pose, variant } = variantById(other.variant);
          const shown = (
            <>
              <Figure
                variant={other.variant}
                {...(heightCm ? { heightCm } : {})}
                {...(build ? { build } : {})}
                {...(person ? { look: person } : {})}
                decorative
                className="w-full"
              />
              {pose.name}, {variant.name}
              <span className="block text-soft">
                {VERDICT_WORDS[other.verdict]}, {sayHold({ seconds: other.holdSeconds })},{' '}
                {sayCost(other.cost - entry.cost)}
              </span>
            </>
          );
          const look = 'rounded-xl bg-(--fig-paper) p-1 text-center text-sm';
          return (
            <li key={other.variant} className={onTake ? '' : look}>
              {onTake ? (
                <button
                  type="button"
                  onClick={() => onTake(other.variant)}
                  className={`size-full border border-transparent hover:border-teal ${look}`}
                >
                  {shown}
                </button>
              ) : (
                shown
              )}
            </li>
          );
        })}
      </ul>
    </>
  );
}
