import { USUAL_RANGE } from '../../body/ranges.js';
import { deepOf, LONG_FOLD } from '../person/index.js';
import type { Catalogue } from '../../poses/catalogue.js';
import type { Pose } from '../../poses/types.js';
import { type Pace } from '../../people/pace.js';
import { lineFor } from '../../plan/lineFor.js';
import type { Sequence, Step } from '../../reading/parseSequence.js';
import { bareName } from '../../reading/readStep.js';
import { counterPosesFor, type CounterNeed } from '../../poses/counterPoses.js';
import type { OrderNote } from '../types.js';
import { askedSeconds } from '../../plan/askedSeconds.js';

/** Anyone of usual height: order is judged on the plan, before it is fitted to people. */
const SOMEBODY_CM = 165;
/** The second side is as long as the first within a tenth or two seconds. */
const SIDE_SHARE = 0.1;
const SIDE_SECONDS = 2;
/** Seconds of warm-up before load: about four breaths of movement (common practice, no published source). */
const WARM_SECONDS = 20;
/**
 * Load, for which one warms up: static work of plank and boat, a back bend past the usual range of the low
 * back, upside down (common practice, no published source).
 */
const LOAD_WORK = 3;
const LOAD_BACK_BEND = 1;
/** Final rest is 5 to 10 minutes (common practice). */
const REST_SECONDS = 300;
const REST_LINE = '5 min';
/** Children lie still for a minute or more (common practice); so many of their poses make a plan one for them. */
const CHILDRENS_REST_SECONDS = 60;
const CHILDRENS_POSES = 3;

/** What warms up for anything: waves of the spine. */
const WARM_UP = 'cat-cow';
const REST = 'final-rest';

/** What is enough of a step to look at its order. */
type Part = Pick<Step, 'pose' | 'variant' | 'hold' | 'sides'>;

interface Look {
  steps: readonly Step[];
  catalogue: Catalogue;
  view: Readonly<Record<string, string>>;
  /** Seconds of one side, and of a step. */ side: (step: Part) => number;
  seconds: (step: Part) => number;
}

const measuresOf = ({ catalogue }: Look, { variant }: Part) => catalogue.measures(variant.id, SOMEBODY_CM);
const poseOf = ({ catalogue }: Look, id: string): Pose => catalogue.poses.find((pose) => pose.id === id)!;

/**
 * Checks the order of a sequence: warm-up before load, both sides equally long over the whole class (the
 * second may come in another order), rounds with a leading leg in pairs, something after each deep back
 * bend, fold or inversion, and a final rest.
 */
export function orderNotes(
  { steps }: Sequence,
  catalogue: Catalogue,
  on: string,
  pace: Pace,
  view: Readonly<Record<string, string>>,
): OrderNote[] {
  const side = (step: Part): number => askedSeconds(step, {}, on, pace);
  const look: Look = {
    steps,
    catalogue,
    view,
    side,
    seconds: (step) => side(step) * Math.max(1, step.sides.length),
  };
  return [
    ...warmUpNotes(look),
    ...roundNotes(look),
    ...sideNotes(look),
    ...counterNotes(look),
    ...restNotes(look),
  ];
}

/** A pose as {@link lineFor} writes it. */
const asUsual = ({ catalogue }: Look, pose: Pose): Part => ({
  pose,
  variant: catalogue.variant(pose.usual).variant,
  hold: { unit: pose.hold.unit, count: pose.hold.usual },
  sides: pose.side ? ['right', 'left'] : [],
});

/** Whether one warms up for it. */
function isLoad(look: Look, step: Part): boolean {
  const { lumbarExtension, inverted, isometric } = measuresOf(look, step);
  return (
    isometric >= LOAD_WORK ||
    inverted > 0 ||
    (step.pose.hold.unit === 'breaths' && lumbarExtension / USUAL_RANGE.lumbarExtension > LOAD_BACK_BEND)
  );
}

/** Seconds of a step that warm the body. */
const warming = (look: Look, step: Part): number =>
  ['mobilise', 'open', 'strengthen', 'balance'].includes(step.pose.purposes[0].action)
    ? look.seconds(step)
    : 0;

function warmUpNotes(look: Look): OrderNote[] {
  const at = look.steps.findIndex((step) => isLoad(look, step));
  const step = look.steps[at];
  const warm = look.steps.slice(0, at).reduce((sum, one) => sum + warming(look, one), 0);
  if (!step || warm >= WARM_SECONDS) return [];
  // What the pose likes before it, where that is no load itself and long enough; or the waves of the spine.
  const own = step.pose.before
    .map((id) => asUsual(look, poseOf(look, id)))
    .find((one) => !isLoad(look, one) && warming(look, one) >= WARM_SECONDS);
  const before = own?.pose ?? poseOf(look, WARM_UP);
  const first = step.flow ? look.steps.find(({ flow }) => flow?.number === step.flow!.number)! : step;
  return [
    {
      kind: 'warm-up',
      step: step.number,
      text: `${step.pose.name} comes before anything has warmed the body.`,
      fix: {
        says: `Put ${before.name.toLowerCase()} before it`,
        edit: { kind: 'add', after: first.number - 1, line: lineFor(before) },
      },
    },
  ];
}

/** Flows in which one side leads once more than the other: one round more makes pairs of them. */
function roundNotes({ steps }: Look): OrderNote[] {
  const odd = new Map<number, Step>();
  for (const step of steps)
    if (step.flow && isOdd(step) && !odd.has(step.flow.number)) odd.set(step.flow.number, step);
  return [...odd.values()].map(({ number, flow }): OrderNote => {
    const { name, rounds } = flow!;
    return {
      kind: 'pair',
      step: number,
      text: `${name}: ${rounds} ${rounds === 1 ? 'round' : 'rounds'}. Rounds with a leading leg come in pairs.`,
      fix: {
        says: `Make it ${rounds + 1} rounds`,
        edit: { kind: 'hold', step: number, hold: `${rounds + 1} rounds` },
      },
    };
  });
}

/** Whether a step's sides take turns to lead in an odd number of rounds. */
const isOdd = ({ flow, sides, pose }: Step): boolean =>
  flow !== undefined &&
  flow.rounds % 2 === 1 &&
  pose.side !== undefined &&
  (sides.length > 1 || flow.rounds === 1);

function sideNotes(look: Look): OrderNote[] {
  const bySide = new Map<string, { right: number; left: number; last: Step }>();
  for (const step of look.steps) {
    // Rest on one side is on the one that is liked.
    if (!step.pose.side || isOdd(step) || step.pose.purposes[0].action === 'rest') continue;
    const known = bySide.get(step.pose.id) ?? { right: 0, left: 0, last: step };
    for (const side of step.sides) known[side] += look.side(step);
    bySide.set(step.pose.id, { ...known, last: step });
  }
  return [...bySide.values()].flatMap(({ right, left, last }): OrderNote[] => {
    const difference = Math.abs(right - left);
    const less = right < left ? 'right' : 'left';
    const {
      name,
      side,
      hold: { unit },
    } = last.pose;
    if (difference <= Math.max(SIDE_SECONDS, SIDE_SHARE * Math.max(right, left)) + 1e-9) return [];
    const leads = /front|step/.test(side!);
    const missing = Math.min(right, left) === 0;
    const one = look.side({ ...last, hold: { unit, count: 1 } });
    const count = Math.round(difference / one);
    const line =
      Math.abs(count * one - difference) <= SIDE_SECONDS && count > 0
        ? `${count} ${count === 1 ? unit.slice(0, -1) : unit}`
        : `${Math.round(difference)} s`;
    return [
      {
        kind: leads ? 'pair' : 'side',
        step: last.number,
        text: leads
          ? `${name}: ${missing ? `the ${less} never leads` : `the ${less} leads for less time`}. Rounds ` +
            `with a leading leg come in pairs.`
          : `${name}: ` +
            `${missing ? `the ${less} side is missing` : `the ${less} side is ${Math.round(difference)} s shorter`}.`,
        fix: {
          says: `Add the ${less}`,
          edit: { kind: 'add', after: last.number, line: `${bareName(last.text)}, ${line} ${less}` },
        },
      },
    ];
  });
}

/** What a step leaves to be answered. */
function counterNeedOf(look: Look, step: Step): CounterNeed | undefined {
  const deep = deepOf(step.pose, measuresOf(look, step));
  if (deep.inversion) return 'inversion';
  if (deep.backBend) return 'back-bend';
  if (deep.fold && look.seconds(step) > LONG_FOLD) return 'fold';
  return undefined;
}

function counterNotes(look: Look): OrderNote[] {
  return look.steps.flatMap((step, i): OrderNote[] => {
    const counterNeed = counterNeedOf(look, step);
    const next = look.steps[i + 1];
    // What one shape of a flow leaves, those behind it answer.
    if (step.flow && step.flow.number === next?.flow?.number) return [];
    // The same again goes on, and is answered once, at its end.
    if (
      !counterNeed ||
      (next &&
        (counterNeedOf(look, next) === counterNeed ||
          counterPosesFor(counterNeed, look.catalogue.counterPoses, look.view).includes(next.pose.id)))
    )
      return [];
    return [
      {
        kind: 'counter-pose',
        step: step.number,
        text: `No counter-pose after ${step.pose.name}; each person gets one that suits.`,
      },
    ];
  });
}

/** The rest that ends a class, also where one sits up after it to breathe or to look back. */
function lastRest({ steps }: Look): Step | undefined {
  const at = steps.findLastIndex(({ pose }) => !['settle', 'breathe'].includes(pose.purposes[0].action));
  const { pose } = steps[at] ?? {};
  return pose?.purposes[0].action === 'rest' ? steps[at] : undefined;
}

/** Whether a plan is one for children: some of its poses are theirs. */
const isForChildren = ({ steps }: Look): boolean =>
  new Set(steps.filter(({ pose }) => pose.family === 'children').map(({ pose }) => pose)).size >=
  CHILDRENS_POSES;

function restNotes(look: Look): OrderNote[] {
  const last = look.steps[look.steps.length - 1];
  if (!last) return [];
  const rest = lastRest(look);
  if (!rest)
    return [
      {
        kind: 'rest',
        text: 'The class ends without a rest.',
        fix: {
          says: 'Add 5 minutes of rest',
          edit: { kind: 'add', after: last.number, line: `${poseOf(look, REST).name}, ${REST_LINE}` },
        },
      },
    ];
  const seconds = look.seconds(rest);
  if (seconds >= (isForChildren(look) ? CHILDRENS_REST_SECONDS : REST_SECONDS)) return [];
  return [
    {
      kind: 'rest',
      step: rest.number,
      text: `The final rest is ${Math.round(seconds / 6) / 10} minutes; 5 to 10 are usual.`,
      fix: { says: 'Make it 5 minutes', edit: { kind: 'hold', step: rest.number, hold: REST_LINE } },
    },
  ];
}
