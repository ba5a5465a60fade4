import { simulate, simulationReport, type DateRange } from '@water-clock/core/engine';
import type { Plan } from '@water-clock/core/settings';
import Papa from 'papaparse';

/** All water of the runs that begin on the dates of a range, a line each piece, as CSV. */
export function runsCsv(plan: Plan, range: DateRange): string {
  const names = new Map(plan.stations.map(({ number, name }) => [number, name ?? '']));
  const { pieces } = simulationReport(simulate(plan, range));
  return Papa.unparse(
    pieces.map(({ program, startNumber, station, piece, from, to }) => ({
      from: from.replace('T', ' '),
      to: to.replace('T', ' '),
      program,
      start: startNumber,
      station,
      name: names.get(station),
      piece,
    })),
    // What a spreadsheet would work out is text there.
    { newline: '\n', escapeFormulae: true },
  );
}
