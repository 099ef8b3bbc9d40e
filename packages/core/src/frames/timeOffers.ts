import type { Fitter } from '../fitting/fitter.js';
import { askedSeconds } from '../plan/askedSeconds.js';
import type { SequenceEdit } from '../plan/editSequence.js';
import { lineOf } from '../plan/lineFor.js';
import { sayAsked } from '../plan/sayAsked.js';
import type { Pose } from '../poses/types.js';
import type { Sequence } from '../reading/parseSequence.js';
import type { Step } from '../reading/plan.js';
import type { FrameTools } from './tools.js';
import { likingOf } from './liking.js';
import { asStep, fromUsual, isForMany, partOf, partSeconds, type Part } from './part.js';

/** One change that fills a class or trims it, and the minutes it brings; under 0 where it saves them. */
export interface TimeOffer {
  says: string;
  minutes: number;
  edit: SequenceEdit;
}

/** So much is filled or trimmed from on, minutes; and so many changes of a kind are offered. */
const FREE_FROM = 2;
const OVER_FROM = 0.5;
const OFFERS = 3;
/** A final rest is up to ten minutes (common practice). */
const REST_MOST = 600;
/** A hold is cut to no less than this share of it. */
const CUT_TO = 0.6;

/**
 * What would fill a class that is short of its minutes, or trim one that is over, each as one change: a longer rest
 * and poses for purposes and directions that are missing, which suit as many of those it is tried on as the step
 * before them; or steps whose purpose is served by others, and the longest hold for less.
 *
 * @param written minutes that it takes as it is written
 */
export function timeOffers(sequence: Sequence, written: number, tools: FrameTools): TimeOffer[] {
  const short = sequence.minutes - written;
  if (!sequence.steps.length) return [];
  if (short >= FREE_FROM)
    return [...longerRest(sequence, short, tools), ...additions(sequence, short, tools)];
  if (short > -OVER_FROM) return [];
  return [...removals(sequence, -short, tools), ...shorterHolds(sequence, tools)];
}

const minutesOf = (part: Part, tools: FrameTools): number => partSeconds(part, tools) / 60;

const isRest = ({ pose }: Step): boolean => pose.purposes[0].action === 'rest';
const named = ({ pose, number }: Step): string => `step ${number}, ${pose.name.toLowerCase()}`;

function longerRest({ steps }: Sequence, short: number, { on, pace }: FrameTools): TimeOffer[] {
  const rest = steps.findLast(isRest);
  if (!rest) return [];
  const now = askedSeconds(rest, {}, on, pace);
  const next = Math.floor(Math.min(REST_MOST, now + short * 60) / 60) * 60;
  const minutes = (next - now) / 60;
  if (minutes < 1) return [];
  const hold = sayAsked({ unit: 'seconds', count: next });
  return [{ says: `Rest for ${hold}`, minutes, edit: { kind: 'hold', step: rest.number, hold } }];
}

function additions({ steps }: Sequence, short: number, tools: FrameTools): TimeOffer[] {
  const { catalogue, fitter } = tools;
  const taken = steps.map(({ pose }) => pose);
  const isForChildren = taken.filter(({ family }) => family === 'children').length > 2;
  const work = steps.filter((step) => !isRest(step));
  const liked = catalogue.poses
    .filter(
      (pose) =>
        !taken.includes(pose) &&
        pose.place.some((place) => place !== 'rest' && place !== 'opening') &&
        (isForChildren || pose.family !== 'children'),
    )
    .map((pose) => ({ pose, liking: likingOf(pose, { id: '', name: '' }, taken) }))
    .sort((a, b) => b.liking - a.liking || a.pose.id.localeCompare(b.pose.id));
  const offers: TimeOffer[] = [];
  const regions = new Set<string>();
  for (const { pose } of liked) {
    if (offers.length === OFFERS) break;
    const [{ region }] = pose.purposes;
    const found = regions.has(region) ? undefined : placed(pose, work, fitter);
    const minutes = found ? minutesOf(found.part, tools) : Infinity;
    if (!found || minutes > short + 1) continue;
    regions.add(region);
    const line = lineOf(found.part);
    offers.push({ says: `Add ${line}`, minutes, edit: { kind: 'add', after: found.after, line } });
  }
  return offers;
}

/** How and where a pose would go into a plan: behind the last step on its level, for as many as that one suits. */
function placed(
  pose: Pose,
  steps: readonly Step[],
  fitter: Fitter,
): { part: Part; after: number } | undefined {
  const { unit, usual } = pose.hold;
  for (const variant of fromUsual(pose).filter(isForMany)) {
    const before = steps.findLast((step) => step.variant.level === variant.level && !step.flow);
    const part = partOf(pose, variant, { unit, count: usual });
    if (before && fitter.suitedCount(asStep(part)) >= Math.max(1, fitter.suitedCount(before)))
      return { part, after: before.number };
  }
  return undefined;
}

/** Steps that could go: their purpose is served by another one; the nearest to what is over first. */
function removals({ steps }: Sequence, over: number, tools: FrameTools): TimeOffer[] {
  const serves = ({ pose }: Step): string => `${pose.purposes[0].action} ${pose.purposes[0].region}`;
  return steps
    .filter((step) => !step.flow && !isRest(step))
    .filter((step) => steps.some((other) => other !== step && serves(other) === serves(step)))
    .map((step) => ({ step, minutes: minutesOf(step, tools) }))
    .sort((a, b) => Math.abs(a.minutes - over) - Math.abs(b.minutes - over) || a.step.number - b.step.number)
    .slice(0, OFFERS)
    .map(({ step, minutes }) => ({
      says: `Leave out ${named(step)}`,
      minutes: -minutes,
      edit: { kind: 'remove', step: step.number },
    }));
}

/** The longest hold held for less. */
function shorterHolds({ steps }: Sequence, tools: FrameTools): TimeOffer[] {
  const [longest] = steps
    .filter((step) => !step.flow && !isRest(step))
    .sort((a, b) => minutesOf(b, tools) - minutesOf(a, tools));
  if (!longest) return [];
  const { hold } = longest;
  const size = hold.unit === 'seconds' ? 5 : 1;
  const count = Math.max(size, Math.round((hold.count * CUT_TO) / size) * size);
  if (count >= hold.count) return [];
  const said = sayAsked({ ...hold, count });
  return [
    {
      says: `Hold ${named(longest)} for ${said}`,
      minutes: minutesOf({ ...longest, hold: { ...hold, count } }, tools) - minutesOf(longest, tools),
      edit: { kind: 'hold', step: longest.number, hold: said },
    },
  ];
}
