import type { Fitting } from '@lotus-steady/core';
import { Printer } from 'lucide-react';
import { Link } from 'react-router';
import { useClass } from '../../data/classes/useClass.js';
import { usePlaces } from '../../data/places/usePlaces.js';
import type { Place } from '../../data/types.js';
import { useHall } from '../../data/hall/useHall.js';
import { Button } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { sayPeople, sayWhen, sayProps } from '../../domain/words/say.js';
import { Reading } from '../../ui/states.js';
import { StockTable } from '../../domain/stock/StockTable.js';

const STATIONS = { wall: 'By the wall', chair: 'Chair row', mat: 'Mats' } as const;

/** What must be in the room, where everyone is, and what the hall owns. */
export function RoomScreen({ id }: { id: string }) {
  const reading = useClass(id);
  const { data } = reading;
  const hall = useHall();
  const { data: places = [] } = usePlaces();
  if (!data)
    return (
      <Page title="Room">
        <Reading what="Loading the room" of={reading} />
      </Page>
    );
  const { fitting } = data;
  // The database does not tell large letters from small ones in a name.
  const there = places.find(
    ({ name, stock }) => name.toLowerCase() === data.place?.toLowerCase() && Object.keys(stock).length > 0,
  );
  return (
    <Page
      up={[
        { to: '/classes', name: 'Classes' },
        { to: `/classes/${id}/fitting`, name: data.title },
      ]}
      title="Room"
      about={`${sayWhen(data)} · ${sayPeople(data.people.length)}`}
      actions={
        <>
          <Button onClick={() => window.print()}>
            <Printer aria-hidden size={20} />
            Print
          </Button>
        </>
      }
    >
      <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_22rem] print:grid-cols-1">
        <section aria-label="Places">
          <Places fitting={fitting} />
        </section>
        <section>
          <h2 className="text-xl">Props</h2>
          {there ? (
            <PropsThere needed={fitting.room} {...there} />
          ) : (
            <>
              <p className="mb-3 text-soft">
                Needed at once, at the step that needs most, beside what the hall owns. Classes are fitted
                within it.
              </p>
              <StockTable needed={fitting.room} stock={hall.stock} />
            </>
          )}
        </section>
      </div>
    </Page>
  );
}

/** What is needed beside what is where the class is: counted under Hall, with the other places. */
function PropsThere({ needed, name, stock }: Pick<Place, 'name' | 'stock'> & { needed: Fitting['room'] }) {
  return (
    <>
      <p className="mb-3 text-soft">
        Needed at once, at the step that needs most, beside what is at {name}: the class is fitted within it.
        It is counted under{' '}
        <Link to="/hall" className="text-teal underline">
          Hall, Places
        </Link>
        .
      </p>
      <table className="w-full text-left">
        <thead>
          <tr className="text-soft">
            {['Prop', 'Needed', 'There'].map((head) => (
              <th key={head} scope="col" className="py-1 font-normal">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {needed.map(({ prop, count }) => {
            const short = count - (stock[prop] ?? 0);
            return (
              <tr key={prop} className="border-t border-line">
                <th scope="row" className="py-2 font-semibold first-letter:uppercase">
                  {prop}s
                </th>
                <td className="tabular-nums">
                  {count}
                  {short > 0 && <span className="block font-semibold text-clay">{short} short</span>}
                </td>
                <td className="tabular-nums">{stock[prop] ?? 0}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}

/** Each station with its places in order, and what lies beside each. */
function Places({ fitting: { places } }: { fitting: Fitting }) {
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
