import type { Plan } from '../settings/index.js';
import { rule, type FindingFacts } from './finding.js';

/** Hours without watering, or hours of a program's own, on a timer that does not keep them. */
export const windowUnsupported = rule('window-unsupported', 'error', ({ plan }) => [
  ...withoutWater(plan),
  ...ownHours(plan),
]);

function withoutWater({ timer, controller }: Plan): FindingFacts[] {
  const [first] = controller.noWater;
  if (timer.noWaterWindows || !first) return [];
  return [
    {
      message: `Hours without watering are set (${first.from} to ${first.to}), but this timer has no such setting and waters through them.`,
      fix: 'Clear these hours, and choose starts that avoid them.',
    },
  ];
}

function ownHours({ timer, programs }: Plan): FindingFacts[] {
  if (timer.programWindows) return [];
  return programs.flatMap(({ id, waterWindows }) => {
    const [first] = waterWindows;
    if (!first) return [];
    return [
      {
        program: id,
        message: `Program ${id} has hours of its own (${first.from} to ${first.to}), but this timer has no such setting and waters outside of them too.`,
        fix: `Drop the hours of program ${id}, and choose starts that keep it within them.`,
      },
    ];
  });
}
