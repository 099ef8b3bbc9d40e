import { type Fitting, type LaneStep, type RunAndTotal } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';
import { Chosen } from './Chosen.js';
import { Loosened } from './Loosened.js';
import { sayClock, sayOwnHold } from '../words/say.js';
import { sayWay } from '../words/sayWay.js';
import { VerdictMark } from '../marks/VerdictMark.js';

/** What adds up over the class: the longest run, and all. */
const SUMS = [
  ['supine', 'Flat on the back'],
  ['headDown', 'Head below the heart'],
  ['pelvisUp', 'Pelvis above the heart'],
  ['armsOverhead', 'Arms overhead'],
  ['standingStill', 'Standing still'],
  ['kneeling', 'On the knees'],
  ['sitting', 'Sitting'],
  ['floorVisits', 'Down to the floor'],
] as const;
/** How far the limits on it go: at once, and in all. */
function sayMost(limits: Fitting['lanes'][number]['limits'], key: string): string {
  const once = limits?.[`${key}Unbroken` as 'supineUnbroken'];
  const all = limits?.[`${key}Total` as 'supineTotal'];
  const parts = [
    once === undefined ? '' : `${sayClock(once)} at once`,
    all === undefined ? '' : `${sayClock(all)} in all`,
  ].filter(Boolean);
  return parts.length ? `at most ${parts.join(', ')}` : '';
}
const saySum = ({ longest, total }: RunAndTotal): string => {
  if (!total) return '–';
  if (longest === total) return sayClock(total);
  return `${sayClock(longest)} of ${sayClock(total)}`;
};

interface Props {
  fitting: Fitting;
  names: Map<string, string>;
  onOpen: (step: number, person: string, entry: LaneStep) => void;
}

/** Everyone's lane in full: steps down, people across, head and step column staying in sight. */
export const LaneGrid = ({ fitting, names, onOpen }: Props) => (
  <div
    className="relative max-h-[75vh] overflow-auto print:max-h-none"
    tabIndex={0}
    role="region"
    aria-label="Everyone, step by step"
  >
    <table className="border-separate border-spacing-0">
      <thead>
        <tr>
          <th className="sticky top-0 left-0 z-10 border-b border-line bg-ground p-2 text-left">Step</th>
          {fitting.lanes.map((lane) => (
            <th
              key={lane.personId}
              scope="col"
              className="sticky top-0 border-b border-line bg-ground p-2 text-left"
            >
              {names.get(lane.person)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {fitting.steps.map((step) => (
          <tr key={step.step} data-row>
            <th
              scope="row"
              className="sticky left-0 min-w-44 border-b border-line bg-ground p-2 text-left font-display"
            >
              {step.step}. {variantById(step.variant).pose.name}
            </th>
            {fitting.lanes.map((lane) => (
              <td key={lane.personId} className="min-w-40 border-b border-l border-line p-1 align-top">
                {lane.steps
                  .filter((entry) => entry.step === step.step)
                  .map((entry) => (
                    <button
                      key={entry.sides.join()}
                      type="button"
                      data-cell
                      onClick={() => onOpen(step.step, lane.personId, entry)}
                      className={
                        `w-full rounded-lg p-1 text-left hover:bg-teal-wash ` +
                        `${entry.override ? 'border-2 border-dashed border-clay' : ''}`
                      }
                    >
                      <VerdictMark verdict={entry.verdict} bare={entry.verdict === 'as-written'} />
                      <Loosened entries={[entry]} />
                      <Chosen entries={[entry]} />
                      {entry.verdict !== 'as-written' && (
                        <span className="block leading-tight">
                          <span className="first-letter:uppercase">{sayWay(entry)}</span>
                          {entry.sides.length === 1 ? ` (${entry.sides[0]})` : ''}, {sayOwnHold(entry)}
                        </span>
                      )}
                    </button>
                  ))}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <th
            scope="row"
            className="sticky left-0 bg-ground p-2 text-left font-display text-lg font-semibold"
          >
            What adds up
            <span className="block font-sans text-sm font-normal text-soft">minutes at once, of all</span>
          </th>
        </tr>
        {SUMS.map(([key, words]) => (
          <tr key={key}>
            <th
              scope="row"
              className="sticky left-0 border-b border-line bg-ground p-2 text-left font-semibold"
            >
              {words}
            </th>
            {fitting.lanes.map(({ personId, sums, limits }) => (
              <td key={personId} className="border-b border-l border-line p-2 text-soft tabular-nums">
                {key === 'floorVisits' ? sums.floorVisits || '–' : saySum(sums[key])}
                {sayMost(limits, key) && (
                  <span className="block text-sm text-indigo">{sayMost(limits, key)}</span>
                )}
              </td>
            ))}
          </tr>
        ))}
      </tfoot>
    </table>
  </div>
);
