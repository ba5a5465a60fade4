import { lengthInWords } from '../../words/index.js';
import type { Plan } from '../../settings/index.js';
import type { FaultOf } from '../fault.js';
import type { FaultKind } from '../fault-kind.js';

const A_MINUTE = 60;
const USUAL_PERCENT = 100;

function withPercent(plan: Plan, { percent }: FaultOf<'percent'>): Plan {
  const controller = { ...plan.controller, season: { mode: 'whole' as const, percent } };
  return { ...plan, controller };
}

/** The season percentage is another one, for the whole timer. */
export const PERCENT: FaultKind<'percent'> = {
  flows: (believed, fault) =>
    believed.inWeather(believed.dryFlows(withPercent(believed.plan, fault))),
  inSettings: withPercent,
  size: ({ percent }, { plan }) => {
    const { season } = plan.controller;
    return Math.abs(percent - (season.mode === 'whole' ? season.percent : USUAL_PERCENT));
  },
  happens: ({ plan }, { percent }) => {
    const { season } = plan.controller;
    const before = season.mode === 'whole' ? `, not ${season.percent} %` : '';
    const says = `the season percentage is ${percent} %${before}`;
    const run = plan.programs.flatMap(({ runs }) => runs).find(({ seconds }) => seconds > 0);
    if (!run) return `${says}.`;
    const takes = Math.round((run.seconds * percent) / 100 / A_MINUTE) * A_MINUTE;
    return `${says}: station ${run.station}, set for ${lengthInWords(run.seconds)}, takes about ${lengthInWords(takes)}.`;
  },
  shows: 'Each station runs at its time, all of them for longer or shorter than they are set for.',
  tells: 'Look at the percentage before the run times are believed.',
  check: () => 'Read the season percentage on the timer, and by month where it has that.',
  mend: () =>
    'Set the percentage as it is meant to be, and leave it at 100 % where nobody is sure.',
};
