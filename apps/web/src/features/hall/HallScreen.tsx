import { PACE, PACE_BOUNDS, type Pace } from '@lotus-steady/core';
import { useState } from 'react';
import { ApiError } from '../../data/client.js';
import { useHall } from '../../data/hall/useHall.js';
import { useSavePace } from '../../data/hall/useSavePace.js';
import type { Hall } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { Problem } from '../../ui/states.js';
import { StockTable } from '../../domain/stock/StockTable.js';

const WORDS: Readonly<Record<keyof Pace, string>> = {
  breath: 'One relaxed breath',
  slowBreath: 'One slow breath',
  childBreath: 'A child’s breath',
  changeSide: 'Change of side',
  changeLevel: 'Getting up or down',
  changeLevelSlow: 'Getting up or down, for slower people',
  props: 'Fetching props',
  talkNew: 'Explaining a new pose',
  talkKnown: 'Naming a known pose',
};
const PARTS = Object.keys(PACE_BOUNDS) as (keyof Pace)[];

/** The hall's pace and props. */
export function HallScreen() {
  const data = useHall();
  return (
    <Page title={data.name} about={data.teacher || undefined}>
      <div className="grid gap-x-12 gap-y-8 lg:grid-cols-2">
        <PaceForm hall={data} />
        <section>
          <h2 className="text-xl">Props in the hall</h2>
          <p className="mb-3 text-soft">
            Classes are fitted within these. A prop left open counts as none once any other is entered.
          </p>
          <StockTable needed={[]} stock={data.stock} />
        </section>
      </div>
    </Page>
  );
}

function PaceForm({ hall }: { hall: Hall }) {
  const [values, setValues] = useState<Partial<Record<keyof Pace, string>>>(() =>
    Object.fromEntries(Object.entries(hall.pace).map(([part, seconds]) => [part, String(seconds)])),
  );
  const saving = useSavePace();
  const wrong = (part: string): string | undefined =>
    saving.error instanceof ApiError
      ? saving.error.fields.find(({ field }) => field === `pace.${part}`)?.message
      : undefined;
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        saving.mutate({
          version: hall.version,
          pace: Object.fromEntries(
            Object.entries(values)
              .filter(([, seconds]) => seconds.trim())
              .map(([part, seconds]) => [part, Number(seconds.replace(',', '.'))]),
          ),
        });
      }}
    >
      <h2 className="text-xl">Your pace</h2>
      <p className="mb-3 text-soft">
        Seconds. What is left blank is as usual (common practice); holds counted in breaths become as long as
        your breaths are.
      </p>
      <div className="grid gap-3 sm:grid-cols-2">
        {PARTS.map((part) => (
          <TextField
            key={part}
            label={WORDS[part]}
            inputMode="decimal"
            placeholder={String(PACE[part])}
            value={values[part] ?? ''}
            error={wrong(part)}
            onChange={(event) => {
              saving.reset();
              setValues({ ...values, [part]: event.target.value });
            }}
          />
        ))}
      </div>
      {saving.error && !(saving.error instanceof ApiError && saving.error.fields.length) && (
        <Problem error={saving.error} />
      )}
      <div className="mt-3 flex items-center gap-3">
        <Button look="main" type="submit" disabled={saving.isPending}>
          {saving.isPending ? 'Saving …' : 'Save the pace'}
        </Button>
        {saving.isSuccess && (
          <span role="status" className="text-soft">
            Saved.
          </span>
        )}
      </div>
    </form>
  );
}
