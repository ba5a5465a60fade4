import { USUALLY_ASKED, type Lesson } from '../lesson.js';
import { oneOf } from '../draw.js';
import { arrival, planOf, runsOf, stationsOf, WALL_TIMER } from '../practice-home.js';

export const ONE_PROGRAM: Lesson = {
  ...{ code: 'one-program', title: 'One program' },
  teaches:
    'A program needs a start, a run time for each station, and days. One that misses any of them never waters.',
  make: (draw) => {
    const program = {
      ...{ id: 'A', starts: ['04:30'], days: { mode: 'weekdays', weekdays: [2, 5] } },
      runs: runsOf([1, 2, 3], 8 + draw(10)),
    };
    const document = { timer: WALL_TIMER, stations: stationsOf(3) };
    const missing = oneOf<object>(draw, [
      { ...program, starts: [] },
      { ...program, days: { mode: 'weekdays', weekdays: [] } },
      { ...program, runs: [] },
    ]);
    return {
      ...{ copy: planOf({ ...document, programs: [program] }), goal: 'as-copy', hidden: [] },
      inTimer: planOf({ ...document, programs: [missing] }),
      ...{ asks: USUALLY_ASKED, now: arrival(draw) },
      story:
        'Somebody set it up in spring, and it has never watered at all. The display looks fine.',
      told: [
        {
          what: 'Program A was set only in part: it had no start, no days, or no run times.',
          shows: 'Nothing waters, though the timer runs and its wires are whole.',
          fastest:
            'Read program A from its starts to its days: what is off there that the copy has?',
        },
      ],
    };
  },
};
