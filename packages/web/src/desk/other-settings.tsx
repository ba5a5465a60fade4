import type { ComponentProps } from 'react';
import { PlanWork } from './plan/plan-work';
import { RepairWork } from './repair/repair-work';

/** Other settings beside those that are set: planned anew, or the fewest of them changed. */
export const OtherSettings = (props: ComponentProps<typeof PlanWork>) =>
  props.place.mode === 'repair' ? <RepairWork {...props} /> : <PlanWork {...props} />;
