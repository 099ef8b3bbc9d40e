import { createBrowserRouter, Navigate, useParams } from 'react-router';
import { AboutScreen } from './features/about/AboutScreen.js';
import { AtlasScreen } from './features/atlas/AtlasScreen.js';
import { CardsScreen } from './features/atlas/CardsScreen.js';
import { CompareScreen } from './features/atlas/CompareScreen.js';
import { OwnVariantScreen } from './features/atlas/OwnVariantScreen.js';
import { PoseScreen } from './features/atlas/PoseScreen.js';
import { ClassesScreen } from './features/classes/ClassesScreen.js';
import { ClassPlanScreen } from './features/classes/ClassPlanScreen.js';
import { FittingScreen } from './features/fitting/FittingScreen.js';
import { HandoverScreen } from './features/handover/HandoverScreen.js';
import { HouseViewScreen } from './features/houseView/HouseViewScreen.js';
import { PeopleScreen } from './features/people/PeopleScreen.js';
import { PersonScreen } from './features/people/PersonScreen.js';
import { ConditionScreen } from './features/rulebook/ConditionScreen.js';
import { RoomScreen } from './features/room/RoomScreen.js';
import { RulebookScreen } from './features/rulebook/RulebookScreen.js';
import { WhatIfScreen } from './features/rulebook/WhatIfScreen.js';
import { StudioScreen } from './features/studio/StudioScreen.js';
import { AfterClassScreen } from './features/teach/AfterClassScreen.js';
import { TeachScreen } from './features/teach/TeachScreen.js';
import { ButtonLink } from './ui/Button.js';
import { Page } from './ui/Page.js';
import { Empty } from './ui/states.js';

/** Screens that belong to one thing are made anew when the thing changes. */
const Keyed = ({ Screen }: { Screen: (props: { id: string }) => React.ReactNode }) => {
  const { id = '' } = useParams();
  return <Screen key={id} id={id} />;
};

const Lost = () => (
  <Page title="Nothing here">
    <Empty action={<ButtonLink to="/classes">To the classes</ButtonLink>}>
      There is no screen at this address.
    </Empty>
  </Page>
);

export const router = createBrowserRouter([
  { path: '/', element: <Navigate to="/classes" replace /> },
  { path: '/classes', element: <ClassesScreen /> },
  { path: '/classes/new', element: <ClassPlanScreen key="new" /> },
  { path: '/classes/:id', element: <Navigate to="fitting" replace /> },
  { path: '/classes/:id/plan', element: <Keyed Screen={ClassPlanScreen} /> },
  { path: '/classes/:id/fitting', element: <Keyed Screen={FittingScreen} /> },
  { path: '/classes/:id/room', element: <Keyed Screen={RoomScreen} /> },
  { path: '/classes/:id/handover', element: <Keyed Screen={HandoverScreen} /> },
  { path: '/classes/:id/teach', element: <Keyed Screen={TeachScreen} /> },
  { path: '/classes/:id/after', element: <Keyed Screen={AfterClassScreen} /> },
  { path: '/people', element: <PeopleScreen /> },
  { path: '/people/:id', element: <Keyed Screen={PersonScreen} /> },
  { path: '/atlas', element: <AtlasScreen /> },
  { path: '/atlas/cards', element: <CardsScreen /> },
  { path: '/atlas/compare', element: <CompareScreen /> },
  { path: '/atlas/:id', element: <PoseScreen /> },
  { path: '/atlas/:id/own', element: <OwnVariantScreen /> },
  { path: '/rulebook', element: <RulebookScreen /> },
  { path: '/rulebook/what-if', element: <WhatIfScreen /> },
  { path: '/rulebook/:id', element: <ConditionScreen /> },
  { path: '/house-view', element: <HouseViewScreen /> },
  { path: '/studio', element: <StudioScreen /> },
  { path: '/about', element: <AboutScreen /> },
  { path: '*', element: <Lost /> },
]);
