import { addDays, parseDateTime, startOfDay, type DayNumber } from '@water-clock/core/civil-time';
import { OUTLOOK_DAYS, type TimersOverlap } from '@water-clock/core/findings';
import type { Stretch } from '@water-clock/core/settings';
import { counted, lengthInWords, longDate, nearMoment } from '@water-clock/core/words';
import type { DeskModel } from '../computing/desk-model';

/**
 * The verdict: collisions first, or that there never is one; how far the percentage may rise; and
 * whether there are other errors.
 */
export function verdict(model: DeskModel): string {
  return `${collisionVerdict(model)}${otherErrors(model)}`;
}

function collisionVerdict({
  outlook: { first, collisions, runs },
  since,
  allDates,
}: DeskModel): string {
  if (runs === 0 && first === null)
    return `Nothing waters in ${OUTLOOK_DAYS} days, up to ${longDate(addDays(since, OUTLOOK_DAYS - 1))}.`;
  const headroom =
    allDates.headroomPercent === null ? '' : ` Clear up to ${allDates.headroomPercent} %.`;
  if (first === null) return `No two runs overlap, on any date.${headroom}`;
  const length = lengthInWords(first.seconds);
  const when = nearMoment(first.start, since);
  if (collisions === 0)
    return `Clear for ${OUTLOOK_DAYS} days, but two runs collide on ${when}, ${length}.${headroom}`;
  const others = collisions === 1 ? '' : `, and ${collisions - 1} more in ${OUTLOOK_DAYS} days`;
  return `Two runs collide: first ${when}, ${length}${others}.${headroom}`;
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

/** What the verdict comes to: only what waters, and does what it is meant to, is clear. */
export function verdictKind({ outlook: { runs }, findings }: DeskModel): 'error' | 'dry' | 'clear' {
  if (findings.some(({ severity }) => severity === 'error')) return 'error';
  return runs === 0 ? 'dry' : 'clear';
}

/** The pauses that are not over yet and begin within what the verdict looks at: then nothing waters. */
export function pauseWords(pauses: readonly Stretch[], since: DayNumber): string {
  const [today, end] = [startOfDay(since), startOfDay(addDays(since, OUTLOOK_DAYS))];
  return pauses
    .map(({ from, to }) => ({ from: parseDateTime(from)!, to: parseDateTime(to)! }))
    .filter(({ from, to }) => to > today && from < end)
    .map(({ from, to }) => ` On hold from ${nearMoment(from, since)} to ${nearMoment(to, since)}.`)
    .join('');
}

/** What is to be known of the other timers of the home: that no two runs overlap is said of this one alone. */
export function besideOthers(ofHome: Pick<TimersOverlap, 'severity'> | null): string {
  if (ofHome === null) return '';
  return ofHome.severity === 'error'
    ? ' With the other timers of this home it takes more than the supply gives.'
    : ' It waters while another timer of this home does.';
}
