import { ELECTRICAL_FAULTS, type ElectricalCode } from '../faults/index.js';
import { setStart, type Plan, type PlanEdit } from '../settings/index.js';
import { oneOf, type Draw } from './draw.js';
import { electricalFault, faultOf, toldOf } from './lesson-parts.js';
import { USUALLY_ASKED } from './lesson.js';
import type { Hidden, PracticeCase, ToldFault } from './practice-case.js';
import { arrival, planOf, runsOf, stationsOf, usualPrograms, WALL_TIMER } from './practice-home.js';

/** So many faults are hidden. */
export const DIFFICULTIES = [1, 2, 3] as const;
export type Difficulty = (typeof DIFFICULTIES)[number];

/** One thing that is wrong: what it makes of the settings, what is hidden, what is seen of it, what is told after. */
interface Trouble {
  readonly edit?: PlanEdit;
  readonly hidden?: Hidden;
  readonly seen: string;
  readonly told: ToldFault;
}

type Making = (draw: Draw, copy: Plan) => Trouble;

const HALF_A_DAY = 43_200;
const AN_HOUR = 3600;
const A_DAY = 86_400;

const clock: Making = (draw) => {
  const offSeconds = oneOf(draw, [HALF_A_DAY, -HALF_A_DAY, AN_HOUR, -A_DAY, 5 * AN_HOUR + 1200]);
  const hidden = { code: 'clock', offSeconds } as const;
  return {
    ...{ hidden, told: faultOf(hidden) },
    seen: 'It comes on when it should not, and stays off when it should be on.',
  };
};

const percentage: Making = (draw) => {
  const percent = oneOf(draw, [30, 50, 60, 150, 180]);
  return {
    edit: (plan) => ({
      ...plan,
      controller: { ...plan.controller, season: { mode: 'whole', percent } },
    }),
    seen: percent < 100 ? 'Everything looks thirsty.' : 'It runs for far too long.',
    told: faultOf({ code: 'percent', percent }),
  };
};

const oneStartMore: Making = (draw) => {
  const time = oneOf(draw, ['11:30', '14:00', '19:45']);
  return {
    edit: setStart('A', 1, time),
    seen: 'On some days the lawn is watered a second time, in the middle of the day or the evening.',
    told: toldOf('extra-start', `Program A had a start more than the copy, at ${time}.`),
  };
};

const leftovers: Making = (draw, { stations }) => {
  const station = 1 + draw(stations.length);
  const program = {
    ...{ id: 'C', starts: ['13:00'], days: { mode: 'even' as const } },
    runs: runsOf([station], 15),
  };
  return {
    edit: (plan) => ({ ...plan, programs: [...plan.programs, { ...NOTHING_ELSE, ...program }] }),
    seen: 'One of them comes on at lunch every other day.',
    told: toldOf(
      'extra-program',
      `Program C, which nobody uses, held a start at 13:00 and 15 min for station ${station}.`,
    ),
  };
};

const NOTHING_ELSE = {
  ...{ enabled: true, percent: 100, blockedWeekdays: [], concurrent: 1, waterWindows: [] },
};

const nothingWaters: Making = (draw) =>
  draw(2) === 0
    ? {
        hidden: { code: 'sensor-stuck' },
        seen: 'Not a drop for a week, and it has been dry all along.',
        told: faultOf({ code: 'sensor-stuck' }),
      }
    : {
        edit: (plan) => ({ ...plan, controller: { ...plan.controller, off: true } }),
        seen: 'Not a drop for a week.',
        told: faultOf({ code: 'switched-off' }),
      };

const electrical: Making = (draw, { stations }) => {
  const of = oneOf<ElectricalCode>(draw, ['wire-open', 'coil-short', 'coil-open']);
  const at = stations[draw(stations.length)]!;
  return {
    hidden: { code: 'electrical', of, station: at.number },
    seen: `The ${at.name!.toLowerCase()} is dry.`,
    told: electricalFault(ELECTRICAL_FAULTS.find(({ code }) => code === of)!),
  };
};

const stuckValve: Making = (draw) => {
  // The last station of a run has nothing to stay open for.
  const fault = { code: 'valve-stuck', station: 1 + draw(2), isAlways: draw(3) === 0 } as const;
  return {
    ...{ hidden: fault, told: faultOf(fault) },
    seen: 'There is a puddle that never dries.',
  };
};

const MAKINGS: readonly [Making, ...Making[]] = [
  ...([clock, percentage, oneStartMore] as const),
  ...([leftovers, electrical, stuckValve] as const),
];

/** A timer with one to three faults, by seed: what was seen of them, and nothing of what they are. */
export function freeCase(draw: Draw, difficulty: Difficulty): PracticeCase {
  const copy = planOf({
    ...{ timer: WALL_TIMER, stations: stationsOf(4), programs: usualPrograms(10 + draw(8)) },
  });
  const rest = [...MAKINGS];
  // Where nothing waters, nothing else is to be seen.
  const makings: Making[] =
    difficulty === 1 && draw(5) === 0
      ? [nothingWaters]
      : Array.from({ length: difficulty }, () => rest.splice(draw(rest.length), 1)[0]!);
  const troubles = makings.map((make) => make(draw, copy));
  return {
    ...{ copy, goal: 'as-copy', asks: USUALLY_ASKED, now: arrival(draw) },
    inTimer: troubles.reduce((plan, { edit }) => edit?.(plan) ?? plan, copy),
    hidden: troubles.flatMap(({ hidden }) => hidden ?? []),
    story: troubles.map(({ seen }) => seen).join(' '),
    told: troubles.map(({ told }) => told),
  };
}
