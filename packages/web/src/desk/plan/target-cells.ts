import { DailyNeed, IntervalNeed, WeeklyNeed, type Need } from '@water-clock/core/planner';

/** Seconds a week, on average. */
export function weeklySeconds(need: Need): number {
  if ('weeklySeconds' in need) return need.weeklySeconds;
  if ('everyDays' in need) return (need.seconds * 7) / need.everyDays;
  return need.seconds * need.timesPerDay * need.daysPerWeek[1];
}

/**
 * The seconds a week as they stand in a cell: whole minutes, where the need is what those minutes come to, for it is
 * kept by watering, to the second.
 */
export function weeklyShown(need: Need): number {
  const exact = weeklySeconds(need);
  const minutes = Math.round(exact / 60) * 60;
  const isThese = minutes > 0 && weeklySeconds(withWeekly(need, minutes)) === exact;
  return isThese ? minutes : Math.round(exact);
}

/** How often, as it stands in a cell: "2-4", "every 12", "3 a day". */
export function oftenText(need: Need): string {
  if ('timesPerDay' in need) return `${need.timesPerDay} a day`;
  if ('everyDays' in need) return `every ${need.everyDays}`;
  const [least, most] = need.daysPerWeek;
  return least === most ? String(least) : `${least}-${most}`;
}

export const OFTEN_HINT = 'Days a week, such as 3 or 2-4; or "every 6"; or "3 a day"';

/** The need with other seconds a week. */
export function withWeekly(need: Need, seconds: number): Need {
  const whole = (value: number) => Math.max(1, Math.round(value));
  if ('weeklySeconds' in need) return { ...need, weeklySeconds: whole(seconds) };
  if ('everyDays' in need) return { ...need, seconds: whole((seconds * need.everyDays) / 7) };
  return { ...need, seconds: whole(seconds / (need.timesPerDay * need.daysPerWeek[1])) };
}

/** The need watered as often as was typed; null for text that cannot be read. */
export function withOften(
  need: Need,
  text: string,
  spread: readonly [string, string],
): Need | null {
  const seconds = weeklySeconds(need);
  const clean = text.trim().toLowerCase();
  const every = /^(?:every|\/) *(\d{1,2})(?: *d(?:ays)?)?$/.exec(clean);
  if (every) {
    const everyDays = Number(every[1]);
    if (everyDays < 1 || everyDays > 31) return null;
    return withWeekly(Object.assign(new IntervalNeed(), { everyDays, seconds: 1 }), seconds);
  }
  const daily = /^(\d{1,2}) *a *day$/.exec(clean);
  if (daily) {
    const timesPerDay = Number(daily[1]);
    if (timesPerDay < 1 || timesPerDay > 24) return null;
    return withWeekly(
      Object.assign(new DailyNeed(), {
        timesPerDay,
        seconds: 1,
        daysPerWeek: [6, 7],
        spread: [...spread],
      }),
      seconds,
    );
  }
  const weekly = /^([1-7])(?: *[-–] *([1-7]))?$/.exec(clean);
  if (!weekly) return null;
  const [least, most] = [Number(weekly[1]), Number(weekly[2] ?? weekly[1])];
  if (least > most) return null;
  return withWeekly(
    Object.assign(new WeeklyNeed(), { weeklySeconds: 1, daysPerWeek: [least, most] }),
    seconds,
  );
}
