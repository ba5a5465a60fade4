import {
  asTimerSeconds,
  addDays,
  dayOf,
  parseDate,
  secondOfDay,
  weekdayOf,
  civilDateOf,
  parseTimeOfDay,
  type DayNumber,
  type TimerSeconds,
} from '../../civil-time/index.js';
import { allDates, percentGrid, simulate } from '../../engine/index.js';
import { check } from '../../findings/index.js';
import { readPlan, type Plan } from '../../settings/index.js';
import { DailyNeed, IntervalNeed, WeeklyNeed, type Brief, type BriefStation } from '../brief.js';

/**
 * Holds a plan against the six conditions of the planner's contract. It knows the brief, the plan
 * file and the engine, and nothing of how plans are made. Gives every breach in words.
 */
export function judge(brief: Brief, document: unknown): string[] {
  const read = readPlan(JSON.parse(JSON.stringify(document)));
  if (!read.ok) return read.trouble.map(({ path, message }) => `${path}: ${message}`);
  const court = new Court(brief, read.value);
  court.settings();
  court.findings();
  for (const station of brief.stations) court.need(station);
  court.pieces();
  for (const percent of new Set([100, court.headroom])) court.hours(percent);
  court.collisions();
  return court.breaches;
}

interface Flow {
  readonly station: number;
  readonly run: object;
  readonly nominal: TimerSeconds;
  readonly program: string;
  readonly from: TimerSeconds;
  readonly to: TimerSeconds;
}

const WEEKS = 8;
const HALF_DAY = 43_200;
const DAY = 86_400;

class Court {
  readonly breaches: string[] = [];
  readonly from: DayNumber;
  readonly headroom: number;
  private readonly step: number;

  constructor(
    private readonly brief: Brief,
    private readonly plan: Plan,
  ) {
    this.from = parseDate(brief.from)!;
    const { season, runTime } = brief.timer;
    const grid = season ? percentGrid(season) : [100];
    this.headroom = season
      ? (grid.find((percent) => percent >= brief.rules.headroomPercent) ?? grid.at(-1)!)
      : 100;
    this.step = Math.max(runTime.stepSeconds, season?.roundToSeconds ?? 0);
  }

  private say(words: string): void {
    if (this.breaches.length < 20) this.breaches.push(words);
  }

  private at(percent: number): Plan {
    if (percent === 100 && this.plan.timer.season === null) return this.plan;
    const { controller } = this.plan;
    return { ...this.plan, controller: { ...controller, season: { mode: 'whole', percent } } };
  }

  private flows(percent: number, days = 56): Flow[] {
    const { pieces } = simulate(this.at(percent), { from: this.from, days });
    return pieces.map(({ station, run, from, to }) => ({
      station,
      run,
      nominal: run.nominal,
      program: run.program.id,
      from,
      to,
    }));
  }

  /** Site, timer, controller and rules are the brief's; each station is there as it was. */
  settings(): void {
    const same = (name: string, a: unknown, b: unknown) => {
      if (JSON.stringify(a) !== JSON.stringify(b)) this.say(`${name} is not the brief's`);
    };
    const { earliestStart: _earliest, ...rules } = this.brief.rules;
    same('timer', this.plan.timer, this.brief.timer);
    same('controller', this.plan.controller, this.brief.controller);
    same('site', this.plan.site, this.brief.site);
    if (this.plan.rules) same('rules', this.plan.rules, rules);
    for (const { number, maxPieceSeconds } of this.brief.stations)
      same(
        `run-off of station ${number}`,
        this.plan.stations.find((one) => one.number === number)?.runoffSeconds,
        maxPieceSeconds,
      );
  }

  findings(): void {
    for (const { code, severity, message } of check(this.plan, this.from))
      if (severity !== 'info') this.say(`${severity} ${code}: ${message}`);
  }

  need({ number, need }: BriefStation): void {
    const runs = new Map<object, { day: number; begin: number; seconds: number }>();
    for (const { station, run, nominal, from, to } of this.flows(100)) {
      if (station !== number) continue;
      const known = runs.get(run) ?? { day: dayOf(nominal) - this.from, begin: from, seconds: 0 };
      runs.set(run, { ...known, seconds: known.seconds + to - from });
    }
    const all = [...runs.values()];
    const byDay = new Map<number, typeof all>();
    for (const run of all) byDay.set(run.day, [...(byDay.get(run.day) ?? []), run]);
    if (need instanceof WeeklyNeed) this.weekly(number, need, all);
    else if (need instanceof IntervalNeed) this.interval(number, need, byDay);
    else this.daily(number, need, byDay);
    if (!(need instanceof IntervalNeed))
      for (let week = 0; week < WEEKS; week++) {
        const dates = [...byDay.keys()].filter((day) => Math.floor(day / 7) === week).length;
        if (dates < need.daysPerWeek[0] || dates > need.daysPerWeek[1])
          this.say(`station ${number} waters on ${dates} dates of week ${week + 1}`);
      }
  }

  private weekly(
    number: number,
    { weeklySeconds }: WeeklyNeed,
    runs: readonly { seconds: number }[],
  ) {
    const average = runs.reduce((sum, { seconds }) => sum + seconds, 0) / WEEKS;
    const most = Math.max(1.1 * weeklySeconds, weeklySeconds + (this.step * runs.length) / WEEKS);
    if (average < weeklySeconds - 1e-6 || average > most + 1e-6)
      this.say(`station ${number} gets ${average} s a week, wants ${weeklySeconds}`);
  }

  private interval(
    number: number,
    { everyDays, seconds }: IntervalNeed,
    byDay: ReadonlyMap<number, readonly { seconds: number }[]>,
  ): void {
    const days = [...byDay.keys()];
    if (days.length === 0) {
      this.say(`station ${number} never waters`);
      return;
    }
    const remainder = days[0]! % everyDays;
    if (days.some((day) => day % everyDays !== remainder))
      this.say(`station ${number} leaves its remainder`);
    for (const [day, runs] of byDay) {
      const sum = runs.reduce((total, run) => total + run.seconds, 0);
      if (sum < seconds || sum >= seconds + this.step * runs.length)
        this.say(`station ${number} waters ${sum} s on day ${day}, wants ${seconds}`);
    }
    const due = Array.from({ length: 56 }, (_, day) => day).filter(
      (day) => day % everyDays === remainder,
    );
    if (days.length * 2 < due.length) this.say(`station ${number} is left out too often`);
    for (const day of due)
      if (!byDay.has(day) && !this.wouldTouch(number, day))
        this.say(`station ${number} is left out on day ${day} without a reason`);
  }

  /** Whether the run that waters a station would, on another date, touch one that is forbidden. */
  private wouldTouch(number: number, day: number): boolean {
    const flows = this.flows(this.headroom);
    const one = flows.find(({ station }) => station === number)!;
    const shift = (this.from + day - dayOf(one.nominal)) * DAY;
    return flows
      .filter(({ run }) => run === one.run)
      .some((flow) =>
        this.touchesForbidden({
          ...flow,
          from: asTimerSeconds(flow.from + shift),
          to: asTimerSeconds(flow.to + shift),
        }),
      );
  }

  private daily(
    number: number,
    { timesPerDay, seconds, spread }: DailyNeed,
    byDay: ReadonlyMap<number, readonly { begin: number; seconds: number }[]>,
  ): void {
    const [begin, end] = spread.map((text) => parseTimeOfDay(text)! * 60) as [number, number];
    const startStep = this.brief.timer.startStepMinutes * 60;
    for (const [day, runs] of byDay) {
      if (runs.length !== timesPerDay)
        this.say(`station ${number} runs ${runs.length} times on day ${day}`);
      for (const run of runs)
        if (run.seconds < seconds || run.seconds >= seconds + this.step)
          this.say(`station ${number} runs ${run.seconds} s, wants ${seconds}`);
      const begins = runs.map((run) => run.begin).sort((a, b) => a - b);
      const gaps = begins.slice(1).map((at, index) => at - begins[index]!);
      if (gaps.length === 0) continue;
      const [least, most] = [Math.min(...gaps), Math.max(...gaps)];
      if (least < (end - begin) / (timesPerDay + 1) - startStep)
        this.say(`station ${number} runs too close on day ${day}`);
      if (most > 1.5 * least + startStep) this.say(`station ${number} runs unevenly on day ${day}`);
    }
  }

  /** Condition 3, at 100 %. */
  pieces(): void {
    const flows = this.flows(100);
    for (const { number, maxPieceSeconds = Infinity, minSoakSeconds = 0 } of this.brief.stations) {
      const own = flows.filter(({ station }) => station === number).sort((a, b) => a.from - b.from);
      own.forEach((piece, index) => {
        if (piece.to - piece.from > maxPieceSeconds)
          this.say(`station ${number} runs ${piece.to - piece.from} s at once`);
        const next = own[index + 1];
        if (next && next.from - piece.to < minSoakSeconds)
          this.say(`station ${number} soaks ${next.from - piece.to} s only`);
      });
    }
  }

  /** Condition 4. */
  hours(percent: number): void {
    const { rules } = this.brief;
    const earliest = rules.earliestStart === undefined ? -HALF_DAY : inNight(rules.earliestStart);
    const finish = rules.finishBy === undefined ? HALF_DAY : inNight(rules.finishBy);
    const nights = new Map<object, number>();
    for (const flow of this.flows(percent, 60)) {
      const station = this.brief.stations.find(({ number }) => number === flow.station)!;
      const isExempt = station.head !== undefined && rules.exempt.includes(station.head);
      if (this.touchesForbidden(flow)) this.say(`station ${flow.station} touches a forbidden date`);
      const night = Math.floor((flow.from + HALF_DAY) / DAY);
      const begin = flow.from - night * DAY;
      const end = flow.to - night * DAY;
      if (station.need instanceof DailyNeed) {
        const [from, to] = station.need.spread.map((text) => parseTimeOfDay(text)! * 60);
        const second = secondOfDay(flow.from);
        if (second < from! || second + flow.to - flow.from > to!)
          this.say(`station ${flow.station} leaves its hours at ${percent} %`);
        continue;
      }
      if (!isExempt && (begin < earliest || end > finish))
        this.say(`station ${flow.station} leaves the night at ${percent} %`);
      if (end > HALF_DAY || (nights.get(flow.run) ?? night) !== night)
        this.say(`a run of program ${flow.program} is in two nights at ${percent} %`);
      nights.set(flow.run, night);
    }
  }

  private touchesForbidden({ station: number, from, to }: Flow): boolean {
    const { rules } = this.brief;
    const station = this.brief.stations.find((one) => one.number === number)!;
    const isExempt = station.head !== undefined && rules.exempt.includes(station.head);
    for (let day = dayOf(from); day <= dayOf(asTimerSeconds(to - 1)); day = addDays(day, 1)) {
      const weekday = weekdayOf(day);
      if (rules.mowingWeekdays.includes(weekday)) return true;
      if (isExempt) continue;
      if (rules.weekdays && !rules.weekdays.includes(weekday)) return true;
      const isOdd = civilDateOf(day).day % 2 === 1;
      if (rules.dateParity && isOdd !== (rules.dateParity === 'odd')) return true;
    }
    return false;
  }

  /** Condition 5. */
  collisions(): void {
    const { season } = this.plan.timer;
    const percents = season
      ? percentGrid(season).filter((percent) => percent <= this.headroom || percent === 100)
      : [100];
    for (const percent of percents) {
      const [first] = allDates(this.at(percent), this.from).collisions;
      if (first)
        this.say(`at ${percent} % runs collide on day ${dayOf(first.b.nominal) - this.from}`);
    }
  }
}

/** A time of day within its night, seconds from midnight; noon begins the night. */
function inNight(text: string): number {
  const second = parseTimeOfDay(text)! * 60;
  return second >= HALF_DAY ? second - DAY : second;
}
