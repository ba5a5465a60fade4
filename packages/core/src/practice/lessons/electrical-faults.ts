import { ELECTRICAL_FAULTS, type ElectricalCode } from '../../faults/index.js';
import { USUALLY_ASKED, type Lesson } from '../lesson.js';
import { electricalFault } from '../lesson-parts.js';
import { oneOf } from '../draw.js';
import { arrival, planOf, stationsOf, usualPrograms, WALL_TIMER } from '../practice-home.js';

export const ELECTRICAL: Lesson = {
  ...{ code: 'electrical-faults', title: 'Wires, coils and the meter' },
  teaches:
    'A station that never opens: run it by hand, then measure at its terminal. Open, short or fine: each leads elsewhere. Power off before a wire is touched; the mains side is for a licensed electrician.',
  make: (draw) => {
    const of = oneOf<ElectricalCode>(draw, ['wire-open', 'coil-short', 'coil-open', 'common-open']);
    const station = 1 + draw(4);
    const copy = planOf({
      ...{ timer: WALL_TIMER, stations: stationsOf(4), programs: usualPrograms(12) },
    });
    const isAll = of === 'common-open';
    return {
      ...{ copy, inTimer: copy, goal: 'as-copy', asks: USUALLY_ASKED, now: arrival(draw) },
      hidden: [{ code: 'electrical', of, station }],
      story: isAll
        ? 'The timer counts down as always, and not a drop comes out anywhere.'
        : `The ${copy.stations[station - 1]!.name!.toLowerCase()} stays dry. The timer says it is on.`,
      told: [electricalFault(ELECTRICAL_FAULTS.find(({ code }) => code === of)!)],
    };
  },
};
