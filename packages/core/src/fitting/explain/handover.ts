import type { BodyRanges } from '../../body/bodyRanges.js';
import type { Catalogue } from '../../poses/catalogue.js';
import { HALF_BREATH } from '../../poses/flows.js';
import { inFlows } from '../../reading/inFlows.js';
import { sayHeld } from '../../plan/sayHeld.js';
import type { ClassStep, Fitting, Lane, LaneStep, Verdict } from '../types.js';

/** Half a page that another teacher could take the class from. */
export interface Handover {
  title: string;
  /** Minutes, and how many people. */
  facts: readonly string[];
  /** What to know before anyone begins. */
  know: readonly { person: string; text: string }[];
  sections: readonly { name?: string; steps: readonly HandoverStep[] }[];
}

/** A figure that a sheet shows: a variant, on whose body and how far where it is somebody's. */
export interface SheetFigure {
  variant: string;
  /** Of the way, where it is done only part of it. */
  share?: number;
  /** Where it is done on one side alone. */
  side?: 'right' | 'left';
  personId?: string;
  ranges?: BodyRanges;
}

export interface HandoverStep {
  step: number;
  says: string;
  /** Seconds from the start of the class. */
  start: number;
  note?: string;
  /** As it is asked: one, or each shape of a flow. */
  figures: readonly SheetFigure[];
  /** Who does something else, what, and with what. */
  others: readonly HandoverOther[];
}

/** Those who do the same at a step that is not what was asked. */
export interface HandoverOther {
  people: readonly string[];
  says: string;
  /** What they do in a word; none in a flow, where they may do this here and that there. */
  verdict?: Verdict;
  /** As the first of them does it; none where only what they do after it, or in a flow, is something else. */
  figure?: SheetFigure;
}

const count = (n: number, word: string): string => `${Math.round(n * 10) / 10} ${word}${n === 1 ? '' : 's'}`;
const held = (hold: LaneStep['hold'], sides: readonly unknown[] = []): string =>
  `${sayHeld(hold)}${sides.length === 2 ? ' each side' : ''}`;

/**
 * A fitting as half a page: what to know, then each step in a line with whoever differs, those who do the
 * same named together. Cautions are the usual ones; each person's own doctor, midwife or physiotherapist
 * comes first.
 */
export function handover(fitting: Fitting, catalogue: Catalogue): Handover {
  const { title, lanes, steps, minutes } = fitting;
  return {
    title,
    facts: [
      `${minutes.planned} of ${minutes.asked} minutes`,
      count(lanes.length, 'person').replace('persons', 'people'),
    ],
    know: lanes.flatMap(({ person, alerts }) =>
      alerts.filter(({ kind }) => kind !== 'stage').map(({ text }) => ({ person, text })),
    ),
    sections: sectionsOf(
      inFlows(
        steps.filter(({ leftOut }) => !leftOut),
        ({ flow }) => flow,
      ),
      (shapes) => ({
        step: shapes[0]!.step,
        says: saysShapes(shapes),
        start: shapes[0]!.start,
        ...(shapes[0]!.note ? { note: shapes[0]!.note } : {}),
        figures: [...new Set(shapes.map(({ variant }) => variant))].map((variant) => ({ variant })),
        others:
          shapes.length > 1
            ? othersIn(shapes, lanes, catalogue)
            : othersAt(shapes[0]!.step, lanes, catalogue),
      }),
    ),
  };
}

/** Steps under the headings that they follow each other under. */
function sectionsOf(
  groups: readonly ClassStep[][],
  page: (steps: readonly ClassStep[]) => HandoverStep,
): Handover['sections'] {
  const sections: { name?: string; steps: HandoverStep[] }[] = [];
  for (const group of groups) {
    const { section } = group[0]!;
    if (!sections.length || sections.at(-1)!.name !== section)
      sections.push({ ...(section ? { name: section } : {}), steps: [] });
    sections.at(-1)!.steps.push(page(group));
  }
  return sections;
}

/** A step as it is written; a flow with its rounds and shapes. */
function saysShapes(steps: readonly ClassStep[]): string {
  const { flow } = steps[0]!;
  if (!flow) return saysStep(steps[0]!);
  const shapes = steps.map(({ text, flow: own }) =>
    own && own.breaths > HALF_BREATH ? `${text}, ${count(own.breaths, 'breath')}` : text,
  );
  return `${flow.name}, ${count(flow.rounds, 'round')}: ${shapes.join(' → ')}`;
}

/** Who does something else in a flow, at which of its shapes; those who do the same throughout are named together. */
function othersIn(
  steps: readonly ClassStep[],
  lanes: Fitting['lanes'],
  catalogue: Catalogue,
): HandoverStep['others'] {
  const people = new Map<string, string[]>();
  for (const { person, steps: own } of lanes) {
    const said = new Map<string, string>();
    for (const { step, text } of steps)
      for (const entry of own.filter((one) => one.step === step)) {
        if (entry.verdict === 'as-written' && !entry.override) continue;
        // The same shape may come twice in a round, and is said once.
        said.set(`${text} ${entry.sides.join()}`, `${text}: ${saysWhat(entry, catalogue)}${oneSide(entry)}`);
      }
    const says = [...said.values()].join('; ');
    if (says) people.set(says, [...(people.get(says) ?? []), person]);
  }
  return [...people].map(([says, who]) => ({ says, people: who }));
}

const oneSide = ({ sides }: LaneStep): string => (sides.length === 1 ? ` (${sides[0]})` : '');

const saysStep = ({ text, shortened }: ClassStep): string =>
  shortened ? `${text} (${count(shortened.to, shortened.unit.replace(/s$/, ''))} to keep the time)` : text;

/** Who does something else at a step; those who do the same are named together. */
function othersAt(step: number, lanes: Fitting['lanes'], catalogue: Catalogue): HandoverStep['others'] {
  const others = new Map<string, HandoverOther>();
  for (const lane of lanes)
    for (const entry of lane.steps.filter((one) => one.step === step)) {
      const says = saysEntry(entry, catalogue);
      if (!says) continue;
      const known = others.get(says);
      const people = [...(known?.people ?? []), lane.person];
      others.set(says, known ? { ...known, people } : { people, says, ...shownBy(lane, entry) });
    }
  return [...others.values()];
}

/** What someone does in a word, and their figure. */
const shownBy = (lane: Lane, entry: LaneStep): Pick<HandoverOther, 'verdict' | 'figure'> => ({
  verdict: entry.verdict,
  ...(entry.verdict === 'as-written' ? {} : { figure: figureOf(lane, entry) }),
});

/** How a sheet shows what somebody does at a step: on their body, as far as they go. */
export const figureOf = (
  { personId, ranges }: Pick<Lane, 'personId' | 'ranges'>,
  { variant, asFarAs, sides }: Pick<LaneStep, 'variant' | 'asFarAs' | 'sides'>,
): SheetFigure => ({
  variant,
  personId,
  ranges,
  ...(asFarAs ? { share: asFarAs.share } : {}),
  ...(sides.length === 1 ? { side: sides[0]! } : {}),
});

/** What someone does that is not as written; empty where all is. */
function saysEntry(entry: LaneStep, catalogue: Catalogue): string {
  const { verdict, override, then, waitOut } = entry;
  return [
    verdict === 'as-written' && !override ? '' : saysWay(entry, catalogue),
    then ? `then ${nameOf(then.variant, catalogue)}, ${held(then.hold, then.sides)}` : '',
    waitOut ? waitOut.replace(/\.$/, '').toLowerCase() : '',
  ]
    .filter(Boolean)
    .join('; ');
}

const nameOf = (id: string, catalogue: Catalogue): string => {
  const { pose, variant } = catalogue.variant(id);
  return pose.usual === id ? pose.name.toLowerCase() : `${pose.name.toLowerCase()}, ${variant.name}`;
};

/** What someone does at a step in a word or two: the pose where it is another, the version, or the prop. */
function saysWhat(
  { verdict, asFarAs, variant: id, pose, askedPose, askedVariant, props }: LaneStep,
  catalogue: Catalogue,
): string {
  const { variant } = catalogue.variant(id);
  if (verdict === 'as-written') return 'as written';
  if (verdict === 'rest') return 'rests';
  if (asFarAs) {
    const says = asFarAs.says[0]!.toLowerCase() + asFarAs.says.slice(1).replace(/\.$/, '');
    return asFarAs.of === askedVariant ? says : `${catalogue.variant(asFarAs.of).variant.name}: ${says}`;
  }
  if (pose !== askedPose) return nameOf(id, catalogue);
  if (id !== askedVariant) return variant.name;
  const added = props.filter(
    ({ prop, where }) => !variant.props.some((own) => own.kind === prop && own.where === where),
  );
  return added.length ? added.map(({ prop, where }) => `a ${prop} ${where}`).join(', ') : 'shorter';
}

function saysWay(entry: LaneStep, catalogue: Catalogue): string {
  const hold = held(entry.hold, entry.pose === entry.askedPose ? [] : entry.sides);
  const choice = entry.override ? `: the teacher’s choice, ${entry.override.reason}` : '';
  const what = saysWhat(entry, catalogue);
  return `${entry.stays ? `stays: ${what}` : what}${oneSide(entry)}, ${hold}${choice}`;
}
