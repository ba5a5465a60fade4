import { hasDrip } from '../care/index.js';
import type { Plan } from '../settings/index.js';

/** Whether there is a filter or a screen to clean: drip has the one, what runs on batteries hangs on a tap and has the other. */
export const hasFilter = ({ timer, stations }: Plan): boolean =>
  timer.power === 'battery' || hasDrip({ stations });
