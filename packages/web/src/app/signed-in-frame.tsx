import { useQuery } from '@tanstack/react-query';
import { Alert, Button, Skeleton } from 'antd';
import { Navigate, useLocation } from 'react-router';
import { ApiError } from '../api/client';
import { sessionQuery } from '../api/session';
import { Shell } from './shell';
import { SignedInContext } from '../session/use-signed-in';

/** Everything behind the door: asks for the session first, and leads to the door without one. */
export function SignedInFrame() {
  const session = useQuery(sessionQuery);
  const { pathname, search } = useLocation();
  // A session that is over comes before what the device still knows of it.
  if (session.error instanceof ApiError && session.error.status === 401)
    return <Navigate to={`/sign-in?${new URLSearchParams({ to: pathname + search })}`} replace />;
  if (session.data)
    return (
      <SignedInContext value={session.data}>
        <Shell />
      </SignedInContext>
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
