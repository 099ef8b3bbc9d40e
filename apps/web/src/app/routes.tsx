import type { ComponentType, ReactNode } from 'react';
import {
  createBrowserRouter,
  redirect,
  useParams,
  type LoaderFunctionArgs,
  type RouteObject,
} from 'react-router';
import { cache } from '../data/cache.js';
import { classesQuery } from '../data/classes/classesQuery.js';
import { historyQuery } from '../data/people/historyQuery.js';
import { personQuery } from '../data/people/personQuery.js';
import { hallQuery } from '../data/hall/hallQuery.js';
import { seemsSignedIn } from '../data/session/changeToken.js';
import { sessionQuery } from '../data/session/sessionQuery.js';
import { ownVariantsQuery } from '../data/ownVariants/ownVariantsQuery.js';
import { showOwn } from '../data/loadCatalogue.js';
import { Loading } from '../ui/states.js';
import { Failed } from './Failed.js';
import { Lost } from './Lost.js';
import { Root } from './Root.js';
import { Shell } from './Shell.js';

/** Screens that belong to one thing are made anew when the thing changes. */
const keyed = (Screen: (props: { id: string }) => ReactNode): ComponentType =>
  function Keyed() {
    const { id = '' } = useParams();
    return <Screen key={id} id={id} />;
  };

/** Reads what a screen needs, if somebody is signed in: who is not is on her way to sign in. */
async function onceIn(read: () => unknown): Promise<null> {
  if (seemsSignedIn() || (await cache.ensureQueryData(sessionQuery)).hall) await read();
  return null;
}

/**
 * Screens that look poses up wait for the catalogue and the hall's own variants, which are read once.
 */
const readCatalogue = () => onceIn(() => cache.ensureQueryData(ownVariantsQuery));

/** Somebody is signed in, and the hall is read; otherwise she signs in first, and comes back. */
async function enterHall({ request }: LoaderFunctionArgs): Promise<null> {
  if (seemsSignedIn()) void cache.prefetchQuery(hallQuery);
  const { hall } = await cache.ensureQueryData(sessionQuery);
  const { pathname, search } = new URL(request.url);
  if (!hall) throw redirect(`/sign-in?then=${encodeURIComponent(pathname + search)}`);
  await cache.ensureQueryData(hallQuery);
  return null;
}

/** Screens that an assistant has no use for, and would be told nothing on: she goes to the classes. */
async function isForTeachers(): Promise<null> {
  const { hall } = await cache.ensureQueryData(sessionQuery);
  if (hall?.role === 'assistant') throw redirect('/classes');
  return null;
}

/** Asked for together with the hall and the screen's script, not after them; the screen says how it went. */
const startReadingClasses = () =>
  onceIn(() => {
    void cache.prefetchInfiniteQuery(classesQuery('coming'));
    void cache.prefetchInfiniteQuery(classesQuery('past'));
  });

/** What comes within so many milliseconds is waited for: the screen is then drawn once, and not bit by bit. */
const SOON_MS = 150;

/** Somebody's page, and how classes were for her. What takes longer than a moment the screen waits for itself. */
const readPerson = async ({ params: { id = '' } }: LoaderFunctionArgs): Promise<void> => {
  const read = [cache.prefetchQuery(personQuery(id)), cache.prefetchInfiniteQuery(historyQuery(id))];
  await Promise.race([Promise.all(read), new Promise((resolve) => setTimeout(resolve, SOON_MS))]);
};

const plain = (path: string, load: () => Promise<ComponentType>): RouteObject => ({
  path,
  errorElement: <Failed />,
  lazy: async () => ({ Component: await load() }),
});
/** A screen that shows poses. */
const posed = (path: string, load: () => Promise<ComponentType>): RouteObject => ({
  ...plain(path, load),
  loader: readCatalogue,
});

/** The same for those who plan and teach. @param read what the screen shows first */
const taught = (
  path: string,
  load: () => Promise<ComponentType>,
  read?: (to: LoaderFunctionArgs) => Promise<void>,
): RouteObject => ({
  ...plain(path, load),
  loader: async (to) => {
    await isForTeachers();
    return onceIn(() => Promise.all([readCatalogue(), read?.(to)]));
  },
});

const classPlan = () => import('../features/classes/ClassPlanScreen.js');

/** Every address, and its screen. Each is loaded when it is first gone to. */
export const router = createBrowserRouter([
  {
    element: <Root />,
    errorElement: <Failed />,
    hydrateFallbackElement: <Loading what="Opening" />,
    children: [
      plain('/sign-in', async () => (await import('../features/session/SignInScreen.js')).SignInScreen),
      plain('/join', async () => (await import('../features/session/LinkScreen.js')).LinkScreen),
      {
        ...plain('/screen', async () => (await import('../features/teach/ClassScreen.js')).ClassScreen),
        loader: () => showOwn([]).then(() => null),
      },
      plain('/mine', async () => (await import('../features/mine/MineScreen.js')).MineScreen),
      {
        loader: enterHall,
        shouldRevalidate: () => false,
        children: [
          {
            element: <Shell />,
            errorElement: <Failed />,
            children: [
              taught('/', async () => (await import('../features/today/TodayScreen.js')).TodayScreen),
              {
                ...plain(
                  '/classes',
                  async () => (await import('../features/classes/ClassesScreen.js')).ClassesScreen,
                ),
                loader: startReadingClasses,
              },
              taught(
                '/groups',
                async () => (await import('../features/groups/GroupsScreen.js')).GroupsScreen,
              ),
              taught(
                '/groups/new',
                async () => (await import('../features/groups/GroupForm.js')).NewGroupScreen,
              ),
              taught('/groups/:id', async () =>
                keyed((await import('../features/groups/GroupScreen.js')).GroupScreen),
              ),
              taught('/groups/:id/edit', async () =>
                keyed((await import('../features/groups/GroupForm.js')).EditGroupScreen),
              ),
              taught('/classes/new', async () => (await classPlan()).NewClassScreen),
              { path: '/classes/:id', loader: ({ params }) => redirect(`/classes/${params.id}/fitting`) },
              taught('/classes/:id/plan', async () => keyed((await classPlan()).ClassPlanScreen)),
              posed('/classes/:id/fitting', async () =>
                keyed((await import('../features/fitting/FittingScreen.js')).FittingScreen),
              ),
              posed('/classes/:id/room', async () =>
                keyed((await import('../features/room/RoomScreen.js')).RoomScreen),
              ),
              taught('/classes/:id/words', async () =>
                keyed((await import('../features/words/WordsScreen.js')).WordsScreen),
              ),
              plain('/classes/:id/sheets', async () =>
                keyed((await import('../features/sheets/SheetsScreen.js')).SheetsScreen),
              ),
              taught('/classes/:id/again', async () =>
                keyed((await import('../features/classes/AgainScreen.js')).AgainScreen),
              ),
              taught('/classes/:id/door', async () =>
                keyed((await import('../features/door/DoorScreen.js')).DoorScreen),
              ),
              taught('/classes/:id/after', async () =>
                keyed((await import('../features/teach/AfterClassScreen.js')).AfterClassScreen),
              ),
              taught(
                '/sequences',
                async () => (await import('../features/sequences/SequencesScreen.js')).SequencesScreen,
              ),
              taught(
                '/sequences/start',
                async () => (await import('../features/sequences/StartScreen.js')).StartScreen,
              ),
              taught(
                '/sequences/courses',
                async () => (await import('../features/sequences/course/CoursesScreen.js')).CoursesScreen,
              ),
              taught('/sequences/courses/:id', async () =>
                keyed((await import('../features/sequences/course/CourseScreen.js')).CourseScreen),
              ),
              taught(
                '/sequences/ready',
                async () => (await import('../features/sequences/ReadyScreen.js')).ReadyScreen,
              ),
              taught('/sequences/:id', async () =>
                keyed((await import('../features/sequences/DeskScreen.js')).DeskScreen),
              ),
              taught(
                '/people',
                async () => (await import('../features/people/PeopleScreen.js')).PeopleScreen,
              ),
              taught(
                '/people/new',
                async () => (await import('../features/intake/NewPersonScreen.js')).NewPersonScreen,
              ),
              taught(
                '/people/bring',
                async () => (await import('../features/bring/BringScreen.js')).BringScreen,
              ),
              taught('/people/:id/intake', async () =>
                keyed((await import('../features/intake/IntakeScreen.js')).IntakeScreen),
              ),
              taught('/people/:id/everything', async () =>
                keyed((await import('../features/people/EverythingScreen.js')).EverythingScreen),
              ),
              taught(
                '/incidents',
                async () => (await import('../features/incidents/IncidentsScreen.js')).IncidentsScreen,
              ),
              taught(
                '/incidents/new',
                async () => (await import('../features/incidents/IncidentScreen.js')).NewIncidentScreen,
              ),
              taught('/incidents/:id', async () =>
                keyed((await import('../features/incidents/IncidentScreen.js')).IncidentScreen),
              ),
              taught('/eye', async () => (await import('../features/eye/EyeScreen.js')).EyeScreen),
              taught(
                '/reports',
                async () => (await import('../features/reports/ReportsScreen.js')).ReportsScreen,
              ),
              taught(
                '/hall/trail',
                async () => (await import('../features/hall/TrailScreen.js')).TrailScreen,
              ),
              taught('/people/:id/home', async () =>
                keyed((await import('../features/home/HomeScreen.js')).HomeScreen),
              ),
              taught('/people/:id/letter', async () =>
                keyed((await import('../features/letters/LetterScreen.js')).LetterScreen),
              ),
              taught('/mail', async () => (await import('../features/mail/MailScreen.js')).MailScreen),
              taught('/people/:id/progress', async () =>
                keyed((await import('../features/progress/ProgressScreen.js')).ProgressScreen),
              ),
              taught('/people/:id/paper', async () =>
                keyed((await import('../features/intake/PaperScreen.js')).PaperScreen),
              ),
              taught('/people/:id/measure', async () =>
                keyed((await import('../features/measure/MeasureScreen.js')).MeasureScreen),
              ),
              taught(
                '/people/:id',
                async () => keyed((await import('../features/people/PersonScreen.js')).PersonScreen),
                readPerson,
              ),
              posed('/atlas', async () => (await import('../features/atlas/AtlasScreen.js')).AtlasScreen),
              posed(
                '/atlas/cards',
                async () => (await import('../features/atlas/CardsScreen.js')).CardsScreen,
              ),
              posed(
                '/atlas/compare',
                async () => (await import('../features/atlas/CompareScreen.js')).CompareScreen,
              ),
              posed('/atlas/:id', async () => (await import('../features/atlas/PoseScreen.js')).PoseScreen),
              taught(
                '/atlas/:id/own',
                async () => (await import('../features/atlas/OwnVariantScreen.js')).OwnVariantScreen,
              ),
              plain(
                '/rulebook',
                async () => (await import('../features/rulebook/RulebookScreen.js')).RulebookScreen,
              ),
              taught(
                '/rulebook/what-if',
                async () => (await import('../features/rulebook/WhatIfScreen.js')).WhatIfScreen,
              ),
              posed(
                '/rulebook/:id',
                async () => (await import('../features/rulebook/ConditionScreen.js')).ConditionScreen,
              ),
              taught(
                '/house-view',
                async () => (await import('../features/houseView/HouseViewScreen.js')).HouseViewScreen,
              ),
              taught('/hall', async () => (await import('../features/hall/HallScreen.js')).HallScreen),
              plain('/you', async () => (await import('../features/account/AccountScreen.js')).AccountScreen),
              { path: '/studio', loader: () => redirect('/hall') },
              posed('/about', async () => (await import('../features/about/AboutScreen.js')).AboutScreen),
              { path: '*', element: <Lost /> },
            ],
          },
          taught('/classes/:id/teach', async () =>
            keyed((await import('../features/teach/TeachScreen.js')).TeachScreen),
          ),
        ],
      },
    ],
  },
]);
