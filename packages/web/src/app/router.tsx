import { createBrowserRouter, Navigate } from 'react-router';
import { AsFoundPage } from '../routes/as-found/as-found-page';
import { CopiesPage } from '../routes/copies/copies-page';
import { CopyPage } from '../routes/copies/copy-page';
import { DeskPage } from '../routes/desk/desk-page';
import { FirmPage } from '../routes/firm/firm-page';
import { KindPage } from '../routes/kinds/kind-page';
import { KindsPage } from '../routes/kinds/kinds-page';
import { MeasurePage } from '../routes/measure/measure-page';
import { NeedPage } from '../routes/need/need-page';
import { PropertiesPage } from '../routes/properties/properties-page';
import { PropertyEditPage } from '../routes/property/property-edit-page';
import { PropertyPage } from '../routes/property/property-page';
import { RuleSetPage } from '../routes/rules/rule-set-page';
import { RulesPage } from '../routes/rules/rules-page';
import { SharedPage } from '../routes/shared/shared-page';
import { SignInPage } from '../routes/sign-in/sign-in-page';
import { ClockPage } from '../routes/visit/clock-page';
import { KeyInPage } from '../routes/visit/key-in-page';
import { LeavePage } from '../routes/visit/leave-page';
import { VisitPage } from '../routes/visit/visit-page';
import { WalkPage } from '../routes/visit/walk-page';
import { WaterPage } from '../routes/water/water-page';
import { WeatherListPage } from '../routes/weather/weather-list-page';
import { WeatherPage } from '../routes/weather/weather-page';
import { YardPage } from '../routes/yard/yard-page';
import { SignedInFrame } from '../signed-in/signed-in-frame';
import { NotFound } from './not-found';

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
      { path: 'kinds', element: <KindsPage /> },
      { path: 'kinds/:kindId', element: <KindPage /> },
      { path: 'rules', element: <RulesPage /> },
      { path: 'rules/:ruleSetId', element: <RuleSetPage /> },
      { path: 'weather', element: <WeatherListPage /> },
      { path: 'weather/:weatherId', element: <WeatherPage /> },
      { path: 'firm', element: <FirmPage /> },
      { path: '*', element: <NotFound what="page" /> },
    ],
  },
]);
