import { useRetention, useKeepFor } from '../../data/retention/useRetention.js';
import { useCheckStore } from '../../data/store/useCheckStore.js';
import { sayDate } from '../../domain/words/say.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { SelectField } from '../../ui/Field.js';
import { Problem, Reading } from '../../ui/states.js';

/** How long people may be kept, months; the words beside it. */
const KEPT: readonly [number | null, string][] = [
  [null, 'until they are removed'],
  [12, '1 year after they last came'],
  [24, '2 years after they last came'],
  [36, '3 years after they last came'],
  [60, '5 years after they last came'],
  [120, '10 years after they last came'],
];

/** Whose data it is: how long it is kept, that it is encrypted, and who has looked. */
export const KeptData = () => (
  <section className="space-y-5">
    <h2 className="text-xl">What is kept of people</h2>
    <KeptFor />
    <Encrypted />
    <div>
      <h3 className="font-semibold">Who has looked</h3>
      <p className="mb-2 text-soft">
        Who has read and changed what is known of whom, in a chain in which nothing can be put in, changed or
        taken out without its showing.
      </p>
      <ButtonLink to="/hall/trail">Read the trail</ButtonLink>
    </div>
    <div>
      <h3 className="font-semibold">Incidents</h3>
      <p className="mb-2 text-soft">A fall, a faint, a sudden pain: what happened, and when to ask again.</p>
      <ButtonLink to="/incidents">Incidents</ButtonLink>
    </div>
    <div>
      <h3 className="font-semibold">Outbox</h3>
      <p className="mb-2 text-soft">Sheets for home and letters that went by mail, exactly as they went.</p>
      <ButtonLink to="/mail">Outbox</ButtonLink>
    </div>
  </section>
);

function KeptFor() {
  const reading = useRetention();
  const keeping = useKeepFor();
  const { data } = reading;
  if (!data) return <Reading what="Looking" of={reading} />;
  const months = keeping.isPending ? keeping.variables : data.months;
  const other: [number, string][] =
    months !== null && !KEPT.some(([one]) => one === months)
      ? [[months, `${months} months after they last came`]]
      : [];
  return (
    <div>
      <SelectField
        label="People are kept"
        hint="Whoever has not come for so long, is down for nothing and belongs to no group is erased for good."
        value={String(months)}
        disabled={keeping.isPending}
        onChange={({ target }) => keeping.mutate(target.value === 'null' ? null : Number(target.value))}
      >
        {[...KEPT, ...other].map(([value, words]) => (
          <option key={String(value)} value={String(value)}>
            {words}
          </option>
        ))}
      </SelectField>
      {keeping.error && <Problem error={keeping.error} />}
      {data.leaving.length > 0 && (
        <div className="mt-2 rounded-xl border border-line bg-paper p-3">
          <p>Within 60 days go, unless they come again:</p>
          <ul className="list-disc pl-5">
            {data.leaving.map(({ id, name, lastOn, goesOn }) => (
              <li key={id}>
                <b>{name}</b> on {sayDate(goesOn)} <span className="text-soft">(last {sayDate(lastOn)})</span>
              </li>
            ))}
          </ul>
        </div>
      )}
    </div>
  );
}

function Encrypted() {
  const checking = useCheckStore();
  const { data } = checking;
  return (
    <div>
      <h3 className="font-semibold">Encrypted</h3>
      <p className="mb-2 text-soft">
        What is known of people, their days, records and diaries are encrypted in the database; the key lies
        beside it in a file of its own. Keep a copy of that file apart.
      </p>
      <Button onClick={() => checking.mutate()} disabled={checking.isPending}>
        {checking.isPending ? 'Opening everything …' : 'See whether all of it opens'}
      </Button>
      <div role="status" className="mt-2">
        {data && (
          <p>
            {data.unreadable
              ? `${data.unreadable} of ${data.sealed} values do not open: their key is not here, or they were ` +
                'changed outside. Nothing of them was touched.'
              : `All ${data.sealed} values open, with the key “${data.key}”.`}
            {data.earlier > 0 && ` ${data.earlier} are still encrypted with an earlier key.`}
          </p>
        )}
      </div>
      {checking.error && <Problem error={checking.error} />}
    </div>
  );
}
