import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useMatch } from 'react-router';
import { saveForOffline } from '../timer-records/use-timer-on-device';

/** Longer than a screen takes to be there: what it shows comes first. */
const A_WHILE_MS = 3000;

/** Whoever looks at a timer, on whichever of its screens, finds all that a visit needs there without signal. */
export function useTakenAlong(): void {
  const client = useQueryClient();
  const timerId = useMatch('/timers/:timerId/*')?.params.timerId;
  useEffect(() => {
    if (timerId === undefined) return;
    const timer = setTimeout(
      () => void saveForOffline(client, [timerId]).catch(() => undefined),
      A_WHILE_MS,
    );
    return () => clearTimeout(timer);
  }, [client, timerId]);
}
