import type { ComponentType, ReactNode } from 'react';
import { createBrowserRouter, redirect, useParams, type RouteObject } from 'react-router';
import { cache } from '../data/cache.js';
import { classesQuery } from '../data/classes/classesQuery.js';
import { hallQuery } from '../data/hall/hallQuery.js';
import { ownVariantsQuery } from '../data/ownVariants/ownVariantsQuery.js';
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

/**
 * Screens that look poses up wait for the catalogue and the hall's own variants, which are read once.
 */
const readCatalogue = () => cache.ensureQueryData(ownVariantsQuery).then(() => null);

/** Asked for together with the hall and the screen's script, not after them; the screen says how it went. */
const startReadingClasses = (): null => {
  void cache.prefetchInfiniteQuery(classesQuery('coming'));
  void cache.prefetchInfiniteQuery(classesQuery('past'));
  return null;
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

const classPlan = () => import('../features/classes/ClassPlanScreen.js');

/** Every address, and its screen. Each is loaded when it is first gone to. */
export const router = createBrowserRouter([
  {
    element: <Root />,
    errorElement: <Failed />,
    hydrateFallbackElement: <Loading what="Opening" />,
    loader: () => cache.ensureQueryData(hallQuery).then(() => null),
    shouldRevalidate: () => false,
    children: [
      {
        element: <Shell />,
        errorElement: <Failed />,
        children: [
          { path: '/', loader: () => redirect('/classes') },
          {
            ...plain(
              '/classes',
              async () => (await import('../features/classes/ClassesScreen.js')).ClassesScreen,
            ),
            loader: startReadingClasses,
          },
          posed('/classes/new', async () => (await classPlan()).NewClassScreen),
          { path: '/classes/:id', loader: ({ params }) => redirect(`/classes/${params.id}/fitting`) },
          posed('/classes/:id/plan', async () => keyed((await classPlan()).ClassPlanScreen)),
          posed('/classes/:id/fitting', async () =>
            keyed((await import('../features/fitting/FittingScreen.js')).FittingScreen),
          ),
          posed('/classes/:id/room', async () =>
            keyed((await import('../features/room/RoomScreen.js')).RoomScreen),
          ),
          posed('/classes/:id/handover', async () =>
            keyed((await import('../features/handover/HandoverScreen.js')).HandoverScreen),
          ),
          posed('/classes/:id/again', async () =>
            keyed((await import('../features/classes/AgainScreen.js')).AgainScreen),
          ),
          posed('/classes/:id/after', async () =>
            keyed((await import('../features/teach/AfterClassScreen.js')).AfterClassScreen),
          ),
          posed(
            '/sequences',
            async () => (await import('../features/sequences/SequencesScreen.js')).SequencesScreen,
          ),
          posed(
            '/sequences/start',
            async () => (await import('../features/sequences/StartScreen.js')).StartScreen,
          ),
          posed(
            '/sequences/courses',
            async () => (await import('../features/sequences/course/CoursesScreen.js')).CoursesScreen,
          ),
          posed('/sequences/courses/:id', async () =>
            keyed((await import('../features/sequences/course/CourseScreen.js')).CourseScreen),
          ),
          posed(
            '/sequences/ready',
            async () => (await import('../features/sequences/ReadyScreen.js')).ReadyScreen,
          ),
          posed('/sequences/:id', async () =>
            keyed((await import('../features/sequences/DeskScreen.js')).DeskScreen),
          ),
          plain('/people', async () => (await import('../features/people/PeopleScreen.js')).PeopleScreen),
          posed('/people/:id', async () =>
            keyed((await import('../features/people/PersonScreen.js')).PersonScreen),
          ),
          posed('/atlas', async () => (await import('../features/atlas/AtlasScreen.js')).AtlasScreen),
          posed('/atlas/cards', async () => (await import('../features/atlas/CardsScreen.js')).CardsScreen),
          posed(
            '/atlas/compare',
            async () => (await import('../features/atlas/CompareScreen.js')).CompareScreen,
          ),
          posed('/atlas/:id', async () => (await import('../features/atlas/PoseScreen.js')).PoseScreen),
          posed(
            '/atlas/:id/own',
            async () => (await import('../features/atlas/OwnVariantScreen.js')).OwnVariantScreen,
          ),
          plain(
            '/rulebook',
            async () => (await import('../features/rulebook/RulebookScreen.js')).RulebookScreen,
          ),
          posed(
            '/rulebook/what-if',
            async () => (await import('../features/rulebook/WhatIfScreen.js')).WhatIfScreen,
          ),
          posed(
            '/rulebook/:id',
            async () => (await import('../features/rulebook/ConditionScreen.js')).ConditionScreen,
          ),
          plain(
            '/house-view',
            async () => (await import('../features/houseView/HouseViewScreen.js')).HouseViewScreen,
          ),
          plain('/hall', async () => (await import('../features/hall/HallScreen.js')).HallScreen),
          { path: '/studio', loader: () => redirect('/hall') },
          posed('/about', async () => (await import('../features/about/AboutScreen.js')).AboutScreen),
          { path: '*', element: <Lost /> },
        ],
      },
      posed('/classes/:id/teach', async () =>
        keyed((await import('../features/teach/TeachScreen.js')).TeachScreen),
      ),
    ],
  },
]);
