import { createBrowserRouter, Navigate } from 'react-router';
import { DeskPage } from '../routes/desk/desk-page';
import { TimersPage } from '../routes/timers/timers-page';
import { NotFound } from './not-found';
import { Shell } from './shell';

export const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { index: true, element: <Navigate to="/timers" replace /> },
      { path: 'timers', element: <TimersPage /> },
      { path: 'timers/:timerId', element: <DeskPage /> },
      { path: '*', element: <NotFound what="page" /> },
    ],
  },
]);
