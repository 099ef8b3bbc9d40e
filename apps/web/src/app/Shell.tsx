import { CircleUserRound, Ellipsis } from 'lucide-react';
import { Suspense, useEffect, useRef } from 'react';
import { Link, NavLink, Outlet, useLocation, useNavigation } from 'react-router';
import { useHall } from '../data/hall/useHall.js';
import { NotSent } from '../domain/outbox/NotSent.js';
import { KeysHelp } from '../ui/KeysHelp.js';
import { Loading } from '../ui/states.js';
import { useSession } from '../data/session/useSession.js';
import { doorsFor, ON_THE_BAR, type Door } from './doors.js';

const bar =
  'flex min-h-14 min-w-0 flex-1 flex-col items-center justify-center gap-0.5 px-1 text-sm leading-tight';

/** The frame of every screen: the mark and where one can go stay in the same place. */
export function Shell() {
  const hall = useHall();
  const session = useSession();
  const { state } = useNavigation();
  useFocusOnTitle();
  return (
    <div className="flex min-h-screen flex-col max-md:pb-15 print:pb-0">
      <a
        href="#main"
        className="no-print sr-only focus:not-sr-only focus:absolute focus:z-50 focus:m-2 focus:bg-paper focus:p-3"
      >
        Skip to the content
      </a>
      <header className="no-print border-b border-line bg-paper">
        <div className="flex min-h-14 items-center gap-6 px-5">
          <Link to="/" className="flex items-center gap-2.5 font-display text-xl font-semibold">
            <img src="/mark.svg" alt="" width={30} height={30} />
            <span className="md:max-lg:sr-only">Lotus Steady</span>
          </Link>
          <nav aria-label="Main" className="ml-auto flex max-lg:gap-0 lg:gap-1 max-md:hidden">
            {doorsFor(session.hall.role).map(({ to, name }) => (
              <NavLink
                key={to}
                to={to}
                className={({ isActive }) =>
                  `min-h-14 content-center border-b-3 px-3 max-lg:px-2 ` +
                  `${isActive ? 'border-teal font-bold' : 'border-transparent text-soft hover:text-ink'}`
                }
              >
                {name}
              </NavLink>
            ))}
          </nav>
          <NavLink
            to="/you"
            aria-label={`You: ${session.account.name}`}
            className={({ isActive }) =>
              `flex min-h-11 shrink-0 items-center gap-2 rounded-full border px-3 max-md:ml-auto ` +
              `${isActive ? 'border-teal bg-teal-wash' : 'border-line hover:bg-teal-wash'}`
            }
          >
            <CircleUserRound aria-hidden size={20} className="text-teal" />
            <span className="max-xl:sr-only">{session.account.name.split(' ')[0]}</span>
          </NavLink>
        </div>
        <div aria-live="polite" className="h-0.5">
          {state === 'loading' && (
            <span className="block h-full animate-pulse bg-teal">
              <span className="sr-only">Loading …</span>
            </span>
          )}
        </div>
      </header>
      <NotSent className="no-print border-b border-line bg-sunk px-5 py-2" />
      <Suspense fallback={<Loading />}>
        <Outlet />
      </Suspense>
      <footer className="border-t border-line px-5 py-3 text-sm text-soft">
        {hall.name}
        {session.hall.isDemo && ' (a demo: everybody in it is made up)'}. For a trained teacher: each person’s
        own doctor, midwife or physiotherapist and local rules come first. The teacher decides.
      </footer>
      <PhoneBar doors={doorsFor(session.hall.role)} />
      <KeysHelp />
    </div>
  );
}

/** What opens over the bar on a phone. */
const MORE = 'more-places';

/** On a phone, where one can go is at the thumb. */
const PhoneBar = ({ doors }: { doors: readonly Door[] }) => (
  <nav
    aria-label="Main"
    className="no-print fixed inset-x-0 bottom-0 z-30 flex border-t border-line bg-paper md:hidden"
  >
    {doors.slice(0, ON_THE_BAR).map(({ to, name, Icon }) => (
      <NavLink
        key={to}
        to={to}
        className={({ isActive }) => `${bar} ${isActive ? 'font-bold text-teal' : 'text-soft'}`}
      >
        <Icon aria-hidden size={22} />
        {name}
      </NavLink>
    ))}
    <button type="button" popoverTarget={MORE} className={`${bar} text-soft`}>
      <Ellipsis aria-hidden size={22} />
      More
    </button>
    <ul
      id={MORE}
      popover="auto"
      className={
        'fixed inset-auto right-1 bottom-16 m-0 min-w-48 rounded-xl border border-line bg-paper p-1 ' +
        'text-ink shadow-xl'
      }
    >
      {doors.slice(ON_THE_BAR).map(({ to, name, Icon }) => (
        <li key={to}>
          <NavLink
            to={to}
            onClick={(event) => event.currentTarget.closest<HTMLElement>('[popover]')?.hidePopover()}
            className={({ isActive }) =>
              `flex min-h-12 items-center gap-3 rounded-lg px-3 hover:bg-teal-wash ${isActive ? 'font-bold' : ''}`
            }
          >
            <Icon aria-hidden size={20} />
            {name}
          </NavLink>
        </li>
      ))}
    </ul>
  </nav>
);

/** After going to another screen the focus is on its title: whoever listens hears where she is. */
function useFocusOnTitle(): void {
  const { pathname } = useLocation();
  const before = useRef(pathname);
  useEffect(() => {
    if (before.current === pathname) return;
    before.current = pathname;
    document.querySelector<HTMLElement>('h1')?.focus({ preventScroll: true });
  }, [pathname]);
}
