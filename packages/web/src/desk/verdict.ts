import { civilDateOf, dayOf } from '@water-clock/core/civil-time';
import { clockTime, counted, dateAndTime, lengthInWords, longDate } from '@water-clock/core/words';
import type { DeskModel } from '../computing/desk-model';

/**
 * The verdict: collisions first, or that there never is one; how far the percentage may rise; and
 * whether there are other errors.
 */
export function verdict(model: DeskModel): string {
  return `${collisionVerdict(model)}${otherErrors(model)}`;
}

function collisionVerdict({ board: { nights, collisions }, allDates }: DeskModel): string {
  const shown = `these ${nights.length} nights`;
  if (nights.every(({ runs }) => runs.length === 0) && allDates.first === null)
    return `Nothing waters in ${shown}, up to the night of ${longDate(nights.at(-1)!.day)}.`;
  const [first] = collisions;
  const headroom =
    allDates.headroomPercent === null ? '' : ` Clear up to ${allDates.headroomPercent} %.`;
  if (first) {
    const more = collisions.length - 1;
    const others = more === 0 ? '' : `, and ${more} more in ${shown}`;
    return `Two runs collide: first ${dateAndTime(first.b.nominal)}, ${lengthInWords(first.seconds)}${others}.${headroom}`;
  }
  if (allDates.first) {
    const { start, seconds } = allDates.first;
    const { year } = civilDateOf(dayOf(start));
    return `Clear in ${shown}, but two runs collide on ${longDate(dayOf(start))} ${year}, ${clockTime(start)}, ${lengthInWords(seconds)}.${headroom}`;
  }
  return `No two runs ever overlap, on any date.${headroom}`;
}

function otherErrors({ findings }: DeskModel): string {
  const errors = findings.filter(
    ({ severity, code }) => severity === 'error' && code !== 'collision',
  );
  if (errors.some(({ code }) => code === 'clock-off')) {
    const more = errors.length - 1;
    return ` The clock is wrong${more > 0 ? `, and ${counted(more, 'other error')} below` : ''}.`;
  }
  return errors.length > 0 ? ` ${counted(errors.length, 'other error')} below.` : '';
}

/** True when something will not do what it is meant to. */
export const hasError = ({ board, findings }: DeskModel): boolean =>
  board.collisions.length > 0 || findings.some(({ severity }) => severity === 'error');
