import { dayOf, parseDateTime, startOfDay, type DayNumber } from '../civil-time/index.js';
import { outlook } from '../findings/index.js';
import { holdsNotOver, type DailyHours, type Plan } from '../settings/index.js';
import { dateWords, momentWords, timeWords } from './messages/dates.js';
import { lengthWords, listed, message, weekdaysListed } from './messages/message.js';

/** What keeps the timer from watering as it is set, or makes it water otherwise; a sentence each. */
export function sheetNotes(plan: Plan, on: DayNumber): string[] {
  const { timer, controller } = plan;
  return [
    ...collisionNote(plan, on),
    ...holdsNotOver(controller.pauses, startOfDay(on)).map(({ from, to }) =>
      message('paused', {
        from: momentWords(parseDateTime(from)!),
        to: momentWords(parseDateTime(to)!),
      }),
    ),
    ...stationNotes(plan),
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
    ...sensorNotes(plan),
  ];
}

/** How the timer goes from station to station, and what is otherwise on some of them. */
function stationNotes({ timer, controller, programs, stations }: Plan): string[] {
  const watered = stations.filter(({ enabled }) => enabled);
  return [
    ...(controller.stationDelaySeconds > 0
      ? [message('between', { length: lengthWords(controller.stationDelaySeconds) })]
      : []),
    ...programs
      .filter(({ enabled, runs }) => enabled && runs.length > 1)
      .map(({ id, concurrent }) => ({
        program: id,
        count: Math.min(concurrent, timer.maxConcurrentStations),
      }))
      .filter(({ count }) => count > 1)
      .map((atOnce) => message('atOnce', atOnce)),
    ...(timer.cycleSoak ? cycleNotes(watered) : []),
    ...some(
      'off',
      stations.filter(({ enabled }) => !enabled),
    ),
    ...(timer.pumpPerStation
      ? some(
          'pump',
          watered.filter(({ pump }) => pump === true),
        )
      : []),
  ];
}

type Station = Plan['stations'][number];

const some = (
  key: 'off' | 'notForRain' | 'notForFrost' | 'pump',
  are: readonly Station[],
): string[] =>
  are.length === 0 ? [] : [message(key, { count: are.length, names: numbersOf(are) })];

/** What a sensor holds back, and which stations it does not. */
function sensorNotes({ timer, controller, stations }: Plan): string[] {
  const unheeding = (sensor: 'rainSensor' | 'freezeSensor') =>
    controller[sensor] === 'active'
      ? stations.filter((station) => station.enabled && !station[sensor])
      : [];
  const [rain, frost] = [controller.rainSensor === 'active', controller.freezeSensor === 'active'];
  return [
    ...(timer.rainSensor
      ? [
          message(rain ? 'sensorActive' : 'sensorBypass'),
          ...some('notForRain', unheeding('rainSensor')),
        ]
      : []),
    ...(timer.freezeSensor
      ? [
          message(frost ? 'freezeActive' : 'freezeBypass'),
          ...some('notForFrost', unheeding('freezeSensor')),
        ]
      : []),
  ];
}

const numbersOf = (stations: readonly Station[]): string =>
  listed(stations.map(({ number }) => String(number)));

/** Stations of which cycle and soak are alike stand together. */
function cycleNotes(stations: readonly Station[]): string[] {
  const alike = new Map<string, Station[]>();
  for (const station of stations) {
    if (station.cycleSeconds === undefined) continue;
    const key = `${station.cycleSeconds} ${station.soakSeconds ?? 0}`;
    alike.set(key, [...(alike.get(key) ?? []), station]);
  }
  return [...alike.values()].map((all) => {
    const { cycleSeconds = 0, soakSeconds = 0 } = all[0]!;
    return message('cycles', {
      ...{ count: all.length, names: numbersOf(all), cycle: lengthWords(cycleSeconds) },
      soak: soakSeconds > 0 ? lengthWords(soakSeconds) : 'none',
    });
  });
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
