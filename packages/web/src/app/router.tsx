import { createBrowserRouter, Navigate } from 'react-router';
import { AsFoundPage } from '../visit/as-found/as-found-page';
import { CopiesPage } from '../copies/copies-page';
import { CopyPage } from '../copies/copy-page';
import { DeskPage } from '../desk/desk-page';
import { FirmPage } from '../firm/firm-page';
import { TimerTypePage } from '../timer-types/timer-type-page';
import { TimerTypesPage } from '../timer-types/timer-types-page';
import { MeasurePage } from '../measure/measure-page';
import { NeedPage } from '../need/need-page';
import { PropertiesPage } from '../properties/properties-page';
import { PropertyEditPage } from '../property/property-edit-page';
import { PropertyPage } from '../property/property-page';
import { RuleSetPage } from '../rules/rule-set-page';
import { RulesPage } from '../rules/rules-page';
import { SharedPage } from '../sheet/shared-page';
import { SignInPage } from '../sign-in/sign-in-page';
import { ClockPage } from '../visit/clock-page';
import { KeyInPage } from '../visit/key-in-page';
import { LeavePage } from '../visit/leave-page';
import { VisitPage } from '../visit/visit-page';
import { WalkPage } from '../visit/walk-page';
import { WaterPage } from '../water/water-page';
import { WeatherListPage } from '../weather/weather-list-page';
import { WeatherPage } from '../weather/weather-page';
import { YardPage } from '../yard/yard-page';
import { SignedInFrame } from './signed-in-frame';
import { NotFound } from '../ui/not-found';

export const router = createBrowserRouter([
  { path: 'sign-in', element: <SignInPage /> },
  { path: 's/:token', element: <SharedPage /> },
  {
    element: <SignedInFrame />,
    children: [
      { index: true, element: <Navigate to="/properties" replace /> },
      { path: 'properties', element: <PropertiesPage /> },
      { path: 'properties/new', element: <PropertyEditPage /> },
      { path: 'properties/:propertyId', element: <PropertyPage /> },
      { path: 'properties/:propertyId/edit', element: <PropertyEditPage /> },
      { path: 'timers/:timerId', element: <DeskPage /> },
      { path: 'timers/:timerId/yard', element: <YardPage /> },
      { path: 'timers/:timerId/measure', element: <MeasurePage /> },
      { path: 'timers/:timerId/need', element: <NeedPage /> },
      { path: 'timers/:timerId/water', element: <WaterPage /> },
      { path: 'timers/:timerId/as-found', element: <AsFoundPage /> },
      { path: 'timers/:timerId/copies', element: <CopiesPage /> },
      { path: 'timers/:timerId/visit', element: <VisitPage /> },
      { path: 'timers/:timerId/visit/clock', element: <ClockPage /> },
      { path: 'timers/:timerId/visit/key-in', element: <KeyInPage /> },
      { path: 'timers/:timerId/visit/walk', element: <WalkPage /> },
      { path: 'timers/:timerId/visit/leave', element: <LeavePage /> },
      { path: 'copies/:copyId', element: <CopyPage /> },
      { path: 'timer-types', element: <TimerTypesPage /> },
      { path: 'timer-types/:timerTypeId', element: <TimerTypePage /> },
      { path: 'rules', element: <RulesPage /> },
      { path: 'rules/:ruleSetId', element: <RuleSetPage /> },
      { path: 'weather', element: <WeatherListPage /> },
      { path: 'weather/:weatherId', element: <WeatherPage /> },
      { path: 'firm', element: <FirmPage /> },
      { path: '*', element: <NotFound what="page" /> },
    ],
  },
]);
