import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';

export interface Leaving {
  readonly isLeaving: boolean;
  readonly leaveTo: (to: string) => void;
}

/**
 * Leaves a page whose changes are saved or gone: nothing holds it back from then on. For the page itself: what it
 * shows may be gone with what was taken away.
 */
export function useLeaveTo(): Leaving {
  const navigate = useNavigate();
  const [to, leaveTo] = useState<string | null>(null);
  // Once the page has been shown without its guard.
  useEffect(() => {
    if (to !== null) void navigate(to);
  }, [to, navigate]);
  return { isLeaving: to !== null, leaveTo };
}
