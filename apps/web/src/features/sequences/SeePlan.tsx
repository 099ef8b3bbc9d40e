import { floorVisits, type Fitting, type SequenceEdit, type Step, type TimeOffer } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';
import { sayProps } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { Terms } from '../../ui/Terms.js';
import { LevelChart } from './LevelChart.js';

function sayMinutes({ asked, planned, written, over }: Fitting['minutes']): string {
  const free = Math.round(asked) - Math.round(planned);
  const said = `${Math.round(planned)} of ${asked} minutes`;
  if (over > 0) return `${said}: still ${Math.ceil(over)} over`;
  if (Math.round(written) > Math.round(planned))
    return `${said}, holds cut to keep the time: as written it takes ${Math.round(written)}`;
  return free >= 2 ? `${said}: ${free} are free` : said;
}

/** How often each of some words comes, the most frequent first. */
function counted(words: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const word of words) counts.set(word, (counts.get(word) ?? 0) + 1);
  return [...counts]
    .sort(([, a], [, b]) => b - a)
    .map(([word, count]) => `${word} ${count}`)
    .join(' · ');
}

const TIMES = ['not at all', 'once', 'twice'] as const;

/** What one person needs who does all of it as written. */
function propsOf(lane: Fitting['lanes'][number] | undefined): { prop: string; count: number }[] {
  const most = new Map<string, number>();
  for (const { props } of lane?.steps ?? []) {
    const here = new Map<string, number>();
    for (const { prop, count } of props) here.set(prop, (here.get(prop) ?? 0) + count);
    for (const [prop, count] of here) most.set(prop, Math.max(most.get(prop) ?? 0, count));
  }
  return [...most].map(([prop, count]) => ({ prop, count }));
}

const DIRECTIONS = ['flexion', 'extension', 'side bend', 'twist'] as const;

function sayDirections(steps: readonly Step[]): string {
  const done = steps.flatMap(({ pose }) => pose.purposes.flatMap(({ spine }) => spine ?? []));
  const missing = DIRECTIONS.filter((direction) => !done.includes(direction));
  return [counted(done), missing.length ? `not yet: ${missing.join(', ')}` : ''].filter(Boolean).join('; ');
}

const saySides = (steps: readonly Step[]): string => {
  const sided = steps.filter(({ sides }) => sides.length);
  const one = sided.filter(({ sides }) => sides.length === 1);
  const right = one.filter(({ sides }) => sides[0] === 'right').length;
  const left = one.length - right;
  if (!sided.length) return 'nothing has sides';
  return right === left ? 'right and left the same' : `${right} only right, ${left} only left`;
};

interface Props {
  fitting: Fitting;
  /** What would fill or trim it. */
  offers: readonly TimeOffer[];
  steps: readonly Step[];
  onEdit: (edit: SequenceEdit) => void;
}

/** What a plan comes to, and what is odd about its order. */
export function SeePlan({ fitting, offers, steps, onEdit }: Props) {
  const visits = floorVisits(fitting.steps.map((step) => variantById(step.variant).variant.level));
  return (
    <section aria-label="What it comes to" className="space-y-3">
      <h2 className="text-xl">What it comes to</h2>
      <p className={fitting.minutes.over > 0 ? 'font-semibold text-clay' : 'font-semibold'}>
        {sayMinutes(fitting.minutes)}
      </p>
      <Offers offers={offers} onEdit={onEdit} />
      <LevelChart steps={fitting.steps} minutes={fitting.minutes} />
      <Terms
        of={[
          ['Down to the floor', TIMES[visits] ?? `${visits} times`],
          ['Energy', counted(steps.map(({ pose }) => pose.energy))],
          ['The spine', sayDirections(steps)],
          ['Sides', saySides(steps)],
          ['Props', sayProps(propsOf(fitting.lanes[0])) || 'none'],
        ]}
      />
      <h3 className="font-semibold">Order</h3>
      {fitting.notes.length ? (
        <ul className="space-y-1">
          {fitting.notes.map(({ text, step, fix }) => (
            <li key={text}>
              {step ? `Step ${step}: ` : ''}
              {text}
              {fix && (
                <button
                  type="button"
                  className="min-h-11 rounded-lg px-2 font-semibold text-teal hover:bg-teal-wash"
                  onClick={() => onEdit(fix.edit)}
                >
                  {fix.says}
                </button>
              )}
            </li>
          ))}
        </ul>
      ) : (
        <p className="text-soft">Nothing odd about the order.</p>
      )}
    </section>
  );
}

/** Changes that fill or trim a class, each done at once and undone like any other. */
function Offers({ offers, onEdit }: Pick<Props, 'offers' | 'onEdit'>) {
  return (
    <ul aria-label="To come to its minutes" className="flex flex-wrap gap-2 empty:hidden">
      {offers.map(({ says, minutes, edit }) => (
        <li key={says}>
          <Button className="min-h-9 py-0.5! text-left" onClick={() => onEdit(edit)}>
            {says}
            <span className="font-normal whitespace-nowrap text-soft">{sayBrought(minutes)}</span>
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** "+2 min", "−½ min". */
function sayBrought(minutes: number): string {
  const size = Math.abs(minutes);
  return `${minutes < 0 ? '−' : '+'}${size < 0.75 ? '½' : Math.round(size)} min`;
}
