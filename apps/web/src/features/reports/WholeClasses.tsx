import type { ClassInReport, Verdict } from '@lotus-steady/core';
import { useMemo, useState } from 'react';
import { Chart } from '../../domain/charts/Chart.js';
import type { Marked } from '../../domain/charts/overTime.js';
import { VerdictMark } from '../../domain/marks/VerdictMark.js';
import { sayDate } from '../../domain/words/say.js';
import { SelectField } from '../../ui/Field.js';
import { cameChart, givenChart, meanEffortChart, meanPainChart, shareOf, stepsOf } from './wholeCharts.js';

/** A line through fewer classes tells nothing. */
const LEAST = 2;
const VERDICTS: readonly Verdict[] = ['as-written', 'eased', 'swapped', 'rest'];

/** Names of classes, those that there were most of first. */
function titlesOf(classes: readonly ClassInReport[]): string[] {
  const counts = new Map<string, number>();
  for (const { title } of classes) counts.set(title, (counts.get(title) ?? 0) + 1);
  return [...counts].sort(([a, x], [b, y]) => y - x || a.localeCompare(b)).map(([title]) => title);
}

/** The classes of one name as wholes, over time, and when their sequence was another one. */
export function WholeClasses({ classes }: { classes: readonly ClassInReport[] }) {
  const titles = useMemo(() => titlesOf(classes), [classes]);
  const [chosen, choose] = useState('');
  const title = titles.includes(chosen) ? chosen : titles[0]!;
  const own = useMemo(() => classes.filter((one) => one.title === title), [classes, title]);
  const marked = useMemo(
    (): Marked[] =>
      own.filter(({ isOtherPlan }) => isOtherPlan).map(({ on }) => ({ on, says: 'another sequence' })),
    [own],
  );
  const options = useMemo(
    () => ({
      came: cameChart(own, marked),
      given: givenChart(own, marked),
      pain: meanPainChart(own, marked),
      effort: meanEffortChart(own, marked),
    }),
    [own, marked],
  );
  const pain = own.filter((one) => one.pain);
  const effort = own.filter((one) => one.effort !== undefined);
  return (
    <section aria-labelledby="wholes" className="mb-10">
      <h2 id="wholes" className="text-2xl">
        The class as a whole
      </h2>
      <SelectField
        label="Which class"
        labelLook="small"
        className="my-2 max-w-xs"
        value={title}
        onChange={({ target }) => choose(target.value)}
      >
        {titles.map((one) => (
          <option key={one}>{one}</option>
        ))}
      </SelectField>
      <Chart
        title="Who came"
        says={sayCame(own)}
        option={options.came}
        heads={['Date', 'Came', 'Down for']}
        rows={own.map(({ on, came, of }) => [on, `${came}`, `${of}`])}
        file="who-came"
      />
      {own.some(stepsOf) && (
        <>
          <Chart
            title="What it was for those who came"
            says="Of all their steps in percent, from below: as written, eased, swapped, rest."
            option={options.given}
            heads={['Date', 'As written', 'Eased', 'Swapped', 'Rest', 'Changed in class']}
            rows={own.map((one) => [
              one.on,
              ...VERDICTS.map((verdict) => `${shareOf(one, verdict)} %`),
              `${one.changed}`,
            ])}
            file="what-it-was"
          />
          <p className="-mt-8 mb-8 flex flex-wrap gap-4">
            {VERDICTS.map((verdict) => (
              <VerdictMark key={verdict} verdict={verdict} />
            ))}
          </p>
        </>
      )}
      {pain.length >= LEAST && (
        <Chart
          title="Pain before and after, on the mean"
          says={
            'Dashed before, full after, 0 to 10, of those who said both. ' +
            'A mean hides whom it was more for: that stands below, and on each person’s own page.'
          }
          option={options.pain}
          heads={['Date', 'Before', 'After', 'Said both']}
          rows={pain.map(({ on, pain: of }) => [on, `${of!.before}`, `${of!.after}`, `${of!.said}`])}
          file="mean-pain"
        />
      )}
      {effort.length >= LEAST && (
        <Chart
          title="How hard it was, on the mean"
          says="0 to 10, as it was said after class: 3 is moderate, 5 hard (Borg CR10)."
          option={options.effort}
          heads={['Date', 'How hard']}
          rows={effort.map(({ on, effort: of }) => [on, `${of}`])}
          file="mean-effort"
        />
      )}
      {marked.length > 0 && (
        <>
          <h3 className="text-lg">What changed when</h3>
          <ol className="list-decimal pl-6">
            {marked.map(({ on, says }) => (
              <li key={on}>
                <b>{sayDate(on)}</b>: {says}
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  );
}

function sayCame(classes: readonly ClassInReport[]): string {
  const sum = (of: (one: ClassInReport) => number): number => classes.reduce((all, one) => all + of(one), 0);
  const came = sum((one) => one.came);
  const mean = (all: number): number => Math.round((10 * all) / classes.length) / 10;
  const of = mean(sum((one) => one.of));
  return `${mean(came)} of ${of} on the mean; dashed: down for it, and not there.`;
}
