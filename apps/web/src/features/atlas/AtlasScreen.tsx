import {
  careFor,
  partsOnFloor,
  rankPoses,
  somebodyWith,
  suits,
  words as foldWords,
  type Level,
  type Pose,
  type Variant,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { Printer, X } from 'lucide-react';
import { memo, useCallback, useDeferredValue, useMemo } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useStaging } from '../../domain/person/useStaging.js';
import { catalogue } from '../../data/catalogue.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { ComboboxField } from '../../ui/ComboboxField.js';
import { SearchField } from '../../ui/SearchField.js';
import { Page } from '../../ui/Page.js';
import { today } from '../../data/today.js';
import { Empty } from '../../ui/states.js';
import { LazyFigure } from '../../domain/figure/LazyFigure.js';
import { conditionChoices } from '../../domain/words/ruleWords.js';
import { FAMILIES } from '../../domain/words/poseWords.js';

const LEVELS: readonly Level[] = [
  'chair',
  'standing',
  'squatting',
  'all-fours',
  'kneeling',
  'sitting',
  'prone',
  'lying',
  'side-lying',
  'inverted',
];
const PROPS = ['chair', 'wall', 'block', 'blanket', 'bolster', 'strap', 'stool', 'roll'] as const;
const ACTIONS = ['open', 'strengthen', 'mobilise', 'balance', 'settle', 'breathe', 'invert', 'rest'] as const;
const REGIONS = [
  'neck',
  'chest',
  'shoulders',
  'wrists',
  'upper back',
  'low back',
  'side body',
  'front hip',
  'outer hip',
  'inner thigh',
  'hamstrings',
  'calves',
  'feet',
  'belly',
  'pelvic floor',
  'whole',
] as const;

/** What is asked for, as it stands in the address: a search can be kept and sent. */
type Asked = Readonly<Record<'find' | 'action' | 'part' | 'level' | 'prop' | 'floor' | 'group', string>>;

/** Variants of a pose that answer the filters; none leaves the pose out. */
function answers(
  pose: Pose,
  { action, part, level, prop, floor }: Asked,
  fits: (pose: Pose, variant: Variant) => boolean,
): Variant[] {
  if (action && !pose.purposes.some((purpose) => purpose.action === action)) return [];
  if (
    part &&
    !pose.parts.includes(part as never) &&
    !pose.purposes.some((purpose) => purpose.region === part)
  )
    return [];
  return pose.ladder.filter(
    (variant) =>
      (!level || variant.level === level) &&
      (!prop ||
        (prop === 'none' ? !variant.props.length : variant.props.some(({ kind }) => kind === prop))) &&
      (!floor || partsOnFloor(variant).length === Number(floor)) &&
      fits(pose, variant),
  );
}

const folded = new WeakMap<Pose, string[][]>();
/** The folded words of each of a pose's names, worked out once. */
function namesOf(pose: Pose): string[][] {
  let names = folded.get(pose);
  if (!names) folded.set(pose, (names = [pose.name, pose.sanskrit ?? '', ...pose.aliases].map(foldWords)));
  return names;
}

/** Poses for what has been typed so far: names that begin like it, then names that come near. */
function search(find: string, poses: readonly Pose[]): readonly Pose[] {
  const typed = foldWords(find);
  if (!typed.length) return poses;
  const begins = poses.filter((pose) =>
    namesOf(pose).some((own) => typed.every((word) => own.some((part) => part.startsWith(word)))),
  );
  const near = rankPoses(find, poses, 12)
    .filter(({ sure }) => sure > 0.62)
    .map(({ pose }) => pose);
  return [...new Set([...near.filter((pose) => begins.includes(pose)), ...begins, ...near])];
}

const Choice = ({
  label,
  value,
  onChange,
  options,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  options: readonly (readonly [string, string])[];
}) => (
  <label className="flex flex-col text-sm text-soft">
    {label}
    <select
      value={value}
      onChange={(event) => onChange(event.target.value)}
      className={
        `min-h-11 rounded-lg border bg-paper px-2 text-ink ` +
        `${value ? 'border-teal border-2 font-semibold' : 'border-strong-line'}`
      }
    >
      <option value="">any</option>
      {options.map(([key, name]) => (
        <option key={key} value={key}>
          {name}
        </option>
      ))}
    </select>
  </label>
);
const SUITABLE_FOR = [{ value: '', label: 'any' }, ...conditionChoices(RULEBOOK.conditions)];

const plain = (list: readonly string[]): [string, string][] => list.map((word) => [word, word]);

/**
 * Puts a value into the address, or takes it out. From the address, not from the last drawing: two quick
 * choices must both count.
 */
function useAsk(): (key: string, value: string | ((now: string) => string)) => void {
  const navigate = useNavigate();
  return useCallback(
    (key, value) => {
      const next = new URLSearchParams(window.location.search);
      const to = typeof value === 'string' ? value : value(next.get(key) ?? '');
      if (to) next.set(key, to);
      else next.delete(key);
      void navigate(`?${next.toString()}`, { replace: true, flushSync: true });
    },
    [navigate],
  );
}

/** Takes an id into a list in the address, or out of it. */
const toggled =
  (id: string) =>
  (list: string): string => {
    const ids = list ? list.split(',') : [];
    return (ids.includes(id) ? ids.filter((other) => other !== id) : [...ids, id]).join(',');
  };

/**
 * One pose on the shelf. Drawn again only when something about it changes: typing must not wait for two
 * hundred of them.
 */
const PoseCard = memo(function PoseCard({
  pose,
  first,
  ways,
  marked,
}: {
  pose: Pose;
  first: string;
  ways: number;
  marked: boolean;
}) {
  const ask = useAsk();
  const usual = first === pose.usual;
  return (
    <li
      className={
        `relative rounded-2xl border bg-(--fig-paper) ` +
        `${marked ? 'border-2 border-teal' : 'border-line'} hover:border-teal`
      }
    >
      <Link to={`/atlas/${pose.id}${usual ? '' : `?variant=${first}`}`} className="block p-2">
        <LazyFigure variant={first} width={168} height={132} className="w-full" decorative />
        <span className="mt-1 block font-display text-lg leading-tight font-semibold">{pose.name}</span>
        {pose.sanskrit && (
          <span lang="sa-Latn" className="block text-sm text-soft italic">
            {pose.sanskrit}
          </span>
        )}
        <span className="block text-sm text-soft">
          {ways === 1 ? pose.ladder.find((variant) => variant.id === first)!.name : `${ways} versions`}
        </span>
      </Link>
      <label
        className="absolute top-1 right-1 grid size-11 cursor-pointer place-items-center"
        title="for a card"
      >
        <input
          type="checkbox"
          className="size-5 accent-(--teal)"
          aria-label={`${pose.name} on a card`}
          checked={marked}
          onChange={() => ask('cards', toggled(pose.id))}
        />
      </label>
    </li>
  );
});

/** A pose with those of its variants that answer to what is asked. */
interface Shown {
  pose: Pose;
  variants: readonly Variant[];
}

const FILTERS = ['find', 'action', 'part', 'level', 'prop', 'floor', 'group'] as const;

/** Poses that answer to what is asked, the likeliest first where something is looked for. */
function useShown(asked: Asked): readonly Shown[] {
  const { poses } = catalogue();
  const staging = useStaging(today());
  const later = useDeferredValue(JSON.stringify(asked));
  return useMemo(() => {
    const now = JSON.parse(later) as Asked;
    const staged = now.group ? somebodyWith(now.group, staging) : undefined;
    // What a shorter hold makes fit is not hidden.
    const fits = (pose: Pose, variant: Variant): boolean =>
      !staged || suits(careFor(catalogue(), pose, variant, staged, today(), pose.hold.least));
    return search(now.find, poses)
      .map((pose) => ({ pose, variants: answers(pose, now, fits) }))
      .filter(({ variants }) => variants.length);
  }, [later, poses, staging]);
}

/** Every pose and movement, to browse, search and choose for cards. */
export function AtlasScreen() {
  const [params, setParams] = useSearchParams();
  const set = useAsk();
  const asked = Object.fromEntries(FILTERS.map((key) => [key, params.get(key) ?? ''])) as unknown as Asked;
  const cards = params.get('cards')?.split(',').filter(Boolean) ?? [];
  const shown = useShown(asked);
  const isFiltered = FILTERS.some((key) => asked[key]);
  const count = shown.reduce((sum, { variants }) => sum + variants.length, 0);
  return (
    <Page title="Atlas" wide actions={<Filters asked={asked} onAsk={set} />}>
      <div className="px-5 py-4">
        <div className="mb-3 flex min-h-11 flex-wrap items-center gap-3">
          <p role="status" className="text-soft">
            {shown.length} poses and movements, {count} versions of them
            {asked.group && ', at the most cautious stage'}.
          </p>
          {isFiltered && (
            <Button
              look="quiet"
              onClick={() => setParams(cards.length ? { cards: cards.join(',') } : {}, { replace: true })}
            >
              <X aria-hidden size={18} />
              Clear
            </Button>
          )}
          {cards.length > 0 && (
            <span className="ml-auto flex gap-2">
              <Button look="quiet" onClick={() => set('cards', '')}>
                Unmark all
              </Button>
              <ButtonLink look="main" to={`/atlas/cards?ids=${cards.join(',')}`}>
                <Printer aria-hidden size={18} />
                Cards of {cards.length}
              </ButtonLink>
            </span>
          )}
        </div>
        {!shown.length && (
          <Empty action={<Button onClick={() => setParams({}, { replace: true })}>Show everything</Button>}>
            Nothing answers to that.
          </Empty>
        )}
        {(asked.find ? ([['', '']] as const) : FAMILIES).map(([family, name]) => (
          <Family
            key={family}
            name={name}
            list={family ? shown.filter(({ pose }) => pose.family === family) : shown}
            cards={cards}
          />
        ))}
      </div>
    </Page>
  );
}

/** What is looked for, and everything that narrows it. */
const Filters = ({
  asked,
  onAsk,
}: {
  asked: Asked;
  onAsk: (key: (typeof FILTERS)[number], value: string) => void;
}) => (
  <>
    <div className="flex min-w-64 flex-1 flex-col text-sm text-soft">
      <label htmlFor="find-pose">Find a pose, however you write it</label>
      <SearchField
        id="find-pose"
        value={asked.find}
        onChange={(words) => onAsk('find', words)}
        placeholder="down dog, vrksasana, legs up the wall …"
        className="text-base text-ink"
      />
    </div>
    {CHOICES.map(([key, label, options]) => (
      <Choice
        key={key}
        label={label}
        value={asked[key]}
        onChange={(value) => onAsk(key, value)}
        options={options}
      />
    ))}
    <ComboboxField
      label="Suitable for"
      labelLook="small"
      placeholder="any"
      value={asked.group}
      onChange={(value) => onAsk('group', value)}
      choices={SUITABLE_FOR}
    />
  </>
);

const CHOICES: readonly (readonly [
  (typeof FILTERS)[number],
  string,
  readonly (readonly [string, string])[],
])[] = [
  ['action', 'Purpose', plain(ACTIONS)],
  ['part', 'Part of the body', plain(REGIONS)],
  ['level', 'Where the body is', plain(LEVELS)],
  ['prop', 'With', [['none', 'nothing'], ...plain(PROPS)]],
  ['floor', 'Points of contact', plain(['1', '2', '3', '4', '5'])],
];

/** The poses of one family under its name; nothing where there are none. */
const Family = ({ name, list, cards }: { name: string; list: readonly Shown[]; cards: readonly string[] }) =>
  list.length > 0 && (
    <section className="mb-8">
      {name && (
        <h2 className="mb-3 text-xl">
          {name} <span className="font-sans text-base font-normal text-soft">{list.length}</span>
        </h2>
      )}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(10.5rem,1fr))] gap-3">
        {list.map(({ pose, variants }) => (
          <PoseCard
            key={pose.id}
            pose={pose}
            first={(variants.find(({ id }) => id === pose.usual) ?? variants[0]!).id}
            ways={variants.length}
            marked={cards.includes(pose.id)}
          />
        ))}
      </ul>
    </section>
  );
