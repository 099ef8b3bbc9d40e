import { PACE, type Pace } from '../people/pace.js';
import type { Catalogue } from '../poses/catalogue.js';
import type { Side } from '../side.js';
import type { ClassStep, Fitting, LaneStep } from '../fitting/types.js';

type Known = Pick<Catalogue, 'variant'>;

/** What someone does at a step. */
export interface Doing {
  personId: string;
  name: string;
  entry: LaneStep;
}

/** What is counted while something is done. */
export interface Count {
  unit: 'breaths' | 'rounds' | 'seconds';
  of: number;
  /** Seconds of one of it. */
  each: number;
}

/** One shape of a round of a flow, on its side, and how long it is stayed in. */
export interface RoundShape {
  step: ClassStep;
  side?: Side;
  seconds: number;
}

/** One thing to teach now: a step, on one side if it has sides; or a round of a flow. */
export interface Moment {
  step: ClassStep;
  side?: Side;
  /** Getting there: what is said, what is fetched, the change of level or side; seconds. */
  lead: number;
  /** The longest hold in the room on this side; of a round all of its shapes. */
  seconds: number;
  count: Count;
  /** Seconds of one breath as the group breathes here. */
  breath: number;
  /** Whoever does something else, in the order of the room. */
  differing: readonly Doing[];
  /** Whoever takes part, in the order of the room; in a round with each of the shapes that they do. */
  doing: readonly Doing[];
  /** What must be at hand that was not before, and who needs it. */
  fetch: readonly { prop: string; count: number; people: readonly string[] }[];
  /** What those who need it do after the step, while the others rest. */
  then?: true;
  /** A round of a flow: which one, and its shapes in their order. */
  round?: { at: number; shapes: readonly RoundShape[] };
}

const SIDES: readonly Side[] = ['right', 'left'];

/** A moment before it is known how one gets there. */
type Bare = Omit<Moment, 'lead' | 'fetch'>;

/**
 * The class as moments in order. Right comes first, as written; a flow is a moment for each of its rounds. Together
 * with the ways between them they take what the class is planned to take, unless the longest hold of one side is one
 * person's and of the other another's.
 *
 * @param pace what a change of side takes, and what is said
 */
export function momentsOf(
  fitting: Pick<Fitting, 'steps' | 'lanes' | 'places'>,
  catalogue: Known,
  pace: Pick<Pace, 'changeSide' | 'talkNew'> = PACE,
): Moment[] {
  const { steps } = fitting;
  const lanes = inRoomOrder(fitting);
  const doing = (step: ClassStep): Doing[] =>
    lanes.flatMap(({ personId, person: name, steps: entries }) =>
      entries.filter((entry) => entry.step === step.step).map((entry) => ({ personId, name, entry })),
    );
  const known: Group = { catalogue, breaths: groupBreaths(lanes, steps, catalogue) };
  const kept = steps.filter(({ leftOut }) => !leftOut);
  const moments: Moment[] = [];
  let inHand: ReadonlyMap<string, number> = new Map();
  kept.forEach((step, i) => {
    const { flow } = step;
    if (flow && kept[i - 1]?.flow?.number === flow.number) return;
    const shapes = flow ? kept.filter((one) => one.flow?.number === flow.number) : [step];
    const bare = flow
      ? roundsOf(
          shapes.map((one) => ({ step: one, doing: doing(one) })),
          known,
        )
      : sidesOf(step, doing(step), known);
    const planned = shapes[shapes.length - 1]!.end - step.start;
    // What is left of the planned time goes to getting there, once the sides are changed.
    const change = flow ? 0 : pace.changeSide;
    const changes = change * (bare.length - 1);
    const timed = lanes.length ? bare : withoutPeople(bare, planned - changes - pace.talkNew);
    const held = timed.reduce((sum, { seconds }) => sum + seconds, 0);
    const lead = Math.max(0, planned - held - changes);
    for (const [at, moment] of timed.entries()) {
      moments.push({ ...moment, lead: at ? change : lead, fetch: fetched(moment, inHand) });
      inHand = propsAt(moment);
    }
  });
  return moments;
}

/** Nobody is down for the class: what is planned for a step is shared out among its sides. */
const withoutPeople = (bare: readonly Bare[], planned: number): Bare[] =>
  bare.map((moment) => {
    const seconds = Math.max(0, planned / bare.length);
    return { ...moment, seconds, count: { unit: 'seconds', of: seconds, each: 1 } };
  });

/** Lanes as people lie in the room. */
function inRoomOrder({ lanes, places }: Pick<Fitting, 'lanes' | 'places'>): Fitting['lanes'] {
  const place = new Map(places.map(({ personId }, i) => [personId, i]));
  const at = (personId: string): number => place.get(personId) ?? places.length;
  return [...lanes].sort((a, b) => at(a.personId) - at(b.personId));
}

/** What all are seen to breathe like, seconds by how a variant is breathed. */
interface Group {
  catalogue: Known;
  breaths: ReadonlyMap<string, number>;
}

/** Seconds of one breath that an entry is counted by; undefined where it is counted in seconds. */
function countedBreath({ hold, variant }: LaneStep, catalogue: Known): number | undefined {
  const { pose } = catalogue.variant(variant);
  const perRound = pose.hold.unit === 'rounds' ? (pose.hold.roundBreaths ?? 1) : 1;
  if (hold.rounds) return hold.seconds / hold.rounds / (hold.breaths ?? perRound);
  if (hold.breaths) return hold.seconds / hold.breaths;
  return undefined;
}

/** The middle one of some numbers. */
const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

/** A shape of a flow is half a breath or several: it tells nothing of how long one is. */
function groupBreaths(
  lanes: Fitting['lanes'],
  classSteps: Fitting['steps'],
  catalogue: Known,
): Map<string, number> {
  const inFlow = new Set(classSteps.filter(({ flow }) => flow).map(({ step }) => step));
  const seen = new Map<string, number[]>();
  for (const { steps } of lanes)
    for (const entry of steps) {
      const seconds = inFlow.has(entry.step) ? undefined : countedBreath(entry, catalogue);
      if (seconds) seen.set(entry.breath, [...(seen.get(entry.breath) ?? []), seconds]);
    }
  return new Map([...seen].map(([breath, seconds]) => [breath, median(seconds)]));
}

/** Sides on which a step is done. */
function sidesDone(step: ClassStep, entries: readonly Doing[], { catalogue }: Group): Side[] {
  if (!catalogue.variant(step.variant).pose.side) return [];
  const done = entries.flatMap(({ entry }) => (entry.pose === entry.askedPose ? entry.sides : []));
  return SIDES.filter((side) => done.includes(side));
}

const isOn = ({ entry }: Doing, side: Side | undefined): boolean =>
  !side || !entry.sides.length || entry.sides.includes(side);
const differs = ({ entry }: Doing): boolean => entry.verdict !== 'as-written' || entry.override !== undefined;

/** The longest hold, and how it is counted: as most count it who hold that long. */
function longest(here: readonly Doing[], step: ClassStep, { catalogue, breaths }: Group) {
  const seconds = Math.max(0, ...here.map(({ entry }) => entry.hold.seconds));
  const counted = here
    .filter(({ entry }) => entry.hold.seconds >= seconds - 1e-6)
    .sort((a, b) => Number(differs(a)) - Number(differs(b)))[0]?.entry;
  const { variant } = catalogue.variant(step.variant);
  const own = counted && countedBreath(counted, catalogue);
  const usual = variant.breath === 'slow' ? PACE.slowBreath : PACE.breath;
  const breath = own ?? breaths.get(variant.breath) ?? usual;
  return { seconds, count: countOf(counted, seconds), breath };
}

function countOf(entry: LaneStep | undefined, seconds: number): Count {
  const { rounds, breaths } = entry?.hold ?? {};
  if (rounds) return { unit: 'rounds', of: rounds, each: seconds / rounds };
  if (breaths) return { unit: 'breaths', of: breaths, each: seconds / breaths };
  return { unit: 'seconds', of: seconds, each: 1 };
}

/** A step on each of its sides. */
function sidesOf(step: ClassStep, entries: readonly Doing[], group: Group): Bare[] {
  const order = sidesDone(step, entries, group);
  return (order.length ? order : [undefined])
    .map((side): Bare => {
      const here = entries.filter((one) => isOn(one, side));
      return {
        step,
        ...(side ? { side } : {}),
        ...longest(here, step, group),
        doing: here,
        differing: here.filter(differs),
      };
    })
    .concat(thenOf(step, entries, group));
}

/** The rounds of a flow: sides that take turns are right in the first and left in the second. */
function roundsOf(all: readonly { step: ClassStep; doing: readonly Doing[] }[], group: Group): Bare[] {
  const { rounds } = all[0]!.step.flow!;
  const last = all[all.length - 1]!;
  return Array.from({ length: rounds }, (_, round): Bare => {
    const differing = new Map<string, Doing>();
    const present = new Map<string, Doing>();
    let breath = PACE.breath;
    const shapes = all.map(({ step, doing }): RoundShape => {
      const done = sidesDone(step, doing, group);
      const side = done.length > 1 ? SIDES[round % 2] : done[0];
      const here = doing.filter((one) => isOn(one, side));
      const seconds = Math.max(
        0,
        ...here.map(({ entry }) => entry.hold.seconds / (entry.hold.rounds ?? rounds)),
      );
      breath = group.breaths.get(group.catalogue.variant(step.variant).variant.breath) ?? breath;
      // The same shape may come twice in a round.
      for (const one of here) present.set(`${one.personId}|${one.entry.variant}`, one);
      for (const one of here.filter(differs))
        differing.set(`${one.name}|${one.entry.askedVariant}|${one.entry.variant}`, one);
      return { step, seconds, ...(side ? { side } : {}) };
    });
    const seconds = shapes.reduce((sum, shape) => sum + shape.seconds, 0);
    return {
      step: all[0]!.step,
      seconds,
      count: { unit: 'seconds', of: seconds, each: 1 },
      breath,
      doing: [...present.values()],
      differing: [...differing.values()],
      round: { at: round + 1, shapes },
    };
  }).concat(thenOf(last.step, last.doing, group));
}

/** A moment of its own for counter-poses: each does what suits, the others rest. */
function thenOf(step: ClassStep, entries: readonly Doing[], group: Group): Bare[] {
  const differing = entries.flatMap(({ entry: { then, easier: _easier, ...entry }, ...who }): Doing[] =>
    then
      ? [
          {
            ...who,
            entry: {
              ...entry,
              pose: then.pose,
              variant: then.variant,
              hold: then.hold,
              sides: then.sides,
              props: then.props,
              cues: then.cues,
              verdict: 'swapped',
            },
          },
        ]
      : [],
  );
  if (!differing.length) return [];
  const seconds = Math.max(
    ...differing.map(({ entry }) => entry.hold.seconds * Math.max(1, entry.sides.length)),
  );
  const { breath } = longest(differing, step, group);
  return [
    {
      step,
      seconds,
      count: { unit: 'seconds', of: seconds, each: 1 },
      breath,
      doing: differing,
      differing,
      then: true,
    },
  ];
}

/** What each has in use: how many by whose and which, the most that any of their shapes stands on. */
function propsAt({ doing }: Bare): Map<string, number> {
  const inUse = new Map<string, number>();
  for (const { personId, entry } of doing) {
    const own = new Map<string, number>();
    for (const { prop, count } of entry.props) own.set(prop, (own.get(prop) ?? 0) + count);
    for (const [prop, count] of own) {
      const whose = `${personId}|${prop}`;
      inUse.set(whose, Math.max(inUse.get(whose) ?? 0, count));
    }
  }
  return inUse;
}

/** What must be at hand that was not before; the wall is there. */
function fetched(moment: Bare, inHand: ReadonlyMap<string, number>): Moment['fetch'] {
  const names = new Map(moment.doing.map(({ personId, name }) => [personId, name]));
  const wanted = new Map<string, { count: number; people: string[] }>();
  for (const [whose, count] of propsAt(moment)) {
    const [personId, prop] = whose.split('|') as [string, string];
    const more = count - (inHand.get(whose) ?? 0);
    if (prop === 'wall' || more <= 0) continue;
    const known = wanted.get(prop) ?? { count: 0, people: [] };
    wanted.set(prop, { count: known.count + more, people: [...known.people, names.get(personId)!] });
  }
  return [...wanted].map(([prop, one]) => ({ prop, ...one }));
}
