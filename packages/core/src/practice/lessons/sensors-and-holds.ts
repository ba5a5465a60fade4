import { addDays, dayOf, formatDate } from '../../civil-time/index.js';
import { USUALLY_ASKED, type Lesson } from '../lesson.js';
import { faultOf } from '../lesson-parts.js';
import { arrival, planOf, stationsOf, usualPrograms, WALL_TIMER } from '../practice-home.js';

const HOLD_DAYS = 90;

export const SENSORS_AND_HOLDS: Lesson = {
  ...{ code: 'sensors-and-holds', title: 'Sensors and holds' },
  teaches:
    'A sensor that says wet, a switch at off, a hold that somebody forgot: three reasons for a dry yard that no program shows.',
  make: (draw) => {
    const now = arrival(draw);
    const document = {
      ...{ timer: WALL_TIMER, stations: stationsOf(4), programs: usualPrograms(12) },
    };
    const copy = planOf(document);
    const story = 'It has not rained for two weeks, and it has not watered for two weeks either.';
    const base = { copy, story, goal: 'as-copy', asks: USUALLY_ASKED, now } as const;
    switch (draw(3)) {
      case 0:
        return {
          ...{ ...base, inTimer: copy, hidden: [{ code: 'sensor-stuck' }] },
          told: [faultOf({ code: 'sensor-stuck' })],
        };
      case 1:
        return {
          ...{ ...base, inTimer: planOf({ ...document, controller: { off: true } }), hidden: [] },
          told: [faultOf({ code: 'switched-off' })],
        };
      default:
        return {
          ...{ ...base, hidden: [] },
          inTimer: planOf({
            ...document,
            controller: {
              pauses: [
                {
                  from: `${formatDate(addDays(dayOf(now), -14))}T00:00:00`,
                  to: `${formatDate(addDays(dayOf(now), HOLD_DAYS))}T00:00:00`,
                },
              ],
            },
          }),
          told: [
            {
              what: 'The timer was held for weeks, and nobody had ended the hold.',
              shows: 'Nothing begins by itself; by hand every station runs.',
              fastest: 'Look at the hold before any program is read: how many days are left?',
            },
          ],
        };
    }
  },
};
