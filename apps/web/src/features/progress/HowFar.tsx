import type { Progress } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo, useState } from 'react';
import { Chart } from '../../domain/charts/Chart.js';
import { SelectField } from '../../ui/Field.js';
import { overTimeChart, type Marked } from '../../domain/charts/overTime.js';

/** A kind of limit without its "to": what it is about. */
const nameOf = (says: string): string => says.replace(/ to$/, '');

/** A line through fewer classes tells nothing. */
const LEAST = 3;

/** How far one movement went at most, class by class, and how long the longest hold was. */
export function HowFar({
  far,
  held,
  marked,
}: Pick<Progress, 'far' | 'held'> & { marked: readonly Marked[] }) {
  const kinds = Object.entries(RULEBOOK.limitKinds).filter(
    ([id, { unit }]) => unit === 'degrees' && (far[id]?.length ?? 0) >= LEAST,
  );
  const [chosen, choose] = useState(kinds[0]?.[0] ?? '');
  const points = far[chosen];
  const option = useMemo(() => overTimeChart(points ?? [], marked), [points, marked]);
  const holds = useMemo(() => overTimeChart(held, marked), [held, marked]);
  return (
    <>
      {points && (
        <>
          <SelectField
            label="How far"
            className="no-print mb-2 max-w-md"
            value={chosen}
            onChange={({ target }) => choose(target.value)}
          >
            {kinds.map(([id, { says }]) => (
              <option key={id} value={id}>
                {nameOf(says)}
              </option>
            ))}
          </SelectField>
          <Chart
            title={`How far: ${nameOf(RULEBOOK.limitKinds[chosen]!.says)}`}
            says="The furthest of each class, degrees, as it was planned for this person: of two sides the further."
            option={option}
            heads={['Date', 'Degrees']}
            rows={points.map(({ on, value }) => [on, `${value}`])}
            file="how-far"
          />
        </>
      )}
      {held.length >= LEAST && (
        <Chart
          title="The longest hold"
          says="Of each class, seconds on one side; rests are not counted."
          option={holds}
          heads={['Date', 'Seconds']}
          rows={held.map(({ on, value }) => [on, `${value}`])}
          file="longest-hold"
        />
      )}
    </>
  );
}
