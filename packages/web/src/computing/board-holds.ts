import {
  addDays,
  addSeconds,
  civilDateOf,
  dayOf,
  parseDateTime,
  SECONDS_PER_DAY,
  startOfDay,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';

/** A stretch of a night, in seconds since its noon. */
export interface NightSpan {
  readonly from: number;
  readonly to: number;
}

export type HoldKind = 'pause' | 'off' | 'day-off' | 'rain' | 'frost';

/** When the timer, as it is set, lets nothing water, and why. */
export interface BoardHold extends NightSpan {
  readonly why: HoldKind;
}

/** What holds back water in the night from `noon`, by the timer's clock. */
export function holdsIn({ timer, controller, weather }: Plan, noon: TimerSeconds): BoardHold[] {
  const whole = { from: noon, to: addSeconds(noon, SECONDS_PER_DAY) };
  const stretch = (why: HoldKind) => (one: { readonly from: string; readonly to: string }) => ({
    why,
    from: parseDateTime(one.from)!,
    to: parseDateTime(one.to)!,
  });
  const daysOff = [dayOf(noon), addDays(dayOf(noon), 1)].filter(
    (day) => timer.monthDaysOff && controller.monthDaysOff.includes(civilDateOf(day).day),
  );
  const feelsFrost = timer.freezeSensor && controller.freezeSensor === 'active';
  const hearsRain = timer.rainSensor && controller.rainSensor === 'active';
  return [
    ...(controller.off ? [{ why: 'off' as const, ...whole }] : []),
    ...controller.pauses.map(stretch('pause')),
    ...daysOff.map((day) => ({
      why: 'day-off' as const,
      from: startOfDay(day),
      to: startOfDay(addDays(day, 1)),
    })),
    ...(hearsRain ? (weather?.rain ?? []).map(stretch('rain')) : []),
    ...(feelsFrost ? (weather?.freeze ?? []).map(stretch('frost')) : []),
  ]
    .map(({ why, from, to }) => ({
      why,
      from: Math.max(0, from - noon),
      to: Math.min(SECONDS_PER_DAY, to - noon),
    }))
    .filter(({ from, to }) => from < to);
}

export const isHeld = ({ controller: { off, pauses, monthDaysOff } }: Plan): boolean =>
  off || pauses.length > 0 || monthDaysOff.length > 0;

/** The plan as it would water if nothing held it back for a while. What is only put off is not held back. */
export const withoutHolds = (plan: Plan): Plan => ({
  ...plan,
  controller: {
    ...plan.controller,
    off: false,
    pauses: [],
    ...(plan.timer.blockedDay === 'skip' && { monthDaysOff: [] }),
  },
});
