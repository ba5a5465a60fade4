import type { Plan } from '@water-clock/core/settings';
import type { Yard } from '@water-clock/core/yards';
import type { StoredSettings, StoredYard } from '../api/timers';

export interface YardSave {
  readonly what: 'yard';
  /** The stored state that it was made from. */
  readonly base: StoredYard;
  readonly document: Yard;
}

export interface SettingsSave {
  readonly what: 'settings';
  readonly base: StoredSettings;
  readonly document: Plan;
}

/** A yard or settings of a timer that were saved on this device. */
export type TimerSave = YardSave | SettingsSave;
export type Saving = TimerSave['what'];
