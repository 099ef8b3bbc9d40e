import type { PoseInReport } from '@lotus-steady/core';
import { poseName } from '../../data/catalogue.js';
import { linkCell } from './linkCell.js';
import type { Cell } from '../../ui/Table.js';
import { ReportTable } from './ReportTable.js';

const HEADS = [
  'Pose',
  'Times',
  'As written',
  'Eased',
  'Swapped',
  'Rest',
  'Smaller in class',
  'Stopped',
  'Changed for',
  'Instead, most often',
];

const isChanged = ({ given, times, smaller, stopped }: PoseInReport): boolean =>
  given['as-written'] < times || smaller + stopped > 0;

/** Which poses had to be changed most, and which it would be better not to plan for these people. */
export function PosesChanged({ poses }: { poses: readonly PoseInReport[] }) {
  const changed = poses.filter(isChanged);
  const rather = poses.filter(({ advice }) => advice);
  const asWritten = poses.length - changed.length;
  return (
    <>
      {rather.length > 0 && (
        <section aria-labelledby="rather" className="mb-6 rounded-2xl border border-clay bg-clay-wash p-5">
          <h2 id="rather" className="text-xl">
            Better not planned as they are
          </h2>
          <ul className="list-disc pl-6">
            {rather.map((one) => (
              <li key={one.pose}>{sayAdvice(one)}</li>
            ))}
          </ul>
          <p className="mt-2 text-soft">
            Counted over at least eight times; common practice, no published source. The teacher decides.
          </p>
        </section>
      )}
      <ReportTable
        title="Poses that were changed most"
        about={
          'Times: once for each who came and each step that asked it. ' +
          (asWritten
            ? `${asWritten} more ${asWritten === 1 ? 'was' : 'were'} done as written by everybody.`
            : '')
        }
        heads={HEADS}
        rows={changed.map((one): Cell[] => [
          linkCell(`/atlas/${one.pose}`, poseName(one.pose)),
          one.times,
          ...[one.given['as-written'], one.given.eased, one.given.swapped, one.given.rest],
          ...[one.smaller, one.stopped],
          `${one.people} ${one.people === 1 ? 'person' : 'people'}`,
          one.instead ? `${poseName(one.instead.pose)} (${one.instead.times})` : '',
        ])}
        none="Everything was done as it was written, by everybody."
        file="poses-changed"
      />
    </>
  );
}

function sayAdvice({ pose, advice, times, given, stopped, stoppedBy, instead }: PoseInReport): string {
  const name = poseName(pose);
  if (advice === 'stopped')
    return (
      `${name}: stopped ${stopped} of ${times} times, by ${stoppedBy} people. ` +
      'Ask what it was, and plan an easier way of it.'
    );
  const others = given.swapped + given.rest;
  const most = instead ? `, most often ${poseName(instead.pose).toLowerCase()} (${instead.times})` : '';
  return (
    `${name}: ${others} of ${times} times it was something else${most}. ` +
    'Plan that for everybody, or another pose of the same purpose.'
  );
}
