import { lesserRanges } from '../body/bodyRanges.js';
import type { Person } from '../people/types.js';
import type { Catalogue } from '../poses/catalogue.js';
import { compileRules, judgeAll, markOf } from './judgeAll.js';
import { measureTable } from './measureTable.js';
import { stagePerson, type StageSettings } from './stagePerson.js';

/** Poses, by id, whose usual variant someone may do as it is, or with care. */
export function openPoses(person: Person, settings: StageSettings, catalogue: Catalogue): Set<string> {
  const staged = stagePerson(person, settings);
  const table = measureTable(catalogue, person, settings.on, {
    ranges: lesserRanges(staged.abilities.body),
  });
  const codes = judgeAll(compileRules(staged), table);
  return new Set(
    table.rows.flatMap(({ pose, variant }, row) =>
      variant.id === pose.usual && ['allowed', 'with-care'].includes(markOf(codes[row]!)) ? [pose.id] : [],
    ),
  );
}

/** Poses, by id, that something newly known of someone opens, and that it closes. */
export interface PoseChanges {
  opens: readonly string[];
  closes: readonly string[];
}

/**
 * What something newly known of someone changes: poses whose usual variant is open now and was not, and the other way.
 *
 * @example poseChanges(before, { ...before, can: { ...before.can, floor: 'no' } }, settings, catalogue).closes
 */
export function poseChanges(
  before: Person,
  after: Person,
  settings: StageSettings,
  catalogue: Catalogue,
): PoseChanges {
  const was = openPoses(before, settings, catalogue);
  const is = openPoses(after, settings, catalogue);
  return {
    opens: [...is].filter((pose) => !was.has(pose)),
    closes: [...was].filter((pose) => !is.has(pose)),
  };
}
