import {
  asTimerSeconds,
  addSeconds,
  dayOf,
  formatDateTime,
  secondOfDay,
  startOfDay,
  type TimerSeconds,
} from '../civil-time/index.js';
import type { Collision, NominalRun } from '../engine/index.js';
import { exhaustive } from '../kernel/index.js';
import type { Plan } from '../settings/index.js';
import type { TimerCapability } from '../timer-types/index.js';
import { clockTime, lengthInWords, nearDate } from '../words/index.js';
import { rule, type FindingFacts } from './finding.js';

/** A pair of starts whose runs overlap, on whatever date that is first. */
export const collision = rule('collision', 'error', ({ plan, from, allDates }) =>
  allDates.collisions.map((first): FindingFacts => {
    const { a, b, seconds } = first;
    const nameA = nameOf(a, b);
    const nameB = nameOf(b, a);
    const day = nearDate(dayOf(b.nominal), from);
    return {
      program: a.program.id,
      startNumber: a.startNumber,
      message: `On ${day} ${nameB} starts at ${clockTime(b.nominal)} while ${nameA} is ${whereItIs(first)}: they overlap by ${upTo(plan)}${lengthInWords(seconds)}, and this timer ${whatItDoes(plan, a, nameA, nameB)}.`,
      fix: `Move ${nameB} to ${clockTime(clearStep(a, plan.timer))} or later, or let ${nameA} start earlier or run shorter.`,
      first: formatDateTime(b.nominal),
      seconds,
      b: { program: b.program.id, startNumber: b.startNumber },
    };
  }),
);

/** Where the weather sets the percentage, runs are taken at their longest. */
const upTo = ({ controller }: Plan): string =>
  controller.season.mode === 'weather' ? 'up to ' : '';

const nameOf = ({ program, startNumber }: NominalRun, other: NominalRun): string =>
  program.id === other.program.id
    ? `start ${startNumber} of program ${program.id}`
    : `program ${program.id}`;

function whereItIs({ a, b }: Collision): string {
  const into = b.nominal - a.nominal;
  const open = a.shape.pieces.find((piece) => piece.fromSeconds <= into && into < piece.toSeconds);
  return open ? `still on station ${open.station}` : 'still going';
}

function whatItDoes(plan: Plan, a: NominalRun, nameA: string, nameB: string): string {
  const { overlap } = plan.timer;
  switch (overlap) {
    case 'queue': {
      const free = endOf(a) + plan.controller.stationDelaySeconds;
      return `makes ${nameB} wait until ${clockTime(asTimerSeconds(free))} or later`;
    }
    case 'drop':
      return 'leaves out a start that comes while another run is going';
    case 'preempt':
      return `cuts ${nameA} off`;
    case 'concurrent':
      return 'waters both at once';
    default:
      return exhaustive(overlap);
  }
}

const endOf = ({ nominal, shape }: NominalRun): TimerSeconds =>
  addSeconds(nominal, shape.lengthSeconds);

/** The first time on the timer's step at which the run is over. */
function clearStep(run: NominalRun, { startStepMinutes }: TimerCapability) {
  const end = endOf(run);
  const step = startStepMinutes * 60;
  const rounded = Math.ceil(secondOfDay(end) / step) * step;
  return asTimerSeconds(startOfDay(dayOf(end)) + rounded);
}
