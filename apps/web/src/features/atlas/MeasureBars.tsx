import { USUAL_RANGE, type MeasureName, type Measures } from '@lotus-steady/core';
import { marksFor } from '../../domain/figure/marksFor.js';
import { BARS } from '../../domain/words/poseWords.js';

const say = (value: number, unit: string): string =>
  unit.startsWith(' %') ? `${Math.round(value * 100)}${unit}` : `${Math.round(value)}${unit}`;
/** The first body's bars, and those of the one beside it. */
const BAR_TINTS = ['bg-teal', 'bg-indigo'];

/** Below this nothing is asked of the joint. */
const least = (unit: string): number => {
  if (unit === '°') return 4;
  if (unit === ' cm') return 1;
  return 0.02;
};

/**
 * What a variant asks for, as bars: filled to the value, with the usual range as the end. A second set is
 * drawn beside the first.
 *
 * @param onMark has one of them marked on the figure; pressed again, none
 */
export function MeasureBars({
  measures,
  other,
  names = ['', ''],
  marked,
  onMark,
}: {
  measures: Measures;
  other?: Measures;
  names?: readonly [string, string];
  marked?: MeasureName;
  onMark?: (measure: MeasureName | undefined) => void;
}) {
  const shown = BARS.filter(({ measure, unit }) =>
    [measures, other].some((set) => set && set[measure] > least(unit)),
  );
  // The figure is a supple body; what a usual one pays for straight legs is said.
  const stretched = [measures, other].some(
    (set) =>
      set &&
      Math.max(set.hipFlexionWithKneeStraightRight, set.hipFlexionWithKneeStraightLeft) >
        USUAL_RANGE.hipFlexionWithKneeStraight + 5,
  );
  if (!shown.length) return <p className="text-soft">Nothing is bent, turned or loaded to speak of.</p>;
  return (
    <>
      <table className="w-full border-collapse text-sm">
        <thead className="sr-only">
          <tr>
            <th>What is asked</th>
            <th>{names[0] || 'value'}</th>
            {other && <th>{names[1]}</th>}
          </tr>
        </thead>
        <tbody>
          {shown.map(({ measure, words, unit, most, use }) => (
            <tr key={measure}>
              <th scope="row" className="py-1 pr-3 sm:w-44 text-left font-normal">
                {onMark && marksFor(measure, 1).length > 0 ? (
                  <button
                    type="button"
                    aria-pressed={measure === marked}
                    title="Show on the figure"
                    onClick={() => onMark(measure === marked ? undefined : measure)}
                    className={`min-h-7 rounded text-left underline decoration-dotted underline-offset-4 ${
                      measure === marked ? 'font-bold text-clay' : ''
                    }`}
                  >
                    {words}
                  </button>
                ) : (
                  words
                )}
              </th>
              {[measures, ...(other ? [other] : [])].map((set, i) => {
                const value = Math.max(0, set[measure]);
                const share = Math.min(1.15, value / most);
                const end = use && value / most > 0.8;
                return (
                  <td key={i} className="py-1 pr-2 sm:pr-4">
                    <div className="flex flex-wrap items-center gap-x-2 sm:flex-nowrap">
                      <div
                        className="relative h-2.5 min-w-16 flex-1 rounded-full bg-sunk outline outline-line"
                        aria-hidden
                      >
                        <div
                          className={`h-full rounded-full ${end ? 'bg-clay' : BAR_TINTS[i]}`}
                          style={{ width: `${Math.min(100, (share / 1.15) * 100)}%` }}
                        />
                        {use && (
                          <div
                            className="absolute -top-1 h-4.5 w-0.5 bg-ink"
                            style={{ left: `${100 / 1.15}%` }}
                          />
                        )}
                      </div>
                      <span
                        className={`tabular-nums sm:w-30 sm:shrink-0 ${end ? 'font-bold text-clay' : ''}`}
                      >
                        {say(value, unit)}
                        {use && <span className="font-normal text-soft"> of {most}</span>}
                        {end && <span className="sr-only"> near the end of the usual range</span>}
                      </span>
                    </div>
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      {stretched && (
        <p className="mt-1 text-sm text-soft">
          How far the low back rounds is that of somebody whose hips fold{' '}
          {USUAL_RANGE.hipFlexionWithKneeStraight}° over straight legs; the figure folds further. Bent knees
          spare the back.
        </p>
      )}
    </>
  );
}
