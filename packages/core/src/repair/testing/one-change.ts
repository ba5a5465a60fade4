import { asMinuteOfDay, formatTimeOfDay, MINUTES_PER_DAY } from '../../civil-time/index.js';
import {
  setController,
  setStation,
  type Plan,
  type ProgramSettings,
} from '../../settings/index.js';

/** Every plan that one change on the timer's steps makes: written down anew, and without any skill. */
export function* byOneChange(plan: Plan): Generator<Plan> {
  for (const [at, program] of plan.programs.entries()) {
    const edit = (fields: Partial<ProgramSettings>): Plan => ({
      ...plan,
      programs: plan.programs.with(at, { ...program, ...fields }),
    });
    for (const fields of startsAndDays(plan, program)) yield edit(fields);
    for (const fields of lengths(plan, program)) yield edit(fields);
  }
  for (const { number, minSoakSeconds = 0, runoffSeconds = 0 } of plan.stations) {
    yield setStation(number, { soakSeconds: minSoakSeconds })(plan);
    for (let cycleSeconds = 60; cycleSeconds <= runoffSeconds; cycleSeconds += 60)
      yield setStation(number, { cycleSeconds })(plan);
  }
  const { season } = plan.timer;
  for (
    let percent = season?.minPercent ?? 100;
    percent <= (season?.maxPercent ?? 100);
    percent += 10
  )
    yield setController({ season: { mode: 'whole', percent } })(plan);
}

function* startsAndDays(
  { timer }: Plan,
  { starts, enabled }: ProgramSettings,
): Generator<Partial<ProgramSettings>> {
  const times = Array.from({ length: MINUTES_PER_DAY / timer.startStepMinutes }, (_, at) =>
    formatTimeOfDay(asMinuteOfDay(at * timer.startStepMinutes)),
  );
  yield { enabled: !enabled };
  for (let place = 0; place < starts.length; place++) {
    yield { starts: starts.toSpliced(place, 1) };
    for (const time of times) yield { starts: starts.with(place, time) };
  }
  for (const time of times) yield { starts: [...starts, time] };
  for (let bits = 1; bits < 128; bits++) {
    const weekdays = [1, 2, 3, 4, 5, 6, 7].filter((weekday) => bits & (1 << (weekday - 1)));
    yield { days: { mode: 'weekdays', weekdays } };
    yield { blockedWeekdays: weekdays };
  }
}

function* lengths(
  { timer, stations }: Plan,
  { runs }: ProgramSettings,
): Generator<Partial<ProgramSettings>> {
  const { stepSeconds } = timer.runTime;
  for (const { number } of stations) {
    const others = runs.filter(({ station }) => station !== number);
    yield { runs: others };
    for (let seconds = stepSeconds; seconds <= 3600; seconds += stepSeconds)
      yield { runs: [...others, { station: number, seconds }] };
  }
}
