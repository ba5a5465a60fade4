import { USUALLY_ASKED, type Lesson } from '../lesson.js';
import { faultOf } from '../lesson-parts.js';
import { oneOf } from '../draw.js';
import { arrival, planOf, stationsOf, usualPrograms, WALL_TIMER } from '../practice-home.js';

export const PERCENTAGE: Lesson = {
  ...{ code: 'percentage', title: 'The season percentage' },
  teaches:
    'The percentage scales every run time of the timer. Run times are read and set at 100 %.',
  make: (draw) => {
    const document = {
      ...{ timer: WALL_TIMER, stations: stationsOf(4), programs: usualPrograms(12 + draw(6)) },
    };
    const percent = oneOf(draw, [30, 40, 50, 150, 180]);
    return {
      copy: planOf(document),
      inTimer: planOf({ ...document, controller: { season: { mode: 'whole', percent } } }),
      ...{ goal: 'as-copy', hidden: [], asks: USUALLY_ASKED, now: arrival(draw) },
      story:
        percent < 100
          ? 'The lawn is brown, though every station comes on just when it should.'
          : 'It runs down the path, though nobody changed the minutes.',
      told: [faultOf({ code: 'percent', percent })],
    };
  },
};
