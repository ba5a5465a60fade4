import type { Plan } from '../settings/index.js';

/** Whether something there has a filter that drip needs. */
export const hasDrip = ({ stations }: Pick<Plan, 'stations'>): boolean =>
  stations.some(({ head }) => head === 'drip' || head === 'micro');
