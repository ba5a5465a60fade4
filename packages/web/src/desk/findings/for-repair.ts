import type { Finding } from '@water-clock/core/findings';
import { HANDED_ON } from '@water-clock/core/repair';

/** What a change of settings may mend: an error or a warning that is not for hands. */
export const isForRepair = ({ severity, code }: Pick<Finding, 'severity' | 'code'>): boolean =>
  severity !== 'info' && !HANDED_ON.has(code);
