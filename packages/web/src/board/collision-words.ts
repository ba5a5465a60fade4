import { addSeconds, civilDateOf, dayOf } from '@water-clock/core/civil-time';
import type { OverlapBehaviour } from '@water-clock/core/timer-kinds';
import { exhaustive } from '@water-clock/core/kernel';
import { clockTime, dateAndTime, lengthInWords, longDate } from '@water-clock/core/words';
import type { BoardCollision, BoardModel, BoardNight } from './board-model';

/** All collisions of one start with another, in the nights shown. */
export interface CollisionGroup {
  readonly key: string;
  readonly first: BoardCollision;
  readonly night: BoardNight;
  readonly nights: number;
}

export function collisionGroups({ nights }: BoardModel): CollisionGroup[] {
  const groups = new Map<string, CollisionGroup>();
  for (const night of nights)
    for (const collision of night.collisions) {
      const { a, b } = collision;
      const key = `${a.program} ${a.startNumber} ${b.program} ${b.startNumber}`;
      const known = groups.get(key);
      groups.set(
        key,
        known
          ? { ...known, nights: known.nights + 1 }
          : { key, first: collision, night, nights: 1 },
      );
    }
  return [...groups.values()];
}

/** Which run is meant, where its program has several starts. */
const nameOf = (
  { program, startNumber }: BoardCollision['a'],
  other: BoardCollision['a'],
): string => (program === other.program ? `${program} (start ${startNumber})` : program);

/** What happens on site: which run starts while which station is still on. */
export function whatHappens({ a, b }: BoardCollision): string {
  const open = a.pieces.find((piece) => piece.from <= b.asked.from && b.asked.from < piece.to);
  const where = open ? `still on station ${open.station}` : 'still going';
  return `${nameOf(b, a)} starts at ${clockTime(b.nominal)} while ${nameOf(a, b)} is ${where}.`;
}

/** What this timer makes of it. */
export function whatTheTimerDoes({ a, b }: BoardCollision, overlap: OverlapBehaviour): string {
  const [nameA, nameB] = [nameOf(a, b), nameOf(b, a)];
  switch (overlap) {
    case 'queue': {
      if (!b.real) return '';
      const wait = lengthInWords(b.real.from - b.asked.from);
      const end = clockTime(addSeconds(b.nominal, b.real.to - b.asked.from));
      return `This timer makes ${nameB} wait ${wait}, so it ends at ${end}.`;
    }
    case 'drop':
      return b.real
        ? `This timer runs ${nameB} all the same, because ${nameA} was left out.`
        : `This timer leaves ${nameB} out: its stations stay dry that night.`;
    case 'preempt': {
      const lost = a.real ? a.asked.to - a.real.to : 0;
      return `This timer cuts ${nameA} off: ${lengthInWords(lost)} of it never run.`;
    }
    case 'concurrent':
      return `This timer waters both at once, which takes the pressure of both.`;
    default:
      return exhaustive(overlap);
  }
}

/** The verdict: what is wrong first, or that nothing ever is; and how far the percentage may rise. */
export function verdict(model: BoardModel): string {
  const { nights, collisions, ever } = model;
  const shown = `these ${nights.length} nights`;
  if (nights.every(({ runs }) => runs.length === 0) && ever.first === null)
    return `Nothing waters in ${shown}, up to the night of ${longDate(nights.at(-1)!.day)}.`;
  const [first] = collisions;
  const headroom = ever.headroomPercent === null ? '' : ` Clear up to ${ever.headroomPercent} %.`;
  if (first) {
    const more = collisions.length - 1;
    const others = more === 0 ? '' : `, and ${more} more in ${shown}`;
    return `Two runs collide: first ${dateAndTime(first.b.nominal)}, ${lengthInWords(first.seconds)}${others}.${headroom}`;
  }
  if (ever.first) {
    const { start, seconds } = ever.first;
    const { year } = civilDateOf(dayOf(start));
    return `Clear in ${shown}, but two runs collide on ${longDate(dayOf(start))} ${year}, ${clockTime(start)}, ${lengthInWords(seconds)}.${headroom}`;
  }
  return `No two runs ever overlap, on any date.${headroom}`;
}

/** True when two runs overlap, in the nights shown or on any later date. */
export const everCollides = ({ collisions, ever }: BoardModel): boolean =>
  collisions.length > 0 || ever.first !== null;
