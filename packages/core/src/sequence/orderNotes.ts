import { counterPoses } from '../../catalogue/counterPoses.js';
import { USUAL_RANGE } from '../body/ranges.js';
import type { Catalogue } from '../poses/catalogue.js';
import { askedSeconds, type Pace } from '../timing/pace.js';
import type { Sequence, Step } from './parseSequence.js';

/** Something about the order of a class. */
export interface OrderNote { kind: 'warm-up' | 'side' | 'pair' | 'counter-pose' | 'rest'; step?: number; text: string }

/** Anyone of usual height: order is judged on the plan, before it is fitted to people. */
const SOMEBODY_CM = 165;
/** The second side is as long as the first within a tenth or two seconds. */
const SIDE_SHARE = 0.1, SIDE_SECONDS = 2;
/** Seconds of warm-up before load: about four breaths of movement (common practice, no published source). */
const WARM_SECONDS = 20;
/** Final rest is 5 to 10 minutes (common practice). */
const REST_SECONDS = 300;

/**
 * Checks the order of a sequence: warm-up before load, both sides equally long over the whole class (the second may come in
 * another order), rounds with a leading leg in pairs, something after each deep back bend, fold or inversion, and a final rest.
 */
export function orderNotes({ steps }: Sequence, catalogue: Catalogue, on: string, pace: Pace, view: Readonly<Record<string, string>>): OrderNote[] {
  const notes: OrderNote[] = [], measures = (step: Step) => catalogue.measures(step.variant.id, SOMEBODY_CM);
  const seconds = (step: Step): number => askedSeconds(step, {}, on, pace) * Math.max(1, step.sides.length);
  const isLoad = (step: Step): boolean => step.variant.declared.isometric >= 3 || measures(step).lumbarExtension / USUAL_RANGE.lumbarExtension > 1 && step.pose.hold.unit === 'breaths' || measures(step).inverted > 0;
  let warm = 0;
  for (const step of steps) {
    if (isLoad(step)) {
      if (warm < WARM_SECONDS) notes.push({ kind: 'warm-up', step: step.number, text: `${step.pose.name} comes before anything has warmed the body: put ${warmUpFor(step, catalogue)} before it.` });
      break;
    }
    if (['mobilise', 'open', 'strengthen', 'balance'].includes(step.pose.purposes[0].action)) warm += seconds(step);
  }
  const bySide = new Map<string, { right: number; left: number; last: Step }>();
  for (const step of steps) {
    if (!step.pose.side) continue;
    const known = bySide.get(step.pose.id) ?? { right: 0, left: 0, last: step };
    for (const side of step.sides) known[side] += askedSeconds(step, {}, on, pace);
    bySide.set(step.pose.id, { ...known, last: step });
  }
  for (const { right, left, last } of bySide.values()) {
    const difference = Math.abs(right - left), less = right < left ? 'right' : 'left';
    if (difference <= Math.max(SIDE_SECONDS, SIDE_SHARE * Math.max(right, left)) + 1e-9) continue;
    const leads = /front|step/.test(last.pose.side!);
    notes.push(leads ? { kind: 'pair', step: last.number, text: `${last.pose.name}: ${Math.min(right, left) === 0 ? `the ${less} never leads` : `the ${less} leads for less time`}. Rounds with a leading leg come in pairs.` }
      : { kind: 'side', step: last.number, text: `${last.pose.name}: ${Math.min(right, left) === 0 ? `the ${less} side is missing` : `the ${less} side is ${Math.round(difference)} s shorter`}.` });
  }
  steps.forEach((step, i) => {
    const { lumbarExtension, inverted } = measures(step), held = step.pose.hold.unit === 'breaths', next = steps[i + 1];
    const deep = inverted > 0 && step.pose.purposes.some(({ action }) => action === 'invert') ? 'inversion' : held && step.pose.purposes.some(({ spine }) => spine === 'extension') && lumbarExtension / USUAL_RANGE.lumbarExtension > 1 ? 'back-bend' : undefined;
    if (!deep || (next && (counterPoses(deep, view).includes(next.pose.id) || next.pose.purposes.some(({ spine }) => spine === 'extension') || measures(next).inverted > 0))) return;
    notes.push({ kind: 'counter-pose', step: step.number, text: `Nothing answers ${step.pose.name}: each person is given what suits them.` });
  });
  const last = steps[steps.length - 1];
  if (last && last.pose.purposes[0].action !== 'rest') notes.push({ kind: 'rest', text: 'The class ends without a rest.' });
  else if (last && seconds(last) < REST_SECONDS) notes.push({ kind: 'rest', step: last.number, text: `The final rest is ${Math.round(seconds(last) / 6) / 10} minutes; 5 to 10 are usual.` });
  return notes;
}

/** What the pose likes before it, or the waves of the spine. */
const warmUpFor = ({ pose }: Step, catalogue: Catalogue): string => (catalogue.poses.find(({ id }) => id === pose.before[0]) ?? catalogue.poses.find(({ id }) => id === 'cat-cow')!).name.toLowerCase();
