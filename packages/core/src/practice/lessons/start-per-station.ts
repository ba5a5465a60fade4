import { USUALLY_ASKED, type Lesson } from '../lesson.js';
import { arrival, planOf, runsOf, stationsOf, WALL_TIMER } from '../practice-home.js';

export const START_PER_STATION: Lesson = {
  ...{ code: 'start-per-station', title: 'A start for each station' },
  teaches:
    'One start runs all stations of a program, one after another. A start for each station runs all of them each time.',
  make: (draw) => {
    const document = { timer: WALL_TIMER, stations: stationsOf(3) };
    const program = {
      ...{ id: 'A', days: { mode: 'weekdays', weekdays: [1, 3, 6] } },
      runs: runsOf([1, 2, 3], 10 + draw(6)),
    };
    return {
      copy: planOf({ ...document, programs: [{ ...program, starts: ['04:00'] }] }),
      inTimer: planOf({
        ...document,
        programs: [{ ...program, starts: ['04:00', '04:15', '04:30'] }],
      }),
      ...{ goal: 'as-copy', hidden: [], asks: USUALLY_ASKED, now: arrival(draw) },
      story:
        'Everything is soggy, and the bill is three times what it was. I gave each station its own time.',
      told: [
        {
          what: 'Program A had three starts, one for each of its stations: every start ran all three.',
          shows: 'Each station waters three times a night, and the nights are long.',
          fastest: 'Count the starts of the program: more than one, and each runs everything.',
        },
      ],
    };
  },
};
