import type { Fitting, LaneStep } from '@lotus-steady/core';

/** People who do the same at a step, and what they do. */
export interface Group { key: string; entry: LaneStep; people: readonly { name: string; entry: LaneStep }[] }

/** One step of the class: who does it as written, and who differs, grouped where they do the same. */
export interface StepGroups { step: Fitting['steps'][number]; written: Group | undefined; differing: readonly Group[] }

const ORDER = { 'as-written': 0, eased: 1, swapped: 2, rest: 3 } as const;

/** Groups a fitting's lanes by step. Sides that differ for one person are groups of their own. */
export function groupLanes({ steps, lanes }: Pick<Fitting, 'steps' | 'lanes'>): StepGroups[] {
  const groups = steps.map(() => new Map<string, { entry: LaneStep; people: { name: string; entry: LaneStep }[] }>());
  for (const lane of lanes) {
    for (const entry of lane.steps) {
      const key = entry.verdict === 'as-written' ? 'as-written' : [entry.verdict, entry.variant, Math.round(entry.hold.seconds), entry.sides.join()].join('|');
      const at = groups[entry.step - 1]!, group = at.get(key) ?? { entry, people: [] };
      group.people.push({ name: lane.person, entry });
      at.set(key, group);
    }
  }
  return steps.map((step, i) => {
    const all = [...groups[i]!].map(([key, group]): Group => ({ key, ...group }));
    return {
      step, written: all.find((group) => group.key === 'as-written'),
      differing: all.filter((group) => group.key !== 'as-written').sort((a, b) => ORDER[a.entry.verdict] - ORDER[b.entry.verdict] || b.people.length - a.people.length),
    };
  });
}
