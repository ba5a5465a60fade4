import ICAL from 'ical.js';
import {
  asTimerSeconds,
  addDays,
  dayOf,
  formatDate,
  formatDateTime,
  startOfDay,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';
import { simulate, type BegunRun, type DateRange, type WaterPiece } from '../engine/index.js';
import { groupBy } from '../kernel/index.js';
import type { Plan } from '../settings/index.js';
import { clockChanges, offsetOn } from '../time-zones/index.js';
import { clockTime, lengthInWords } from '../words/index.js';

// The package counts without the space that begins a folded line; the standard's 75 bytes have it.
ICAL.foldLength = 74;

export interface CalendarOptions {
  /** When the file is made, `YYYY-MM-DDTHH:MM:SSZ`. */
  readonly madeAt: string;
  /** Tells this timer's events from those of every other timer, the same each time. */
  readonly identity: string;
  /** Moves all times back by so much: the error of the timer's clock, for true time. */
  readonly moveBackSeconds?: number;
}

/**
 * An iCalendar file (RFC 5545) of the program runs that begin on the dates of a range and give
 * water: one event a run, its stations in the description. The UID of an event is the same whenever
 * the file is made: it holds the timer's identity, the date of the start, the program and the start
 * number. With a time zone in the plan the times are in it, and the file says when its clocks change;
 * without one they are local to whoever reads it.
 */
export function calendarText(plan: Plan, range: DateRange, options: CalendarOptions): string {
  const { pieces, runs } = simulate(plan, range);
  const { moveBackSeconds = 0 } = options;
  const water = groupBy(pieces, (piece) => piece.run);
  const wet = runs.filter((run) => water.has(run));
  const calendar = new ICAL.Component('vcalendar');
  calendar.addPropertyWithValue('version', '2.0');
  calendar.addPropertyWithValue('prodid', '-//Water Clock//Program runs//EN');
  calendar.addPropertyWithValue('calscale', 'GREGORIAN');
  const timeZone = plan.site?.timeZone;
  if (timeZone && wet.length > 0)
    calendar.addSubcomponent(zoneComponent(timeZone, datesOf(wet, moveBackSeconds)));
  for (const run of wet)
    calendar.addSubcomponent(eventOf(run, water.get(run)!, { plan, timeZone, ...options }));
  return `${calendar.toString()}\r\n`;
}

type Telling = CalendarOptions & { readonly plan: Plan; readonly timeZone: string | undefined };

function eventOf(run: BegunRun, pieces: readonly WaterPiece[], telling: Telling): ICAL.Component {
  const { plan, identity, madeAt, moveBackSeconds = 0 } = telling;
  const { program, startNumber } = run;
  const event = new ICAL.Component('vevent');
  const start = formatDate(dayOf(run.nominal)).replaceAll('-', '');
  const uid = [start, program.id, String(startNumber), identity].map(encodeURIComponent).join('.');
  event.addPropertyWithValue('uid', `${uid}@water-clock`);
  event.addPropertyWithValue('dtstamp', ICAL.Time.fromDateTimeString(madeAt));
  const addTime = (name: string, moment: TimerSeconds) => {
    const local = formatDateTime(asTimerSeconds(moment - moveBackSeconds));
    const property = event.addPropertyWithValue(name, ICAL.Time.fromDateTimeString(local));
    if (telling.timeZone) property.setParameter('tzid', telling.timeZone);
  };
  addTime('dtstart', run.begin);
  addTime('dtend', run.end);
  const where = plan.name ? `${plan.name}: ` : '';
  event.addPropertyWithValue('summary', `${where}program ${program.id} waters`);
  event.addPropertyWithValue('description', stationLines(plan, pieces, moveBackSeconds).join('\n'));
  event.addPropertyWithValue('transp', 'TRANSPARENT');
  return event;
}

/** @example "1 Kerb strip: 15 min, from 03:30" */
function stationLines(
  plan: Plan,
  pieces: readonly WaterPiece[],
  moveBackSeconds: number,
): string[] {
  const names = new Map(plan.stations.map(({ number, name }) => [number, name]));
  return [...groupBy(pieces, ({ station }) => station)].map(([station, own]) => {
    const seconds = own.reduce((sum, { from, to }) => sum + to - from, 0);
    const begins = own.map(({ from }) => clockTime(asTimerSeconds(from - moveBackSeconds)));
    const name = names.get(station);
    return `${station}${name ? ` ${name}` : ''}: ${lengthInWords(seconds)}, from ${begins.join(', ')}`;
  });
}

/** The dates that the events touch: the first, and the one after the last. */
function datesOf(runs: readonly BegunRun[], moveBackSeconds: number): [DayNumber, DayNumber] {
  const dateOf = (moment: number) => dayOf(asTimerSeconds(moment - moveBackSeconds));
  const first = Math.min(...runs.map(({ begin }) => begin));
  const last = Math.max(...runs.map(({ end }) => end));
  return [dateOf(first), addDays(dateOf(last), 1)];
}

/** Longer than any zone goes between the two changes of a year. */
const YEAR_AND_MORE = 400;

/** When the zone's clocks are put: what is in force on the first date, and each change after it. */
function zoneComponent(timeZone: string, [from, to]: [DayNumber, DayNumber]): ICAL.Component {
  const zone = new ICAL.Component('vtimezone');
  zone.addPropertyWithValue('tzid', timeZone);
  const changes = clockChanges(timeZone, addDays(from, -YEAR_AND_MORE), to);
  const inForce = changes.findLastIndex(({ at }) => at < startOfDay(from));
  const offset = offsetOn(timeZone, from);
  const always = { at: startOfDay(from), offsetBeforeSeconds: offset, offsetAfterSeconds: offset };
  const observances = inForce < 0 ? [always, ...changes] : changes.slice(inForce);
  for (const change of observances) {
    const isForward = change.offsetAfterSeconds > change.offsetBeforeSeconds;
    const observance = new ICAL.Component(isForward ? 'daylight' : 'standard');
    observance.addPropertyWithValue(
      'dtstart',
      ICAL.Time.fromDateTimeString(formatDateTime(change.at)),
    );
    observance.addPropertyWithValue('tzoffsetfrom', utcOffset(change.offsetBeforeSeconds));
    observance.addPropertyWithValue('tzoffsetto', utcOffset(change.offsetAfterSeconds));
    zone.addSubcomponent(observance);
  }
  return zone;
}

const utcOffset = (seconds: number): ICAL.UtcOffset => ICAL.UtcOffset.fromSeconds(seconds);
