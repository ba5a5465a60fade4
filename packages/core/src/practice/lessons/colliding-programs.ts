import { USUALLY_ASKED, type Lesson } from '../lesson.js';
import { arrival, planOf, runsOf, stationsOf, WALL_TIMER } from '../practice-home.js';

export const COLLIDING_PROGRAMS: Lesson = {
  ...{ code: 'colliding-programs', title: 'Two programs that collide some nights' },
  teaches:
    'Programs with days of their own collide on some nights only. When one is still going, the other waits, is left out, or waters beside it.',
  make: (draw) => {
    const document = { timer: { ...WALL_TIMER, overlap: 'queue' }, stations: stationsOf(5) };
    const lawn = {
      ...{ id: 'A', starts: ['03:00'], days: { mode: 'weekdays', weekdays: [2, 5] } },
      runs: runsOf([1, 2, 3], 20),
    };
    const beds = {
      ...{ id: 'B', days: { mode: draw(2) === 0 ? 'odd' : 'even' }, runs: runsOf([4, 5], 15) },
    };
    return {
      copy: planOf({ ...document, programs: [lawn, { ...beds, starts: ['04:15'] }] }),
      inTimer: planOf({ ...document, programs: [lawn, { ...beds, starts: ['03:30'] }] }),
      ...{ goal: 'sound', hidden: [], asks: USUALLY_ASKED, now: arrival(draw) },
      story:
        'Some mornings the beds are still being watered when I get up, other mornings they are done. Nothing was changed.',
      told: [
        {
          what: 'Program B began at 03:30, while program A was going until 04:00 on its nights: the timer made B wait.',
          shows: 'On the nights of both the watering ends half an hour later.',
          fastest:
            'Add up the run times of A: does B begin before A is over, on any night of both?',
        },
      ],
    };
  },
};
