import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';

/** Leaves a page whose changes are saved or gone: nothing holds it back from then on. */
export function useLeaveTo(): {
  readonly isLeaving: boolean;
  readonly leaveTo: (to: string) => void;
} {
  const navigate = useNavigate();
  const [to, leaveTo] = useState<string | null>(null);
  // Once the page has been shown without its guard.
  useEffect(() => {
    if (to !== null) void navigate(to);
  }, [to, navigate]);
  return { isLeaving: to !== null, leaveTo };
}
