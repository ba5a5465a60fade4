import type { ComponentType } from 'react';
import { createBrowserRouter, Navigate, type RouteObject } from 'react-router';
import { sessionQuery } from '../api/session';
import { NotFound } from '../ui/not-found';
import { queryClient } from './query-client';

/** A screen that is loaded when it is asked for. */
const screen = <Name extends string>(
  path: string,
  load: () => Promise<Record<Name, ComponentType>>,
  name: Name,
): RouteObject => ({
  path,
  lazy: async () => ({ Component: (await load())[name] }),
});

const property = () => import('../property/property-edit-page');
const doorSheet = () => import('../visit/door-sheet-page');
const changes = () => import('../changes/changes-page');
const timerType = () => import('../timer-types/timer-type-page');

export const router = createBrowserRouter([
  {
    children: [
      screen('join/:token', () => import('../sign-in/join-page'), 'JoinPage'),
      screen('sign-in', () => import('../sign-in/sign-in-page'), 'SignInPage'),
      {
        lazy: async () => ({ Component: (await import('./signed-in-frame')).SignedInFrame }),
        // Who it is, is asked while the screen is still on its way; the frame says what came of it.
        loader: () => queryClient.query(sessionQuery).catch(() => null),
        shouldRevalidate: () => false,
        children: [
          { index: true, element: <Navigate to="/round" replace /> },
          screen('round', () => import('../round/round-page'), 'RoundPage'),
          screen('round/jobs', () => import('../round/jobs/jobs-page'), 'JobsPage'),
          screen('round/homes', () => import('../round/homes/homes-page'), 'HomesPage'),
          screen(
            'round/homes/:rolloutId',
            () => import('../round/homes/change-page'),
            'ChangePage',
          ),
          screen('round/plan', () => import('../round/plan/plan-page'), 'PlanPage'),
          screen('properties', () => import('../properties/properties-page'), 'PropertiesPage'),
          screen('properties/new', property, 'PropertyEditPage'),
          screen(
            'properties/:propertyId',
            () => import('../property/property-page'),
            'PropertyPage',
          ),
          screen('properties/:propertyId/edit', property, 'PropertyEditPage'),
          screen(
            'properties/:propertyId/week',
            () => import('../property/week/week-page'),
            'WeekPage',
          ),
          screen(
            'properties/:propertyId/history',
            () => import('../history/history-page'),
            'HistoryPage',
          ),
          screen('visits/:visitId', () => import('../history/past-visit-page'), 'PastVisitPage'),
          screen(
            'properties/:propertyId/photos',
            () => import('../photos/photos-page'),
            'PhotosPage',
          ),
          screen('timers/:timerId', () => import('../desk/desk-page'), 'DeskPage'),
          screen('timers/:timerId/yard', () => import('../yard/yard-page'), 'YardPage'),
          screen('timers/:timerId/measure', () => import('../measure/measure-page'), 'MeasurePage'),
          screen('timers/:timerId/need', () => import('../need/need-page'), 'NeedPage'),
          screen('timers/:timerId/water', () => import('../water/water-page'), 'WaterPage'),
          screen(
            'timers/:timerId/as-found',
            () => import('../visit/as-found/as-found-page'),
            'AsFoundPage',
          ),
          screen('timers/:timerId/wrong', () => import('../diagnosis/wrong-page'), 'WrongPage'),
          screen(
            'timers/:timerId/simulated',
            () => import('../simulator/simulated-page'),
            'SimulatedPage',
          ),
          screen('timers/:timerId/copies', () => import('../copies/copies-page'), 'CopiesPage'),
          screen('timers/:timerId/visit', () => import('../visit/visit-page'), 'VisitPage'),
          screen('timers/:timerId/visit/clock', () => import('../visit/clock-page'), 'ClockPage'),
          screen('timers/:timerId/visit/key-in', () => import('../visit/key-in-page'), 'KeyInPage'),
          screen(
            'timers/:timerId/visit/circuits',
            () => import('../visit/circuits/circuits-page'),
            'CircuitsPage',
          ),
          screen('timers/:timerId/visit/care', () => import('../visit/care/care-page'), 'CarePage'),
          screen('timers/:timerId/visit/walk', () => import('../visit/walk-page'), 'WalkPage'),
          screen('timers/:timerId/visit/leave', () => import('../visit/leave-page'), 'LeavePage'),
          screen('timers/:timerId/sheet', doorSheet, 'DoorSheetPage'),
          screen('copies/:copyId/sheet', doorSheet, 'CopyDoorSheetPage'),
          screen('copies/:copyId', () => import('../copies/copy-page'), 'CopyPage'),
          screen('timer-types', () => import('../timer-types/timer-types-page'), 'TimerTypesPage'),
          screen('timer-types/:timerTypeId', timerType, 'TimerTypePage'),
          screen('kinds/*', () => import('./moved'), 'MovedKinds'),
          screen('rules', () => import('../rules/rules-page'), 'RulesPage'),
          screen('rules/:ruleSetId', () => import('../rules/rule-set-page'), 'RuleSetPage'),
          screen('practice', () => import('../practice/practice-page'), 'PracticePage'),
          screen('practice/:lesson', () => import('../practice/play-page'), 'PlayPage'),
          screen('weather', () => import('../weather/weather-list-page'), 'WeatherListPage'),
          screen('weather/:weatherId', () => import('../weather/weather-page'), 'WeatherPage'),
          screen('firm', () => import('../firm/firm-page'), 'FirmPage'),
          screen('firm/changes', changes, 'FirmChangesPage'),
          screen('properties/:propertyId/changes', changes, 'PropertyChangesPage'),
          screen('firm/keeping', () => import('../firm/keeping-page'), 'KeepingPage'),
          screen('firm/simulated', () => import('../firm/simulated-page'), 'SimulatedThings'),
          screen('firm/outbox', () => import('../firm/outbox-page'), 'OutboxPage'),
          screen('account', () => import('../account/account-page'), 'AccountPage'),
          { path: '*', element: <NotFound what="page" /> },
        ],
      },
    ],
  },
]);
