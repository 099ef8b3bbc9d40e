import type { StepChange } from '../record/types.js';
import { countEach } from './countEach.js';
import { countVerdicts } from './countVerdicts.js';
import { groupedBy } from './groupedBy.js';
import type { Given, PoseInReport, RecordedClass } from './types.js';

/**
 * Fewer times than this say nothing of a pose; from this share on most do something else; this share, of at least
 * so many people, stopped it. Common practice, no published source.
 */
const TIMES_LEAST = 8;
const MOSTLY = 0.5;
const STOPPED_SHARE = 0.1;
const STOPPED_BY_LEAST = 2;

interface Row {
  classId: string;
  personId: string;
  given: Given;
  changes: readonly StepChange[];
}

/** How often each pose that was asked had to be changed for those who came: those changed for most first. */
export function posesChanged(classes: readonly RecordedClass[]): PoseInReport[] {
  const rows = classes.flatMap(({ id: classId, sums, records }) =>
    records
      .filter(({ came }) => came)
      .flatMap(({ personId, changes }): Row[] =>
        (sums?.given[personId] ?? []).map((given) => ({
          ...{ classId, personId, given },
          changes: changes.filter(({ step }) => step === given.step),
        })),
      ),
  );
  return [...groupedBy(rows, ({ given }) => given.asked)]
    .map(([pose, of]) => onePose(pose, of))
    .sort((a, b) => changesOf(b) - changesOf(a) || a.pose.localeCompare(b.pose));
}

/** How often something was not as it was written. */
const changesOf = ({ given, smaller, stopped }: PoseInReport): number =>
  given.eased + given.swapped + given.rest + smaller + stopped;

function onePose(pose: string, rows: readonly Row[]): PoseInReport {
  const different = (some: readonly Row[]): number => new Set(some.map(({ personId }) => personId)).size;
  const how = (what: StepChange['what']): Row[] =>
    rows.filter(({ changes }) => changes.some((change) => change.what === what));
  const others = rows.filter(({ given }) => given.pose !== pose);
  const [instead] = countEach(others.map(({ given }) => given.pose));
  const counts = {
    times: rows.length,
    given: countVerdicts(rows.map(({ given }) => given)),
    stopped: how('stopped').length,
    stoppedBy: different(how('stopped')),
  };
  const advice = adviceOn(counts);
  return {
    ...{ pose, classes: new Set(rows.map(({ classId }) => classId)).size, ...counts },
    smaller: how('eased').length,
    people: different(rows.filter(({ given, changes }) => given.verdict !== 'as-written' || changes.length)),
    ...(instead ? { instead: { pose: instead[0], times: instead[1] } } : {}),
    ...(advice ? { advice } : {}),
  };
}

/** Whether it should rather not be planned for these people. */
function adviceOn({
  times,
  given,
  stopped,
  stoppedBy,
}: Pick<PoseInReport, 'times' | 'given' | 'stopped' | 'stoppedBy'>): PoseInReport['advice'] {
  if (times < TIMES_LEAST) return undefined;
  if (stoppedBy >= STOPPED_BY_LEAST && stopped >= STOPPED_SHARE * times) return 'stopped';
  return given.swapped + given.rest >= MOSTLY * times ? 'another' : undefined;
}
