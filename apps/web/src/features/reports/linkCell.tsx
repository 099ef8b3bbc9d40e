import { Link } from 'react-router';
import type { Cell } from '../../ui/Table.js';

/** A name that leads to whose or what it is; in a file the name alone. */
export const linkCell = (to: string, text: string): Cell => ({
  text,
  shown: (
    <Link to={to} className="font-semibold text-teal underline">
      {text}
    </Link>
  ),
});
