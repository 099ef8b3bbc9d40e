import { NavLink } from 'react-router';

const SHELVES = [
  ['/sequences', 'Yours'],
  ['/sequences/ready', 'Ready to teach'],
  ['/sequences/courses', 'Courses'],
] as const;

/** The shelves of the library. */
export const LibraryNav = () => (
  <nav aria-label="Shelves" className="no-print mb-5 flex flex-wrap gap-x-5 border-b border-line">
    {SHELVES.map(([to, name]) => (
      <NavLink
        key={to}
        to={to}
        end
        className={({ isActive }) =>
          '-mb-px min-h-11 content-center border-b-3 px-1 ' +
          (isActive ? 'border-teal font-semibold' : 'border-transparent text-soft hover:text-teal')
        }
      >
        {name}
      </NavLink>
    ))}
  </nav>
);
