import type { Catalogue } from '../../poses/catalogue.js';
import type { Fitting, LaneStep } from '../types.js';

/** Half a page that another teacher could take the class from. */
export interface Handover {
  title: string;
  /** Minutes, people, what must be in the room. */
  facts: readonly string[];
  /** What to know before anyone begins. */
  know: readonly { person: string; text: string }[];
  sections: readonly { name?: string; steps: readonly HandoverStep[] }[];
}
export interface HandoverStep {
  step: number;
  says: string;
  /** Who does something else, what, and with what. */ others: readonly {
    people: readonly string[];
    says: string;
  }[];
}

const count = (n: number, word: string): string => `${Math.round(n * 10) / 10} ${word}${n === 1 ? '' : 's'}`;
function length({ breaths, rounds, seconds }: LaneStep['hold']): string {
  if (rounds !== undefined) return count(rounds, 'round');
  if (breaths !== undefined) return count(breaths, 'breath');
  return seconds >= 120 ? `${Math.round(seconds / 6) / 10} min` : `${Math.round(seconds)} s`;
}
const held = (hold: LaneStep['hold'], sides: readonly unknown[] = []): string =>
  `${length(hold)}${sides.length === 2 ? ' each side' : ''}`;

/**
 * A fitting as half a page: what to know, then each step in a line with whoever differs, those who do the
 * same named together. Cautions are the usual ones; each person's own doctor, midwife or physiotherapist
 * comes first.
 */
export function handover(fitting: Fitting, catalogue: Catalogue): Handover {
  const { lanes, steps, minutes, room } = fitting;
  const sections: { name?: string; steps: HandoverStep[] }[] = [];
  for (const { step, text, section, leftOut, shortened } of steps) {
    if (leftOut) continue;
    if (!sections.length || sections[sections.length - 1]!.name !== section)
      sections.push({ ...(section ? { name: section } : {}), steps: [] });
    const others = new Map<string, string[]>();
    for (const lane of lanes)
      for (const entry of lane.steps) {
        if (entry.step !== step) continue;
        const says = [
          entry.verdict === 'as-written' && !entry.override ? '' : saysWay(entry, catalogue),
          entry.then
            ? `then ${nameOf(entry.then.variant, catalogue)}, ${held(entry.then.hold, entry.then.sides)}`
            : '',
          entry.waitOut ? entry.waitOut.replace(/\.$/, '').toLowerCase() : '',
        ]
          .filter(Boolean)
          .join('; ');
        if (says) others.set(says, [...(others.get(says) ?? []), lane.person]);
      }
    sections[sections.length - 1]!.steps.push({
      step,
      says: shortened
        ? `${text} (${count(shortened.to, shortened.unit.replace(/s$/, ''))} to keep the time)`
        : text,
      others: [...others].map(([says, people]) => ({ says, people })),
    });
  }
  return {
    title: fitting.title,
    facts: [
      `${minutes.planned} of ${minutes.asked} minutes`,
      count(lanes.length, 'person').replace('persons', 'people'),
      ...(room.length
        ? [
            room
              .map(({ prop, count: n, short }) => `${count(n, prop)}${short ? ` (${short} short)` : ''}`)
              .join(', '),
          ]
        : ['no props']),
    ],
    know: lanes.flatMap(({ person, alerts }) =>
      alerts.filter(({ kind }) => kind !== 'stage').map(({ text }) => ({ person, text })),
    ),
    sections,
  };
}

const nameOf = (id: string, catalogue: Catalogue): string => {
  const { pose, variant } = catalogue.variant(id);
  return pose.usual === id ? pose.name.toLowerCase() : `${pose.name.toLowerCase()}, ${variant.name}`;
};

function saysWay(entry: LaneStep, catalogue: Catalogue): string {
  const { variant } = catalogue.variant(entry.variant);
  const added = entry.props.filter(
    ({ prop, where }) => !variant.props.some((own) => own.kind === prop && own.where === where),
  );
  const what = (): string => {
    if (entry.verdict === 'as-written') return 'as written';
    if (entry.verdict === 'rest') return 'rests';
    if (entry.pose !== entry.askedPose) return nameOf(entry.variant, catalogue);
    if (entry.variant !== entry.askedVariant) return variant.name;
    return added.length ? added.map(({ prop, where }) => `a ${prop} ${where}`).join(', ') : 'shorter';
  };
  const side = entry.sides.length === 1 ? ` (${entry.sides[0]})` : '';
  const hold = held(entry.hold, entry.pose === entry.askedPose ? [] : entry.sides);
  const choice = entry.override ? `: the teacher’s choice, ${entry.override.reason}` : '';
  return `${what()}${side}, ${hold}${choice}`;
}
