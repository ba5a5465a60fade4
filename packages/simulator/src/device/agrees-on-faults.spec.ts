import {
  addDays,
  addSeconds,
  asTimerSeconds,
  dayOf,
  formatDateTime,
  parseDateTime,
  startOfDay,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import { merged, type Span } from '@water-clock/core/engine';
import {
  Believed,
  FAULT_CODES,
  flowsOf,
  type Fault,
  type FaultCode,
  type Flow,
} from '@water-clock/core/faults';
import type { Plan } from '@water-clock/core/settings';
import Papa from 'papaparse';
import {
  RANDOM_FAULTS,
  rainIn,
  written,
} from '../../../core/src/diagnosis/testing/hidden-fault.js';
import { randomTimer } from '../../../core/src/diagnosis/testing/random-timer.js';
import { drawFrom } from '../../../core/src/planner/testing/random-brief.js';
import { hideFault } from './hide-fault.js';
import { SimulatedTimer } from './simulated-timer.js';

const DAYS = 14;
const HOMES = 20;
/** Between runs that are not to meet. */
const ROOM_SECONDS = 600;

interface Home {
  readonly plan: Plan;
  readonly fault: Fault;
  readonly watch: Span;
  readonly rain: readonly Span[];
}

/** A home with the fault, where the engine's account of it holds: what flows beside what is set does not meet it. */
function homeWith(code: FaultCode, seed: number): Home | null {
  const draw = drawFrom(seed);
  const { plan, from } = randomTimer(draw);
  const watch = { from: startOfDay(from), to: startOfDay(addDays(from, DAYS)) };
  const rain = seed % 3 === 0 || code === 'sensor-ignored' ? rainIn(watch, draw) : [];
  const fault = RANDOM_FAULTS[code](plan, watch, draw);
  if (fault.code === 'percent' && !plan.timer.season) return null;
  if (fault.code === 'extra-start') {
    const starts = plan.programs.find(({ id }) => id === fault.program)!.starts;
    if (starts.includes(fault.time)) return null;
  }
  if (fault.code === 'by-hand')
    return isApart(plan, watch, rain, fault) ? { plan, fault, watch, rain } : null;
  if (fault.code !== 'extra-program') return { plan, fault, watch, rain };
  // Of a timer that cuts and soaks, what is left over is cut as well.
  const [first, second] = fault.dates;
  if (plan.timer.cycleSoak || first === undefined || second === undefined) return null;
  const every = second - first;
  const dates = Array.from({ length: DAYS }, (_, index) => addDays(first, index * every)).filter(
    (date) => startOfDay(date) < watch.to,
  );
  const spread = { ...fault, dates };
  return isApart(plan, watch, rain, spread) ? { plan, fault: spread, watch, rain } : null;
}

function isApart(plan: Plan, watch: Span, rain: readonly Span[], fault: Fault): boolean {
  const believed = new Believed(plan, watch, rain.map(written));
  const set = new Map<string, Span>();
  for (const { run, from, runEnd } of believed.asSet) {
    const known = set.get(run);
    set.set(run, { from: known && known.from < from ? known.from : from, to: runEnd });
  }
  const asSet = new Set(believed.asSet.map(({ run }) => run));
  const beside = flowsOf(believed, fault).filter(({ run }) => !asSet.has(run));
  return beside.every(
    (flow) =>
      flow.to < watch.to &&
      [...set.values()].every(
        ({ from, to }) => flow.to + ROOM_SECONDS < from || flow.from - ROOM_SECONDS > to,
      ),
  );
}

/** By station, what flowed within the watch. */
function byStation(flows: readonly (Span & { station: number })[], { from, to }: Span): string[] {
  const stations = [...new Set(flows.map(({ station }) => station))].sort((a, b) => a - b);
  return stations.flatMap((station) =>
    merged(flows.filter((flow) => flow.station === station))
      .map((flow) => ({
        from: asTimerSeconds(Math.max(flow.from, from)),
        to: asTimerSeconds(Math.min(flow.to, to)),
      }))
      .filter((flow) => flow.to > flow.from)
      .map((flow) => `${station}: ${formatDateTime(flow.from)} to ${formatDateTime(flow.to)}`),
  );
}

/** What the log of a device says was watered, in true time. */
function logged(
  csv: string,
  end: TimerSeconds,
  offSeconds: number,
): (Span & { station: number })[] {
  const { data } = Papa.parse<Record<string, string>>(csv, { header: true });
  const open = new Map<string, string>();
  const flows: (Span & { station: number })[] = [];
  const add = (key: string, from: string, to: TimerSeconds) =>
    flows.push({
      station: Number(key.split(' ')[0]),
      from: addSeconds(parseDateTime(from)!, -offSeconds),
      to: addSeconds(to, -offSeconds),
    });
  for (const row of data) {
    const key = ['station', 'program', 'startNumber', 'nominal', 'piece']
      .map((n) => row[n])
      .join(' ');
    if (row['event'] === 'open') open.set(key, row['at']!);
    const from = open.get(key);
    if (row['event'] === 'close' && from !== undefined) {
      add(key, from, parseDateTime(row['at']!)!);
      open.delete(key);
    }
  }
  for (const [key, from] of open) add(key, from, end);
  return flows;
}

/** The device runs from a day before the watch, so that what began then is under way. */
function watered({ plan, fault, watch, rain }: Home): (Span & { station: number })[] {
  const offSeconds = fault.code === 'clock' ? fault.offSeconds : 0;
  // Weather is in true time, and a device knows its own.
  const shifted = rain.map(({ from, to }) =>
    written({ from: addSeconds(from, offSeconds), to: addSeconds(to, offSeconds) }),
  );
  const begin = startOfDay(addDays(dayOf(watch.from), -1));
  const wet = { ...plan, weather: { freeze: [], percents: [], ...plan.weather, rain: shifted } };
  const device = new SimulatedTimer(wet, begin);
  if (fault.code !== 'by-hand') hideFault(device, fault);
  const end = addSeconds(watch.to, offSeconds);
  if (fault.code === 'by-hand') {
    device.advance(fault.at - device.clock);
    hideFault(device, fault);
  }
  device.advance(end - device.clock);
  return logged(device.log.asCsv(), end, offSeconds);
}

function homes(code: FaultCode): Home[] {
  const found: Home[] = [];
  for (let seed = 1; found.length < HOMES; seed++) {
    const one = homeWith(code, seed);
    if (one) found.push(one);
  }
  return found;
}

describe.each(FAULT_CODES)('%s', (code) => {
  it(`waters what the engine's account of it says, to the second, at ${HOMES} homes over ${DAYS} days`, () => {
    let differ = 0;
    for (const home of homes(code)) {
      const { plan, watch, rain, fault } = home;
      const believed = new Believed(plan, watch, rain.map(written));
      const told = (flows: readonly Flow[]) => byStation(flows, watch);
      const expected = told(flowsOf(believed, fault));
      expect(byStation(watered(home), watch)).toEqual(expected);
      if (JSON.stringify(expected) !== JSON.stringify(told(flowsOf(believed, { code: 'as-set' }))))
        differ += 1;
    }
    // The faults did show.
    expect(differ).toBeGreaterThanOrEqual(code === 'as-set' ? 0 : HOMES / 4);
  });
});
