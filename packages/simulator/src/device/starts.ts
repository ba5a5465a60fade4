import {
  asDayNumber,
  asTimerSeconds,
  addSeconds,
  dayOf,
  parseDateTime,
  parseTimeOfDay,
  SECONDS_PER_DAY,
  startOfDay,
  type DayNumber,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import type { Plan, ProgramSettings } from '@water-clock/core/settings';
import { watersOn } from './water-days.js';

/** A start time of a program that has come. */
export interface Start {
  readonly program: ProgramSettings;
  readonly startNumber: number;
  readonly nominal: TimerSeconds;
}

/** When a program starts on one of its dates; of an interval in hours, whenever its count comes to it. */
function momentsOn({ days, starts }: ProgramSettings, day: DayNumber): TimerSeconds[] {
  const midnight = startOfDay(day);
  if (days.mode !== 'hours')
    return starts.map((start) => addSeconds(midnight, parseTimeOfDay(start)! * 60));
  const [begin, step] = [parseDateTime(days.anchor)!, days.everyHours * 3600];
  const moments: TimerSeconds[] = [];
  let next = begin + step * Math.max(0, Math.ceil((midnight - begin) / step));
  for (; next < midnight + SECONDS_PER_DAY; next += step) moments.push(asTimerSeconds(next));
  return moments;
}

/** The start times of a device, day by day, as its clock comes to them. */
export class Starts {
  private day: DayNumber | null = null;
  private ofDay: readonly Start[] = [];

  constructor(private readonly plan: Plan) {}

  /** The moment of the next start after `at` on its date, or else the next midnight. */
  nextAfter(at: TimerSeconds): TimerSeconds {
    const next = this.on(dayOf(at)).find(({ nominal }) => nominal > at);
    return next?.nominal ?? startOfDay(asDayNumber(dayOf(at) + 1));
  }

  /** The starts at just this moment, in the timer's order. */
  at(at: TimerSeconds): readonly Start[] {
    return this.on(dayOf(at)).filter(({ nominal }) => nominal === at);
  }

  private on(day: DayNumber): readonly Start[] {
    if (this.day !== day) {
      this.day = day;
      this.ofDay = this.startsOn(day);
    }
    return this.ofDay;
  }

  private startsOn(day: DayNumber): Start[] {
    const { timer, programs } = this.plan;
    const place = ({ program }: Start) => timer.programs.indexOf(program.id);
    return programs
      .filter((program) => program.enabled && watersOn(this.plan, program, day))
      .flatMap((program) =>
        momentsOn(program, day).map((nominal, index) => ({
          program,
          startNumber: program.days.mode === 'hours' ? 1 : index + 1,
          nominal,
        })),
      )
      .sort(
        (a, b) => a.nominal - b.nominal || place(a) - place(b) || a.startNumber - b.startNumber,
      );
  }
}
