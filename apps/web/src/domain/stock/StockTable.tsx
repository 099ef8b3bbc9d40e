import { PROP_NAMES, type Fitting } from '@lotus-steady/core';
import { useForm, type UseFormRegisterReturn } from 'react-hook-form';
import { versionOn } from '../../data/drafts/base.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import { fieldsOf, savedMeanwhile } from '../../data/client.js';
import { useSaveStock } from '../../data/hall/useSaveStock.js';
import { Button } from '../../ui/Button.js';
import { Conflict } from '../../ui/Conflict.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { differing } from '../../ui/differences.js';
import { Problem } from '../../ui/states.js';
import type { Hall } from '../../data/types.js';
import { useHall } from '../../data/hall/useHall.js';

interface Props {
  needed: Fitting['room'];
  stock: Readonly<Record<string, number>>;
}

type Counts = Record<string, string>;

const stockOf = (counts: Counts): Record<string, number> =>
  Object.fromEntries(
    Object.entries(counts)
      .filter(([, count]) => count.trim() !== '')
      .map(([prop, count]) => [prop, Number(count)]),
  );

/** A small table of what is needed and what there is. */
export function StockTable({ needed, stock }: Props) {
  const { stockVersion } = useHall();
  const saving = useSaveStock();
  const rows = [...new Set([...PROP_NAMES, ...Object.keys(stock), ...needed.map(({ prop }) => prop)])];
  const countsOf = (of: Props['stock']): Counts =>
    Object.fromEntries(rows.map((prop) => [prop, String(of[prop] ?? '')]));
  const form = useForm<Counts>({ defaultValues: countsOf(stock) });
  const { register, handleSubmit, watch, reset, formState } = form;
  const now = { version: stockVersion, part: stock };
  const draft = useDraft(form, 'hall:stock', now);
  const counts = watch();
  const theirs = savedMeanwhile<Hall>(saving.error);
  const wrong = (prop: string): string | undefined =>
    fieldsOf(saving.error).find(({ field }) => field === `stock.${prop}`)?.message;
  const changed = formState.isDirty;
  const send = (onto: number) =>
    handleSubmit((values) => {
      const counted = stockOf(values);
      saving.mutate(
        { version: onto, stock: counted },
        {
          onSuccess: (saved) => {
            draft.rebase({ version: saved.version, part: counted });
            reset(values);
            draft.forget();
          },
        },
      );
    });
  return (
    <form
      noValidate
      onChange={() => saving.reset()}
      onSubmit={(event) => void send(versionOn(now, draft))(event)}
    >
      <DraftNotice draft={draft} />
      <table className="w-full">
        <thead>
          <tr className="text-left text-soft">
            <th scope="col" className="py-1 font-normal">
              Prop
            </th>
            <th scope="col" className="font-normal">
              Needed
            </th>
            <th scope="col" className="font-normal">
              In the hall
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((prop) => (
            <StockRow
              key={prop}
              prop={prop}
              need={needed.find((one) => one.prop === prop)?.count ?? 0}
              count={counts[prop] ?? ''}
              wrong={wrong(prop)}
              field={register(prop)}
            />
          ))}
        </tbody>
      </table>
      {theirs ? (
        <Conflict
          what="the props of the hall"
          differences={differing(
            rows.map((prop) => [`${prop}s`, counts[prop] ?? '', countsOf(theirs.stock)[prop]!]),
          )}
          onMine={() => void send(theirs.stockVersion)()}
          onTheirs={() => {
            reset(countsOf(theirs.stock));
            draft.rebase({ version: theirs.stockVersion, part: theirs.stock });
            saving.reset();
          }}
        />
      ) : (
        saving.error && !fieldsOf(saving.error).length && <Problem error={saving.error} />
      )}
      <div className="no-print mt-3 flex items-center gap-3">
        <Button look="main" type="submit" disabled={!changed || saving.isPending}>
          {saving.isPending ? 'Saving …' : 'Save the counts'}
        </Button>
        {saving.isSuccess && !changed && (
          <span role="status" className="text-soft">
            Saved. Open the fitting to see what changes.
          </span>
        )}
      </div>
    </form>
  );
}

/** One prop: how many are needed, how many there are, and how many are short. */
function StockRow({
  prop,
  need,
  count,
  wrong,
  field,
}: {
  prop: string;
  need: number;
  /** As it is typed; how many there are is not said where it is blank. */
  count: string;
  wrong: string | undefined;
  field: UseFormRegisterReturn;
}) {
  const short = count.trim() ? Math.max(0, need - Number(count)) : 0;
  return (
    <tr className="border-t border-line">
      <th scope="row" className="py-1 text-left font-semibold first-letter:uppercase">
        {prop}s
      </th>
      <td className="tabular-nums">
        {need || '–'}
        {short > 0 && <span className="block font-semibold text-clay">{short} short</span>}
      </td>
      <td className="w-28 py-1">
        <input
          inputMode="numeric"
          aria-label={`${prop}s in the hall`}
          aria-invalid={wrong ? true : undefined}
          {...field}
          className={
            `min-h-11 w-24 rounded-lg border bg-paper px-3 ` +
            `${wrong ? 'border-2 border-clay' : 'border-strong-line'}`
          }
        />
        {wrong && <p className="text-sm font-semibold text-clay">{wrong}</p>}
      </td>
    </tr>
  );
}
