import { flowsOf } from '../../faults/index.js';
import { scoreOf, type Candidate, type Case } from '../candidate.js';

/** Of percentages next to each other that fit equally well, the middle one. */
export function percents({ believed, sightings }: Case): Candidate[] {
  const { timer, controller } = believed.plan;
  if (timer.season === null) return [];
  const { minPercent, maxPercent, stepPercent } = timer.season;
  const now = controller.season.mode === 'whole' ? controller.season.percent : null;
  const groups: Candidate[][] = [];
  for (let percent = minPercent; percent <= maxPercent; percent += stepPercent) {
    const fault = { code: 'percent' as const, percent };
    const one = { fault, fit: sightings.fit(flowsOf(believed, fault)) };
    const last = groups.at(-1);
    const isAlike = last !== undefined && scoreOf(last[0]!.fit) === scoreOf(one.fit);
    if (isAlike) last.push(one);
    else groups.push([one]);
  }
  return groups
    .filter(
      (group) => !group.some(({ fault }) => fault.code === 'percent' && fault.percent === now),
    )
    .map((group) => group[Math.floor(group.length / 2)]!);
}
