import 'virtual:component-styles/inside.css';
import { useQuery } from '@tanstack/react-query';
import { Alert, App, Button, Skeleton } from 'antd';
import { useEffect } from 'react';
import { Navigate, useLocation } from 'react-router';
import { ApiError } from '../api/client';
import { sessionQuery } from '../api/session';
import { appOnDevice } from '../offline/app-on-device';
import { Shell } from './shell';
import { tellWriteErrors } from './query-client';
import { SignedInContext } from '../session/use-signed-in';

/**
 * What a visit needs without signal is brought onto the device once somebody is in, and not before; the first screen
 * has the connection for itself so long.
 */
const FIRST_SCREEN_MS = 5000;

/** Everything behind the door: asks for the session first, and leads to the door without one. */
export function SignedInFrame() {
  const session = useQuery(sessionQuery);
  const { pathname, search } = useLocation();
  const isIn = session.data !== undefined;
  useEffect(() => {
    if (!isIn) return;
    // Without it the application works on, with signal.
    const bring = () => void appOnDevice().catch(() => undefined);
    const waiting = setTimeout(bring, FIRST_SCREEN_MS);
    return () => clearTimeout(waiting);
  }, [isIn]);
  // A session that is over comes before what the device still knows of it.
  if (session.error instanceof ApiError && session.error.status === 401)
    return <Navigate to={`/sign-in?${new URLSearchParams({ to: pathname + search })}`} replace />;
  // What the firm asks for first comes first.
  if (session.data?.lacksSecondFactor && pathname !== '/account')
    return <Navigate to="/account" replace />;
  if (session.data)
    return (
      <App style={{ height: '100%' }}>
        <WriteErrors />
        <SignedInContext value={session.data}>
          <Shell />
        </SignedInContext>
      </App>
    );
  if (session.error)
    return (
      <Alert
        type="error"
        showIcon
        style={{ margin: 24 }}
        title="Water Clock could not be reached."
        description={session.error.message}
        action={<Button onClick={() => void session.refetch()}>Try again</Button>}
      />
    );
  return <Skeleton active style={{ padding: 24 }} />;
}

/** Seconds: what was not saved stays to be read. */
const TOLD_SECONDS = 10;

/** Shows what went wrong with a write, as a message. */
function WriteErrors() {
  const { message } = App.useApp();
  useEffect(() => tellWriteErrors((words) => void message.error(words, TOLD_SECONDS)), [message]);
  return null;
}
