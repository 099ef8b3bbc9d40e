import type { Finding, Fitting, Lane, LaneStep } from '../types.js';

/** One thing that is other than it was: at a step for a person, or about a person (`step` absent). */
export interface Difference {
  personId: string;
  person: string;
  step?: number;
  asked?: string;
  before?: string;
  after?: string;
  what:
    | 'another way'
    | 'followed by something else'
    | 'shorter'
    | 'longer'
    | 'allowed again'
    | 'no longer allowed'
    | 'to know'
    | 'no longer here'
    | 'new here';
  why: string;
}

export interface Comparison {
  differences: readonly Difference[];
  /** Steps in which something differs. */ steps: number;
  /** In one sentence; empty where nothing differs. */ says: string;
}

const byStep = ({ steps }: Lane): Map<number, LaneStep[]> => {
  const found = new Map<number, LaneStep[]>();
  for (const step of steps) found.set(step.step, [...(found.get(step.step) ?? []), step]);
  return found;
};
const way = (entries: readonly LaneStep[]): string =>
  entries
    .map(({ variant, sides }) => `${variant}${entries.length > 1 ? ` ${sides.join()}` : ''}`)
    .join(' | ');
const whatFollows = (entries: readonly LaneStep[]): LaneStep['then'] => entries[entries.length - 1]?.then;
const seconds = (entries: readonly LaneStep[]): number =>
  entries.reduce((sum, { hold, sides }) => sum + hold.seconds * Math.max(1, sides.length), 0);
const hard = (entries: readonly LaneStep[]): Finding[] =>
  entries.flatMap(({ findings }) => findings.filter(({ level }) => level !== 'watch'));

/**
 * What a person's conditions mean now and meant before, where that has changed: "Pregnancy: week 27, now
 * week 28".
 */
function stageChanges(before: Lane, after: Lane): Map<string, string> {
  const was = new Map(before.stages.map(({ condition, label }) => [condition, label]));
  const changes = new Map<string, string>();
  for (const { condition, name, label } of after.stages) {
    if (!was.has(condition)) changes.set(condition, `${name}: ${label}, not known before`);
    else if (was.get(condition) !== label)
      changes.set(condition, `${name}: ${was.get(condition)}, now ${label}`);
  }
  for (const { condition, name } of before.stages)
    if (!after.stages.some((stage) => stage.condition === condition))
      changes.set(condition, `${name} is no longer entered`);
  return changes;
}

/** Why an entry is other than it was: the rule that came or went, and the stage that moved it. */
function whyDifferent(
  before: readonly LaneStep[],
  after: readonly LaneStep[],
  stages: Map<string, string>,
): string {
  const came = hard(after).find(({ rule }) => !hard(before).some((one) => one.rule === rule));
  const went = hard(before).find(({ rule }) => !hard(after).some((one) => one.rule === rule));
  const about = came ?? went;
  if (!about)
    return (
      [...stages.values()][0] ??
      'The rulebook, the catalogue, the plan or the others in the room have changed.'
    );
  const stage = stages.get(about.condition);
  return `${came ? about.reason : `No longer in force: ${about.reason}`}${stage ? ` (${stage})` : ''}`;
}

/**
 * What differs between a fitting as it was made and as it would be made today, of the same steps: people,
 * the rulebook, the house view or the date have changed.
 *
 * @example compareFittings(stored, today).says // '3 steps changed since you planned this: one of them
 * passes week 28.'
 */
export function compareFittings(before: Fitting, after: Fitting): Comparison {
  const differences: Difference[] = [];
  const then = new Map(before.lanes.map((lane) => [lane.personId, lane]));
  for (const lane of after.lanes) {
    const old = then.get(lane.personId);
    if (!old) {
      differences.push({
        personId: lane.personId,
        person: lane.person,
        what: 'new here',
        why: 'Was not down for the class.',
      });
      continue;
    }
    const stages = stageChanges(old, lane);
    const now = byStep(lane);
    const was = byStep(old);
    for (const alert of lane.alerts)
      if (alert.kind !== 'stage' && !old.alerts.some(({ text }) => text === alert.text))
        differences.push({ personId: lane.personId, person: lane.person, what: 'to know', why: alert.text });
    for (const { step, text } of after.steps) {
      const a = was.get(step) ?? [];
      const b = now.get(step) ?? [];
      if (!a.length && !b.length) continue;
      const common = {
        personId: lane.personId,
        person: lane.person,
        step,
        asked: text,
        ...(a[0] ? { before: a[0].variant } : {}),
        ...(b[0] ? { after: b[0].variant } : {}),
      };
      if (way(a) !== way(b)) {
        const written = (entries: readonly LaneStep[]): boolean =>
          entries.length > 0 && entries.every(({ verdict }) => verdict === 'as-written');
        differences.push({
          ...common,
          what: whatChanged(written(a), written(b)),
          why: whyDifferent(a, b, stages),
        });
      } else if (whatFollows(a)?.variant !== whatFollows(b)?.variant)
        differences.push({
          ...common,
          what: 'followed by something else',
          why: whatFollows(b)?.reason ?? 'Nothing needs to follow any more.',
        });
      else if (Math.abs(seconds(a) - seconds(b)) > 1)
        differences.push({
          ...common,
          what: seconds(b) < seconds(a) ? 'shorter' : 'longer',
          why: whyDifferent(a, b, stages),
        });
    }
  }
  for (const { personId, person } of before.lanes)
    if (!after.lanes.some((lane) => lane.personId === personId))
      differences.push({ personId, person, what: 'no longer here', why: 'Is no longer down for the class.' });
  const steps = new Set(differences.flatMap(({ step }) => (step === undefined ? [] : [step]))).size;
  return { differences, steps, says: sayDifferences(before, after, differences, steps) };
}

function whatChanged(wasWritten: boolean, isWritten: boolean): Difference['what'] {
  if (isWritten) return 'allowed again';
  return wasWritten ? 'no longer allowed' : 'another way';
}

/** What has moved on between two fittings, where one thing explains it. */
function whyMoved(before: Fitting, after: Fitting, moved: number): string {
  const week = passedWeek(before, after);
  if (week && moved) return `${moved === 1 ? 'one of them passes' : `${moved} of them pass`} week ${week}`;
  if (before.on !== after.on) return 'the date has moved';
  return before.rulebook !== after.rulebook ? 'the rulebook has changed' : '';
}

function sayDifferences(
  before: Fitting,
  after: Fitting,
  differences: readonly Difference[],
  steps: number,
): string {
  if (!differences.length) return '';
  const moved = new Set(
    differences.flatMap(({ step, why }) => (step !== undefined && why.includes(', now ') ? [step] : [])),
  ).size;
  const reason = whyMoved(before, after, moved);
  const counted = steps
    ? `${steps} ${steps === 1 ? 'step' : 'steps'} changed since you planned this`
    : `${differences.length} ${differences.length === 1 ? 'thing' : 'things'} to know changed since you planned this`;
  return `${counted}${reason ? `: ${reason}` : ''}.`;
}

/** The week that a pregnancy has reached since, if any. */
function passedWeek(before: Fitting, after: Fitting): number | undefined {
  for (const lane of after.lanes)
    for (const { condition, label } of lane.stages) {
      const old = before.lanes
        .find(({ person }) => person === lane.person)
        ?.stages.find((stage) => stage.condition === condition);
      const week = /week (\d+)/.exec(label)?.[1];
      if (condition === 'pregnancy' && old && week && old.label !== label) return Number(week);
    }
  return undefined;
}
