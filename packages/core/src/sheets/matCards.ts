import { figureOf, withoutHealth, type SheetFigure } from '../fitting/explain/index.js';
import type { Fitting, Lane, LaneStep, PersonPlace, Verdict } from '../fitting/types.js';
import { sayHeld } from '../plan/sayHeld.js';
import type { Catalogue } from '../poses/catalogue.js';

/** A card that lies on somebody's mat, where others see it too: nothing of their health is on it. */
export interface MatCard {
  personId: string;
  person: string;
  station: PersonPlace['station'];
  place: number;
  /** What lies beside the mat. */
  props: readonly { prop: string; count: number }[];
  /** What they do otherwise than it is asked: each version once, in the order of the class. */
  does: readonly MatStep[];
  /** What to say to them, three at most, of which step. */
  cues: readonly { step: number; says: string; figure: SheetFigure }[];
}

/** One version that somebody does, at the steps at which they do it. */
export interface MatStep {
  steps: readonly number[];
  /** "half forward fold, 5 breaths"; without the hold where it is one here and another there. */
  says: string;
  verdict: Verdict;
  figure: SheetFigure;
}

const CUES_MOST = 3;

/** A card for each who comes, in the order of the room. */
export function matCards(fitting: Fitting, catalogue: Catalogue): MatCard[] {
  const plain = new Map(withoutHealth(fitting, catalogue).lanes.map((lane) => [lane.personId, lane]));
  const lanes = new Map(fitting.lanes.map((lane) => [lane.personId, lane]));
  const leftOut = new Set(fitting.steps.filter((one) => one.leftOut).map(({ step }) => step));
  return fitting.places.flatMap(({ personId, person, station, place, props }) => {
    const lane = lanes.get(personId);
    if (!lane) return [];
    return {
      ...{ personId, person, station, place },
      props: props.map(({ prop, count }) => ({ prop, count })),
      does: doesOf(lane, leftOut, catalogue),
      cues: cuesOf(lane, plain.get(personId)!, leftOut),
    };
  });
}

function doesOf(lane: Lane, leftOut: ReadonlySet<number>, catalogue: Catalogue): MatStep[] {
  const does = new Map<string, LaneStep[]>();
  for (const entry of lane.steps) {
    if (leftOut.has(entry.step) || (entry.verdict === 'as-written' && !entry.override)) continue;
    const key = [entry.variant, entry.asFarAs?.share, entry.sides.length === 1 && entry.sides[0]].join();
    does.set(key, [...(does.get(key) ?? []), entry]);
  }
  return [...does.values()].map((entries): MatStep => {
    const [first] = entries as [LaneStep];
    const { pose, variant } = catalogue.variant(first.variant);
    const far = first.asFarAs?.says.replace(/\.$/, '').toLowerCase() ?? variant.name;
    const holds = new Set(entries.map(({ hold }) => sayHeld(hold)));
    return {
      steps: entries.map(({ step }) => step),
      says: [pose.name.toLowerCase(), far, ...(holds.size === 1 ? holds : [])].join(', '),
      verdict: first.verdict,
      figure: figureOf(lane, first),
    };
  });
}

/** Of what they do otherwise first, then of what they hold longest. */
function cuesOf(lane: Lane, { steps }: Lane, leftOut: ReadonlySet<number>): MatCard['cues'] {
  const kept = steps.filter(({ step }) => !leftOut.has(step));
  const otherwise = kept.filter(({ verdict }) => verdict === 'eased' || verdict === 'swapped');
  const longest = [...kept].sort((a, b) => b.hold.seconds - a.hold.seconds);
  const cues = new Map<string, MatCard['cues'][number]>();
  for (const { step, cues: said, ...entry } of [...otherwise, ...longest])
    if (said[0] && !cues.has(said[0]))
      cues.set(said[0], { step, says: said[0], figure: figureOf(lane, entry) });
  return [...cues.values()].slice(0, CUES_MOST);
}
