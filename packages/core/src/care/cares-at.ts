import type { Plan } from '../settings/index.js';
import { CARES, type Care } from './care.js';
import { hasDrip } from './has-drip.js';

/** Whether there is a filter or a screen to clean: drip has the one, what runs on batteries hangs on a tap and has the other. */
export const hasFilter = ({ timer, stations }: Plan): boolean =>
  timer.power === 'battery' || hasDrip({ stations });

/** Whether a backflow preventer is to be looked for: what runs on the mains hangs on a pipe. */
export const hasBackflow = ({ power }: Plan['timer']): boolean => power === 'mains';

/** What there is to care for at a timer. */
export const caresAt = (plan: Plan): readonly Care[] =>
  CARES.filter(
    (care) =>
      (care !== 'sensor' || plan.timer.rainSensor) &&
      (care !== 'filter' || hasFilter(plan)) &&
      (care !== 'backflow' || hasBackflow(plan.timer)),
  );
