import { dayOf, parseDateTime, startOfDay, type DayNumber } from '../civil-time/index.js';
import { outlook } from '../findings/index.js';
import type { DailyHours, Plan } from '../settings/index.js';
import { dateWords, momentWords, timeWords } from './messages/dates.js';
import { listed, message, weekdaysListed } from './messages/message.js';

/** What keeps the timer from watering as it is set, or makes it water otherwise; a sentence each. */
export function sheetNotes(plan: Plan, on: DayNumber): string[] {
  const { timer, controller } = plan;
  return [
    ...collisionNote(plan, on),
    ...controller.pauses
      .map(({ from, to }) => ({ from: parseDateTime(from)!, to: parseDateTime(to)! }))
      .filter(({ to }) => to > startOfDay(on))
      .map(({ from, to }) => message('paused', { from: momentWords(from), to: momentWords(to) })),
    ...(timer.monthDaysOff && controller.monthDaysOff.length > 0
      ? [message('monthDays', { days: ordered(controller.monthDaysOff) })]
      : []),
    ...(timer.noWaterWindows
      ? controller.noWater.map((hours) => message('noWater', hoursOf(hours)))
      : []),
    ...(timer.programWindows
      ? plan.programs.flatMap(({ id, waterWindows }) =>
          waterWindows.map((hours) => message('ownHours', { program: id, ...hoursOf(hours) })),
        )
      : []),
    ...(timer.rainSensor
      ? [message(controller.rainSensor === 'active' ? 'sensorActive' : 'sensorBypass')]
      : []),
    ...(timer.freezeSensor
      ? [message(controller.freezeSensor === 'active' ? 'freezeActive' : 'freezeBypass')]
      : []),
  ];
}

function collisionNote(plan: Plan, on: DayNumber): string[] {
  const { first } = outlook(plan, on);
  if (!first || plan.controller.off) return [];
  const { start } = first;
  return [message('collides', { date: dateWords(dayOf(start)), time: timeWords(start) })];
}

const ordered = (days: readonly number[]): string =>
  listed([...days].sort((a, b) => a - b).map((day) => message('ordinal', { day })));

/** Hours with their weekdays, which are none where they are all. */
export const hoursOf = ({ from, to, weekdays }: DailyHours): Record<string, string> => ({
  from,
  to,
  days: new Set(weekdays).size === 7 ? 'none' : weekdaysListed(weekdays),
});
