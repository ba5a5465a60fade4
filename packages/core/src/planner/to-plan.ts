import type { Arranged } from './arrange.js';
import { PLAN_FORMAT } from '../settings/index.js';
import { timeOfDay } from './night.js';
import type { Situation } from './situation.js';

type Raw = Readonly<Record<string, unknown>>;

/**
 * The plan document of arranged programs: site, timer, controller and rules as the brief has them,
 * word for word, without what a plan file does not know; kept programs and their stations as they are.
 */
export function planDocument(
  document: Raw,
  situation: Situation,
  programs: readonly Arranged[],
): Raw {
  const { site, timer, controller, rules, name } = document;
  const { kept } = situation.standing;
  const order = situation.brief.timer.programs;
  const cycles = new Map(
    programs.flatMap(({ draft }) =>
      draft.shares.map(({ job, cycleSeconds }) => [job.station.number, cycleSeconds] as const),
    ),
  );
  const { earliestStart: _earliest, ...planRules } = (rules ?? {}) as Raw;
  return {
    format: PLAN_FORMAT,
    ...(name !== undefined && { name }),
    ...(site !== undefined && { site }),
    timer,
    ...(controller !== undefined && { controller }),
    ...(rules !== undefined && { rules: planRules }),
    stations: [
      ...(document['stations'] as Raw[]).map((station) => plannedStation(station, cycles)),
      ...((kept?.stations ?? []) as unknown as Raw[]),
    ].sort((a, b) => (a['number'] as number) - (b['number'] as number)),
    programs: [
      ...labelled(situation, programs).map(([id, { draft, choice, starts }]) => ({
        id,
        starts: [...starts].map(timeOfDay).sort(),
        days: choice.rule,
        ...(choice.blockedWeekdays.length > 0 && { blockedWeekdays: choice.blockedWeekdays }),
        ...(draft.concurrent > 1 && { concurrent: draft.concurrent }),
        runs: draft.shares.map(({ job, seconds }) => ({ station: job.station.number, seconds })),
      })),
      ...(kept?.programs ?? []),
    ].sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id)),
  };
}

/** A station of the brief as a plan file has it, with its cycle if it is cut. */
function plannedStation(station: Raw, cycles: ReadonlyMap<number, number | null>): Raw {
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
}

/** Free labels, given in the order in which programs start. */
function labelled({ labels }: Situation, programs: readonly Arranged[]): [string, Arranged][] {
  const inOrder = [...programs].sort((a, b) => a.starts[0]! - b.starts[0]!);
  return inOrder.map((program, index) => [labels[index]!, program]);
}
