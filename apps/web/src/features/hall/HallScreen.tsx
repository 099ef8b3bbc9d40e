import { PACE, PACE_BOUNDS, type Pace } from '@lotus-steady/core';
import { useForm } from 'react-hook-form';
import { isUntouched, versionOn } from '../../data/drafts/base.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import { fieldsOf, savedMeanwhile } from '../../data/client.js';
import { useHall } from '../../data/hall/useHall.js';
import { useSavePace } from '../../data/hall/useSavePace.js';
import { useSession } from '../../data/session/useSession.js';
import type { Hall } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { Conflict } from '../../ui/Conflict.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { differing } from '../../ui/differences.js';
import { TextField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { Problem } from '../../ui/states.js';
import { Backup } from './Backup.js';
import { DemoNotice } from './DemoNotice.js';
import { KeptData } from './KeptData.js';
import { LearnedPace } from './LearnedPace.js';
import { PACE_WORDS } from './paceWords.js';
import { Members } from './Members.js';
import { OtherDevices } from './OtherDevices.js';
import { Places } from './Places.js';
import { StockTable } from '../../domain/stock/StockTable.js';

const PARTS = Object.keys(PACE_BOUNDS) as (keyof Pace)[];

/** The hall's pace and props. */
export function HallScreen() {
  const data = useHall();
  const { hall } = useSession();
  return (
    <Page title={data.name} about={data.teacher || undefined}>
      {hall.isDemo && <DemoNotice />}
      <div className="grid gap-x-12 gap-y-8 lg:grid-cols-2">
        <PaceForm hall={data} />
        <section>
          <h2 className="text-xl">Props in the hall</h2>
          <p className="mb-3 text-soft">
            Classes are fitted within these. A prop left open counts as none once any other is entered.
          </p>
          <StockTable needed={[]} stock={data.stock} />
        </section>
        {hall.role !== 'assistant' && <Places />}
        {hall.role === 'owner' && (
          <>
            {hall.isDemo ? <NobodyElse /> : <Members />}
            <OtherDevices isDemo={hall.isDemo} />
            <Backup />
            <KeptData />
          </>
        )}
      </div>
    </Page>
  );
}

/** A demo has no members: real people would get in among the made-up ones. */
const NobodyElse = () => (
  <section>
    <h2 className="text-xl">Who works here</h2>
    <p className="text-soft">
      Nobody but its made-up teacher. In your own hall you invite other teachers, and assistants who see lanes
      and props without anybody’s health.
    </p>
  </section>
);

type PaceValues = Record<keyof Pace, string>;

/** What is left blank is as usual. */
const valuesOf = (pace: Partial<Pace>): PaceValues =>
  Object.fromEntries(PARTS.map((part) => [part, String(pace[part] ?? '')])) as PaceValues;

const paceOf = (values: PaceValues): Partial<Pace> =>
  Object.fromEntries(
    Object.entries(values)
      .filter(([, seconds]) => seconds.trim())
      .map(([part, seconds]) => [part, Number(seconds.replace(',', '.'))]),
  );

function PaceForm({ hall }: { hall: Hall }) {
  const saving = useSavePace();
  const form = useForm({ defaultValues: valuesOf(hall.pace) });
  const { register, handleSubmit, reset, getValues, setValue } = form;
  const now = { version: hall.version, part: hall.pace };
  const draft = useDraft(form, 'hall:pace', now);
  const theirs = savedMeanwhile<Hall>(saving.error);
  const wrong = (part: string): string | undefined =>
    fieldsOf(saving.error).find(({ field }) => field === `pace.${part}`)?.message;
  const send = (onto: number) =>
    handleSubmit((values) => {
      const pace = paceOf(values);
      saving.mutate(
        { version: onto, pace },
        {
          onSuccess: (saved) => {
            draft.rebase({ version: saved.version, part: pace });
            reset(values);
            draft.forget();
          },
          onError: (error) => {
            const theirs = savedMeanwhile<Hall>(error);
            if (theirs && isUntouched(theirs.pace, draft)) void send(theirs.version)();
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
      <h2 className="text-xl">Your pace</h2>
      <p className="mb-3 text-soft">
        Seconds. What is left blank is as usual (common practice); holds counted in breaths become as long as
        your breaths are.
      </p>
      <DraftNotice draft={draft} />
      <div className="grid gap-3 sm:grid-cols-2">
        {PARTS.map((part) => (
          <TextField
            key={part}
            label={PACE_WORDS[part]}
            inputMode="decimal"
            placeholder={String(PACE[part])}
            error={wrong(part)}
            {...register(part)}
          />
        ))}
      </div>
      {theirs ? (
        <Conflict
          what="the hall"
          differences={differing(
            PARTS.map((part) => [PACE_WORDS[part], getValues(part), valuesOf(theirs.pace)[part]]),
          )}
          onMine={() => void send(theirs.version)()}
          onTheirs={() => {
            reset(valuesOf(theirs.pace));
            draft.rebase({ version: theirs.version, part: theirs.pace });
            saving.reset();
          }}
        />
      ) : (
        saving.error && !fieldsOf(saving.error).length && <Problem error={saving.error} />
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
      <LearnedPace
        onTake={(parts) => {
          for (const [part, seconds] of Object.entries(parts))
            setValue(part as keyof Pace, String(seconds), { shouldDirty: true });
          saving.reset();
        }}
      />
    </form>
  );
}
