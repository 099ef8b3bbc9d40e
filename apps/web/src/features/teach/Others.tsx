import {
  differingNow,
  type ChangeForOne,
  type LaneStep,
  type Moment,
  type Now,
  type Teaching,
} from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';
import { Chosen } from '../../domain/fitting/Chosen.js';
import { Loosened } from '../../domain/fitting/Loosened.js';
import { Figure } from '../../domain/figure/Figure.js';
import { VerdictMark } from '../../domain/marks/VerdictMark.js';
import { sayOwnHold, sayProps } from '../../domain/words/say.js';
import { sayWay } from '../../domain/words/sayWay.js';
import { GIVEN_WORDS } from './teachWords.js';

const NAME =
  'min-h-9 rounded font-bold text-indigo underline decoration-line decoration-2 underline-offset-4 ' +
  'hover:decoration-teal';

interface Props {
  moment: Moment;
  teaching: Teaching;
  names: ReadonlyMap<string, string>;
  /** Somebody was pressed: a change for her. */
  onChange: (personId: string) => void;
}

/** Whoever does something else now, in the order of the room, those who do the same together. */
export function Others({ moment, teaching, names, onChange }: Props) {
  const ways = byWay(differingNow(moment, teaching));
  if (!ways.length) return null;
  return (
    <section
      aria-label="Who differs"
      className="flex min-h-0 flex-col gap-2 lg:border-l lg:border-line lg:pl-4"
    >
      <h2 className="text-xl">{moment.then ? 'Who does what' : 'Who differs, and how'}</h2>
      <ul className="min-h-0 flex-1 space-y-2 lg:overflow-y-auto">
        {ways.map((people) => (
          <Way
            key={people.map(({ personId, entry }) => `${personId} ${entry.askedVariant}`).join()}
            people={people}
            names={names}
            moment={moment}
            onChange={onChange}
          />
        ))}
      </ul>
    </section>
  );
}

/** People who do the same together. */
function byWay(now: readonly Now[]): Now[][] {
  const ways = new Map<string, Now[]>();
  for (const one of now) {
    const { entry, change } = one;
    const key = change
      ? `${change.given}|${change.variant}`
      : `${entry.askedVariant}|${entry.variant}|${Math.round(entry.hold.seconds)}`;
    ways.set(key, [...(ways.get(key) ?? []), one]);
  }
  return [...ways.values()];
}

function Way({ people, names, moment, onChange }: Omit<Props, 'teaching'> & { people: readonly Now[] }) {
  const [{ entry, change }] = people as [Now, ...Now[]];
  const variant = change?.given === 'stopped' ? undefined : (change?.variant ?? entry.variant);
  return (
    <li
      className={`flex items-center gap-3 rounded-xl border bg-paper p-2 ${change ? 'border-clay' : 'border-line'}`}
    >
      {variant && (
        <Figure
          variant={variant}
          side={variantById(variant).pose.side ? moment.side : undefined}
          width={112}
          height={90}
          className="w-26 shrink-0"
          decorative
        />
      )}
      <div className="min-w-0 leading-tight">
        <span className="flex flex-wrap gap-x-2">
          {people.map(({ personId, name }) => (
            <button
              key={personId}
              type="button"
              aria-label={`${names.get(name) ?? name}, a change`}
              className={NAME}
              onClick={() => onChange(personId)}
            >
              {names.get(name) ?? name}
            </button>
          ))}
        </span>
        {change ? (
          <span className="block">
            <b className="text-clay">{GIVEN_WORDS[change.given]}</b>
            {sayGiven(change, entry)}
          </span>
        ) : (
          <Planned entry={entry} moment={moment} />
        )}
      </div>
    </li>
  );
}

/** What somebody was given, after the word for it. */
function sayGiven({ given, variant }: ChangeForOne, { easier }: LaneStep): string {
  if (given === 'less-far') return easier?.lessFar ? `: ${easier.lessFar.says}` : '';
  if (!variant) return '';
  const { pose, variant: way } = variantById(variant);
  return `: ${pose.name}, ${way.name}`;
}

function Planned({ entry, moment }: { entry: Now['entry']; moment: Moment }) {
  return (
    <>
      <span className="block">
        {!moment.then && <VerdictMark verdict={entry.verdict} />}
        <Loosened entries={[entry]} />
        <Chosen entries={[entry]} />
      </span>
      {moment.round && <span className="block text-soft">{variantById(entry.askedVariant).pose.name}:</span>}
      <span className="block first-letter:uppercase">{sayWay(entry)}</span>
      <span className="block text-soft">
        {[sayOwnHold(entry), sayProps(entry.props)].filter(Boolean).join(' · ')}
      </span>
      {entry.waits && (
        <span className="block text-soft">
          done {entry.waits} s early: {entry.waitOut ?? 'rests, or follows the breath'}
        </span>
      )}
    </>
  );
}
