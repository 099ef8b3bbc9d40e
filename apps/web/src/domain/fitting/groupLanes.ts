import type { Fitting, LaneStep } from '@lotus-steady/core';

/** People who do the same at a step, and what they do. */
export interface Group {
  key: string;
  /**
   * Names it among the groups of its step, also after an edit that changes how long it is held: what is
   * drawn of it stays.
   */
  place: string;
  entry: LaneStep;
  people: readonly { id: string; name: string; entry: LaneStep }[];
}

/**
 * A step as it is drawn: where it stands and when it begins an edit changes for all that come after it, and
 * is told apart.
 */
export type StepDrawn = Omit<Fitting['steps'][number], 'step' | 'start' | 'end'>;

/**
 * One step of the class: who does it as written, and who differs, grouped where they do the same. `id`
 * names it also after an edit that moves it or changes how long it is held; it has no spaces.
 */
export interface StepGroups {
  id: string;
  step: StepDrawn;
  written: Group | undefined;
  differing: readonly Group[];
  /** Counter-poses after it, with who takes them. */ then: readonly {
    entry: NonNullable<LaneStep['then']>;
    people: readonly string[];
  }[];
}

const ORDER = { 'as-written': 0, eased: 1, swapped: 2, rest: 3 } as const;

/** Groups a fitting's lanes by step. Sides that differ for one person are groups of their own. */
export function groupLanes({ steps, lanes }: Pick<Fitting, 'steps' | 'lanes'>): StepGroups[] {
  const groups = steps.map(
    () => new Map<string, { entry: LaneStep; people: { id: string; name: string; entry: LaneStep }[] }>(),
  );
  const thens = steps.map(
    () => new Map<string, { entry: NonNullable<LaneStep['then']>; people: string[] }>(),
  );
  for (const lane of lanes) {
    for (const entry of lane.steps) {
      // What a teacher has chosen stands by itself, and so does what is followed by something.
      const own = entry.override ? 'chosen' : '';
      const key =
        entry.verdict === 'as-written' && !own
          ? 'as-written'
          : [
              entry.verdict,
              entry.variant,
              entry.asFarAs?.far,
              Math.round(entry.hold.seconds),
              entry.sides.join(),
              own,
            ].join('|');
      const at = groups[entry.step - 1]!;
      const group = at.get(key) ?? { entry, people: [] };
      group.people.push({ id: lane.personId, name: lane.person, entry });
      at.set(key, group);
      if (!entry.then) continue;
      const after = thens[entry.step - 1]!;
      const known = after.get(entry.then.variant) ?? { entry: entry.then, people: [] };
      known.people.push(lane.person);
      after.set(entry.then.variant, known);
    }
  }
  const seen = new Map<string, number>();
  return steps.map(({ step: _number, start: _start, end: _end, ...step }, i) => {
    const before = seen.get(step.variant) ?? 0;
    seen.set(step.variant, before + 1);
    const taken = new Map<string, number>();
    const all = [...groups[i]!].map(([key, group]): Group => {
      const own = `${group.entry.variant} ${group.entry.sides.join()}`;
      const count = taken.get(own) ?? 0;
      taken.set(own, count + 1);
      return { key, place: count ? `${own} ${count}` : own, ...group };
    });
    return {
      id: before ? `${step.variant}~${before}` : step.variant,
      step,
      written: all.find((group) => group.key === 'as-written'),
      differing: all
        .filter((group) => group.key !== 'as-written')
        .sort((a, b) => ORDER[a.entry.verdict] - ORDER[b.entry.verdict] || b.people.length - a.people.length),
      then: [...thens[i]!.values()],
    };
  });
}

const signatures = new WeakMap<StepGroups, string>();
/** Everything of a row that is drawn. */
function signatureOf(row: StepGroups): string {
  let known = signatures.get(row);
  if (known === undefined) {
    const group = ({ key, entry, people }: Group): unknown[] => [
      key,
      entry.props,
      entry.hold,
      people.map(({ name, entry: { override, because, waitOut, findings } }) => [
        name,
        override,
        because,
        waitOut,
        findings.some(({ changed }) => changed),
      ]),
    ];
    signatures.set(
      row,
      (known = JSON.stringify([
        row.id,
        row.step,
        row.written && group(row.written),
        row.differing.map(group),
        row.then.map(({ entry, people }) => [entry.variant, entry.props, entry.hold, people]),
      ])),
    );
  }
  return known;
}

/**
 * The rows of a fitting, each the very one that was there before where nothing of it is drawn otherwise:
 * what has not changed need not be drawn again.
 */
export function steadyRows(before: readonly StepGroups[], now: readonly StepGroups[]): readonly StepGroups[] {
  const known = new Map(before.map((row) => [signatureOf(row), row]));
  return now.map((row) => known.get(signatureOf(row)) ?? row);
}
