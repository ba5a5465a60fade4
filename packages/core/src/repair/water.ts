import { asDayNumber, parseDateTime, startOfDay, type DayNumber } from '../civil-time/index.js';
import { compilePlan, dayPredicate, factsOf, simulate } from '../engine/index.js';
import { check, type Finding } from '../findings/index.js';
import type { Plan, ProgramSettings } from '../settings/index.js';

/** The dates over which a week's water is averaged. */
const WATER_DAYS = 56;
const WEEKS = WATER_DAYS / 7;
const LEAST_SHARE = 0.9;
const MOST_SHARE = 1.1;

/** A station that no longer gets the water that it is to keep. */
export interface WaterFault {
  readonly code: 'water';
  readonly station: number;
  readonly isLess: boolean;
}

/** Seconds a week of one station. */
interface Band {
  readonly least: number;
  readonly most: number;
}

/** How often each program waters in a week, by its place in the list: on average, its holds left out. */
export class Waterings {
  readonly #aWeek: readonly number[];
  readonly #plan: Plan;

  /** `known` are answers of before: the same days are counted once. */
  constructor(plan: Plan, from: DayNumber, known = new Map<string, number>()) {
    this.#plan = plan;
    this.#aWeek = plan.programs.map((program) => {
      if (!program.enabled) return 0;
      const { days, blockedWeekdays } = program;
      const { monthDaysOff, pauses } = plan.controller;
      const isByStart = pauses.length > 0 || days.mode === 'hours';
      const starts = isByStart ? program.starts : [];
      const key = JSON.stringify([days, blockedWeekdays, monthDaysOff, starts]);
      let count = known.get(key);
      if (count === undefined) known.set(key, (count = countOf(plan, program, from, isByStart)));
      return (isByStart ? count : count * program.starts.length) / WEEKS;
    });
  }

  ofProgram(program: number): number {
    return this.#aWeek[program]!;
  }

  /** Seconds a week of a station at 100 %, from all programs but one. */
  secondsOf(station: number, but = -1): number {
    return this.#plan.programs.reduce(
      (sum, { runs }, index) =>
        index === but
          ? sum
          : sum +
            runs.reduce((own, run) => (run.station === station ? own + run.seconds : own), 0) *
              this.#aWeek[index]!,
      0,
    );
  }
}

/** How often a program waters on the dates looked at: in all, or else on how many of them. */
function countOf(
  plan: Plan,
  program: ProgramSettings,
  from: DayNumber,
  isByStart: boolean,
): number {
  const pauses = plan.controller.pauses.map((pause) => ({
    from: parseDateTime(pause.from)!,
    to: parseDateTime(pause.to)!,
  }));
  const dates = Array.from({ length: WATER_DAYS }, (_, at) => factsOf(asDayNumber(from + at)));
  if (!isByStart) return dates.filter(dayPredicate(plan, program)).length;
  const { starts } = compilePlan({ ...plan, programs: [program] });
  return starts.reduce((sum, { secondOfDay, watersOn }) => {
    const isPaused = (day: DayNumber) => {
      const moment = startOfDay(day) + secondOfDay;
      return pauses.some((pause) => moment >= pause.from && moment < pause.to);
    };
    return sum + dates.filter((facts) => watersOn(facts) && !isPaused(facts.day)).length;
  }, 0);
}

/** How much water each station is to keep. */
export class Bands {
  /** Stations that get less or more already as it is. */
  readonly given: readonly WaterFault[];
  readonly #bands: ReadonlyMap<number, Band>;
  readonly #known = new Map<string, number>();

  constructor(given: Plan, from: DayNumber) {
    this.#bands = bandsOf(given, from);
    this.given = this.brokenBy(this.wateringsOf(given, from));
  }

  wateringsOf(plan: Plan, from: DayNumber): Waterings {
    return new Waterings(plan, from, this.#known);
  }

  of(station: number): Band {
    return this.#bands.get(station) ?? { least: 0, most: 0 };
  }

  brokenBy(waterings: Waterings): WaterFault[] {
    const broken: WaterFault[] = [];
    for (const [station, { least, most }] of this.#bands) {
      const seconds = waterings.secondsOf(station);
      if (seconds < least) broken.push({ code: 'water', station, isLess: true });
      else if (seconds > most) broken.push({ code: 'water', station, isLess: false });
    }
    return broken;
  }
}

function bandsOf(given: Plan, from: DayNumber): Map<number, Band> {
  const findings = check(given, from);
  const named = (code: Finding['code']) =>
    new Set(findings.filter((one) => one.code === code).map(({ program }) => program));
  const twice = new Set(
    findings.filter(({ code }) => code === 'station-twice').map(({ station }) => station),
  );
  const measured = atFull(given, named('start-per-station'));
  const said = saidBy(measured, from);
  const ran = ranBy(measured, from);
  const waits = [
    ...named('missing-start'),
    ...named('missing-days'),
    ...named('never-waters'),
  ].flatMap((id) => given.programs.find((program) => program.id === id)?.runs ?? []);
  const waiting = new Set(waits.flatMap(({ station, seconds }) => (seconds > 0 ? station : [])));
  return new Map(
    given.stations.map(({ number, enabled }): [number, Band] => {
      if (!enabled) return [number, ANY];
      const shares = given.programs.map(({ id }) => ({
        says: said.get(`${id} ${number}`) ?? 0,
        runs: ran.get(`${id} ${number}`) ?? 0,
      }));
      const { says, runs } = twice.has(number) ? largest(shares) : sumOf(shares);
      if (says === 0) return [number, waiting.has(number) ? SOME : NONE];
      const really = runs === 0 ? says : runs;
      return [
        number,
        {
          least: LEAST_SHARE * Math.min(says, really),
          most: MOST_SHARE * Math.max(says, really),
        },
      ];
    }),
  );
}

interface Share {
  readonly says: number;
  readonly runs: number;
}

const sumOf = (shares: readonly Share[]): Share =>
  shares.reduce((sum, { says, runs }) => ({ says: sum.says + says, runs: sum.runs + runs }), {
    says: 0,
    runs: 0,
  });

const largest = (shares: readonly Share[]): Share =>
  shares.reduce((best, share) => (share.says > best.says ? share : best));

const NONE: Band = { least: 0, most: 0 };
const SOME: Band = { least: 1, most: Infinity };
/** A station that is switched off gets nothing, whatever is set. */
const ANY: Band = { least: 0, most: Infinity };

/** Settings at 100 %, switched on and without weather, one start where each was meant for a station. */
function atFull(plan: Plan, onceOnly: ReadonlySet<string | null>): Plan {
  const { weather: _weather, ...rest } = plan;
  return {
    ...rest,
    controller: { ...plan.controller, off: false, season: { mode: 'whole', percent: 100 } },
    programs: plan.programs.map((program) =>
      onceOnly.has(program.id)
        ? { ...program, starts: [...program.starts].sort().slice(0, 1) }
        : program,
    ),
  };
}

/** Seconds a week by program and station, as the settings say. */
function saidBy(plan: Plan, from: DayNumber): Map<string, number> {
  const waterings = new Waterings(plan, from);
  const said = new Map<string, number>();
  plan.programs.forEach(({ id, runs }, index) => {
    for (const { station, seconds } of runs) {
      const key = `${id} ${station}`;
      said.set(key, (said.get(key) ?? 0) + seconds * waterings.ofProgram(index));
    }
  });
  return said;
}

/** Seconds a week by program and station, of the water that really flows. */
function ranBy(plan: Plan, from: DayNumber): Map<string, number> {
  const ran = new Map<string, number>();
  for (const { run, station, from: on, to } of simulate(plan, { from, days: WATER_DAYS }).pieces) {
    const key = `${run.program.id} ${station}`;
    ran.set(key, (ran.get(key) ?? 0) + (to - on) / WEEKS);
  }
  return ran;
}
