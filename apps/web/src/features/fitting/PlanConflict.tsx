import { planRead } from '../../data/classes/planOutbox.js';
import type { ClassWhole } from '../../data/types.js';
import type { Plan } from '../../domain/fitting/live.js';
import { Button } from '../../ui/Button.js';
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
  const list = (name: string, lines: readonly string[]) => (
    <div className="min-w-60 flex-1">
      <h2 className="text-base">{name}</h2>
      {lines.length ? (
        <ul>
          {lines.map((line, i) => (
            <li key={i}>{line}</li>
          ))}
        </ul>
      ) : (
        <p className="text-soft">the same steps</p>
      )}
    </div>
  );
  return (
    <section role="alert" className="flex w-full flex-wrap gap-4 border-t border-clay bg-clay-wash p-3">
      <p className="w-full font-semibold">Someone else has changed this plan in the meantime.</p>
      {list('Only in yours', onlyMine)}
      {list('Only in theirs', onlyTheirs)}
      <div className="flex items-start gap-2">
        <Button
          look="main"
          onClick={() => {
            planRead(id, other.version);
            void live.saveNow();
          }}
        >
          Save mine
        </Button>
        <Button
          onClick={() => {
            planRead(id, other.version);
            live.takePlan({ source: other.sequenceText, choices: live.planNow().choices });
          }}
        >
          Take their steps
        </Button>
      </div>
    </section>
  );
}
