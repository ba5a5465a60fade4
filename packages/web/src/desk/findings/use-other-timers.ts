import type { DayNumber } from '@water-clock/core/civil-time';
import type { NamedTimer, TimersOverlap } from '@water-clock/core/findings';
import type { FixPreview } from '@water-clock/core/fixes';
import type { Plan } from '@water-clock/core/settings';
import { useCallback, useMemo } from 'react';
import type { Timer } from '../../api/timers';
import { deskThread } from '../../computing/desk-thread';
import type { DeskWorker } from '../../computing/desk.worker';
import { useTimersTogether } from '../../computing/use-timers-together';
import { answerOf } from '../../computing/worked-out';
import { useTimersOfHome } from '../../timer-records/use-timers-of-home';
import { useSettled } from '../../ui/use-settled';

/** Another thread works it out: not with every key. */
const QUIET_MS = 400;

export interface OtherTimers {
  /** What is found on this timer beside the others of its home; null where nothing is. */
  readonly finding: TimersOverlap | null;
  /** Moves of this timer after which it meets none of them. */
  readonly fixes: (plan: Plan) => Promise<FixPreview[]>;
}

/** A timer on the desk beside the other timers of its home, as they are wanted. */
export function useOtherTimers(timer: Timer, plan: Plan, since: DayNumber): OtherTimers {
  const { name } = timer;
  const { wanted, place } = useTimersOfHome(timer);
  const settled = useSettled(plan, QUIET_MS);
  const withPlan = useCallback(
    (now: Plan): readonly NamedTimer[] | null =>
      wanted && wanted.map((other, at) => (at === place ? { name, plan: now } : other)),
    [wanted, place, name],
  );
  const named = useMemo(() => withPlan(settled), [withPlan, settled]);
  const { answer } = useTimersTogether(named, since);
  const fixes = useCallback(
    async (now: Plan) => {
      const all = withPlan(now);
      if (!all) return [];
      return answerOf<DeskWorker, FixPreview[]>(deskThread, (worker) =>
        worker.apart(all, place, since),
      );
    },
    [withPlan, place, since],
  );
  const isOfThis = named !== null && answer !== null && answer.timers.includes(place);
  return useMemo(() => ({ finding: isOfThis ? answer : null, fixes }), [isOfThis, answer, fixes]);
}
