import { useQuery, type UseQueryResult } from '@tanstack/react-query';
import { useCallback } from 'react';
import {
  settingsQuery,
  settingsToReadQuery,
  yardQuery,
  type StoredSettings,
  type StoredYard,
} from '../api/timers';
import { todayHere } from '../format/today';
import { useOutbox } from './use-outbox';
import { settingsWithWaiting, yardWithWaiting } from './waiting-saves';

/** The yard of a timer as it was saved last, here or by anybody whose save this device knows of. */
export function useStoredYard(timerId: string): UseQueryResult<StoredYard> {
  const items = useOutbox();
  const select = useCallback((stored: StoredYard) => yardWithWaiting(stored, items), [items]);
  return useQuery({ ...yardQuery(timerId), select });
}

interface SettingsWanted {
  /** To be read, not edited: renewed while it is shown. */
  readonly isToRead?: boolean;
  readonly enabled?: boolean;
}

/** The settings of a timer as they were saved last, here or by anybody whose save this device knows of. */
export function useStoredSettings(
  timerId: string,
  { isToRead = false, enabled = true }: SettingsWanted = {},
): UseQueryResult<StoredSettings> {
  const items = useOutbox();
  const select = useCallback(
    (stored: StoredSettings) => settingsWithWaiting(stored, items),
    [items],
  );
  const query = isToRead ? settingsToReadQuery : settingsQuery;
  return useQuery({ ...query(timerId, todayHere()), select, enabled });
}
