import type { HouseholdLanguage } from '@water-clock/core/property-file';
import type { Frost, SupplySource } from '@water-clock/core/settings';
import type { StationFault } from '@water-clock/core/visits';
import type { YardStation } from '@water-clock/core/yards';

export interface DemoHome {
  readonly name: string;
  readonly address: string;
  /** Absent: the town of the firm. */
  readonly town?: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly contactName?: string;
  readonly contactPhone?: string;
  readonly gateNotes?: string;
  readonly language?: HouseholdLanguage;
  readonly supplySource?: SupplySource;
  readonly frost?: Frost;
  readonly supplyLpm?: number;
  readonly supplyKpa?: number;
  readonly waterPrice?: number;
  readonly mowingWeekdays?: number[];
  /** The rules of its town hold here, and are known. */
  readonly hasRules?: boolean;
  readonly timers: readonly DemoTimer[];
}

export interface DemoTimer {
  readonly name: string;
  /** The type of the firm's own that it is of, by name. */
  readonly ofType?: string;
  readonly document: object;
  /** What was left in it the last time, where that was something else. */
  readonly before?: object;
  /** What the yard knows of stations, by number. */
  readonly yard?: Readonly<Record<number, Partial<YardStation>>>;
  /** The visits behind it, the first first; nobody has been here where there are none. */
  readonly visits?: readonly DemoVisit[];
  /** Days from the day of loading on for which it is to be held; nobody has set that at the timer yet. */
  readonly holdDays?: number;
}

export interface DemoVisit {
  readonly daysAgo: number;
  readonly by: string;
  /** What the copy that was left is called. */
  readonly name: string;
  /** What was left, where it was not what is in it now. */
  readonly left?: object;
  readonly faults?: readonly DemoFault[];
  readonly care?: readonly ('battery' | 'sensor')[];
}

interface DemoFault {
  readonly station: number;
  readonly fault: StationFault;
  readonly note: string;
  /** Who put it right since. */
  readonly doneBy?: string;
}
