import { USUALLY_ASKED, type Lesson } from '../lesson.js';
import { arrival, planOf, runsOf, stationsOf, WALL_TIMER } from '../practice-home.js';

const ALL_WEEK = [1, 2, 3, 4, 5, 6, 7];

export const TOWN_RULES: Lesson = {
  ...{ code: 'town-rules', title: 'The rules of a town' },
  teaches:
    'Local rules beat every habit: allowed days, hours without water, a time by which it is over. A fine is the owner’s.',
  make: (draw) => {
    const rules = {
      weekdays: [2, 6],
      noWater: [{ from: '09:00', to: '18:00', weekdays: ALL_WEEK }],
    };
    const document = { timer: WALL_TIMER, stations: stationsOf(3), rules };
    const program = { id: 'A', runs: runsOf([1, 2, 3], 12 + draw(6)) };
    return {
      copy: planOf({
        ...document,
        programs: [{ ...program, starts: ['04:00'], days: { mode: 'weekdays', weekdays: [2, 6] } }],
      }),
      inTimer: planOf({
        ...document,
        programs: [{ ...program, starts: ['08:30'], days: { mode: 'weekdays', weekdays: [2, 5] } }],
      }),
      ...{ goal: 'sound', hidden: [], asks: USUALLY_ASKED, now: arrival(draw) },
      story:
        'There is a letter from the town: watering on a day that is not ours, and after nine in the morning.',
      told: [
        {
          what: 'Program A watered on Fridays, and went on past 09:00; the town allows Tuesday and Saturday, and nothing from 09:00 to 18:00.',
          shows: 'A letter with a date and a time in it.',
          fastest: 'Hold the days, and the end of the last run, against the rules of the town.',
        },
      ],
    };
  },
};
