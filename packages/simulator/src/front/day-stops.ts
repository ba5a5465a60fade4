import {
  addDays,
  asMinuteOfDay,
  dayOf,
  formatDate,
  formatTimeOfDay,
  MINUTES_PER_DAY,
  parseDate,
  parseTimeOfDay,
  type DayNumber,
} from '@water-clock/core/civil-time';
import {
  LONGEST_INTERVAL_DAYS,
  LONGEST_INTERVAL_HOURS,
  nextCountedDay,
  programOf,
  setProgram,
  type DayRule,
  type Plan,
} from '@water-clock/core/settings';
import type { DayMode } from '@water-clock/core/timer-types';
import { longDate, WEEKDAYS } from '@water-clock/core/words';
import { isOdd, numberRing, stepOn, toggled, turned } from './ring.js';
import type { Asks, Held, Stop } from './stop.js';

const MODE_NAMES: Readonly<Record<DayMode, string>> = {
  weekdays: 'days of the week',
  odd: 'odd days',
  even: 'even days',
  interval: 'every so many days',
  hours: 'every so many hours',
};

/** On which days a program waters: the way of counting, then day by day, or how many days and from when. */
export function dayStops(plan: Plan, program: string, asks: Asks): Stop[] {
  const { days } = programOf(plan, program);
  return [
    modeStop(plan, program),
    ...rhythmStops(plan, program, days, asks),
    ...blockedStops(program),
  ];
}

const put = (held: Held, program: string, days: DayRule): Held => ({
  ...held,
  plan: setProgram(program, { days })(held.plan),
});

function modeStop({ timer }: Plan, program: string): Stop {
  const modes = timer.dayModes;
  return {
    ...{ key: `${program} day mode`, part: 'days', program, what: 'Water days' },
    shows: ({ plan }) => MODE_NAMES[programOf(plan, program).days.mode],
    turn: (held, steps) => {
      const { days } = programOf(held.plan, program);
      const mode = modes[turned(modes.indexOf(days.mode), steps, modes.length)] ?? days.mode;
      return mode === days.mode ? held : put(held, program, ruleOf(mode, held));
    },
  };
}

function ruleOf(mode: DayMode, { plan: { timer }, now }: Held): DayRule {
  const today = formatDate(dayOf(now));
  switch (mode) {
    case 'weekdays':
      return { mode, weekdays: [] };
    case 'odd':
    case 'even':
      return { mode };
    case 'interval':
      return { mode, everyDays: Math.min(2, mostDays(timer)), anchor: today };
    case 'hours':
      return { mode, everyHours: Math.min(12, mostHours(timer)), anchor: `${today}T00:00:00` };
  }
}

type Timer = Plan['timer'];
const mostDays = ({ intervalMaxDays }: Timer): number =>
  Math.max(1, Math.min(LONGEST_INTERVAL_DAYS, intervalMaxDays));
const mostHours = ({ intervalMaxHours }: Timer): number =>
  Math.max(1, Math.min(LONGEST_INTERVAL_HOURS, intervalMaxHours));

function rhythmStops(plan: Plan, program: string, days: DayRule, asks: Asks): Stop[] {
  switch (days.mode) {
    case 'weekdays':
      return WEEKDAYS.map((name, index) => weekdayStop(program, name, index + 1));
    case 'odd':
    case 'even':
      return [];
    case 'interval':
      return [everyStop(plan, program), anchorStop(program, asks)];
    case 'hours':
      return [everyHoursStop(plan, program), firstHourStop(plan, program)];
  }
}

const weekdayStop = (program: string, name: string, weekday: number): Stop => ({
  ...{ key: `${program} day ${weekday}`, part: 'days', program, what: name },
  shows: ({ plan }) => {
    const { days } = programOf(plan, program);
    return days.mode === 'weekdays' && days.weekdays.includes(weekday) ? 'on' : 'off';
  },
  turn: (held, steps) => {
    const { days } = programOf(held.plan, program);
    return days.mode === 'weekdays' && isOdd(steps)
      ? put(held, program, { ...days, weekdays: toggled(days.weekdays, weekday) })
      : held;
  },
});

const blockedStops = (program: string): Stop[] =>
  WEEKDAYS.map((name, index) => ({
    ...{ key: `${program} never ${index + 1}`, part: 'days', program, what: `Never on ${name}` },
    shows: ({ plan }) =>
      programOf(plan, program).blockedWeekdays.includes(index + 1) ? 'never' : 'as the rest',
    turn: (held, steps) => {
      if (!isOdd(steps)) return held;
      const { blockedWeekdays } = programOf(held.plan, program);
      const changed = { blockedWeekdays: toggled(blockedWeekdays, index + 1) };
      return { ...held, plan: setProgram(program, changed)(held.plan) };
    },
  }));

type IntervalRule = Extract<DayRule, { mode: 'interval' }>;
const intervalOf = ({ plan }: Held, program: string): IntervalRule | null => {
  const { days } = programOf(plan, program);
  return days.mode === 'interval' ? days : null;
};

const everyStop = ({ timer }: Plan, program: string): Stop => ({
  ...{ key: `${program} every`, part: 'days', program, what: 'Every so many days' },
  shows: (held) => String(intervalOf(held, program)?.everyDays ?? ''),
  turn: (held, steps) => {
    const rule = intervalOf(held, program);
    if (!rule) return held;
    const everyDays = stepOn(numberRing(1, mostDays(timer)), rule.everyDays, steps);
    return put(held, program, { ...rule, everyDays });
  },
});

/** From when it counts: the day of a first start, the next one, or how many days are left. */
function anchorStop(program: string, { intervalAskedAs }: Asks): Stop {
  const stop = { key: `${program} counted from`, part: 'days' as const, program };
  const next = (held: Held, rule: IntervalRule): DayNumber => nextCountedDay(rule, dayOf(held.now));
  if (intervalAskedAs === 'first-day')
    return {
      ...{ ...stop, what: 'First day' },
      shows: (held) => {
        const rule = intervalOf(held, program);
        return rule ? longDate(parseDate(rule.anchor)!) : '';
      },
      turn: (held, steps) => {
        const rule = intervalOf(held, program);
        if (!rule) return held;
        const anchor = formatDate(addDays(parseDate(rule.anchor)!, steps));
        return put(held, program, { ...rule, anchor });
      },
    };
  return {
    ...{ ...stop, what: intervalAskedAs === 'next-day' ? 'Next day' : 'Days left' },
    shows: (held) => {
      const rule = intervalOf(held, program);
      if (!rule) return '';
      const day = next(held, rule);
      return intervalAskedAs === 'next-day' ? longDate(day) : String(day - dayOf(held.now));
    },
    turn: (held, steps) => {
      const rule = intervalOf(held, program);
      if (!rule) return held;
      const today = dayOf(held.now);
      const left = turned(next(held, rule) - today, steps, rule.everyDays);
      return put(held, program, { ...rule, anchor: formatDate(addDays(today, left)) });
    },
  };
}

type HoursRule = Extract<DayRule, { mode: 'hours' }>;
const hoursOf = ({ plan }: Held, program: string): HoursRule | null => {
  const { days } = programOf(plan, program);
  return days.mode === 'hours' ? days : null;
};

const everyHoursStop = ({ timer }: Plan, program: string): Stop => ({
  ...{ key: `${program} every hours`, part: 'days', program, what: 'Every so many hours' },
  shows: (held) => String(hoursOf(held, program)?.everyHours ?? ''),
  turn: (held, steps) => {
    const rule = hoursOf(held, program);
    if (!rule) return held;
    const everyHours = stepOn(numberRing(1, mostHours(timer)), rule.everyHours, steps);
    return put(held, program, { ...rule, everyHours });
  },
});

const firstHourStop = ({ timer }: Plan, program: string): Stop => ({
  ...{ key: `${program} first hour`, part: 'days', program, what: 'First start today' },
  shows: (held) => hoursOf(held, program)?.anchor.slice(11, 16) ?? '',
  turn: (held, steps) => {
    const rule = hoursOf(held, program);
    if (!rule) return held;
    const count = Math.floor(MINUTES_PER_DAY / timer.startStepMinutes);
    const place = Math.floor(parseTimeOfDay(rule.anchor.slice(11, 16))! / timer.startStepMinutes);
    const minute = asMinuteOfDay(turned(place, steps, count) * timer.startStepMinutes);
    const anchor = `${formatDate(dayOf(held.now))}T${formatTimeOfDay(minute)}:00`;
    return put(held, program, { ...rule, anchor });
  },
});
