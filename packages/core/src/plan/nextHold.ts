import { parseSequence, type Known } from '../reading/parseSequence.js';
import { sayAsked } from './sayAsked.js';

const secondsStep = (count: number): number => (count >= 120 ? 30 : 5);

/**
 * A step's hold made longer or shorter, as it is said: breaths and rounds one at a time, seconds five at a
 * time, from two minutes on half a minute. Undefined where there is no such step, or it is as short as it
 * can be.
 *
 * @example nextHold('- Tree, 20 s each side', 1, 1) // '25 s'
 */
export function nextHold(source: string, step: number, by: 1 | -1, known: Known): string | undefined {
  const found = parseSequence(source, known).sequence.steps[step - 1];
  if (!found) return undefined;
  // Of a flow the rounds are counted.
  const { unit, count } = found.flow ? { unit: 'rounds' as const, count: found.flow.rounds } : found.hold;
  const size = unit === 'seconds' ? secondsStep(count) : 1;
  const next = Math.round((count + by * size) * 10) / 10;
  return next < size ? undefined : sayAsked({ unit, count: next });
}
