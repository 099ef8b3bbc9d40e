import { OWN_JOINTS, unpackPosture, type Ball, type OwnAngles, type Posture } from '@lotus-steady/core';
import { RotateCcw } from 'lucide-react';
import { useDeferredValue, useState, type FormEvent } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { ApiError } from '../../data/client.js';
import { useSaveOwnVariant } from '../../data/ownVariants/useSaveOwnVariant.js';
import { catalogue } from '../../data/catalogue.js';
import { useTried } from '../../workers/useWork.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { SelectField, TextField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { Empty, Loading, Problem } from '../../ui/states.js';
import { MeasureBars } from './MeasureBars.js';
import { TurnableFigure } from './TurnableFigure.js';

/** In place of a rung: not on this ladder but a pose of her own. */
const ALONE = 'a pose of my own';
const SIDES = [
  ['', 'both sides'],
  ['R', 'right'],
  ['L', 'left'],
] as const;
const keyed = (key: string, side: string): string => key.replace(/^[a-z]+/, (word) => word + side);

const BALL_PARTS = ['flexion', 'abduction', 'rotation'];
/** The angle of a joint in a posture: `kneeR`, `hipL.flexion`, `lumbar`. */
function angleIn(posture: Posture | undefined, key: string): number {
  const [joint = '', part] = key.split('.');
  const value = (posture as unknown as Record<string, number | Ball> | undefined)?.[joint];
  return typeof value === 'number' ? value : (value?.[BALL_PARTS.indexOf(part ?? '')] ?? 0);
}

/** Makes a variant of one's own: sliders for the joints, figure and measures as they change. */
export function OwnVariantScreen() {
  const { id = '' } = useParams();
  const [params] = useSearchParams();
  const navigate = useNavigate();
  const save = useSaveOwnVariant();
  const pose = catalogue().poses.find((known) => known.id === id);
  const base = pose?.ladder.find((variant) => variant.id === (params.get('base') ?? pose.usual));
  const [past, setPast] = useState<readonly OwnAngles[]>([{}]);
  const angles = past[past.length - 1]!;
  const [side, setSide] = useState('');
  const [name, setName] = useState('');
  const [after, setAfter] = useState(base?.id ?? '');
  const [poseName, setPoseName] = useState('');
  const { data: tried, error, isFetching } = useTried(base?.id ?? '', useDeferredValue(angles));
  if (!pose || !base)
    return (
      <Page title="A variant of my own">
        <Empty action={<ButtonLink to="/atlas">To the atlas</ButtonLink>}>
          There is no such pose in the catalogue.
        </Empty>
      </Page>
    );
  const set = (key: string, degrees: number): void =>
    setPast((list) => {
      const next = { ...list[list.length - 1]!, [key]: degrees };
      // One slider's movement is one step back.
      const before = list[list.length - 2];
      const same =
        before &&
        Object.keys(next).every((each) => each === key || next[each] === before[each]) &&
        key in list[list.length - 1]!;
      return same ? [...list.slice(0, -1), next] : [...list, next];
    });
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const alone = after === ALONE ? { poseName: poseName.trim(), after: '' } : { after };
    save.mutate(
      { name: name.trim(), pose: pose.id, base: base.id, angles, ...alone },
      { onSuccess: ({ id: variant }) => void navigate(`/atlas/${variant.split('.')[0]}?variant=${variant}`) },
    );
  };
  const fieldError = (field: string): string | undefined =>
    save.error instanceof ApiError
      ? save.error.fields.find((each) => each.field.startsWith(field))?.message
      : undefined;
  const posture = tried && unpackPosture(tried.postures[0]!);
  const current = (key: string): number =>
    angles[keyed(key, side)] ?? angles[key] ?? angleIn(posture, keyed(key, side || 'R'));
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
        <section aria-label="Figure and measures" aria-busy={isFetching}>
          {error && <Problem error={error} />}
          {!tried && !error && <Loading what="Working out the position" />}
          {tried && (
            <>
              <div className={tried.postures.length > 1 ? 'grid grid-cols-2 gap-2' : ''}>
                {tried.postures.map((packed, i) => (
                  <TurnableFigure
                    key={i}
                    label={`${pose.name} as set${tried.postures.length > 1 ? `, part ${i + 1}` : ''}`}
                    packed={packed}
                    heightCm={165}
                    build="adult"
                    props={tried.props}
                    view={base.view}
                  />
                ))}
              </div>
              <p
                role="status"
                className={`my-3 rounded-lg p-3 ${tried.faults.length ? 'bg-clay-wash font-semibold' : 'bg-teal-wash'}`}
              >
                {tried.faults.length
                  ? `This position does not hold: ${tried.faults.join('; ')}.`
                  : 'This position holds: every contact rests, nothing overlaps, no joint is past its range.'}
              </p>
              <MeasureBars
                measures={tried.measures}
                other={catalogue().measures(base.id, 165)}
                names={['mine', base.name]}
              />
            </>
          )}
        </section>
        <form onSubmit={submit} className="space-y-5">
          <fieldset>
            <legend className="mb-2 font-display text-xl font-semibold">Joints</legend>
            <div className="mb-3 flex flex-wrap gap-2" role="group" aria-label="Which side of the limbs">
              {SIDES.map(([key, word]) => (
                <Button
                  key={key}
                  look={side === key ? 'main' : 'plain'}
                  aria-pressed={side === key}
                  onClick={() => setSide(key)}
                >
                  {word}
                </Button>
              ))}
              <Button
                look="quiet"
                disabled={past.length < 2}
                onClick={() => setPast((list) => list.slice(0, -1))}
              >
                <RotateCcw aria-hidden size={18} />
                Undo
              </Button>
            </div>
            {OWN_JOINTS.map((joint) => {
              const key = joint.sided ? keyed(joint.key, side) : joint.key;
              const value = Math.round(
                joint.sided ? current(joint.key) : (angles[joint.key] ?? angleIn(posture, joint.key)),
              );
              return (
                <label key={joint.key} className="flex flex-wrap items-center gap-x-3 py-1 sm:flex-nowrap">
                  <span className="w-full sm:w-60 sm:shrink-0">{joint.name}</span>
                  <input
                    type="range"
                    min={joint.least}
                    max={joint.most}
                    step={1}
                    value={Math.max(joint.least, Math.min(joint.most, value))}
                    onChange={(event) => set(key, Number(event.target.value))}
                    className="min-w-0 flex-1 accent-(--teal)"
                  />
                  <span
                    className={`w-14 text-right tabular-nums ${key in angles ? 'font-bold text-teal' : 'text-soft'}`}
                  >
                    {value}°
                  </span>
                </label>
              );
            })}
          </fieldset>
          <TextField
            label="What you call it"
            required
            maxLength={80}
            value={name}
            onChange={(event) => setName(event.target.value)}
            error={fieldError('name')}
            hint="A few words: “heel on the ankle”"
          />
          <SelectField
            label="Its place on the ladder"
            value={after}
            onChange={(event) => setAfter(event.target.value)}
          >
            <option value="">first: the most supported</option>
            <option value={ALONE}>none: a pose of my own</option>
            {pose.ladder.map((variant) => (
              <option key={variant.id} value={variant.id}>
                after “{variant.name}”
              </option>
            ))}
          </SelectField>
          {after === ALONE && (
            <TextField
              label="Name of the pose"
              required
              maxLength={80}
              value={poseName}
              onChange={(event) => setPoseName(event.target.value)}
              error={fieldError('poseName')}
              hint={`Told like ${pose.name.toLowerCase()} otherwise: purposes, words, counter-poses`}
            />
          )}
          {save.error && !fieldError('name') && !fieldError('poseName') && (
            <Problem error={new Error(fieldError('angles') ?? save.error.message)} />
          )}
          <Button
            type="submit"
            look="main"
            disabled={
              save.isPending ||
              !tried ||
              tried.faults.length > 0 ||
              !Object.keys(angles).length ||
              !name.trim() ||
              (after === ALONE && !poseName.trim())
            }
          >
            {save.isPending ? 'Working it out for every height …' : 'Save it'}
          </Button>
          {!Object.keys(angles).length && <p className="text-sm text-soft">Move a joint first.</p>}
        </form>
      </div>
    </Page>
  );
}
