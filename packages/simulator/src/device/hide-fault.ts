import {
  addDays,
  addSeconds,
  formatDate,
  weekdayOf,
  type DayNumber,
} from '@water-clock/core/civil-time';
import { settingsWith, type Fault, type FaultOf } from '@water-clock/core/faults';
import { changeProgram, type DayRule, type Plan } from '@water-clock/core/settings';
import type { SimulatedTimer } from './simulated-timer.js';

/**
 * Makes a timer have a fault of the library, as if it had come about by itself. What somebody runs by hand is run now.
 */
export function hideFault(device: SimulatedTimer, fault: Fault): void {
  switch (fault.code) {
    case 'as-set':
      return;
    case 'clock':
      device.setClock(addSeconds(device.clock, fault.offSeconds));
      return;
    case 'percent':
    case 'extra-start':
      device.enter(settingsWith(device.settings, fault) ?? device.settings);
      return;
    case 'extra-program':
      device.enter(withLeftovers(device.settings, fault));
      return;
    case 'sensor-stuck':
      device.setSensorFault('wet');
      return;
    case 'sensor-ignored':
      device.setSensorFault('dead');
      return;
    case 'switched-off':
      device.setSwitches({ isOff: true });
      return;
    case 'station-dead':
      device.setFault(fault.station, 'open');
      return;
    case 'valve-stuck':
      device.setFault(fault.station, fault.isAlways ? 'stuck-open' : 'stuck');
      return;
    case 'by-hand':
      device.runPieces(fault.pieces);
  }
}

/** In the first program that nobody uses. */
function withLeftovers(plan: Plan, { station, time, seconds, dates }: FaultOf<'extra-program'>) {
  const free = plan.timer.programs.find(
    (id) => !plan.programs.some((one) => one.id === id && one.starts.length > 0),
  );
  if (free === undefined) throw new Error('No program is free for what is left over.');
  return changeProgram(free, () => ({
    ...{ enabled: true, percent: 100, starts: [time], days: daysOf(dates) },
    runs: [{ station, seconds }],
  }))(plan);
}

/** On dates as far from each other every so many days; else on their days of the week. */
function daysOf(dates: readonly DayNumber[]): DayRule {
  const [first, second] = dates;
  const everyDays = first !== undefined && second !== undefined ? second - first : 0;
  const isEven = dates.every((date, index) => date === addDays(first!, index * everyDays));
  return everyDays > 0 && isEven
    ? { mode: 'interval', everyDays, anchor: formatDate(first!) }
    : { mode: 'weekdays', weekdays: [...new Set(dates.map((day) => weekdayOf(day)))].sort() };
}
