import { dayOf, parseDateTime, startOfDay, type DayNumber } from '../civil-time/index.js';
import { outlook } from '../findings/index.js';
import { holdsNotOver, type DailyHours, type Plan } from '../settings/index.js';
import { timeWords, type Speaker } from '../household-words/index.js';

/** What keeps the timer from watering as it is set, or makes it water otherwise; a sentence each. */
export function sheetNotes(speaker: Speaker, plan: Plan, on: DayNumber): string[] {
  const { timer, controller } = plan;
  return [
    ...collisionNote(speaker, plan, on),
    ...holdsNotOver(controller.pauses, startOfDay(on)).map(({ from, to }) =>
      speaker.message('paused', {
        from: speaker.moment(parseDateTime(from)!),
        to: speaker.moment(parseDateTime(to)!),
      }),
    ),
    ...stationNotes(speaker, plan),
    ...(timer.monthDaysOff && controller.monthDaysOff.length > 0
      ? [speaker.message('monthDays', { days: ordered(speaker, controller.monthDaysOff) })]
      : []),
    ...(timer.noWaterWindows
      ? controller.noWater.map((hours) => speaker.message('noWater', hoursOf(speaker, hours)))
      : []),
    ...(timer.programWindows
      ? plan.programs.flatMap(({ id, waterWindows }) =>
          waterWindows.map((hours) =>
            speaker.message('ownHours', { program: id, ...hoursOf(speaker, hours) }),
          ),
        )
      : []),
    ...sensorNotes(speaker, plan),
  ];
}

/** How the timer goes from station to station, and what is otherwise on some of them. */
function stationNotes(speaker: Speaker, { timer, controller, programs, stations }: Plan): string[] {
  const watered = stations.filter(({ enabled }) => enabled);
  return [
    ...(controller.stationDelaySeconds > 0
      ? [speaker.message('between', { length: speaker.length(controller.stationDelaySeconds) })]
      : []),
    ...programs
      .filter(({ enabled, runs }) => enabled && runs.length > 1)
      .map(({ id, concurrent }) => ({
        program: id,
        count: Math.min(concurrent, timer.maxConcurrentStations),
      }))
      .filter(({ count }) => count > 1)
      .map((atOnce) => speaker.message('atOnce', atOnce)),
    ...(timer.cycleSoak ? cycleNotes(speaker, watered) : []),
    ...some(
      speaker,
      'off',
      stations.filter(({ enabled }) => !enabled),
    ),
    ...(timer.pumpPerStation
      ? some(
          speaker,
          'pump',
          watered.filter(({ pump }) => pump === true),
        )
      : []),
  ];
}

type Station = Plan['stations'][number];

const some = (
  speaker: Speaker,
  key: 'off' | 'notForRain' | 'notForFrost' | 'pump',
  are: readonly Station[],
): string[] =>
  are.length === 0
    ? []
    : [speaker.message(key, { count: are.length, names: numbersOf(speaker, are) })];

/** What a sensor holds back, and which stations it does not. */
function sensorNotes(speaker: Speaker, { timer, controller, stations }: Plan): string[] {
  const unheeding = (sensor: 'rainSensor' | 'freezeSensor') =>
    controller[sensor] === 'active'
      ? stations.filter((station) => station.enabled && !station[sensor])
      : [];
  const [rain, frost] = [controller.rainSensor === 'active', controller.freezeSensor === 'active'];
  return [
    ...(timer.rainSensor
      ? [
          speaker.message(rain ? 'sensorActive' : 'sensorBypass'),
          ...some(speaker, 'notForRain', unheeding('rainSensor')),
        ]
      : []),
    ...(timer.freezeSensor
      ? [
          speaker.message(frost ? 'freezeActive' : 'freezeBypass'),
          ...some(speaker, 'notForFrost', unheeding('freezeSensor')),
        ]
      : []),
  ];
}

const numbersOf = (speaker: Speaker, stations: readonly Station[]): string =>
  speaker.listed(stations.map(({ number }) => String(number)));

/** Stations of which cycle and soak are alike stand together. */
function cycleNotes(speaker: Speaker, stations: readonly Station[]): string[] {
  const alike = new Map<string, Station[]>();
  for (const station of stations) {
    if (station.cycleSeconds === undefined) continue;
    const key = `${station.cycleSeconds} ${station.soakSeconds ?? 0}`;
    alike.set(key, [...(alike.get(key) ?? []), station]);
  }
  return [...alike.values()].map((all) => {
    const { cycleSeconds = 0, soakSeconds = 0 } = all[0]!;
    return speaker.message('cycles', {
      ...{ count: all.length, names: numbersOf(speaker, all), cycle: speaker.length(cycleSeconds) },
      soak: soakSeconds > 0 ? speaker.length(soakSeconds) : 'none',
    });
  });
}

function collisionNote(speaker: Speaker, plan: Plan, on: DayNumber): string[] {
  const { first } = outlook(plan, on);
  if (!first || plan.controller.off) return [];
  const { start } = first;
  return [
    speaker.message('collides', { date: speaker.date(dayOf(start)), time: timeWords(start) }),
  ];
}

const ordered = (speaker: Speaker, days: readonly number[]): string =>
  speaker.listed([...days].sort((a, b) => a - b).map((day) => speaker.message('ordinal', { day })));

/** Hours with their weekdays, which are none where they are all. */
export const hoursOf = (
  speaker: Speaker,
  { from, to, weekdays }: DailyHours,
): Record<string, string> => ({
  from,
  to,
  days: new Set(weekdays).size === 7 ? 'none' : speaker.weekdaysListed(weekdays),
});
