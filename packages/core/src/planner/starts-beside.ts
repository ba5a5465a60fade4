import {
  BETWEEN_TIMERS_SECONDS,
  clockErrorSeconds,
  compiledAlone,
  longestRun,
} from '../engine/index.js';
import type { Plan, ProgramSettings } from '../settings/index.js';
import { beginsOf, sideOf, type KeptStart } from './kept-starts.js';
import { choiceOf } from './day-choices.js';
import { DAY, nightSeconds } from './night.js';
import type { Situation } from './situation.js';

/** The hours that the other timers of the home take, over all starts, in true time. */
export const startsBeside = (situation: Situation): KeptStart[] =>
  situation.standing.beside.flatMap((plan) =>
    plan.programs
      .filter(({ enabled, runs }) => enabled && runs.length > 0)
      .flatMap((program) => startsOfProgram(situation, plan, program)),
  );

function startsOfProgram(situation: Situation, plan: Plan, program: ProgramSettings): KeptStart[] {
  const longest = longestRun(compiledAlone(plan, program));
  if (longest === 0) return [];
  const ahead = clockErrorSeconds(plan.controller);
  const { brief, calendar } = situation;
  const on = { calendar, brief: { ...brief, timer: plan.timer, controller: plan.controller } };
  const everyDay = choiceOf(situation, { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] }, []);
  return beginsOf(on, program).map(({ choice, from }): KeptStart => {
    const second = (from + DAY) % DAY;
    const trueSecond = second - ahead;
    // Where its true time lies on another date, its dates are not those that it counts by.
    const isOnOther = trueSecond < 0 || trueSecond >= DAY;
    const begin = nightSeconds(((trueSecond % DAY) + DAY) % DAY);
    return {
      choice: isOnOther ? everyDay : choice,
      side: sideOf(begin, begin + longest),
      from: begin - BETWEEN_TIMERS_SECONDS,
      to: begin + longest + BETWEEN_TIMERS_SECONDS,
    };
  });
}
