import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { useStudio } from '../api/queries.js';

const DOORS = [
  ['/classes', 'Classes'],
  ['/people', 'People'],
  ['/atlas', 'Atlas'],
  ['/rulebook', 'Rulebook'],
  ['/house-view', 'Where teachers differ'],
  ['/studio', 'Studio'],
  ['/about', 'About'],
] as const;

interface Props {
  title: string;
  /** One line under or beside the title. */
  about?: ReactNode;
  actions?: ReactNode;
  /** Wide screens use the whole width; reading screens a comfortable measure. */
  wide?: boolean;
  children: ReactNode;
}

/** The frame of every screen: where one is, what one can do, where one can go. */
export function Page({ title, about, actions, wide, children }: Props) {
  const studio = useStudio();
  return (
    <div className="flex min-h-screen flex-col">
      <title>{`${title} · Lotus Steady`}</title>
      <a
        href="#main"
        className="no-print sr-only focus:not-sr-only focus:absolute focus:z-50 focus:m-2 focus:bg-paper focus:p-3"
      >
        Skip to the content
      </a>
      <header className="border-b border-line bg-ground print:border-0">
        <div
          className={`mx-auto flex flex-wrap items-center gap-x-6 gap-y-2 px-5 py-3 ${wide ? '' : 'max-w-6xl'}`}
        >
          <div className="min-w-0">
            <h1 className="text-2xl md:text-3xl">{title}</h1>
            {about && <p className="text-soft">{about}</p>}
          </div>
          <nav aria-label="Main" className="no-print ml-auto flex gap-1">
            {DOORS.map(([to, name]) => (
              <NavLink
                key={to}
                to={to}
                className={({ isActive }) =>
                  `min-h-11 content-center border-b-3 px-3 ` +
                  `${isActive ? 'border-teal font-bold' : 'border-transparent text-soft hover:text-ink'}`
                }
              >
                {name}
              </NavLink>
            ))}
          </nav>
        </div>
        {actions && (
          <div
            className={`no-print mx-auto flex flex-wrap items-center gap-2 px-5 pb-3 ${wide ? '' : 'max-w-6xl'}`}
          >
            {actions}
          </div>
        )}
      </header>
      <main id="main" className={`mx-auto w-full flex-1 ${wide ? '' : 'max-w-6xl px-5 py-6'}`}>
        {children}
      </main>
      <footer className="border-t border-line px-5 py-3 text-sm text-soft">
        {studio.name}. For a trained teacher: each person’s own doctor, midwife or physiotherapist and local
        rules come first. The teacher decides.
      </footer>
    </div>
  );
}
