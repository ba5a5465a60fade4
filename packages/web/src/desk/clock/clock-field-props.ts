import type { DayNumber } from '@water-clock/core/civil-time';
import type { Plan, PlanEdit } from '@water-clock/core/settings';

export interface ClockFieldProps {
  readonly clock: Plan['controller']['clock'];
  readonly timeZone: string | undefined;
  readonly since: DayNumber;
  readonly onEdit: (edit: PlanEdit, key?: string) => void;
}
