import { sayPlace } from '@lotus-steady/core';
import { useState } from 'react';
import { Link } from 'react-router';
import type { PersonWhole } from '../../data/types.js';
import { sayDate } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { Empty } from '../../ui/states.js';

/** So many classes are shown until all are asked for. */
const SHOWN = 12;

/** How the classes were that somebody was down for, the last first. */
export function ClassHistory({ records }: { records: PersonWhole['records'] }) {
  const [all, setAll] = useState(false);
  const came = records.filter((record) => record.came).length;
  return (
    <section>
      <h2 className="mb-3 text-xl">Class history</h2>
      {records.length > SHOWN && (
        <p className="mb-3">
          Came to {came} of {records.length} classes since {sayDate(records.at(-1)!.on)}.
        </p>
      )}
      {!records.length && (
        <Empty>
          No class recorded yet. After a class, open <em>After class</em> and write it down.
        </Empty>
      )}
      {records.length > 0 && (
        <div className="overflow-x-auto rounded-2xl border border-line bg-paper">
          <table className="w-full text-left">
            <thead>
              <tr className="border-b border-line text-soft">
                {[
                  'Class',
                  'Attended',
                  'Pain before',
                  'Pain after',
                  'How hard',
                  'Pressure',
                  'Eased or stopped',
                  'Note',
                ].map((head) => (
                  <th key={head} scope="col" className="px-4 py-2 font-semibold">
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {(all ? records : records.slice(0, SHOWN)).map((record) => (
                <tr key={record.classId} className="border-b border-line last:border-0 align-top">
                  <th scope="row" className="px-4 py-2">
                    <Link
                      className="font-semibold text-teal underline"
                      to={`/classes/${record.classId}/fitting`}
                    >
                      {record.title}
                    </Link>
                    <span className="block font-normal text-soft">{sayDate(record.on)}</span>
                  </th>
                  <td className="px-4 py-2">{record.came ? 'yes' : 'no'}</td>
                  <td className="px-4 py-2 tabular-nums">{record.painBefore ?? '–'}</td>
                  <td className="px-4 py-2 tabular-nums">{record.painAfter ?? '–'}</td>
                  <td className="px-4 py-2 tabular-nums">{record.effort ?? '–'}</td>
                  <td className="px-4 py-2 tabular-nums">{record.pressureAfter ?? '–'}</td>
                  <td className="px-4 py-2">
                    {[...record.changes]
                      .sort((a, b) => a.step - b.step)
                      .map(({ step, what, where, word }) =>
                        [`step ${step} ${what}`, where ? `${sayPlace(where)} hurt` : '', word]
                          .filter(Boolean)
                          .join(': '),
                      )
                      .join(', ') || '–'}
                  </td>
                  <td className="px-4 py-2">{record.word || '–'}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {records.length > SHOWN && (
        <Button look="quiet" className="-ml-3 mt-1" aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? 'Show fewer' : `Show all ${records.length}`}
        </Button>
      )}
    </section>
  );
}
