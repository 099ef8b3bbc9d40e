import type { Due } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { Link } from 'react-router';
import { sayDate } from '../words/say.js';

const KINDS = { change: '', clearance: 'The clearance ends: ', limit: 'The personal limit ends: ' } as const;

/** What a clearance is for, or a limit is, in words. */
const worded = (says: string): string =>
  says.replace(/^[\w-]+/, (id) => {
    const known = RULEBOOK.conditions.find((one) => one.id === id)?.name;
    return known ?? RULEBOOK.limitKinds[id]?.says ?? id;
  });

/** What runs out or changes for some people, whoever that is first in the list. */
export const DueList = ({ of }: { of: readonly { id: string; name: string; due: readonly Due[] }[] }) => (
  <ul className="space-y-3">
    {of.map(({ id, name, due }) => (
      <li key={id}>
        <Link to={`/people/${id}`} className="font-semibold text-teal underline">
          {name}
        </Link>
        <ul className="list-disc pl-5">
          {due.map((one) => (
            <li key={one.kind + one.on + one.says}>
              From {sayDate(one.on)}: {KINDS[one.kind]}
              {one.kind === 'change' ? one.says : worded(one.says)}
            </li>
          ))}
        </ul>
      </li>
    ))}
  </ul>
);
