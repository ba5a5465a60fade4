import type { TimerSeconds } from '../civil-time/index.js';
import type { ElectricalCode, Fault, FaultCode } from '../faults/index.js';
import type { Plan } from '../settings/index.js';
import type { TimerHandling } from '../timer-types/index.js';

/** A fault of wires, coils or outputs, at a station. */
export interface HiddenElectrical {
  readonly code: 'electrical';
  readonly of: ElectricalCode;
  readonly station: number;
}

/** What is hidden in the machine; what is wrong with the settings stands in them. */
export type Hidden = Extract<Fault, { code: MachineCode }> | HiddenElectrical;
type MachineCode = Extract<
  FaultCode,
  'clock' | 'sensor-stuck' | 'sensor-ignored' | 'switched-off' | 'station-dead' | 'valve-stuck'
>;

/** What was wrong, told when it is over. */
export interface ToldFault {
  readonly what: string;
  readonly shows: string;
  /** What would have told it fastest. */
  readonly fastest: string;
}

/** Something to put right, with all that a technician would find. */
export interface PracticeCase {
  /** As the householder tells it. */
  readonly story: string;
  /** The last copy: what is wanted, on a timer whose clock is right. */
  readonly copy: Plan;
  /** What stands in the timer. */
  readonly inTimer: Plan;
  readonly hidden: readonly Hidden[];
  /**
   * `as-copy`: it waters what the copy says, to the minute; `sound`: every station gets its minutes, and nothing
   * collides, breaks a rule, or runs off.
   */
  readonly goal: 'as-copy' | 'sound';
  readonly asks: Pick<TimerHandling, 'intervalAskedAs' | 'wiring'>;
  /** The true time at which one arrives. */
  readonly now: TimerSeconds;
  readonly told: readonly ToldFault[];
}
