import type { Plan } from '@water-clock/core/settings';
import {
  addStation,
  nextStationNumber,
  setRunTime,
  setStart,
  setStation,
  together,
  type PlanEdit,
} from '@water-clock/core/settings';
import { LENGTH_HINT, parseClock, parseLength } from '../../format/lengths';
import { blockCells } from '../../format/sheet-cells';
import type { PastedPart } from '../../ui/pasted-part';

export interface PastePlace {
  readonly row: number;
  readonly column: number;
  /** The row of the first station; rows above it are starts. */
  readonly firstStation: number;
}

type ReadCell = PlanEdit | string;

/**
 * A block from a spreadsheet as one edit, beginning at a cell: columns are name, cycle, soak, then
 * the programs. Rows beyond the last station become new stations. Each cell that cannot be read is named.
 */
export function pasteBlock(
  plan: Plan,
  text: string,
  { row, column, firstStation }: PastePlace,
): PastedPart<PlanEdit> {
  const edits: PlanEdit[] = [];
  const refused: string[] = [];
  let taken = 0;
  let working = plan;
  blockCells(text).forEach((cells, down) => {
    const at = row + down;
    let station: number | null = null;
    if (at >= firstStation) {
      const known = working.stations[at - firstStation];
      station = known?.number ?? nextStationNumber(working);
      if (station === null) {
        refused.push(`Row ${down + 1}: this timer has ${plan.timer.stations} stations.`);
        return;
      }
      if (!known) {
        const add = addStation(station);
        working = add(working);
        edits.push(add);
      }
    }
    cells.forEach((cell, right) => {
      const read = readCell(plan, cell.trim(), at, column + right, station);
      if (typeof read === 'string') refused.push(`Row ${down + 1}, column ${right + 1}: ${read}.`);
      else {
        edits.push(read);
        taken += 1;
      }
    });
  });
  return { edit: together(edits), taken, refused };
}

function readCell(
  plan: Plan,
  cell: string,
  row: number,
  column: number,
  station: number | null,
): ReadCell {
  const program = plan.timer.programs[column - 3];
  if (column >= 3 && program === undefined) return `"${cell}" is beyond the last program`;
  if (station === null) {
    const start = parseClock(cell);
    return start === undefined || program === undefined
      ? `"${cell}" is no time of day`
      : setStart(program, row, start);
  }
  if (column === 0) return setStation(station, { name: cell.slice(0, 200) });
  const seconds = parseLength(cell);
  if (seconds === undefined) return `"${cell}" is no length. ${LENGTH_HINT}`;
  if (column === 1) return setStation(station, { cycleSeconds: seconds ?? undefined });
  if (column === 2) return setStation(station, { soakSeconds: seconds ?? undefined });
  return setRunTime(program!, station, seconds);
}
