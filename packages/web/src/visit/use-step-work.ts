import { workOf, type StepWork, type VisitStep } from '@water-clock/core/visits';
import { parseDate } from '@water-clock/core/civil-time';
import { useMemo } from 'react';
import { todayHere } from '../format/today';
import { useTimerOnDevice } from '../timer-records/use-timer-on-device';
import type { OpenVisit } from '../timer-records/use-visit';

/** Tells how far the work of a step is, where it can be counted and the timer is known. */
export function useStepWork({
  timerId,
  startedAt,
  visit,
}: OpenVisit): (step: VisitStep) => StepWork | null {
  const { timer, target, reading, copies, waiting } = useTimerOnDevice(timerId);
  const here = useMemo(
    () =>
      timer &&
      target && {
        ...{ visit, startedAt, target, reading },
        order: timer.handling.keyInOrder,
        today: parseDate(todayHere())!,
        copies: [...copies, ...waiting],
      },
    [visit, startedAt, timer, target, reading, copies, waiting],
  );
  return (step) => (here ? workOf(step, here) : null);
}

/** @example "3 of 19"; nothing where there is nothing to count */
export const workWords = (work: StepWork | null): string =>
  work && work.of > 0 ? `${work.done} of ${work.of}` : '';
