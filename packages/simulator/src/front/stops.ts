import { keyInPlaces } from '@water-clock/core/key-in';
import type { KeyInPart } from '@water-clock/core/timer-types';
import { CLOCK_STOPS } from './clock-stops.js';
import { dayStops } from './day-stops.js';
import { seasonModeStops } from './season-stops.js';
import { startStops } from './start-stops.js';
import type { Asks, Held, Stop } from './stop.js';
import { stopsOf } from './value-stops.js';

/** What the switch on the front is for, and is not asked for. */
const SWITCHED = ['switch', 'rain sensor', 'freeze sensor'];

/** All values that the front asks for while a program's letter is chosen, in the order in which the kind asks. */
export function stopsFor(held: Held, program: string, asks: Asks): Stop[] {
  const { plan } = held;
  const places = keyInPlaces(plan).filter(
    ({ key, program: of }) => !SWITCHED.includes(key) && (of === undefined || of === program),
  );
  const ofPart = (part: KeyInPart): Stop[] => {
    const valued = places
      .filter((place) => place.part === part)
      .flatMap((place) => stopsOf(plan, place, asks));
    switch (part) {
      case 'clock':
        return [...CLOCK_STOPS];
      case 'starts':
        return startStops(plan, program, held);
      case 'days':
        return dayStops(plan, program, asks);
      case 'percent':
        return [...seasonModeStops(held), ...valued];
      default:
        return valued;
    }
  };
  return asks.keyInOrder.flatMap(ofPart);
}
