import { Link } from 'react-router';
import type { ClassLine } from '../../data/types.js';
import { sayWhen } from '../../domain/words/say.js';

/** Classes that have been and say nothing of how it was. */
export const ToRecord = ({ classes }: { classes: readonly ClassLine[] }) =>
  classes.length ? (
    <section aria-labelledby="to-record">
      <h2 id="to-record" className="mb-2 text-xl">
        How was it?
      </h2>
      <ul className="divide-y divide-line rounded-2xl border border-clay bg-paper">
        {classes.map((one) => (
          <li key={one.id} className="px-4 py-2">
            <Link to={`/classes/${one.id}/after`} className="font-semibold text-teal underline">
              {one.title}
            </Link>
            <span className="block text-soft">{sayWhen(one)}</span>
          </li>
        ))}
      </ul>
    </section>
  ) : null;
