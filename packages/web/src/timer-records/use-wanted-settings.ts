import { useQueries, type UseQueryResult } from '@tanstack/react-query';
import type { NamedTimer } from '@water-clock/core/findings';
import { useMemo } from 'react';
import type { TimerOfProperty } from '../api/properties';
import { settingsToReadQuery, type StoredSettings } from '../api/timers';
import { todayHere } from '../format/today';
import { useOutbox } from '../offline/use-outbox';
import { settingsWithWaiting } from '../offline/waiting-saves';

/** The settings that are wanted on some timers, those that wait on this device too; null until all of them are there. */
export function useWantedSettings(
  timers: readonly TimerOfProperty[],
): readonly NamedTimer[] | null {
  const today = todayHere();
  const stored = useQueries({
    queries: timers.map(({ id }) => settingsToReadQuery(id, today)),
    combine: allOf,
  });
  const items = useOutbox();
  const names = timers.map(({ name }) => name).join('\n');
  return useMemo(() => {
    if (!stored) return null;
    const called = names.split('\n');
    return stored.map((settings, place) => ({
      name: called[place] ?? '',
      plan: settingsWithWaiting(settings, items).document,
    }));
  }, [stored, names, items]);
}

/** All settings, or null until each of them is there. */
function allOf(results: readonly UseQueryResult<StoredSettings>[]): StoredSettings[] | null {
  const all = results.flatMap(({ data }) => data ?? []);
  return all.length === results.length ? all : null;
}
