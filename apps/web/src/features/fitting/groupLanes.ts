import type { Fitting, LaneStep } from '@lotus-steady/core';

/** People who do the same at a step, and what they do. */
export interface Group { key: string; entry: LaneStep; people: readonly { name: string; entry: LaneStep }[] }

/** One step of the class: who does it as written, and who differs, grouped where they do the same. */
export interface StepGroups { step: Fitting['steps'][number]; written: Group | undefined; differing: readonly Group[]; /** Counter-poses after it, with who takes them. */ then: readonly { entry: NonNullable<LaneStep['then']>; people: readonly string[] }[] }

const ORDER = { 'as-written': 0, eased: 1, swapped: 2, rest: 3 } as const;

/** Groups a fitting's lanes by step. Sides that differ for one person are groups of their own. */
export function groupLanes({ steps, lanes }: Pick<Fitting, 'steps' | 'lanes'>): StepGroups[] {
  const groups = steps.map(() => new Map<string, { entry: LaneStep; people: { name: string; entry: LaneStep }[] }>()), thens = steps.map(() => new Map<string, { entry: NonNullable<LaneStep['then']>; people: string[] }>());
  for (const lane of lanes) {
    for (const entry of lane.steps) {
      // What a teacher has chosen stands by itself, and so does what is followed by something.
      const own = entry.override ? 'chosen' : '', key = entry.verdict === 'as-written' && !own ? 'as-written' : [entry.verdict, entry.variant, Math.round(entry.hold.seconds), entry.sides.join(), own].join('|');
      const at = groups[entry.step - 1]!, group = at.get(key) ?? { entry, people: [] };
      group.people.push({ name: lane.person, entry });
      at.set(key, group);
      if (!entry.then) continue;
      const after = thens[entry.step - 1]!, known = after.get(entry.then.variant) ?? { entry: entry.then, people: [] };
      known.people.push(lane.person);
      after.set(entry.then.variant, known);
    }
  }
  return steps.map((step, i) => {
    const all = [...groups[i]!].map(([key, group]): Group => ({ key, ...group }));
    return {
      step, written: all.find((group) => group.key === 'as-written'),
      differing: all.filter((group) => group.key !== 'as-written').sort((a, b) => ORDER[a.entry.verdict] - ORDER[b.entry.verdict] || b.people.length - a.people.length), then: [...thens[i]!.values()],
    };
  });
}

const signatures = new WeakMap<StepGroups, string>();
/** Everything of a row that is drawn, apart from the clock. */
function signatureOf(row: StepGroups): string {
  let known = signatures.get(row);
  if (known === undefined) {
    const { start: _start, end: _end, ...step } = row.step, group = ({ key, entry, people }: Group): unknown[] => [
      key, entry.props, entry.hold, people.map(({ name, entry: { override, because, waitOut, findings } }) => [name, override, because, waitOut, findings.some(({ changed }) => changed)]),
    ];
    signatures.set(row, known = JSON.stringify([step, row.written && group(row.written), row.differing.map(group), row.then.map(({ entry, people }) => [entry.variant, entry.props, entry.hold, people])]));
  }
  return known;
}

/** The rows of a fitting, each the very one that was there before where nothing of it is drawn otherwise: what has not changed need not be drawn again. */
export function steadyRows(before: readonly StepGroups[], now: readonly StepGroups[]): readonly StepGroups[] {
  const known = new Map(before.map((row) => [signatureOf(row), row]));
  return now.map((row) => known.get(signatureOf(row)) ?? row);
}
