import { unpackPosture, type OwnAngles, type Pose, type Variant } from '@lotus-steady/core';
import { neutralLook } from '@lotus-steady/figure/scene';
import { useDeferredValue, useMemo } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { fieldsOf } from '../../data/client.js';
import { catalogue } from '../../data/catalogue.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import { useSaveOwnVariant } from '../../data/ownVariants/useSaveOwnVariant.js';
import { MovingFigure } from '../../domain/figure/MovingFigure.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { SelectField, TextField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { Empty, Loading, Problem } from '../../ui/states.js';
import { useTried } from '../../workers/useWork.js';
import { JointSliders, useAngles } from './JointSliders.js';
import { MeasureBars } from './MeasureBars.js';

/** In place of a rung: not on this ladder but a pose of one's own. */
const ALONE = 'a pose of my own';

/** Makes a variant of one's own: sliders for the joints, figure and measures as they change. */
export function OwnVariantScreen() {
  const { id = '' } = useParams();
  const [params] = useSearchParams();
  const pose = catalogue().poses.find((known) => known.id === id);
  const base = pose?.ladder.find((variant) => variant.id === (params.get('base') ?? pose.usual));
  return pose && base ? (
    <OwnVariant pose={pose} base={base} />
  ) : (
    <Page title="A variant of my own">
      <Empty action={<ButtonLink to="/atlas">To the atlas</ButtonLink>}>
        There is no such pose in the catalogue.
      </Empty>
    </Page>
  );
}

interface Values {
  name: string;
  after: string;
  poseName: string;
  /** As JSON: a form would read the dot in the name of an angle as a path. */
  angles: string;
}

function OwnVariant({ pose, base }: { pose: Pose; base: Variant }) {
  const navigate = useNavigate();
  const save = useSaveOwnVariant();
  const form = useForm<Values>({ defaultValues: { name: '', after: base.id, poseName: '', angles: '{}' } });
  const { register, handleSubmit, watch, setValue } = form;
  const draft = useDraft(form, `own:${base.id}`, undefined);
  const { name, after, poseName, angles: written } = watch();
  const angles = useMemo(() => JSON.parse(written) as OwnAngles, [written]);
  const { set, undo } = useAngles(angles, (next) =>
    setValue('angles', JSON.stringify(next), { shouldDirty: true }),
  );
  const trying = useTried(base.id, useDeferredValue(angles));
  const isAlone = after === ALONE;
  const wrong = (field: string): string | undefined =>
    fieldsOf(save.error).find((each) => each.field.startsWith(field))?.message;
  const holds = trying.data && !trying.data.faults.length;
  const isWhole = Object.keys(angles).length > 0 && name.trim() && (!isAlone || poseName.trim());
  const submit = handleSubmit((values) =>
    save.mutate(
      {
        name: values.name.trim(),
        pose: pose.id,
        base: base.id,
        angles,
        ...(isAlone ? { poseName: values.poseName.trim(), after: '' } : { after: values.after }),
      },
      {
        onSuccess: ({ id }) => {
          draft.forget();
          void navigate(`/atlas/${id.split('.')[0]}?variant=${id}`);
        },
      },
    ),
  );
  return (
    <Page
      title={`${pose.name}: a variant of my own`}
      wide
      about={`Starting from “${base.name}”. The built-in one stays as it is.`}
      up={[
        { to: '/atlas', name: 'Atlas' },
        { to: `/atlas/${pose.id}?variant=${base.id}`, name: pose.name },
      ]}
    >
      <div className="grid grid-cols-1 gap-8 px-5 py-4 lg:grid-cols-[minmax(22rem,1fr)_minmax(24rem,1fr)]">
        <Tried pose={pose} base={base} trying={trying} />
        <form onSubmit={(event) => void submit(event)} className="space-y-5">
          <DraftNotice draft={draft} />
          <JointSliders
            angles={angles}
            posture={trying.data && unpackPosture(trying.data.postures[0]!)}
            onSet={set}
            onUndo={undo}
          />
          <TextField
            label="What you call it"
            required
            maxLength={80}
            error={wrong('name')}
            hint="A few words: “heel on the ankle”"
            {...register('name')}
          />
          <SelectField label="Its place among the versions" {...register('after')}>
            <option value="">first: the most supported</option>
            <option value={ALONE}>none: a pose of my own</option>
            {pose.ladder.map((variant) => (
              <option key={variant.id} value={variant.id}>
                after “{variant.name}”
              </option>
            ))}
          </SelectField>
          {isAlone && (
            <TextField
              label="Name of the pose"
              required
              maxLength={80}
              error={wrong('poseName')}
              hint={`Told like ${pose.name.toLowerCase()} otherwise: purposes, words, counter-poses`}
              {...register('poseName')}
            />
          )}
          {save.error && !wrong('name') && !wrong('poseName') && (
            <Problem error={new Error(wrong('angles') ?? save.error.message)} />
          )}
          <Button type="submit" look="main" disabled={save.isPending || !holds || !isWhole}>
            {save.isPending ? 'Working it out for every height …' : 'Save it'}
          </Button>
          {!Object.keys(angles).length && <p className="text-sm text-soft">Move a joint first.</p>}
        </form>
      </div>
    </Page>
  );
}

/** The position as it comes to rest, whether it holds, and its measures beside those it began with. */
function Tried({
  pose,
  base,
  trying: { data, error, isFetching },
}: {
  pose: Pose;
  base: Variant;
  trying: ReturnType<typeof useTried>;
}) {
  return (
    <section aria-label="Figure and measures" aria-busy={isFetching}>
      {error && <Problem error={error} />}
      {!data && !error && <Loading what="Working out the position" />}
      {data && (
        <>
          <div className={data.postures.length > 1 ? 'grid grid-cols-2 gap-2' : ''}>
            {data.postures.map((packed, i) => (
              <MovingFigure
                key={i}
                label={`${pose.name} as set${data.postures.length > 1 ? `, part ${i + 1}` : ''}`}
                scenes={[
                  {
                    posture: unpackPosture(packed),
                    heightCm: 165,
                    look: neutralLook(pose.id),
                    props: data.props,
                    view: base.view,
                  },
                ]}
                still={0}
              />
            ))}
          </div>
          <p
            role="status"
            className={`my-3 rounded-lg p-3 ${data.faults.length ? 'bg-clay-wash font-semibold' : 'bg-teal-wash'}`}
          >
            {data.faults.length
              ? `This position does not hold: ${data.faults.join('; ')}.`
              : 'This position holds: every contact rests, nothing overlaps, no joint is past its range.'}
          </p>
          <MeasureBars
            measures={data.measures}
            other={catalogue().measures(base.id, 165)}
            names={['mine', base.name]}
          />
        </>
      )}
    </section>
  );
}
