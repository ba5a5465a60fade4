import { lastLook, type KeyInStep } from '../key-in/index.js';
import type { Plan } from '../settings/index.js';
import { inTimerNow } from './in-timer.js';
import { isKeyedIn } from './ticks.js';
import { toKeyIn, type ToKeyIn } from './to-key-in.js';
import type { VisitStep } from './visit-steps.js';

/** How far a step is whose work can be counted. */
export interface StepWork {
  readonly done: number;
  readonly of: number;
  /** What is still open, in words, in the order of the work. */
  readonly open: readonly string[];
}

/** What the work of a visit's steps is counted from. */
export interface WorkHere extends Omit<ToKeyIn, 'isWhole'> {
  /** When the visit began, ISO 8601 in UTC. */
  readonly startedAt: string;
  /** The copies of the timer, those that wait on the device too. */
  readonly copies: readonly { readonly reason: string; readonly madeAt: string }[];
}

/** The work of a step; null where there is nothing to count. */
export function workOf(step: VisitStep, here: WorkHere): StepWork | null {
  const { visit, startedAt, copies } = here;
  const isSaved = (reason: string) =>
    copies.some((copy) => copy.reason === reason && copy.madeAt >= startedAt);
  switch (step) {
    case 'as-found':
      return countedBy([isSaved('as-found')], () => 'a reading that is saved');
    case 'key-in': {
      // What was read back is known, ticked or not.
      if (isSaved('left')) return null;
      const steps = toKeyIn(here);
      return countedBy(
        steps.map((one) => isKeyedIn(visit, one)),
        (index) => keyInName(steps[index]!),
      );
    }
    case 'walk': {
      const { plan } = inTimerNow(here.target, here.reading, [visit]);
      const stations = plan.stations.filter(({ enabled }) => enabled);
      return countedBy(
        stations.map(({ number }) => visit.stations.has(number)),
        (index) => stationName(stations[index]!),
      );
    }
    case 'leave': {
      const { plan } = inTimerNow(here.target, here.reading, [visit]);
      const looks = lastLook(plan);
      return countedBy(
        looks.map((look) => isKeyedIn(visit, look)),
        (index) => looks[index]!.what.toLowerCase(),
      );
    }
    default:
      return null;
  }
}

const keyInName = ({ program, station, what }: KeyInStep): string =>
  [
    ...(program === null ? [] : [`program ${program}`]),
    ...(station === null ? [] : [`station ${station}`]),
    what.toLowerCase(),
  ].join(', ');

const stationName = ({ number, name }: Plan['stations'][number]): string =>
  name ? `station ${number} (${name})` : `station ${number}`;

function countedBy(isDone: readonly boolean[], nameOf: (index: number) => string): StepWork {
  const open = isDone.flatMap((is, index) => (is ? [] : [nameOf(index)]));
  return { done: isDone.length - open.length, of: isDone.length, open };
}
