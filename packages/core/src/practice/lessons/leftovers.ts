import { toldOf } from '../lesson-parts.js';
import { USUALLY_ASKED, type Lesson } from '../lesson.js';
import {
  arrival,
  planOf,
  runsOf,
  stationsOf,
  usualPrograms,
  WALL_TIMER,
} from '../practice-home.js';

export const LEFTOVERS: Lesson = {
  ...{ code: 'leftovers', title: 'A second program, and leftovers' },
  teaches:
    'Programs that nobody uses may still hold a start and a run time. Step through all of them before anything is believed.',
  make: (draw) => {
    const document = { timer: WALL_TIMER, stations: stationsOf(4) };
    const programs = usualPrograms(10 + draw(6));
    const station = 1 + draw(4);
    const left = {
      ...{ id: 'C', starts: ['13:00'], days: { mode: 'odd' } },
      runs: runsOf([station], 12),
    };
    return {
      copy: planOf({ ...document, programs }),
      inTimer: planOf({ ...document, programs: [...programs, left] }),
      ...{ goal: 'as-copy', hidden: [], asks: USUALLY_ASKED, now: arrival(draw) },
      story:
        'At night it does what it should. But every other day one of them comes on at lunch as well.',
      told: [
        toldOf(
          'extra-program',
          `Program C, which nobody uses, had a start at 13:00 and 12 min for station ${station}, on odd days.`,
        ),
      ],
    };
  },
};
