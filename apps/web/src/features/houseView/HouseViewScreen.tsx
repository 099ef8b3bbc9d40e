import { exportRulebook } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useHall } from '../../data/hall/useHall.js';
import { useSaveHouseView } from '../../data/hall/useSaveHouseView.js';
import { Cited } from '../../domain/words/Cited.js';
import { Page } from '../../ui/Page.js';
import { Problem } from '../../ui/states.js';

/** Rules that hang on a topic. */
const RULES: ReadonlyMap<string, number> = new Map(
  Object.keys(RULEBOOK.houseViewTopics).map((topic) => [
    topic,
    exportRulebook(RULEBOOK).rules.filter(({ house }) => house?.topic === topic).length,
  ]),
);

const tint = (chosen: boolean): string =>
  chosen ? 'border-2 border-teal bg-teal-wash' : 'border-line hover:border-teal';

function sayDecides(rules: number, cues: boolean): string {
  if (rules) return `Decides ${rules === 1 ? 'one rule' : `${rules} rules`}.`;
  return cues
    ? 'Decides what is said in class.'
    : 'Decides whether a missing clearance is a question or stands in the way.';
}

/**
 * Where good teachers differ: each topic with its positions and their reasons; the chosen one is kept for
 * the hall.
 */
export function HouseViewScreen() {
  const view = useHall().houseView;
  const saving = useSaveHouseView();
  return (
    <Page
      title="House view"
      about={
        <>
          Where good teachers differ: decide once for the hall; a class may differ.{' '}
          <b role="status">
            {saving.isPending && 'Saving …'}
            {saving.isSuccess && 'Saved.'}
          </b>
        </>
      }
    >
      {saving.error && (
        <div className="sticky top-2 z-10 mb-4">
          <Problem error={saving.error} />
        </div>
      )}
      <div className="space-y-5">
        {Object.entries(RULEBOOK.houseViewTopics).map(([id, topic]) => {
          const rules = RULES.get(id)!;
          const cues = topic.positions.some(({ cue }) => cue);
          return (
            <fieldset key={id} id={id} className="scroll-mt-4 rounded-2xl border border-line bg-paper p-5">
              <legend className="sr-only">{topic.name}</legend>
              <h2 className="text-xl">{topic.name}</h2>
              <p className="mb-3 text-soft">
                {topic.question}
                {` ${sayDecides(rules, cues)}`}
              </p>
              <div className="grid gap-3 md:grid-cols-[repeat(auto-fit,minmax(15rem,1fr))]">
                {topic.positions.map((position) => (
                  <label
                    key={position.id}
                    className={`flex cursor-pointer gap-3 rounded-xl border p-4 ${tint(view[id] === position.id)}`}
                  >
                    <input
                      type="radio"
                      name={id}
                      className="mt-1 size-5 shrink-0 accent-(--teal)"
                      checked={view[id] === position.id}
                      onChange={() => saving.mutate({ ...view, [id]: position.id })}
                    />
                    <span>
                      <b>{position.name}</b>
                      {position.id === topic.usual && <span className="text-soft"> · usual</span>}
                      <span className="block">{position.reason}</span>
                      {position.cue && <span className="block text-teal">“{position.cue.says}”</span>}
                      <span className="block text-sm text-soft">
                        <Cited evidence={position.evidence} />
                      </span>
                    </span>
                  </label>
                ))}
              </div>
            </fieldset>
          );
        })}
      </div>
    </Page>
  );
}
