import { addSeconds } from '@water-clock/core/civil-time';
import type { OverlapBehaviour } from '@water-clock/core/timer-types';
import { exhaustive } from '@water-clock/core/kernel';
import { clockTime, lengthInWords } from '@water-clock/core/words';
import type { BoardCollision } from '../../computing/board-model';

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
