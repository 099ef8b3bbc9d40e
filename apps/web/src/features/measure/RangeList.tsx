import { RANGES_TO_MEASURE, usualRange, type RangeToMeasure } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { keysOf } from './rangeKeys.js';

/** Every range, what was measured of it, and what is usual. */
export const RangeList = ({
  ranges,
  shown,
  age,
  onShow,
}: {
  ranges: Readonly<Record<string, string>>;
  shown: RangeToMeasure;
  age: number | undefined;
  onShow: (range: RangeToMeasure) => void;
}) => (
  <ul className="max-h-72 overflow-y-auto lg:max-h-[34rem] rounded-2xl border border-line bg-paper p-1">
    {RANGES_TO_MEASURE.map((one) => {
      const known = keysOf(one).flatMap((key) => (ranges[key]?.trim() ? [ranges[key]] : []));
      return (
        <li key={one.range}>
          <button
            type="button"
            aria-current={one.range === shown.range}
            onClick={() => onShow(one)}
            className={
              'flex min-h-10 w-full cursor-pointer items-center justify-between gap-3 rounded-xl ' +
              'px-3 py-1 text-left ' +
              (one.range === shown.range ? 'bg-teal-wash font-semibold text-teal' : 'hover:bg-sunk')
            }
          >
            <span className="first-letter:uppercase">{one.says}</span>
            <span className={`shrink-0 tabular-nums ${known.length ? 'font-semibold' : 'text-soft'}`}>
              {known.length
                ? `${known.join(' / ')}°`
                : `${usualRange(one.range, age, RULEBOOK.norms).middle}°`}
            </span>
          </button>
        </li>
      );
    })}
  </ul>
);
