import { addDays, dayOf, formatDate } from '../../civil-time/index.js';
import { USUALLY_ASKED, type Lesson } from '../lesson.js';
import { oneOf } from '../draw.js';
import { arrival, planOf, runsOf, stationsOf, WALL_TIMER } from '../practice-home.js';

export const DAYS: Lesson = {
  ...{ code: 'days', title: 'Days: weekdays, odd, even, intervals' },
  teaches:
    'A program counts by weekdays, by odd or even days, or every so many days from a first one. Kinds ask for the interval in their own way: a first day, the next one, or how many days are left.',
  make: (draw) => {
    const now = arrival(draw);
    const today = dayOf(now);
    const intervalAskedAs = oneOf(draw, ['first-day', 'next-day', 'days-left'] as const);
    const document = { timer: WALL_TIMER, stations: stationsOf(3) };
    const program = { id: 'A', starts: ['04:00'], runs: runsOf([1, 2, 3], 10) };
    const wanted = {
      ...{ mode: 'interval', everyDays: 3 },
      anchor: formatDate(addDays(today, 1 + draw(2))),
    };
    const found = oneOf<object>(draw, [
      { mode: 'odd' },
      { ...wanted, anchor: formatDate(addDays(today, 3)) },
      { mode: 'weekdays', weekdays: [1, 4] },
    ]);
    return {
      copy: planOf({ ...document, programs: [{ ...program, days: wanted }] }),
      inTimer: planOf({ ...document, programs: [{ ...program, days: found }] }),
      ...{ goal: 'as-copy', hidden: [], asks: { ...USUALLY_ASKED, intervalAskedAs }, now },
      story:
        'It should water every third day. It does not: my neighbour says it goes by a plan of its own.',
      told: [
        {
          what: 'Program A counted its days otherwise than the copy says.',
          shows: 'It waters at the right time, on the wrong days.',
          fastest:
            'Read how the program counts, and from which day: say aloud which night is next.',
        },
      ],
    };
  },
};
