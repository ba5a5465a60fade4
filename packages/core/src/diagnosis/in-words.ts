import {
  addSeconds,
  asTimerSeconds,
  dayOf,
  SECONDS_PER_DAY,
  type TimerSeconds,
} from '../civil-time/index.js';
import { flowsOf, type Fault, type FaultOf, type Flow } from '../faults/index.js';
import { exhaustive } from '../kernel/index.js';
import { clockTime, counted, lengthInWords, listInWords, shortDate } from '../words/index.js';
import type { Case } from './candidate.js';

interface Words {
  readonly says: string;
  readonly check: string;
}

/** What happens with a fault, as far as anybody knows, and what would tell it from others. */
export function causeInWords(one: Case, fault: Fault): Words {
  return { says: `This would fit: ${happens(one, fault)}`, check: CHECKS[fault.code](fault) };
}

function happens(one: Case, fault: Fault): string {
  switch (fault.code) {
    case 'as-set':
      return asSetWords(one);
    case 'clock':
      return clockWords(one, fault);
    case 'percent':
      return percentWords(one, fault);
    case 'extra-start':
      return `program ${fault.program} has one start more than the copy, at ${fault.time}, on its own days.`;
    case 'extra-program':
      return leftoverWords(one, fault);
    case 'sensor-stuck':
      return 'the rain sensor says wet although it is dry, and no station that heeds it waters.';
    case 'sensor-ignored':
      return `the rain sensor is bypassed or broken, and rain does not stop the timer${rainWords(one)}.`;
    case 'switched-off':
      return 'the timer is switched off, or has no power, and nothing waters at all.';
    case 'station-dead':
      return `${stationWords(one, fault.station)} never opens, though the timer spends its time on it${whenSet(one, fault.station)}.`;
    case 'valve-stuck':
      return fault.isAlways
        ? `the valve of ${stationWords(one, fault.station)} does not close, and is open all the time.`
        : `the valve of ${stationWords(one, fault.station)} does not close, and stays open until its run ends${untilRunEnds(one, fault)}.`;
    case 'by-hand':
      return handWords(one, fault);
    default:
      return exhaustive(fault);
  }
}

const moment = (at: TimerSeconds): string => `${shortDate(dayOf(at))}, ${clockTime(toMinute(at))}`;
const toMinute = (at: TimerSeconds): TimerSeconds => asTimerSeconds(Math.round(at / 60) * 60);

function stationWords({ believed }: Case, station: number): string {
  const name = believed.plan.stations.find(({ number }) => number === station)?.name;
  return name === undefined || name.trim() === ''
    ? `station ${station}`
    : `station ${station} (${name})`;
}

/** The run that was seen first, by its program and start. */
function asSetWords(one: Case): string {
  const flows = flowsOf(one.believed, { code: 'as-set' });
  const seen = one.sightings.all.find(({ what }) => what === 'watered');
  const flow =
    seen &&
    flows.find(
      ({ from, to, station }) =>
        (seen.station === null || seen.station === station) && from <= seen.to && to > seen.from,
    );
  if (!flow) return 'the timer does what its settings say.';
  return `the timer does what its settings say: ${runWords(one, flow)} waters ${stationWords(one, flow.station)} from ${moment(flow.from)}.`;
}

function runWords({ believed }: Case, { run }: Flow): string {
  const parts = run.split(' ');
  const [nominal, start] = [Number(parts.at(-2)), parts.at(-1)];
  const program = parts.slice(0, -2).join(' ');
  const at = addSeconds(asTimerSeconds(nominal), -believed.offSeconds);
  return `program ${program}, start ${start} at ${clockTime(toMinute(at))},`;
}

function clockWords({ believed, sightings }: Case, { offSeconds }: FaultOf<'clock'>): string {
  const off = Math.abs(offSeconds);
  const days = Math.floor(off / SECONDS_PER_DAY);
  const parts = [
    ...(days > 0 ? [counted(days, 'day')] : []),
    ...(off % SECONDS_PER_DAY > 0 ? [lengthInWords(off % SECONDS_PER_DAY)] : []),
  ];
  const says =
    off === 0
      ? 'the clock is right, whatever the copy says of it'
      : `the clock is ${parts.join(' ')} ${offSeconds > 0 ? 'ahead' : 'behind'}`;
  const first = believed.wide.find(
    ({ from }) =>
      from - offSeconds >= sightings.watch.from && from - offSeconds < sightings.watch.to,
  );
  if (!first) return `${says}.`;
  const real = addSeconds(first.from, -offSeconds);
  return `${says}: what is set for ${moment(first.from)} runs on ${moment(real)}.`;
}

function percentWords({ believed }: Case, { percent }: FaultOf<'percent'>): string {
  const { season } = believed.plan.controller;
  const before = season.mode === 'whole' ? `, not ${season.percent} %` : '';
  const run = believed.plan.programs.flatMap(({ runs }) => runs).find(({ seconds }) => seconds > 0);
  const says = `the season percentage is ${percent} %${before}`;
  if (!run) return `${says}.`;
  const takes = Math.round((run.seconds * percent) / 100 / 60) * 60;
  return `${says}: station ${run.station}, set for ${lengthInWords(run.seconds)}, takes about ${lengthInWords(takes)}.`;
}

function leftoverWords(one: Case, fault: FaultOf<'extra-program'>): string {
  const dates = listInWords(fault.dates.slice(0, MOST_DATES).map((day) => shortDate(day)));
  const more = fault.dates.length > MOST_DATES ? ' and more' : '';
  return `something is left over in another program, and ${stationWords(one, fault.station)} waters at ${fault.time} for about ${lengthInWords(Math.round(fault.seconds / 60) * 60)}, on days of its own (${dates}${more}).`;
}
const MOST_DATES = 4;

function rainWords({ believed }: Case): string {
  const flow = flowsOf(believed, { code: 'sensor-ignored' }).find(({ from, to }) =>
    believed.rain.some((rain) => rain.from < to && rain.to > from),
  );
  return flow ? `: it waters station ${flow.station} on ${moment(flow.from)} in the rain` : '';
}

const ofStation = ({ believed, sightings: { watch } }: Case, station: number): Flow | undefined =>
  flowsOf(believed, { code: 'as-set' }).find(
    (flow) => flow.station === station && flow.to > watch.from && flow.from < watch.to,
  );

function whenSet(one: Case, station: number): string {
  const flow = ofStation(one, station);
  return flow ? `, from ${moment(flow.from)} on` : '';
}

function untilRunEnds(one: Case, { station }: FaultOf<'valve-stuck'>): string {
  const flow = ofStation(one, station);
  return flow
    ? `: open from ${moment(flow.from)} to ${clockTime(toMinute(asTimerSeconds(flow.runEnd)))}`
    : '';
}

function handWords(one: Case, { run, at }: FaultOf<'by-hand'>): string {
  const what = {
    station: () => (run.of === 'station' ? stationWords(one, run.station) : ''),
    program: () => (run.of === 'program' ? `program ${run.program}` : ''),
    all: () => (run.of === 'all' ? `all stations, ${lengthInWords(run.seconds)} each,` : ''),
  }[run.of]();
  return `somebody ran ${what} by hand, once, from ${moment(at)}, beside what is set.`;
}

const CHECKS: { readonly [Code in Fault['code']]: (fault: Fault) => string } = {
  'as-set': () =>
    'Ask whether the household wants it at that time: read the start times and days of that program with them.',
  clock: (fault) => clockCheck(fault.code === 'clock' ? fault.offSeconds : 0),
  percent: () => 'Read the season percentage on the timer, and by month where it has that.',
  'extra-start': (fault) =>
    `Step through all starts of program ${fault.code === 'extra-start' ? fault.program : ''}: is there one more than on the copy?`,
  'extra-program': (fault) =>
    `Step through the programs that nobody uses: does one hold a start and a run time for station ${fault.code === 'extra-program' ? fault.station : ''}?`,
  'sensor-stuck': () =>
    'Set the sensor to bypass and run a program: does it water now? Is the sensor dry to the touch?',
  'sensor-ignored': () =>
    'Look at the sensor switch, then wet the sensor: does the timer say that it is wet?',
  'switched-off': () =>
    'Look at the switch and the display: is it at off, or dark? The mains side is for a licensed electrician.',
  'station-dead': (fault) =>
    `Run station ${fault.code === 'station-dead' ? fault.station : ''} by hand, and measure its coil: open, short, or fine?`,
  'valve-stuck': (fault) =>
    `Turn the timer off: does water still come from station ${fault.code === 'valve-stuck' ? fault.station : ''}? Look for grit in its valve.`,
  'by-hand': () => 'Ask who was there then, and whether anybody ran something by hand.',
};

function clockCheck(offSeconds: number): string {
  const ofDay = Math.abs(offSeconds) % SECONDS_PER_DAY;
  if (ofDay === SECONDS_PER_DAY / 2) return 'Read the clock: does it show PM in the morning?';
  if (ofDay === 0) return 'Read the weekday and the date on the timer: are they those of today?';
  if (Math.abs(offSeconds) === 3600)
    return 'Read the clock: is it an hour off, as if summer time had not been set?';
  return 'Read the clock against yours: a timer that lost power begins again at some time of its own.';
}
