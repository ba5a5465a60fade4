import type { DayNumber } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import type { ReactNode } from 'react';
import type { BoardModel } from '../computing/board-model';
import type { DeskModel } from '../computing/desk-model';
import { TimerExtras } from './extras/extra-fields';
import { ControllerStrip } from './grid/controller-strip';
import { SettingsGrid } from './grid/settings-grid';
import { useMayChange } from '../session/use-signed-in';
import { Locked } from '../ui/locked';
import { InForce } from './in-force/in-force';
import type { SettingsOnDesk } from './state/use-settings-on-desk';

interface DeskSettingsProps {
  readonly plan: Plan;
  /** The longest hold that the timer type takes. */
  readonly longestHoldDays: number;
  readonly totals: BoardModel['totals'];
  readonly inForce: DeskModel['inForce'];
  /** The leader of each station that follows another. */
  readonly leaders: ReadonlyMap<number, number>;
  /** Stations that a moisture sensor may hold back. */
  readonly moistureHeld: readonly number[];
  readonly since: DayNumber;
  readonly onEdit: SettingsOnDesk['edit'];
  readonly onSettle: () => void;
  /** What stands before what is set seldom. */
  readonly children?: ReactNode;
}

/** Everything that is set on a timer: programs across and stations down, and below it what is set outside them. */
export function DeskSettings(props: DeskSettingsProps) {
  const { plan, longestHoldDays, totals, inForce, leaders, moistureHeld, since } = props;
  const { onEdit, onSettle, children } = props;
  const isLocked = !useMayChange();
  return (
    <>
      <Locked isLocked={isLocked}>
        <SettingsGrid {...{ plan, leaders, totals, onEdit, onSettle }} />
        <ControllerStrip
          timer={plan.timer}
          controller={plan.controller}
          timeZone={plan.site?.timeZone}
          {...{ since, onEdit }}
        />
      </Locked>
      {children}
      <InForce programs={inForce} {...{ plan, since, moistureHeld, onEdit }} />
      <Locked isLocked={isLocked}>
        <TimerExtras {...{ plan, longestHoldDays, onEdit }} isWhole />
      </Locked>
    </>
  );
}
