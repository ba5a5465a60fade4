import type { DayNumber } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { useEffect, useState } from 'react';
import type { DeskComputer } from '../computing/use-desk-worker';
import type { YearModel } from '../computing/year-model';

/** The year of a plan, worked out anew with each edit; the last one stays until the next is there. */
export function useYear(ask: DeskComputer['year'], plan: Plan, since: DayNumber): YearModel | null {
  const [year, setYear] = useState<YearModel | null>(null);
  useEffect(() => {
    let isNewest = true;
    ask(plan, since).then(
      (answer) => isNewest && setYear(answer),
      // The desk says by itself when the worker has failed.
      () => undefined,
    );
    return () => {
      isNewest = false;
    };
  }, [ask, plan, since]);
  return year;
}
