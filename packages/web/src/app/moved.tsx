import { Navigate, useLocation } from 'react-router';

/** An address of an earlier version, of what is called timer types now. */
export function MovedKinds() {
  const { pathname, search } = useLocation();
  return <Navigate to={pathname.replace('/kinds', '/timer-types') + search} replace />;
}
