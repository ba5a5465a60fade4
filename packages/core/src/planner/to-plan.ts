import type { Arranged } from './arrange.js';
import type { Brief } from './brief.js';
import { timeOfDay } from './situation.js';

type Raw = Readonly<Record<string, unknown>>;

/**
 * The plan document of arranged programs: site, timer, controller and rules as the brief has them,
 * word for word, without what a plan file does not know.
 */
export function planDocument(document: Raw, brief: Brief, programs: readonly Arranged[]): Raw {
  const { site, timer, controller, rules, name } = document;
  const cycles = new Map(
    programs.flatMap(({ draft }) =>
      draft.shares.map(({ job, cycleSeconds }) => [job.station.number, cycleSeconds] as const),
    ),
  );
  const { earliestStart: _earliest, ...planRules } = (rules ?? {}) as Raw;
  return {
    format: 'waterclock.plan/1',
    ...(name !== undefined && { name }),
    ...(site !== undefined && { site }),
    timer,
    ...(controller !== undefined && { controller }),
    ...(rules !== undefined && { rules: planRules }),
    stations: (document['stations'] as Raw[]).map((station) => {
      const { need: _need, maxPieceSeconds, ...facts } = station;
      const cycleSeconds = cycles.get(station['number'] as number) ?? null;
      return {
        ...facts,
        ...(maxPieceSeconds !== undefined && { runoffSeconds: maxPieceSeconds }),
        ...(cycleSeconds !== null && {
          cycleSeconds,
          soakSeconds: station['minSoakSeconds'] ?? 0,
        }),
      };
    }),
    programs: labelled(brief, programs).map(([id, { draft, choice, starts }]) => ({
      id,
      starts: [...starts].map(timeOfDay).sort(),
      days: choice.rule,
      ...(choice.blockedWeekdays.length > 0 && { blockedWeekdays: choice.blockedWeekdays }),
      ...(draft.concurrent > 1 && { concurrent: draft.concurrent }),
      runs: draft.shares.map(({ job, seconds }) => ({ station: job.station.number, seconds })),
    })),
  };
}

/** The timer's labels, given in the order in which programs start. */
function labelled(brief: Brief, programs: readonly Arranged[]): [string, Arranged][] {
  const inOrder = [...programs].sort((a, b) => a.starts[0]! - b.starts[0]!);
  return inOrder.map((program, index) => [brief.timer.programs[index]!, program]);
}
