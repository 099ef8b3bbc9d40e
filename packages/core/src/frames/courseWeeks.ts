import { askedSeconds } from '../plan/askedSeconds.js';
import { oneALine } from '../plan/editSequence.js';
import { lineOf } from '../plan/lineFor.js';
import type { Variant } from '../poses/types.js';
import { skillOf } from '../poses/skillOf.js';
import { parseSequence } from '../reading/parseSequence.js';
import type { Step } from '../reading/plan.js';
import { retitled } from '../reading/retitled.js';
import { chanceFrom, pickOne, type Chance } from './chance.js';
import type { FrameTools } from './tools.js';
import type { Part } from './part.js';

/** How long a course may be, weeks. */
export const COURSE_WEEKS = { least: 4, most: 12 } as const;

/**
 * What a week is for: it begins, something moves up, a lighter week lets it settle, the last goes through all of it
 * once more.
 */
export type WeekKind = 'first' | 'up' | 'lighter' | 'again';

/** Every fourth week is lighter: three up and one to settle is how practice is often paced (common practice). */
const LIGHTER_EVERY = 4;
const LIGHTER_SHARE = 0.7;
/** So many steps move up in a week. */
const UP_AT_ONCE = 3;
const UP_SHARE = 0.2;
const SECONDS_STEP = 5;
/** From what one does alone to what is leant on. */
const SUPPORTS: readonly Variant['support'][] = ['none', 'hand', 'trunk'];
/** A class may be over its minutes by so much, seconds; a rest is no shorter than this, and no longer. */
const OVER_MOST = 60;
const REST_LEAST = 300;
const REST_MOST = 900;
/** What works is left out only where it fits the time by so much better, seconds. */
const WORK_STAYS = 60;

/** What each week of a course is for, the first first. */
export const weekKinds = (weeks: number): WeekKind[] =>
  Array.from({ length: weeks }, (_, i): WeekKind => {
    if (i === 0) return 'first';
    if (i === weeks - 1) return 'again';
    return (i + 1) % LIGHTER_EVERY === 0 ? 'lighter' : 'up';
  });

/**
 * A course written week by week from its first class: in most weeks a few steps go to the next version or are held
 * longer, where that suits as many as before; all else repeats.
 *
 * @param first a sequence as it is written; steps of flows stay as they are
 * @param tools with a fitter for those it is for
 * @returns a sequence for each week, the first one among them
 */
export function courseWeeks(first: string, weeks: number, seed: number, tools: FrameTools): string[] {
  const { title } = parseSequence(first, tools.catalogue).sequence;
  const chance = chanceFrom(seed);
  const moved = new Map<string, number>();
  let highest = oneALine(first, tools.catalogue);
  return weekKinds(weeks).map((kind, i) => {
    if (kind === 'up') highest = movedUp(highest, moved, chance, tools);
    const source = kind === 'lighter' ? lighter(highest, tools) : highest;
    return retitled(source, `${title}, week ${i + 1}`, tools.catalogue);
  });
}

/** A few steps one further: those that have moved least before the others. */
function movedUp(source: string, moved: Map<string, number>, chance: Chance, tools: FrameTools): string {
  const { steps } = parseSequence(source, tools.catalogue).sequence;
  const rest = steps.at(-1);
  let open = steps.flatMap((step) => {
    const part = step === rest || step.flow ? undefined : upFrom(step, tools);
    return part ? [{ step, part }] : [];
  });
  const changed = new Map<Step, Part>();
  while (changed.size < UP_AT_ONCE && open.length) {
    const next = pickOne(open, ({ step }) => 1 / (1 + 3 * (moved.get(step.pose.id) ?? 0)), chance)!;
    moved.set(next.step.pose.id, (moved.get(next.step.pose.id) ?? 0) + 1);
    changed.set(next.step, next.part);
    open = open.filter(({ step }) => step.pose !== next.step.pose);
  }
  const kept = new Set([...changed.keys()].map(({ pose }) => pose.id));
  return inTime(rewritten(source, changed), kept, tools);
}

/** The next version of a step where one suits as many as do it now, or else the same held longer. */
function upFrom(step: Step, tools: FrameTools): Part | undefined {
  const { catalogue, fitter } = tools;
  const { pose, variant, hold, sides } = step;
  if (['rest', 'breathe', 'settle'].includes(pose.purposes[0].action)) return undefined;
  const suited = fitter.suitedCount(step);
  const isFor = (part: Part): boolean =>
    fitter.suitedCount({ ...step, ...part, text: lineOf(part) }) >= suited && isReadAlike(part, catalogue);
  const at = pose.ladder.indexOf(variant);
  const further = pose.ladder
    .slice(at + 1)
    .filter(
      (one) =>
        one.level === variant.level &&
        skillOf(one) <= Math.max(1, skillOf(variant)) &&
        // A ladder ends with forms beside the fullest: what is held on to more is no step up.
        SUPPORTS.indexOf(one.support) <= SUPPORTS.indexOf(variant.support),
    )
    .map((one): Part => ({ pose, variant: one, hold, sides }))
    .find(isFor);
  if (further) return further;
  const least = hold.unit === 'seconds' ? SECONDS_STEP : 1;
  const count = hold.count + Math.max(1, Math.round((hold.count * UP_SHARE) / least)) * least;
  const longer: Part = { pose, variant, hold: { ...hold, count }, sides };
  const most: Part = { ...longer, hold: { unit: pose.hold.unit, count: pose.hold.most } };
  return secondsOf(longer, tools) <= secondsOf(most, tools) && isFor(longer) ? longer : undefined;
}

/** Whether a step is read again as what it is. */
const isReadAlike = (part: Part, catalogue: FrameTools['catalogue']): boolean =>
  parseSequence(`- ${lineOf(part)}`, catalogue).sequence.steps[0]?.variant === part.variant;

/** Shorter in what works, with a longer rest in place of it. */
function lighter(source: string, tools: FrameTools): string {
  const { steps } = parseSequence(source, tools.catalogue).sequence;
  const changed = new Map<Step, Part>();
  let freed = 0;
  for (const step of steps) {
    const { pose, hold, flow, sides } = step;
    if (pose.energy === 'settling' || flow || hold.unit === 'seconds') continue;
    const count = Math.max(pose.hold.least, Math.round(hold.count * LIGHTER_SHARE));
    if (count >= hold.count) continue;
    const part = { ...step, hold: { ...hold, count } };
    const times = Math.max(1, sides.length);
    freed += (secondsOf(step, tools) - secondsOf(part, tools)) * times;
    changed.set(step, part);
  }
  const rest = steps.at(-1);
  if (rest) changed.set(rest, restedFor(rest, secondsOf(rest, tools) + freed));
  return rewritten(source, changed);
}

const secondsOf = (part: Part, { on, pace }: FrameTools): number => askedSeconds(part, {}, on, pace);

const restedFor = (rest: Step, seconds: number): Part => ({
  ...rest,
  hold: { unit: 'seconds', count: Math.min(REST_MOST, Math.max(60, Math.round(seconds / 60) * 60)) },
});

/**
 * A plan back within its minutes: by a shorter rest, and then without a step about as long as it is over, what loosens
 * before what works.
 *
 * @param kept poses that stay: what has just moved up
 */
function inTime(source: string, kept: ReadonlySet<string>, tools: FrameTools): string {
  let text = source;
  for (let tries = 0; tries < UP_AT_ONCE; tries++) {
    const { sequence } = parseSequence(text, tools.catalogue);
    const { steps, minutes } = sequence;
    const by = (tools.fitter.fit(sequence).minutes.written - minutes) * 60;
    if (by <= OVER_MOST) return text;
    const rest = steps.at(-1)!;
    const seconds = secondsOf(rest, tools);
    if (seconds - by >= REST_LEAST) return rewritten(text, new Map([[rest, restedFor(rest, seconds - by)]]));
    const off = (step: Step): number =>
      Math.abs(secondsOf(step, tools) * Math.max(1, step.sides.length) - by) +
      (step.pose.place.includes('warm-up') ? 0 : WORK_STAYS);
    const [out] = steps
      .slice(1, -1)
      .filter(({ flow, pose }) => !flow && !kept.has(pose.id))
      .sort((one, other) => off(one) - off(other));
    if (!out) return text;
    text = rewritten(text, new Map([[out, undefined]]));
  }
  return text;
}

/** A text with some of its steps in other words, or gone; only of lines that hold nothing else. */
function rewritten(source: string, changed: ReadonlyMap<Step, Part | undefined>): string {
  const lines: (string | undefined)[] = source.split('\n');
  for (const [{ line }, part] of changed) lines[line - 1] = part && `- ${lineOf(part)}`;
  return lines.filter((line) => line !== undefined).join('\n');
}
