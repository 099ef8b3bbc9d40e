import { planRead } from '../../data/classes/planOutbox.js';
import type { ClassWhole } from '../../data/types.js';
import type { Plan } from '../../domain/fitting/live.js';
import { Conflict } from '../../ui/Conflict.js';
import { differing } from '../../ui/differences.js';
import type { LivePlan } from './LivePlan.js';

const linesOf = (text: string): string[] => text.split('\n').filter((line) => line.trim());

/** Someone else has saved this plan in the meantime: both are shown, and nothing is lost. */
export function PlanConflict({
  id,
  mine,
  theirs,
  live,
}: {
  id: string;
  mine: Plan;
  theirs: Readonly<Record<string, unknown>>;
  live: LivePlan;
}) {
  const other = theirs as unknown as Pick<ClassWhole, 'sequenceText' | 'version'>;
  const own = linesOf(mine.source);
  const their = linesOf(other.sequenceText);
  const onlyMine = own.filter((line) => !their.includes(line));
  const onlyTheirs = their.filter((line) => !own.includes(line));
  return (
    <Conflict
      what="this plan"
      differences={differing([['Only here', onlyMine.join('\n'), onlyTheirs.join('\n')]])}
      takeTheirs="Take their steps"
      onMine={() => {
        planRead(id, other.version);
        void live.saveNow();
      }}
      onTheirs={() => {
        planRead(id, other.version);
        live.takePlan({ source: other.sequenceText, choices: live.planNow().choices });
      }}
    />
  );
}
