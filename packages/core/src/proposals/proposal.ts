import {
  MonthlySeason,
  ProgramSeason,
  WholeSeason,
  type Plan,
  type ProgramSettings,
  type SeasonSetting,
} from '../settings/index.js';

/**
 * What would be on the timer with a plan that was made for it: its programs, cycles and soaks, at
 * 100 %. All else, the yard's facts, the clock, sensor and pauses, stays as it is.
 */
export function proposalOn(present: Plan, planned: Plan): Plan {
  const plannedStations = new Map(planned.stations.map((station) => [station.number, station]));
  return {
    ...present,
    controller: { ...present.controller, season: hundredPercent(present) },
    stations: present.stations.map((station) => {
      const own = plannedStations.get(station.number);
      return own ? withCycle(station, own) : station;
    }),
    programs: present.timer.programs.flatMap((id): ProgramSettings[] => {
      const own = planned.programs.find((program) => program.id === id);
      if (own) return [own];
      const before = present.programs.find((program) => program.id === id);
      return before ? [emptied(before)] : [];
    }),
  };
}

/** The present settings with only some of the proposal's programs, and those programs' stations' cycles. */
export function withPrograms(present: Plan, proposal: Plan, ids: readonly string[]): Plan {
  const isTaken = (id: string) => ids.includes(id);
  const stations = new Map(
    proposal.programs
      .filter(({ id }) => isTaken(id))
      .flatMap(({ runs }) => runs.map(({ station }) => station))
      .map((number) => [number, proposal.stations.find((one) => one.number === number)!]),
  );
  return {
    ...present,
    controller: ids.length > 0 ? proposal.controller : present.controller,
    stations: present.stations.map((station) => {
      const own = stations.get(station.number);
      return own ? withCycle(station, own) : station;
    }),
    programs: present.timer.programs.flatMap((id): ProgramSettings[] => {
      const from = isTaken(id) ? proposal : present;
      return from.programs.filter((program) => program.id === id);
    }),
  };
}

/** Programs that are set otherwise in the proposal. */
export const changedPrograms = (present: Plan, proposal: Plan): string[] =>
  present.timer.programs.filter((id) => {
    const of = ({ programs, stations }: Plan) => {
      const program = programs.find((one) => one.id === id);
      const cycles = program?.runs.map(({ station }) => {
        const { cycleSeconds, soakSeconds } = stations.find(({ number }) => number === station)!;
        return [cycleSeconds, soakSeconds];
      });
      return JSON.stringify([program && sorted(program), cycles]);
    };
    return of(present) !== of(proposal);
  });

const sorted = (value: object): unknown =>
  Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1));

const withCycle = <Station extends { cycleSeconds?: number; soakSeconds?: number }>(
  station: Station,
  { cycleSeconds, soakSeconds }: { cycleSeconds?: number; soakSeconds?: number },
): Station => {
  const { cycleSeconds: _cycle, soakSeconds: _soak, ...rest } = station;
  return {
    ...(rest as Station),
    ...(cycleSeconds !== undefined && { cycleSeconds }),
    ...(soakSeconds !== undefined && { soakSeconds }),
  };
};

/** A program that waters nothing; one that counts hours counts none. */
const emptied = (program: ProgramSettings): ProgramSettings => ({
  ...program,
  ...(program.days.mode === 'hours' && { days: { mode: 'weekdays', weekdays: [] } }),
  starts: [],
  runs: [],
});

/** 100 % in the way that is set now, or else in one that the timer has. */
function hundredPercent({ controller, timer }: Plan): SeasonSetting {
  // What the weather sets stays between its bounds; times are those at 100 % all the same.
  if (controller.season.mode === 'program' || controller.season.mode === 'weather')
    return controller.season;
  const modes = timer.season?.modes ?? ['whole'];
  if (modes.includes('whole')) return new WholeSeason();
  return modes.includes('program')
    ? new ProgramSeason()
    : Object.assign(new MonthlySeason(), { percents: Array.from({ length: 12 }, () => 100) });
}
