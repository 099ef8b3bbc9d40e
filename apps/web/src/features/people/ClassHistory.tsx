import { sayPlace } from '@lotus-steady/core';
import { Link } from 'react-router';
import { useHistory } from '../../data/people/useHistory.js';
import type { PersonRecord } from '../../data/types.js';
import { sayDate } from '../../domain/words/say.js';
import { MoreButton } from '../../ui/MoreButton.js';
import { Empty, Reading } from '../../ui/states.js';

const HEADS = [
  'Class',
  'Attended',
  'Pain before',
  'Pain after',
  'How hard',
  'Pressure',
  'Eased or stopped',
  'Note',
];

/** How the classes were that somebody was down for, the last first. */
export function ClassHistory({ id }: { id: string }) {
  const reading = useHistory(id);
  const { data } = reading;
  return (
    <section>
      <h2 className="mb-3 text-xl">Class history</h2>
      <Reading what="Looking back" of={reading} />
      {data?.since && data.classes > data.records.length && (
        <p className="mb-3">
          Came to {data.came} of {data.classes} classes since {sayDate(data.since)}.
        </p>
      )}
      {data && !data.records.length && (
        <Empty>
          No class recorded yet. After a class, open <em>After class</em> and write it down.
        </Empty>
      )}
      {data && data.records.length > 0 && (
        <div className="overflow-x-auto rounded-2xl border border-line bg-paper">
          <table className="w-full text-left">
            <thead>
              <tr className="border-b border-line text-soft">
                {HEADS.map((head) => (
                  <th key={head} scope="col" className="px-4 py-2 font-semibold">
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {data.records.map((record) => (
                <Row key={record.classId} record={record} />
              ))}
            </tbody>
          </table>
        </div>
      )}
      <MoreButton what="classes" of={reading} />
    </section>
  );
}

function Row({ record }: { record: PersonRecord }) {
  const eased = [...record.changes]
    .sort((a, b) => a.step - b.step)
    .map(({ step, what, where, word }) =>
      [`step ${step} ${what}`, where ? `${sayPlace(where)} hurt` : '', word].filter(Boolean).join(': '),
    );
  return (
    <tr className="border-b border-line last:border-0 align-top">
      <th scope="row" className="px-4 py-2">
        <Link className="font-semibold text-teal underline" to={`/classes/${record.classId}/fitting`}>
          {record.title}
        </Link>
        <span className="block font-normal text-soft">{sayDate(record.on)}</span>
      </th>
      <td className="px-4 py-2">{record.came ? 'yes' : 'no'}</td>
      <td className="px-4 py-2 tabular-nums">{record.painBefore ?? '–'}</td>
      <td className="px-4 py-2 tabular-nums">{record.painAfter ?? '–'}</td>
      <td className="px-4 py-2 tabular-nums">{record.effort ?? '–'}</td>
      <td className="px-4 py-2 tabular-nums">{record.pressureAfter ?? '–'}</td>
      <td className="px-4 py-2">{eased.join(', ') || '–'}</td>
      <td className="px-4 py-2">{record.word || '–'}</td>
    </tr>
  );
}
