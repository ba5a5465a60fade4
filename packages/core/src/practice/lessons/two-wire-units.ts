import { ELECTRICAL_FAULTS, type ElectricalCode } from '../../faults/index.js';
import { USUALLY_ASKED, type Lesson } from '../lesson.js';
import { electricalFault } from '../lesson-parts.js';
import { oneOf } from '../draw.js';
import { arrival, planOf, stationsOf, usualPrograms, WALL_TIMER } from '../practice-home.js';

export const TWO_WIRE_UNITS: Lesson = {
  ...{ code: 'two-wire-units', title: 'Two-wire units' },
  teaches:
    'On two wires each valve has a unit with a number. Search the cable: who answers, and who is the first that does not? Ohms say nothing here; a unit is judged by its own test.',
  make: (draw) => {
    const of = oneOf<ElectricalCode>(draw, ['unit-silent', 'cable-open']);
    const station = 2 + draw(3);
    const copy = planOf({
      ...{ timer: WALL_TIMER, stations: stationsOf(4), programs: usualPrograms(12) },
    });
    return {
      ...{ copy, inTimer: copy, goal: 'as-copy', now: arrival(draw) },
      asks: { ...USUALLY_ASKED, wiring: 'two-wire' },
      hidden: [{ code: 'electrical', of, station }],
      story:
        of === 'unit-silent'
          ? `Only the ${copy.stations[station - 1]!.name!.toLowerCase()} stays dry; all others are fine.`
          : 'Since the fence was built, the far end of the garden has no water.',
      told: [electricalFault(ELECTRICAL_FAULTS.find(({ code }) => code === of)!)],
    };
  },
};
