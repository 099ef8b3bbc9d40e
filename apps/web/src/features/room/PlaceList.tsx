import type { Fitting } from '@lotus-steady/core';
import { sayProps } from '../../domain/words/say.js';

const STATIONS = { wall: 'By the wall', chair: 'Chair row', mat: 'Mats' } as const;

/** Each station with its places in order, and what lies beside each. */
export function PlaceList({ fitting: { places } }: { fitting: Fitting }) {
  return (
    <div className="space-y-6">
      {(['wall', 'chair', 'mat'] as const).map((station) => {
        const here = places.filter((one) => one.station === station);
        if (!here.length) return null;
        return (
          <section key={station}>
            <h2 className="text-xl">
              {STATIONS[station]}{' '}
              <span className="font-sans text-base font-normal text-soft">
                {here.length} {here.length === 1 ? 'place' : 'places'}
              </span>
            </h2>
            <ol className="mt-2 grid gap-2 sm:grid-cols-2 xl:grid-cols-3">
              {here.map(({ person, place, props }) => (
                <li
                  key={person}
                  className="flex gap-3 rounded-xl border border-line bg-paper p-3 break-inside-avoid"
                >
                  <span className="font-display text-2xl text-teal tabular-nums">{place}</span>
                  <div className="min-w-0">
                    <b>{person}</b>
                    {props.length ? (
                      <ul>
                        {props.map(({ prop, count, steps }) => (
                          <li key={prop}>
                            {sayProps([{ prop, count }])}{' '}
                            <span className="text-soft">step {steps.join(', ')}</span>
                          </li>
                        ))}
                      </ul>
                    ) : (
                      <p className="text-soft">a mat is enough</p>
                    )}
                  </div>
                </li>
              ))}
            </ol>
          </section>
        );
      })}
    </div>
  );
}
