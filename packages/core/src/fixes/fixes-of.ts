import type { DayNumber } from '../civil-time/index.js';
import type { Finding } from '../findings/index.js';
import {
  setController,
  setProgram,
  setStart,
  type Plan,
  type ProgramSettings,
} from '../settings/index.js';
import { counted, lengthInWords } from '../words/index.js';
import { withClearStart } from './clear-start.js';
import { clearProgram, type Fix } from './fix.js';
import { lessOften } from './less-often.js';

/** The fixes of a finding, the likeliest first; none where only the technician knows what is meant. */
export function fixesOf(plan: Plan, finding: Finding, from: DayNumber): Fix[] {
  const ofProgram = (fixOf: (program: ProgramSettings) => Fix): Fix[] =>
    plan.programs.filter(({ id }) => id === finding.program).map(fixOf);
  switch (finding.code) {
    case 'collision':
      return collisionFixes(plan, finding, from);
    case 'start-per-station':
      return ofProgram((program) => keepFirstStart(plan, program));
    case 'too-many-starts':
      return ofProgram((program) => dropStartsBeyond(plan, program));
    case 'missing-start':
    case 'missing-run-time':
    case 'missing-days':
      return ofProgram(({ id }) => clearProgram(plan, id));
    case 'station-twice':
      return leftovers(plan, finding.station!).map(({ id }) => clearProgram(plan, id));
    case 'too-often':
      return lessOften(plan, finding.station!);
    case 'delay-too-long': {
      const most = plan.timer.maxStationDelaySeconds;
      const changed = setController({ stationDelaySeconds: most })(plan);
      return [{ label: `Set the wait between stations to ${lengthInWords(most)}`, plan: changed }];
    }
    case 'controller-off':
      return [{ label: 'Switch the timer on', plan: setController({ off: false })(plan) }];
    case 'sensor-bypassed':
      return [activeSensors(plan, finding)];
    case 'window-unsupported':
      return finding.program === null
        ? [{ label: 'Drop the hours', plan: setController({ noWater: [] })(plan) }]
        : ofProgram(({ id }) => ({
            label: `Drop the hours of program ${id}`,
            plan: setProgram(id, { waterWindows: [] })(plan),
          }));
    case 'month-day-unsupported':
      return [{ label: 'Drop the days off', plan: setController({ monthDaysOff: [] })(plan) }];
    default:
      return [];
  }
}

function activeSensors(plan: Plan, { sensors = [] }: Finding): Fix {
  const active = {
    ...(sensors.includes('rain') && { rainSensor: 'active' as const }),
    ...(sensors.includes('freeze') && { freezeSensor: 'active' as const }),
  };
  const label = sensors.length > 1 ? 'Set both sensors to active' : 'Set the sensor to active';
  return { label, plan: setController(active)(plan) };
}

function collisionFixes(plan: Plan, { program, startNumber, b }: Finding, from: DayNumber): Fix[] {
  if (!b || program === null || startNumber === null) return [];
  const fixes: Fix[] = [];
  const moved = withClearStart(plan, b, from);
  if (moved)
    fixes.push({
      label: moved.isCount
        ? `Count the hours of program ${b.program} from ${moved.start}`
        : `Move start ${b.startNumber} of program ${b.program} to ${moved.start}`,
      plan: moved.plan,
    });
  const own = plan.programs.find(({ id }) => id === program);
  if (b.program === program && own?.days.mode !== 'hours') {
    fixes.push({
      label: `Drop start ${b.startNumber} of program ${program}`,
      plan: setStart(program, b.startNumber - 1, null)(plan),
    });
  }
  return fixes;
}

function keepFirstStart(plan: Plan, { id, starts }: ProgramSettings): Fix {
  const first = [...starts].sort()[0]!;
  return {
    label: `Keep the start at ${first}, drop ${counted(starts.length - 1, 'other')}`,
    plan: setProgram(id, { starts: [first] })(plan),
  };
}

function dropStartsBeyond(plan: Plan, { id, starts }: ProgramSettings): Fix {
  const most = plan.timer.startsPerProgram;
  return {
    label: `Drop ${counted(starts.length - most, 'start')} of program ${id}`,
    plan: setProgram(id, { starts: starts.slice(0, most) })(plan),
  };
}

/** Programs that water nothing but what other programs water too, the later ones first. */
function leftovers({ programs }: Plan, station: number): ProgramSettings[] {
  const waters = ({ runs }: ProgramSettings, wanted: number) =>
    runs.some((run) => run.station === wanted && run.seconds > 0);
  return programs
    .filter((program) => program.enabled && waters(program, station))
    .filter((program) =>
      program.runs
        .filter(({ seconds }) => seconds > 0)
        .every((run) =>
          programs.some(
            (other) => other !== program && other.enabled && waters(other, run.station),
          ),
        ),
    )
    .reverse();
}

/** True where a finding may have a fix; without the search that the fix itself may take. */
export const isFixable = (plan: Plan, finding: Finding, from: DayNumber): boolean =>
  finding.code === 'collision' || fixesOf(plan, finding, from).length > 0;
