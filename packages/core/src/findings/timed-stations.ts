import type { Plan, StationRun } from '../settings/index.js';
import type { FindingFacts } from './finding.js';
import { timedRuns, type Situation } from './situation.js';
import { stationWords } from './place-words.js';

/** One finding for each station time of each program, enabled or not, that `isWrong`. */
export function wrongTimes(
  situation: Situation,
  isWrong: (run: StationRun, plan: Plan) => boolean,
  words: (place: {
    program: string;
    name: string;
    run: StationRun;
  }) => Pick<FindingFacts, 'message' | 'fix'>,
): FindingFacts[] {
  return situation.plan.programs.flatMap((program) =>
    timedRuns(program)
      .filter((run) => isWrong(run, situation.plan))
      .map((run) => ({
        program: program.id,
        station: run.station,
        ...words({ program: program.id, name: stationWords(situation.station(run.station)), run }),
      })),
  );
}
