import { useSearchParams } from 'react-router';
import { catalogue } from '../../data/catalogue.js';
import { Figure } from '../../domain/figure/Figure.js';
import { ComboboxField } from '../../ui/ComboboxField.js';
import { Page } from '../../ui/Page.js';
import { MeasureBars } from './MeasureBars.js';

/** Two variants side by side: figures, and every measure in which either has something to say. */
export function CompareScreen() {
  const [params, setParams] = useSearchParams();
  const { poses } = catalogue();
  const all = poses.flatMap((pose) => pose.ladder.map((variant) => ({ pose, variant })));
  const choices = all.map(({ pose, variant }) => ({
    value: variant.id,
    label: `${pose.name}, ${variant.name}`,
    group: pose.name,
    words: [...pose.aliases, ...(pose.sanskrit ? [pose.sanskrit] : [])],
  }));
  const pick = (key: 'a' | 'b', spare: number) =>
    all.find(({ variant }) => variant.id === params.get(key)) ?? all[spare]!;
  const a = pick('a', 0);
  const b = pick('b', 1);
  return (
    <Page
      title="Compare"
      about="What two versions ask of an adult of 165 cm."
      up={[
        { to: '/atlas', name: 'Atlas' },
        { to: `/atlas/${a.pose.id}?variant=${a.variant.id}`, name: a.pose.name },
      ]}
    >
      <div className="mb-6 grid gap-6 sm:grid-cols-2">
        {(
          [
            ['a', a, 'text-teal'],
            ['b', b, 'text-indigo'],
          ] as const
        ).map(([key, { pose, variant }, tone]) => (
          <section key={key} className="rounded-2xl border border-line bg-(--fig-paper) p-3">
            <ComboboxField
              label={key === 'a' ? 'This' : 'with this'}
              choices={choices}
              value={variant.id}
              onChange={(chosen) =>
                setParams(
                  (old) => {
                    const next = new URLSearchParams(old);
                    next.set(key, chosen);
                    return next;
                  },
                  { replace: true },
                )
              }
            />
            <div className="flex">
              {variant.frames.map((_, i) => (
                <Figure
                  key={i}
                  variant={variant.id}
                  frame={i}
                  width={320}
                  height={260}
                  className="min-w-0 flex-1"
                />
              ))}
            </div>
            <h2 className={`text-xl ${tone}`}>
              {pose.name}, {variant.name}
            </h2>
            <p className="text-soft">
              {variant.level};{' '}
              {variant.props.length ? variant.props.map(({ kind }) => kind).join(', ') : 'no props'}; about{' '}
              {variant.declared.met} METs
            </p>
          </section>
        ))}
      </div>
      <MeasureBars
        measures={catalogue().measures(a.variant.id, 165)}
        other={catalogue().measures(b.variant.id, 165)}
        names={[`${a.pose.name}, ${a.variant.name}`, `${b.pose.name}, ${b.variant.name}`]}
      />
    </Page>
  );
}
