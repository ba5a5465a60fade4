import { useQuery } from '@tanstack/react-query';
import { parseDate } from '@water-clock/core/civil-time';
import { timerNext, toKeyIn, visitOf, type TimerNext } from '@water-clock/core/visits';
import { useMemo } from 'react';
import { timersOfPropertyQuery } from '../api/properties';
import { todayHere } from '../format/today';
import { useTimerOnDevice } from '../timer-records/use-timer-on-device';

const NOBODY = visitOf([]);

/** What is most likely to be done next to a timer that nobody is visiting; null: nothing, or it is not known yet. */
export function useTimerNext(timerId: string): TimerNext | null {
  const { timer, target, reading } = useTimerOnDevice(timerId);
  const propertyId = timer?.property.id ?? '';
  const timers = useQuery({
    ...timersOfPropertyQuery(propertyId, todayHere()),
    enabled: propertyId !== '',
  });
  const standing = timers.data?.find(({ id }) => id === timerId)?.standing;
  const collisions = standing?.collisions ?? 0;
  return useMemo(() => {
    if (!timer || !target) return null;
    const values = toKeyIn({
      ...{ visit: NOBODY, target, reading },
      order: timer.handling.keyInOrder,
      today: parseDate(todayHere())!,
    });
    return timerNext({ target, collisions, toKeyIn: values });
  }, [timer, target, reading, collisions]);
}
