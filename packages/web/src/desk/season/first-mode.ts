import type { TableMode } from '@water-clock/core/season-steps';
import type { Plan } from '@water-clock/core/settings';

/** The ways of setting percentages that the timer has, but for the weather's. */
export const tableModes = ({ timer }: Pick<Plan, 'timer'>): TableMode[] =>
  (timer.season?.modes ?? ['whole']).flatMap((mode) => (mode === 'weather' ? [] : [mode]));

/** The way that a season opens on: the one that is set, where the timer has it. */
export function firstMode(plan: Plan): TableMode {
  const modes = tableModes(plan);
  return modes.find((mode) => mode === plan.controller.season.mode) ?? modes[0] ?? 'whole';
}
