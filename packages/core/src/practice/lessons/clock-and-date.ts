import { faultOf } from '../lesson-parts.js';
import { USUALLY_ASKED, type Lesson } from '../lesson.js';
import { oneOf } from '../draw.js';
import { arrival, planOf, stationsOf, usualPrograms, WALL_TIMER } from '../practice-home.js';

const HALF_A_DAY = 43_200;
const A_DAY = 86_400;

export const CLOCK_AND_DATE: Lesson = {
  ...{ code: 'clock-and-date', title: 'Clock and date' },
  teaches:
    'A right program on a wrong clock waters at the wrong time. Look at AM or PM, at the date and at the year first.',
  make: (draw) => {
    const copy = planOf({
      ...{ timer: WALL_TIMER, stations: stationsOf(4), programs: usualPrograms(10 + draw(8)) },
    });
    const offSeconds = oneOf(draw, [HALF_A_DAY, -HALF_A_DAY, A_DAY, -A_DAY, 2 * A_DAY]);
    const isDays = offSeconds % A_DAY === 0;
    return {
      ...{ copy, inTimer: copy, goal: 'as-copy', asks: USUALLY_ASKED, now: arrival(draw) },
      hidden: [{ code: 'clock', offSeconds }],
      story: isDays
        ? 'It waters on the wrong days since the power was out. I have touched nothing.'
        : 'It comes on in the middle of the afternoon, with everybody on the grass.',
      told: [faultOf({ code: 'clock', offSeconds })],
    };
  },
};
