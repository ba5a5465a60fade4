import { GENERIC_TYPES, type TimerCapability } from '@water-clock/core/timer-types';

export const timerType = (key: string): TimerCapability => {
  const found = GENERIC_TYPES.find((candidate) => candidate.key === key);
  if (!found) throw new Error(`There is no timer type "${key}".`);
  return found.timer;
};

/** Run times of stations, each in minutes. */
export const runs = (...pairs: [station: number, minutes: number][]) =>
  pairs.map(([station, minutes]) => ({ station, seconds: minutes * 60 }));

/** Stations in their order, each with a name, its head and what is planted. */
export const stations = (...rows: [name: string, head: string, plant: string][]) =>
  rows.map(([name, head, plant], index) => ({ number: index + 1, name, head, plant }));

export const plan = (timer: TimerCapability, fields: object) => ({
  format: 'waterclock.plan/2',
  timer,
  ...fields,
});
