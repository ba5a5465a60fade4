import { useCallback, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';

export interface Leaving {
  readonly isLeaving: boolean;
  /** With what the next page is told of it, by the history of the browser. */
  readonly leaveTo: (to: string, telling?: object) => void;
}

/**
 * Leaves a page whose changes are saved or gone: nothing holds it back from then on. For the page itself: what it
 * shows may be gone with what was taken away.
 */
export function useLeaveTo(): Leaving {
  const navigate = useNavigate();
  const [next, setNext] = useState<{ readonly to: string; readonly state?: object } | null>(null);
  // Once the page has been shown without its guard.
  useEffect(() => {
    if (next) void navigate(next.to, { state: next.state });
  }, [next, navigate]);
  return {
    isLeaving: next !== null,
    leaveTo: useCallback((to, state) => setNext({ to, ...(state && { state }) }), []),
  };
}
