import { clockOff } from './clock-off.js';
import { collision } from './collision.js';
import { concurrentUnsupported } from './concurrent-unsupported.js';
import { controllerOff } from './controller-off.js';
import { cycleSoakUnsupported } from './cycle-soak-unsupported.js';
import { dayMode } from './day-mode.js';
import { delayTooLong } from './delay-too-long.js';
import { flowOver } from './flow-over.js';
import { flowUnknown } from './flow-unknown.js';
import { intervalTooLong } from './interval-too-long.js';
import { knockOn } from './knock-on.js';
import { lateFinish } from './late-finish.js';
import { lowHeadroom } from './low-headroom.js';
import { missingDays } from './missing-days.js';
import { missingRunTime } from './missing-run-time.js';
import { missingStart } from './missing-start.js';
import { monthDayUnsupported } from './month-day-unsupported.js';
import { mowingDay } from './mowing-day.js';
import { neverWaters } from './never-waters.js';
import { oneLengthOnly } from './one-length-only.js';
import { percentBeyondTimer } from './percent-beyond-timer.js';
import { repeats } from './repeats.js';
import { ruleDay } from './rule-day.js';
import { ruleHours } from './rule-hours.js';
import { runOffStep } from './run-off-step.js';
import { runTooLong } from './run-too-long.js';
import { runTooShort } from './run-too-short.js';
import { runoff } from './runoff.js';
import { seasonScaled } from './season-scaled.js';
import { sensorBypassed } from './sensor-bypassed.js';
import { shortSoak } from './short-soak.js';
import { startOffStep } from './start-off-step.js';
import { startPerStation } from './start-per-station.js';
import { stationBeyondTimer } from './station-beyond-timer.js';
import { stationIdle } from './station-idle.js';
import { stationTwice } from './station-twice.js';
import { tooManyStarts } from './too-many-starts.js';
import { tooOften } from './too-often.js';
import { wetNight } from './wet-night.js';
import { windowCuts } from './window-cuts.js';
import { windowUnsupported } from './window-unsupported.js';

/** Everything that is looked for, in the order of the contract's list. */
export const RULES = [
  missingStart,
  missingRunTime,
  missingDays,
  neverWaters,
  collision,
  lowHeadroom,
  startPerStation,
  repeats,
  stationTwice,
  stationIdle,
  tooManyStarts,
  startOffStep,
  runTooShort,
  runTooLong,
  runOffStep,
  intervalTooLong,
  dayMode,
  stationBeyondTimer,
  percentBeyondTimer,
  delayTooLong,
  cycleSoakUnsupported,
  concurrentUnsupported,
  windowUnsupported,
  monthDayUnsupported,
  oneLengthOnly,
  seasonScaled,
  controllerOff,
  sensorBypassed,
  clockOff,
  ruleDay,
  ruleHours,
  mowingDay,
  lateFinish,
  wetNight,
  tooOften,
  runoff,
  shortSoak,
  flowOver,
  windowCuts,
  knockOn,
  flowUnknown,
] as const;
