import type { Plan, StationSettings } from '../settings/index.js';
import { plantInSettings, Yard, type YardStation } from './yard.js';

/** What yard and settings both say of a station. */
const SHARED = [
  'number',
  'name',
  'enabled',
  'head',
  'plant',
  'flowLpm',
  'pump',
  'rainSensor',
  'freezeSensor',
  'runoffSeconds',
  'minSoakSeconds',
] as const satisfies readonly (keyof StationSettings & keyof YardStation)[];
type SharedFact = (typeof SHARED)[number];

/** Unset facts are left out, so that two documents with the same facts are the same text. */
const sharedFacts = <Station extends Pick<StationSettings | YardStation, SharedFact>>(
  station: Station,
): Pick<Station, SharedFact> =>
  Object.fromEntries(
    SHARED.filter((fact) => station[fact] !== undefined).map((fact) => [fact, station[fact]]),
  ) as unknown as Pick<Station, SharedFact>;

/** What only the yard knows of a station. */
function yardFacts(station: YardStation): Partial<YardStation> {
  const shared: readonly string[] = SHARED;
  return Object.fromEntries(Object.entries(station).filter(([fact]) => !shared.includes(fact)));
}

/**
 * The settings for a yard: its stations with what the yard says of them, cycles and run times as
 * they were. Stations that the yard no longer has go, with their run times; followers take after
 * their leaders.
 */
export function withYard(plan: Plan, yard: Yard): Plan {
  const known = new Map(plan.stations.map((station) => [station.number, station]));
  const stations = [...yard.stations]
    .sort((a, b) => a.number - b.number)
    .map((station): StationSettings => {
      const { cycleSeconds, soakSeconds } = known.get(station.number) ?? {};
      const { plant, ...facts } = sharedFacts(station);
      return {
        ...facts,
        ...(plant !== undefined && { plant: plantInSettings(plant) }),
        ...(cycleSeconds !== undefined && { cycleSeconds }),
        ...(soakSeconds !== undefined && { soakSeconds }),
      };
    });
  const numbers = new Set(stations.map(({ number }) => number));
  const programs = plan.programs.map((program) => ({
    ...program,
    runs: program.runs.filter(({ station }) => numbers.has(station)),
  }));
  return withFollowers({ ...plan, stations, programs }, yard);
}

/** The yard for settings: what they say of their stations, with all that only the yard knows. */
export function yardFor(plan: Plan, before: Yard | null): Yard {
  const known = new Map(before?.stations.map((station) => [station.number, station]));
  const numbers = new Set(plan.stations.map(({ number }) => number));
  return {
    ...new Yard(),
    ...before,
    stations: plan.stations.map((station): YardStation => {
      const old = known.get(station.number);
      const { follows, followsFor, ...own } = old ? yardFacts(old) : {};
      const isSamePlant = old?.plant && plantInSettings(old.plant) === station.plant;
      return {
        ...sharedFacts(station),
        ...own,
        ...(isSamePlant && { plant: old.plant }),
        ...(follows !== undefined &&
          numbers.has(follows) && { follows, ...(followsFor !== undefined && { followsFor }) }),
      };
    }),
  };
}

/** Who takes its times from whom: the leader of each follower. */
export const leadersOf = (yard: Yard): ReadonlyMap<number, number> =>
  new Map(
    yard.stations.flatMap(({ number, follows, followsFor }) =>
      follows === undefined || followsFor === 'sensor' ? [] : [[number, follows] as const],
    ),
  );

/** The stations that a moisture sensor may hold back: those that have one, and those that heed another's. */
export function moistureHeld({ stations }: Yard): number[] {
  const own = new Set(stations.filter((s) => s.moistureSensor).map(({ number }) => number));
  return stations
    .filter(
      ({ number, follows, followsFor }) =>
        own.has(number) || (followsFor === 'sensor' && follows !== undefined && own.has(follows)),
    )
    .map(({ number }) => number);
}

/** The settings in which every follower has its leader's run times, cycle and soak. */
export function withFollowers(plan: Plan, yard: Yard): Plan {
  const leaders = leadersOf(yard);
  if (leaders.size === 0) return plan;
  const byNumber = new Map(plan.stations.map((station) => [station.number, station]));
  return {
    ...plan,
    stations: plan.stations.map((station) => {
      const leader = byNumber.get(leaders.get(station.number) ?? NaN);
      if (!leader) return station;
      const { cycleSeconds: _cycle, soakSeconds: _soak, ...rest } = station;
      return {
        ...rest,
        ...(leader.cycleSeconds !== undefined && { cycleSeconds: leader.cycleSeconds }),
        ...(leader.soakSeconds !== undefined && { soakSeconds: leader.soakSeconds }),
      };
    }),
    programs: plan.programs.map((program) => {
      const secondsOf = new Map(program.runs.map(({ station, seconds }) => [station, seconds]));
      const own = program.runs.filter(({ station }) => !leaders.has(station));
      const following = [...leaders].flatMap(([station, leader]) => {
        const seconds = secondsOf.get(leader);
        return seconds === undefined || !byNumber.has(station) ? [] : [{ station, seconds }];
      });
      if (following.length === 0 && own.length === program.runs.length) return program;
      const order = (station: number) => program.runs.findIndex((run) => run.station === station);
      const isListed = plan.timer.stationOrder === 'listed';
      return {
        ...program,
        runs: [...own, ...following].sort((a, b) =>
          isListed ? placeOf(order(a.station)) - placeOf(order(b.station)) : a.station - b.station,
        ),
      };
    }),
  };
}

/** What is new in a list stands at its end. */
const placeOf = (index: number): number => (index < 0 ? Number.MAX_SAFE_INTEGER : index);
