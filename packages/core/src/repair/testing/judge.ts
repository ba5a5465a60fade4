import type { DayNumber } from '../../civil-time/index.js';
import { simulate } from '../../engine/index.js';
import { check } from '../../findings/index.js';
import { readPlan, type Plan } from '../../settings/index.js';

/** What makes settings no repair of others, in words; none: it is one. It knows nothing of how repairs are found. */
export function judge(given: Plan, from: DayNumber, repaired: Plan, listed: number): string[] {
  const read = readPlan(JSON.parse(JSON.stringify(repaired)));
  if (!read.ok) return read.trouble.map(({ path, message }) => `${path}: ${message}`);
  const wrong: string[] = [];
  const counted = unitsChanged(given, repaired);
  if (counted.length !== listed)
    wrong.push(`${listed} changes are listed, but it differs by ${counted.join(', ')}`);
  if (rest(given) !== rest(repaired)) wrong.push('what may not change has changed');
  for (const { code, severity, message } of check(repaired, from))
    if (severity !== 'info' && !HANDED_ON.includes(code)) wrong.push(message);
  wrong.push(...loosened(given, repaired), ...dried(given, repaired, from));
  return wrong;
}

const HANDED_ON: readonly string[] = [
  'clock-off',
  'controller-off',
  'sensor-bypassed',
  'station-idle',
  'station-beyond-timer',
  'missing-run-time',
];

const text = (value: unknown): string => JSON.stringify(value);
const sorted = (list: readonly unknown[]) => [...new Set(list.map(text))].sort();

function units(plan: Plan): Map<string, string> {
  const found = new Map<string, string>();
  for (const {
    id,
    days,
    blockedWeekdays,
    percent,
    enabled,
    concurrent,
    ...other
  } of plan.programs) {
    const rule = days.mode === 'weekdays' ? sorted(days.weekdays) : Object.entries(days).sort();
    found.set(`${id} days`, text([days.mode, rule]));
    found.set(`${id} blocked`, text(sorted(blockedWeekdays)));
    found.set(`${id} percent`, text(percent));
    found.set(`${id} on`, text(enabled));
    found.set(`${id} together`, text(concurrent));
    found.set(`${id} windows`, text(sorted(other.waterWindows)));
    for (const { station, seconds } of other.runs)
      if (seconds > 0) found.set(`${id} time of ${station}`, text(seconds));
  }
  for (const { number, cycleSeconds, soakSeconds } of plan.stations) {
    found.set(`cycle ${number}`, text(cycleSeconds ?? null));
    if (cycleSeconds !== undefined) found.set(`soak ${number}`, text(soakSeconds ?? 0));
  }
  const { season, noWater, stationDelaySeconds, monthDaysOff } = plan.controller;
  found.set('season', text(Object.entries(season).sort()));
  found.set('no water', text(sorted(noWater)));
  found.set('delay', text(stationDelaySeconds));
  found.set('month days', text(sorted(monthDaysOff)));
  return found;
}

/** The units in which two plans differ, each a change. */
export function unitsChanged(a: Plan, b: Plan): string[] {
  const [old, now] = [units(a), units(b)];
  const keys = [...new Set([...old.keys(), ...now.keys()])];
  const changed = keys.filter(
    (key) =>
      (old.get(key) ?? '0') !== (now.get(key) ?? '0') && !(key.startsWith('soak') && !now.has(key)),
  );
  a.programs.forEach(({ id, starts }) => {
    const after = b.programs.find((program) => program.id === id)!.starts;
    const count = Math.max(less(starts, after), less(after, starts));
    for (let start = 0; start < count; start++) changed.push(`${id} start`);
  });
  return changed;
}

/** How many of some there are that are not among others. */
function less(some: readonly string[], others: readonly string[]): number {
  const left = [...others];
  return some.filter((one) => {
    const at = left.indexOf(one);
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  }).length;
}

/** All that a repair leaves as it is. */
function rest({ controller, stations, programs, ...plan }: Plan): string {
  const {
    season: _s,
    noWater: _n,
    stationDelaySeconds: _d,
    monthDaysOff: _m,
    ...others
  } = controller;
  return text([
    plan,
    others,
    stations.map(({ cycleSeconds: _cycle, soakSeconds: _soak, ...station }) => station),
    programs.map(({ id }) => id),
  ]);
}

function loosened(given: Plan, repaired: Plan): string[] {
  return given.stations.flatMap((was) => {
    const is = repaired.stations.find(({ number }) => number === was.number)!;
    const wrong: string[] = [];
    const mostCycle = Math.max(was.runoffSeconds ?? 0, was.cycleSeconds ?? Infinity);
    if (given.timer.cycleSoak && (is.cycleSeconds ?? Infinity) > mostCycle)
      wrong.push(`The cycle of station ${was.number} is loosened.`);
    const leastSoak = Math.min(was.minSoakSeconds ?? Infinity, was.soakSeconds ?? 0);
    if (is.cycleSeconds !== undefined && (is.soakSeconds ?? 0) < leastSoak)
      wrong.push(`The soak of station ${was.number} is loosened.`);
    return wrong;
  });
}

/** Seconds a week of each station at 100 %, of some programs, as it really runs. */
function waterOf(plan: Plan, from: DayNumber, programs?: readonly string[]): Map<number, number> {
  const { weather: _weather, ...others } = plan;
  const controller = {
    ...plan.controller,
    off: false,
    season: { mode: 'whole' as const, percent: 100 },
  };
  const water = new Map<number, number>();
  for (const piece of simulate({ ...others, controller }, { from, days: 56 }).pieces)
    if (!programs || programs.includes(piece.run.program.id))
      water.set(piece.station, (water.get(piece.station) ?? 0) + (piece.to - piece.from) / 8);
  return water;
}

/** As the settings say: each program by itself, on a timer that lets all of them water at once. */
const saidOf = (plan: Plan, from: DayNumber, programs?: readonly string[]) =>
  waterOf(
    {
      ...plan,
      timer: { ...plan.timer, overlap: 'concurrent', noWaterWindows: false, programWindows: false },
    },
    from,
    programs,
  );

function dried(given: Plan, repaired: Plan, from: DayNumber): string[] {
  const findings = check(given, from);
  const once = findings.flatMap(({ code, program }) =>
    code === 'start-per-station' ? program : [],
  );
  const measured = {
    ...given,
    programs: given.programs.map((program) =>
      once.includes(program.id)
        ? { ...program, starts: [...program.starts].sort().slice(0, 1) }
        : program,
    ),
  };
  const dry = findings.flatMap(({ code, program }) =>
    code === 'missing-start' || code === 'missing-days' || code === 'never-waters' ? program : [],
  );
  const after = waterOf(repaired, from);
  return given.stations.flatMap(({ number, enabled }) => {
    if (!enabled) return [];
    let programs = given.programs.map(({ id }) => id);
    if (findings.some(({ code, station }) => code === 'station-twice' && station === number)) {
      const said = (id: string) => saidOf(measured, from, [id]).get(number) ?? 0;
      programs = [programs.reduce((best, id) => (said(id) > said(best) ? id : best))];
    }
    const says = saidOf(measured, from, programs).get(number) ?? 0;
    const ran = waterOf(measured, from, programs).get(number) || says;
    const is = after.get(number) ?? 0;
    const isWaiting = given.programs.some(
      ({ id, runs }) =>
        dry.includes(id) && runs.some((run) => run.station === number && run.seconds > 0),
    );
    if (says === 0 && isWaiting)
      return is > 0 ? [] : [`Station ${number} is to get water and gets none.`];
    const [least, most] = [0.9 * Math.min(says, ran), 1.1 * Math.max(says, ran)];
    return is >= least - 1e-6 && is <= most + 1e-6
      ? []
      : [`Station ${number} gets ${is} s a week, and it is to get ${least} to ${most}.`];
  });
}
