import {
  mirrorMeasures,
  plainSpelling,
  underFeetCm,
  whoTakesCare,
  type Build,
  type Pose,
  type Variant,
} from '@lotus-steady/core';
import { GitCompareArrows, Pencil, Printer, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useStaging } from '../../domain/person/useStaging.js';
import { useOwnVariants } from '../../data/ownVariants/useOwnVariants.js';
import { useRemoveOwnVariant } from '../../data/ownVariants/useRemoveOwnVariant.js';
import { catalogue } from '../../data/catalogue.js';
import { Figure } from '../../domain/figure/Figure.js';
import { propsAt } from '../../domain/figure/mirrorProps.js';
import { useShown } from '../../workers/useWork.js';
import { Cited } from '../../domain/words/Cited.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { today } from '../../data/today.js';
import { Empty, Problem } from '../../ui/states.js';
import { measureWords } from '../../domain/words/measureWords.js';
import { MeasureBars } from './MeasureBars.js';
import { TurnableFigure } from './TurnableFigure.js';
import { sayHoldOf, sayPurpose } from '../../domain/words/poseWords.js';
import { sayRemoved } from '../../ui/toasts.js';

const BODIES: readonly (readonly [Build, string, readonly number[]])[] = [
  ['adult', 'adult', [140, 150, 160, 165, 170, 180, 190]],
  ['child-9-12', 'child of 9 to 12', [135, 145, 155]],
  ['child-6-8', 'child of 6 to 8', [115, 125, 130]],
  ['child-3-5', 'child of 3 to 5', [95, 105, 110]],
];

/** What the numbers say about props that do not reach: a book under the feet, or more height. */
function sayGap(gapCm: number, variant: Variant, heightCm: number, build: Build): string | undefined {
  const feet = underFeetCm(variant, heightCm, build);
  if (feet)
    return (
      `At ${heightCm} cm a 45 cm chair is high: put about ${Math.round(feet)} cm under the feet, a ` +
      `book or a folded blanket.`
    );
  return gapCm < 1
    ? undefined
    : `At ${heightCm} cm ${gapCm.toFixed(1)} cm are missing to the props: raise them by as much.`;
}

function Pictures({ pose, variant }: { pose: Pose; variant: Variant }) {
  const [side, setSide] = useState<'right' | 'left'>('right');
  const [build, setBuild] = useState<Build>('adult');
  const [heightCm, setHeight] = useState(165);
  const [frame, setFrame] = useState(0);
  const { data: shown } = useShown(variant.id, heightCm, build);
  const stored = catalogue().postures(variant.id, heightCm, build);
  const at = Math.min(frame, variant.frames.length - 1);
  const packed = shown?.postures[at];
  const gap = sayGap(shown?.gapCm ?? 0, variant, heightCm, build);
  const measures = shown?.measures ?? catalogue().measures(variant.id, heightCm, build);
  return (
    <section aria-label="The figure">
      {packed && shown ? (
        <TurnableFigure
          label={`${pose.name}, ${variant.name}${pose.side ? `, ${side} side` : ''}`}
          packed={packed}
          heightCm={shown.heightCm}
          build={shown.build}
          props={propsAt(variant.props, shown.heightCm)}
          view={variant.view}
          mirrored={side === 'left'}
        />
      ) : (
        <Figure
          variant={variant.id}
          frame={at}
          heightCm={stored.heightCm}
          build={build}
          width={460}
          height={360}
          className="w-full rounded-2xl bg-(--fig-paper)"
        />
      )}
      <div className="no-print mt-2 flex flex-wrap items-end gap-3">
        {variant.frames.length > 1 && (
          <span role="group" aria-label="Part of the movement" className="flex gap-1">
            {variant.frames.map((_, i) => (
              <Button
                key={i}
                look={i === at ? 'main' : 'plain'}
                aria-pressed={i === at}
                onClick={() => setFrame(i)}
              >
                {i + 1}
              </Button>
            ))}
          </span>
        )}
        {pose.side && (
          <span role="group" aria-label="Side" className="flex gap-1">
            {(['right', 'left'] as const).map((each) => (
              <Button
                key={each}
                look={each === side ? 'main' : 'plain'}
                aria-pressed={each === side}
                onClick={() => setSide(each)}
              >
                {each}
              </Button>
            ))}
          </span>
        )}
        <label className="text-sm text-soft">
          Body
          <select
            className="block min-h-11 rounded-lg border border-strong-line bg-paper px-2 text-ink"
            value={build}
            onChange={(event) => {
              const next = BODIES.find(([key]) => key === event.target.value)!;
              setBuild(next[0]);
              setHeight(next[2][Math.floor(next[2].length / 2)]!);
            }}
          >
            {BODIES.map(([key, name]) => (
              <option key={key} value={key}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label className="text-sm text-soft">
          Height
          <select
            className="block min-h-11 rounded-lg border border-strong-line bg-paper px-2 text-ink"
            value={heightCm}
            onChange={(event) => setHeight(Number(event.target.value))}
          >
            {BODIES.find(([key]) => key === build)![2].map((cm) => (
              <option key={cm} value={cm}>
                {cm} cm
              </option>
            ))}
          </select>
        </label>
      </div>
      {pose.side && <p className="mt-1 text-sm text-soft">Right and left name {pose.side}.</p>}
      {gap && <p className="mt-2 rounded-lg bg-clay-wash p-3 font-semibold">{gap}</p>}
      <h2 className="mt-6 mb-2 text-xl">What it asks of a body</h2>
      <MeasureBars measures={side === 'left' ? mirrorMeasures(measures) : measures} />
      <p className="mt-2 text-sm text-soft">
        Tick: the usual range (AAOS 1965, neck Youdas 1992; wrist, knee and ankle as they are under load).
        About {variant.declared.met} METs ({variant.declared.metFrom}).
      </p>
    </section>
  );
}

function Care({ pose, variant }: { pose: Pose; variant: Variant }) {
  const staging = useStaging(today());
  const care = useMemo(() => whoTakesCare(catalogue(), pose, variant, staging), [pose, variant, staging]);
  const LEVEL = { never: 'not', limit: 'avoid', need: 'with help', watch: 'with a cue' } as const;
  return (
    <section>
      <h2 className="mb-2 text-xl">Who takes care, and why</h2>
      <p className="mb-2 text-sm text-soft">
        Each at the most cautious stage, for the usual hold. The person’s own doctor, midwife or
        physiotherapist comes first.
      </p>
      {!care.length && <p>No rule speaks against it.</p>}
      <ul className="space-y-2">
        {care.map(({ condition, name, breaches }) => (
          <li key={condition} className="rounded-xl border border-line bg-paper p-3">
            <strong>{name}</strong>
            <ul className="mt-1 space-y-1">
              {breaches.map((breach) => {
                const { words, unit, drawn } = measureWords(breach.measure, breach.value, breach.limit);
                return (
                  <li key={breach.rule.id}>
                    <span className="font-semibold text-clay">{LEVEL[breach.rule.level]}</span>:{' '}
                    {breach.rule.reason}
                    {drawn && (
                      <span className="text-soft">
                        {' '}
                        {words}: {Math.round(Number(breach.value) * 100) / 100}
                        {unit}, limit {breach.limit}
                        {unit}.
                      </span>
                    )}{' '}
                    <span className="text-sm text-soft">
                      <Cited evidence={breach.rule.evidence} />
                    </span>
                  </li>
                );
              })}
            </ul>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Links({ ids, none }: { ids: readonly string[]; none: string }) {
  const poses = ids.map((id) => catalogue().poses.find((pose) => pose.id === id)!);
  if (!poses.length) return <p className="text-soft">{none}</p>;
  return (
    <ul className="flex flex-wrap gap-2">
      {poses.map((pose) => (
        <li key={pose.id}>
          <Link
            to={`/atlas/${pose.id}`}
            className={
              'flex w-32 flex-col items-center rounded-xl border border-line bg-(--fig-paper) ' +
              'p-1 text-center text-sm hover:border-teal'
            }
          >
            <Figure variant={pose.usual} className="w-24" decorative />
            {pose.name}
          </Link>
        </li>
      ))}
    </ul>
  );
}

/** One pose: its ladder, its body, its words. */
export function PoseScreen() {
  const { id = '' } = useParams();
  const [params, setParams] = useSearchParams();
  const navigate = useNavigate();
  const { data: own } = useOwnVariants();
  const { remove, restore } = useRemoveOwnVariant();
  const pose = catalogue().poses.find((known) => known.id === id);
  if (!pose)
    return (
      <Page title="Atlas">
        <Empty action={<ButtonLink to="/atlas">To the atlas</ButtonLink>}>
          There is no such pose in the catalogue.
        </Empty>
      </Page>
    );
  const variant =
    pose.ladder.find((each) => each.id === params.get('variant')) ??
    pose.ladder.find((each) => each.id === pose.usual)!;
  const mine = own?.find((each) => each.id === variant.id);
  const { guide } = pose;
  const from = variant.entry ?? variant.level;
  const to = variant.exit ?? variant.level;
  // What is said of setting up, looking and coming out is said for the usual way's place in the room.
  const here = variant.level === pose.ladder.find((each) => each.id === pose.usual)!.level;
  const told: readonly (readonly [string, string | undefined | false])[] = [
    ['Set up', here && guide.setUp],
    ['Breathe in', guide.in],
    ['Breathe out', guide.out],
    ['Look', here && guide.look],
    ['Feel it', guide.feel],
    ['Not here', guide.notHere],
    ['Come out', here && guide.comeOut],
  ];
  const ways = (level: string, into: boolean) => {
    const special = catalogue().ways.filter((way) => way.id === (into ? variant.wayIn : variant.wayOut));
    return special.length
      ? special
      : catalogue().ways.filter(
          (way) => (into ? way.to : way.from) === level || (way.back && (into ? way.from : way.to) === level),
        );
  };
  const stories = catalogue().themes.flatMap((theme) =>
    theme.shapes.filter((shape) => shape.pose === pose.id).map((shape) => ({ ...shape, theme: theme.name })),
  );
  return (
    <Page
      title={pose.name}
      up={[{ to: '/atlas', name: 'Atlas' }]}
      wide
      about={
        <>
          {pose.sanskrit && (
            <>
              <i lang="sa-Latn">{pose.sanskrit}</i> ({plainSpelling(pose.sanskrit)}).{' '}
            </>
          )}
          {pose.meaning}
        </>
      }
      actions={
        <>
          <ButtonLink
            to={`/atlas/compare?a=${variant.id}&b=${pose.ladder.find((each) => each !== variant)?.id ?? variant.id}`}
          >
            <GitCompareArrows aria-hidden size={18} />
            Compare
          </ButtonLink>
          {!mine && (
            <ButtonLink to={`/atlas/${pose.id}/own?base=${variant.id}`}>
              <Pencil aria-hidden size={18} />A variant of my own
            </ButtonLink>
          )}
          {mine && (
            <Button
              disabled={remove.isPending}
              onClick={() =>
                remove.mutate(mine.key, {
                  onSuccess: () => {
                    void navigate(mine.poseName ? '/atlas' : `/atlas/${pose.id}`, { replace: true });
                    sayRemoved(mine.name, () => restore.mutateAsync(mine.key));
                  },
                })
              }
            >
              <Trash2 aria-hidden size={18} />
              Delete my variant
            </Button>
          )}
          <ButtonLink to={`/atlas/cards?ids=${pose.id}`}>
            <Printer aria-hidden size={18} />
            Card
          </ButtonLink>
        </>
      }
    >
      <div className="px-5 py-4">
        {remove.error && <Problem error={remove.error} />}
        <h2 className="sr-only">Ladder</h2>
        <ol
          className="no-print mb-5 flex gap-2 overflow-x-auto pb-2"
          aria-label="Ladder, from most supported to fullest"
        >
          {pose.ladder.map((each) => (
            <li key={each.id} className="flex shrink-0">
              <button
                type="button"
                aria-pressed={each === variant}
                onClick={() => setParams({ variant: each.id }, { replace: true })}
                className={
                  `flex w-36 flex-col rounded-xl border bg-(--fig-paper) p-1.5 text-left ` +
                  `text-sm ` +
                  `${each === variant ? 'border-2 border-teal font-semibold' : 'border-line hover:border-teal'}`
                }
              >
                <Figure variant={each.id} width={132} height={104} className="w-full" decorative />
                {each.name}
                {each.id === pose.usual && <span className="font-normal text-soft">usual</span>}
                {own?.some((known) => known.id === each.id) && (
                  <span className="font-normal text-indigo">my own</span>
                )}
              </button>
            </li>
          ))}
        </ol>
        <div className="grid gap-8 lg:grid-cols-[minmax(22rem,1fr)_minmax(24rem,1fr)]">
          <Pictures key={variant.id} pose={pose} variant={variant} />
          <div className="space-y-6">
            <section>
              <h2 className="mb-1 text-xl">{variant.name.replace(/^./, (letter) => letter.toUpperCase())}</h2>
              <p className="mb-2 text-soft">
                {variant.level}
                {variant.props.length > 0 &&
                  `, with ` +
                    `${[
                      ...new Set(
                        variant.props.map(
                          (prop) =>
                            `${prop.kind === 'blanket' && prop.count > 1 ? `${prop.count} blankets` : prop.kind} ` +
                            `${prop.where}`,
                        ),
                      ),
                    ].join('; ')}`}
                .
              </p>
              <ul className="mb-3 list-disc pl-5">
                {variant.cues.map((cue) => (
                  <li key={cue}>{cue}</li>
                ))}
              </ul>
              <dl className="grid grid-cols-[7rem_1fr] gap-x-3 gap-y-1.5">
                {told.map(
                  ([name, text]) =>
                    text && (
                      <div key={name} className="contents">
                        <dt className="text-soft">{name}</dt>
                        <dd>{text}</dd>
                      </div>
                    ),
                )}
              </dl>
              <h3 className="mt-4 font-semibold">What often goes wrong</h3>
              <ul className="list-disc pl-5">
                {pose.mistakes.map((mistake) => (
                  <li key={mistake}>{mistake}</li>
                ))}
              </ul>
            </section>
            <Care pose={pose} variant={variant} />
            <section>
              <h2 className="mb-2 text-xl">In a class</h2>
              <dl className="grid grid-cols-[7rem_1fr] gap-x-3 gap-y-1.5">
                <dt className="text-soft">For</dt>
                <dd>{pose.purposes.map(sayPurpose).join('; ')}</dd>
                <dt className="text-soft">Energy</dt>
                <dd>{pose.energy}</dd>
                <dt className="text-soft">Place</dt>
                <dd>{pose.place.join(', ')}</dd>
                <dt className="text-soft">Held for</dt>
                <dd>{sayHoldOf(pose)}</dd>
                <dt className="text-soft">Way in</dt>
                <dd>
                  {ways(from, true)
                    .map((way) => way.name)
                    .join('; ') || 'no special way'}
                </dd>
                <dt className="text-soft">Way out</dt>
                <dd>
                  {ways(to, false)
                    .map((way) => way.name)
                    .join('; ') || 'no special way'}
                </dd>
                <dt className="text-soft">Also called</dt>
                <dd>{pose.aliases.join(', ')}</dd>
                {stories.length > 0 && (
                  <>
                    <dt className="text-soft">For children</dt>
                    <dd>
                      {stories.map((story) => (
                        <p key={story.theme}>
                          {story.name} ({story.theme}): {story.task}
                        </p>
                      ))}
                    </dd>
                  </>
                )}
              </dl>
              <h3 className="mt-4 mb-1 font-semibold">Likes before it</h3>
              <Links ids={pose.before} none="Nothing in particular." />
              <h3 className="mt-4 mb-1 font-semibold">Likes after it</h3>
              <Links ids={pose.after} none="Nothing in particular." />
            </section>
          </div>
        </div>
      </div>
    </Page>
  );
}
