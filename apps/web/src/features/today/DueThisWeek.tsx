import { useDue } from '../../data/people/useDue.js';
import { DueList } from '../../domain/groups/DueList.js';
import { Reading } from '../../ui/states.js';

/** For whom something runs out or changes within a week, of all who come. */
export function DueThisWeek() {
  const reading = useDue();
  const { data } = reading;
  return (
    <section aria-labelledby="due">
      <h2 id="due" className="mb-2 text-xl">
        Changes within a week
      </h2>
      <Reading what="Looking ahead" of={reading} />
      {data?.length === 0 && <p className="text-soft">Nothing runs out and nothing changes for who comes.</p>}
      {data && <DueList of={data} />}
    </section>
  );
}
