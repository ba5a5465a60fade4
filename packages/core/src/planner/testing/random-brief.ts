import { runShape, scaledSeconds, percentGrid } from '../../engine/index.js';

/** Whole numbers from 0 up to a limit, the same ones for the same seed (Park and Miller). */
export type Draw = (limit: number) => number;

export function drawFrom(seed: number): Draw {
  let state = (seed % 2_147_483_646) + 1;
  for (let turn = 0; turn < 8; turn++) state = (state * 48_271) % 2_147_483_647;
  return (limit) => {
    state = (state * 48_271) % 2_147_483_647;
    return state % limit;
  };
}

interface Station {
  readonly number: number;
  readonly [field: string]: unknown;
}

const HEADS = ['spray', 'rotor', 'rotary', 'drip', 'bubbler'];
const PLANTS = ['turf', 'shrubs', 'trees', 'flowers', 'vegetables'];

export interface RandomBrief {
  readonly document: Record<string, unknown>;
  /** How many programs and starts the settings have that it was made from. */
  readonly known: { readonly programs: number; readonly starts: number };
}

interface Shape {
  /** At most so many stations. */
  readonly stations: number;
  /** Steps of a quarter of an hour and of minutes, so that few settings are possible. */
  readonly isCoarse: boolean;
}

const pickerOf =
  (draw: Draw) =>
  <Value>(from: readonly Value[]): Value =>
    from[draw(from.length)]!;

function randomTimer(draw: Draw, count: number, isCoarse: boolean) {
  const pick = pickerOf(draw);
  const stepSeconds = isCoarse ? 300 : pick([10, 30, 60]);
  return {
    stations: count + 1 + draw(3),
    programs: ['A', 'B', 'C', 'D'],
    startsPerProgram: 3 + draw(4),
    startStepMinutes: isCoarse ? 30 : pick([1, 5, 10, 15]),
    runTime: {
      minSeconds: stepSeconds,
      maxSeconds: 14_400,
      stepSeconds,
      scope: draw(8) === 0 && !isCoarse ? 'program' : 'station',
    },
    dayModes: pick([
      ['weekdays', 'interval'],
      ['weekdays', 'odd', 'even', 'interval'],
    ]),
    intervalMaxDays: 31,
    blockedDay: pick(['skip', 'defer']),
    stationOrder: isCoarse ? 'number' : pick(['number', 'listed']),
    season:
      draw(5) > 0
        ? {
            modes: ['whole'],
            minPercent: 10,
            maxPercent: 150,
            stepPercent: 10,
            roundToSeconds: pick([1, stepSeconds]),
          }
        : null,
    overlap: pick(['queue', 'drop', 'preempt', 'concurrent']),
    cycleSoak: draw(2) === 0 ? { policy: pick(['in-order', 'ready-first']) } : null,
  };
}

/**
 * A brief that can be met, for it is made from settings: programs of some rhythms one after the other
 * in a night, whose run times become needs and whose length becomes the hours.
 */
export function randomBrief(draw: Draw, { stations: most, isCoarse }: Shape): RandomBrief {
  const pick = pickerOf(draw);
  const count = 1 + draw(most);
  const timer = randomTimer(draw, count, isCoarse);
  const { stepSeconds } = timer.runTime;
  const hasCycles = timer.cycleSoak !== null;
  const headroomPercent = pick([100, 110, 120, 130]);
  const headroom = headroomOf(timer, headroomPercent);
  const stationDelaySeconds = pick([0, 5, 30]);
  const mowing = draw(2) ? [1 + draw(7)] : [];

  const groups = groupsOf(draw, count, mowing.length > 0 ? 'weekdays' : 'any');
  const stations: Station[] = [];
  let [night, starts, number] = [0, 0, 0];
  for (const group of groups) {
    const runs = hasCycles ? 1 : 1 + draw(isCoarse ? 2 : 3);
    starts += runs;
    const length = () =>
      stepSeconds * (isCoarse ? 1 + draw(3) : Math.ceil((120 + draw(900)) / stepSeconds));
    const one = timer.runTime.scope === 'program' ? length() : null;
    const shares = group.members.map(() => {
      number += 1;
      const seconds = one ?? length();
      const isCut = hasCycles ? draw(2) === 0 : runs > 1;
      const maxPieceSeconds = hasCycles
        ? stepSeconds * Math.max(1, Math.ceil(seconds / stepSeconds / (2 + draw(2))))
        : seconds;
      const minSoakSeconds = 300 * (1 + draw(6));
      stations.push({
        number,
        head: pick(HEADS),
        plant: pick(PLANTS.slice(0, 4)),
        need: needOf(draw, group, seconds, runs, stepSeconds),
        ...(isCut && { maxPieceSeconds, minSoakSeconds }),
      });
      return { station: number, seconds, isCut, maxPieceSeconds, minSoakSeconds };
    });
    night += roomFor(shares, { timer, headroom, stationDelaySeconds, runs });
  }
  const length = Math.ceil(night / 60) + draw(40);
  const finish = 240 + 5 * draw(36);
  // Where only some weekdays may be watered the night keeps to one date.
  const areDaysBound = mayBindDays(groups) && length < finish && draw(3) === 0;
  const seed = isCoarse ? null : seedBeside(draw, groups, timer.runTime, number + 1);
  return {
    document: {
      format: 'waterclock.brief/1',
      from: '2026-06-01',
      timer,
      controller: { stationDelaySeconds },
      rules: {
        earliestStart: clock(finish - Math.min(length, 1439 - 720 + finish)),
        finishBy: clock(finish),
        headroomPercent,
        mowingWeekdays: mowing,
        ...(areDaysBound && {
          weekdays: [1, 2, 3, 4, 5, 6, 7].filter((day) => day !== 1 + (number % 7)),
        }),
        exempt: isCoarse ? [] : pick([[], ['drip']]),
      },
      stations: seed ? [...stations, seed] : stations,
      prefer: 'one-program',
    },
    known: {
      programs: groups.length + Number(seed !== null),
      starts: starts + (seed ? 3 : 0),
    },
  };
}

/** Whether the rhythms leave two weekdays of seven. */
const mayBindDays = (groups: readonly Group[]): boolean =>
  groups.every(({ days }) => 'perWeek' in days && days.perWeek[0] < 5);

const headroomOf = ({ season }: ReturnType<typeof randomTimer>, wanted: number): number =>
  season ? percentGrid(season as never).find((percent) => percent >= wanted)! : 100;

/** New seed, now and then, where there is a program left for it. */
const seedBeside = (
  draw: Draw,
  groups: readonly Group[],
  { scope, stepSeconds }: ReturnType<typeof randomTimer>['runTime'],
  number: number,
): Station | null =>
  draw(6) === 0 && groups.length < 3 && scope === 'station'
    ? seedOf(draw, number, stepSeconds)
    : null;

/** New seed by day, on some of the days that mowing leaves. */
const seedOf = (draw: Draw, number: number, stepSeconds: number): Station => ({
  number,
  head: 'spray',
  plant: 'seed',
  need: {
    timesPerDay: 3,
    seconds: stepSeconds * Math.ceil(120 / stepSeconds) - draw(stepSeconds),
    daysPerWeek: [4, 6],
    spread: ['09:00', '17:00'],
  },
});

const clock = (minute: number): string => {
  const within = ((minute % 1440) + 1440) % 1440;
  const two = (value: number) => String(value).padStart(2, '0');
  return `${two(Math.floor(within / 60))}:${two(within % 60)}`;
};

interface Group {
  readonly days: { readonly perWeek: readonly [number, number] } | { readonly everyDays: number };
  readonly members: readonly number[];
}

/** One to three rhythms that do not go together, and the stations of each. */
function groupsOf(draw: Draw, count: number, mode: 'weekdays' | 'any'): Group[] {
  const rhythms: Group['days'][] = [
    { perWeek: [1, 2] },
    { perWeek: [3, 4] },
    // Every seven days keeps off a mowing day; other intervals would drift onto it.
    mode === 'any' ? { everyDays: [5, 6, 9, 10][draw(4)]! } : { perWeek: [5, 5] },
  ];
  const chosen = rhythms.slice(0, 1 + draw(Math.min(3, count)));
  const members: number[][] = chosen.map((_, index) => [index]);
  for (let extra = chosen.length; extra < count; extra++) members[draw(chosen.length)]!.push(extra);
  return chosen.map((days, index) => ({ days, members: members[index]! }));
}

function needOf(draw: Draw, { days }: Group, seconds: number, runs: number, step: number): object {
  if ('everyDays' in days)
    return { everyDays: days.everyDays, seconds: seconds * runs - draw(step) };
  // The need that the fewest days of the range meet.
  return {
    weeklySeconds: Math.max(1, (seconds * runs - draw(step)) * days.perWeek[0]),
    daysPerWeek: days.perWeek,
  };
}

interface ShareOfGroup {
  readonly station: number;
  readonly seconds: number;
  readonly isCut: boolean;
  readonly maxPieceSeconds: number;
  readonly minSoakSeconds: number;
}

interface RoomAsked {
  readonly timer: {
    readonly startStepMinutes: number;
    readonly cycleSoak: { readonly policy: string } | null;
    readonly season: { readonly roundToSeconds: number } | null;
  };
  readonly headroom: number;
  readonly stationDelaySeconds: number;
  readonly runs: number;
}

/** The hours that a group surely needs: its runs at headroom, their soaks, and the start steps. */
function roomFor(
  shares: readonly ShareOfGroup[],
  { timer, headroom, stationDelaySeconds, runs }: RoomAsked,
): number {
  const lengthAt = (percent: number) =>
    runShape(
      shares.map(({ station, seconds, isCut, maxPieceSeconds, minSoakSeconds }) => ({
        station,
        seconds: scaledSeconds(seconds, percent, timer.season?.roundToSeconds ?? 1),
        cycleSeconds: isCut && timer.cycleSoak ? maxPieceSeconds : Infinity,
        soakSeconds: isCut && timer.cycleSoak ? minSoakSeconds : 0,
      })),
      {
        policy: (timer.cycleSoak?.policy ?? 'in-order') as 'in-order',
        slots: 1,
        delaySeconds: stationDelaySeconds,
      },
    ).lengthSeconds;
  const length = Math.max(lengthAt(100), lengthAt(headroom)) + stationDelaySeconds;
  const soak = Math.max(
    0,
    ...shares.map(({ isCut, minSoakSeconds }) => (isCut ? minSoakSeconds : 0)),
  );
  const step = timer.startStepMinutes * 60;
  return runs * (length + step) + (runs - 1) * (soak + step);
}
