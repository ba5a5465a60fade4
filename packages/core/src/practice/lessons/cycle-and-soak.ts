import { USUALLY_ASKED, type Lesson } from '../lesson.js';
import { arrival, planOf, runsOf, stationsOf, WALL_TIMER } from '../practice-home.js';

const A_MINUTE = 60;

export const CYCLE_AND_SOAK: Lesson = {
  ...{ code: 'cycle-and-soak', title: 'Cycle and soak by the time to run-off' },
  teaches:
    'Water that runs off waters the street. Cut the run time into cycles no longer than the ground takes it, with a soak between them.',
  make: (draw) => {
    const runoffMinutes = 6 + draw(3);
    const timer = { ...WALL_TIMER, cycleSoak: { policy: 'in-order' } };
    const facts = { runoffSeconds: runoffMinutes * A_MINUTE, minSoakSeconds: 20 * A_MINUTE };
    const programs = [
      {
        ...{ id: 'A', starts: ['02:00'], days: { mode: 'weekdays', weekdays: [2, 6] } },
        runs: runsOf([1, 2], 24),
      },
    ];
    const cut = { cycleSeconds: (runoffMinutes - 1) * A_MINUTE, soakSeconds: 25 * A_MINUTE };
    return {
      copy: planOf({ timer, stations: stationsOf(2, { ...facts, ...cut }), programs }),
      inTimer: planOf({ timer, stations: stationsOf(2, facts), programs }),
      ...{ goal: 'sound', hidden: [], asks: USUALLY_ASKED, now: arrival(draw) },
      story: `Both lawns lie on a slope. After ${runoffMinutes} minutes there is a brook on the pavement, and the grass is dry all the same.`,
      told: [
        {
          what: `Each station ran 24 min without a break, and the ground takes ${runoffMinutes} min.`,
          shows: 'Water on the pavement, and dry ground a hand deep.',
          fastest:
            'Watch one station with a stopwatch until it runs off, and compare with its run time.',
        },
      ],
    };
  },
};
